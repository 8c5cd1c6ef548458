import type { Face, TypeSetter } from './type-setter.ts';

/** Of a drawing, px: the size that chats and posts take without shrinking. */
export const PICTURE_WIDTH = 1080;
const EDGE = 64;
/** A picture is no longer than this, px: what is longer is a page. */
export const MOST_HEIGHT = 6000;

/** The colours of the card by day. */
export const CARD_COLOURS = { sheet: '#fefaf0', ink: '#2a211f', soft: '#6d605a', rule: '#e2d7c4', beet: '#8a1c4f' };

/** How words are set. */
export interface Setting {
  readonly face?: Face;
  readonly size?: number;
  readonly fill?: string;
  /** From the left edge of what is drawn, px. */
  readonly x?: number;
  readonly within?: number;
  readonly above?: number;
}

/** A drawing that grows downwards, block by block. */
export interface Drawing {
  /** Between the edges, px. */
  readonly room: number;
  words(words: string, setting?: Setting): void;
  rule(colour?: string, above?: number): void;
  /** Cells side by side in a frame, each a small line over a large one. */
  cells(cells: readonly { readonly above: string; readonly large: string; readonly below: string }[]): void;
  /** A row: words at the left, which may take several lines, and numbers in columns at the right. */
  row(
    lead: string,
    words: string,
    numbers: readonly string[],
    setting?: { readonly face?: Face; readonly fill?: string },
  ): void;
  /** How long it is by now, px. */
  height(): number;
  /** All of it as SVG. */
  toSvg(): string;
}

const LINE = 1.32;
const COLUMN = 92;
const LEAD = 250;

export function drawing(type: TypeSetter): Drawing {
  let y = EDGE;
  let out = '';
  const room = PICTURE_WIDTH - 2 * EDGE;
  const put = (words: string, face: Face, size: number, x: number, baseline: number, fill: string): void => {
    out += type.draw(words, face, size, EDGE + x, baseline, fill);
  };
  const words: Drawing['words'] = (said, setting = {}) => {
    const { face = 'plain', size = 28, fill = CARD_COLOURS.ink, x = 0, within = room - x, above = 0 } = setting;
    y += above;
    for (const line of type.lines(said, face, size, within)) {
      put(line, face, size, x, y + size, fill);
      y += size * LINE;
    }
  };
  return {
    room,
    words,
    rule: (colour = CARD_COLOURS.rule, above = 10) => {
      y += above;
      out += `<rect x="${EDGE}" y="${y.toFixed(1)}" width="${room}" height="2" fill="${colour}"/>`;
      y += 2;
    },
    cells: (all) => {
      const perRow = Math.min(all.length, 4);
      for (let i = 0; i < all.length; i += perRow) {
        const row = all.slice(i, i + perRow);
        const wide = room / perRow;
        row.forEach((cell, n) => {
          const x = n * wide;
          out += `<rect x="${EDGE + x}" y="${y}" width="${wide}" height="150" fill="none" stroke="${CARD_COLOURS.ink}" stroke-width="3"/>`;
          const [name = ''] = type.lines(cell.above, 'plain', 24, wide - 32);
          put(name, 'plain', 24, x + 16, y + 36, CARD_COLOURS.soft);
          put(cell.large, 'head', 60, x + 16, y + 98, CARD_COLOURS.ink);
          put(cell.below, 'plain', 22, x + 16, y + 132, CARD_COLOURS.soft);
        });
        y += 150;
      }
    },
    row: (lead, said, numbers, { face = 'plain', fill = CARD_COLOURS.ink } = {}) => {
      const size = 27;
      const right = numbers.length * COLUMN;
      const from = lead === '' ? 0 : LEAD;
      const leads = lead === '' ? [] : type.lines(lead, 'bold', size, LEAD - 16);
      const lines = type.lines(said, face, size, room - from - right - 12);
      const baseline = y + size + 8;
      for (const [i, l] of leads.entries()) put(l, 'bold', size, 0, baseline + i * size * LINE, CARD_COLOURS.ink);
      for (const [i, l] of lines.entries()) put(l, face, size, from, baseline + i * size * LINE, fill);
      numbers.forEach((n, i) => {
        const x = room - (numbers.length - i - 1) * COLUMN - type.width(n, face, size);
        put(n, face, size, x, baseline, fill);
      });
      y += Math.max(leads.length, lines.length) * size * LINE + 14;
    },
    height: () => Math.ceil(y + EDGE),
    toSvg: () => {
      const height = Math.ceil(y + EDGE);
      return `<svg xmlns="http://www.w3.org/2000/svg" width="${PICTURE_WIDTH}" height="${height}"><rect width="100%" height="100%" fill="${CARD_COLOURS.sheet}"/>${out}</svg>`;
    },
  };
}
