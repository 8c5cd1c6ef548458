import { formatISO } from 'date-fns';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { shownVersion } from '../../core/version/shown-version.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { Picker } from '../kit/picker.tsx';
import { CookOpen } from './cook-open.tsx';
import { CookedBefore } from './cooked-before.tsx';
import { useCooks } from './use-cook.ts';

/** A dish that comes from the stove: what came out, whose plate gets what, and what goes into boxes. */
export function DishUpPage() {
  const { page, asWritten } = useOpenRecipe();
  const cooks = useCooks(page.recipe.id);
  const [params, setParams] = useSearchParams();
  const today = formatISO(new Date(), { representation: 'date' });
  const usual = shownVersion(page.versions, page.recipe.shownVersionId) ?? asWritten;
  const [chosen, setChosen] = useState<string | null>(null);
  const version = page.versions.find((v) => v.id === (chosen ?? params.get('version'))) ?? usual;
  // What was cooked today is gone on with; an earlier one is opened from the list.
  const open = cooks.cooks.find((c) => c.id === params.get('cook')) ?? cooks.cooks.find((c) => c.day === today);
  const before = cooks.cooks.filter((c) => c !== open);
  return (
    <main className="px-edge pt-4 pb-28 desk:col-span-2 desk:pb-10">
      {open === undefined ? (
        <section aria-label="Made it" className="max-w-xl">
          <h2 className="text-2xl">Made it?</h2>
          <p className="mt-1 text-soft">
            Weigh or count what came out, and every plate and box is counted by what is really on it.
          </p>
          {page.versions.length > 1 && (
            <Picker
              label="Which version it was"
              className="mt-3"
              value={version.id}
              choices={page.versions.map((v) => ({ value: v.id as string, words: v.name }))}
              onPick={setChosen}
            />
          )}
          <button type="button" className="btn btn-main mt-4" onClick={() => void cooks.begin(version, today)}>
            I made it today
          </button>
        </section>
      ) : (
        <CookOpen key={open.id} cook={open} cooks={cooks} />
      )}
      {before.length > 0 && (
        <CookedBefore cooks={before} boxes={cooks.boxes} onOpen={(id) => setParams({ cook: id }, { replace: true })} />
      )}
    </main>
  );
}
