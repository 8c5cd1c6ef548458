import { z } from 'zod';
import { SwapSchema } from '../contract/swap.ts';
import type { FoodIndex } from '../core/food/match-food.ts';
import { SHIPPED_FOODS } from '../core/food/shipped/index.ts';
import type { Program } from '../core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../core/program/samples.ts';
import { houseOf } from '../core/stock/house-of.ts';
import type { Swap } from '../core/swap/swap.ts';
import { readIngredient } from '../core/weighing/read-ingredient.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import { ownPrograms } from './program-flags.ts';
import { readText } from './read-text.ts';

/** A program with the most points of a serving. */
export interface PointsTarget {
  readonly program: Program;
  readonly points: number;
}

interface NamedFood {
  /** The words as they were given. */
  readonly text: string;
  readonly foodId: string;
  /** g; null when only the food is named. */
  readonly grams: number | null;
}

/** Foods named by flags, an amount before them or none: "300 g quark", or several with commas between. */
export function foodsNamed(flags: readonly string[], index: FoodIndex): NamedFood[] {
  return flags
    .flatMap((f) => f.split(','))
    .map((text) => text.trim())
    .filter((text) => text !== '')
    .map((text) => {
      const read = readIngredient(text, null, index, 'us');
      const food = read.food.kind === 'open' ? undefined : read.matches[0]?.food;
      if (!food) throw new CliError(`Nobody knows the food "${text}".`, 'Name it as the pantry does, such as quark.');
      return { text, foodId: food.id, grams: read.reading.quantity === null ? null : (read.weight?.grams ?? null) };
    });
}

/** What is in the house, from flags. */
export function stockFlag(flags: readonly string[], index: FoodIndex): ReadonlyMap<string, number | null> {
  return houseOf(
    foodsNamed(flags, index).map(({ text: name, ...f }, i) => ({
      id: `have-${i}`,
      name,
      opened: false,
      useBy: null,
      lacking: false,
      ...f,
    })),
  );
}

/** Swaps of one's own, from a file; they come before the shipped ones. */
export function ownSwaps(file: string | undefined): Swap[] {
  if (file === undefined) return [];
  let json: unknown;
  try {
    json = JSON.parse(readText(file));
  } catch (e) {
    if (e instanceof CliError) throw e;
    throw new CliError(`${file} is not JSON.`, 'Write a list of swaps as docs/schemas/swaps.json says.');
  }
  const read = z.array(SwapSchema).safeParse(json);
  if (!read.success) {
    const first = read.error.issues[0]!;
    throw new CliError(`A swap in ${file} cannot be.`, `${first.path.join('.')}: ${first.message}`);
  }
  const known = new Set(SHIPPED_FOODS.map((f) => f.id));
  const stray = read.data.flatMap((s) => [...s.from, ...s.into.map((t) => t.foodId)]).find((id) => !known.has(id));
  if (stray !== undefined)
    throw new CliError(`There is no food ${stray} in the pantry.`, 'Name foods by their id, such as quark-fatfree.');
  return read.data;
}

/** What is to be reached, from flags: each mark once. @throws CliError */
export function targetsOf(flags: Flags): PointsTarget[] {
  const programs = [...ownPrograms(flags), ...SAMPLE_PROGRAMS];
  const known = programs.map((p) => p.mark).join(', ');
  const targets = (flags.eater ?? []).map((e): PointsTarget => {
    const m = /^([^=]+)=(\d+(?:\.\d+)?)$/.exec(e);
    if (m === null) throw new CliError(`--eater ${e} is no target.`, 'Write it as LE=5: a mark and points a serving.');
    const program = programs.find((p) => p.mark.toUpperCase() === m[1]!.toUpperCase());
    if (!program) throw new CliError(`There is no program ${m[1]}.`, `The programs are ${known}.`);
    return { program, points: Number(m[2]) };
  });
  if (targets.length === 0) throw new CliError('ways needs a target.', 'Give one as --eater LE=5.');
  const twice = targets.find((t, i) => targets.some((u, j) => j < i && u.program.mark === t.program.mark));
  if (twice) throw new CliError(`There are two targets for ${twice.program.mark}.`, 'Give one target for each mark.');
  return targets;
}

/** A number of a flag; null without it. @throws CliError */
export function numberFlag(text: string | undefined, name: string): number | null {
  if (text === undefined) return null;
  const n = Number(text);
  if (!(n >= 0 && n < 1e6)) throw new CliError(`--${name} ${text} is not a number.`, 'Give a number from 0 on.');
  return n;
}
