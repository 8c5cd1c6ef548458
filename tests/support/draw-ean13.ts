import sharp from 'sharp';

/**
 * The bars of a digit in the left half with odd parity, 1 a bar; with even parity they are those of the right half read
 * backwards, and the right half is the left with bars and gaps changed over.
 * Source: GS1 General Specifications, section 5.2.1.2.1 (EAN/UPC symbol characters), from memory.
 */
const ODD = '0001101 0011001 0010011 0111101 0100011 0110001 0101111 0111011 0110111 0001011'.split(' ');
/** Which digits of the left half have even parity (E), by the first digit, which has no bars. Same source. */
const PARITY = 'OOOOOO OOEOEE OOEEOE OOEEEO OEOOEE OEEOOE OEEEOO OEOEOE OEOEEO OEEOEO'.split(' ');

const changedOver = (bars: string): string => [...bars].map((b) => (b === '1' ? '0' : '1')).join('');
const backwards = (bars: string): string => [...bars].reverse().join('');

/** A photograph, as it were, of an EAN-13 on a package: on grey, a little tilted, not quite sharp. */
export function photographOfEan13(code: string): Promise<Buffer> {
  const digits = [...code].map(Number);
  const parity = PARITY[digits[0]!]!;
  const left = digits.slice(1, 7).map((d, i) => (parity[i] === 'O' ? ODD[d]! : backwards(changedOver(ODD[d]!))));
  const right = digits.slice(7).map((d) => changedOver(ODD[d]!));
  const modules = `101${left.join('')}01010${right.join('')}101`;
  const bars = [...modules].map((b, i) => (b === '1' ? `<rect x="${i * 4}" width="4" height="200"/>` : '')).join('');
  const drawn = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600"><rect width="800" height="600" fill="#b8b4a8"/>
    <g transform="translate(190 180) rotate(4)"><rect x="-48" y="-30" width="476" height="270" fill="#f6f2ea"/>${bars}</g></svg>`;
  return sharp(Buffer.from(drawn)).blur(1.1).jpeg({ quality: 70 }).toBuffer();
}

/** A camera that sees such a package and nothing else, as YUV4MPEG2: what Chromium's fake camera plays. */
export async function filmOfEan13(code: string): Promise<Buffer> {
  const { data, info } = await sharp(await photographOfEan13(code))
    .resize(640, 480)
    .greyscale()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const grey = Buffer.alloc((info.width * info.height) / 2, 128);
  const frame = Buffer.concat([Buffer.from('FRAME\n'), data, grey]);
  return Buffer.concat([Buffer.from(`YUV4MPEG2 W${info.width} H${info.height} F10:1 Ip A1:1 C420\n`), frame, frame]);
}
