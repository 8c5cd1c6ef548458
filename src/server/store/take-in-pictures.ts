import { createHash } from 'node:crypto';
import type { HouseholdFile } from '../../contract/household-file.ts';
import { DomainError } from '../../core/errors.ts';
import { loadSharp, shrinkPicture } from '../pictures/shrink-picture.ts';
import type { TakingIn } from './taking-in.ts';

/** A picture of a recipe that was taken in: its bytes are read as a picture before they are kept. */
export async function takePicture(
  { s, tell, wants }: TakingIn,
  picture: HouseholdFile['pictures'][number],
  bytes: Uint8Array | null,
): Promise<void> {
  if (!wants('pictures', picture.id)) return;
  const row = { kind: 'pictures', id: picture.id, title: picture.kind === 'page' ? 'a page' : 'a dish' };
  const had = await s.db.selectFrom('picture').select('id').where('id', '=', picture.id).executeTakeFirst();
  if (had !== undefined) return tell({ ...row, state: 'same', why: null });
  const recipe = await s.db
    .selectFrom('recipe')
    .select('id')
    .where('id', '=', picture.recipeId)
    .where('household_id', '=', s.householdId)
    .executeTakeFirst();
  if (recipe === undefined) return tell({ ...row, state: 'cannot', why: 'Its recipe is not here.' });
  if (bytes === null) return tell({ ...row, state: 'cannot', why: 'Its file is not in the archive.' });
  try {
    const { small, large, width, height } = await shrinkPicture(Buffer.from(bytes));
    // One that Imbiss packed stays as it is: packed twice it would be another picture. Anything else is made anew.
    const kept = (await isAsKept(bytes)) ? bytes : large;
    await s.db
      .insertInto('picture')
      .values({
        id: picture.id,
        household_id: s.householdId,
        recipe_id: picture.recipeId,
        kind: picture.kind,
        cook_id: picture.cookId,
        position: picture.position,
        sha256: createHash('sha256').update(kept).digest('hex'),
        width,
        height,
        small,
        large: kept,
        created_at: picture.createdAt,
      })
      .execute();
    tell({ ...row, state: 'new', why: null });
  } catch (e) {
    if (!(e instanceof DomainError)) throw e;
    tell({ ...row, state: 'cannot', why: e.message });
  }
}

/** What Imbiss keeps at most of a picture, bytes. */
const MOST_KEPT_BYTES = 400_000;

/** Whether a picture is as Imbiss keeps them: WebP, small enough, and nothing beside its pixels. */
async function isAsKept(bytes: Uint8Array): Promise<boolean> {
  if (bytes.length > MOST_KEPT_BYTES) return false;
  const sharp = await loadSharp();
  const { format, exif, xmp, iptc, icc } = await sharp(bytes).metadata();
  return format === 'webp' && [exif, xmp, iptc, icc].every((m) => m === undefined);
}
