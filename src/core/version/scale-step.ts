import { formatAmount, trimmed } from '../quantity/format-amount.ts';
import { CM_PER_INCH } from '../quantity/units.ts';
import { normalizeText } from '../reading/normalize-text.ts';
import { readNumber } from '../reading/read-number.ts';
import { panInSteps, readPan } from './pan.ts';

const AMOUNT_NUMBER = String.raw`\d+\s?[½⅓⅔¼¾⅛]|\d+\s\d\/\d|\d+\/\d+|\d+(?:[.,]\d+)?|[½⅓⅔¼¾⅛]`;
const UNIT =
  'kg|g|grams?|ml|millilit(?:er|re)s?|l|lit(?:er|re)s?|dl|cups?|tbsp|tablespoons?|tsp|teaspoons?|ounces?|oz|pounds?|lbs?|pints?|quarts?|pinch(?:es)?|cloves?|cans?|tins?';
/** An amount of something; not of what each piece gets, and not what a tin holds. */
const AMOUNT_IN_STEP = new RegExp(
  `(?<![\\d./,-])(${AMOUNT_NUMBER})(?:(\\s?(?:-|–|to)\\s?)(${AMOUNT_NUMBER}))?(\\s?)(${UNIT})\\b(?!\\s*(?:each|apiece|per|of (?:batter|dough|filling) (?:for|into) each|(?:in )?diameter|thick|wide|long)\\b)(?!-)`,
  'gi',
);
/** What a dough or a batter is made into. */
const MADE_INTO =
  /\b((?:shape|form|roll|make|cut|divide|portion|scoop|drop|spoon)[^.;]*?\b(?:into |to |makes )?)(\d{1,3})( (?:equal |even |small |large )*(?:balls?|rolls|pieces|portions|patties|rounds|mounds|buns|cakes|muffins|cookies|biscuits|dumplings|parts|slices|squares|bars|wedges|logs|sticks|parcels))\b/gi;

/** A unit's word for another amount: "cup", "cups". */
function unitFor(unit: string, many: number): string {
  const m = /^(cup|tablespoon|teaspoon|ounce|pound|gram|pint|quart|clove|can|tin|pinch|liter|litre)(s|es)?$/i.exec(
    unit,
  );
  if (m === null) return unit;
  return many > 1 ? `${m[1]}${m[1]!.toLowerCase() === 'pinch' ? 'es' : 's'}` : m[1]!;
}

/**
 * A step for so many times the dish: amounts, and how many pieces it is made into. Times, temperatures and sizes stay;
 * what a pan would have to measure is said behind it.
 *
 * @example scaledStep('Add 200 ml water and roll 12 balls.', 0.5) // 'Add 100 ml water and roll 6 balls.'
 */
export function scaledStep(text: string, factor: number): string {
  const times = (n: string): number => (readNumber(normalizeText(n))?.value ?? Number.NaN) * factor;
  const amounts = text.replace(
    AMOUNT_IN_STEP,
    (all: string, from: string, dash: string | undefined, to: string | undefined, blank: string, unit: string) => {
      const [a, b] = [times(from), to === undefined ? null : times(to)];
      if (Number.isNaN(a) || (b !== null && Number.isNaN(b))) return all;
      const said = b === null ? formatAmount(a) : `${formatAmount(a)}${dash}${formatAmount(b)}`;
      return `${said}${blank}${unitFor(unit, b ?? a)}`;
    },
  );
  const pieces = amounts.replace(MADE_INTO, (_, before: string, n: string, what: string) => {
    const many = Number(n) * factor;
    const whole = Math.max(1, Math.round(many));
    return `${before}${Math.abs(many - whole) < 0.01 ? whole : `about ${whole}`}${what}`;
  });
  return withPan(pieces, factor);
}

/** Says behind a pan's size what another one would have to be, seen from above, for so many times the dish. */
function withPan(text: string, factor: number): string {
  const said = panInSteps([{ text }]);
  const pan = said === null ? null : readPan(said);
  if (said === null || pan === null) return text;
  const inches = /"|inch/i.test(said);
  const size = (cm: number): string => trimmed((cm * Math.sqrt(factor)) / (inches ? CM_PER_INCH : 1), inches ? 1 : 0);
  const unit = inches ? 'inches' : 'cm';
  const now =
    pan.shape === 'round' ? `${size(pan.diameterCm)} ${unit}` : `${size(pan.sideCm)} × ${size(pan.otherCm)} ${unit}`;
  const at = text.indexOf(said) + said.length;
  return `${text.slice(0, at)} (here about ${now})${text.slice(at)}`;
}
