import type { PhotoLine } from './photo-lines.ts';

/** A line that reaches this far into its column went on in the next one. */
const FULL = 0.78;

/** The lines of a photograph as text: what was broken at the edge of the paper is one line again. */
export function photoText(lines: readonly PhotoLine[]): string {
  const out: string[] = [];
  lines.forEach((line, i) => {
    const before = lines[i - 1];
    if (before !== undefined && out.length > 0 && goesOn(before, line, lines)) out.push(`${out.pop()} ${line.text}`);
    else out.push(line.text);
  });
  return out.join('\n');
}

/** Whether a line is the rest of the one above: it begins small, close below, and that one was full. */
function goesOn(above: PhotoLine, line: PhotoLine, all: readonly PhotoLine[]): boolean {
  if (!/^\p{Ll}/u.test(line.text) || /[.:!?]$/.test(above.text)) return false;
  const height = above.box.bottom - above.box.top;
  const isBelow = line.box.top > above.box.top && line.box.top - above.box.bottom < height * 1.5;
  const column = all.filter((l) => Math.abs(l.box.left - above.box.left) < height * 2);
  const left = Math.min(...column.map((l) => l.box.left));
  const right = Math.max(...column.map((l) => l.box.right));
  return (
    isBelow && Math.abs(line.box.left - above.box.left) < height * 3 && above.box.right - left > (right - left) * FULL
  );
}
