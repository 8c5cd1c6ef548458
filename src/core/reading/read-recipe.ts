import { normalizeText } from './normalize-text.ts';
import { readLine } from './read-line.ts';
import { readNumber } from './read-number.ts';
import { ingredientsInDirections, splitLine } from './split-line.ts';

/** What a recipe's source states about itself: to compare with, never to count with. */
export interface Claim {
  readonly kind: 'points' | 'kcal';
  readonly value: number;
  /** The words that state it. */
  readonly words: string;
}

export interface IngredientText {
  readonly text: string;
  readonly group: string | null;
}

/** A pasted recipe, taken apart; nothing is dropped: what fits nowhere is in `notes`. */
export interface RecipeText {
  readonly title: string | null;
  readonly servings: number | null;
  /** The words that say what it makes: "Makes 12 muffins". */
  readonly servingsText: string | null;
  readonly ingredients: readonly IngredientText[];
  readonly steps: readonly string[];
  readonly author: string | null;
  readonly url: string | null;
  readonly claims: readonly Claim[];
  readonly notes: readonly string[];
}

type Section = 'top' | 'ingredients' | 'steps' | 'notes';

const HEADINGS: ReadonlyArray<readonly [RegExp, Section]> = [
  [
    /^(?:the )?(?:ingredients?|you(?:'ll| will)? need|what you need|shopping list|zutaten)\b[^.]{0,30}$/i,
    'ingredients',
  ],
  [
    /^(?:the )?(?:directions?|instructions?|methods?|preparation|steps?|how to (?:make|do)(?: it)?|procedure|to make|zubereitung|cooking instructions|what to do|here's how|to prepare)\b[^.]{0,20}$/i,
    'steps',
  ],
  [/^(?:the )?(?:notes?|tips?|cook'?s notes?|recipe notes?|nutrition(?: facts| information)?)$/i, 'notes'],
];

const SERVINGS = [
  /^(?:serves|servings?|makes|yields?|portions?|for|feeds|enough for)\s*[:=-]?\s*(?:about |approximately |approx\.? |around |ca\.? )?(.+)$/i,
  /^(\d+(?:\s?(?:-|to)\s?\d+)?) (?:servings?|portions?|people|persons?|helpings?)$/i,
];
const POINTS =
  /(\d+(?:[.,]\d+)?)\s*(?:points?|pts)\b(?! (?:out|of))|\b(?:points?|pts)(?: (?:per|a|each) (?:serving|portion|slice|piece))?\s*[:=]\s*(\d+(?:[.,]\d+)?)/i;
const KCAL =
  /(\d{2,4}(?:[.,]\d+)?)\s*(?:kcal|calories|cals?)\b|\b(?:kcal|calories|energy)(?: (?:per|a|each) (?:serving|portion|slice|piece))?\s*[:=]?\s*(\d{2,4})\b/i;
const SOURCE_LINE =
  /^(?:source|from|recipe (?:by|from|courtesy of)|adapted from|by|author|credit|via|original(?: recipe)?)\s*[:-]?\s+(.{2,120})$/i;
const URL_PATTERN = /https?:\/\/[^\s)>\]]{4,500}/i;

const clean = (line: string): string =>
  line
    .replace(/^#{1,6}\s*/, '')
    .replace(/^\*\*(.+)\*\*:?$/, '$1')
    .replace(/^_{1,2}(.+)_{1,2}$/, '$1')
    .trim();
const numberIn = (text: string): number => Number(text.replace(',', '.'));

/**
 * Takes a pasted recipe apart: title, servings, ingredient lines with their groups, steps, source and its claims,
 * in the many shapes people write. With headings they decide; without, amounts at the start of lines do.
 */
export function readRecipe(pasted: string): RecipeText {
  // Runs of blanks say nothing, and patterns that look at each of them in turn take forever over a page of them.
  const lines = pasted
    .replace(/\r\n?/g, '\n')
    .replace(/[^\S\n]{2,}/g, ' ')
    .split('\n')
    .map((l) => l.trimEnd());
  const draft = {
    title: null as string | null,
    servings: null as number | null,
    servingsText: null as string | null,
    author: null as string | null,
    url: null as string | null,
    claims: [] as Claim[],
    notes: [] as string[],
    ingredients: [] as IngredientText[],
    steps: [] as string[],
  };
  const headed = lines.some((l) => headingOf(clean(l.trim())) === 'ingredients');
  let section: Section = 'top';
  let group: string | null = null;
  let gap = false;
  for (const [at, raw] of lines.entries()) {
    const line = clean(raw.trim());
    if (line === '' || /^[-=_*~]{3,}$/.test(line)) {
      gap = true;
      continue;
    }
    const heading = headingOf(line);
    if (heading !== null) {
      section = heading;
      group = null;
      continue;
    }
    if (takeMeta(line, draft, section)) continue;
    if (
      draft.title === null &&
      section === 'top' &&
      draft.ingredients.length === 0 &&
      (!looksLikeIngredient(line) || looksLikeTitle(line, lines[at + 1] ?? ''))
    ) {
      draft.title = splitTitle(line.replace(/^(?:title|recipe|name)\s*:\s*/i, ''), draft).slice(0, 200);
      gap = false;
      continue;
    }
    if (section === 'top' && !headed && (looksLikeIngredient(line) || isGroupHeading(line))) section = 'ingredients';
    else if (section === 'ingredients' && !headed && looksLikeStep(line, gap)) section = 'steps';
    else if (section === 'ingredients' && headed && gap && looksLikeStep(line, gap)) section = 'steps';
    if (section === 'ingredients') {
      if (isGroupHeading(line)) group = line.replace(/:$/, '').trim();
      else for (const text of splitLine(line)) draft.ingredients.push({ text, group });
    } else if (section === 'steps') {
      const text = line
        .replace(/^(?:step\s*)?\d{1,2}\s*[.):-]\s*/i, '')
        .replace(/^[-*•]\s+/, '')
        .trim();
      if (text !== '') draft.steps.push(text);
    } else draft.notes.push(line);
    gap = false;
  }
  // Package directions have no list: what they add stands in the sentences.
  if (draft.ingredients.length <= 1) {
    const namedIn = (text: string): string[] => text.split(/(?<=[.!;])\s+/).flatMap(ingredientsInDirections);
    const directions = draft.notes.filter((n) => namedIn(n).length > 0);
    draft.notes = draft.notes.filter((n) => !directions.includes(n));
    draft.steps.push(...directions);
    draft.ingredients.push(...draft.steps.flatMap(namedIn).map((text) => ({ text, group: null })));
  }
  if (draft.steps.length === 1) draft.steps = splitSteps(draft.steps[0]!);
  return draft;
}

/** The ingredient lines of a text that holds nothing else, or those of a recipe with an "Ingredients" heading. */
export function ingredientLines(text: string): IngredientText[] {
  const lines = text
    .replace(/\r\n?/g, '\n')
    .split('\n')
    .map((l) => clean(l.trim()));
  if (lines.some((l) => headingOf(l) === 'ingredients')) return [...readRecipe(text).ingredients];
  let group: string | null = null;
  const out: IngredientText[] = [];
  for (const line of lines) {
    if (line === '') continue;
    if (isGroupHeading(line)) group = line.replace(/:$/, '').trim();
    else out.push({ text: line, group });
  }
  return out;
}

function headingOf(line: string): Section | null {
  const bare = line.replace(/[:.]$/, '').trim();
  if (bare.length > 50) return null;
  return HEADINGS.find(([re]) => re.test(bare))?.[1] ?? null;
}

/** "For the glaze:", "FILLING", "Dough:" */
export function isGroupHeading(line: string): boolean {
  if (line.length > 60 || /\d/.test(line)) return false;
  return (
    /^[^,]{2,}:$/.test(line) ||
    /^for (?:the )?[a-z -]+$/i.test(line) ||
    (/^[A-Z][A-Z &-]{3,}$/.test(line) && !/^(?:SALT|PEPPER)/.test(line))
  );
}

function takeMeta(
  line: string,
  draft: {
    servings: number | null;
    servingsText: string | null;
    author: string | null;
    url: string | null;
    claims: Claim[];
  },
  section: Section,
): boolean {
  const url = URL_PATTERN.exec(line);
  // Among the steps only a line that is nothing but a source is one: a step may mention a page.
  const onlySource = url !== null && line.replace(url[0], '').length < 40 && !/[.!]\s/.test(line);
  if (url && (section !== 'steps' || onlySource)) {
    draft.url ??= url[0];
    const left = line
      .replace(url[0], '')
      .replace(/^(?:source|link|url|from|via)\s*[:-]?\s*/i, '')
      .replace(/[()<>[\]]/g, '')
      .trim();
    if (left !== '') draft.author ??= left.slice(0, 120);
    return true;
  }
  if (section === 'steps') {
    const own = /^(?:per serving|nutrition|each serving|points?|calories|kcal)\b/i.test(line);
    const source = /^(?:source|recipe (?:by|from)|adapted from|credit)\b\s*[:-]?\s+(.{2,100})$/i.exec(line);
    if (source) {
      draft.author ??= source[1]!.trim();
      return true;
    }
    if (!own) return takeServings(line, draft, section);
  }
  if (section !== 'steps' && section !== 'notes') {
    if (takeServings(line, draft, section)) return true;
    const source = SOURCE_LINE.exec(line);
    if (source && !/^for\b/i.test(line) && readLine(line).quantity === null && section === 'top') {
      draft.author ??= source[1]!.trim();
      return true;
    }
    if (/^(?:prep|cook|total|bake|baking|cooking|preparation|active|ready in)(?: ?time)?\s*[:=-]?\s*\d/i.test(line))
      return true;
  }
  return line.length < 160 && section !== 'ingredients'
    ? takeClaims(line, draft.claims)
    : section === 'ingredients' && /^(?:points?|calories|kcal|per serving)\b/i.test(line)
      ? takeClaims(line, draft.claims)
      : false;
}

/** Things a recipe makes one of, or measures: they say nothing of servings. */
const NO_SERVINGS =
  /^(?:cups?|c\.|pints?|quarts?|qts?|ml|l|lit(?:er|re)s?|g|kg|oz|ounces?|lbs?|pounds?|loaf|loaves|cakes?|pies?|pans?|batch(?:es)?|tarts?|(?:\d+|nine|eight)[ -]?(?:x|by|inch))\b/i;

/** "Serves 6", "Makes 12 muffins", "6 servings"; "Makes 2 cups" is kept as words and gives none. */
function takeServings(
  line: string,
  draft: { servings: number | null; servingsText: string | null; claims: Claim[] },
  section: Section,
): boolean {
  for (const pattern of SERVINGS) {
    const m = pattern.exec(line);
    const n = m ? readNumber(normalizeText(m[1]!)) : null;
    const short = line.length < (section === 'steps' ? 80 : 60);
    if (m === null || n === null || n.article || !short || (/^for\b/i.test(line) && section !== 'top')) continue;
    draft.servingsText ??= line;
    const range = /^(?:-|to)\s?(\d+)/.exec(n.rest);
    if (!NO_SERVINGS.test(n.rest)) draft.servings ??= range ? (n.value + Number(range[1])) / 2 : n.value;
    takeClaims(line, draft.claims);
    return true;
  }
  return false;
}

/** What is longer names no dish: no pattern has to search it. */
const LONGEST_TITLE = 400;

/** "Potato soup (serves 5)", "Muffins, makes 12": the title without it, and the servings. */
function splitTitle(
  line: string,
  draft: { servings: number | null; servingsText: string | null; claims: Claim[] },
): string {
  if (line.length > LONGEST_TITLE) return line;
  const m = /[\s,;(|\u2010-\u2015-]+((?:serves|makes|yields?|servings?|for)[ :]+(?:about )?\d+[^()]*)\)?$/i.exec(line);
  if (m === null || m.index === 0) return line;
  return takeServings(m[1]!.trim(), draft, 'top') ? line.slice(0, m.index).trim() : line;
}

function takeClaims(line: string, claims: Claim[]): boolean {
  const points = POINTS.exec(line);
  const kcal = KCAL.exec(line);
  if (points) claims.push({ kind: 'points', value: numberIn((points[1] ?? points[2])!), words: line.slice(0, 300) });
  if (kcal) claims.push({ kind: 'kcal', value: numberIn((kcal[1] ?? kcal[2])!), words: line.slice(0, 300) });
  return points !== null || kcal !== null;
}

const VERBS =
  /^(?:\d{1,2}[.)]\s*)?(?:preheat|heat|mix|stir|combine|whisk|beat|cook|bake|boil|simmer|add|pour|place|put|cut|slice|chop|peel|wash|drain|melt|fry|saute|sauté|brown|bring|cover|serve|spread|layer|fold|season|sprinkle|transfer|remove|let|leave|in an? |in the |meanwhile|when|while|once|using|grease|line|make|roll|knead|divide|shape|form|set|turn|toss|blend|puree|purée|mash|soak|rinse|grate|roast|grill|reduce|return|top|arrange|spoon|stuff|wrap|soften|warm|prepare|rub|dissolve|sift|cream|separate|dust|brush|garnish|cool|chill|store|steam|poach|press|squeeze|strain|finish|taste|assemble|spray|coat|dip|repeat|after|then|next|finally|gently|carefully|meanwhile)\b/i;

function looksLikeIngredient(line: string): boolean {
  if (line.length > 140 || VERBS.test(line)) return false;
  const r = readLine(line);
  return (
    (r.quantity !== null && r.confidence > 0.4 && r.item !== '') ||
    (/^[-*•]\s/.test(line) && line.length < 80) ||
    r.modifiers.includes('to taste')
  );
}

/** A first line that could be an amount but is a name: "Three bean chilli", "A very long list", "7 layer salad". */
function looksLikeTitle(line: string, next: string): boolean {
  if (/^[-*•]\s/.test(line) || readLine(line).unit !== null) return false;
  return !/^[\d½⅓⅔¼¾⅛]/.test(line) || next.trim() === '';
}

function looksLikeStep(line: string, afterGap: boolean): boolean {
  if (/^(?:step\s*)?\d{1,2}\s*[.)]\s+[A-Z]/.test(line) && line.length > 25) return true;
  if (VERBS.test(line) && (/[.!]$/.test(line) || (line.length > 30 && readLine(line).quantity === null))) return true;
  return line.length > 90 && /[.!]$/.test(line) && afterGap;
}

/** One paragraph of method, taken apart at its sentences; short ones stay with the one before. */
function splitSteps(text: string): string[] {
  const sentences = text.split(/(?<=[.!?])\s+(?=[A-Z])/);
  const out: string[] = [];
  for (const s of sentences) {
    const last = out[out.length - 1];
    if (last !== undefined && last.length < 40) out[out.length - 1] = `${last} ${s}`;
    else out.push(s);
  }
  return out;
}
