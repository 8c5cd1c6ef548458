import { normalizeText } from '../reading/normalize-text.ts';
import { readAmount } from '../reading/read-amount.ts';
import { splitLine } from '../reading/split-line.ts';

/** The longest line that is taken apart, and the most ingredients that come of it. */
const LONGEST_LIST = 3000;
const MOST_LISTED = 60;
/** A line that one ingredient may well fill. */
const ONE_INGREDIENT = 200;

/** Where an amount begins in the middle of a line. */
const AMOUNT =
  /(?<=[^\d\s(/,.x-]|\)|\b[a-z]{2,}[,.;])\s+(?=(?:\d|[½⅓⅔¼¾⅛]|an? (?:pinch|dash|handful|few|little)\b|half an? |(?:one|two|three|four|five|six) [a-z]))/gi;
/** Words before which an amount goes on instead of beginning. */
const GOES_ON =
  /(?:\b(?:or|to|plus|about|approx\.?|of|into|in|at|for|with|from|than|until|each|by|x|size|no|nr|and|about|around|use|used|serves|makes|up|over|per|a|an|the|cut|another|extra|additional|approximately|total|weighing|roughly|some|these|those|those|last|first|other|all|both|every|next|about))$/i;
/** What behind a number shows that no ingredient begins there. */
const NO_FOOD_IN_LIST =
  /^(?:inch|cm|mm|minutes?|mins?|hours?|hrs?|days?|degrees?|°|%|x\b|-?inch|"|in\b\.?|parts?|pieces?\b|slices? each|each|servings?|people|times|halves|quarters|of\b|to\b|or\b|more\b|total|divided|kcal|calories|cals?|points?)/i;

/**
 * The ingredients of a line that holds several: with semicolons, commas, or one after the other without anything
 * between. A line of one ingredient comes back alone.
 *
 * @example listedInLine('6 c. apples, sliced 1 c. flour') // ['6 c. apples, sliced', '1 c. flour']
 */
export function listedInLine(line: string): string[] {
  if (line.length > LONGEST_LIST) return [line];
  const text = line.replace(/[.;,\s]+$/, line.length > ONE_INGREDIENT || line.includes(';') ? '' : '$&');
  const bySemicolon = text
    .split(/\s*;\s*/)
    .map((p) => p.replace(/^and /i, '').trim())
    .filter((p) => p !== '');
  if (bySemicolon.length >= 3 && bySemicolon.filter(isNamedAmount).length >= bySemicolon.length / 2)
    return bySemicolon.slice(0, MOST_LISTED).flatMap(splitLine);
  const split = splitLine(text.length > ONE_INGREDIENT ? text : line);
  if (split.length > 1) return split;
  const parts = atAmounts(text);
  const enough = parts.length >= 3 || (parts.length === 2 && parts.every(hasUnit));
  return enough && parts.every(isNamedAmount) ? parts.slice(0, MOST_LISTED).flatMap(splitLine) : [line];
}

/** A line cut before every amount that begins an ingredient of its own. */
function atAmounts(text: string): string[] {
  const out: string[] = [];
  let from = 0;
  let depth = 0;
  let seen = 0;
  for (const m of text.matchAll(AMOUNT)) {
    for (; seen < m.index; seen++) {
      if (text[seen] === '(') depth++;
      if (text[seen] === ')') depth--;
    }
    const before = text.slice(Math.max(from, m.index - 24), m.index);
    const behind = text.slice(m.index + m[0].length, m.index + m[0].length + 80);
    if (depth > 0 || m.index === from || GOES_ON.test(before.replace(/[,.;]$/, '')) || !isNamedAmount(behind)) continue;
    out.push(text.slice(from, m.index));
    from = m.index + m[0].length;
  }
  out.push(text.slice(from));
  return out
    .map((p) =>
      p
        .replace(/^(?:and|plus|,)\s+/i, '')
        .replace(/[,;]?\s*(?:\band)?\s*$/i, '')
        .trim(),
    )
    .filter((p) => p !== '');
}

/** Whether a text begins with an amount and goes on with what may be a food. */
function isNamedAmount(text: string): boolean {
  const amount = readAmount(normalizeText(text.slice(0, 120)));
  return amount !== null && /^[a-z(äöü]/i.test(amount.rest) && !NO_FOOD_IN_LIST.test(amount.rest);
}

const hasUnit = (text: string): boolean => readAmount(normalizeText(text.slice(0, 120)))?.unit != null;
