import { useState } from 'react';
import { type Cook, NAMELESS, NAMELESS_WORDS } from '../../core/cook/cook.ts';
import { countShare } from '../../core/cook/count-share.ts';
import { type Outcome, piecesEach } from '../../core/cook/divide.ts';
import type { Frozen } from '../../core/cook/frozen.ts';
import { notForEater } from '../../core/cook/not-for-eater.ts';
import { takenWords } from '../../core/cook/outcome-words.ts';
import type { Food } from '../../core/food/food.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { namedTogether } from '../../core/quantity/named-together.ts';
import { useHousehold } from '../context/household-context.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { AimFor } from './aim-for.tsx';
import { OntoDays } from './onto-days.tsx';
import { PlateRow } from './plate-row.tsx';

interface PlatesOfCookProps {
  readonly cook: Cook;
  readonly frozen: Frozen;
  readonly out: Outcome;
  readonly servings: number;
  readonly foods: readonly Food[];
  /** The share that nobody has yet. */
  readonly free: number;
  readonly onPlates: (plates: Cook['plates']) => void;
  /** Refused in words where something is not known, or the eater must not have it. */
  readonly onBeside: (eaterId: string, texts: readonly string[]) => Promise<void>;
}

const UNIT_WORDS: Readonly<Record<Outcome['by'], string>> = { grams: 'g', pieces: 'pieces', cups: 'cups' };

/** Whose plate gets how much, in the unit in which it is divided or by the scale, and what that counts. */
export function PlatesOfCook({ cook, frozen, out, servings, foods, free, onPlates, onBeside }: PlatesOfCookProps) {
  const { eaters } = useHousehold();
  // What was counted or measured and weighed, too, can be taken by the scale: pieces are not all of one size.
  const canWeigh = out.by !== 'grams' && out.grams !== null;
  const [byScale, setByScale] = useState(false);
  const [allNameless, setAllNameless] = useState(false);
  const measured: Outcome =
    canWeigh && byScale ? { by: 'grams', amount: out.grams!, grams: out.grams, cut: null } : out;
  const portion = 1 / Math.max(1, servings);
  const set = (id: string, share: number) => {
    const { [id]: _, ...others } = cook.plates;
    onPlates(share > 0 ? { ...others, [id]: share } : others);
  };
  const people = [
    ...eaters.map((e) => ({ id: e.id as string, name: e.name, counts: true })),
    ...NAMELESS.filter((id) => allNameless || id === 'others' || (cook.plates[id] ?? 0) > 0).map((id) => ({
      id: id as string,
      name: NAMELESS_WORDS[id],
      counts: false,
    })),
  ];
  return (
    <section aria-label="On the plates">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h3 className="text-xl">On the plates, {UNIT_WORDS[measured.by]}</h3>
        <div className="flex flex-wrap gap-2">
          {canWeigh && (
            <OneOfFew
              label="How it is taken"
              value={byScale ? 'scale' : 'own'}
              choices={[
                { value: 'own', words: UNIT_WORDS[out.by] },
                { value: 'scale', words: 'by the scale' },
              ]}
              onPick={(v) => setByScale(v === 'scale')}
            />
          )}
          <button
            type="button"
            className="btn btn-small"
            onClick={() =>
              onPlates({
                ...cook.plates,
                ...Object.fromEntries(eaters.map((e) => [e.id, 1 / Math.max(servings, eaters.length)])),
              })
            }
          >
            A portion each
          </button>
        </div>
      </div>
      {out.by === 'pieces' && <SharedPieces frozen={frozen} out={out} />}
      {canWeigh && out.by === 'pieces' && byScale && (
        <p className="mt-1 text-sm text-soft">
          A piece is {Math.round(out.grams! / out.amount)} g in the mean: weigh the larger and the smaller ones.
        </p>
      )}
      <ul className="mt-2 border-rule border-t">
        {people.map((p) => (
          <PlateRow
            key={p.id}
            id={p.id}
            name={p.name}
            frozen={frozen}
            out={measured}
            pieces={out.by === 'pieces' && byScale ? out.amount : null}
            portion={portion}
            harm={notForEater(eaters.find((e) => e.id === p.id) ?? { name: p.name, allergies: [] }, foods)}
            share={cook.plates[p.id] ?? 0}
            free={free}
            beside={cook.beside[p.id] ?? null}
            onShare={(share) => set(p.id, share)}
            onBeside={p.counts ? (texts) => onBeside(p.id, texts) : null}
          />
        ))}
      </ul>
      {people.length < eaters.length + NAMELESS.length && (
        <button type="button" className="btn btn-plain btn-small mt-1" onClick={() => setAllNameless(true)}>
          Some was tasted, or cut off
        </button>
      )}
      <OntoDays cook={cook} />
      <AimFor cook={cook} frozen={frozen} out={out} free={free} onPlate={set} />
      {free > 1e-6 && <p className="mt-1 text-sm text-soft">{takenWords(out, free)} left to share.</p>}
    </section>
  );
}

/** What each gets of pieces that do not divide, and what that counts. */
function SharedPieces({ frozen, out }: { readonly frozen: Frozen; readonly out: Outcome }) {
  const { eaters } = useHousehold();
  const whole = Math.round(out.amount);
  const each = piecesEach(whole, Math.max(1, eaters.length));
  const [most = 0] = each;
  const least = each[each.length - 1] ?? 0;
  if (eaters.length < 2 || whole < 1 || most === least) return null;
  const points = (n: number): string =>
    namedTogether(
      [...new Set(frozen.counters.map((c) => countShare(frozen, c.key, n / out.amount).points))]
        .sort((a, b) => a - b)
        .map(formatPoints),
      'or',
    );
  const many = each.filter((n) => n === most).length;
  return (
    <p className="mt-1 text-soft">
      {whole} for {eaters.length}: {many === 1 ? 'one has' : `${many} have`} {most} ({points(most)} points), the others{' '}
      {least} ({points(least)}).
    </p>
  );
}
