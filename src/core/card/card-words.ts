import { formatPoints } from '../program/format-points.ts';
import { formatAmount } from '../quantity/format-amount.ts';
import { formatDay } from '../quantity/format-day.ts';
import { namedTogether } from '../quantity/named-together.ts';
import { servingWeightWords } from '../yield/cooked-share.ts';
import type { Card, CardProgram } from './card.ts';
import type { LineOffer } from './line-offers.ts';
import type { PersonalSpan } from './personal-span.ts';

/** What one serving is, in words: "Serves 6, one serving is about 310 g". */
export function servingWords(card: Pick<Card, 'servings' | 'servingGrams' | 'servingCooked'>): string {
  if (card.servings === null) return `The whole, ${servingWeightWords(card.servingGrams, card.servingCooked)}`;
  const grams =
    card.servingGrams >= 1 ? `, one serving is ${servingWeightWords(card.servingGrams, card.servingCooked)}` : '';
  return `Serves ${formatAmount(card.servings)}${grams}`;
}

/**
 * When a card was counted, and by which way: what a program's own calculator says differs where it is another.
 *
 * @example countedWords(card) // 'counted 27 Nov 2026 by ingredients'
 */
export function countedWords(card: {
  readonly countedOn: string;
  readonly programs: readonly Pick<CardProgram, 'mark' | 'by'>[];
}): string {
  const day = `counted ${formatDay(card.countedOn)}`;
  const ways = new Set(card.programs.map((p) => p.by));
  if (ways.size === 0) return day;
  if (ways.size === 1) return `${day} by ${[...ways][0]!}`;
  return `${day}, ${card.programs.map((p) => `${p.mark} by ${p.by}`).join(', ')}`;
}

/**
 * What it was as written; null where nothing was changed, or nothing of it is told.
 *
 * @example wasWords(card) // 'As written it was LE 13 · HA 10, 516 kcal a serving.'
 */
export function wasWords(card: Pick<Card, 'programs' | 'kcalWas' | 'servings'>): string | null {
  const was = card.programs.flatMap((p) => (p.was === null ? [] : [`${p.mark} ${formatPoints(p.was)}`]));
  if (was.length === 0 && card.kcalWas === null) return null;
  const kcal = card.kcalWas === null ? [] : [`${Math.round(card.kcalWas)} kcal`];
  const points = was.length === 0 ? [] : [was.join(' · ')];
  return `As written it was ${[...points, ...kcal].join(', ')} ${card.servings === null ? 'the whole' : 'a serving'}.`;
}

/** The credit line, null when nobody is named. */
export function creditWords(card: Pick<Card, 'credit'>): string | null {
  const { author, whose } = card.credit;
  if (author !== null) return `From ${author}`;
  return whose === 'family' ? 'From the family' : null;
}

const _capitalised = (words: string): string => words.slice(0, 1).toUpperCase() + words.slice(1);

const MOST_SPAN_LINES = 4;

/**
 * What a dish is for somebody with another list of their own.
 *
 * @example spanWords({ low: 6, high: 9, lines: ['eggs', 'beans'] }) // 'With another list of your own 6 to 9: eggs and beans decide.'
 */
export function spanWords({ low, high, lines }: PersonalSpan): string {
  const named = lines.length > MOST_SPAN_LINES ? [...lines.slice(0, MOST_SPAN_LINES), 'others'] : lines;
  const decide = named.length === 0 ? '' : `: ${namedTogether(named)} ${named.length === 1 ? 'decides' : 'decide'}`;
  return `With another list of your own ${formatPoints(low)} to ${formatPoints(high)}${decide}.`;
}

/** What of another author's recipe a card has; null for one's own, which it has whole. */
export function whoseWords({ shows, credit }: Pick<Card, 'shows' | 'credit'>): string | null {
  if (shows === 'whole') return null;
  const whose = credit.author === null ? 'another author' : credit.author;
  if (shows === 'changes')
    return `The recipe is by ${whose}: here is only what was changed and what it counts. The recipe itself stays with its author.`;
  return `The recipe is by ${whose}: here are the amounts as cooked, and the steps in the cook’s own words.`;
}

/**
 * What may stand in a line's place, in words.
 *
 * @example offerWords(offer, ['LE', 'HA']) // 'soya drink: LE 6 · HA 5, contains soy'
 */
export function offerWords({ words, points, same, contains }: LineOffer, marks: readonly string[]): string {
  const makes =
    points === null
      ? 'nobody knows what it makes of it'
      : same
        ? 'changes nothing'
        : points.map((p, i) => `${marks[i]} ${formatPoints(p)}`).join(' · ');
  return `${words}: ${makes}${contains.length > 0 ? `, contains ${namedTogether(contains)}` : ''}`;
}
