import { plainCounter } from '../../src/core/program/program.ts';
import { wholeDeparture } from '../../src/core/swap/departure-words.ts';
import { SWAPS } from '../../src/core/swap/library.ts';
import type { Version } from '../../src/core/version/version.ts';
import type { Aim } from '../../src/core/ways/aim.ts';
import type { ChoiceContext, LineChoice } from '../../src/core/ways/line-choices.ts';
import { benchOf, type SearchModel } from '../../src/core/ways/search-model.ts';
import { FIXTURE_PROGRAMS } from './fixture-programs.ts';
import { seeded } from './hard-choices.ts';
import { readVersion } from './test-version.ts';
import { testAim, testChoiceContext } from './test-ways.ts';

/** A small dish with an aim, small enough to try everything. */
export interface SmallCase {
  readonly version: Version;
  readonly aim: Aim;
  readonly context: ChoiceContext;
  readonly model: SearchModel;
}

const COUNTERS = FIXTURE_PROGRAMS.map((p) => plainCounter(p));
const LINES = [
  '200 g cheddar',
  '1 cup walnuts',
  '100 g butter',
  '2 cups flour',
  '3 eggs',
  '1 cup sugar',
  '250 ml cream',
  '400 g ground beef',
  '200 g bacon',
  '300 g pasta',
  '2 tbsp olive oil',
  '200 g sour cream',
  '150 g mayonnaise',
  '500 g potatoes',
  '1 cup milk',
  '100 g dark chocolate',
  '1 tsp salt',
  '100 g smoked sausage',
];
/** The most picks of a case: each is counted by the counting engine. */
const MOST_PICKS = 160;

/**
 * Cases from a seed, the same in every run: of three one has an allergy or something avoided, others something that
 * cannot be had, a line that is kept, or limits of calories, protein and weight.
 */
export function smallCases(seed: number, count: number): SmallCase[] {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const out: SmallCase[] = [];
  while (out.length < count) {
    const texts = [...LINES].sort(() => random() - 0.5).slice(0, 2 + Math.floor(random() * 3));
    const read = readVersion(texts, { servings: pick([2, 4, 6, 8]) });
    const kept = random() < 0.25 ? Math.floor(random() * read.lines.length) : -1;
    const version = { ...read, lines: read.lines.map((l, i) => (i === kept ? { ...l, kept: true } : l)) };
    const kind = out.length % 3;
    const counters = [pick(COUNTERS), ...(random() < 0.3 ? [pick(COUNTERS)] : [])];
    const context = testChoiceContext(counters, {
      swaps: SWAPS.filter(() => random() < 0.5),
      ...(kind === 0 && {
        without:
          random() < 0.7
            ? { allergies: [pick(['milk', 'egg', 'tree-nuts', 'gluten'] as const)], avoids: [] }
            : { allergies: [], avoids: [pick(['walnuts', 'bacon', 'cheddar'])] },
      }),
      ...(random() < 0.2 && { lacking: new Set([pick(['yogurt-greek-fatfree', 'milk-skim', 'quark-fatfree'])]) }),
    });
    const model = benchOf(version, context);
    const picks = model.choices.reduce((n, l) => n * l.choices.length, 1);
    if (picks > MOST_PICKS || model.choices.length === 0) continue;
    const now = model.recount([]);
    const share = 0.35 + random() * 0.6;
    const aim = testAim(
      now.points.map((p, i) => (i === 0 || random() < 0.5 ? Math.round(p * share) : null)),
      kind === 2
        ? {
            kcal: random() < 0.5 ? now.kcalAtMost * (0.6 + random() * 0.4) : null,
            protein: random() < 0.4 ? (now.protein ?? 0) * (0.6 + random() * 0.4) : null,
            sodium: random() < 0.3 ? now.sodiumAtMost * (0.4 + random() * 0.6) : null,
            grams: random() < 0.4 ? now.grams * (0.6 + random() * 0.35) : null,
          }
        : {},
    );
    out.push({ version, aim, context, model });
  }
  return out;
}

/** Every pick of one choice a line that keeps the model's own limits. */
export function* everyPick(model: SearchModel): Generator<LineChoice[]> {
  const at = model.choices.map(() => 0);
  if (model.choices.some((l) => l.choices.length === 0)) return;
  for (;;) {
    const picks = model.choices.map((l, i) => l.choices[at[i]!]!);
    if (model.limits.every((l) => picks.reduce((sum, c) => sum + l.of(c), 0) <= l.most + 1e-9)) yield picks;
    let i = 0;
    while (i < at.length && ++at[i]! === model.choices[i]!.choices.length) at[i++] = 0;
    if (i === at.length) return;
  }
}

/** The least departure of all picks whose count, by the counting engine, is within the aim; null when none is. */
export function leastByTrying({ model, aim }: SmallCase): number | null {
  let least: number | null = null;
  for (const picks of everyPick(model)) {
    const changed = picks.filter((c) => c.kind !== 'stay');
    const departure = wholeDeparture(changed.reduce((d, c) => d + c.departure, 0));
    if (least !== null && departure >= least - 1e-9) continue;
    const got = model.recount(changed);
    const within =
      got.points.every((p, i) => aim.points[i] == null || p <= aim.points[i]! + 1e-9) &&
      (aim.kcal === null || got.kcalAtMost <= aim.kcal + 1e-6) &&
      (aim.protein === null || (got.protein ?? 0) >= aim.protein - 1e-6) &&
      (aim.sodium === null || got.sodiumAtMost <= aim.sodium + 1e-6) &&
      (aim.grams === null || got.grams >= aim.grams - 1e-6);
    if (within) least = departure;
  }
  return least;
}
