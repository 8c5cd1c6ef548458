import { formatAmount } from '../quantity/format-amount.ts';
import { findUnit } from '../quantity/units.ts';
import { notesOf } from './as-plain-text.ts';
import type { ToldRecipe } from './told-recipe.ts';

/**
 * A recipe as Cooklang (cooklang.org/docs/spec). Its ingredients stand in a first step of their own, each whole: the
 * method below names them as its author did.
 */
export function asCooklang(told: ToldRecipe): string {
  const meta = [
    ['title', told.title],
    ['servings', told.servings === null ? null : formatAmount(told.servings)],
    ['author', told.author],
    ['source', told.url],
  ].filter(([, v]) => v !== null);
  let group: string | null = null;
  const lines = told.lines.flatMap((l) => {
    const heading = l.group !== null && l.group !== group ? ['', `= ${l.group} =`, ''] : [];
    group = l.group;
    return [...heading, markedLine(l.text), ''];
  });
  return `${[
    '---',
    ...meta.map(([k, v]) => `${k}: ${v}`),
    '---',
    '',
    ...lines,
    '= Method =',
    '',
    ...told.steps.flatMap((s) => [withoutMarks(s), '']),
    ...notesOf(told).map((n) => `> ${withoutMarks(n)}`),
  ]
    .join('\n')
    .trimEnd()}\n`;
}

/** What would be marks of the format, written so that it is none. */
const withoutMarks = (words: string): string => words.replace(/([@#~\\])/g, '\\$1').replace(/--/g, '–');

const WRITTEN_NUMBER = String.raw`(?:\d+\s?[½⅓⅔¼¾⅛⅜⅝⅞]|[½⅓⅔¼¾⅛⅜⅝⅞]|\d+\s\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)`;
const WRITTEN_AMOUNT = new RegExp(`^(${WRITTEN_NUMBER}(?:\\s?(?:-|–|to)\\s?${WRITTEN_NUMBER})?)\\s+(.+)$`);

/**
 * A line as an ingredient: its amount in braces, what is said after it in brackets.
 *
 * @example markedLine('2 leeks, sliced') // '@leeks{2}(, sliced)'
 */
function markedLine(text: string): string {
  const m = WRITTEN_AMOUNT.exec(text);
  if (m === null || /[{}%]/.test(text)) return `@${nameAndNote(text)}`;
  const [, quantity, behind] = m as unknown as [string, string, string];
  const [word = ''] = behind.split(' ');
  const isUnit = findUnit(word) !== null;
  // What stands in brackets behind an amount says the same amount otherwise.
  const otherwise = /^\([^()]*\)/.exec(behind.slice(isUnit ? word.length : 0).trim())?.[0] ?? '';
  const unit = [isUnit ? word : '', otherwise].filter(Boolean).join(' ');
  const rest = behind.slice(unit.length).trim();
  if (rest === '' || `${[quantity, unit, rest].filter(Boolean).join(' ')}` !== text) return `@${nameAndNote(text)}`;
  const [name, note] = nameAndRest(rest);
  return `@${withoutMarks(name)}{${unit === '' ? quantity : `${quantity}%${unit}`}}${note}`;
}

const nameAndNote = (text: string): string => {
  const [name, note] = nameAndRest(text);
  return `${withoutMarks(name)}{}${note}`;
};

/** A name, and what stands behind its first comma, in brackets. */
function nameAndRest(text: string): [name: string, note: string] {
  const at = text.indexOf(',');
  return at === -1 ? [text, ''] : [text.slice(0, at).trim(), `(${text.slice(at)})`];
}
