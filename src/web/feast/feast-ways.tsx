import { useState } from 'react';
import type { RecipePage } from '../../contract/recipe.ts';
import type { FeastCount } from '../../core/feast/count-feast.ts';
import { type Feast, portionOf } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import { readWithout } from '../../core/ways/without.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { numberTyped } from '../kit/number-typed.ts';
import { SearchBar } from '../ways/search-bar.tsx';
import { useSearchContext } from '../ways/use-search-context.ts';
import { useWays } from '../ways/use-ways.ts';
import { WaysFound } from '../ways/ways-found.tsx';
import { HouseOnly, VaryingSelect, WishField } from '../ways/wish-fields.tsx';
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
  const [varying, setVarying] = useState(0);
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
          const eat = people.filter((p) => portionOf(s.dish, p.id) > 0);
          return {
            title: s.title,
            version: s.version,
            portions: eaters.map((e) => portionOf(s.dish, e.eater.id)),
            mostDeparture: s.dish.mostDeparture,
            without: {
              allergies: [...asked.allergies, ...eat.flatMap((p) => p.allergies)],
              avoids: [...asked.avoids, ...eat.flatMap((p) => p.avoids)],
              notOnTop: eat.flatMap((p) => p.notOnTop),
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
      frontierOf: varying,
    });
  };
  const dishOf = (lineId: string): Served | undefined =>
    served.find((s) => s.version.lines.some((l) => l.id === lineId));

  return (
    <section aria-label="Find a way for the whole menu" className="mt-6 border-ink border-t pt-4">
      <h2 className="text-2xl">Find a way</h2>
      <p className="max-w-3xl text-soft">
        The search looks at all dishes at once and gives ground where the family notices it least, within what each dish
        may move. Nobody gets what they must not or will not eat on the plates that are theirs.
      </p>
      <form
        className="mt-3 grid gap-x-4 gap-y-3 sm:grid-cols-4"
        onSubmit={(e) => {
          e.preventDefault();
          search();
        }}
      >
        <WishField
          label="Calories at most, one of each"
          hint={count.kcal === null ? '' : `now ${Math.round(count.kcal)}`}
          value={kcal}
          onChange={setKcal}
        />
        <WishField label="Lines to change at most" hint="" value={changes} onChange={setChanges} />
        <WishField label="Without" hint="nuts, coriander …" value={without} onChange={setWithout} text />
        <VaryingSelect eaters={eaters} value={varying} onChange={setVarying} />
        <SearchBar state={state} onCancel={cancel} disabled={taking}>
          <HouseOnly stock={context.stock} value={onlyHouse} onChange={setOnlyHouse} />
          {!aimed && <span className="pb-2 text-soft text-sm">Without a target it shows what each point costs.</span>}
        </SearchBar>
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
