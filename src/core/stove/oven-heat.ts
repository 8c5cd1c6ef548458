/** How hot an oven is to be, as a step says it. */
export interface OvenHeat {
  /** What the step says; a range has two. */
  readonly said: { readonly low: number; readonly high: number | null; readonly unit: 'C' | 'F' | 'gas' };
  /** The same in both scales, as ovens are marked; of a range its ends. */
  readonly celsius: readonly number[];
  readonly fahrenheit: readonly number[];
  /** Whether the step means one that blows. */
  readonly fan: boolean;
}

const NEAR_OVEN =
  /\b(?:oven|bake|baked|baking|roast|roasted|roasting|preheat|broil|grill|gratinate|dry|crisp|return)\b/i;
/** What else is as hot as an oven: a pan of fat, the inside of a roast. */
const NO_OVEN = /\b(?:oil|fat|lard|syrup|sugar|milk|water|inside|reads|reaches|internal|temperature of|thermometer)\b/i;
const DEGREES =
  /(\d{2,3})(?:\s?(?:-|–|to)\s?(\d{2,3}))?\s?(?:°|º|˚|degrees?)\s?([CF])?\b|(\d{3})(?:\s?(?:-|–|to)\s?(\d{3}))?\s?([CF])\b(?!\w)/i;
const IN_BRACKETS = /^\s*\(?\/?\s*(\d{2,3})\s?(?:°|º|˚|degrees?)?\s?([CF])\b/i;
const GAS = /\bgas (?:mark )?(\d{1,2})\b/i;
/** Gas mark 1 is 275 °F, each further one 25 °F more (British practice). */
const GAS_1_F = 275;
const GAS_STEP_F = 25;
/** Without a letter it is Fahrenheit from here on, for no household oven has so many degrees Celsius. */
const CANNOT_BE_CELSIUS = 275;

const toF = (c: number): number => (c * 9) / 5 + 32;
const toC = (f: number): number => ((f - 32) * 5) / 9;
const toNearest = (n: number, step: number): number => Math.round(n / step) * step;

/** As dials are marked: in steps of 25 °F and of 10 °C, else of 5. Common practice: 180 °C is 350 °F. */
const asMarkedF = (c: number): number => {
  const f = toF(c);
  return Math.abs(toNearest(f, 25) - f) <= 10 ? toNearest(f, 25) : toNearest(f, 5);
};
const asMarkedC = (f: number): number => {
  const c = toC(f);
  return Math.abs(toNearest(c, 10) - c) <= 6 ? toNearest(c, 10) : toNearest(c, 5);
};

/**
 * The heat of the oven that a step speaks of; null where it speaks of none, or of hot fat, or of the inside of a roast.
 *
 * @example ovenHeat('Bake at 180 °C for an hour.')?.fahrenheit // [350]
 */
export function ovenHeat(text: string): OvenHeat | null {
  for (const clause of text.split(/(?<=[.;!?])\s+|,\s+(?=until|then)/)) {
    const heat = NEAR_OVEN.test(clause) || GAS.test(clause) ? heatIn(clause) : null;
    if (heat !== null) return heat;
  }
  return null;
}

function heatIn(clause: string): OvenHeat | null {
  const gas = GAS.exec(clause);
  const m = DEGREES.exec(clause);
  const fan = /\b(?:fan|convection)\b/i.test(clause);
  if (m === null) {
    if (gas === null) return null;
    const mark = Number(gas[1]);
    const f = GAS_1_F + (mark - 1) * GAS_STEP_F;
    return { said: { low: mark, high: null, unit: 'gas' }, celsius: [asMarkedC(f)], fahrenheit: [f], fan };
  }
  if (
    NO_OVEN.test(clause.slice(0, m.index)) ||
    /^\W*(?:inside|in the (?:middle|centre))/i.test(clause.slice(m.index + m[0].length))
  )
    return null;
  const low = Number(m[1] ?? m[4]);
  const high = m[2] ?? m[5];
  const letter = (m[3] ?? m[6])?.toUpperCase();
  const unit = letter === 'C' || letter === 'F' ? letter : low >= CANNOT_BE_CELSIUS ? 'F' : 'C';
  const ends = high === undefined ? [low] : [low, Number(high)];
  // Too cold for an oven, or hotter than any.
  if (ends.some((n) => (unit === 'C' ? n < 50 || n > 320 : n < 120 || n > 600))) return null;
  const other = IN_BRACKETS.exec(clause.slice(m.index + m[0].length));
  const own = other !== null && other[2]!.toUpperCase() !== unit && ends.length === 1 ? [Number(other[1])] : null;
  return {
    said: { low, high: high === undefined ? null : Number(high), unit },
    celsius: unit === 'C' ? ends : (own ?? ends.map(asMarkedC)),
    fahrenheit: unit === 'F' ? ends : (own ?? ends.map(asMarkedF)),
    fan,
  };
}

const inC = (h: Pick<OvenHeat, 'celsius'>): string => `${h.celsius.join(' to ')} °C`;
const inF = (h: Pick<OvenHeat, 'fahrenheit'>): string => `${h.fahrenheit.join(' to ')} °F`;

/** An oven's heat in words, in the step's own scale first: "180 °C (350 °F)". */
export function ovenWords(heat: OvenHeat): string {
  const fan = heat.fan ? ' fan' : '';
  if (heat.said.unit === 'gas') return `gas mark ${heat.said.low} (${inC(heat)}, ${inF(heat)})`;
  return heat.said.unit === 'C' ? `${inC(heat)}${fan} (${inF(heat)})` : `${inF(heat)}${fan} (${inC(heat)})`;
}

/**
 * What to set an oven to that is hotter, or colder, than it says.
 *
 * @param runsHot by so many °C; below 0 it runs cold; null where nobody measured
 * @returns null where nothing has to be set otherwise
 */
export function ovenSetWords(heat: OvenHeat, runsHot: number | null): string | null {
  if (runsHot === null || Math.round(runsHot) === 0) return null;
  const celsius = heat.celsius.map((c) => toNearest(c - runsHot, 5));
  const set = `${celsius.join(' to ')} °C (${celsius.map((c) => toNearest(toF(c), 5)).join(' to ')} °F)`;
  return `Set it to ${set}: your oven runs ${Math.abs(Math.round(runsHot))} °C ${runsHot > 0 ? 'hot' : 'cold'}.`;
}
