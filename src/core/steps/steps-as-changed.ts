import { foodWords, singular } from '../food/food-words.ts';
import { countedName } from '../food/say-like.ts';
import type { Swap, SwapMethod } from '../swap/swap.ts';
import { isOnPlate, swapOfLine } from '../swap/swap-of-line.ts';
import { type LinePair, pairLines } from '../version/pair-lines.ts';
import { sameFood } from '../version/same-food.ts';
import { namesOf } from '../version/step-uses.ts';
import type { Line, Step, Version } from '../version/version.ts';
import { type Mention, mentionsOf } from './mentions.ts';
import { withoutClauses, withoutMention } from './without-mention.ts';

/** What became of an ingredient that the steps name. */
interface Became {
  readonly names: readonly string[];
  /** The words that take its place; null where it goes out of the steps. */
  readonly words: string | null;
  /** What is said beside its name where it cannot be taken out: "left out", "at the table". */
  readonly aside: string;
  /** What was done with it is done otherwise now. */
  readonly instead: SwapMethod['instead'];
}

/** Sentences in which something is fried. */
const FRYING = /\b(?:deep-?\s?)?fry(?:ing)?\b|\bhot (?:oil|fat)\b|\bheat (?:the )?(?:oil|fat|lard|butter)\b/i;
/** Words by which a sentence speaks of what the one before it named. */
const POINTS_BACK = /\b(?:it|them|they|these|those)\b/i;

/**
 * The steps of a changed version in the words of the family, told with what is in the dish now: another food by its
 * name, what is left out nowhere, and what goes in by a step of its own only there. Steps that a swap brought along stay
 * as they are. A name that could be of two lines is left alone; where a name cannot be taken out of a sentence that
 * reads on, it is said there that it is left out.
 */
export function stepsAsChanged(asWritten: Version, version: Version, swaps: readonly Swap[]): Step[] {
  const methods = new Map(swaps.flatMap((s) => methodsOf(s).map((m) => [m.text, m] as const)));
  const brought = version.steps.flatMap((s) => methods.get(s.text) ?? []);
  const became = pairLines(asWritten, version).flatMap((p) => becameOf(p, swaps, brought));
  if (became.length === 0) return [...version.steps];
  const all = asWritten.lines.map((l) => namesOf(l.item));
  const inPlace = brought.filter((m) => m.instead !== null && m.instead !== 'whip' && m.place === 'before');
  const inItsPlace = inPlace.length > 0 ? HERE : ' ';
  const texts = new Map(
    version.steps.map((s) => [
      s.id,
      methods.has(s.text) ? s.text : told(s.text, became, all).replaceAll(HERE, inItsPlace).trim(),
    ]),
  );
  // What takes the place of something stands where that stood, not where it was put in.
  const placed = [...texts.values()].some((t) => t.includes(HERE)) ? inPlace : [];
  let waiting = version.steps.filter((s) => placed.some((m) => m.text === s.text));
  return version.steps.flatMap((s): Step[] => {
    if (placed.some((m) => m.text === s.text)) return [];
    const text = texts.get(s.id)!;
    if (!text.includes(HERE)) return text === '' ? [] : [text === s.text ? s : { ...s, text }];
    const [before = '', ...rest] = text.split(HERE).map((t) => t.trim());
    const behind = rest.filter((t) => t !== '').join(' ');
    const steps = [before, behind].map((t, i): Step => ({ id: i === 0 ? s.id : `${s.id}-after`, text: t }));
    const here = waiting;
    waiting = [];
    return [steps[0]!, ...here, steps[1]!].filter((step) => step.text !== '');
  });
}

/** Stands where a clause went whose place a method takes. */
const HERE = '\u0000';

/** The steps that a swap brings along. */
export const methodsOf = (swap: Swap): readonly SwapMethod[] =>
  swap.methods ??
  (swap.method === null ? [] : [{ at: [], text: swap.method, place: 'before', takesOver: false, instead: null }]);

function becameOf(pair: LinePair, swaps: readonly Swap[], brought: readonly SwapMethod[]): Became[] {
  const { before, after, changed } = pair;
  if (before === null || !changed) return [];
  const names = namesOf(before.item);
  const here = after.filter((l) => !l.leftOut);
  const gone: Became = { names, words: null, aside: 'left out', instead: null };
  if (here.length === 0) return [after.some((l) => isOnPlate(l, swaps)) ? { ...gone, aside: 'at the table' } : gone];
  const others = here.filter((l) => !sameFood(l, before));
  if (others.length === 0) return insteadOnly(names, here, swaps, brought);
  const said = others.map((l) => l.item.split(',')[0]!.trim());
  const own = new Set(foodWords(before.item));
  // Skimmed milk for milk: the step's word still fits.
  if (said.every((n) => foodWords(n).every((w) => own.has(w)))) return [];
  const swap = others.map((l) => swapOfLine(l, swaps)).find((s) => s !== null) ?? null;
  const method = swap === null ? undefined : methodsOf(swap).find((m) => brought.includes(m));
  const whole = others.length === here.length;
  const instead = method?.instead ?? null;
  // It goes in by a step of its own.
  if (method?.takesOver && whole) return [{ ...gone, aside: said.join(' and '), instead }];
  if (method?.takesOver) return [];
  // What a step of its own puts in is not put in twice.
  if (!whole && method !== undefined && others.every((l) => saysFood(method.text, l))) return [];
  const rest = whole ? [] : [here.find((l) => sameFood(l, before))!];
  const words = [...rest.map(() => ''), ...said].join(' and ').trim();
  return [{ names, words, aside: '', instead }];
}

/** What is done otherwise with less of the same food: a pie without its bottom. */
function insteadOnly(
  names: readonly string[],
  here: readonly Line[],
  swaps: readonly Swap[],
  brought: readonly SwapMethod[],
): Became[] {
  const swap = here.map((l) => swapOfLine(l, swaps)).find((s) => s !== null) ?? null;
  const instead = swap === null ? null : (methodsOf(swap).find((m) => brought.includes(m))?.instead ?? null);
  return instead === null ? [] : [{ names, words: '', aside: '', instead }];
}

const saysFood = (text: string, line: Line): boolean => {
  const words = new Set(foodWords(text));
  return namesOf(line.item).some((n) => words.has(n));
};

/** A step's text with what became of its ingredients; empty where nothing of it is left. */
function told(text: string, became: readonly Became[], all: readonly (readonly string[])[]): string {
  let out = text;
  for (const b of became) {
    if (b.instead !== null) out = doneOtherwise(out, b.instead, b, all);
    if (b.words === null) out = withoutName(out, b, all);
    else if (b.words !== '') out = withNewName(out, b.names, b.words, all);
  }
  return out;
}

/** Puts other words where a name stands, or behind it where only a part of it is another food. */
function withNewName(
  text: string,
  names: readonly string[],
  words: string,
  all: readonly (readonly string[])[],
): string {
  const part = words.startsWith('and ');
  return mentionsOf(text, names, all)
    .reverse()
    .reduce((s, m) => {
      const said = isPlural(s.slice(m.start, m.end)) ? inPlural(words) : words;
      if (part) return `${s.slice(0, m.end)} ${said}${s.slice(m.end)}`;
      // What was melted is no more.
      return `${s.slice(0, m.start).replace(/\b(?:melted|softened|soft) $/i, '')}${said}${s.slice(m.end)}`;
    }, text);
}

const isPlural = (name: string): boolean => {
  const last = name.trim().split(/\s+/).pop()!.toLowerCase();
  return singular(last) !== last;
};

/** Who named several names several: "tortillas" become "maize tortillas". */
const inPlural = (words: string): string =>
  words.includes(' and ') || words.startsWith('and ') ? words : countedName(words, 2);

const asSentences = (text: string): string[] => text.split(/(?<=[.!?])\s+/).filter((s) => s.trim() !== '');

/** The clauses that a method takes the place of. */
const DONE: Readonly<Record<NonNullable<SwapMethod['instead']>, RegExp>> = {
  fry: FRYING,
  line: /\bline (?:a|the|your)\b/i,
  grease: /\b(?:grease|butter) (?:a|the|your)\b/i,
  whip: /(?!)/,
};

/** A step's text without the clauses that a method takes the place of; what is whipped no more is stirred. */
function doneOtherwise(
  text: string,
  instead: NonNullable<SwapMethod['instead']>,
  { names }: Became,
  all: readonly (readonly string[])[],
): string {
  if (instead === 'whip') return stirred(text, mentionsOf(text, names, all)[0]);
  const lined = /\bline (?:a|the|your) (\w+)/i.exec(text)?.[1];
  const out = asSentences(text)
    .map((s) => {
      const parted = withoutClauses(s, DONE[instead]);
      return parted === null ? s : `${parted.before} ${HERE} ${parted.behind}`.trim();
    })
    .join(' ');
  // "Line the dish and fill it": what is filled is the dish.
  return instead === 'line' && lined !== undefined ? out.replace(/\b(fill) it\b/i, `$1 the ${lined}`) : out;
}

/** "Whip the cream to soft peaks" as what is not whipped: stirred, and to no peaks. */
function stirred(text: string, at: Mention | undefined): string {
  if (at === undefined) return text;
  const before = text
    .slice(0, at.start)
    .replace(/\bwhip(?= (?:the )?$)/, 'stir')
    .replace(/\bWhip(?= (?:the )?$)/, 'Stir');
  const rest = text.slice(at.end);
  const end = /[.,;]| and (?=whip|beat|fold|stir)/.exec(rest)?.index ?? rest.length;
  const clause = rest.slice(0, end).replace(/ (?:to|until) (?:\w+ )?(?:soft|stiff|firm)(?: peaks)?/, '');
  return `${before}${text.slice(at.start, at.end)}${clause}${rest.slice(end)}`;
}

/** Takes a name out of a step, or says beside it what became of it. */
function withoutName(text: string, b: Became, all: readonly (readonly string[])[]): string {
  const sentences = asSentences(text);
  const out: string[] = [];
  let dropped = false;
  for (const [i, sentence] of sentences.entries()) {
    const mentions = mentionsOf(sentence, b.names, all);
    if (mentions.length === 0) {
      // "Fold them in", where they are gone.
      if (dropped && isOnlyBack(sentence, all)) continue;
      dropped = false;
      out.push(sentence);
      continue;
    }
    const next = sentences[i + 1];
    const pointsOn = next !== undefined && POINTS_BACK.test(next) && !isOnlyBack(next, all);
    const without = pointsOn ? null : allOut(sentence, b, all);
    if (without === null) out.push(aside(sentence, mentions[0]!, b.aside));
    else if (without !== '') out.push(without);
    dropped = without === '';
  }
  return out.join(' ');
}

/** A sentence without every mention of an ingredient; null where one cannot be taken out. */
function allOut(sentence: string, b: Became, all: readonly (readonly string[])[]): string | null {
  if (isOnlyAbout(sentence, b, all)) return '';
  let out = sentence;
  for (let n = 0; n < 4; n++) {
    const [first] = mentionsOf(out, b.names, all);
    if (first === undefined) return out;
    if (POINTS_BACK.test(out.slice(first.end)) && !namesAnother(out, b, all)) return null;
    const next = withoutMention(out, first);
    if (next === null) return null;
    out = next;
  }
  return null;
}

const HEAT = /\b(?:bake|simmer|boil|roast|grill|oven|minutes?|hours?|chill|freeze|serve)\b|°/i;

const namesAnother = (sentence: string, b: Became, all: readonly (readonly string[])[]): boolean =>
  all.some((names) => names.join(' ') !== b.names.join(' ') && mentionsOf(sentence, names, all).length > 0);

/** Whether a sentence does nothing but prepare this one ingredient. */
const isOnlyAbout = (sentence: string, b: Became, all: readonly (readonly string[])[]): boolean =>
  !HEAT.test(sentence) && !namesAnother(sentence, b, all) && sentence.split(/\s+/).length <= 12;

/** Whether a sentence speaks of nothing but what the one before it named. */
const isOnlyBack = (sentence: string, all: readonly (readonly string[])[]): boolean =>
  POINTS_BACK.test(sentence) &&
  !HEAT.test(sentence) &&
  sentence.split(/\s+/).length <= 8 &&
  all.every((names) => mentionsOf(sentence, names, all).length === 0);

const aside = (text: string, at: Mention, words: string): string =>
  `${text.slice(0, at.end)} (${words})${text.slice(at.end)}`;
