import { toast } from 'sonner';
import type { AnyRoute, Ask } from '../../contract/route.ts';
import { askBytes } from '../data/ask-bytes.ts';
import { saveFile } from '../kit/save-file.ts';
import { sayError } from '../kit/say-error.ts';

/** A title as a file may be called. */
const fileName = (title: string): string =>
  title
    .replace(/[\\/:*?"<>|]+/g, ' ')
    .trim()
    .slice(0, 80) || 'card';

/** Saves a picture that is drawn at home; says which letters it has none for. */
export async function savePicture<R extends AnyRoute>(route: R, given: Ask<R>, title: string): Promise<void> {
  try {
    const { blob, headers } = await askBytes(route, given);
    saveFile(`${fileName(title)}.png`, blob, 'image/png');
    const undrawn = headers.get('Imbiss-Undrawn');
    if (undrawn !== null)
      toast(`The picture has no letters for ${decodeURIComponent(undrawn)}: they are left out of it.`);
  } catch (e) {
    sayError(e);
  }
}
