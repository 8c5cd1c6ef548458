/** A number as people write it, with a point or a comma before its fraction. */
const NUMBER = /^[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d{1,2})?$/i;

/**
 * The number in a cell of a file, or what is wrong with it, in words for the cook: "1,200" may be either.
 *
 * @param column what the cell is called
 */
export function numberInCell(column: string, cell: string): number | { readonly wrong: string } {
  if (/^\d{1,3}(,\d{3})+$/.test(cell)) {
    const [whole, part] = [cell.replaceAll(',', ''), cell.replace(',', '.')];
    return {
      wrong: `${column} is "${cell}": is that ${whole} or ${part}? Write it without the comma, or with a point.`,
    };
  }
  const value = NUMBER.test(cell) ? Number(cell.replace(',', '.')) : Number.NaN;
  if (!Number.isFinite(value))
    return { wrong: `${column} is "${cell}". Write a number, or leave it empty for unknown.` };
  return value;
}
