import { isSmallerPlate } from '../../core/counting/count-version.ts';
import { formatPoints, formatShare } from '../../core/program/format-points.ts';
import { departureSaid } from '../../core/swap/departure-words.ts';
import type { LineChoice, LineChoices } from '../../core/ways/line-choices.ts';
import type { Way } from '../../core/ways/way.ts';
import { whatItBuys } from '../../core/ways/what-it-buys.ts';
import type { CountingEater } from '../context/household-context.ts';

/** How the ways of a search are shown: for whom, what there is now, and what can be said of a change. */
export interface WayWords {
  readonly eaters: readonly CountingEater[];
  /** What points are of: "a serving", "of the plate". */
  readonly each: string;
  /** What a plate weighs now, g. */
  readonly grams: number;
  /** The dish of a line, where there are several. */
  readonly dishOf?: (lineId: string) => string;
  /** What has to be bought for a change, in words; empty when it is there or nobody said what is. */
  readonly toGet: (changes: readonly LineChoice[]) => readonly string[];
  readonly onTake: (changes: readonly LineChoice[], label: string) => void;
}

interface WayCardProps {
  readonly way: Way;
  readonly title: string;
  /** What there was to choose from. */
  readonly choices: readonly LineChoices[];
  readonly words: WayWords;
}

/** A way: what it comes to for everyone, what it changes, and the button that takes it. */
export function WayCard({ way, title, choices, words }: WayCardProps) {
  const smaller = isSmallerPlate({ servingGrams: way.grams }, { servingGrams: words.grams });
  const dishes = [...new Set(way.changes.map((c) => words.dishOf?.(c.lineId) ?? ''))];
  const toGet = words.toGet(way.changes);
  return (
    <section aria-label={title} className="panel flex flex-col p-3">
      <h3 className="text-base first-letter:uppercase">{title}</h3>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-3">
        {words.eaters.map((e, i) => (
          <span key={e.eater.id}>
            <span className="mark">{e.program.mark}</span>{' '}
            <strong className="font-head text-xl">{formatPoints(way.points[i]!)}</strong>
          </span>
        ))}
        <span className="text-soft text-sm">
          {way.kcal === null ? '' : `${Math.round(way.kcal)} kcal · `}
          {Math.round(way.grams)} g · departs {departureSaid(way.departure)}
        </span>
      </p>
      {smaller && (
        <p className="text-mustard text-sm">
          A smaller plate: {Math.round(way.grams)} g instead of {Math.round(words.grams)} g.
        </p>
      )}
      <div className="mt-2 flex-1 text-sm">
        {way.changes.length === 0 && <p className="text-soft">Nothing has to change.</p>}
        {dishes.map((dish) => (
          <div key={dish}>
            {dish !== '' && <h4 className="mt-1 font-semibold">{dish}</h4>}
            <ul>
              {way.changes
                .filter((c) => (words.dishOf?.(c.lineId) ?? '') === dish)
                .map((c) => (
                  <li key={c.lineId} className="border-rule border-t py-1">
                    <span className="text-soft line-through">{c.from}</span> → {c.to}
                    {whyGone(c, choices).map((why) => (
                      <span key={why} className="block text-mustard">
                        {why}
                      </span>
                    ))}
                    <span className="block text-soft">{boughtWords(c, choices, words.eaters)}</span>
                  </li>
                ))}
            </ul>
          </div>
        ))}
        {toGet.length > 0 && <p className="pt-1 text-soft">To get: {toGet.join(', ')}.</p>}
      </div>
      {way.changes.length > 0 && (
        <button
          type="button"
          className="btn mt-2 self-start"
          onClick={() => words.onTake(way.changes, `Way: ${title}`)}
        >
          Take this way
        </button>
      )}
    </section>
  );
}

/** For whom a line must go, and why; nothing of one that may stay. */
const whyGone = (change: LineChoice, choices: readonly LineChoices[]): readonly string[] =>
  choices.find((l) => l.lineId === change.lineId)?.mustGo ?? [];

/** What a change buys everyone, and what it costs. */
function boughtWords(change: LineChoice, choices: readonly LineChoices[], eaters: readonly CountingEater[]): string {
  const bought = whatItBuys(change, choices);
  const departs = `departs ${departureSaid(change.departure)}`;
  if (bought === null)
    return change.departure === 0
      ? 'must go first, whatever is aimed at'
      : `must go, and goes farther than it has to: ${departs}`;
  return `buys ${bought.map((b, i) => `${eaters[i]!.program.mark} ${formatShare(b)}`).join(' · ')}, ${departs}`;
}
