import { formatISO, subDays } from 'date-fns';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { COOK_AS, type CookAs } from '../../core/cook/cook.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { Picker } from '../kit/picker.tsx';
import { CookOpen } from './cook-open.tsx';
import { CookedBefore } from './cooked-before.tsx';
import { useCooks } from './use-cook.ts';

const AS_WORDS: Readonly<Record<CookAs, string>> = { cooked: 'cooked', kits: 'packed raw, as kits' };
const localDay = (at: Date): string => formatISO(at, { representation: 'date' });

/** A dish that comes from the stove: what came out, whose plate gets what, and what goes into boxes. */
export function DishUpPage() {
  const { page, asWritten } = useOpenRecipe();
  const cooks = useCooks(page.recipe.id);
  const [params, setParams] = useSearchParams();
  const today = localDay(new Date());
  const usual = shownVersion(page.versions, page.recipe.shownVersionId) ?? asWritten;
  const [chosen, setChosen] = useState<string | null>(null);
  const [as, setAs] = useState<CookAs>('cooked');
  const version = page.versions.find((v) => v.id === (chosen ?? params.get('version'))) ?? usual;
  const asked = params.get('cook');
  const open = cooks.cooks.find((c) => c.id === asked) ?? (asked === 'new' ? undefined : todays(cooks.cooks, today));
  // A kit that is cooked is its share of the version that was packed.
  const kit = cooks.boxes.find((b) => b.id === params.get('kit') && b.as === 'kits');
  const packed = page.versions.find((v) => v.id === cooks.cooks.find((c) => c.id === kit?.cookId)?.versionId);
  const begin = (day: string) =>
    void (kit && packed ? cooks.beginKit(kit, packed, day) : cooks.begin(version, day, as)).then((id) =>
      setParams({ cook: id }, { replace: true }),
    );
  return (
    <main className="px-edge pt-4 pb-28 desk:col-span-2 desk:pb-10">
      {open === undefined ? (
        <section aria-label="Made it" className="max-w-xl">
          <h2 className="text-2xl">Made it?</h2>
          <p className="mt-1 text-soft">
            Weigh or count what came out, and every plate and box is counted by what is really on it.
          </p>
          {kit && packed && (
            <p className="mt-3 font-semibold">
              A kit: {packed.name}
              {packed.servings !== null && `, ${formatAmount(packed.servings * kit.share)} servings`}
            </p>
          )}
          {!kit && page.versions.length > 1 && (
            <Picker
              label="Which version it was"
              className="mt-3"
              value={version.id}
              choices={page.versions.map((v) => ({ value: v.id as string, words: v.name }))}
              onPick={setChosen}
            />
          )}
          {!kit && (
            <OneOfFew
              label="How it was made"
              className="mt-3"
              value={as}
              choices={COOK_AS.map((a) => ({ value: a, words: AS_WORDS[a] }))}
              onPick={setAs}
            />
          )}
          <p className="mt-4 flex flex-wrap gap-2">
            <button type="button" className="btn btn-main" onClick={() => begin(today)}>
              I made it today
            </button>
            <button type="button" className="btn" onClick={() => begin(localDay(subDays(new Date(), 1)))}>
              Yesterday
            </button>
          </p>
        </section>
      ) : (
        <>
          <CookOpen key={open.id} cook={open} cooks={cooks} />
          <p className="mt-8">
            <button
              type="button"
              className="btn btn-plain btn-small"
              onClick={() => setParams({ cook: 'new' }, { replace: true })}
            >
              I made it once more
            </button>
          </p>
        </>
      )}
      <CookedBefore
        cooks={cooks.cooks}
        openId={open?.id ?? null}
        boxes={cooks.boxes}
        onOpen={(id) => setParams({ cook: id }, { replace: true })}
      />
    </main>
  );
}

/** What was cooked today is gone on with; an earlier one is opened from the list. */
const todays = <C extends { readonly day: string }>(cooks: readonly C[], today: string): C | undefined =>
  cooks.find((c) => c.day === today);
