import { CM_PER_INCH } from '../quantity/units.ts';
import { normalizeText } from '../reading/normalize-text.ts';

/** A baking pan, seen from above. */
export type Pan =
  | { readonly shape: 'round'; readonly diameterCm: number }
  | { readonly shape: 'square'; readonly sideCm: number; readonly otherCm: number };

/** What a pan holds of one height goes by its area, cm². */
export const panArea = (pan: Pan): number =>
  pan.shape === 'round' ? (Math.PI * pan.diameterCm ** 2) / 4 : pan.sideCm * pan.otherCm;

/**
 * Reads a pan as people write it: "9x13 inch", "26 cm round", "20 x 30 cm", "8-inch square". Below 16 without a unit
 * it is inches, above it centimetres. Null when it is none.
 */
export function readPan(text: string): Pan | null {
  const t = normalizeText(text).toLowerCase();
  const m =
    /^\D{0,12}?(\d{1,3}(?:[.,]\d+)?)\s*(?:"|in(?:ch(?:es)?)?\.?|cm)?\s*-?\s*(?:(?:x|by|×)\s*(\d{1,3}(?:[.,]\d+)?))?/.exec(
      t,
    );
  if (m === null) return null;
  const [a, b] = [number(m[1]!), m[2] === undefined ? null : number(m[2])];
  const inches = /"|\bin(?:ch(?:es)?)?\b|inch/.test(t) || (!/cm/.test(t) && Math.max(a, b ?? 0) < 16);
  const cm = (x: number): number => x * (inches ? CM_PER_INCH : 1);
  if (!(a > 0) || (b !== null && !(b > 0)) || cm(Math.max(a, b ?? 0)) > 120) return null;
  if (b !== null) return { shape: 'square', sideCm: cm(a), otherCm: cm(b) };
  if (/square/.test(t)) return { shape: 'square', sideCm: cm(a), otherCm: cm(a) };
  return { shape: 'round', diameterCm: cm(a) };
}

const number = (text: string): number => Number(text.replace(',', '.'));

/** How many times what fits one pan fits another, at the same height. */
export const panFactor = (from: Pan, to: Pan): number => panArea(to) / panArea(from);

/** The pan that a recipe's steps speak of; null when they name none, or name it without a size. */
export function panInSteps(steps: readonly { readonly text: string }[]): string | null {
  for (const s of steps) {
    const m =
      /\b(\d{1,2}(?:[- ]?(?:inch|cm|"))?\s?(?:x|×|by)\s?\d{1,2}[- ]?(?:inch|cm|")?)|\b(\d{1,2}[- ]?(?:inch|cm|")(?:[- ](?:round|square))?)(?=[- ](?:\w+ ){0,2}(?:pan|tin|dish|form|mould|springform))/i.exec(
        s.text,
      );
    if (m) return (m[1] ?? m[2])!.trim();
  }
  return null;
}
