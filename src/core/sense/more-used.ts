import { foodWords, isNoise } from '../food/food-words.ts';
import { ingredientsInStep } from '../page/from-steps.ts';
import { formatMeasure } from '../quantity/format-measure.ts';
import { millilitersOf } from '../quantity/measure-system.ts';
import { unitNamed } from '../quantity/units.ts';
import { readLine } from '../reading/read-line.ts';
import type { Line, Step } from '../version/version.ts';
import type { StepDoubt } from './doubt.ts';

/** The steps may use so much more than the list before it is said: roundings of spoons. */
const MORE = 1.1;

/** An amount that can be added up with others of its kind. */
interface Amount {
  readonly size: number;
  readonly of: 'volume' | 'weight' | 'count';
  readonly words: string;
}

/** Lines of which the steps use more than the list has: 1 tbsp listed, and 1 + 1 tbsp used. */
export function moreUsed(lines: readonly Line[], steps: readonly Step[]): StepDoubt[] {
  const said = steps.flatMap((s) => ingredientsInStep(s.text)).flatMap(amountsIn);
  return lines.flatMap((line) => {
    const listed =
      line.amount === null || line.leftOut
        ? null
        : sizeIn(line.amount.quantityMax ?? line.amount.quantity, line.amount.unit);
    if (listed === null || line.amount === null) return [];
    const same = lines.filter((l) => sharesName(l, contentOf(line.item)));
    // Two lines of one food: nobody can say which a step means.
    if (same.length !== 1) return [];
    const used = said.filter((a) => a.of === listed.of && a.words.length > 0 && sharesName(line, a.names));
    const total = used.reduce((n, a) => n + a.size, 0);
    if (used.length < 2 || total <= listed.size * MORE) return [];
    const list = formatMeasure(line.amount.quantity, line.amount.unit, line.amount.quantityMax);
    const words = used.map((a) => a.words).join(' and ');
    return [{ kind: 'moreUsed', words: `The list has ${list} ${line.item}; the steps use ${words}. Which holds?` }];
  });
}

function amountsIn(text: string): (Amount & { readonly names: readonly string[] })[] {
  const read = readLine(text);
  if (read.quantity === null) return [];
  const size = sizeIn(read.quantity, read.unit);
  return size === null
    ? []
    : [{ ...size, words: formatMeasure(read.quantity, read.unit, null), names: contentOf(read.item) }];
}

function sizeIn(quantity: number, unit: string | null): Pick<Amount, 'size' | 'of'> | null {
  if (unit === null) return { size: quantity, of: 'count' };
  const kind = unitNamed(unit);
  if (kind?.kind === 'weight') return { size: quantity * kind.factor!, of: 'weight' };
  if (kind?.kind === 'volume') return { size: quantity * (millilitersOf(unit, 'us') ?? 0), of: 'volume' };
  return null;
}

const contentOf = (item: string): string[] => foodWords(item).filter((w) => !isNoise(w));

/** Whether all the words are of the line's food, and the last one of the line is among them. */
function sharesName(line: Line, names: readonly string[]): boolean {
  const own = contentOf(line.item);
  return names.length > 0 && own.length > 0 && names.every((w) => own.includes(w)) && names.includes(own.at(-1)!);
}
