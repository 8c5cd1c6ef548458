/** A picture in shades of grey, row by row, 0 black to 255 white. */
export interface GreyPicture {
  /** px */
  readonly width: number;
  /** px */
  readonly height: number;
  readonly shades: Uint8Array;
}

/** Paper in even light. */
const PAPER = 235;
/** What is around a spot is this share of the longer side, so that a letter is small in it. */
const NEAR_A_SPOT = 1 / 40;
/** Darker than this is no paper in shadow any more: it is not made brighter, or the table beside the page would be. */
const DARKEST_PAPER = 24;

/**
 * The same picture as if light fell on it evenly: every spot is measured against the paper around it, so that a hand's
 * shadow goes and the letters in it stay.
 */
export function evenLight({ width, height, shades }: GreyPicture): GreyPicture {
  const reach = Math.max(8, Math.round(Math.max(width, height) * NEAR_A_SPOT));
  const sums = sumsAbove(shades, width, height);
  const at = (x: number, y: number): number => sums[y * (width + 1) + x]!;
  const out = new Uint8Array(shades.length);
  for (let y = 0; y < height; y++) {
    const top = Math.max(0, y - reach);
    const bottom = Math.min(height, y + reach + 1);
    for (let x = 0; x < width; x++) {
      const left = Math.max(0, x - reach);
      const right = Math.min(width, x + reach + 1);
      const all = at(right, bottom) - at(left, bottom) - at(right, top) + at(left, top);
      const paper = Math.max(DARKEST_PAPER, all / ((right - left) * (bottom - top)));
      out[y * width + x] = Math.min(255, Math.round((shades[y * width + x]! * PAPER) / paper));
    }
  }
  return { width, height, shades: out };
}

/** The sum of all that is above and left of each corner, a row and a column more than the picture. */
function sumsAbove(shades: Uint8Array, width: number, height: number): Float64Array {
  const sums = new Float64Array((width + 1) * (height + 1));
  for (let y = 0; y < height; y++) {
    let row = 0;
    for (let x = 0; x < width; x++) {
      row += shades[y * width + x]!;
      sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1]! + row;
    }
  }
  return sums;
}
