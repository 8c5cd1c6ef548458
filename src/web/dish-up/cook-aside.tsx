import { carriedAdvice, KIT_ADVICE } from '../../core/cook/box-advice.ts';
import type { Box, Cook, CookVerdict } from '../../core/cook/cook.ts';
import { countShare, wholeOf } from '../../core/cook/count-share.ts';
import type { Frozen } from '../../core/cook/frozen.ts';
import { keepsTooLong } from '../../core/cook/keep-until.ts';
import { takenWords } from '../../core/cook/outcome-words.ts';
import { dishKindOf } from '../../core/dish/dish-kind.ts';
import type { Food } from '../../core/food/food.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import type { Version } from '../../core/version/version.ts';
import { isHeated } from '../../core/yield/cooked-share.ts';
import { Pictures } from '../components/pictures.tsx';
import { TakeFromStock } from '../components/take-from-stock.tsx';
import { Verdicts } from '../components/verdicts.tsx';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { numberTyped } from '../kit/number-typed.ts';
import { useTyped } from '../kit/use-typed.ts';
import { Division } from './division.tsx';

interface CookAsideProps {
  readonly cook: Cook;
  readonly version: Version;
  readonly title: string;
  /** What it would be counted from now. */
  readonly live: Frozen;
  readonly boxes: readonly Box[];
  readonly left: number;
  readonly foods: readonly Food[];
  readonly onNote: (note: string) => void;
  readonly onMinutes: (minutes: number | null) => void;
  readonly onSaid: (eaterId: string, verdict: CookVerdict | null) => void;
}

/** The record of a cook: where it went, what all of it counts, pictures, verdicts, notes, and the cautions. */
export function CookAside({
  cook,
  version,
  title,
  live,
  boxes,
  left,
  foods,
  onNote,
  onMinutes,
  onSaid,
}: CookAsideProps) {
  const { page, food } = useOpenRecipe();
  const { out, frozen } = cook;
  const isKit = cook.as === 'kits';
  const kcal = wholeOf(frozen ?? live).kcal.value;
  const told = keepsTooLong([page.recipe.notes, ...version.steps.map((s) => s.text)].join('\n'));
  const advice = isKit ? KIT_ADVICE : carriedAdvice(foods, isHeated(version), dishKindOf(version, title, food));
  return (
    <aside aria-label="All of it" className="grid gap-4 desk:sticky desk:top-4">
      {out !== null && frozen !== null && (
        <section aria-label="Where it went" className="panel p-4">
          <h3 className="text-lg">Where it went</h3>
          <Division out={out} plates={cook.plates} boxes={boxes} left={left} />
          <p className="mt-2 text-soft">
            {left > 1e-6
              ? `${takenWords(out, left)} still ${isKit ? 'to be packed' : 'in the pot'}.`
              : `Nothing is left ${isKit ? 'to pack' : 'in the pot'}.`}
          </p>
          <ul className="mt-2">
            {frozen.counters.map((c) => (
              <li key={c.key} className="flex items-baseline justify-between border-rule border-t py-1.5">
                <span>
                  <span className="mark mr-2">{c.mark}</span>
                  all of it
                </span>
                <strong className="font-head text-lg">{formatPoints(countShare(frozen, c.key, 1).points)}</strong>
              </li>
            ))}
            {kcal !== null && (
              <li className="flex items-baseline justify-between border-rule border-t py-1.5 text-soft">
                <span>all of it</span>
                <span>{Math.round(kcal)} kcal</span>
              </li>
            )}
          </ul>
        </section>
      )}
      {!isKit && <MinutesTaken key={cook.minutes ?? 'none'} minutes={cook.minutes} onMinutes={onMinutes} />}
      <label className="block">
        <span className="label">For the next time</span>
        <textarea
          key={cook.note}
          className="field min-h-24"
          maxLength={4000}
          placeholder="less salt, five minutes longer"
          defaultValue={cook.note}
          onBlur={(e) => {
            if (e.target.value !== cook.note) onNote(e.target.value);
          }}
        />
      </label>
      {!isKit && (
        <Pictures recipeId={page.recipe.id} title={title} pictures={page.pictures} kind="dish" cookId={cook.id} />
      )}
      {frozen !== null && !isKit && (
        <Verdicts version={version} food={food} open said={cook.verdicts} onSaid={onSaid} />
      )}
      {told !== null && <p className="note">{told}</p>}
      {!cook.tookStock && (
        <p>
          <TakeFromStock versionId={version.id} />
        </p>
      )}
      <ul className="space-y-1 text-sm text-soft">
        {!isKit && <li>Chill what is kept within 2 hours. (USDA FSIS)</li>}
        {advice.map((a) => (
          <li key={a.words}>
            {a.words} ({a.source})
          </li>
        ))}
      </ul>
    </aside>
  );
}

interface MinutesTakenProps {
  readonly minutes: number | null;
  readonly onMinutes: (minutes: number | null) => void;
}

/** Nothing typed is nothing known. */
const minutesTyped = (text: string): number | null | undefined => {
  const n = numberTyped(text);
  return text.trim() === '' ? null : n !== null && n > 0 && n <= 10_000 ? n : undefined;
};

/** How long it took, from the first cut to the table. */
function MinutesTaken({ minutes, onMinutes }: MinutesTakenProps) {
  const { field } = useTyped(minutes === null ? '' : String(minutes), minutesTyped, onMinutes);
  return (
    <label className="block">
      <span className="label">It took, minutes</span>
      <input inputMode="decimal" autoComplete="off" className="field w-32 max-w-full" {...field} />
    </label>
  );
}
