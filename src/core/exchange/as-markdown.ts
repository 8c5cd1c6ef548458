import { formatAmount } from '../quantity/format-amount.ts';
import { notesOf } from './as-plain-text.ts';
import type { ToldRecipe } from './told-recipe.ts';

const TIMES = [
  ['prep', 'Prep time'],
  ['cook', 'Cook time'],
  ['total', 'Total time'],
] as const;

/** A recipe as Markdown (CommonMark): headings, lists, and its points as a table's worth of notes. */
export function asMarkdown(told: ToldRecipe): string {
  const head = [
    `# ${told.title}`,
    '',
    ...(told.servings === null ? [] : [`Serves ${formatAmount(told.servings)}`, '']),
    ...(told.author === null ? [] : [`Author: ${told.author}`, '']),
    ...(told.url === null ? [] : [told.url, '']),
    ...TIMES.flatMap(([kind, words]) =>
      told.times[kind] === null ? [] : [`${words}: ${formatAmount(told.times[kind])} minutes`, ''],
    ),
  ];
  let group: string | null = null;
  const lines = told.lines.flatMap((l) => {
    const heading = l.group !== null && l.group !== group ? ['', `### ${l.group}`, ''] : [];
    group = l.group;
    return [...heading, `- ${l.text}`];
  });
  const notes = notesOf(told);
  const all = [
    ...head,
    '## Ingredients',
    '',
    ...lines,
    ...(told.steps.length > 0 ? ['', '## Method', '', ...told.steps.map((s, i) => `${i + 1}. ${s}`)] : []),
    ...(notes.length > 0 ? ['', '## Notes', '', ...notes.flatMap((n) => [n, ''])] : []),
  ];
  return `${withoutTags(all.join('\n')).trimEnd()}\n`;
}

/** Words that look like a tag are written so that no reader of Markdown draws them as one (CommonMark 0.31, 6.6). */
const withoutTags = (text: string): string => text.replace(/<(?=[a-z/!?])/gi, '&lt;');
