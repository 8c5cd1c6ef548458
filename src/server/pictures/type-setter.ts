import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Font } from 'fontkit';

/** A face of the application: words, words that stand out, headings and large figures. */
export type Face = 'plain' | 'bold' | 'head';

/** Sets words in the application's own faces, as outlines: a picture needs no font of the machine that it is made on. */
export interface TypeSetter {
  /** How wide a line is, px. */
  width(words: string, face: Face, size: number): number;
  /** The words broken into lines that fit, px; what is longer than a line is broken inside. */
  lines(words: string, face: Face, size: number, within: number): string[];
  /** A line as SVG paths, its baseline at x, y. */
  draw(words: string, face: Face, size: number, x: number, y: number, fill: string): string;
  /** The letters that no face has, each once: they were left out. */
  undrawn(): readonly string[];
}

/** Figures of the head's face in running text, too, as everywhere: its nought has no stroke through it. */
const FIGURES: Readonly<Record<Face, string>> = {
  plain: 'bricolage-grotesque-latin-400',
  bold: 'bricolage-grotesque-latin-700',
  head: 'bricolage-grotesque-latin-700',
};
const FILES: Readonly<Record<Face, readonly string[]>> = {
  plain: ['atkinson-hyperlegible-next-latin-400', 'atkinson-hyperlegible-next-latin-ext-400'],
  bold: ['atkinson-hyperlegible-next-latin-700', 'atkinson-hyperlegible-next-latin-ext-700'],
  head: ['bricolage-grotesque-latin-700', 'bricolage-grotesque-latin-ext-700'],
};

/** What the faces have no glyph of, in letters that they have. */
const IN_OTHER_LETTERS: Readonly<Record<string, string>> = {
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '→': '›',
  '\u2011': '-',
  '\u202f': '\u00a0',
  '\u2212': '–',
};
const inTheirLetters = (words: string): string =>
  words
    .replace(/(\d?)([⅓⅔⅛⅜⅝⅞])/g, (_, whole: string, f: string) => `${whole ? `${whole} ` : ''}${IN_OTHER_LETTERS[f]}`)
    .replace(/[→\u2011\u202f\u2212]/g, (c) => IN_OTHER_LETTERS[c]!);

type Fonts = Readonly<Record<Face, { readonly figures: Font; readonly letters: readonly Font[] }>>;
let loaded: Promise<Fonts> | null = null;

/** Reads the faces, once, from the packages that they ship in: most days bring no picture. */
const loadFaces = async (): Promise<Fonts> => {
  const { create } = await import('fontkit');
  const { resolve } = createRequire(import.meta.url);
  const read = (name: string): Font => {
    const family = name.replace(/-latin(?:-ext)?-\d+$/, '');
    return create(readFileSync(resolve(`@fontsource/${family}/files/${name}-normal.woff2`))) as Font;
  };
  const face = (name: Face) => ({ figures: read(FIGURES[name]), letters: FILES[name].map(read) });
  return { plain: face('plain'), bold: face('bold'), head: face('head') };
};

export async function typeSetter(): Promise<TypeSetter> {
  loaded ??= loadFaces();
  const faces = await loaded;
  const undrawn = new Set<string>();
  /** A line in runs of one font each. */
  const runs = (words: string, face: Face): { readonly font: Font; readonly text: string }[] => {
    const out: { font: Font; text: string }[] = [];
    for (const letter of inTheirLetters(words)) {
      const { figures, letters } = faces[face];
      const code = letter.codePointAt(0)!;
      const font = /\d/.test(letter) ? figures : letters.find((f) => f.hasGlyphForCodePoint(code));
      if (font === undefined) {
        if (letter.trim() !== '') undrawn.add(letter);
        continue;
      }
      const last = out[out.length - 1];
      if (last?.font === font) last.text += letter;
      else out.push({ font, text: letter });
    }
    return out;
  };
  const width = (words: string, face: Face, size: number): number =>
    runs(words, face).reduce((w, { font, text }) => w + (font.layout(text).advanceWidth * size) / font.unitsPerEm, 0);
  return {
    width,
    lines: (words, face, size, within) => {
      const lines: string[] = [];
      for (const paragraph of words.split('\n')) {
        let line = '';
        for (const word of paragraph.split(/ +/).flatMap((w) => pieces(w, (p) => width(p, face, size) <= within))) {
          const longer = line === '' ? word : `${line} ${word}`;
          if (line !== '' && width(longer, face, size) > within) {
            lines.push(line);
            line = word;
          } else line = longer;
        }
        lines.push(line);
      }
      return lines;
    },
    draw: (words, face, size, x, y, fill) => {
      let at = x;
      let out = '';
      for (const { font, text } of runs(words, face)) {
        const { glyphs, positions } = font.layout(text);
        const scale = size / font.unitsPerEm;
        glyphs.forEach((glyph, i) => {
          const place = `translate(${at.toFixed(2)} ${y.toFixed(2)}) scale(${scale} ${-scale})`;
          out += `<path fill="${fill}" transform="${place}" d="${glyph.path.toSVG()}"/>`;
          at += positions[i]!.xAdvance * scale;
        });
      }
      return out;
    },
    undrawn: () => [...undrawn],
  };
}

/** A word, in pieces that fit. */
function pieces(word: string, fits: (piece: string) => boolean): string[] {
  if (fits(word)) return [word];
  const out: string[] = [];
  let piece = '';
  for (const letter of word) {
    if (piece !== '' && !fits(piece + letter)) {
      out.push(piece);
      piece = '';
    }
    piece += letter;
  }
  return [...out, piece];
}
