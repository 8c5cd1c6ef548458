import { foodWords } from '../food/food-words.ts';
import type { Swap, SwapMethod } from '../swap/swap.ts';
import { isOnPlate, swapOfLine } from '../swap/swap-of-line.ts';
import { type LinePair, pairLines } from '../version/pair-lines.ts';
import { sameFood } from '../version/same-food.ts';
import { namesOf } from '../version/step-uses.ts';
import type { Line, Step, Version } from '../version/version.ts';
import { type Mention, mentionsOf } from './mentions.ts';
import { withoutMention } from './without-mention.ts';

/** What became of an ingredient that the steps name. */
interface Became {
  readonly names: readonly string[];
  /** The words that take its place; null where it goes out of the steps. */
  readonly words: string | null;
  /** What is said beside its name where it cannot be taken out: "left out", "at the table". */
  readonly aside: string;
  /** Whether what is done with it is done otherwise now: sentences that cook in it go. */
  readonly instead: boolean;
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
  return version.steps.flatMap((s) => {
    if (methods.has(s.text)) return [s];
    const text = told(s.text, became, all);
    return text === '' ? [] : [text === s.text ? s : { ...s, text }];
  });
}

const methodsOf = (swap: Swap): readonly SwapMethod[] =>
  swap.methods ??
  (swap.method === null ? [] : [{ at: [], text: swap.method, after: false, takesOver: false, instead: false }]);

function becameOf(pair: LinePair, swaps: readonly Swap[], brought: readonly SwapMethod[]): Became[] {
  const { before, after, changed } = pair;
  if (before === null || !changed) return [];
  const names = namesOf(before.item);
  const here = after.filter((l) => !l.leftOut);
  const gone: Became = { names, words: null, aside: 'left out', instead: false };
  if (here.length === 0)
    return [after.some((l) => isOnPlate(l, swaps)) ? { ...gone, aside: 'at the table', instead: false } : gone];
  const others = here.filter((l) => !sameFood(l, before));
  if (others.length === 0) return [];
  const said = others.map((l) => l.item.split(',')[0]!.trim());
  const own = new Set(foodWords(before.item));
  // Skimmed milk for milk: the step's word still fits.
  if (said.every((n) => foodWords(n).every((w) => own.has(w)))) return [];
  const swap = others.map((l) => swapOfLine(l, swaps)).find((s) => s !== null) ?? null;
  const method = swap === null ? undefined : methodsOf(swap).find((m) => brought.includes(m));
  const whole = others.length === here.length;
  if (method?.instead) return [{ ...gone, aside: said.join(' and '), instead: true }];
  // It goes in by a step of its own.
  if (method?.takesOver) return whole ? [{ ...gone, aside: said.join(' and ') }] : [];
  // What a step of its own puts in is not put in twice.
  if (!whole && method !== undefined && others.every((l) => saysFood(method.text, l))) return [];
  const rest = whole ? [] : [here.find((l) => sameFood(l, before))!];
  const words = [...rest.map(() => ''), ...said].join(' and ').trim();
  return [{ names, words, aside: '', instead: false }];
}

const saysFood = (text: string, line: Line): boolean => {
  const words = new Set(foodWords(text));
  return namesOf(line.item).some((n) => words.has(n));
};

/** A step's text with what became of its ingredients; empty where nothing of it is left. */
function told(text: string, became: readonly Became[], all: readonly (readonly string[])[]): string {
  let out = text;
  for (const b of became) {
    if (b.instead) out = withoutCookingIn(out);
    if (b.words === null) out = withoutName(out, b, all);
    else out = withNewName(out, b.names, b.words, all);
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
    .reduce((s, m) => `${s.slice(0, part ? m.end : m.start)}${part ? ` ${words}` : words}${s.slice(m.end)}`, text);
}

const asSentences = (text: string): string[] => text.split(/(?<=[.!?])\s+/).filter((s) => s.trim() !== '');

/** Takes out the sentences in which something is fried in what is no longer there. */
const withoutCookingIn = (text: string): string =>
  asSentences(text)
    .filter((s) => !FRYING.test(s))
    .join(' ');

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
