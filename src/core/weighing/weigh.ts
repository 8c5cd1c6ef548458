import { COOKED_DENSITY, cookedYield } from '../food/cooked-yield.ts';
import { edibleShare } from '../food/edible-share.ts';
import { densityOf, type Food } from '../food/food.ts';
import { foodWords, singular } from '../food/food-words.ts';
import { type MeasureSystem, measureScale, millilitersOf } from '../quantity/measure-system.ts';
import { CM_PER_INCH, unitNamed } from '../quantity/units.ts';
import type { Reading } from '../reading/reading.ts';
import { byFeel, tooLightToAsk } from './by-feel.ts';
import type { Weight } from './weight.ts';

export interface Weighing {
  readonly weight: Weight | null;
  readonly warnings: readonly string[];
}

/** Amounts of one kind in a line may differ by this much before the cook is told. */
const DISAGREES = 0.15;
/** What a drained food keeps of its can's weight: common practice. */
const DRAINED = { fish: 0.8, other: 0.6 };
/** Grams of things the cook does not measure, where the food has no measure of its own: common practice. */
const ROUGH: Readonly<Record<string, number>> = {
  pinch: 0.3,
  dash: 0.6,
  splash: 5,
  drizzle: 5,
  glug: 14,
  dollop: 25,
  squeeze: 5,
  drop: 0.05,
  grating: 0.2,
  knob: 15,
  pat: 5,
  handful: 30,
  clove: 4,
  slice: 25,
  strip: 20,
  rasher: 26,
  can: 400,
  jar: 400,
  bottle: 500,
  carton: 500,
  package: 250,
  packet: 10,
  sachet: 8,
  envelope: 10,
  box: 250,
  bag: 300,
  tub: 250,
  pot: 150,
  container: 250,
  block: 200,
  log: 110,
  tube: 100,
  bunch: 100,
  head: 500,
  bulb: 150,
  rib: 40,
  stalk: 40,
  stick: 100,
  sprig: 1.5,
  leaf: 2,
  spear: 16,
  inch: 15,
  centimeter: 6,
  fillet: 150,
  sheet: 25,
  cube: 5,
  ball: 125,
  scoop: 66,
  square: 5,
  bar: 100,
  loaf: 450,
  glass: 200,
  shot: 42,
  piece: 100,
  wedge: 30,
  link: 75,
  ear: 90,
  cob: 90,
  pod: 3,
  sleeve: 115,
  spray: 0.25,
  second: 0.8,
};
const ROUGHNESS = 0.4;
/** The measures a word of size may mean, the nearest first. */
const SIZE_MEASURES: Readonly<Record<string, readonly string[]>> = {
  small: ['small'],
  medium: ['medium'],
  large: ['large'],
  'extra-large': ['extra large', 'large'],
  jumbo: ['jumbo', 'extra large', 'large'],
};
/** Forms that are one to a cup. */
const SAME_FORM: Readonly<Record<string, string>> = { shredded: 'grated' };
/** Small packages go by many names: yeast sold by the packet is written by the package. */
const PACKAGES = ['package', 'packet', 'sachet', 'envelope', 'box', 'bag', 'tub', 'pot', 'carton', 'container'];
/** How a spoken measure differs from a level one: common practice. */
const SPOKEN: Readonly<Record<string, number>> = { scant: 0.9, heaping: 1.25, generous: 1.1 };

/** What of a reading says in which form and size a food is. */
type Described = Pick<Reading, 'modifiers' | 'note' | 'item'> &
  Partial<Pick<Reading, 'packageQuantity' | 'packageUnit'>>;

interface OneAmount {
  readonly grams: number;
  readonly from: Weight['from'];
  /** Relative uncertainty either way. */
  readonly spread: number;
}

/** Weighs one quantity of a unit of a food; null when nothing says what it weighs. */
export function weighAmount(
  quantity: number,
  unitName: string | null,
  food: Food,
  system: MeasureSystem,
  reading: Described | null = null,
): OneAmount | null {
  const unit = unitName === null ? null : unitNamed(unitName);
  if (unit?.kind === 'weight') return { grams: quantity * unit.factor!, from: 'weight', spread: 0 };
  const forms = formsIn(reading);
  if (unit?.kind === 'volume') return weighVolume(quantity, unit.name, food, system, forms);
  const sizes = reading?.modifiers.flatMap((m) => SIZE_MEASURES[m] ?? []) ?? [];
  // "1 large head of cabbage": the size says more than the head.
  const names = unit
    ? [...(unit.name === 'head' ? sizes : []), unit.name]
    : // "1 large (8-inch) tortilla": the inches say more than the word.
      [...(isMeasured(forms) ? ['piece'] : []), ...sizes, ...unitWordsIn(reading?.item ?? '', food), ...ANY_PIECE];
  for (const name of names) {
    const m =
      food.measures.find((x) => x.unit === name && x.form !== null && forms.has(singular(x.form))) ??
      food.measures.find((x) => x.unit === name && x.form === null);
    if (m) return { grams: quantity * m.grams, from: unit === null ? 'count' : 'measure', spread: 0 };
  }
  if (unit?.name === 'centimeter') {
    const inch = food.measures.find((m) => m.unit === 'inch');
    if (inch) return { grams: (quantity * inch.grams) / CM_PER_INCH, from: 'measure', spread: 0 };
  }
  if (unit && PACKAGES.includes(unit.name)) {
    const other = food.measures.find((m) => PACKAGES.includes(m.unit));
    if (other) return { grams: quantity * other.grams, from: 'estimate', spread: 0.15 };
  }
  const rough = unit ? ROUGH[unit.name] : undefined;
  return rough === undefined ? null : { grams: quantity * rough, from: 'estimate', spread: ROUGHNESS };
}

const ANY_PIECE = ['piece', 'medium', 'large'];
const isMeasured = (forms: ReadonlySet<string>): boolean => [...forms].some((f) => f.endsWith(' inch'));

/** The forms a line's words name: `grated`, `packed`, `8 inch`. */
function formsIn(reading: Described | null): ReadonlySet<string> {
  const text = `${reading?.note ?? ''} ${reading?.item ?? ''} ${reading?.modifiers.join(' ') ?? ''}`;
  const words = foodWords(text);
  const across = [...text.matchAll(/(\d{1,2})(?:[- ]?inch|")/gi)].map((m) => `${m[1]} inch`);
  if (reading?.packageUnit === 'inch') across.push(`${reading.packageQuantity} inch`);
  return new Set([...words, ...words.flatMap((w) => SAME_FORM[w] ?? []), ...across]);
}

/** Measure names that the item's own words hold: the "fillets" of "salmon fillets". */
const unitWordsIn = (item: string, food: Food): string[] =>
  foodWords(item).filter(
    (w) => food.measures.some((m) => m.unit === w) && !['small', 'medium', 'large', 'cup'].includes(w),
  );

function weighVolume(
  quantity: number,
  unitName: string,
  food: Food,
  system: MeasureSystem,
  forms: ReadonlySet<string>,
): OneAmount | null {
  const ml = millilitersOf(unitName, system)! * quantity;
  const inForm = food.measures.find(
    (m) => m.form !== null && forms.has(singular(m.form)) && millilitersOf(m.unit, 'us') !== null,
  );
  if (inForm) {
    const grams = (ml * inForm.grams) / millilitersOf(inForm.unit, 'us')!;
    return { grams, from: inForm.unit === unitName ? 'measure' : 'density', spread: 0 };
  }
  const own = food.measures.find((m) => m.unit === unitName && m.form === null);
  if (own) return { grams: quantity * own.grams * measureScale(unitName, system), from: 'measure', spread: 0 };
  const density = densityOf(food);
  if (density !== null) return { grams: ml * density, from: 'density', spread: 0 };
  const liquid = food.kinds.some((k) => k === 'drink' || k === 'broth' || k === 'juice' || k === 'alcohol');
  return { grams: ml * (liquid ? 1 : 0.6), from: 'estimate', spread: liquid ? 0.05 : ROUGHNESS };
}

const DRUNK: ReadonlySet<string> = new Set(['drink', 'juice', 'alcohol']);
/** "1 can (240 g drained)": the weight is told without what is poured off. */
const SAYS_DRAINED_WEIGHT = /\d\s*(?:g|grams?|oz|ounces?)\.?,?\s+(?:each,? )?(?:when )?drained\b|\bdrained weight\b/i;

/** Whether what is in a can of it is eaten without its liquid. */
export const isPouredOff = (food: Food, note: string | null): boolean =>
  food.state === 'drained' || (food.state === 'canned' && /\bdrained\b/i.test(note ?? ''));

function weighPackages(reading: Reading, food: Food, system: MeasureSystem, quantity: number): OneAmount | null {
  if (reading.packageQuantity === null || reading.packageUnit === null) return null;
  // What is drunk is sold by the fluid ounce: "1 can (12 oz) evaporated milk" holds 378 g.
  const poured = reading.packageUnit === 'ounce' && reading.unit !== null && food.kinds.some((k) => DRUNK.has(k));
  const size = weighAmount(reading.packageQuantity, poured ? 'fluid ounce' : reading.packageUnit, food, system, null);
  if (size === null || unitNamed(reading.packageUnit)?.kind === 'count') return null;
  // "7 of the 10 oz": the amount is in the package's own unit.
  if (reading.unit === reading.packageUnit) return null;
  const tinned = reading.unit === 'can' || reading.unit === 'jar';
  const drained = tinned && isPouredOff(food, reading.note) && !SAYS_DRAINED_WEIGHT.test(reading.line);
  const share = drained ? (food.kinds.includes('fish') ? DRAINED.fish : DRAINED.other) : 1;
  return { grams: quantity * size.grams * share, from: 'package', spread: drained ? 0.08 : 0 };
}

/**
 * Weighs a line as the given food: the weight it states, else its package's, else the food's own measures, else
 * density, else an estimate with a wide interval. A range counts at its middle and spans both ends.
 */
export function weighLine(reading: Reading, food: Food, system: MeasureSystem): Weighing {
  const warnings: string[] = [];
  if (reading.quantity === null) return { weight: unmeasured(reading, food), warnings };
  const low = reading.quantity;
  const high = reading.quantityMax ?? reading.quantity;
  const middle = (low + high) / 2;
  const spoken = reading.modifiers.reduce((f, m) => f * (SPOKEN[m] ?? 1), 1);

  const main =
    weighCooked(reading, food, system, middle) ??
    weighPackages(reading, food, system, middle) ??
    weighAmount(middle, reading.unit, food, system, reading);
  let chosen = main;
  let spread = middle > 0 ? (high - low) / 2 / middle : 0;
  const statesWeight = (unit: string | null) => unit !== null && unitNamed(unit)?.kind === 'weight';
  // "2 tbsp + 2 tsp (38 g) butter": what is said behind the sum is the sum.
  const plus = reading.parts.filter((p) => p.relation === 'plus');
  const added = plus.map((p) => weighAmount(p.quantity, p.unit, food, system, reading));
  let isTotal = false;
  for (const [i, part] of reading.parts.entries()) {
    if (part.relation !== 'same') continue;
    const behindSum = reading.parts.slice(0, i).filter((p) => p.relation === 'plus').length === plus.length;
    const partMiddle = (part.quantity + (part.quantityMax ?? part.quantity)) / 2;
    const said = weighAmount(partMiddle, part.unit, food, system, reading);
    if (said === null) continue;
    if (
      main !== null &&
      reading.unit !== null &&
      main.from !== 'estimate' &&
      unitNamed(reading.unit)?.kind !== 'count'
    ) {
      const sum = main.grams + (behindSum ? added.reduce((g, a) => g + (a?.grams ?? 0), 0) : 0);
      const gap = Math.abs(said.grams - sum) / Math.max(said.grams, sum);
      if (gap > DISAGREES) {
        warnings.push(
          `The two amounts in this line disagree by ${Math.round(gap * 100)} %. ${statesWeight(part.unit) && !statesWeight(reading.unit) ? 'It is counted by the weight.' : 'It is counted by the first.'} Check which one holds.`,
        );
      }
    }
    const better =
      chosen === null || chosen.from === 'estimate' || (statesWeight(part.unit) && !statesWeight(reading.unit));
    if (better) {
      chosen = said;
      isTotal = behindSum;
      spread = partMiddle > 0 ? ((part.quantityMax ?? part.quantity) - part.quantity) / 2 / partMiddle : 0;
    }
  }
  if (chosen === null || chosen.from === 'estimate') {
    const weight = byEnergy(reading, food);
    if (weight !== null) return { weight, warnings };
  }
  if (chosen === null) return { weight: null, warnings };
  // What is weighed piece by piece is weighed as it is bought, too: "4 pork chops (6 oz each), bone-in".
  const bySize = chosen.from === 'package' && reading.unit === null;
  const eaten = chosen.from === 'weight' || bySize ? edibleShare(food, reading.line) : null;
  if (eaten !== null) {
    warnings.push(`Weighed with what is thrown away: ${Math.round(eaten * 100)} % of it is counted.`);
    chosen = { ...chosen, grams: chosen.grams * eaten, spread: Math.max(chosen.spread, 0.08) };
  }
  let grams = chosen.grams * (chosen.from === 'weight' ? 1 : spoken);
  if (spoken !== 1 && chosen.from !== 'weight') spread = Math.max(spread, 0.1);
  let lowG = grams * (1 - spread) * (1 - chosen.spread);
  let highG = grams * (1 + spread) * (1 + chosen.spread);
  for (const more of isTotal ? [] : added) {
    if (more === null) continue;
    grams += more.grams;
    lowG += more.grams * (1 - more.spread);
    highG += more.grams * (1 + more.spread);
  }
  return { weight: { grams, low: lowG, high: highG, from: chosen.from }, warnings };
}

/** "2 cups cooked buckwheat", where the pantry has it dry: what that was before it took up water. */
function weighCooked(reading: Reading, food: Food, system: MeasureSystem, quantity: number): OneAmount | null {
  const factor = cookedYield(food);
  const unit = reading.unit === null ? null : unitNamed(reading.unit);
  if (factor === null || unit === null || !/^(?:cooked|boiled)\b/i.test(reading.item)) return null;
  const cooked =
    unit.kind === 'weight'
      ? quantity * unit.factor!
      : unit.kind === 'volume'
        ? quantity * millilitersOf(unit.name, system)! * COOKED_DENSITY
        : null;
  return cooked === null ? null : { grams: cooked / factor, from: 'estimate', spread: 0.12 };
}

/** A line without an amount: a spray is a second or two; what only seasons or garnishes adds nothing to count. */
function unmeasured(reading: Reading, food: Food): Weight | null {
  const second = food.measures.find((m) => m.unit === 'second');
  if (second && !reading.modifiers.includes('to taste')) {
    return { grams: 2 * second.grams, low: second.grams, high: 4 * second.grams, from: 'estimate' };
  }
  return byFeel(reading, food) ?? byEnergy(reading, food) ?? (isRest(reading) ? null : tooLightToAsk(food));
}

/** "The rest of the butter" is not a little butter. */
const isRest = (reading: Pick<Reading, 'modifiers'>): boolean => reading.modifiers.includes('the rest');

/** What weighs as much as the energy says that the line states; null when it states none. */
function byEnergy(reading: Pick<Reading, 'energy' | 'quantity'>, food: Food): Weight | null {
  const total = statedKcal(reading);
  const per100 = food.per100g.kcal.value;
  if (total === null || per100 === null || per100 <= 0) return null;
  const grams = (100 * total) / per100;
  return { grams, low: grams * (1 - ROUGHNESS / 2), high: grams * (1 + ROUGHNESS / 2), from: 'estimate' };
}

/** The energy that a line states for all of it, kcal; null when it states none. */
export const statedKcal = ({ energy, quantity }: Pick<Reading, 'energy' | 'quantity'>): number | null =>
  energy === null ? null : energy.kcal * (energy.each ? (quantity ?? 1) : 1);

/** Whether a line without an amount needs none: seasoned to taste, a spice, a herb, something only strewn on. */
export function needsNoAmount(reading: Pick<Reading, 'quantity' | 'modifiers' | 'note'>, food: Food): boolean {
  if (reading.quantity !== null) return false;
  if (food.kinds.includes('nothing')) return true;
  const light =
    food.kinds.some((k) => k === 'spice' || k === 'seasoning') ||
    (food.kinds.includes('veg') && food.roles.includes('flavour'));
  return (
    light || (reading.modifiers.includes('to taste') && food.kinds.some((k) => k === 'sauce' || k === 'citrusjuice'))
  );
}
