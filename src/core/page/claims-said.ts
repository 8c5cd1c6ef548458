import type { Claim } from './recipe-text.ts';

const POINTS =
  /(\d+(?:[.,]\d+)?)\s*(?:points?|pts)\b(?! (?:out|of))|\b(?:points?|pts)(?: (?:per|a|each) \w{3,12})?\s*[:=]\s*(\d+(?:[.,]\d+)?)/i;
const KCAL =
  /(\d{2,4}(?:[.,]\d+)?)\s*(?:kcal|calories|cals?)\b|\b(?:kcal|calories|energy)(?: (?:per|a|each) \w{3,12})?\s*[:=]?\s*(\d{2,4})\b/i;

/** What is longer is prose. */
const LONGEST_CLAIM = 220;

/** What a line states of points and calories. */
export function claimsSaid(line: string): Claim[] {
  if (line.length > LONGEST_CLAIM) return [];
  const points = POINTS.exec(line);
  const kcal = KCAL.exec(line);
  const claim = (kind: Claim['kind'], m: RegExpExecArray | null): Claim[] =>
    m === null ? [] : [{ kind, value: Number((m[1] ?? m[2])!.replace(',', '.')), words: line.slice(0, 300) }];
  return [...claim('points', points), ...claim('kcal', kcal)];
}

/** Claims without those that say the same once more: the head of a page and its panel. */
export const saidOnce = (claims: readonly Claim[]): Claim[] =>
  claims.filter((c, i) => claims.findIndex((d) => d.kind === c.kind && d.value === c.value) === i);
