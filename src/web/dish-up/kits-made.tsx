import { useState } from 'react';
import type { Cook } from '../../core/cook/cook.ts';
import { cookProblems } from '../../core/cook/cook-problems.ts';
import type { Outcome } from '../../core/cook/divide.ts';
import type { VersionCount } from '../../core/counting/count-version.ts';
import type { Version } from '../../core/version/version.ts';
import { NumberField } from '../kit/number-field.tsx';

interface KitsMadeProps {
  readonly cook: Cook;
  readonly version: Version;
  readonly count: VersionCount;
  /** The share that is in kits already. */
  readonly taken: number;
  readonly onOut: (out: Pick<Cook, 'out' | 'gross' | 'vesselId'>) => void;
}

/** How many kits it was packed into, raw: each is what one dinner needs. */
export function KitsMade({ cook, version, count, taken, onOut }: KitsMadeProps) {
  const [kits, setKits] = useState<number | null>(cook.out?.amount ?? 2);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const raw = count.servingGrams * count.servings;
  const save = () => {
    const isWhole = kits !== null && Number.isInteger(kits) && kits <= 40;
    const out: Outcome = { by: 'pieces', amount: kits ?? Number.NaN, grams: raw > 0 ? raw : null, cut: null };
    const wrong =
      kits !== null && !isWhole
        ? ['Write how many kits, 1 to 40, as a whole number.']
        : cookProblems({ out, gross: null, tare: null, taken: [taken] });
    setProblems(wrong);
    if (wrong.length === 0) onOut({ out, gross: null, vesselId: null });
  };
  return (
    <section aria-label="What was packed">
      <h3 className="text-xl">Packed raw, for one dinner each</h3>
      <p className="text-soft">
        {version.servings === null
          ? 'Nobody said how many servings it makes: a kit is a part of the whole.'
          : `All of it makes ${version.servings} servings.`}
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <NumberField label="into how many kits" className="w-40 max-w-full" value={kits} onValue={setKits} />
        <button type="button" className="btn btn-main" onClick={save}>
          {cook.out === null ? 'Pack it raw' : 'Change it'}
        </button>
      </div>
      {problems.length > 0 && (
        <ul className="note mt-3" role="alert">
          {problems.map((p) => (
            <li key={p}>{p}</li>
          ))}
        </ul>
      )}
    </section>
  );
}
