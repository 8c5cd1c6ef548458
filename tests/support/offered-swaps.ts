import { swapsFitting } from '../../src/core/swap/fits-line.ts';
import { SWAPS } from '../../src/core/swap/library.ts';
import { roleOfLine } from '../../src/core/swap/role-of-line.ts';
import { readVersion, shippedFood } from './test-version.ts';

/** The ids of the shipped swaps that a line of a dish for six is offered. */
export function offeredSwaps(lines: readonly string[], at: number, ...steps: string[]): string[] {
  const version = readVersion(lines, { servings: 6, steps: steps.map((text, i) => ({ id: `s${i}`, text })) });
  const line = version.lines[at]!;
  const role = roleOfLine(line, version, shippedFood);
  return swapsFitting(SWAPS, line, { version, title: '', role, food: shippedFood }).map((s) => s.id);
}
