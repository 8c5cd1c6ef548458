import type { PlateLine } from '../counting/plate-lines.ts';
import { countWithFreedom } from '../teach/freedom.ts';
import { type CountsAtTable, freeze } from './freeze.ts';
import type { Frozen } from './frozen.ts';

/**
 * Keeps what lies beside a dish on a plate, each line in the words that were typed.
 *
 * @param at the instant, ISO 8601
 */
export function freezeBeside(typed: readonly PlateLine[], eaters: readonly CountsAtTable[], at: string): Frozen {
  const lines = typed.map((t) => ({ ...t.line, label: t.text }));
  const counts = eaters.map((e) => countWithFreedom(lines, e.counter, { servings: 1 }));
  const servingGrams = typed.reduce((sum, t) => sum + (t.grams ?? 0), 0);
  return freeze({ lines, counts, servings: 1, hasServings: true, servingGrams }, eaters, at);
}
