import { useState } from 'react';
import type { RecipePage } from '../../contract/recipe.ts';
import type { FeastCount } from '../../core/feast/count-feast.ts';
import { type Feast, portionOf } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import type { AtTable } from '../../core/ways/line-choices.ts';
import { readWithout } from '../../core/ways/without.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { numberTyped } from '../kit/number-typed.ts';
import { SearchBar } from '../ways/search-bar.tsx';
import { useSearchContext } from '../ways/use-search-context.ts';
import { useWays } from '../ways/use-ways.ts';
import { WaysFound } from '../ways/ways-found.tsx';
import { HouseOnly, WishField } from '../ways/wish-fields.tsx';
import type { Served } from './served.ts';
import type { OpenFeast } from './use-feast.ts';
import { useTakeForFeast } from './use-take-for-feast.ts';

interface FeastWaysProps {
  readonly feast: Feast;
  readonly served: readonly Served[];
  readonly count: FeastCount;
  readonly pages: readonly RecipePage[];
  readonly saved: OpenFeast['saved'];
  readonly read: OpenFeast['read'];
  readonly pantry: readonly Food[];
}

/** Looks for the least that has to change in a whole menu, and makes the versions that a way says. */
export function FeastWays({ feast, served, count, pages, saved, read, pantry }: FeastWaysProps) {
  const { eaters: people } = useHousehold();
  const eaters = useCounting();
  const context = useSearchContext(pantry);
  const { state, find, cancel } = useWays();
  const { take, taking } = useTakeForFeast({
    feast,
    served,
    saved,
    read,
    pantry,
    swaps: context.swaps,
    onTaken: cancel,
  });
  const [kcal, setKcal] = useState('');
  const [changes, setChanges] = useState('');
  const [without, setWithout] = useState('');
  const [onlyHouse, setOnlyHouse] = useState(false);
  const targets = eaters.map((e) => feast.targets[e.eater.id] ?? null);
  const aimed = targets.some((t) => t !== null);
  const search = () => {
    const asked = readWithout(without.split(','));
    find({
      ...context.shared(
        served.map((s) => s.version),
        pages.flatMap((p) => p.foods),
        onlyHouse,
      ),
      subject: {
        kind: 'feast',
        dishes: served.map((s) => {
          // Nobody knows of what a guest will eat: of everything.
          const eat: AtTable[] = [...people.filter((p) => portionOf(s, p.id) > 0), ...feast.guests];
          return {
            title: s.title,
            version: s.version,
            portions: eaters.map((e) => portionOf(s, e.eater.id)),
            mostDeparture: s.dish === null ? 0 : s.dish.mostDeparture,
            without: {
              allergies: [...asked.allergies, ...eat.flatMap((p) => p.allergies)],
              avoids: [...asked.avoids, ...eat.flatMap((p) => p.avoids)],
              notOnTop: eat.flatMap((p) => p.notOnTop ?? []),
              people: [...eat, { name: 'Asked for', ...asked }],
            },
          };
        }),
      },
      aim: {
        points: targets,
        kcal: numberTyped(kcal),
        protein: null,
        sodium: null,
        grams: null,
        changes: numberTyped(changes),
      },
      inner: pages.flatMap((p) => p.inner.map((i) => i.version)),
      counters: eaters.map((e) => e.counter),
      frontierOf: null,
    });
  };
  const dishOf = (lineId: string): Served | undefined =>
    served.find((s) => s.version.lines.some((l) => l.id === lineId));

  return (
    <section aria-label="Find a way for the whole menu" className="no-print mt-6 border-ink border-t pt-4">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          search();
        }}
      >
        <SearchBar words="Bring everyone under" state={state} onCancel={cancel} disabled={taking || !aimed}>
          <span className="max-w-xl text-soft">
            {aimed
              ? 'All dishes at once, giving ground where the family notices it least. Nobody gets what they must not or will not eat on the plates that are theirs.'
              : 'Say beside a plate what it may count at most, and all dishes are lightened together.'}
          </span>
        </SearchBar>
        <details className="mt-2">
          <summary className="min-h-touch w-fit cursor-pointer py-2.5 underline decoration-2 decoration-rule underline-offset-4">
            Limits besides the points
          </summary>
          <div className="grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-4">
            <WishField
              label="Calories at most, one of each"
              hint={count.kcal === null ? '' : `now ${Math.round(count.kcal)}`}
              value={kcal}
              onChange={setKcal}
            />
            <WishField label="Lines to change at most" hint="any" value={changes} onChange={setChanges} />
            <WishField label="Without" hint="nuts, coriander …" value={without} onChange={setWithout} text />
            <HouseOnly stock={context.stock} value={onlyHouse} onChange={setOnlyHouse} />
          </div>
        </details>
      </form>
      {state.kind === 'found' && (
        <WaysFound
          answer={state.answer}
          from=", beyond what is changed already"
          words={{
            eaters,
            grams: count.grams,
            dishOf: (lineId) => dishOf(lineId)?.title ?? '',
            toGet: context.toGet,
            onTake: (picked) => void take(picked),
          }}
        />
      )}
    </section>
  );
}
