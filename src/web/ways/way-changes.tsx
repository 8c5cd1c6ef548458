import { isSmallerPlate } from '../../core/counting/count-version.ts';
import { formatShare } from '../../core/program/format-points.ts';
import { departureSaid } from '../../core/swap/departure-words.ts';
import type { LineChoice, LineChoices } from '../../core/ways/line-choices.ts';
import type { Way } from '../../core/ways/way.ts';
import { whatItBuys } from '../../core/ways/what-it-buys.ts';
import type { CountingEater } from '../context/household-context.ts';
import type { WayWords } from './way-words.ts';

interface WayChangesProps {
  readonly way: Way;
  /** What there was to choose from. */
  readonly choices: readonly LineChoices[];
  readonly words: WayWords;
}

/** What a way changes, line by line: before and after, what each buys everyone, and what has to be got for it. */
export function WayChanges({ way, choices, words }: WayChangesProps) {
  const smaller = isSmallerPlate({ servingGrams: way.grams }, { servingGrams: words.grams });
  const dishes = [...new Set(way.changes.map((c) => words.dishOf?.(c.lineId) ?? ''))];
  const toGet = words.toGet(way.changes);
  return (
    <>
      {smaller && (
        <p className="text-mustard text-sm">
          A smaller plate: {Math.round(way.grams)} g instead of {Math.round(words.grams)} g.
        </p>
      )}
      <div className="mt-2 flex-1">
        {way.changes.length === 0 && <p className="text-soft">Nothing has to change.</p>}
        {dishes.map((dish) => (
          <div key={dish}>
            {dish !== '' && <h4 className="mt-1 font-semibold">{dish}</h4>}
            <ul>
              {way.changes
                .filter((c) => (words.dishOf?.(c.lineId) ?? '') === dish)
                .map((c) => (
                  <li key={c.lineId} className="border-rule border-t py-1.5">
                    <span className="text-soft line-through">{c.from}</span> → {c.to}
                    {whyGone(c, choices).map((why) => (
                      <span key={why} className="block text-mustard text-sm">
                        {why}
                      </span>
                    ))}
                    <span className="block text-soft text-sm">{boughtWords(c, choices, words.eaters)}</span>
                  </li>
                ))}
            </ul>
          </div>
        ))}
        {toGet.length > 0 && <p className="pt-1 text-soft text-sm">To get: {toGet.join(', ')}.</p>}
      </div>
    </>
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
