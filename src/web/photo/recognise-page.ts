import type { ImageLike, Line, Worker } from 'tesseract.js';
import { columnsOf, gutterOf } from '../../core/photo/gutter.ts';
import type { PhotoBox, RecognisedLine } from '../../core/photo/recognised.ts';

/** What was seen on a picture, and the picture as it was turned for it: the boxes are of that one. */
export interface RecognisedPage {
  readonly lines: readonly RecognisedLine[];
  /** A PNG, as a data URL. */
  readonly turned: string;
}

/**
 * The lines of a picture in reading order, with the place of every word. A page is read across, then column by column
 * where it has two: left to itself the recogniser finds columns, too, but takes a column of figures for a rule.
 */
export async function recognisePage(worker: Worker, picture: ImageLike): Promise<RecognisedPage> {
  await worker.setParameters({ user_defined_dpi: DOTS_PER_INCH });
  const { data } = await worker.recognize(
    picture,
    { rotateAuto: true },
    { text: false, blocks: true, imageGrey: true },
  );
  const across = linesOf(data);
  const turned = data.imageGrey ?? '';
  const gutter = gutterOf(across);
  if (gutter === null) return { lines: across, turned };
  const right = Math.max(...across.map((l) => l.box.right));
  const columns: RecognisedLine[] = [];
  for (const { left, top, right: end, bottom } of columnsOf(gutter, right + MARGIN)) {
    const rectangle = {
      left: Math.floor(left),
      top: Math.max(0, Math.floor(top) - MARGIN),
      width: Math.floor(end - left),
      height: Math.floor(bottom - top) + 2 * MARGIN,
    };
    const seen = await worker.recognize(
      picture,
      { rectangle, rotateRadians: data.rotateRadians ?? 0 },
      { text: false, blocks: true },
    );
    columns.push(...linesOf(seen.data));
  }
  const above = across.filter((l) => l.box.bottom <= gutter.top);
  const below = across.filter((l) => l.box.top >= gutter.bottom);
  return { lines: [...above, ...columns, ...below], turned };
}

/** A photograph does not say how large its page is: as a page is usually scanned. */
const DOTS_PER_INCH = '300';

/** Around a column, px: letters at its edge stay whole. */
const MARGIN = 10;

const linesOf = ({ blocks }: { blocks: readonly { paragraphs: readonly { lines: readonly Line[] }[] }[] | null }) =>
  (blocks ?? [])
    .flatMap((block) => block.paragraphs.flatMap((paragraph) => paragraph.lines))
    .map(
      (line): RecognisedLine => ({
        box: boxOf(line.bbox),
        words: line.words.map(({ text, confidence, bbox }) => ({ text, sure: confidence, box: boxOf(bbox) })),
      }),
    );

const boxOf = ({ x0, y0, x1, y1 }: { x0: number; y0: number; x1: number; y1: number }): PhotoBox => ({
  left: x0,
  top: y0,
  right: x1,
  bottom: y1,
});
