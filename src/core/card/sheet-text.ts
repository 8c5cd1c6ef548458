import { MEDICAL_CAUTION } from '../caution/cautions.ts';
import { certaintyWords, formatPoints } from '../program/format-points.ts';
import { formatAmount } from '../quantity/format-amount.ts';
import { countedWords } from './card-words.ts';
import type { Sheet, SheetPart, SheetThing } from './sheet.ts';

/**
 * How much of a thing it is, in words; null for one of it.
 *
 * @example portionWords(0.5) // '½ serving'
 */
export const portionWords = (portion: number): string | null =>
  portion === 1 ? null : `${formatAmount(portion)} ${portion > 1 ? 'servings' : 'serving'}`;

/** The points of a thing for every program, and its energy. @example 'LE 7 · HA 6, maybe 5½ · 299 kcal' */
export function thingNumbers({ points, kcal }: Pick<SheetThing, 'points' | 'kcal'>, { programs }: Sheet): string {
  const said = points.map((p, i) => {
    const { mark } = programs[i]!;
    if (p === null) return `${mark} not known`;
    const sure = certaintyWords({ ...p, pointsRange: p });
    return `${mark} ${formatPoints(p.points)}${sure ? `, ${sure}` : ''}`;
  });
  return [...said, kcal === null ? 'kcal not known' : `${Math.round(kcal)} kcal`].join(' · ');
}

/** What stands under one heading, summed; null where nothing is. @example 'Together: Ledger 20 · Harvest 18 · 910 kcal' */
export function togetherWords({ sum }: Pick<SheetPart, 'sum'>, { programs }: Sheet): string | null {
  if (sum === null) return null;
  const said = sum.points.map((p, i) => {
    const sure = certaintyWords({ ...p, pointsRange: p });
    const other = p.otherwise === null ? '' : ` (${formatPoints(p.otherwise)} the other way of adding)`;
    return `${programs[i]!.name} ${formatPoints(p.points)}${sure ? `, ${sure}` : ''}${other}`;
  });
  const kcal = `${sum.kcal.complete ? '' : 'at least '}${Math.round(sum.kcal.value)} kcal`;
  return `Together: ${[...said, kcal].join(' · ')}`;
}

/** Several dishes as one text to paste under a post. */
export function sheetText(sheet: Sheet): string {
  const out = [sheet.title];
  if (sheet.words !== null) out.push('', ...sheet.words.split('\n'));
  for (const part of sheet.parts) {
    out.push('', ...(part.heading === null ? [] : [part.heading]));
    for (const t of part.things) {
      const portion = portionWords(t.portion);
      out.push(`- ${t.words}${portion === null ? '' : `, ${portion}`}: ${thingNumbers(t, sheet)}`);
      if (t.note !== null) out.push(...t.note.split('\n').map((l) => `  ${l}`));
    }
    const sum = togetherWords(part, sheet);
    if (sum !== null) out.push(sum);
  }
  if (sheet.allergens.length > 0) out.push('', `Contains: ${sheet.allergens.join(', ')}`);
  out.push(
    '',
    MEDICAL_CAUTION,
    '',
    `Points: ${sheet.programs.map((p) => `${p.mark} is ${p.name}`).join(', ')}. ${capital(countedWords(sheet))}.`,
  );
  return out.join('\n');
}

const capital = (words: string): string => words.slice(0, 1).toUpperCase() + words.slice(1);
