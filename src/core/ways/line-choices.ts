import { nutritionOf } from '../counting/count-version.ts';
import { foodsOf } from '../counting/foods-of.ts';
import { resolveLines } from '../counting/resolve-lines.ts';
import { holdsTogether } from '../dish/holds-together.ts';
import type { Allergen, Food, Role } from '../food/food.ts';
import { type CountLine, count } from '../program/count.ts';
import type { Counter } from '../program/program.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { applySwap, whyNot } from '../swap/apply-swap.ts';
import { avoidedBy } from '../swap/avoided.ts';
import { carriesDish } from '../swap/carries-dish.ts';
import { leftOutDeparture } from '../swap/departure.ts';
import { departureOfSwap } from '../swap/departure-of-swap.ts';
import { swapsFitting } from '../swap/fits-line.ts';
import { goesAlong } from '../swap/goes-along.ts';
import { roleOfLine } from '../swap/role-of-line.ts';
import type { Swap } from '../swap/swap.ts';
import { type Place, placeOf } from '../swap/verdict.ts';
import { eatenOf } from '../version/dish-weight.ts';
import { applyEntry, type Change, lineChange } from '../version/entry.ts';
import type { Kitchen } from '../version/kitchen.ts';
import { withNewest } from '../version/kitchen.ts';
import type { Line, Version } from '../version/version.ts';
import { foodOfLineFood } from '../weighing/line-food.ts';
import { type Brought, type House, isInHouse } from './in-house.ts';

/** What a line may become: itself, nothing, or a swap of a stated share. */
export interface LineChoice {
  readonly lineId: string;
  /** null: it stays. `leave-out`: it goes. Else a swap's id. */
  readonly swapId: string | null;
  readonly share: number;
  /** 0 to 100, in tenths. */
  readonly departure: number;
  /** Unrounded points of a portion (rounded ones where items are rounded), by counter. */
  readonly raw: readonly number[];
  readonly kcal: number;
  readonly protein: number;
  /** At the most, mg. */
  readonly sodium: number;
  /** What it weighs in a serving, g. */
  readonly grams: number;
  /** What it brings in that has to be had. */
  readonly brings: readonly Brought[];
  /** Other lines that it takes along: they must stay as they are beside it. */
  readonly along: readonly string[];
  /** The words as they are, and what would stand there. */
  readonly from: string;
  readonly to: string;
  readonly kind: 'stay' | 'leaveOut' | Swap['kind'];
}

/** Somebody at the table, as far as what must not be in a dish goes. */
export interface AtTable {
  readonly name: string;
  readonly allergies: readonly Allergen[];
  readonly avoids: readonly string[];
  /** What they do not want on top of a dish. */
  readonly notOnTop?: readonly string[];
}

/** A line with what it may become; the first choice is to stay, where it may. */
export interface LineChoices {
  readonly lineId: string;
  readonly item: string;
  readonly role: Role | null;
  readonly kept: boolean;
  /** The line as it is, also where it may not stay: what a plate is counted from. */
  readonly asIs: LineChoice;
  /** Why it must not stay, for whom, in words; empty where it may. */
  readonly mustGo: readonly string[];
  /** What the nearest of its choices departs, where it must not stay: nothing that another way could avoid. */
  readonly forced: number;
  /**
   * What it may become. Where it must not stay, departures are told from the least of them: that it goes is nothing that
   * another way could avoid.
   */
  readonly choices: readonly LineChoice[];
}

export const LEAVE_OUT = 'leave-out';

export interface ChoiceContext {
  /** The recipe's title: what it is named after is not left out. Left out where nobody knows it. */
  readonly title?: string;
  readonly kitchen: Kitchen;
  /** The newest revision of a food, for what swaps bring in. */
  readonly food: (id: string) => Food | null;
  readonly swaps: readonly Swap[];
  readonly counters: readonly Counter[];
  /** Servings on each counter's plate; one each when left out. */
  readonly portions?: readonly number[];
  readonly system: MeasureSystem;
  /** Nobody at the table may or will eat these. */
  readonly without: {
    readonly allergies: readonly Allergen[];
    readonly avoids: readonly string[];
    /** Nobody wants these on top. */
    readonly notOnTop?: readonly string[];
    /** Who they are, to be named; left out where nobody is. */
    readonly people?: readonly AtTable[];
  };
  /** Foods that cannot be had, by id. */
  readonly lacking: ReadonlySet<string>;
  /** What is in the house; left out when nobody said. */
  readonly house?: House;
  /** Corrects a swap's departure, by the verdicts of this household; the swap's own without. */
  readonly departureOf?: (swap: Swap, place: Place) => number;
}

/**
 * What every line of a version may become, each with what it counts. Kept lines, open ones and those that count nothing
 * stay, unless somebody must not eat what they are. What somebody must not eat is no choice, not even as it is.
 */
export function lineChoices(version: Version, context: ChoiceContext): LineChoices[] {
  return choicesOfLines(version, context, () => true);
}

/** What every line that must not stay departs at the least, by its `originLineId`: nobody could avoid that. */
export function forcedDepartures(version: Version, context: ChoiceContext): ReadonlyMap<string, number> {
  const lines = new Map(version.lines.map((l) => [l.id, l.originLineId]));
  const must = choicesOfLines(version, context, (allowed) => !allowed);
  return new Map(must.map((l) => [lines.get(l.lineId)!, l.forced]));
}

/** @param wanted whether a line is asked for, by whether it may stay */
function choicesOfLines(
  version: Version,
  context: ChoiceContext,
  wanted: (stayAllowed: boolean) => boolean,
): LineChoices[] {
  return version.lines.flatMap((line): LineChoices[] => {
    const isWeighed = line.weight !== null && (line.food.kind === 'food' || line.food.kind === 'recipe');
    if (line.leftOut || (!isWeighed && foodOfLineFood(line.food) === null)) return [];
    const role = roleOfLine(line, version, context.food, context.title);
    const stay = choiceOf({ version, line, role, swap: null, share: 1, departure: 0, changes: [], along: [] }, context);
    // What has no amount changes no count: it stays, unless somebody must not eat it.
    if (!isWeighed && unwantedBy(context.without, stay.foods, role).length === 0) return [];
    if (!wanted(stay.allowed)) return [];
    const changes = isWeighed
      ? () => changesOfLine(version, line, role, stay.allowed, context)
      : () => [withoutLine(version, line, role, context)];
    const all = line.kept ? [stay] : [stay, ...changes()];
    const allowed = all.filter((c) => c.allowed).map((c) => c.choice);
    return [
      {
        lineId: line.id,
        item: line.item,
        role,
        kept: line.kept,
        asIs: stay.choice,
        mustGo: stay.allowed ? [] : whyItMustGo(context, stay.foods, role),
        forced: stay.allowed ? 0 : leastOf(allowed),
        choices: stay.allowed ? allowed : fromTheLeast(allowed),
      },
    ];
  });
}

/** Choices of a line that must not stay, their departures told from the least of them. */
function fromTheLeast(choices: readonly LineChoice[]): LineChoice[] {
  const least = leastOf(choices);
  return choices.map((c) => ({ ...c, departure: Math.round((c.departure - least) * 10) / 10 }));
}

const leastOf = (choices: readonly LineChoice[]): number => Math.min(...choices.map((c) => c.departure), 100);

/** What in foods that play a part somebody must not, will not, or not on top eat. */
const unwantedBy = (
  who: Pick<AtTable, 'allergies' | 'avoids' | 'notOnTop'>,
  foods: readonly Food[],
  role: Role | null,
): string[] => [
  ...avoidedBy(who, foods),
  ...(role === 'topping' ? avoidedBy({ allergies: [], avoids: who.notOnTop ?? [] }, foods) : []).map(
    (w) => `${w} on top`,
  ),
];

/** For whom a line must go, by name where names are known, or that it cannot be had. */
function whyItMustGo({ without, lacking }: ChoiceContext, foods: readonly Food[], role: Role | null): string[] {
  const why = unwantedBy(without, foods, role);
  if (why.length === 0) return foods.filter((f) => lacking.has(f.id)).map((f) => `${f.name} cannot be had`);
  const named = (without.people ?? []).flatMap((p) => unwantedBy(p, foods, role).map((w) => `${p.name}: ${w}`));
  return named.length > 0 ? named : why;
}

interface Judged {
  readonly choice: LineChoice;
  readonly foods: readonly Food[];
  readonly allowed: boolean;
}

function changesOfLine(
  version: Version,
  line: Line,
  role: Role | null,
  stayAllowed: boolean,
  context: ChoiceContext,
): Judged[] {
  const { food, system, title = '' } = context;
  const out: Judged[] = [];
  // What moves to the plate is counted there: it is no lighter dish, and no search takes it. Nor what is the same again,
  // but where the line itself cannot be had.
  const fits = swapsFitting(context.swaps, line, { version, title, role, food }).filter(
    // Salt that everyone takes at the table is another dish's worth of sodium less: that is a change.
    (s) => (s.kind !== 'toPlate' || s.from.includes('salt')) && (s.sameAgain !== true || !stayAllowed),
  );
  for (const swap of fits) {
    const own = context.departureOf?.(swap, placeOf(role)) ?? swap.departure;
    const along = goesAlong(swap, line, swap.share, { version, title, food }).map((l) => l.line);
    const shares = [...new Set([swap.share, swap.mostShare])].filter(
      (s) => whyNot(swap, line, s, version.servings) === null,
    );
    for (const share of shares) {
      let n = 0;
      const newId = (): string => `choice-${n++}`;
      const changes = applySwap(version, line.id, swap, { food, system, title, newId }, share);
      const departure = departureOfSwap(swap, share, own, { line, version, title, food });
      out.push(choiceOf({ version, line, role, swap, share, departure, changes, along }, context));
    }
  }
  // Without what carries it, it is another dish: no way to a lighter one, unless somebody must not eat it.
  const carries = carriesDish(line, version, food, title);
  // Something has to keep the rest from sticking: for fat in the pan the least is a swap's.
  const needed = carries || role === 'browning' || holdsTogether(line, version, title, food);
  if (!fits.some((s) => s.kind === 'leaveOut') && (!needed || !stayAllowed)) {
    out.push(withoutLine(version, line, role, context));
  }
  return out;
}

/** A dish without a line. */
function withoutLine(version: Version, line: Line, role: Role | null, context: ChoiceContext): Judged {
  const changes = [lineChange(version, line.id, { ...line, leftOut: true })];
  const departure = leftOutDeparture(role, carriesDish(line, version, context.food, context.title ?? ''));
  const leave = choiceOf({ version, line, role, swap: null, share: 1, departure, changes, along: [] }, context);
  return { ...leave, choice: { ...leave.choice, swapId: LEAVE_OUT, kind: 'leaveOut' } };
}

/** One change of a line that is looked at. */
interface Considered {
  readonly version: Version;
  readonly line: Line;
  readonly role: Role | null;
  readonly swap: Swap | null;
  readonly share: number;
  readonly departure: number;
  readonly changes: readonly Change[];
  /** The lines that it takes along. */
  readonly along: readonly Line[];
}

function choiceOf(c: Considered, context: ChoiceContext): Judged {
  const { version, line, role, swap, share, departure, changes, along } = c;
  const servings = version.servings ?? 1;
  const next =
    changes.length === 0 ? version : applyEntry(version, { id: 'look', label: 'look', changes, undoes: null });
  const ids = new Set([line.id, ...along.map((l) => l.id)]);
  const was = new Set(version.lines.map((l) => l.id));
  const kitchen = withNewest(context.kitchen, context.food);
  const place = next.lines.filter((l) => ids.has(l.id) || !was.has(l.id));
  const lines = resolveLines({ ...next, lines: place }, kitchen);
  // Lines that go along stay in their own place of the sum: only what they lose is counted here.
  const beside = resolveLines({ ...version, lines: along }, kitchen);
  const [nutrition, nutritionBeside] = [nutritionOf(lines), nutritionOf(beside)];
  const foods = foodsOf({ lines });
  const there = place.filter((l) => !l.leftOut);
  const words = there.filter((l) => !along.some((a) => a.id === l.id)).map((l) => l.text);
  const less = [
    ...along.filter((a) => !there.some((l) => l.id === a.id)).map((l) => `without ${l.text}`),
    ...there.filter((l) => along.some((a) => a.id === l.id)).map((l) => `with ${l.text}`),
  ];
  const grams = (of: readonly Line[]): number => of.reduce((g, l) => g + eatenOf(l), 0);
  const forbidden = unwantedBy(context.without, foods, role).length > 0;
  const brings = broughtBy(version, line, swap, share);
  const missing =
    (swap === null && changes.length === 0 && foods.some((f) => context.lacking.has(f.id))) ||
    brings.some((b) => context.lacking.has(b.foodId)) ||
    (context.house?.only === true && !isInHouse(brings, context.house));
  return {
    foods,
    allowed: !forbidden && !missing,
    choice: {
      lineId: line.id,
      swapId: swap?.id ?? null,
      share,
      departure,
      raw: context.counters.map((counter, i) => {
        const portion = context.portions?.[i] ?? 1;
        const raw = (of: readonly CountLine[]): number => additiveRaw(of, counter, servings, portion);
        return along.length === 0 ? raw(lines) : raw(lines) - raw(beside);
      }),
      kcal: (mostKcal(nutrition) - mostKcal(nutritionBeside)) / servings,
      protein: ((nutrition.protein.value ?? 0) - (nutritionBeside.protein.value ?? 0)) / servings,
      sodium: (mostSodium(nutrition) - mostSodium(nutritionBeside)) / servings,
      grams: (grams(there) - grams(along)) / servings,
      brings,
      along: along.map((l) => l.id),
      from: line.text,
      to: [words.length === 0 ? 'nothing' : words.join(' + '), ...less].join(', '),
      kind: swap?.kind ?? 'stay',
    },
  };
}

const mostSodium = (n: ReturnType<typeof nutritionOf>): number => n.sodium.value ?? n.sodium.high;
const mostKcal = (n: ReturnType<typeof nutritionOf>): number => n.kcal.value ?? n.kcal.high;

/** What a swap brings in, for the whole dish; more of what the dish has anyway is had with it. */
function broughtBy(version: Version, line: Line, swap: Swap | null, share: number): Brought[] {
  const has = new Set(version.lines.flatMap((l) => (l.food.kind === 'food' && !l.leftOut ? [l.food.foodId] : [])));
  return (swap?.into ?? [])
    .filter((t) => !has.has(t.foodId))
    .map((t) => ({ foodId: t.foodId, grams: (line.weight?.grams ?? 0) * share * t.ratio }));
}

/** What lines add to a portion's count, where it adds up over lines: points where items are rounded, else unrounded. */
function additiveRaw(lines: readonly CountLine[], counter: Counter, servings: number, portion: number): number {
  if (portion === 0) return 0;
  const c = count(lines, counter, { servings, portion });
  return counter.program.by === 'items' ? c.points : c.raw;
}
