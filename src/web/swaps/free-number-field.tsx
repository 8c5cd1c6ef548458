import { useState } from 'react';
import { trimmed } from '../../core/quantity/format-amount.ts';

interface FreeNumberFieldProps {
  readonly label: string;
  readonly value: number;
  readonly onValue: (value: number) => void;
  /** Whether the label stands above the field; else it is for screen readers. */
  readonly shown?: boolean;
}

/** A number typed freely: what is no number reaches the form as such, and is said there. */
export function FreeNumberField({ label, value, onValue, shown = false }: FreeNumberFieldProps) {
  const [text, setText] = useState(() => (Number.isFinite(value) ? trimmed(value, 1) : ''));
  return (
    <label>
      <span className={shown ? 'label' : 'sr-only'}>{label}</span>
      <input
        inputMode="decimal"
        className="field w-20"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          onValue(e.target.value.trim() === '' ? Number.NaN : Number(e.target.value.replace(',', '.')));
        }}
      />
    </label>
  );
}
