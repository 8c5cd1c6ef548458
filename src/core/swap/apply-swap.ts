import { sentencesNaming } from '../dish/technique.ts';
import type { Allergen, Food } from '../food/food.ts';
import { sayLike } from '../food/say-like.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import type { Change } from '../version/entry.ts';
import { lineChange } from '../version/entry.ts';
import { scaledLoss } from '../version/line-loss.ts';
import type { Line, Version } from '../version/version.ts';
import { tinAsSaid } from '../version/words-of-line.ts';
import type { Weight } from '../weighing/weight.ts';
import { goesAlong } from './goes-along.ts';
import type { Swap, SwapMethod } from './swap.ts';
import { alongRefOf, swapRefOf } from './swap-ref.ts';
import { lineInDish, methodIn } from './where-it-holds.ts';

export interface SwapContext {
  readonly food: (id: string) => Food | null;
  readonly system: MeasureSystem;
  /** The recipe's title; left out where nobody knows it. */
  readonly title?: string;
  /** The version as it was before other swaps of the same way, by which dish and parts are judged; this one without. */
  readonly judgedIn?: Version;
  /** Makes ids; injected, so that the core stays pure. */
  readonly newId: () => string;
}

/** Why a swap cannot be applied to a line, in words; null when it can. */
export function whyNot(
  swap: Swap,
  line: Line,
  share: number = swap.share,
  servings: number | null = null,
): string | null {
  if (line.kept) return 'This line is kept. Take the keep off first.';
  if (line.leftOut) return 'This line is left out.';
  if (line.food.kind !== 'food' || line.weight === null) return 'Say first what this line is and what it weighs.';
  if (!swap.from.includes(line.food.foodId)) return 'This swap is for another food.';
  if (share > swap.mostShare + 1e-9) return `At most ${Math.round(swap.mostShare * 100)} % of it can be swapped so.`;
  const stays = staysOf(swap, servings);
  if (stays > 0 && line.weight.grams * (1 - share) < stays - 1e-9)
    return `There is too little of it: ${stays} g have to stay.`;
  return null;
}

/** What of a line has to stay in the dish, g. */
const staysOf = (swap: Swap, servings: number | null): number =>
  Math.max(swap.stays, (swap.staysEach ?? 0) * (servings ?? 4));

/** The most of a line that a swap may take: its own most, and no more than leaves what has to stay. */
export function mostShareOf(swap: Swap, line: Line, servings: number | null): number {
  const grams = line.weight?.grams ?? 0;
  const stays = staysOf(swap, servings);
  return stays > 0 && grams > 0 ? Math.min(swap.mostShare, Math.max(0, 1 - stays / grams)) : swap.mostShare;
}

const times = (w: Weight, by: number): Weight => ({ ...w, grams: w.grams * by, low: w.low * by, high: w.high * by });

/** Words, amount and weight of a line for so much of a food: what says grams is weighed by them. */
function saidOf(line: Line, food: Food | null, weight: Weight, system: MeasureSystem, item: string) {
  const said = sayLike(line.amount?.unit ?? null, food, weight.grams, system, item);
  const { grams } = weight;
  return {
    text: tinAsSaid(said.text, line.text),
    amount: { quantity: said.quantity, quantityMax: null, unit: said.unit },
    weight: said.saysGrams
      ? { grams, low: grams, high: grams, from: 'weight' as const }
      : { ...weight, from: 'measure' as const },
    read: null,
    taken: null,
  };
}

/** A line with another amount of the same food; the words say the new amount. */
export function withWeight(line: Line, weight: Weight, food: Food | null, system: MeasureSystem): Line {
  const said = saidOf(line, food, weight, system, line.item || (food?.name ?? ''));
  const was = line.weight?.grams ?? 0;
  const loss = was > 0 ? scaledLoss(line.loss, weight.grams / was) : null;
  return { ...line, ...said, loss, text: line.note === null ? said.text : `${said.text}, ${line.note}` };
}

function lineOfFood(base: Line, id: string, food: Food, weight: Weight, swapId: string, system: MeasureSystem): Line {
  return {
    ...base,
    ...saidOf(base, food, weight, system, food.name),
    id,
    food: { kind: 'food', foodId: food.id, revision: food.revision },
    item: food.name,
    note: null,
    loss: null,
    roleSaid: false,
    technique: null,
    swapId,
    warnings: [],
  };
}

/**
 * The changes that apply a swap to a line of a version: the line replaced, or its share taken out and what comes in
 * put behind it, what goes along with it, and the change of method as a step of its own.
 *
 * @param share how much of the line is swapped, up to the swap's most; its usual share without.
 * @throws Error with the words of `whyNot` when the swap does not fit.
 */
export function applySwap(
  version: Version,
  lineId: string,
  swap: Swap,
  context: SwapContext,
  share: number = swap.share,
): Change[] {
  const line = version.lines.find((l) => l.id === lineId);
  const why = line === undefined ? 'There is no such line.' : whyNot(swap, line, share, version.servings);
  if (line === undefined || why !== null) throw new Error(why ?? '');
  const own = ownFoodOf(line, context.food);
  const changes: Change[] = [];
  const mark = swapRefOf(swap.id, share, swap.share);
  const incoming = swap.into.map((t) => {
    const food = context.food(t.foodId);
    if (food === null) throw new Error(`There is no food ${t.foodId} in the pantry.`);
    return { food, weight: times(line.weight!, share * t.ratio) };
  });
  if (swap.kind === 'leaveOut' || swap.kind === 'toPlate') {
    changes.push(lineChange(version, lineId, { ...line, leftOut: true, swapId: mark }));
  } else if (swap.kind === 'bulkUp') {
    const more = times(line.weight!, swap.into[0]!.ratio);
    changes.push(lineChange(version, lineId, { ...withWeight(line, more, own, context.system), swapId: mark }));
  } else {
    const index = version.lines.indexOf(line);
    let rest = incoming;
    if (share < 1) {
      const left = withWeight(line, times(line.weight!, 1 - share), own, context.system);
      changes.push(lineChange(version, lineId, { ...left, swapId: mark }));
    } else {
      const [first, ...others] = incoming;
      if (first === undefined) throw new Error('This swap names nothing to put in.');
      changes.push(
        lineChange(version, lineId, lineOfFood(line, line.id, first.food, first.weight, mark, context.system)),
      );
      rest = others;
    }
    rest.forEach((t, i) => {
      const id = context.newId();
      const added = lineOfFood(line, id, t.food, t.weight, mark, context.system);
      changes.push({ kind: 'line', lineId: id, before: null, after: added, index: index + 1 + i });
    });
  }
  const { food, title = '', judgedIn = version } = context;
  const asJudged = judgedIn.lines.find((l) => l.id === lineId) ?? line;
  for (const { line: other, share: gone } of goesAlong(swap, asJudged, share, { version: judgedIn, title, food })) {
    const along = { ...other, swapId: alongRefOf(swap.id) };
    const left = (): Line => ({
      ...withWeight(other, times(other.weight!, 1 - gone), ownFoodOf(other, food), context.system),
      swapId: alongRefOf(swap.id),
    });
    changes.push(lineChange(version, other.id, gone >= 1 ? { ...along, leftOut: true } : left()));
  }
  const at = lineInDish(asJudged, judgedIn, food, title);
  const method = methodIn(swap, at);
  if (method !== null && !version.steps.some((s) => s.text === method.text)) {
    const after = [...version.steps];
    after.splice(placeOfMethod(line, version, method.place, own), 0, { id: context.newId(), text: method.text });
    changes.push({ kind: 'steps', before: version.steps, after });
  }
  return changes;
}

const ownFoodOf = (line: Line, food: (id: string) => Food | null): Food | null =>
  line.food.kind === 'food' ? food(line.food.foodId) : null;

/** Steps in which a batter or a dough goes into the oven. */
const INTO_THE_OVEN = /\b(?:bake|oven|tin|muffin|sheet)\b/i;
/** Steps in which a pot is on the heat: what goes in off the heat goes in behind them. */
const ON_THE_HEAT = /\b(?:simmer|boil|cook|heat|reduce|bring)\b/i;

/** Where a change of method belongs among the steps. */
function placeOfMethod(line: Line, version: Version, place: SwapMethod['place'], own: Food | null): number {
  const { steps } = version;
  const naming = sentencesNaming(line, version, own).map((s) => s.step);
  const first = naming[0] ?? 0;
  if (place === 'before') return first;
  if (place === 'oven') {
    const oven = steps.findIndex((s, i) => i >= first && INTO_THE_OVEN.test(s.text));
    return oven === -1 ? steps.length : oven;
  }
  const last = steps.findLastIndex((s, i) => naming.includes(i) || ON_THE_HEAT.test(s.text));
  return last === -1 ? steps.length : last + 1;
}

/** Allergens that a version has and its parent has not. */
export function allergensBroughtIn(before: readonly Food[], after: readonly Food[]): Allergen[] {
  const had = new Set(before.flatMap((f) => f.allergens));
  return [...new Set(after.flatMap((f) => f.allergens))].filter((a) => !had.has(a));
}
