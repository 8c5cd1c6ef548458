/** Words that say nothing about which food it is. */
const NOISE = new Set(
  `fresh freshly ripe organic good quality best large medium small of the a an and or with in for about extra your
  favourite favorite any plus more finely coarsely roughly thinly chopped diced sliced minced cubed optional
  room temperature washed cleaned trimmed peeled free-range natural pure cold warm hot ice piece whole boneless bone
  ground grated shredded crumbled shaved cut thick thin center centre unbaked into size sized homemade store bought prepared uncooked raw plain regular
    sharp mild baby halve halved petite heirloom packed`
    .split(/\s+/)
    .filter(Boolean),
);

/** Removes accents and case: "Crème fraîche" and "creme fraiche" are one. */
export const fold = (text: string): string =>
  // biome-ignore lint/suspicious/noControlCharactersInRegex: what is ASCII has no accents to lose
  /^[\x00-\x7f]*$/.test(text)
    ? text.toLowerCase()
    : text
        .normalize('NFD')
        .replace(/[\u0300-\u036f]/g, '')
        .toLowerCase();

/** One word in the singular: tomatoes → tomato, berries → berry, leaves → leaf. Good enough to compare, not to print. */
export function singular(word: string): string {
  if (/^[0-9/%.]+$/.test(word) || word.length < 4) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (word.endsWith('leaves')) return 'leaf';
  if (word.endsWith('loaves')) return 'loaf';
  if (/(?:oes|shes|ches|xes|sses)$/.test(word)) return word.slice(0, -2);
  if (word.endsWith('s') && !/(?:ss|us|is)$/.test(word)) return word.slice(0, -1);
  return word;
}

/** Words are asked for again and again: of a line for every swap, of a sentence for every line. */
const MOST_TEXTS = 20_000;
const wordsByText = new Map<string, readonly string[]>();

/** The words of a food's name, folded and singular, without punctuation, in order. */
export function foodWords(text: string): readonly string[] {
  const had = wordsByText.get(text);
  if (had !== undefined) return had;
  const words = readWords(text);
  if (wordsByText.size >= MOST_TEXTS) wordsByText.clear();
  wordsByText.set(text, words);
  return words;
}

function readWords(text: string): string[] {
  return withOneMeaning(
    fold(text)
      .replace(/'s\b/g, 's')
      .replace(/(\d) %/g, '$1%'),
  )
    .split(/[^a-z0-9%/.-]+/)
    .flatMap((w) => (w.includes('-') && /^[a-z]+(?:-[a-z]+)+$/.test(w) ? w.split('-') : [w]))
    .map((w) => singular(w.replace(/^[.-]+|[.-]+$/g, '')))
    .filter((w) => !SMALL.has(w));
}

const SMALL: ReadonlySet<string> = new Set(['', 'of', 'the', 'a', 'and', 'in']);
const SEVERAL = /\b(?:cream of coconut|for stew|salad potato(?:es)?|(?:free|cage)[- ](?:range|roaming))\b/;

/** Words that mean another thing together than each for itself, as one. */
const withOneMeaning = (text: string): string =>
  SEVERAL.test(text)
    ? text
        // Sweetened, and no coconut cream.
        .replace(/\bcream of coconut\b/g, 'creamofcoconut')
        // Meat for a stew, and no stew.
        .replace(/\bfor stew\b/g, 'forstew')
        // Potatoes for a salad, and no potato salad.
        .replace(/\bsalad potato(?:es)?\b/g, 'saladpotato')
        .replace(/\b(?:free|cage)[- ](?:range|roaming)\b/g, ' ')
    : text;

export const isNoise = (word: string): boolean => NOISE.has(word);
