import { useState } from 'react';
import { trimmed } from '../../core/quantity/format-amount.ts';

interface NumberFieldProps {
  readonly label: string;
  /** null is empty. */
  readonly value: number | null;
  /** Gets null for an emptied field, NaN for what is no number. */
  readonly onValue: (value: number | null) => void;
  readonly labelled?: 'above' | 'unseen';
  readonly placeholder?: string;
  readonly className?: string;
}

const TYPED_NUMBER = /^[-−]?\d*[.,]?\d*$/;

/** A number as people type it, with a comma or a point; what is none is marked and told to the form. */
export function NumberField(props: NumberFieldProps) {
  const { label, value, onValue, labelled = 'above', placeholder, className = '' } = props;
  const [text, setText] = useState(() => (value === null || Number.isNaN(value) ? '' : trimmed(value, 6)));
  const read = (typed: string): number | null => {
    const said = typed.trim();
    if (said === '') return null;
    return TYPED_NUMBER.test(said) ? Number.parseFloat(said.replace('−', '-').replace(',', '.')) : Number.NaN;
  };
  return (
    <label className={`block min-w-0 ${className}`}>
      <span className={labelled === 'above' ? 'label' : 'sr-only'}>{label}</span>
      <input
        inputMode="decimal"
        autoComplete="off"
        className="field"
        placeholder={placeholder}
        value={text}
        aria-invalid={Number.isNaN(read(text) ?? 0)}
        onChange={(e) => {
          setText(e.target.value);
          onValue(read(e.target.value));
        }}
      />
    </label>
  );
}
