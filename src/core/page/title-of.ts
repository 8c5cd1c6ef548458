import type { PageLine } from './page-line.ts';

/** What is longer names no dish: no pattern has to search it. */
const LONGEST_TITLE = 160;

/** How much a line among the first of a page looks like the name of a dish; 0 and less is none. */
export function titleScore(line: PageLine, position: number, subject: string | null): number {
  const { text } = line;
  if (text.length > LONGEST_TITLE || !/\p{L}{2}/u.test(text)) return -10;
  const words = text.split(/\s+/);
  const capitals = words.filter((w) => /^\p{Lu}/u.test(w)).length / words.length;
  const isSentence = words.length > 5 && capitals < 0.5 && /[.!?]$/.test(text);
  return (
    2 +
    (line.mark === 'heading' ? 3 : 0) +
    (capitals > 0.6 ? 1 : 0) +
    (subject !== null && shares(subject, text) ? 2 : 0) -
    (isSentence ? 4 : 0) -
    (/[.!?:…]$/.test(text) ? 1.5 : 0) -
    (words.length > 9 ? 2 : 0) -
    (/^(?:I|we|my|you|hi|hello|hey|dear|here|this|it|thanks?|as promised|so|okay|ok)\b/i.test(text) ? 1.5 : 0) -
    0.5 * position
  );
}

/** Whether two texts have a word in common that is no small one. */
const shares = (a: string, b: string): boolean => {
  const long = (t: string) => new Set(t.toLowerCase().match(/\p{L}{4,}/gu) ?? []);
  const [x, y] = [long(a), long(b)];
  return [...x].some((w) => y.has(w));
};

/** A title without what labels it. */
export const bareTitle = (text: string): string =>
  text
    .replace(/^(?:title|recipe(?: name)?|name)\s*:\s*/i, '')
    .replace(/^(?:recipe for|how to (?:make|cook)) (?=\p{L})/iu, '')
    .replace(/\s*[:|]\s*$/, '')
    .slice(0, 200);
