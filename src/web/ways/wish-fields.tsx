import { type ReactNode, useId } from 'react';
import type { StockItem } from '../../core/stock/stock.ts';
import type { CountingEater } from '../context/household-context.ts';
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

interface VaryingProps {
  readonly eaters: readonly CountingEater[];
  readonly value: number;
  readonly onChange: (at: number) => void;
}

/** Whose points the frontier is drawn for; nothing to ask where one eater counts. */
export function VaryingSelect({ eaters, value, onChange }: VaryingProps) {
  const id = useId();
  if (eaters.length < 2) return null;
  return (
    <div>
      <label className="label" htmlFor={id}>
        Show all points for
      </label>
      <select id={id} className="field" value={value} onChange={(e) => onChange(Number(e.target.value))}>
        {eaters.map((e, i) => (
          <option key={e.eater.id} value={i}>
            {e.eater.name}, {e.program.mark}
          </option>
        ))}
      </select>
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
    <label className="flex items-center gap-2 self-end pb-2">
      <input type="checkbox" checked={value} onChange={(e) => onChange(e.target.checked)} />
      only with what is in the house
    </label>
  );
}
