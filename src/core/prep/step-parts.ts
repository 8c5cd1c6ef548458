import { beginsWithVerb } from '../stove/kitchen-verbs.ts';
import { stepTimes } from '../stove/step-times.ts';
import { isCutting } from './guess-minutes.ts';

/** Where something is while it is worked on, or waits; null for the table and the worktop. */
export type PartPlace = 'hob' | 'oven' | 'fridge' | 'freezer';

/** A part of a step: hands at work, or something that goes on by itself. */
export interface StepPart {
  readonly hands: boolean;
  readonly place: PartPlace | null;
  /** What the step says, of a range its long end; null where it says nothing. */
  readonly minutes: number | null;
  /** In the step's own words: "Roll it up". */
  readonly words: string;
  /** What is done in it, one after the other. */
  readonly clauses: readonly string[];
  /** Whether it is the last minutes of what went on before it, and not added to them. */
  readonly ofBefore: boolean;
}

/** What goes on by itself, once it is begun. Common practice. */
const GOES_BY_ITSELF =
  /^(?:bake|roast|gratinate|simmer|boil|braise|stew|steam|poach|swell|rest|stand|cool|chill|refrigerate|freeze|rise|prove|soak|marinate|leave|let|cook|infuse|steep|microwave|reduce|thaw|cure)\b/i;
/** What does where it is said for how long. */
const BY_ITSELF_FOR_LONG = /^(?:set|press|keep|dry|drain)\b/i;
/** Even what goes on by itself is stood beside then. */
const STOOD_BESIDE =
  /\b(?:stirring|whisking|turning) (?:all the time|constantly|continuously|the all time)|\bper side\b|\beach side\b/i;
const ON_HOB =
  /^(?:simmer|boil|braise|stew|steam|poach|swell|fry|brown|soften|saut[eé]|sear|render|sweat|warm|melt|heat|scramble|caramel\w*|reduce|cook|toast)\b|\blet it (?:swell|simmer|boil|reduce)\b|\b(?:on|over) (?:a )?(?:low|medium|high|gentle) heat\b/i;
const TO_THE_BOIL = /^bring\b.*\b(?:boil|simmer)\b/i;
const IN_OVEN = /^(?:roast|gratinate|broil)\b|\bin(?:to)? (?:the|a) (?:\w+ )?oven\b/i;
/** "Bake 8 thin pancakes in the butter" is done in a pan, by hand. */
const BAKED_IN_PAN = /^bake\b.*\b(?:pan(?:cakes?)?|in (?:the |half |some |a )?(?:[\w ]+ )?(?:butter|oil|lard))\b/i;
const COLD = /^(?:chill|refrigerate|marinate)\b|\b(?:in|into) the (?:fridge|refrigerator)\b/i;
const IN_FREEZER = /^freeze\b|\bin(?:to)? the freezer\b/i;
/** Done in no time, beside something else; or nothing that is done on that day. */
const NO_WORK =
  /^(?:cover|keep|store|remove|take it out|take them out|return to|turn (?:it|the (?:heat|oven)) (?:down|up|off)|let it be|repeat)\b|^(?:pre)?heat (?:the|an|your) oven\b|^done when\b/i;
/** A night, in minutes: as long as what is begun the evening before is left. */
const OVERNIGHT = /\bovernight\b|\b(?:the|a) night before\b/i;
const OVERNIGHT_MIN = 600;

/** Where one clause ends and another begins: where something else is done. */
const BETWEEN_CLAUSES = /((?<=[.;!?])\s+|;\s+|,\s+(?:and\s+)?(?:then\s+)?|\s+(?:and\s+then|then|and)\s+)/i;

interface Clause {
  readonly words: string;
  /** What belongs to it and says how and how long: "in a large pot", "10 minutes". */
  readonly rest: string;
}

/**
 * What a step asks of hands and places, part by part, in its order. A part whose time nobody says has none: it is asked.
 *
 * @example stepParts('Roll it up and bake for 40 minutes.')
 * // by hand, 'Roll it up', nobody says how long; then 'Bake' by itself in the oven, 40 minutes
 */
export function stepParts(text: string): StepPart[] {
  const parts: StepPart[] = [];
  for (const clause of clausesOf(text)) {
    for (const part of partsOfClause(clause)) {
      const last = parts.at(-1);
      const joins = last?.hands && part.hands && last.place === part.place && !standsApart(last, part);
      // What is put into the pan belongs to what is done in it.
      const putsIn =
        last?.hands && last.place === null && last.minutes === null && last.clauses.every((c) => PUTS_IN.test(c));
      if (putsIn && part.hands && part.place === 'hob')
        parts[parts.length - 1] = { ...part, ...wordsTogether(last, part) };
      else if (joins && (last.minutes === null) === (part.minutes === null))
        parts[parts.length - 1] = partsJoined(last, part);
      else parts.push(part);
    }
  }
  return parts.length > 0 ? parts : [stepPart(true, null, null, text)];
}

const PUTS_IN = /^(?:add|put|tip)\b/i;
/** Nothing is served while it is cooked; and what is cut can be cut long before it is put in. */
const standsApart = (before: StepPart, part: StepPart): boolean =>
  /^serve\b/i.test(part.words) ||
  (before.clauses.every(isCutting) && /^(?:add|stir|fold|put|return|mix|tip)\b/i.test(part.words));

const stepPart = (hands: boolean, place: PartPlace | null, minutes: number | null, text: string): StepPart => ({
  hands,
  place,
  minutes,
  words: wordsOf(text),
  clauses: [text],
  ofBefore: false,
});

const partsJoined = (a: StepPart, b: StepPart): StepPart => ({
  ...a,
  minutes: a.minutes === null ? null : a.minutes + b.minutes!,
  ...wordsTogether(a, b),
});

function wordsTogether(a: StepPart, b: StepPart): Pick<StepPart, 'words' | 'clauses'> {
  const clauses = [...a.clauses, ...b.clauses];
  const words = clauses.map((c, i) => (i === 0 ? c : c.replace(/^\p{Lu}/u, (x) => x.toLowerCase())));
  return { clauses, words: wordsOf(words.join(', ')) };
}

function clausesOf(text: string): Clause[] {
  const clauses: { words: string; rest: string }[] = [];
  for (const sentence of text.split(/(?<=[.!?])\s+(?=\p{Lu})/u)) {
    if (/^done when\b/i.test(sentence)) continue;
    let inSentence = 0;
    const pieces = sentence.split(BETWEEN_CLAUSES);
    for (const [i, piece] of pieces.entries()) {
      // Every other piece is what stands between two clauses.
      if (i % 2 === 1) continue;
      const words = piece.trim().replace(/[.;!?]+$/, '');
      if (words === '') continue;
      const own = words.replace(/^(?:meanwhile|off the heat|now|again|gently|slowly|carefully),?\s+/i, '');
      const isOwn =
        beginsWithVerb(own) || ALSO_VERB.test(own) || GOES_BY_ITSELF.test(own) || /^(?:pre)?heat\b/i.test(own);
      if ((isOwn && !/^(?:stirring|turning|whisking)\b/i.test(own)) || inSentence === 0) {
        clauses.push({ words: own, rest: '' });
        inSentence++;
      } else clauses[clauses.length - 1]!.rest += `${pieces[i - 1]}${words}`;
    }
  }
  return clauses;
}

/** More of what is done in a kitchen, at the beginning of a clause. */
const ALSO_VERB =
  /^(?:pull|spread|roll|strew|dust|pit|core|trim|halve|shred|chop|crush|mince|rub|crumble|sift|measure|weigh|lift|thread|stuff|loosen|thicken|deglaze|taste|swell|infuse|steep|crisp|dry|glaze|gratinate|refrigerate)\b/i;

function partsOfClause({ words, rest }: Clause): StepPart[] {
  const all = `${words}${rest}`;
  const times = stepTimes(all);
  const said = saidMinutes(all, times);
  if (NO_WORK.test(words) && said === null) return [];
  // "Press after 20 minutes": it waits, and then there is work.
  const after = /^(.*?)\s+after\s+(?:about\s+)?\d/i.exec(words);
  if (after !== null && said !== null)
    return [stepPart(false, null, said, 'Wait'), stepPart(true, null, null, after[1]!)];
  const last = LAST_MINUTES.exec(all);
  if (last !== null)
    return [
      stepPart(true, null, null, withoutTimes(all.replace(LAST_MINUTES, ''), words)),
      { ...stepPart(false, null, Number(last[1]), 'Goes on'), ofBefore: true },
    ];
  if (TO_THE_BOIL.test(all)) return [stepPart(false, 'hob', said, 'Bring to the boil')];
  const goesOn = GOES_BY_ITSELF.test(words) || (said !== null && BY_ITSELF_FOR_LONG.test(words));
  const byItself = goesOn && !STOOD_BESIDE.test(all) && !BAKED_IN_PAN.test(words);
  const place = placeOfClause(words, all);
  // Hands in an oven are at work elsewhere: what bakes does so by itself.
  const hands = place === 'oven' || place === 'fridge' || place === 'freezer' ? false : !byItself;
  return [stepPart(hands, place, said, withoutTimes(all, words))];
}

/** "Add the sausage for the last 10 minutes." */
const LAST_MINUTES = /\s*\b(?:for|in|during) the last (\d+) min(?:utes?|s)?\b/i;
const SAID_TIME =
  /,?\s*\b(?:(?:for|about|at least|another|a further|in|only)\s+)*(?:[\d½¼¾⅓⅔]+(?:\s?(?:–|-|to)\s?[\d½¼¾⅓⅔]+)?|half an?|an?)\s?(?:minutes?|mins?|hours?|h)\b(?:\s+(?:per|each|a|on each|on both)\s+sides?)?/gi;
const SAID_HEAT = /\s+at\s+(?:about\s+)?\d+\s?°?\s?[CF]?\b(?:\s*\([^)]*\))?/gi;

/** What is done, without how long and how hot: both stand beside it. */
function withoutTimes(all: string, words: string): string {
  const left = all.replace(SAID_TIME, '').replace(SAID_HEAT, '').replace(/\s+/g, ' ').trim();
  return left === '' ? words : left;
}

/** What a clause says of its time, min; each side counts. */
function saidMinutes(
  clause: string,
  times: readonly { readonly from: number; readonly to: number | null }[],
): number | null {
  if (times.length === 0) return OVERNIGHT.test(clause) ? OVERNIGHT_MIN : null;
  const sides = /\b(?:per|each|on each|on both|both|a) sides?\b/i.test(clause) ? 2 : 1;
  return Math.max(1, Math.round((times.reduce((sum, t) => sum + (t.to ?? t.from), 0) / 60) * sides));
}

function placeOfClause(words: string, all: string): PartPlace | null {
  if (IN_FREEZER.test(words)) return 'freezer';
  if (COLD.test(words) || /\bin the (?:fridge|refrigerator)\b/i.test(all)) return 'fridge';
  if (IN_OVEN.test(all)) return 'oven';
  if (/^bake\b/i.test(words)) return BAKED_IN_PAN.test(words) ? 'hob' : 'oven';
  return ON_HOB.test(words) || (GOES_BY_ITSELF.test(words) && ON_HOB.test(all)) ? 'hob' : null;
}

/** So many letters are read at a glance. */
const MOST_LETTERS = 120;

function wordsOf(text: string): string {
  const one = text.trim().replace(/[.,;!?]+$/, '');
  const short = one.length <= MOST_LETTERS ? one : `${one.slice(0, MOST_LETTERS).replace(/\s+\S*$/, '')} …`;
  return short.replace(/^\p{Ll}/u, (c) => c.toUpperCase());
}
