import type { Allergen, Food } from '../food/food.ts';
import type { TimesSaid } from '../page/recipe-text.ts';
import { beginEarlier } from '../stove/begin-earlier.ts';
import type { StepsAtStove } from '../stove/steps-at-stove.ts';
import type { Line, Version } from '../version/version.ts';
import { foodOfLineFood } from '../weighing/line-food.ts';
import { beginsApart, cutsApart } from './begins-apart.ts';
import { boilMinutes, cutMinutes, guessHands, guessWait, isCutting, packMinutes } from './guess-minutes.ts';
import { partKey } from './prep.ts';
import type { DishTasks, Hint, PrepAside, PrepTask, ToolUse } from './prep-task.ts';
import { shareOutPrepTime } from './share-out-prep-time.ts';
import { isRawAnimal, type Soiled, soiledBy } from './soiled.ts';
import { type StepPart, stepParts } from './step-parts.ts';
import { VesselsInUse } from './vessels-in-use.ts';
import { withoutNights } from './without-nights.ts';

/** A dish of a prep day, with what its recipe says. */
export interface DishOfPrep {
  readonly id: string;
  readonly version: Version;
  readonly led: StepsAtStove;
  readonly times: TimesSaid;
  /** Texts of steps that only say how the next one is done. */
  readonly hints: ReadonlySet<string>;
}

/** What a prep day knows of its foods, its cook and its table. */
export interface PrepSurroundings {
  readonly food: (id: string) => Food | null;
  /** What the cook says that parts of steps take, min, by `partKey`. */
  readonly minutes: Readonly<Record<string, number>>;
  /** What somebody at the table must not have. */
  readonly mind: ReadonlySet<Allergen>;
}

const USUAL_HEAT_C = 180;
const COOL_FOR_BLENDER_MIN = 15;
const COOL_MIN = 30;
const MOST_READY_MIN = 30;
/** What a dish takes of which nothing is known, min. */
const UNKNOWN_MIN = 40;
/** Sugar from which a dish is a sweet one, g. */
const SWEET_DISH_G = 40;

const BLENDS = /\b(?:blend(?:er)?|pur[eé]e|food processor)\b/i;
const WANTS_COLD = /\b(?:when|once|until) (?:it is |they are )?(?:cool|cold)\b|\bcooled\b/i;
const SERVES = /^serve\b/i;

/**
 * A dish's steps as tasks: what hands do and what goes on by itself, in what, after what, and for how long. Steps follow
 * one another; one that begins something apart ("warm the cream") does not wait for those before it, and the next waits
 * for both.
 */
export function dishTasks(dish: DishOfPrep, around: PrepSurroundings): DishTasks {
  const { version, led } = dish;
  const sweet = isSweet(version, around.food);
  const guesses: string[] = [];
  const asides: PrepAside[] = [];
  const vessels = new VesselsInUse();
  let tasks: PrepTask[] = [];
  const idOf = (key: string): string => `${dish.id}~${key}`;
  const lineOf = new Map(version.lines.map((l) => [l.id, l]));
  const foodsOf = (l: Line): Food[] => {
    const is = foodOfLineFood(l.food);
    return is === null ? [] : [around.food(is.foodId) ?? []].flat();
  };
  const soiledWith = (lines: readonly Line[]): Soiled => soiledBy(lines.flatMap(foodsOf), sweet, around.mind);
  const isRaw = (l: Line): boolean => foodsOf(l).some(isRawAnimal);
  const add = (key: string, rest: Pick<PrepTask, 'words' | 'minutes' | 'after'> & Partial<PrepTask>): PrepTask => {
    const told = around.minutes[key];
    const task: PrepTask = {
      dishId: dish.id,
      stepId: null,
      from: 'guessed',
      hands: true,
      place: null,
      heat: null,
      tools: [],
      hints: [],
      ...rest,
      ...(told === undefined ? {} : { minutes: told, from: 'told' as const }),
      id: idOf(key),
      key,
    };
    tasks.push(task);
    return task;
  };
  const atBoard = (key: string, lines: readonly Line[]): ToolUse => ({
    tool: 'board',
    until: idOf(key),
    ...soiledWith(lines),
  });

  let tips: string[] = [];
  let hot = false;
  let heat: PrepTask['heat'] = null;
  const seen = new Set<string>();
  let hints: Hint[] = [];
  led.steps.forEach((step, i) => {
    const { id: stepId, text } = step.step;
    if (dish.hints.has(text) && i < led.steps.length - 1) {
      hints.push({ stepId, words: text });
      return;
    }
    const lines = step.uses.flatMap((u) => lineOf.get(u.lineId) ?? []);
    const grams = lines.reduce((sum, l) => sum + (l.weight?.grams ?? 0), 0);
    if (step.oven !== null) heat = { low: Math.min(...step.oven.celsius), high: Math.max(...step.oven.celsius) };
    const parts = withoutServing(stepParts(text), i === led.steps.length - 1, (words) =>
      asides.push({ dishId: dish.id, words: `When it is eaten: ${words}`, minutes: 0 }),
    );
    if (parts.length === 0) return;
    const isApart = i > 0 && beginsApart(step, version, seen);
    const soiled = soiledWith(lines);
    let after = isApart ? [] : tips;
    // Raw meat comes last onto the board.
    const ready = isCutting(text)
      ? []
      : lines.filter((l) => isCutting(afterComma(l))).toSorted((a, b) => Number(isRaw(a)) - Number(isRaw(b)));
    if (ready.length > 0) {
      const key = partKey(stepId, 'ready');
      const words = `Get ready: ${ready.map((l) => l.text).join('; ')}`;
      const minutes = ready.reduce((sum, l) => sum + cutMinutes(l.weight?.grams ?? 0) - 1, 1);
      const tools = [atBoard(key, ready)];
      // What is said of the cutting is said there.
      const ofCutting = hints.filter((h) => isCutting(h.words));
      hints = hints.filter((h) => !ofCutting.includes(h));
      const rest = { stepId, words, minutes: Math.min(MOST_READY_MIN, minutes), hints: ofCutting, tools };
      after = [...after, add(key, { ...rest, after: [] }).id];
    }
    const cools = parts.some((p) => !p.hands && /\bcool\b/i.test(p.words));
    if (hot && !isApart && !cools && (BLENDS.test(text) || WANTS_COLD.test(text))) {
      const [words, minutes] = BLENDS.test(text)
        ? ['Cools before it goes into the blender: hot food spurts', COOL_FOR_BLENDER_MIN]
        : ['Cools', COOL_MIN];
      after = [add(partKey(stepId, 'cool'), { stepId, words, minutes, hands: false, after }).id];
    }
    // What is said of how it is done is said where it is done: on the hob, else at the first piece of it.
    const hintedPart = Math.max(
      0,
      parts.findIndex((p) => p.hands && p.place === 'hob'),
    );
    let last: string | null = null;
    for (const [n, part] of parts.entries()) {
      const key = partKey(stepId, String(n));
      if (part.place === 'oven' && heat === null) {
        heat = { low: USUAL_HEAT_C, high: USUAL_HEAT_C };
        guesses.push(`No step says how hot the oven is: ${USUAL_HEAT_C} °C was taken.`);
      }
      const going = part.ofBefore ? whatGoesOn(tasks) : null;
      if (going !== null)
        tasks = tasks.map((t) => (t === going ? { ...t, minutes: Math.max(1, t.minutes - (part.minutes ?? 0)) } : t));
      const place = going?.place ?? part.place;
      const cuts = part.hands && part.clauses.some(isCutting);
      const isCutFirst = n === 0 && parts.length > 1 && cuts && cutsApart(part.clauses, version, seen);
      const blends = part.hands && part.clauses.some((c) => BLENDS.test(c));
      const task = add(key, {
        stepId,
        words: part.words,
        hints: n === hintedPart ? hints : [],
        minutes: part.minutes ?? guessed(part, grams),
        from: part.minutes === null ? 'guessed' : 'read',
        hands: part.hands,
        place,
        heat: place === 'oven' ? (going?.heat ?? heat) : null,
        after: isCutFirst
          ? []
          : last === null
            ? after
            : n === 1 && firstIsFree(tasks, last, after)
              ? [...after, last]
              : [last],
        tools: [
          ...(cuts ? [atBoard(key, lines)] : []),
          ...(blends ? [{ tool: 'blender' as const, until: idOf(key), ...soiled }] : []),
        ],
      });
      vessels.add(task.id, { ...part, place }, isApart, n === 0, text, soiled);
      last = task.id;
    }
    hints = [];
    vessels.endStep(isApart);
    for (const l of lines) seen.add(l.id);
    const heats = parts.some((p) => p.place === 'hob' || p.place === 'oven');
    hot = heats || (hot && !cools && !parts.some((p) => p.place === 'fridge' || p.place === 'freezer'));
    tips = isApart ? [...tips, last!] : [last!];
  });
  if (tasks.length === 0) {
    guesses.push('It has no steps: it was taken as one piece of work.');
    const { total, cook } = dish.times;
    const minutes = total ?? cook ?? UNKNOWN_MIN;
    tips = [add(partKey(version.recipeId, 'all'), { words: 'Cook it', minutes, after: [] }).id];
  }
  // What only chills to the end does so in its boxes.
  const end = tasks.at(-1)!;
  if (!end.hands && (end.place === 'fridge' || end.place === 'freezer')) {
    tasks.pop();
    asides.unshift({ dishId: dish.id, words: end.words, minutes: end.minutes });
    tips = tips.flatMap((t) => (t === end.id ? end.after : [t]));
  }
  tasks = tasks.map((t) => ({ ...t, tools: [...t.tools, ...vessels.usesOf(t.id)] }));
  tasks = shareOutPrepTime(tasks, dish.times.prep, (t) => t.stepId !== null);
  add(partKey(version.recipeId, 'pack'), { words: 'Into boxes', minutes: packMinutes(version.servings), after: tips });
  const { day, before } = withoutNights(tasks);
  const earlier = beginEarlier(version).filter((b) => b.step === null);
  return {
    tasks: withKnownEnds(day),
    before: [...earlier.map((b) => ({ dishId: dish.id, words: b.what, minutes: b.minutes })), ...before],
    after: asides,
    guesses,
  };
}

const afterComma = (l: Line): string => `${l.text.split(',').slice(1).join(',')} ${l.note ?? ''}`;

/** What goes on while something is put in for the last minutes: the latest that goes on by itself. */
const whatGoesOn = (tasks: readonly PrepTask[]): PrepTask | null =>
  tasks.findLast((t) => !t.hands && (t.place === 'hob' || t.place === 'oven')) ?? null;

/** Whether the first piece of a step was cut beforehand, and so did not wait for what the second waits for. */
const firstIsFree = (tasks: readonly PrepTask[], first: string, after: readonly string[]): boolean =>
  after.length > 0 && tasks.some((t) => t.id === first && t.after.length === 0);

/** Nothing is served on a prep day; what is served with something is told for the day on which it is eaten. */
function withoutServing(parts: readonly StepPart[], isLast: boolean, tell: (words: string) => void): StepPart[] {
  if (!isLast) return [...parts];
  return parts.filter((p) => {
    if (!p.hands || !SERVES.test(p.words)) return true;
    if (/\bwith\b/i.test(p.words)) tell(p.words);
    return false;
  });
}

const guessed = (part: StepPart, grams: number): number => {
  if (part.hands) return guessHands(part.clauses, grams);
  return part.words === 'Bring to the boil' ? boilMinutes(grams) : guessWait(part.clauses.join(' '));
};

/** What is in use until a task that is done the evening before is free on the day. */
function withKnownEnds(tasks: readonly PrepTask[]): PrepTask[] {
  const ids = new Set(tasks.map((t) => t.id));
  return tasks.map((t) => ({ ...t, tools: t.tools.map((u) => (ids.has(u.until) ? u : { ...u, until: t.id })) }));
}

const isSweet = (version: Version, food: (id: string) => Food | null): boolean =>
  version.lines.some(
    (l) =>
      !l.leftOut &&
      l.food.kind === 'food' &&
      (food(l.food.foodId)?.kinds.includes('sugar') ?? false) &&
      (l.weight?.grams ?? 0) >= SWEET_DISH_G,
  );
