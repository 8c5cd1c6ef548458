import { invalid } from '../../core/errors.ts';

/** Loaded when the first picture comes: it is large, and most days bring none. */
export const loadSharp = async () => {
  const { default: sharp } = await import('sharp');
  // One picture at a time is enough, and the other cores are for those who cook.
  sharp.concurrency(1);
  sharp.cache(false);
  return sharp;
};

/** A picture in the two sizes that it is kept in, WebP. */
export interface ShrunkPicture {
  readonly small: Buffer;
  readonly large: Buffer;
  /** Of the large one, px. */
  readonly width: number;
  readonly height: number;
}

type Sharp = Awaited<ReturnType<typeof loadSharp>>;

/** What a phone's largest camera makes; more is a trap, px. */
const MOST_PIXELS = 120_000_000;
const LARGE_SIZE = { side: 1600, bytes: 350_000 };
const SMALL_SIZE = { side: 320, bytes: 20_000 };
/** Tried in this order until it is small enough. */
const QUALITIES = [80, 68, 55, 42, 30, 18];
/** Nothing that holds words of its own, and could ask for something else. */
const FORMATS = new Set(['jpeg', 'png', 'webp', 'heif', 'gif', 'tiff']);

/**
 * A picture turned right, made smaller, and stripped of place, device and everything else that is not its pixels.
 *
 * @throws DomainError invalid for what is no picture
 */
export async function shrinkPicture(bytes: Buffer): Promise<ShrunkPicture> {
  const sharp = await loadSharp();
  try {
    const { format } = await sharp(bytes, { limitInputPixels: MOST_PIXELS }).metadata();
    if (format === undefined || !FORMATS.has(format)) throw new Error(`no picture: ${format}`);
    const large = await within(sharp, bytes, LARGE_SIZE);
    const small = await within(sharp, bytes, SMALL_SIZE);
    return { large: large.data, small: small.data, width: large.info.width, height: large.info.height };
  } catch {
    throw invalid('This is no picture that can be read.', 'Take a JPEG, PNG or WebP of at most 120 megapixels.');
  }
}

async function within(sharp: Sharp, bytes: Buffer, { side, bytes: most }: typeof LARGE_SIZE) {
  const turned = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    .rotate()
    .resize({ width: side, height: side, fit: 'inside', withoutEnlargement: true });
  // Turned and made smaller once, then written as often as it takes.
  const { data, info } = await turned.raw().toBuffer({ resolveWithObject: true });
  const raw = { width: info.width, height: info.height, channels: info.channels };
  for (const quality of QUALITIES) {
    const made = await sharp(data, { raw }).webp({ quality, effort: 3 }).toBuffer({ resolveWithObject: true });
    if (made.data.length <= most || quality === QUALITIES.at(-1)) return made;
  }
  throw new Error('nothing was tried');
}
