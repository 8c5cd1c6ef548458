import { useState } from 'react';
import { type BoxKind, boxKindWords } from '../../core/cook/box-kind.ts';
import { Check } from '../kit/check.tsx';
import { NumberField } from '../kit/number-field.tsx';
import type { Row } from '../saving/use-document.ts';

interface BoxKindsProps {
  readonly kinds: readonly Row<BoxKind>[];
  readonly onKeep: (kind: Omit<BoxKind, 'id'>) => void;
  readonly onRemove: (kind: Row<BoxKind>) => Promise<void>;
  readonly onClose: () => void;
}

/** The kinds of boxes of a household, and one more. */
export function BoxKinds({ kinds, onKeep, onRemove, onClose }: BoxKindsProps) {
  const [name, setName] = useState('');
  const [millilitres, setMillilitres] = useState<number | null>(null);
  const [parts, setParts] = useState<number | null>(1);
  const [grams, setGrams] = useState<number | null>(null);
  const [microwave, setMicrowave] = useState(true);
  const [freezer, setFreezer] = useState(true);
  const [wrong, setWrong] = useState<string | null>(null);
  const keep = () => {
    const isAmount = (n: number | null): boolean => n === null || n > 0;
    if (name.trim() === '') return setWrong('Give it a name, such as flat box.');
    if (!isAmount(millilitres) || !isAmount(grams))
      return setWrong('Write what it holds and what it weighs as numbers above 0, or leave them empty.');
    if (parts === null || !Number.isInteger(parts) || parts < 1 || parts > 12)
      return setWrong('A box has 1 to 12 parts.');
    onKeep({ name: name.trim(), millilitres, parts, grams, microwave, freezer });
  };
  return (
    <div className="panel mt-3 p-3">
      {kinds.length > 0 && (
        <ul className="mb-3">
          {kinds.map((k) => (
            <li key={k.id} className="flex flex-wrap items-center gap-x-3 border-rule border-b py-1">
              <span className="min-w-40 flex-1">
                {k.name}
                <span className="block text-sm text-soft">{boxKindWords(k)}</span>
              </span>
              <button type="button" className="btn btn-plain btn-small" onClick={() => void onRemove(k)}>
                Remove
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <label className="min-w-40 flex-1">
          <span className="label">what the box is called</span>
          <input
            className="field"
            maxLength={80}
            placeholder="flat glass box"
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <NumberField label="holds, ml" className="w-28" value={millilitres} onValue={setMillilitres} />
        <NumberField label="parts" className="w-20" value={parts} onValue={setParts} />
        <NumberField label="box empty, g" className="w-28" value={grams} onValue={setGrams} />
      </div>
      <div className="mt-2 flex flex-wrap gap-x-6">
        <Check checked={microwave} onCheck={setMicrowave}>
          may go into the microwave
        </Check>
        <Check checked={freezer} onCheck={setFreezer}>
          may be frozen
        </Check>
      </div>
      <p role="alert" className="text-beet text-sm">
        {wrong}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={keep}>
          Keep this box
        </button>
        <button type="button" className="btn btn-plain" onClick={onClose}>
          Not now
        </button>
      </div>
    </div>
  );
}
