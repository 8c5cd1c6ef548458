import { decodeEntities } from '../reading/decode-entities.ts';
import { inOneColumn } from './columns.ts';
import { beginsAsStep } from './line-kinds.ts';
import { unmailed } from './mail.ts';
import type { PageLine } from './page-line.ts';
import { brokenUp } from './run-together.ts';

/** The lines of a page, and what stood around them. */
export interface LinesRead {
  readonly lines: readonly PageLine[];
  /** The subject of a mail: what it is about, when nothing else says so. */
  readonly subject: string | null;
  readonly aside: readonly string[];
}

const ONLY_RULE = /^[-=_*~•·.]{3,}$/;
const LIST_MARK = /^(?:[-*+•·‣▢▪◦○●□☐☑✓✔→]\s+|\[[ xX]?\]\s*|[•▢▪●□☐☑✓✔]\s*)+/;
const LIST_NUMBER = /^(?:step\s+)?(\d{1,2})\s?(?:[.):]|-(?=\s))\s+(?=\S)/i;
const STEP_NUMBER = /^(?:step\s+)(\d{1,2})\s+(?=[A-Z])/i;
/** Pictures in the place of letters, with what joins and colours them; keys with figures become the figure. */
const PICTURES = /(?:\p{Extended_Pictographic}|\p{Emoji_Modifier}|\u200d|\ufe0f|\u20e3)+/gu;
const KEYCAP = /^(\d)\ufe0f?\u20e3\s*/;

/** Takes a text apart into lines: entities, quote marks, columns, bullets, numbers, emphasis and pictures are read. */
export function pageLines(text: string): LinesRead {
  const raw = decodeEntities(text)
    .replace(/\r\n?|\u2028|\u2029/g, '\n')
    .replace(/[\u00a0\u2007\u202f]/g, ' ')
    .replace(/[\u200b\ufeff\u00ad]/g, '')
    .split('\n')
    .map((l) => l.trimEnd());
  const mail = unmailed(raw);
  const lines: PageLine[] = [];
  let gap = false;
  for (const line of inOneColumn(mail.lines).flatMap(brokenUp)) {
    const read = pageLine(line.replace(/[ \t]{2,}/g, ' ').trim(), gap);
    gap = read === null;
    if (read !== null) lines.push(read);
  }
  return { lines, subject: mail.subject, aside: mail.aside };
}

function pageLine(line: string, gap: boolean): PageLine | null {
  if (line === '' || ONLY_RULE.test(line)) return null;
  const keyed = line.replace(KEYCAP, '$1. ');
  const pictured = keyed.replace(PICTURES, ' ').replace(/ {2,}/g, ' ').trim();
  // A star that is a rating is noise; a line of nothing but pictures says nothing.
  if (pictured === '') return null;
  const heading = /^#{1,6}\s+(?=\S)/.exec(pictured);
  const bare = pictured.slice(heading?.[0].length ?? 0);
  const bullet = LIST_MARK.exec(bare);
  const unmarked = bare.slice(bullet?.[0].length ?? 0);
  const number = LIST_NUMBER.exec(unmarked) ?? STEP_NUMBER.exec(unmarked) ?? bareNumber(unmarked);
  const text = withoutEmphasis(unmarked.slice(number?.[0].length ?? 0));
  return {
    text: text === '' ? unmarked : text,
    mark: heading ? 'heading' : number ? 'number' : bullet ? 'bullet' : null,
    number: number ? Number(number[1]) : null,
    gap,
  };
}

/** "2 Cook on low": a number without a mark is one of a step where a verb stands behind it. */
function bareNumber(line: string): RegExpExecArray | null {
  const m = /^(\d{1,2}) +(?=[A-Z])/.exec(line);
  return m !== null && beginsAsStep(line.slice(m[0].length)) ? m : null;
}

/** The words without Markdown's marks of emphasis. */
const withoutEmphasis = (text: string): string =>
  text.length > 2000
    ? text
    : text
        .replace(/(\*\*|__)(?=\S)([^*_]{1,300})\1/g, '$2')
        .replace(/(^|[\s(])([*_])(?=\S)([^*_]{1,300}\S)\2(?=[\s.,;:!?)]|$)/g, '$1$3')
        .trim();
