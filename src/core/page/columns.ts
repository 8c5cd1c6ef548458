/** A run of blanks that nobody types between two words: the next column. */
const NEXT_CELL = / {3,}|\t+/;

/**
 * The lines of a text with their columns one below the other, as a card is read: the whole left column of a block, then
 * the right one. A cell that is only an amount belongs to the words beside it.
 *
 * @example inOneColumn(['1 c. flour      2 eggs', '1 c. sugar      salt']) // ['1 c. flour', '1 c. sugar', '2 eggs', 'salt']
 */
export function inOneColumn(lines: readonly string[]): string[] {
  const out: string[] = [];
  let columns: string[][] = [];
  const flush = () => {
    out.push(...columns.flat());
    columns = [];
  };
  for (const line of lines) {
    const cells = cellsOfLine(line);
    if (cells.length < 2) {
      flush();
      out.push(cells[0] ?? line);
      continue;
    }
    for (const [i, cell] of cells.entries()) (columns[i] ??= []).push(cell);
  }
  flush();
  return out;
}

/** The longest line in which columns are looked for. */
const LONGEST_ROW = 400;
const ONLY_AMOUNT = /^[\d\s/.,½⅓⅔¼¾⅛-]+ ?[A-Za-z]{0,12}\.?$/;

function cellsOfLine(line: string): string[] {
  if (line.length > LONGEST_ROW) return [line];
  if (/^\s*\|.*\|\s*$/.test(line)) return [rowOfTable(line)];
  const cells = line
    .trim()
    .split(NEXT_CELL)
    .filter((c) => c !== '');
  if (cells.length === 2 && ONLY_AMOUNT.test(cells[0]!) && !/^\d/.test(cells[1]!)) return [cells.join(' ')];
  return cells;
}

/** A row of a Markdown table as a line: the amount before the name, wherever it stands; nothing of a line between rows. */
function rowOfTable(line: string): string {
  const cells = line
    .split('|')
    .map((c) => c.trim())
    .filter((c) => c !== '');
  if (cells.every((c) => /^:?-{2,}:?$/.test(c))) return '';
  const amount = cells.findIndex((c) => ONLY_AMOUNT.test(c));
  if (amount < 0) return cells.some((c) => /^(?:ingredients?|item)$/i.test(c)) ? 'Ingredients' : cells.join(' ');
  return [cells[amount]!, ...cells.filter((_, i) => i !== amount)].join(' ');
}
