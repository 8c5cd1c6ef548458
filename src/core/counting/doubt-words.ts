import { NUTRIENT_WORDS, type Nutrient } from '../food/nutrients.ts';
import type { Count, CountLine } from '../program/count.ts';
import type { Rule } from '../program/rule.ts';
import { formatMeasure } from '../quantity/format-measure.ts';
import type { Line } from '../version/version.ts';

/**
 * Why a count says "maybe", by the line that it hangs on most, and what to do about it; null when it is sure of its
 * number.
 *
 * @param lines the version's lines, with what they were read as
 * @example doubtWords(count, lines, counted.lines, rule) // 'Pieces of chicken thighs differ: weigh them.'
 */
export function doubtWords(
  count: Pick<Count, 'doubt'>,
  lines: readonly Line[],
  counted: readonly CountLine[],
  rule: Rule,
): string | null {
  if (count.doubt === null) return null;
  const { lineId, of } = count.doubt;
  const line = lines.find((l) => l.id === lineId);
  const resolved = counted.find((l) => l.id === lineId);
  if (line === undefined || resolved === undefined) return null;
  if (of === 'rule') return ruleOpenWords(resolved, line);
  return of === 'nutrients' ? nutrientWords(resolved, rule) : gramsWords(line);
}

/** The food of whose nutrients too little is known, and what is missing of it. */
function nutrientWords(line: CountLine, rule: Rule): string {
  const counts = Object.keys(rule.coefficients) as Nutrient[];
  const missing = counts.filter((n) => line.parts.some((p) => p.food.per100g[n].value === null));
  if (missing.length === 0)
    return `The label of ${line.label} is rounded: values per 100 g, where it has them, are finer.`;
  const names = missing.map((n) => NUTRIENT_WORDS[n].name).join(' and ');
  return `Nobody has told the ${names} of ${line.label}: add what its label says.`;
}

/** A taught rule that is not certain yet, and the food whose points would make it so. */
const ruleOpenWords = (resolved: CountLine, line: Line): string =>
  `The taught rule is not certain here: look up the points of ${resolved.parts[0]?.food.name ?? (line.item || line.text)}.`;

function gramsWords(line: Line): string {
  const name = line.item || line.text;
  if (line.loss !== null && !line.loss.answered)
    return `How much of ${name} is not eaten is a guess: weigh what is left.`;
  if (line.food.kind === 'recipe') return `How much of ${name} goes in is not sure: weigh it.`;
  const { amount, weight } = line;
  if (weight?.from === 'estimate') return `The weight of ${name} is a guess: weigh it.`;
  if (amount !== null && amount.quantityMax !== null)
    return `The line says ${formatMeasure(amount.quantity, amount.unit, amount.quantityMax)} of ${name}: say which.`;
  if (weight?.from === 'package') return `How much of ${name} is left when it is drained differs: weigh it.`;
  if (amount?.unit != null) return `A ${amount.unit} of ${name} is never quite the same: weigh it.`;
  return `Pieces of ${name} differ: weigh them.`;
}
