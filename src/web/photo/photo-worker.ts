import { expose } from 'comlink';
import { evenLight } from '../../core/photo/even-light.ts';
import { SECOND_LOOK } from '../../core/photo/second-look.ts';

/** The longer side that letters are read best at, px. */
const LONGER_SIDE = { least: 1600, most: 2200 };

/** A photograph made ready to be read: in even light, in the two sizes in which it is looked at. */
export interface ReadyPhoto {
  readonly first: Blob;
  readonly second: Blob;
}

/** Makes photographs ready to be read, away from the page. */
const photos = {
  async ready(picture: Blob): Promise<ReadyPhoto> {
    const bitmap = await createImageBitmap(picture);
    const longer = Math.max(bitmap.width, bitmap.height);
    const scale = Math.min(LONGER_SIDE.most, Math.max(LONGER_SIDE.least, longer)) / longer;
    const canvas = inSize(bitmap, bitmap.width * scale, bitmap.height * scale);
    bitmap.close();
    const { width, height } = canvas;
    const context = canvas.getContext('2d')!;
    const pixels = context.getImageData(0, 0, width, height);
    const { shades } = evenLight({ width, height, shades: greyOf(pixels.data) });
    shades.forEach((shade, i) => {
      pixels.data.fill(shade, i * 4, i * 4 + 3);
      pixels.data[i * 4 + 3] = 255;
    });
    context.putImageData(pixels, 0, 0);
    const smaller = inSize(canvas, width * SECOND_LOOK, height * SECOND_LOOK);
    return { first: await canvas.convertToBlob(), second: await smaller.convertToBlob() };
  },
};
export type PhotoWorker = typeof photos;

function inSize(picture: ImageBitmap | OffscreenCanvas, width: number, height: number): OffscreenCanvas {
  const canvas = new OffscreenCanvas(Math.round(width), Math.round(height));
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.imageSmoothingQuality = 'high';
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas;
}

/** How bright each point is, by the weights of ITU-R BT.601. */
const greyOf = (data: Uint8ClampedArray): Uint8Array =>
  Uint8Array.from({ length: data.length / 4 }, (_, i) =>
    Math.round(0.299 * data[i * 4]! + 0.587 * data[i * 4 + 1]! + 0.114 * data[i * 4 + 2]!),
  );

expose(photos);
