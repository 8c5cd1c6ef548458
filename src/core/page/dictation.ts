import { normalizeText } from '../reading/normalize-text.ts';
import { readAmount } from '../reading/read-amount.ts';
import { readNumber } from '../reading/read-number.ts';
import { claimsSaid, saidOnce } from './claims-said.ts';
import { pansSaid } from './pans-said.ts';
import { NO_TIMES, type RecipeText } from './recipe-text.ts';
import { headingOf } from './sections.ts';
import { servingsIn } from './servings-said.ts';

/** Signs that a text was spoken and not written. */
const SIGNS_OF_SPEECH =
  /\b(?:um+|uh+|erm?|hmm+|you know|okay|ok so|alright|no wait|wait no|i mean|scratch that|so you|and then you|then you|you need|you'll need|you take|you want|i use|i take|i put|it feeds|this is my|we need|just use|you just|gonna|kind of|sort of)\b/gi;
const FEWEST_SIGNS = 3;
/** Longer than this nobody speaks for one recipe. */
const LONGEST_SPOKEN = 8000;

/** A paragraph of this length with one such sign in it is told as well. */
const LONG_PARAGRAPH = 200;

/** Whether a text is what somebody said or told in a letter: few lines, and words that only a mouth makes. */
export function isSpoken(text: string): boolean {
  if (text.length > LONGEST_SPOKEN) return false;
  const lines = text.split('\n').filter((l) => l.trim() !== '');
  // Who writes headings does not speak, however he tells it.
  if (lines.some((l) => ['ingredients', 'steps'].includes(headingOf(l.trim())?.section ?? ''))) return false;
  const signs = text.match(SIGNS_OF_SPEECH)?.length ?? 0;
  const length = text.length / Math.max(1, lines.length);
  return (signs >= FEWEST_SIGNS && length > 60) || (signs >= 1 && lines.length <= 2 && length > LONG_PARAGRAPH);
}

const FILLERS =
  /(?<![\w'])(?:um+|uh+|erm?|hmm+|you know|i guess|like(?=,? (?:\d|an? |one|two|three|four|five|six|seven|eight|nine|ten|half|about|maybe))|basically|sort of|kind of|let's see|let me think|what else)(?![\w'])(?:,(?= ))?\s?/gi;
const OPENERS = /^(?:(?:so|and|okay|ok|alright|well|right|now|but|oh|yeah|yes)[, ]+)+/i;
const CORRECTION =
  /^(?:(?:oh |or )?(?:no|nope|sorry|wait|actually|rather|scratch that|make that|i mean|correction)[, ]*)+/i;
const NEEDS =
  /\b(?:you(?:'ll| will)? need|you take|you want|we need|just use|i use|i take|ingredients are|it takes|there's)\b:?,?\s*/i;
const BEGINS_METHOD =
  /\s*(?:[,.;]\s*|\s)(?=(?:so |and |okay |ok )*(?:first|then|next|to make it)(?:,? you\b| of all\b))/i;
const SAYS_NAME =
  /\b(?:this is|here's|here is|it's|that's|recipe for|how (?:i|you|to|we) make|making|called|for(?= (?:the|my|this) [a-z ]{3,30} (?:just|you|i)\b))\s+(?:my|the|our|an?|some)?\s*([a-z][a-z' -]{2,48}?)(?=[,.]| it\b| just\b| you\b| and\b| which\b| so\b| from\b| for\b| that\b|$)/i;
const NEXT_ITEM =
  /\s*[,;]\s*(?:and |plus |then )?|\s+and (?=(?:\d|an? |one |two |three |four |five |six |eight |half |some |a |about |maybe |salt\b))/i;

/** A recipe as somebody told it: spoken amounts, fillers left out, and of a correction the last word. */
export function readSpoken(text: string): RecipeText {
  const told = text
    .replace(/\s+/g, ' ')
    .replace(FILLERS, '')
    .replace(/\s+([,.])/g, '$1')
    .replace(/,(?=\s*[,.!?])/g, '')
    .trim();
  const sentences = told
    .split(/(?<=[.!?])\s+|\n+/)
    .flatMap((s) => s.split(BEGINS_METHOD))
    .map((s) => s.replace(OPENERS, '').trim())
    .filter((s) => /\w{2}/.test(s) && !/^(?:and|so|okay|then)$/i.test(s));
  const lists = sentences.filter(isList);
  const said = toldServings(sentences);
  const steps = sentences
    .filter((s) => !lists.includes(s) && s !== said?.sentence && BEGINS_STEP.test(s))
    .map((s) => s.replace(/^(\p{Ll})/u, (c) => c.toUpperCase()));
  const rest = sentences.filter((s) => !lists.includes(s) && s !== said?.sentence && !BEGINS_STEP.test(s));
  const name = SAYS_NAME.exec(sentences.slice(0, 3).join(' '))?.[1]?.trim() ?? null;
  return {
    title: name === null ? null : name.charAt(0).toUpperCase() + name.slice(1),
    servings: said?.servings ?? null,
    makes: said?.words ?? null,
    ingredients: lists.flatMap(itemsOf).map((item) => ({ text: item, group: null })),
    fromSteps: false,
    steps,
    author: null,
    url: null,
    claims: saidOnce(sentences.flatMap(claimsSaid)),
    notes: rest,
    times: NO_TIMES,
    pans: pansSaid(steps),
    tools: [],
    aside: [],
  };
}

const BEGINS_STEP =
  /^(?:(?:and |so |okay |ok )*(?:first|then|next|after|when|once|now|finally|while|meanwhile|you\b|i\b|let\b|it goes|put|bake|cook|mix|stir|add|pour|take|heat|fry|boil|serve|leave|cover|cut|chop))/i;

/** Whether a sentence names what is needed: several things with amounts. */
function isList(sentence: string): boolean {
  const items = itemsOf(sentence);
  const amounts = items.filter((i) => readAmount(normalizeText(i)) !== null).length;
  return (
    items.length >= 2 && amounts >= 2 && amounts >= items.length / 2 && !/^(?:first|then|next|after)\b/i.test(sentence)
  );
}

/** The things of a sentence, of a corrected one the last word. */
function itemsOf(sentence: string): string[] {
  const at = NEEDS.exec(sentence);
  const listed = at === null ? sentence : sentence.slice(at.index + at[0].length);
  const out: string[] = [];
  for (const raw of listed.replace(/[.!?]+$/, '').split(NEXT_ITEM)) {
    const part = raw.replace(/^(?:and|plus|then|also|maybe|about(?= some))\s+/i, '').trim();
    if (part === '') continue;
    const correction = CORRECTION.exec(part);
    if (correction === null) {
      // "… ten cups, no wait" goes on in the next part.
      if (pending(out)) out[out.length - 1] = corrected(out[out.length - 1]!.slice(0, -PENDING.length), part);
      else out.push(part);
      continue;
    }
    const instead = part.slice(correction[0].length).trim();
    const before = (out.pop() ?? '').replace(PENDING, '');
    out.push(instead === '' ? `${before}${PENDING}` : corrected(before, instead));
  }
  return out.map((i) => (i.endsWith(PENDING) ? i.slice(0, -PENDING.length) : i));
}

/** Marks an item whose correction is still to come; no spoken text has this character. */
const PENDING = '\u0000';
const pending = (items: readonly string[]): boolean => items.at(-1)?.endsWith(PENDING) ?? false;

/** What holds of two tellings: the last; where it is only an amount, of the same food. */
function corrected(before: string, after: string): string {
  const is = readAmount(normalizeText(after));
  if (is === null || is.rest !== '') return after;
  const was = normalizeText(before);
  const food = is.unit === null ? readNumber(was)?.rest : readAmount(was)?.rest;
  return `${after} ${food ?? ''}`.trim();
}

function toldServings(
  sentences: readonly string[],
): { servings: number | null; words: string; sentence: string } | null {
  for (const sentence of sentences) {
    const m = /\b(?:(?:it|that|this)(?:'ll)? )?((?:feeds|serves|makes|is enough for|is for)\s[^,.]{1,40})/i.exec(
      sentence,
    );
    const said = m === null ? null : servingsIn(m[1]!.replace(/^is /i, ''), true);
    if (said !== null) return { servings: said.servings, words: m![1]!, sentence };
  }
  return null;
}
