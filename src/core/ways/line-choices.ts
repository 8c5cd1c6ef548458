import { nutritionOf } from '../counting/count-version.ts';
import { resolveLines } from '../counting/resolve-lines.ts';
import type { Allergen, Food, Role } from '../food/food.ts';
import { type CountLine, count } from '../program/count.ts';
import type { Counter } from '../program/program.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { applySwap, whyNot } from '../swap/apply-swap.ts';
import { avoidedBy } from '../swap/avoided.ts';
import { carriesDish } from '../swap/carries-dish.ts';
import { leftOutDeparture, shareDeparture } from '../swap/departure.ts';
import { swapsFitting } from '../swap/fits-line.ts';
import { roleOfLine } from '../swap/role-of-line.ts';
import type { Swap } from '../swap/swap.ts';
import { type Place, placeOf } from '../swap/verdict.ts';
import { applyEntry, type Change, lineChange } from '../version/entry.ts';
import type { Kitchen } from '../version/kitchen.ts';
import { withNewest } from '../version/kitchen.ts';
import type { Line, Version } from '../version/version.ts';
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
  /** What it weighs in a serving, g. */
  readonly grams: number;
  /** What it brings in that has to be had. */
  readonly brings: readonly Brought[];
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
  /**
   * What it may become. Where it must not stay, departures are told from the least of them: that it goes is nothing that
   * another way could avoid.
   */
  readonly choices: readonly LineChoice[];
}

export const LEAVE_OUT = 'leave-out';

export interface ChoiceContext {
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
 * stay. What somebody must not eat is no choice, not even as it is.
 */
export function lineChoices(version: Version, context: ChoiceContext): LineChoices[] {
  const servings = version.servings ?? 1;
  return version.lines.flatMap((line): LineChoices[] => {
    if (line.leftOut || line.weight === null || (line.food.kind !== 'food' && line.food.kind !== 'recipe')) return [];
    const role = roleOfLine(line, version, context.food);
    const stay = choiceOf(version, line, null, 1, 0, [], servings, context);
    const all = line.kept ? [stay] : [stay, ...changesOfLine(version, line, role, servings, stay.allowed, context)];
    const allowed = all.filter((c) => c.allowed).map((c) => c.choice);
    return [
      {
        lineId: line.id,
        item: line.item,
        role,
        kept: line.kept,
        asIs: stay.choice,
        mustGo: stay.allowed ? [] : whyItMustGo(context.without, stay.foods),
        choices: stay.allowed ? allowed : fromTheLeast(allowed),
      },
    ];
  });
}

/** Choices of a line that must not stay, their departures told from the least of them. */
function fromTheLeast(choices: readonly LineChoice[]): LineChoice[] {
  const least = Math.min(...choices.map((c) => c.departure));
  return choices.map((c) => ({ ...c, departure: Math.round((c.departure - least) * 10) / 10 }));
}

/** For whom a line must go, by name where names are known. */
function whyItMustGo(without: ChoiceContext['without'], foods: readonly Food[]): string[] {
  const named = (without.people ?? []).flatMap((p) => avoidedBy(p, foods).map((why) => `${p.name}: ${why}`));
  return named.length > 0 ? named : avoidedBy(without, foods);
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
  servings: number,
  stayAllowed: boolean,
  context: ChoiceContext,
): Judged[] {
  const out: Judged[] = [];
  // What moves to the plate is counted there: it is no lighter dish, and no search takes it.
  const fits = swapsFitting(context.swaps, line, version, role, context.food).filter((s) => s.kind !== 'toPlate');
  for (const swap of fits) {
    const departure = context.departureOf?.(swap, placeOf(role)) ?? swap.departure;
    const shares = [...new Set([swap.share, swap.mostShare])].filter((s) => whyNot(swap, line, s) === null);
    for (const share of shares) {
      let n = 0;
      const changes = applySwap(
        version,
        line.id,
        swap,
        { food: context.food, system: context.system, newId: () => `choice-${n++}` },
        share,
      );
      const far = shareDeparture(swap, share, departure);
      out.push(choiceOf(version, line, swap, share, far, changes, servings, context));
    }
  }
  // Without what carries it, it is another dish: no way to a lighter one, unless somebody must not eat it.
  const carries = carriesDish(line, version, context.food);
  // Something has to keep the rest from sticking: for fat in the pan the least is a swap's.
  const needed = carries || role === 'browning';
  if (!fits.some((s) => s.kind === 'leaveOut') && (!needed || !stayAllowed)) {
    const gone = [lineChange(version, line.id, { ...line, leftOut: true })];
    const far = leftOutDeparture(role, carries);
    const leave = choiceOf(version, line, null, 1, far, gone, servings, context);
    out.push({ ...leave, choice: { ...leave.choice, swapId: LEAVE_OUT, kind: 'leaveOut' } });
  }
  return out;
}

function choiceOf(
  version: Version,
  line: Line,
  swap: Swap | null,
  share: number,
  departure: number,
  changes: readonly Change[],
  servings: number,
  context: ChoiceContext,
): Judged {
  const next =
    changes.length === 0 ? version : applyEntry(version, { id: 'look', label: 'look', changes, undoes: null });
  const own = new Set(version.lines.map((l) => l.id));
  const place = next.lines.filter((l) => l.id === line.id || !own.has(l.id));
  const lines = resolveLines({ ...next, lines: place }, withNewest(context.kitchen, context.food));
  const nutrition = nutritionOf(lines);
  const foods = lines.flatMap((l) => l.parts.map((p) => p.food));
  const there = place.filter((l) => !l.leftOut);
  const forbidden = avoidedBy(context.without, foods).length > 0;
  const brings = broughtBy(version, line, swap, share);
  const missing =
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
      raw: context.counters.map((c, i) => additiveRaw(lines, c, servings, context.portions?.[i] ?? 1)),
      kcal: (nutrition.kcal.value ?? nutrition.kcal.high) / servings,
      protein: (nutrition.protein.value ?? 0) / servings,
      grams: there.reduce((g, l) => g + (l.weight?.grams ?? 0), 0) / servings,
      brings,
      from: line.text,
      to: there.length === 0 ? 'nothing' : there.map((l) => l.text).join(' + '),
      kind: swap?.kind ?? 'stay',
    },
  };
}

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
