/**
 * The units a cook writes, by one canonical singular English name each.
 *
 * Volumes in millilitres and weights in grams. US customary factors are those of NIST Handbook 44, appendix C;
 * the label system is 21 CFR 101.9(b)(5)(viii); the metric cup and spoons are common practice.
 */
export type UnitKind = 'volume' | 'weight' | 'count' | 'time';

export interface Unit {
  /** Canonical singular name, such as `tablespoon`. */
  readonly name: string;
  readonly plural: string;
  /** How the unit is written beside an amount, such as `tbsp`. */
  readonly short: string;
  readonly kind: UnitKind;
  /** ml for a volume, g for a weight; null where the food decides. US customary. */
  readonly factor: number | null;
  readonly aliases: readonly string[];
}

const unit = (
  name: string,
  kind: UnitKind,
  factor: number | null,
  aliases: string,
  short = name,
  plural = `${name}s`,
): Unit => ({ name, plural, short, kind, factor, aliases: aliases.split(' ').filter(Boolean) });

/** 1 US cup in ml: NIST Handbook 44, appendix C (8 fluid ounces of 29.5735295625 ml). */
export const US_CUP_ML = 236.5882365;
/** 1 avoirdupois ounce in g: NIST Handbook 44, appendix C (exact). */
export const OUNCE_G = 28.349523125;
/** 1 avoirdupois pound in g: NIST Handbook 44, appendix C (exact). */
export const POUND_G = 453.59237;

/** 1 inch in cm: exact, by the international yard and pound agreement of 1959. */
export const CM_PER_INCH = 2.54;

export const UNITS: readonly Unit[] = [
  unit('cup', 'volume', US_CUP_ML, 'cups c C', 'cup'),
  unit('tablespoon', 'volume', US_CUP_ML / 16, 'tablespoons tbsp tbsps tbs tbl tblsp tbls T Tb EL', 'tbsp'),
  unit('teaspoon', 'volume', US_CUP_ML / 48, 'teaspoons tsp tsps ts t TL', 'tsp'),
  // Common practice; the gill is half a US cup.
  unit('dessertspoon', 'volume', 10, 'dessertspoons dsp dstspn dessert-spoon', 'dsp'),
  unit('gill', 'volume', US_CUP_ML / 2, 'gills'),
  unit('fluid ounce', 'volume', US_CUP_ML / 8, 'floz fl-oz', 'fl oz'),
  unit('pint', 'volume', US_CUP_ML * 2, 'pints pt pts', 'pint'),
  unit('quart', 'volume', US_CUP_ML * 4, 'quarts qt qts', 'quart'),
  unit('gallon', 'volume', US_CUP_ML * 16, 'gallons gal', 'gallon'),
  unit('milliliter', 'volume', 1, 'milliliters millilitre millilitres ml mls mL cc', 'ml'),
  unit('centiliter', 'volume', 10, 'centiliters centilitre centilitres cl', 'cl'),
  unit('deciliter', 'volume', 100, 'deciliters decilitre decilitres dl', 'dl'),
  unit('liter', 'volume', 1000, 'liters litre litres l L ltr', 'l'),
  unit('gram', 'weight', 1, 'grams gramme grammes g gr gm gms', 'g'),
  unit('decagram', 'weight', 10, 'decagrams dag dkg deka', 'dag'),
  unit('kilogram', 'weight', 1000, 'kilograms kilo kilos kg kgs', 'kg'),
  unit('milligram', 'weight', 0.001, 'milligrams mg', 'mg'),
  unit('ounce', 'weight', OUNCE_G, 'ounces oz ozs', 'oz'),
  unit('pound', 'weight', POUND_G, 'pounds lb lbs', 'lb'),
  unit('second', 'time', null, 'seconds sec secs s'),
  unit('inch', 'count', null, 'inches "', 'inch', 'inches'),
  unit('centimeter', 'count', null, 'centimeters centimetre centimetres cm'),
  unit('pinch', 'count', null, 'pinches Prise Prisen', 'pinch', 'pinches'),
  unit('dash', 'count', null, 'dashes', 'dash', 'dashes'),
  unit('splash', 'count', null, 'splashes', 'splash', 'splashes'),
  unit('drizzle', 'count', null, 'drizzles'),
  unit('glug', 'count', null, 'glugs'),
  unit('dollop', 'count', null, 'dollops'),
  unit('squeeze', 'count', null, 'squeezes'),
  unit('drop', 'count', null, 'drops'),
  unit('grating', 'count', null, 'gratings'),
  unit('knob', 'count', null, 'knobs'),
  unit('pat', 'count', null, 'pats'),
  unit('handful', 'count', null, 'handfuls'),
  unit('clove', 'count', null, 'cloves Zehe Zehen'),
  unit('slice', 'count', null, 'slices Scheibe Scheiben'),
  unit('rasher', 'count', null, 'rashers'),
  unit('strip', 'count', null, 'strips'),
  unit('piece', 'count', null, 'pieces pc pcs'),
  unit('can', 'count', null, 'cans tin tins Dose Dosen'),
  unit('jar', 'count', null, 'jars'),
  unit('bottle', 'count', null, 'bottles'),
  unit('carton', 'count', null, 'cartons'),
  unit('package', 'count', null, 'packages pkg pkgs pkt pack packs Pck Päckchen Packung Packungen'),
  unit('packet', 'count', null, 'packets'),
  unit('sachet', 'count', null, 'sachets'),
  unit('envelope', 'count', null, 'envelopes'),
  unit('box', 'count', null, 'boxes', 'box', 'boxes'),
  unit('bag', 'count', null, 'bags'),
  unit('tub', 'count', null, 'tubs Becher'),
  unit('pot', 'count', null, 'pots'),
  unit('container', 'count', null, 'containers'),
  unit('block', 'count', null, 'blocks'),
  unit('log', 'count', null, 'logs'),
  unit('tube', 'count', null, 'tubes'),
  unit('bunch', 'count', null, 'bunches Bund', 'bunch', 'bunches'),
  unit('head', 'count', null, 'heads'),
  unit('bulb', 'count', null, 'bulbs'),
  unit('rib', 'count', null, 'ribs'),
  unit('stalk', 'count', null, 'stalks'),
  unit('stick', 'count', null, 'sticks'),
  unit('sprig', 'count', null, 'sprigs'),
  unit('leaf', 'count', null, 'leaves', 'leaf', 'leaves'),
  unit('spear', 'count', null, 'spears'),
  unit('ear', 'count', null, 'ears'),
  unit('cob', 'count', null, 'cobs'),
  unit('wedge', 'count', null, 'wedges'),
  unit('fillet', 'count', null, 'fillets filet filets'),
  unit('sheet', 'count', null, 'sheets'),
  unit('cube', 'count', null, 'cubes'),
  unit('ball', 'count', null, 'balls'),
  unit('scoop', 'count', null, 'scoops'),
  unit('square', 'count', null, 'squares'),
  unit('bar', 'count', null, 'bars'),
  unit('loaf', 'count', null, 'loaves', 'loaf', 'loaves'),
  unit('glass', 'count', null, 'glasses', 'glass', 'glasses'),
  unit('shot', 'count', null, 'shots'),
  unit('pod', 'count', null, 'pods'),
  unit('link', 'count', null, 'links'),
  unit('sleeve', 'count', null, 'sleeves'),
  unit('spray', 'count', null, 'sprays spritz spritzes'),
  unit('serving', 'count', null, 'servings portion portions'),
];

const byName = new Map(UNITS.map((u) => [u.name, u]));
const byAlias = new Map<string, Unit>();
for (const u of UNITS) {
  for (const word of [u.name, u.plural, ...u.aliases]) {
    if (!byAlias.has(word)) byAlias.set(word, u);
    const lower = word.toLowerCase();
    // A capital T is a tablespoon and a small t a teaspoon: those letters keep their case.
    if (word.length > 1 && !byAlias.has(lower)) byAlias.set(lower, u);
  }
}

/**
 * The unit that a written word stands for, or null. `T` and `t` differ; a trailing full stop is allowed.
 *
 * @example findUnit('Tbsp.')?.name // 'tablespoon'
 */
export function findUnit(word: string): Unit | null {
  const bare = word.replace(/\.$/, '');
  return byAlias.get(bare) ?? byAlias.get(bare.toLowerCase()) ?? null;
}

/** The unit of a canonical name; null for a name that is not one. */
export function unitNamed(name: string): Unit | null {
  return byName.get(name) ?? null;
}

/** The packages that other amounts stand in: `1 (14.5 oz) can`. */
export const PACKAGE_UNITS: ReadonlySet<string> = new Set(
  'can jar bottle carton package packet sachet envelope box bag tub pot container block log tube loaf bar sleeve'.split(
    ' ',
  ),
);
