import { trimmed } from '../quantity/format-amount.ts';
import type { PhotoLine } from './photo-lines.ts';

/** What a panel is printed with: what its values are for, that in household words, and the values. Salt is in `sodium`. */
export type PanelField =
  | 'basisGrams'
  | 'quantity'
  | 'unit'
  | 'kcal'
  | 'fat'
  | 'satFat'
  | 'carbs'
  | 'sugars'
  | 'addedSugars'
  | 'fibre'
  | 'protein'
  | 'sodium';

/** A field of a photographed panel. */
export interface PanelValue {
  /** As it is typed into a label; null where it has to be asked. */
  readonly value: string | null;
  /** What it may be, where it is asked. */
  readonly offers: readonly string[];
  /** Where it stands. */
  readonly line: PhotoLine;
}

/** A photographed nutrition panel. */
export interface ReadPanel {
  /** How its values are rounded: as in the United States, or in the European Union; null where it does not show. */
  readonly rules: 'us' | 'eu' | null;
  readonly fields: ReadonlyMap<PanelField, PanelValue>;
}

/** The names of what is printed, the closer one first; figures may stand close behind. Energy is read by its unit. */
const PRINTED_NAMES: readonly (readonly [PanelField, RegExp])[] = [
  ['addedSugars', /added sugars?/i],
  ['satFat', /saturate/i],
  ['sugars', /\bsugars?(?![a-z])/i],
  ['carbs', /carbohydrate|\bcarbs?(?![a-z])/i],
  ['fibre', /\bfib(?:er|re)(?![a-z])/i],
  ['protein', /\bproteins?(?![a-z])/i],
  ['sodium', /\b(?:sodium|salt)(?![a-z])/i],
  ['fat', /^(?:total )?fat(?![a-z])/i],
];
/** Figures and what is taken for them, with the unit behind. */
const VALUE = /(less than |<\s?)?(\d[\dOolI.,]*|(?<![a-z])[OolI][\dOolI.,]*)\s?(m?g)\b(?!\w)/gi;
const BARE_NUMBER = /(\d+(?:[.,]\d+)?)(?!\s*%|[\d.,])/;

/**
 * What a photographed nutrition panel says, in the words of a label. A value whose unit is not seen, whose figures could
 * be others, or whose column is not known is asked and not taken: a "g" is easily seen as a nine.
 */
export function readPanel(lines: readonly PhotoLine[]): ReadPanel {
  const all = lines.map((l) => l.text).join('\n');
  const fields = new Map<PanelField, PanelValue>();
  if (!/calories|\bkcal\b|\bkj\b|nutrition/i.test(all)) return { rules: null, fields };
  const per100First = firstColumnIsPer100(lines);
  for (const line of lines) readServing(line, fields);
  readEnergy(lines, per100First, fields);
  for (const line of lines) {
    const field = PRINTED_NAMES.find(([, name]) => name.test(line.text))?.[0];
    if (field === undefined || /^(?:not |trans |poly|mono)/i.test(line.text) || fields.has(field)) continue;
    fields.set(field, { ...printedOn(line, field, per100First), line });
  }
  if (fields.size === 1 && fields.has('basisGrams')) fields.clear();
  return { rules: printedIn(all), fields };
}

const printedIn = (all: string): ReadPanel['rules'] => {
  if (/\bkj\b|\bsalt(?![a-z])|of which/i.test(all)) return 'eu';
  return /calories|daily value|serving size/i.test(all) ? 'us' : null;
};

/** Whether the first numbers are those of 100 g: nothing else has a column, or it stands behind. */
function firstColumnIsPer100(lines: readonly PhotoLine[]): boolean {
  const head = lines.find((l) => /100\s?(?:g|ml)\b/i.test(l.text));
  if (head === undefined) return false;
  const hundred = head.text.search(/100\s?(?:g|ml)\b/i);
  const portion = head.text.search(/portion|serving|\(\d+\s?g\)/i);
  return portion < 0 || hundred < portion;
}

/** What the values are for. */
function readServing(line: PhotoLine, fields: Map<PanelField, PanelValue>): void {
  const { text } = line;
  const taken = (value: string): PanelValue => ({ value, offers: [], line });
  if (/\b100\s?g\b/i.test(text)) fields.set('basisGrams', taken('100'));
  else if (/\b100\s?ml\b/i.test(text)) fields.set('basisGrams', { value: null, offers: [], line });
  const serving = /serving size\s*(.*)$/i.exec(text)?.[1];
  if (serving === undefined) return;
  const household = /^(\d+(?:[.,]\d+)?|\d+\s\d\/\d|\d\/\d)\s+([a-z]{2,})/i.exec(serving);
  const isUnsure = line.doubts.some((d) => d.why === 'fraction');
  if (household !== null && !isUnsure) {
    fields.set('quantity', taken(trimmed(numberSaidIn(household[1]!), 3)));
    fields.set('unit', taken(household[2]!.toLowerCase()));
  }
  const grams = /(\d+(?:[.,]\d+)?)\s?g\b/i.exec(serving);
  if (grams !== null && !isDoubted(line, grams[1]!)) fields.set('basisGrams', taken(withPoint(grams[1]!)));
  else if (!fields.has('basisGrams'))
    fields.set('basisGrams', { value: null, offers: grams ? [withPoint(grams[1]!)] : [], line });
}

/** Energy in kilocalories: behind their word, before their unit, or alone in the line below. */
function readEnergy(lines: readonly PhotoLine[], per100First: boolean, fields: Map<PanelField, PanelValue>): void {
  const named = lines.findIndex((l) => /calories(?! from)|\benergy\b|\bkj\b|\bkcal\b/i.test(l.text));
  if (named < 0) return;
  const line = lines[named]!;
  for (const at of lines.slice(named, named + 3)) {
    const found = [...at.text.matchAll(/(\d+(?:[.,]\d+)?)\s?kcal\b/gi)].map((m) => withPoint(m[1]!));
    if (found.length > 0) return void fields.set('kcal', { ...chosen(found, at, per100First), line: at });
  }
  if (/calories/i.test(line.text)) {
    const below = lines[named + 1];
    for (const at of [line, ...(below !== undefined && /^\d+$/.test(below.text) ? [below] : [])]) {
      const found = BARE_NUMBER.exec(at.text)?.[1];
      if (found !== undefined)
        return void fields.set('kcal', { ...chosen([withPoint(found)], at, per100First), line: at });
    }
  }
  fields.set('kcal', { value: null, offers: [], line });
}

/** The value of a line, in its unit. */
function printedOn(line: PhotoLine, field: PanelField, per100First: boolean): Omit<PanelValue, 'line'> {
  const unit = field === 'sodium' && /sodium/i.test(line.text) ? 'mg' : 'g';
  const found = [...line.text.matchAll(VALUE)];
  const [first] = found;
  if (first === undefined) {
    const bare = BARE_NUMBER.exec(line.text)?.[1];
    if (bare === undefined) return { value: null, offers: [] };
    // The unit itself may have been seen as a nine.
    const without = /^\d+9$/.test(bare) ? [bare.slice(0, -1)] : [];
    return { value: null, offers: [...without, withPoint(bare)] };
  }
  const values = found.map((m) => withPoint(m[2]!.replace(/[Oo]/g, '0').replace(/[lI]/g, '1')));
  if (first[1] !== undefined) return { value: null, offers: [values[0]!, '0'] };
  const isSlip = /[OolI]/.test(first[2]!);
  const isOddUnit = first[3]!.toLowerCase() !== unit;
  return isSlip || isOddUnit ? { value: null, offers: values.slice(0, 1) } : chosen(values, line, per100First);
}

/** The first of the values where it is the only one or known to be for 100 g, and nobody doubts it. */
function chosen(values: readonly string[], line: PhotoLine, per100First: boolean): Omit<PanelValue, 'line'> {
  const [first] = values;
  const isKnown = (values.length === 1 || per100First) && !isDoubted(line, first!);
  return isKnown ? { value: first!, offers: [] } : { value: null, offers: [...new Set(values)] };
}

/** Whether a word with these figures is asked about. */
const isDoubted = (line: PhotoLine, figures: string): boolean =>
  line.doubts.some((d) => withPoint(line.words[d.word]!).includes(figures));

const withPoint = (figures: string): string => figures.replace(',', '.');

/** "2/3", "1 1/2" and "2" as a number. */
const numberSaidIn = (words: string): number =>
  words.split(' ').reduce((sum, part) => {
    const [top, under] = part.split('/').map((n) => Number(withPoint(n)));
    return sum + (under === undefined ? top! : top! / under);
  }, 0);
