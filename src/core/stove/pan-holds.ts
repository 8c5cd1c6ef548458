import { US_CUP_ML } from '../quantity/units.ts';
import { panArea, readPan } from '../version/pan.ts';

/** Whether a batch goes into a pan. */
export interface PanHolds {
  readonly fits: 'yes' | 'full' | 'no';
  /** In words for the cook. */
  readonly words: string;
}

/** Depths that such pans have, cm: common practice. */
const DEPTH_CM: ReadonlyArray<readonly [pan: RegExp, depth: number]> = [
  [/springform/i, 7],
  [/loaf/i, 6.35],
];
const USUAL_DEPTH_CM = 5;
const ML_OF: Readonly<Record<string, number>> = {
  l: 1000,
  ml: 1,
  qt: US_CUP_ML * 4,
  cup: US_CUP_ML,
  gal: US_CUP_ML * 16,
};
const VOLUME = /^\D{0,20}?(\d+(?:[.,]\d+)?)\s?-?(ml|millilit\w*|l|lit\w*|qt|quarts?|cups?|gal\w*)\b/i;

/**
 * What a pan holds, ml: as said, else by its size at the depth that such pans have. Null for what says neither.
 *
 * @example panVolume('26 cm springform') // about 3700
 */
export function panVolume(said: string): number | null {
  const volume = VOLUME.exec(said);
  if (volume !== null) {
    const amount = Number(volume[1]!.replace(',', '.'));
    const unit = volume[2]!.toLowerCase();
    const key =
      unit.startsWith('ml') || unit.startsWith('milli')
        ? 'ml'
        : unit.startsWith('q')
          ? 'qt'
          : unit.startsWith('c')
            ? 'cup'
            : unit.startsWith('g')
              ? 'gal'
              : 'l';
    return amount > 0 ? amount * ML_OF[key]! : null;
  }
  const pan = readPan(said);
  if (pan === null) return null;
  const depth = DEPTH_CM.find(([is]) => is.test(said))?.[1] ?? USUAL_DEPTH_CM;
  return panArea(pan) * depth;
}

/** Up to here there is room for it to rise and to boil; up to there it just goes in. */
const ROOM = 0.75;
const BRIM = 0.95;

/** Whether a batch goes into a pan, with room to boil and to rise. @param batch ml @param pan ml */
export function panHolds(batch: number, pan: number): PanHolds {
  const share = batch / pan;
  if (share <= ROOM) return { fits: 'yes', words: `It fills ${shareWords(share)} of it.` };
  if (share <= BRIM)
    return { fits: 'full', words: 'It fills it nearly to the brim: what boils may boil over, what rises runs out.' };
  const needs = Math.ceil((batch / ROOM / 1000) * 2) / 2;
  return { fits: 'no', words: `It does not fit: it needs about ${needs} l, or two of these.` };
}

const shareWords = (share: number): string => {
  const said: ReadonlyArray<readonly [number, string]> = [
    [0.29, 'a quarter'],
    [0.42, 'a third'],
    [0.58, 'half'],
    [0.71, 'two thirds'],
  ];
  return said.find(([most]) => share < most)?.[1] ?? 'three quarters';
};

/** Sizes of pans as they are offered where nobody has kept their own, in words of the region. */
export const usualPans = (metric: boolean): readonly string[] =>
  metric
    ? ['2 l pot', '4.5 l pot', '26 cm springform', '30 x 20 cm dish', '11 x 25 cm loaf tin']
    : ['2 qt pot', '5 qt pot', '9 x 13 inch dish', '8 inch square', '9 x 5 inch loaf tin'];
