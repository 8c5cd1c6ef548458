import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { create, type Font } from 'fontkit';
import sharp from 'sharp';

/** How a page of paper looks on its photograph. */
export interface PaperLook {
  /** A package of fontsource, without its scope. */
  readonly face: string;
  /** Of its letters, px. */
  readonly size: number;
  /** Turned by, degrees. */
  readonly tilt?: number;
  /** Out of focus by, px. */
  readonly blur?: number;
  /** How dark it is where a hand stands in the light, 0 to 1. */
  readonly shadow?: number;
  /** How strong the grain of the camera is, 0 to 60. */
  readonly grain?: number;
  /** Ingredients and steps side by side. */
  readonly columns?: boolean;
}

/** What stands on a page, as it is printed. */
export interface PaperText {
  readonly title: string;
  readonly servings: string;
  /** Above the ingredients and the steps; the usual words where left out, null for none. */
  readonly headings?: null;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
}

/** A photograph of a page, and the lines that are printed on it. */
export interface DrawnPage {
  readonly picture: Buffer;
  readonly lines: readonly string[];
}

const WIDTH = 1500;
const EDGE = 110;
const { resolve } = createRequire(import.meta.url);
const faces = new Map<string, Font>();
const faceOf = (name: string): Font => {
  const had = faces.get(name);
  if (had !== undefined) return had;
  const file = resolve(`@fontsource/${name}/files/${name}-latin-400-normal.woff2`);
  const font = create(readFileSync(file)) as Font;
  faces.set(name, font);
  return font;
};

const PARTS: Readonly<Record<string, readonly [string, string]>> = {
  '½': ['1', '2'],
  '¼': ['1', '4'],
  '¾': ['3', '4'],
  '⅓': ['1', '3'],
  '⅔': ['2', '3'],
  '⅛': ['1', '8'],
};

/** Letters in a face; a fraction that it has not is set as printers do, of small figures and a slash. */
function setWords(font: Font, words: string, size: number, x: number, y: number): { path: string; width: number } {
  let at = x;
  let path = '';
  const put = (text: string, scaled: number, up: number) => {
    const { glyphs, positions } = font.layout(text);
    const scale = scaled / font.unitsPerEm;
    glyphs.forEach((glyph, i) => {
      path += `<path transform="translate(${at.toFixed(2)} ${(y - up).toFixed(2)}) scale(${scale} ${-scale})" d="${glyph.path.toSVG()}"/>`;
      at += positions[i]!.xAdvance * scale;
    });
  };
  for (const letter of words) {
    const parts = PARTS[letter];
    if (parts === undefined || font.hasGlyphForCodePoint(letter.codePointAt(0)!)) put(letter, size, 0);
    else {
      put(parts[0], size * 0.6, size * 0.3);
      put('⁄', size, 0);
      put(parts[1], size * 0.6, 0);
    }
  }
  return { path, width: at - x };
}

/** A page drawn with the letters of a face and photographed as badly as is asked, PNG. */
export async function drawPage(text: PaperText, look: PaperLook): Promise<DrawnPage> {
  const font = faceOf(look.face);
  const { size } = look;
  const leading = size * 1.5;
  const lines: string[] = [];
  let out = '';
  const block = (words: string, x: number, y: number, within: number, scale = 1): number => {
    let line = '';
    let down = y;
    const flush = () => {
      lines.push(line);
      out += setWords(font, line, size * scale, x, down).path;
      down += leading * scale;
      line = '';
    };
    for (const word of words.split(' ')) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (line !== '' && setWords(font, longer, size * scale, 0, 0).width > within) {
        flush();
        line = word;
      } else line = longer;
    }
    flush();
    return down;
  };
  const room = WIDTH - 2 * EDGE;
  let y = block(text.title, EDGE, EDGE + size * 1.6, room, 1.6);
  y = block(text.servings, EDGE, y + size * 0.4, room) + size * 0.6;
  const left = look.columns ? room * 0.44 : room;
  let end = y;
  const [ingredients, method] = text.headings === null ? [[], []] : [['Ingredients'], ['Method']];
  for (const line of [...ingredients, ...text.ingredients]) end = block(line, EDGE, end, left);
  let stepsAt = look.columns ? y : end + size * 0.8;
  const stepsX = look.columns ? EDGE + room * 0.52 : EDGE;
  const stepsRoom = look.columns ? room * 0.48 : room;
  for (const step of [...method, ...text.steps]) stepsAt = block(step, stepsX, stepsAt, stepsRoom) + size * 0.3;
  const height = Math.ceil(Math.max(end, stepsAt) + EDGE);
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${height}"><rect width="100%" height="100%" fill="#f6f1e6"/><g fill="#262220">${out}</g></svg>`;
  return { picture: await photograph(Buffer.from(svg), WIDTH, height, look), lines };
}

/** Tilted, shaded, out of focus and grainy, in the order in which that befalls a photograph. */
async function photograph(svg: Buffer, width: number, height: number, look: PaperLook): Promise<Buffer> {
  const { tilt = 0, blur = 0, shadow = 0, grain = 0 } = look;
  let picture = sharp(svg).removeAlpha();
  if (tilt !== 0) picture = sharp(await picture.png().toBuffer()).rotate(tilt, { background: '#cfc6b4' });
  if (shadow > 0) {
    const { data, info } = await picture.png().toBuffer({ resolveWithObject: true });
    const shade = `<svg xmlns="http://www.w3.org/2000/svg" width="${info.width}" height="${info.height}"><defs><linearGradient id="s" x1="0" y1="0" x2="1" y2="0.7"><stop offset="0.25" stop-color="#000" stop-opacity="0"/><stop offset="0.6" stop-color="#000" stop-opacity="${shadow}"/><stop offset="1" stop-color="#000" stop-opacity="${shadow * 0.8}"/></linearGradient></defs><rect width="100%" height="100%" fill="url(#s)"/></svg>`;
    picture = sharp(data).composite([{ input: Buffer.from(shade) }]);
    picture = sharp(await picture.removeAlpha().png().toBuffer());
  }
  if (blur > 0) picture = sharp(await picture.blur(blur).png().toBuffer());
  if (grain > 0) {
    const { data, info } = await picture.raw().toBuffer({ resolveWithObject: true });
    let seed = 12_345 + width + height;
    for (let i = 0; i < data.length; i += info.channels) {
      seed = (seed * 1_103_515_245 + 12_345) & 0x7fffffff;
      const by = ((seed >> 8) / 0x7fffff - 0.5) * grain;
      for (let c = 0; c < info.channels; c++) data[i + c] = Math.max(0, Math.min(255, data[i + c]! + by));
    }
    picture = sharp(data, { raw: { width: info.width, height: info.height, channels: info.channels } });
  }
  return picture.png().toBuffer();
}
