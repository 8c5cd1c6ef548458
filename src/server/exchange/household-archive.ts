import { FILE_FORMAT, FILE_VERSION, type HouseholdFile, HouseholdFileSchema } from '../../contract/household-file.ts';
import { invalid } from '../../core/errors.ts';
import { sortedJson } from '../../core/exchange/sorted-json.ts';
import { isArchive, jsonOfBytes, pack, unpack } from './archive.ts';

const CONTENT = 'household.json';
const PICTURE = /^pictures\/([A-Za-z0-9-]{3,64})\.webp$/;

/** A household as it goes from one installation to another. */
export interface CarriedHousehold {
  readonly file: HouseholdFile;
  /** The bytes of its pictures by id, WebP. */
  readonly pictures: ReadonlyMap<string, Uint8Array>;
}

/** Packs a household: the same one is the same bytes. */
export function packHousehold({ file, pictures }: CarriedHousehold): Uint8Array {
  const files: Record<string, Uint8Array> = { [CONTENT]: Buffer.from(sortedJson(file), 'utf8') };
  for (const [id, bytes] of pictures) files[`pictures/${id}.webp`] = bytes;
  return pack(files);
}

/**
 * Unpacks a household, from its archive or from its JSON alone.
 *
 * @throws DomainError invalid, in words, for what is none
 */
export function unpackHousehold(bytes: Uint8Array): CarriedHousehold {
  if (bytes.length === 0) throw invalid('This file is empty.', 'Choose the file that was exported.');
  if (!isArchive(bytes) && bytes[0] !== 0x7b)
    throw invalid('This is no file of a household.', 'Choose the archive that Imbiss exported.');
  const files = isArchive(bytes) ? unpack(bytes, (n) => n === CONTENT || PICTURE.test(n)) : { [CONTENT]: bytes };
  const content = files[CONTENT];
  if (content === undefined)
    throw invalid('There is no household in this archive.', `It has to hold a file ${CONTENT}.`);
  const said = jsonOfBytes(content) as { readonly format?: unknown; readonly v?: unknown } | null;
  if (said?.format !== FILE_FORMAT) throw invalid('This is no file of a household.', 'It does not say that it is one.');
  if (said.v !== FILE_VERSION)
    throw invalid('This file is from a later Imbiss.', 'Bring this one up to date first, and take it in then.');
  const parsed = HouseholdFileSchema.safeParse(said);
  if (!parsed.success) {
    const [first] = parsed.error.issues;
    throw invalid('Something in this file cannot be.', `${first!.path.join('.')}: ${first!.message}`);
  }
  const pictures = new Map(
    Object.entries(files).flatMap(([name, picture]) => {
      const id = PICTURE.exec(name)?.[1];
      return id === undefined ? [] : [[id, picture] as const];
    }),
  );
  return { file: parsed.data, pictures };
}
