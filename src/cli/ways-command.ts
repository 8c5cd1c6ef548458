import type { WaysPrinted } from '../contract/cli.ts';
import { foodsCalled } from '../core/food/foods-called.ts';
import { indexFoods } from '../core/food/match-food.ts';
import { formatPoints } from '../core/program/format-points.ts';
import { plainCounter } from '../core/program/program.ts';
import { departureSaid } from '../core/swap/departure-words.ts';
import { shippedSwapsIn } from '../core/swap/swap-in.ts';
import { asWritten } from '../core/version/as-written.ts';
import { kitchenOf } from '../core/version/kitchen.ts';
import { lineOf } from '../core/version/line-of.ts';
import { isOpen } from '../core/version/version.ts';
import { findWays } from '../core/ways/find-ways.ts';
import { type ChoiceContext, LEAVE_OUT, type LineChoice } from '../core/ways/line-choices.ts';
import { otherWays } from '../core/ways/other-ways.ts';
import type { Way } from '../core/ways/way.ts';
import { readWithout } from '../core/ways/without.ts';
import { readIngredient } from '../core/weighing/read-ingredient.ts';
import { withExpectedLosses } from '../core/yield/expected-loss.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import { foodsIn, regionFlag, systemOf } from './parse-command.ts';
import { recipeFromFile, servingsOf } from './score-command.ts';
import { foodsNamed, numberFlag, ownSwaps, stockFlag, targetsOf } from './ways-flags.ts';

/** `ways`: the changes of least departure that bring a recipe to so many points, for one or several programs. */
export function waysCommand(text: string, flags: Flags): string {
  const { recipe } = recipeFromFile(text, flags);
  if (recipe.ingredients.length === 0)
    throw new CliError('There are no ingredients in it.', 'Give the ingredients one a line, under "Ingredients".');
  const targets = targetsOf(flags);
  const system = systemOf(flags);
  const foods = foodsIn(flags);
  const index = indexFoods(foods);
  const keep = (flags.keep ?? []).map((k) => k.toLowerCase());
  const lines = recipe.ingredients.map((i, n) => {
    const line = lineOf(readIngredient(i.text, i.group, index, system), `line-${n}`);
    return { ...line, kept: keep.some((k) => k !== '' && line.text.toLowerCase().includes(k)) };
  });
  const idle = keep.find((k) => !lines.some((l) => l.text.toLowerCase().includes(k)));
  if (idle !== undefined) throw new CliError(`No line has "${idle}" in it.`, 'Give --keep some words of a line.');
  const servings = servingsOf(flags, recipe);
  const { steps } = recipe;
  const byId = new Map(foods.map((f) => [f.id, f]));
  const food = (id: string) => byId.get(id) ?? null;
  const { title } = recipe;
  const written = asWritten({
    id: 'ways',
    recipeId: 'ways',
    servings,
    lines,
    steps,
    stepId: (n) => `step-${n}`,
  });
  const version = withExpectedLosses(written, food, title ?? '');
  const aim = {
    points: targets.map((t) => t.points),
    kcal: numberFlag(flags.kcal, 'kcal'),
    protein: numberFlag(flags.protein, 'protein'),
    sodium: numberFlag(flags.sodium, 'sodium'),
    grams: numberFlag(flags['min-grams'], 'min-grams'),
    changes: numberFlag(flags['max-changes'], 'max-changes'),
  };
  const context: ChoiceContext = {
    ...(recipe.title !== null && { title: recipe.title }),
    kitchen: kitchenOf(foods),
    food,
    swaps: [...ownSwaps(flags.swaps), ...shippedSwapsIn(regionFlag(flags))],
    counters: targets.map((t) => plainCounter(t.program)),
    system,
    without: readWithout((flags.without ?? []).flatMap((w) => w.split(','))),
    lacking: new Set(
      foodsNamed(flags.lacking ?? [], index).flatMap((f) => [
        f.foodId,
        ...foodsCalled(foods, f.text).map((other) => other.id),
      ]),
    ),
    ...(flags.have && { house: { stock: stockFlag(flags.have, index), only: true } }),
  };
  const answer = findWays(version, aim, context, { frontierOf: 0 });
  const marks = targets.map((t) => t.program.mark);
  const byMark = (values: readonly number[]): Record<string, number> =>
    Object.fromEntries(marks.map((m, i) => [m, values[i]!]));
  const lineText = (id: string): string => lines.find((l) => l.id === id)?.text ?? '';
  const changeOf = (c: LineChoice) => ({
    line: lineText(c.lineId),
    swap: c.swapId ?? LEAVE_OUT,
    from: c.from,
    to: c.to,
  });
  const wayOf = (w: Way) => ({
    points: byMark(w.points),
    raw: byMark(w.raw),
    kcal: w.kcal,
    protein: w.protein,
    sodium: w.sodium,
    grams: w.grams,
    departure: w.departure,
    differs: w.differs,
    changes: w.changes.map(changeOf),
  });
  const printed: WaysPrinted = {
    servings: version.servings,
    targets: byMark(targets.map((t) => t.points)),
    reachable: answer.reachable,
    proved: answer.proved,
    ways: answer.ways.map(wayOf),
    otherWays: otherWays(version, context).map((o) => ({
      words: o.words,
      points: byMark(o.points),
      grams: o.grams,
      departure: o.departure,
    })),
    obstacle: answer.obstacle && {
      words: [...answer.obstacle.words],
      closest: answer.obstacle.closest && wayOf(answer.obstacle.closest),
    },
    mustGo: answer.choices
      .filter((l) => l.mustGo.length > 0)
      .map((l) => ({ line: lineText(l.lineId), why: [...l.mustGo] })),
    frontier: answer.frontier.map((f) => ({
      mark: marks[0]!,
      points: f.points,
      raw: f.way.raw[0]!,
      departure: f.departure,
      changes: f.way.changes.map(changeOf),
    })),
    unresolved: version.lines.filter(isOpen).map((l) => l.text),
    ...(flags.explain && {
      options: answer.choices.flatMap((l) =>
        l.choices.map((c) => ({
          line: lineText(l.lineId),
          swap: c.swapId,
          raw: byMark(c.raw),
          kcal: c.kcal,
          protein: c.protein,
          sodium: c.sodium,
          departure: c.departure,
          share: c.share,
          grams: c.grams,
        })),
      ),
      base: {
        raw: byMark(answer.base.raw),
        kcal: answer.base.kcal,
        protein: answer.base.protein,
        sodium: answer.base.sodium,
        grams: answer.base.grams,
      },
    }),
  };
  return flags.json ? JSON.stringify(printed, null, 2) : waysInWords(printed);
}

function waysInWords(p: WaysPrinted): string {
  const aims = Object.entries(p.targets).map(([m, n]) => `${m} ${formatPoints(n)}`);
  const out = [
    ...(p.servings === null ? ['Nobody says how many servings it makes: the aim is for the whole.'] : []),
    p.reachable ? `Reached: ${aims.join(', ')}${p.proved ? ', and nothing departs less' : ''}` : 'Not reachable.',
  ];
  for (const { line, why } of p.mustGo) out.push(`  ${line} must go: ${why.join('; ')}`);
  if (p.obstacle) out.push(...p.obstacle.words.map((w) => `  ${w}`));
  for (const w of p.obstacle?.closest ? [p.obstacle.closest] : p.ways) {
    const points = Object.entries(w.points).map(([m, n]) => `${m} ${formatPoints(n)}`);
    const kcal = w.kcal === null ? '' : `, ${Math.round(w.kcal)} kcal`;
    out.push(`${points.join(', ')}${kcal}, departs ${departureSaid(w.departure)}${w.differs ? ` (${w.differs})` : ''}`);
    for (const c of w.changes) out.push(`    ${c.from} → ${c.to}`);
  }
  if (p.otherWays.length > 0) out.push('In other ways:');
  for (const o of p.otherWays) {
    const points = Object.entries(o.points).map(([m, n]) => `${m} ${formatPoints(n)}`);
    out.push(`    ${o.words}: ${points.join(', ')}, ${Math.round(o.grams)} g a serving`);
  }
  return out.join('\n');
}
