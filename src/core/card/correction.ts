import { formatPoints } from '../program/format-points.ts';
import { formatDay } from '../quantity/format-day.ts';
import type { Card } from './card.ts';
import { type Corrected, WRONG_BEFORE_WORDS } from './corrected.ts';

/** What a card says of the one before it. */
export const correctionOf = (
  before: Pick<Card, 'programs' | 'kcal'>,
  now: Pick<Card, 'countedOn'>,
  { why, words }: Pick<Corrected, 'why' | 'words'>,
): Corrected => ({
  on: now.countedOn,
  why,
  words: words.trim(),
  was: before.programs.map(({ mark, points }) => ({ mark, points })),
  kcalWas: before.kcal,
});

/**
 * What was wrong before, in one line; null where a card was not published again.
 *
 * @example correctedWords(card) // 'Corrected 1 Dec 2026: the values of a food were wrong. Before it said LE 9 · HA 8.'
 */
export function correctedWords(card: Pick<Card, 'corrected'>): string | null {
  if (card.corrected === null) return null;
  const { on, why, words, was } = card.corrected;
  const own = words === '' ? '' : ` ${endedSentence(words)}`;
  const said = was.map((w) => `${w.mark} ${formatPoints(w.points)}`).join(' · ');
  return `Corrected ${formatDay(on)}: ${WRONG_BEFORE_WORDS[why]}.${own} Before it said ${said}.`;
}

const endedSentence = (words: string): string => (/[.!?]$/.test(words) ? words : `${words}.`);

/**
 * A short correction to paste under an old post; null where a card was not published again.
 *
 * @param url where the card is; null where it has no link
 */
export function correctionText(
  card: Pick<Card, 'corrected' | 'title' | 'programs' | 'kcal'>,
  url: string | null,
): string | null {
  if (card.corrected === null) return null;
  const { why, words, was, kcalWas } = card.corrected;
  const moved = card.programs.flatMap((p) => {
    const before = was.find((w) => w.mark === p.mark);
    if (before === undefined || before.points === p.points) return [];
    return [`${p.name} ${formatPoints(p.points)}, not ${formatPoints(before.points)}`];
  });
  const calories =
    card.kcal !== null && kcalWas !== null && Math.round(kcalWas) !== Math.round(card.kcal)
      ? [`${Math.round(card.kcal)} kcal, not ${Math.round(kcalWas)}`]
      : [];
  const numbers = moved.length === 0 ? ['The points stay as they were', ...calories] : [...moved, ...calories];
  const own = words === '' ? '' : ` ${endedSentence(words)}`;
  const because = `${WRONG_BEFORE_WORDS[why].charAt(0).toUpperCase()}${WRONG_BEFORE_WORDS[why].slice(1)}.`;
  return [
    `Correction to ${card.title}: ${numbers.join('; ')}.`,
    `${because}${own}`,
    ...(url === null ? [] : [url]),
  ].join('\n');
}
