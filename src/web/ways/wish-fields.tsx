import { type ReactNode, useId } from 'react';
import type { StockItem } from '../../core/stock/stock.ts';
import { Check } from '../kit/check.tsx';
import { numberTyped } from '../kit/number-typed.ts';

interface WishFieldProps {
  readonly label: ReactNode;
  readonly hint: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly text?: boolean;
}

/** One limit of a search, with what it is now as a hint. */
export function WishField({ label, hint, value, onChange, text = false }: WishFieldProps) {
  const id = useId();
  return (
    <div>
      <label className="label" htmlFor={id}>
        {label}
      </label>
      <input
        id={id}
        inputMode={text ? 'text' : 'decimal'}
        className="field"
        placeholder={hint}
        value={value}
        aria-invalid={!text && value.trim() !== '' && numberTyped(value) === null}
        onChange={(e) => onChange(e.target.value)}
      />
    </div>
  );
}

interface HouseOnlyProps {
  readonly stock: readonly StockItem[];
  readonly value: boolean;
  readonly onChange: (only: boolean) => void;
}

/** Whether only what is in the house may come in; nothing to ask where nobody wrote down what is. */
export function HouseOnly({ stock, value, onChange }: HouseOnlyProps) {
  if (!stock.some((s) => !s.lacking && s.foodId !== null)) return null;
  return (
    <Check checked={value} onCheck={onChange} className="self-end">
      only with what is in the house
    </Check>
  );
}
