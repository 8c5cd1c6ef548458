import { MEDICAL_CAUTION } from '../caution/cautions.ts';
import { certaintyWords, formatPoints } from '../program/format-points.ts';
import { formatAmount } from '../quantity/format-amount.ts';
import { formatDay } from '../quantity/format-day.ts';
import { namedTogether } from '../quantity/named-together.ts';
import { servingWeightWords } from '../yield/cooked-share.ts';
import type { Card } from './card.ts';
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
export function countedWords(card: Pick<Card, 'countedOn' | 'programs'>): string {
  const day = `counted ${formatDay(card.countedOn)}`;
  const ways = new Set(card.programs.map((p) => p.by));
  if (ways.size === 0) return day;
  if (ways.size === 1) return `${day} by ${[...ways][0]!}`;
  return `${day}, ${card.programs.map((p) => `${p.mark} by ${p.by}`).join(', ')}`;
}

/** The credit line, null when nobody is named. */
export function creditWords(card: Pick<Card, 'credit'>): string | null {
  const { author, whose } = card.credit;
  if (author !== null) return `From ${author}`;
  return whose === 'family' ? 'From the family' : null;
}

const capitalised = (words: string): string => words.slice(0, 1).toUpperCase() + words.slice(1);

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

/** A card as text to paste under a post. */
export function cardText(card: Card): string {
  const out: string[] = [card.title, servingWords(card)];
  const credit = creditWords(card);
  if (credit) out.push(credit);
  if (card.credit.url) out.push(card.credit.url);
  out.push('');
  const each = card.servings === null ? 'the whole' : 'a serving';
  for (const p of card.programs) {
    const sure = certaintyWords({ ...p, pointsRange: { low: p.low, high: p.high } });
    const was = p.was === null ? '' : ` (was ${formatPoints(p.was)})`;
    out.push(`${p.name} (${p.mark}): ${formatPoints(p.points)}${sure ? `, ${sure}` : ''} points ${each}${was}`);
    if (p.span !== null) out.push(`  ${spanWords(p.span)}`);
  }
  const kcalWas = card.kcalWas === null ? '' : ` (was ${Math.round(card.kcalWas)})`;
  if (card.kcal !== null) out.push(`${Math.round(card.kcal)} kcal ${each}${kcalWas}`);
  if (card.ingredients.length > 0) {
    out.push('', 'Ingredients');
    let group: string | null = null;
    for (const i of card.ingredients) {
      if (i.group !== null && i.group !== group) out.push(`${i.group}:`);
      group = i.group;
      out.push(`- ${[i.amount, i.name].filter(Boolean).join(' ')}`);
    }
  }
  if (card.steps.length > 0) {
    out.push('', 'Steps');
    out.push(...card.steps.map((s, i) => `${i + 1}. ${s.text}`));
  }
  if (card.options.length > 0) {
    out.push('', `On the plate, as you like (points with it: ${card.programs.map((p) => p.mark).join(' · ')})`);
    for (const o of card.options) out.push(`- ${o.words}: ${o.points.map(formatPoints).join(' · ')}`);
  }
  if (card.changes.length > 0) {
    out.push('', 'What was changed');
    for (const c of card.changes) out.push(`- ${c.from} → ${c.to}${c.why ? `. ${c.why}` : ''}`);
  }
  if (card.allergens.length > 0) out.push('', `Contains: ${card.allergens.join(', ')}`);
  out.push('', ...card.cautions.map((c) => c.words), MEDICAL_CAUTION, '', capitalised(countedWords(card)));
  return out.join('\n');
}
