import { ImagePlus, X } from 'lucide-react';
import { useState } from 'react';
import { API } from '../../contract/api.ts';
import type { Picture } from '../../contract/picture.ts';
import { addressOf } from '../../contract/route.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask, sendPicture } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { Modal } from '../kit/modal.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';

/** Where the bytes of a picture are. */
export const pictureAt = (h: string, id: string, size: 'small' | 'large'): string =>
  `/api${addressOf(API.removePicture, { h, id })}/${size}`;

/** Phones send JPEG where this is asked for, whatever they keep. */
const ACCEPTED_PICTURES = 'image/jpeg,image/png,image/webp';

interface PicturesProps {
  readonly recipeId: string;
  /** What it is called, for those who do not see it. */
  readonly title: string;
  readonly pictures: readonly Picture[];
  readonly kind: Picture['kind'];
  /** The time that it was cooked, of which these are; of the recipe itself where left out. */
  readonly cookId?: string;
}

/** The pictures of a dish, or of the page that it came from: seen, added from a phone or a file, removed with a way back. */
export function Pictures({ recipeId, title, pictures, kind, cookId }: PicturesProps) {
  const { household } = useHousehold();
  const h = household.id;
  const own = pictures.filter((p) => p.kind === kind && p.cookId === (cookId ?? null));
  const [seen, setSeen] = useState<Picture | null>(null);
  const [busy, setBusy] = useState(false);
  const what = kind === 'page' ? 'the page that it came from' : cookId === undefined ? 'the dish' : 'how it came out';
  const add = async (files: FileList | null) => {
    setBusy(true);
    try {
      for (const file of files ?? []) await sendPicture({ h, id: recipeId, query: { kind, cook: cookId } }, file);
      await refresh.recipe(h);
    } catch (e) {
      sayError(e);
    }
    setBusy(false);
  };
  const remove = async (p: Picture) => {
    setSeen(null);
    try {
      await ask(API.removePicture, { h, id: p.id });
      await refresh.recipe(h);
      sayDone('The picture is removed.', async () => {
        await ask(API.restorePicture, { h, id: p.id });
        await refresh.recipe(h);
      });
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <section aria-label={`Pictures of ${what}`} className="flex flex-wrap items-center gap-2">
      {own.map((p, i) => (
        <button key={p.id} type="button" className="rounded-lg" onClick={() => setSeen(p)}>
          <img
            src={pictureAt(h, p.id, 'small')}
            alt={`${title}: ${what}${own.length > 1 ? `, ${i + 1}` : ''}`}
            className="h-20 w-auto rounded-lg border border-rule object-cover"
          />
        </button>
      ))}
      <label className="btn btn-plain btn-small no-print cursor-pointer focus-within:outline-2 focus-within:outline-beet">
        <ImagePlus size={20} aria-hidden="true" /> {busy ? 'Bringing it in…' : `A picture of ${what}`}
        <input
          type="file"
          className="sr-only"
          accept={ACCEPTED_PICTURES}
          multiple
          disabled={busy}
          onChange={(e) => {
            void add(e.target.files).then(() => {
              e.target.value = '';
            });
          }}
        />
      </label>
      {seen && (
        <Modal title={title} wide onClose={() => setSeen(null)}>
          <img
            src={pictureAt(h, seen.id, 'large')}
            alt={`${title}: ${what}`}
            width={seen.width}
            height={seen.height}
            className="mx-auto h-auto max-h-[70dvh] w-auto max-w-full rounded-lg"
          />
          <p className="mt-3">
            <button type="button" className="btn" onClick={() => void remove(seen)}>
              <X size={18} aria-hidden="true" /> Remove this picture
            </button>
          </p>
        </Modal>
      )}
    </section>
  );
}
