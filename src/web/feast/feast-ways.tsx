import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import type { RecipePage } from '../../contract/recipe.ts';
import { FEAST_KIND } from '../../core/documents/document-kinds.ts';
import type { FeastCount } from '../../core/feast/count-feast.ts';
import { type Feast, portionOf } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import type { Entry as DocumentEntry } from '../../core/history/entry.ts';
import type { FieldChange } from '../../core/history/field-change.ts';
import type { VersionEntry } from '../../core/version/entry.ts';
import { lightenedCopy } from '../../core/version/lightened-copy.ts';
import type { Version } from '../../core/version/version.ts';
import { wayChanges } from '../../core/ways/apply-way.ts';
import type { LineChoice } from '../../core/ways/line-choices.ts';
import { readWithout } from '../../core/ways/without.ts';
import { numberTyped } from '../components/number-typed.ts';
import { sayDone } from '../components/say-done.ts';
import { sayError } from '../components/say-error.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { documents } from '../saving/use-document.ts';
import { SearchBar } from '../ways/search-bar.tsx';
import { useSearchContext } from '../ways/use-search-context.ts';
import { useWays } from '../ways/use-ways.ts';
import { WaysFound } from '../ways/ways-found.tsx';
import { HouseOnly, VaryingSelect, WishField } from '../ways/wish-fields.tsx';
import type { Served } from './served.ts';
import type { OpenFeast } from './use-feast.ts';

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
  const { household, eaters: people } = useHousehold();
  const eaters = useCounting();
  const context = useSearchContext(pantry);
  const { state, find, cancel } = useWays();
  const [kcal, setKcal] = useState('');
  const [changes, setChanges] = useState('');
  const [without, setWithout] = useState('');
  const [onlyHouse, setOnlyHouse] = useState(false);
  const [varying, setVarying] = useState(0);
  const [taking, setTaking] = useState(false);
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
            },
          };
        }),
      },
      aim: { points: targets, kcal: numberTyped(kcal), protein: null, grams: null, changes: numberTyped(changes) },
      inner: pages.flatMap((p) => p.inner.map((i) => i.version)),
      counters: eaters.map((e) => e.counter),
      frontierOf: varying,
    });
  };
  const dishOf = (lineId: string): Served | undefined =>
    served.find((s) => s.version.lines.some((l) => l.id === lineId));

  /** Every dish that a way changes gets a version of its own for this feast; those before stay as they are. */
  const take = async (picked: readonly LineChoice[]) => {
    setTaking(true);
    const newest = new Map(pantry.map((f) => [f.id, f]));
    const dishes: { readonly version: Version; readonly entry: VersionEntry }[] = [];
    try {
      for (const s of served) {
        const own = picked.filter((c) => s.version.lines.some((l) => l.id === c.lineId));
        if (own.length === 0) continue;
        const copy = lightenedCopy(s.version, nameFor(feast, s), () => uuid());
        const lineOf = new Map(s.version.lines.map((l, i) => [l.id, copy.lines[i]!.id]));
        const entry = {
          id: uuid(),
          label: `For ${feast.name}`.slice(0, 200),
          undoes: null,
          changes: wayChanges(
            copy,
            own.map((c) => ({ ...c, lineId: lineOf.get(c.lineId)! })),
            { food: (id) => newest.get(id) ?? null, system: household.system, swaps: context.swaps },
            () => uuid(),
          ),
        };
        dishes.push({ version: copy, entry });
      }
      const of = (recipeId: string) => dishes.find((d) => d.version.recipeId === recipeId)?.version.id;
      const menu = feast.dishes.map((d) => ({ ...d, versionId: of(d.recipeId) ?? d.versionId }));
      const entry = {
        id: uuid(),
        label: 'Take a way',
        changes: FEAST_KIND.changes(feast, { ...feast, dishes: menu }),
        undoes: null,
      };
      // Versions and menu in one go: all of it, or nothing.
      const body = { base: saved.shown.revision, entry, dishes };
      await ask(API.takeForFeast, { h: household.id, id: feast.id, body });
      for (const d of dishes) await read(d.version.recipeId);
      await saved.refresh();
      cancel();
      sayDone(
        `${dishes.length === 1 ? '1 dish is' : `${dishes.length} dishes are`} lighter now, each as a version of its own.`,
        () =>
          takeBack(
            entry,
            dishes.map((d) => d.version),
          ),
      );
    } catch (e) {
      sayError(e);
    }
    setTaking(false);
  };
  /** The menu as it was, and the versions that were made for it removed: they can be brought back like everything. */
  const takeBack = async (entry: DocumentEntry<FieldChange>, made: readonly Version[]) => {
    await saved.turnRound(entry);
    for (const version of made) {
      const { id } = version;
      const copy = documents.hold({ householdId: household.id, name: 'versions', id }, null);
      await copy.refresh();
      await copy.want({ wants: 'remove' });
      await read(version.recipeId);
    }
  };
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
          varying={varying}
          words={{
            eaters,
            each: 'of the plate',
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

/** A name that no version of the dish has yet: "for the harvest supper", then with a number. */
function nameFor(feast: Feast, s: Served): string {
  const base = `for ${feast.name}`.slice(0, 110);
  for (let n = 1; ; n++) {
    const name = n === 1 ? base : `${base} ${n}`;
    if (!s.versions.some((v) => v.name === name)) return name;
  }
}
