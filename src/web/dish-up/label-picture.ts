import type { BoxLabel } from '../../core/cook/box-label.ts';

/** A label of 62 by 40 mm at 300 dots an inch, as label printers for the kitchen take them. */
const LABEL_WIDE = 732;
const LABEL_HIGH = 472;
const LABEL_EDGE = 24;
const LABEL_LETTERS = "'Atkinson Hyperlegible Next Variable', sans-serif";

/**
 * Draws a label as a picture, black on white, for a printer that takes one.
 *
 * @returns PNG
 * @throws Error where the browser cannot draw
 */
export async function labelPicture(label: BoxLabel): Promise<Blob> {
  await document.fonts.ready;
  const canvas = document.createElement('canvas');
  canvas.width = LABEL_WIDE;
  canvas.height = LABEL_HIGH;
  const ink = canvas.getContext('2d');
  if (ink === null) throw new Error('This browser cannot draw the label. Print the sheet instead.');
  ink.fillStyle = 'white';
  ink.fillRect(0, 0, LABEL_WIDE, LABEL_HIGH);
  ink.fillStyle = 'black';
  let y = LABEL_EDGE;
  /** Writes a line, over several where it is too long, and goes on under it. */
  const write = (text: string, size: number, weight: number): void => {
    if (text === '') return;
    ink.font = `${weight} ${size}px ${LABEL_LETTERS}`;
    let line = '';
    for (const word of text.split(' ')) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (ink.measureText(longer).width > LABEL_WIDE - 2 * LABEL_EDGE && line !== '') {
        ink.fillText(line, LABEL_EDGE, y + size);
        y += size * 1.2;
        line = word;
      } else line = longer;
    }
    ink.fillText(line, LABEL_EDGE, y + size);
    y += size * 1.3;
  };
  write(label.title, 48, 700);
  write(`${label.whose}${label.about === '' ? '' : `, ${label.about}`}`, 30, 400);
  // No count is torn apart: "6, maybe" here and "6½" there.
  write(label.counts.map((c) => c.replaceAll(' ', '\u00a0')).join('   '), 38, 700);
  write(label.dates, 30, 600);
  write(label.heat, 26, 400);
  for (const a of label.apart) write(a, 26, 400);
  write(label.allergens, 24, 400);
  return new Promise((resolve, reject) =>
    canvas.toBlob((png) => (png === null ? reject(new Error('The label could not be drawn.')) : resolve(png))),
  );
}
