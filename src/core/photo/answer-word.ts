import type { PhotoLine } from './photo-lines.ts';
import type { WordDoubt } from './word-doubts.ts';

/** A line in which a word that was asked about is now this; what else was asked stays. */
export function answerWord(line: PhotoLine, { word }: WordDoubt, answer: string): PhotoLine {
  const words = line.words.map((w, i) => (i === word ? around(w, answer) : w));
  return { ...line, words, text: joinedWords(words), doubts: line.doubts.filter((d) => d.word !== word) };
}

/** A line as it was typed over: nothing of it is asked any more. */
export const typedOver = (line: PhotoLine, text: string): PhotoLine => ({
  ...line,
  text,
  words: text.split(/\s+/).filter(Boolean),
  doubts: [],
});

const joinedWords = (words: readonly string[]): string => words.filter(Boolean).join(' ');

/** Brackets and stops around a word stay around what stands in its place. */
function around(word: string, answer: string): string {
  if (answer === word || answer === '') return answer;
  const before = /^[("']+(?=.)/.exec(word)?.[0] ?? '';
  const behind = /(?<=\w)[)"',;:.]+$/.exec(word)?.[0] ?? '';
  const open = answer.startsWith(before) ? '' : before;
  return `${open}${answer}${answer.endsWith(behind) ? '' : behind}`;
}
