import type { Food } from '../food/food.ts';
import { RIGHT } from '../weighing/line-food.ts';
import type { Line } from './version.ts';

/** What a cook should look at in a line, in the order in which it weighs. */
export interface LineDoubt {
  /** `food` and `amount` have to be answered; `right` is a food to be confirmed; the others are told. */
  readonly kind: 'food' | 'amount' | 'right' | 'warning' | 'range' | 'estimate';
  readonly words: string;
}

/**
 * What is doubtful in a line; null where nothing is.
 *
 * @param food the line's food, null for none or one of another recipe.
 */
export function lineDoubt(line: Line, food: Pick<Food, 'name'> | null): LineDoubt | null {
  if (line.leftOut) return null;
  if (line.food.kind === 'open') return { kind: 'food', words: 'What is it?' };
  const counts = line.food.kind !== 'nothing';
  if (counts && line.weight === null) return { kind: 'amount', words: 'How much is it?' };
  if (needsConfirming(line) && food !== null) return { kind: 'right', words: rightWords(line, food) };
  if (line.warnings.length > 0) return { kind: 'warning', words: line.warnings[0]! };
  if (!counts || line.weight === null) return null;
  const span = `${Math.round(line.weight.low)} to ${Math.round(line.weight.high)} g`;
  if (line.amount?.quantityMax != null) return { kind: 'range', words: `counted at the middle of ${span}` };
  return line.weight.from === 'estimate' ? { kind: 'estimate', words: `an estimate, ${span}` } : null;
}

/** Whether a food was taken that the cook has to confirm. */
export const needsConfirming = (line: Line): boolean =>
  !line.leftOut && line.food.kind !== 'open' && line.taken !== null && line.taken.confidence < RIGHT;

function rightWords(line: Line, food: Pick<Food, 'name'>): string {
  const standIn = line.taken?.standIn ?? null;
  const known = standIn === null ? '' : ` It knows nothing of "${standIn}".`;
  return `Read as ${food.name}, right?${known}`;
}
