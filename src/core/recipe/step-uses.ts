import { foodWords, isNoise } from '../food/food-words.ts';
import type { Line, Step } from './version.ts';

/**
 * Which lines each step uses first, by the words they share. A line named in no step belongs to none.
 *
 * @returns line ids for each step, in the steps' order.
 */
export function stepUses(steps: readonly Step[], lines: readonly Line[]): string[][] {
  const words = steps.map((s) => new Set(foodWords(s.text)));
  const uses: string[][] = steps.map(() => []);
  for (const line of lines) {
    if (line.leftOut) continue;
    const names = foodWords(line.item).filter((w) => !isNoise(w));
    if (names.length === 0) continue;
    const hits = words.map((w) => names.filter((n) => w.has(n)).length);
    const most = Math.max(0, ...hits);
    if (most === 0) continue;
    // "soured cream" and "cream" differ: the step that shares most words names the line, the first of them uses it.
    uses[hits.indexOf(most)]!.push(line.id);
  }
  return uses;
}
