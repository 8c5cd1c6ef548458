import { unitNamed } from '../quantity/units.ts';
import type { Claim } from './recipe-text.ts';

const POINT_WORD = /\b(?:points?|pts)\b/i;
const STATED = String.raw`(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|—|to)\s*(\d+(?:[.,]\d+)?))?`;
/** A number right before the word, or behind its colon. */
const BEFORE_WORD = new RegExp(String.raw`${STATED}\s*(?:points?|pts)\b(?! (?:out|of)\b)`, 'i');
const BEHIND_WORD = new RegExp(String.raw`\b(?:points?|pts)\b[^\d:=]{0,24}[:=]\s*${STATED}`, 'i');
const STATED_ALONE = new RegExp(STATED);
/** "Points:", "Points per serving:", "Points (all):", with a list behind it. */
const BEGINS_LIST = /^\W*(?:points?|pts)\b([^\d:=]{0,30})[:=]/i;
/** Where one of several ends: no comma of a decimal, no stroke of a fraction. */
const BETWEEN = /\s*(?:,(?!\d)|[;|·•]|(?<!\d)\/|\/(?!\d)|\band\b)\s*/i;
/** "M=7 L=5": pairs that nothing parts. */
const PAIRS = /(?<=\d)\s+(?=[A-Za-z][\w ]{0,20}?\s*[=:]\s*\d)/;

const KCAL =
  /(\d{2,4}(?:[.,]\d+)?)\s*(?:kcal|calories|cals?)\b|\b(?:kcal|calories|energy)(?: (?:per|a|each) \w{3,12})?\s*[:=]?\s*(\d{2,4})\b/i;

/** What is longer is prose. */
const LONGEST_CLAIM = 220;
const LONGEST_WORD = 24;

const OF_AMOUNT =
  /\b(?:per|an?|each|for)\s+(?:an?\s+|the\s+|each\s+)?([a-z]{3,12})\b(?:\s+(?:pan|dish|pot|recipe|batch|cake|loaf|thing))?/i;
const A_SERVING = new Set(['serving', 'servings', 'portion', 'person', 'head', 'plate', 'bowl', 'eater', 'each']);
const THE_WHOLE = new Set(['whole', 'entire', 'all', 'batch', 'recipe', 'everything']);

/** Words around a number that name nothing. */
const FILLER = new Set(
  'on in under by with for the a an is are it its this that they only just about counts count as each of at my our comes to so serving servings portion program programs'.split(
    ' ',
  ),
);
/** Words that say that a number is of something else than points. */
const SOMETHING_ELSE = new Set(
  'serves makes yields yield kcal calories calorie cal cals fat protein carbs carbohydrates fibre fiber sugar sugars sodium salt saturated min mins minute minutes hour hours hr hrs step steps out bullet degrees page'.split(
    ' ',
  ),
);
const EVERY = new Set(['all', 'every', 'any', 'everyone', 'everybody']);

/** What every way of counting together is called. */
export const ALL_PROGRAMS = 'all';

/** What a line states of points and calories. */
export function claimsSaid(line: string): Claim[] {
  if (line.length > LONGEST_CLAIM) return [];
  const kcal = KCAL.exec(line);
  const words = line.slice(0, 300);
  const energy: Claim[] =
    kcal === null
      ? []
      : [
          {
            kind: 'kcal',
            value: statedNumber(kcal[1] ?? kcal[2]!),
            valueMax: null,
            per: null,
            of: null,
            programId: null,
            words,
          },
        ];
  return [...pointsSaid(line).map((c): Claim => ({ kind: 'points', ...c, programId: null, words })), ...energy];
}

type PointsSaid = Pick<Claim, 'value' | 'valueMax' | 'per' | 'of'>;

function pointsSaid(line: string): PointsSaid[] {
  if (!POINT_WORD.test(line)) return [];
  const header = BEGINS_LIST.exec(line);
  const listed = header !== null;
  const body = listed ? line.slice(header[0].length) : line;
  const usual = listed ? header[1]! : '';
  const found = body
    .split(BETWEEN)
    .flatMap((part) => part.split(PAIRS))
    .flatMap((part) => oneSaid(part, listed) ?? []);
  const [per, of] = [amountSaid(usual), nameIn(usual, true)];
  return found.map((c) => ({ ...c, per: c.per ?? per, of: c.of ?? (of === '' ? null : of) }));
}

/** What one part of a sentence states; null where it states no points. */
function oneSaid(part: string, listed: boolean): PointsSaid | null {
  const own = POINT_WORD.test(part);
  const m = own ? (BEFORE_WORD.exec(part) ?? BEHIND_WORD.exec(part)) : STATED_ALONE.exec(part);
  if (m === null) return null;
  const around = `${part.slice(0, m.index)} ${part.slice(m.index + m[0].length)}`;
  // Another number beside it: the words around are of that.
  const name = /\d/.test(around) ? '' : nameIn(around, listed);
  if (!own && (name === null || (name === '' && !listed))) return null;
  return {
    value: statedNumber(m[1]!),
    valueMax: m[2] === undefined ? null : statedNumber(m[2]),
    per: amountSaid(around),
    of: name === null || name === '' ? null : name,
  };
}

const statedNumber = (digits: string): number => Number(digits.replace(',', '.'));

/** The amount that points are of; null for a serving. */
function amountSaid(words: string): string | null {
  const of = OF_AMOUNT.exec(words)?.[1]?.toLowerCase();
  if (of === undefined || A_SERVING.has(of)) return null;
  if (THE_WHOLE.has(of)) return 'whole';
  return unitNamed(of)?.name ?? (of === 'slice' || of === 'piece' ? of : null);
}

/**
 * The name of a way of counting in the words around a number.
 *
 * @param listed whether it stands in a list of points, where names need no capital
 * @returns '' for none, null where the words are of something else
 */
function nameIn(around: string, listed: boolean): string | null {
  const plain = around.replace(POINT_WORD, ' ').replace(OF_AMOUNT, ' ');
  const words = [...plain.matchAll(/[\p{L}][\p{L}\p{N}'’-]*/gu)].map((w) => w[0]);
  if (words.some((w) => EVERY.has(w.toLowerCase()))) return ALL_PROGRAMS;
  if (words.some((w) => SOMETHING_ELSE.has(w.toLowerCase()))) return null;
  const naming = words.filter((w) => !FILLER.has(w.toLowerCase()));
  // A unit in lower case is one; as a capital letter it may well be a mark.
  if (naming.some((w) => w === w.toLowerCase() && unitNamed(w) !== null)) return null;
  if (!listed && naming.some((w) => w[0] === w[0]!.toLowerCase())) return naming.length > 0 ? null : '';
  const name = naming.join(' ').toLowerCase();
  return naming.length > 3 || name.length > LONGEST_WORD ? null : name;
}

/** Claims without those that say the same once more: the head of a page and its panel. */
export const saidOnce = (claims: readonly Claim[]): Claim[] =>
  claims.filter(
    (c, i) =>
      claims.findIndex((d) => d.kind === c.kind && d.value === c.value && d.of === c.of && d.per === c.per) === i,
  );
