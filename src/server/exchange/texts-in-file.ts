import { FILE_FORMAT } from '../../contract/household-file.ts';
import { DomainError, invalid } from '../../core/errors.ts';
import { decodeText } from '../../core/quantity/decode-text.ts';
import { isArchive, unpack } from './archive.ts';

/** A file of recipes: its words, or why there are none. */
export type TextFile =
  | { readonly name: string; readonly text: string }
  | { readonly name: string; readonly why: string };

/** What holds words, by its ending. */
const TEXT_FILES = /\.(?:json|jsonld|html?|md|markdown|txt|text|cook|eml)$/i;
const PICTURE_FILES = /\.(?:jpe?g|png|webp|gif|heic|tiff?|avif)$/i;
const NO_TEXT = 'It is no text that is read here.';

/** Whether bytes are the file of a household, packed or not; everything else is recipes. */
export function isHouseholdFile(bytes: Uint8Array): boolean {
  if (!isArchive(bytes)) return bytes[0] === 0x7b && Buffer.from(bytes).includes(`"${FILE_FORMAT}"`);
  try {
    return Object.keys(unpack(bytes, (name) => name === 'household.json')).length > 0;
  } catch (e) {
    if (e instanceof DomainError) return false;
    throw e;
  }
}

/**
 * The texts in a file: itself, or what an archive holds, in the order of their names.
 *
 * @throws DomainError invalid for an archive that cannot be unpacked, or is a trap
 */
export function textsInFile(bytes: Uint8Array): readonly TextFile[] {
  if (bytes.length === 0) throw invalid('This file is empty.', 'Choose a household that was saved, or recipes.');
  if (!isArchive(bytes)) return [textFileOf('the file', bytes)];
  const others: string[] = [];
  const files = unpack(bytes, (name) => {
    // Folders, and what systems put beside files, are nobody's recipes.
    if (name.endsWith('/') || /(?:^|\/)(?:\.|__MACOSX\/)/.test(name)) return false;
    if (!TEXT_FILES.test(name)) others.push(name);
    return TEXT_FILES.test(name);
  });
  const texts = Object.entries(files).map(([name, content]) => textFileOf(name, content));
  const without = others.map((name) => ({
    name,
    why: PICTURE_FILES.test(name) ? `${NO_TEXT} A photograph of a page is read under Bring in.` : NO_TEXT,
  }));
  return [...texts, ...without].sort((a, b) => (a.name < b.name ? -1 : 1));
}

function textFileOf(name: string, bytes: Uint8Array): TextFile {
  const text = decodeText(bytes);
  return text === null ? { name, why: NO_TEXT } : { name, text };
}
