import { countVersion } from '../counting/count-version.ts';
import { type Pin, type Program, plainCounter } from '../program/program.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { Version } from '../version/version.ts';

/** What a dish counts for somebody whose own list nobody here knows. */
export interface PersonalSpan {
  /** Points where everything on the program's list is on that person's too, and where nothing of it is. */
  readonly low: number;
  readonly high: number;
  /** What it depends on, by the names of its lines, what moves most first. */
  readonly lines: readonly string[];
}

/** Less than this of a point is not worth a name. */
const LEAST_NAMED = 0.05;

/** The span of a dish under a program whose lists are personal; null where a list makes no difference, or is everyone's. */
export function personalSpan(
  program: Program,
  version: Version,
  kitchen: Kitchen,
  pins: readonly Pin[],
): PersonalSpan | null {
  if (!program.personal) return null;
  const listless: Program = { ...program, list: { entries: [], exclusions: [] } };
  const { counts } = countVersion(version, kitchen, [plainCounter(program, pins), plainCounter(listless, pins)]);
  const [listed, all] = [counts[0]!, counts[1]!];
  if (listed.points === all.points) return null;
  const adds = (i: number): number => all.lines[i]!.raw - listed.lines[i]!.raw;
  const lines = [...all.lines.keys()]
    .filter((i) => Math.abs(adds(i)) > LEAST_NAMED)
    .sort((a, b) => Math.abs(adds(b)) - Math.abs(adds(a)))
    .map((i) => all.lines[i]!.label);
  const ends = [listed.points, all.points].sort((a, b) => a - b);
  return { low: ends[0]!, high: ends[1]!, lines: [...new Set(lines)] };
}
