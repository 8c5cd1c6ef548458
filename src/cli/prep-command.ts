import type { PrepPrinted } from '../contract/prep-printed.ts';
import { dishOfPrep } from '../core/prep/dish-of-prep.ts';
import { dishTasks } from '../core/prep/dish-tasks.ts';
import { orderOfWork, type WorkRow } from '../core/prep/order-of-work.ts';
import { planSums } from '../core/prep/plan-sums.ts';
import { MOST_PREP_DISHES, ORDER_WITHIN_MS, USUAL_KITCHEN, USUAL_PREP_START } from '../core/prep/prep.ts';
import { planOf } from '../core/prep/prep-plan.ts';
import { prepProblem } from '../core/prep/prep-problem.ts';
import type { DishTasks } from '../core/prep/prep-task.ts';
import { minutesSaid } from '../core/quantity/minutes-said.ts';
import { solveSchedule } from '../core/schedule/solve-schedule.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import { versionFromFile } from './version-from-file.ts';

interface RecipeAsTasks {
  readonly title: string;
  readonly tasks: DishTasks;
}

/** `prep`: several recipes as one order of work by the clock. @param texts of the recipes, one each */
export function prepCommand(texts: readonly string[], flags: Flags): string {
  if (texts.length > MOST_PREP_DISHES)
    throw new CliError('That is no day’s work.', `Give at most ${MOST_PREP_DISHES} recipes at once.`);
  const start = flags.start ?? USUAL_PREP_START;
  if (!/^(?:[01]\d|2[0-3]):[0-5]\d$/.test(start))
    throw new CliError(`--start ${start} is no time.`, 'Give a time such as 14:00.');
  const cooks = Number(flags.cooks ?? 1);
  if (cooks !== 1 && cooks !== 2) throw new CliError(`${flags.cooks} cannot cook.`, 'Give --cooks 1 or --cooks 2.');
  const dishes = texts.map((text, i) => recipeAsTasks(text, i, flags));
  const problem = prepProblem(
    dishes.map((d) => d.tasks),
    USUAL_KITCHEN,
    cooks,
  );
  const ends = performance.now() + ORDER_WITHIN_MS;
  const solved = solveSchedule(problem.problem, { stop: () => performance.now() > ends });
  if (solved === null) throw new CliError('It does not work out in one kitchen.', 'Give fewer recipes at once.');
  const plan = planOf(problem, solved.schedule);
  const titleOf = (dishId: string): string => dishes[Number(dishId.slice('dish-'.length))]!.title;
  const { minutes, hands, oneByOne } = planSums(plan);
  const printed: PrepPrinted = {
    start,
    minutes,
    hands,
    oneByOne,
    proved: solved.proved,
    least: solved.least,
    order: orderOfWork(plan, start).map((r) => printedRow(r, titleOf)),
    before: dishes.flatMap((d) => d.tasks.before.map((b) => ({ dish: d.title, words: b.words }))),
    after: dishes.flatMap((d) => d.tasks.after.map((a) => ({ dish: d.title, words: a.words }))),
    guesses: [...problem.notes, ...dishes.flatMap((d) => d.tasks.guesses)],
  };
  return flags.json ? JSON.stringify(printed, null, 2) : orderInWords(printed);
}

function recipeAsTasks(text: string, i: number, flags: Flags): RecipeAsTasks {
  const id = `dish-${i}`;
  const { recipe, version, food } = versionFromFile(text, id, flags);
  const { times } = recipe;
  const dish = dishOfPrep({ id, version, asWritten: version, servings: null, times }, food, []);
  return {
    title: recipe.title ?? `Recipe ${i + 1}`,
    tasks: dishTasks(dish, { food, minutes: {}, mind: new Set() }),
  };
}

const printedRow = (r: WorkRow, titleOf: (dishId: string) => string): PrepPrinted['order'][number] => ({
  at: r.at,
  clock: r.clock,
  kind: r.kind,
  dish: r.dishId === null ? null : titleOf(r.dishId),
  words: r.words,
  minutes: r.minutes,
  hands: r.kind === 'wash' || (r.kind === 'task' && r.task!.hands),
  guessed: r.kind === 'task' && r.task!.from === 'guessed',
  heat: r.heat,
});

function orderInWords(p: PrepPrinted): string {
  const sure = p.proved ? 'no order is shorter' : `at most ${minutesSaid(p.minutes - p.least)} longer than can be`;
  const out = [`${minutesSaid(p.minutes)}, hands ${minutesSaid(p.hands)} of it; ${sure}`];
  if (p.before.length > 0) out.push('The evening before:', ...p.before.map((b) => `  ${b.words} (${b.dish})`));
  for (const r of p.order) {
    const takes = r.minutes === 0 ? '' : `, ${minutesSaid(r.minutes)}${r.hands ? '' : ' by itself'}`;
    out.push(
      `${r.clock}  ${r.words}${r.heat === null || r.kind !== 'task' ? '' : ` at ${r.heat} °C`}${r.dish === null ? '' : ` (${r.dish})`}${takes}${r.guessed ? ', guessed' : ''}`,
    );
  }
  out.push(...p.after.map((a) => `Then  ${a.words} (${a.dish})`), ...p.guesses.map((g) => `Guessed: ${g}`));
  return out.join('\n');
}
