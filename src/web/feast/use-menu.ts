import { useEffect, useMemo, useRef } from 'react';
import { boughtAsDish } from '../../core/feast/bought-as-dish.ts';
import { countFeast } from '../../core/feast/count-feast.ts';
import { type BoughtFood, type FeastDish, portionOf } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import type { CountingEater } from '../context/household-context.ts';
import { sayError } from '../kit/say-error.ts';
import { kitchenOfPages } from '../kitchen/kitchen-of-pages.ts';
import type { Served } from './served.ts';
import type { OpenFeast } from './use-feast.ts';

type Opened = Pick<OpenFeast, 'shown' | 'change' | 'pages' | 'read'>;

/** What stands on the menu of a feast, what everybody's plate comes to, and how the menu changes. */
export function useMenu(
  { shown, change, pages, read }: Opened,
  pantry: readonly Food[],
  eaters: readonly CountingEater[],
) {
  const feast = shown.document;
  const kitchen = useMemo(() => kitchenOfPages(pages, pantry), [pages, pantry]);
  const served = useMemo(
    (): Served[] => [
      ...feast.dishes.flatMap((dish): Served[] => {
        const page = pages.find((p) => p.recipe.id === dish.recipeId);
        const version = page?.versions.find((v) => v.id === dish.versionId);
        if (!page || !version) return [];
        const { title } = page.recipe;
        return [{ id: dish.recipeId, dish, portions: dish.portions, title, versions: page.versions, version }];
      }),
      ...feast.bought.map((b): Served => {
        const version = boughtAsDish(b);
        return { id: b.id, dish: null, portions: b.portions, title: b.text, versions: [version], version };
      }),
    ],
    [feast.dishes, feast.bought, pages],
  );
  const count = useMemo(
    () =>
      countFeast(
        served.map((s) => ({ version: s.version, portions: eaters.map((e) => portionOf(s, e.eater.id)) })),
        kitchen,
        eaters.map((e) => e.counter),
      ),
    [served, kitchen, eaters],
  );
  // What another device put on the menu, or made of it, is read when it shows up here.
  const asked = useRef(new Set<string>());
  useEffect(() => {
    for (const d of feast.dishes) {
      const known = pages.find((p) => p.recipe.id === d.recipeId)?.versions.some((v) => v.id === d.versionId);
      if (known || asked.current.has(d.versionId)) continue;
      asked.current.add(d.versionId);
      read(d.recipeId).catch(sayError);
    }
  }, [feast.dishes, pages, read]);
  const { dishes, bought, targets } = feast;
  return {
    served,
    count,
    kitchen,
    /** Puts a recipe on the menu in the version that is shown of it; instead of another dish where one is named. */
    add: async (recipeId: string, instead: string | null): Promise<void> => {
      try {
        const page = await read(recipeId);
        const version = shownVersion(page.versions, page.recipe.shownVersionId) ?? page.versions[0]!;
        const fresh: FeastDish = { recipeId, versionId: version.id, portions: {}, mostDeparture: null };
        const label = `Add ${page.recipe.title}`.slice(0, 200);
        if (instead === null) return change(label, { dishes: [...dishes, fresh] });
        const was = served.find((s) => s.id === instead);
        const place = { ...fresh, portions: was?.portions ?? {} };
        change(label, {
          dishes: dishes.some((d) => d.recipeId === instead)
            ? dishes.map((d) => (d.recipeId === instead ? place : d))
            : [...dishes, place],
          bought: bought.filter((b) => b.id !== instead),
        });
      } catch (e) {
        sayError(e);
      }
    },
    /** Puts something bought on the menu; instead of a dish where one is named. */
    addBought: (food: BoughtFood, instead: string | null) => {
      const was = served.find((s) => s.id === instead);
      change(`Add ${food.text}`.slice(0, 200), {
        bought: [...bought.filter((b) => b.id !== instead), { ...food, portions: was?.portions ?? food.portions }],
        dishes: dishes.filter((d) => d.recipeId !== instead),
      });
    },
    change: (id: string, next: Partial<FeastDish>) =>
      dishes.some((d) => d.recipeId === id)
        ? change('Change a dish', { dishes: dishes.map((d) => (d.recipeId === id ? { ...d, ...next } : d)) })
        : change('Change a portion', {
            bought: bought.map((b) => (b.id === id ? { ...b, portions: next.portions ?? b.portions } : b)),
          }),
    takeOff: (id: string) =>
      dishes.some((d) => d.recipeId === id)
        ? change('Take a dish off', { dishes: dishes.filter((d) => d.recipeId !== id) })
        : change('Take it off', { bought: bought.filter((b) => b.id !== id) }),
    setTarget: (eaterId: string, points: number | null) => {
      const { [eaterId]: _, ...rest } = targets;
      change('Change a target', { targets: points === null ? rest : { ...rest, [eaterId]: points } });
    },
  };
}
