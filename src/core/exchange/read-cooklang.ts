/** An ingredient as Cooklang marks it: many words with braces behind them, or one word. */
const INGREDIENT = /@[-&?+]*([^@#~{}\n]+?)\{([^}]*)\}(?:\(([^)]*)\))?|(?<!\\)@([\p{L}\p{N}_-]+)(?:\(([^)]*)\))?/gu;
const COOKWARE = /#([^@#~{}\n]+?)\{[^}]*\}|(?<!\\)#([\p{L}\p{N}_-]+)/gu;
const TIMER = /~([^@#~{}\n]*?)\{([^}]*)\}/gu;

/** Whether a text is Cooklang: it marks ingredients as that does, and nobody else. */
export const isCooklang = (text: string): boolean =>
  !/^\s*[<[{]/.test(text) && /(?:^|[^\\\w])@[^\s@#~{}][^@#~{}\n]{0,80}\{[^}\n]*\}/u.test(text);

interface MarkedLine {
  readonly group: string | null;
  readonly text: string;
}

/**
 * Cooklang (cooklang.org/docs/spec) as a page in plain words, to be read as any other. A paragraph that is nothing but
 * ingredients is a list and no step.
 */
export function cooklangAsPage(text: string): string {
  const { meta, body } = frontMatter(text.replace(/\r\n?/g, '\n'));
  const lines: MarkedLine[] = [];
  const steps: string[] = [];
  const notes: string[] = [];
  let group: string | null = null;
  for (const block of withoutComments(body).split(/\n\s*\n|\n(?=\s*[=>])|(?<=^\s*=.*)\n/m)) {
    const words = block
      .split('\n')
      .map((l) => l.trim())
      .filter(Boolean)
      .join(' ');
    if (words === '') continue;
    const heading = /^=+\s*(.*?)\s*=*$/.exec(words);
    if (heading !== null) {
      group = heading[1] === '' || heading[1] === 'Method' ? null : heading[1]!;
      continue;
    }
    if (words.startsWith('>')) {
      notes.push(unescaped(words.replace(/^>+\s*/, '')));
      continue;
    }
    for (const m of words.matchAll(INGREDIENT)) lines.push({ group, text: lineOfMark(m) });
    const said = unescaped(
      words
        .replace(INGREDIENT, (...m) => (m[1] ?? m[4]).trim())
        .replace(COOKWARE, (_, many: string | undefined, one: string | undefined) => (many ?? one)!.trim())
        .replace(TIMER, (_, name: string, time: string) => [name, time.replace('%', ' ')].filter(Boolean).join(' ')),
    )
      .replace(/\s+([.,;])/g, '$1')
      .trim();
    const onlyMarks = words.replace(INGREDIENT, '').trim() === '';
    if (!onlyMarks && said !== '') steps.push(said);
  }
  return pageOf(meta, lines, steps, notes);
}

function lineOfMark(m: RegExpMatchArray): string {
  const name = unescaped((m[1] ?? m[4])!.trim());
  const note = m[3] ?? m[5];
  const amount = (m[2] ?? '').replace(/^=/, '').replace('%', ' ').replace(/\s+/g, ' ').trim();
  const behind = note === undefined ? '' : note.startsWith(',') ? note : `, ${note}`;
  return `${[amount, name].filter(Boolean).join(' ')}${behind}`;
}

const unescaped = (words: string): string => words.replace(/\\([@#~\\])/g, '$1');

const withoutComments = (text: string): string => text.replace(/\[-[\s\S]*?-\]/g, '').replace(/(^|\s)--.*$/gm, '$1');

/** What stands above: between lines of dashes, or behind ">>". */
function frontMatter(text: string): { meta: ReadonlyMap<string, string>; body: string } {
  const meta = new Map<string, string>();
  const put = (line: string): void => {
    const m = /^\s*(?:>>\s*)?([\w .-]+?)\s*:\s*(.+?)\s*$/.exec(line);
    if (m !== null) meta.set(m[1]!.toLowerCase(), m[2]!.replace(/^["']|["']$/g, ''));
  };
  const front = /^\s*---\n([\s\S]*?)\n---\s*(?:\n|$)/.exec(text);
  for (const line of front?.[1]!.split('\n') ?? []) put(line);
  const rest = front === null ? text : text.slice(front[0].length);
  const body = rest
    .split('\n')
    .filter((line) => {
      if (!/^\s*>>/.test(line)) return true;
      put(line);
      return false;
    })
    .join('\n');
  return { meta, body };
}

function pageOf(
  meta: ReadonlyMap<string, string>,
  lines: readonly MarkedLine[],
  steps: readonly string[],
  notes: readonly string[],
): string {
  const said = (...names: string[]) => names.map((n) => meta.get(n)).find((v) => v !== undefined) ?? null;
  const serves = said('servings', 'serves', 'yield');
  const author = said('author', 'source.author');
  const source = said('source', 'source.url', 'url');
  let group: string | null = null;
  return [
    said('title') ?? 'Untitled',
    ...(serves === null ? [] : [`Serves ${serves}`]),
    ...(author === null ? [] : [`Author: ${author}`]),
    ...(source === null ? [] : [/^https?:/.test(source) ? source : `From ${source}`]),
    '',
    'Ingredients',
    ...lines.flatMap((l) => {
      const heading = l.group !== null && l.group !== group ? ['', `${l.group}:`] : [];
      group = l.group;
      return [...heading, l.text];
    }),
    ...(steps.length > 0 ? ['', 'Method', ...steps.map((s, i) => `${i + 1}. ${s}`)] : []),
    ...(notes.length > 0 ? ['', 'Notes', ...notes] : []),
  ].join('\n');
}
