import { useEffect, useMemo, useRef } from 'react';
import { countFeast } from '../../core/feast/count-feast.ts';
import { type FeastDish, portionOf } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import type { CountingEater } from '../context/household-context.ts';
import { sayError } from '../kit/say-error.ts';
import { kitchenOfPages } from '../kitchen/kitchen-of-pages.ts';
import type { Served } from './served.ts';
import type { OpenFeast } from './use-feast.ts';

type Opened = Pick<OpenFeast, 'shown' | 'change' | 'pages' | 'read'>;

/** The dishes of a feast as they are served, what everybody's plate comes to, and how the menu changes. */
export function useMenu(
  { shown, change, pages, read }: Opened,
  pantry: readonly Food[],
  eaters: readonly CountingEater[],
) {
  const feast = shown.document;
  const kitchen = useMemo(() => kitchenOfPages(pages, pantry), [pages, pantry]);
  const served = useMemo(
    () =>
      feast.dishes.flatMap((dish): Served[] => {
        const page = pages.find((p) => p.recipe.id === dish.recipeId);
        const version = page?.versions.find((v) => v.id === dish.versionId);
        return page && version ? [{ dish, title: page.recipe.title, versions: page.versions, version }] : [];
      }),
    [feast.dishes, pages],
  );
  const count = useMemo(
    () =>
      countFeast(
        served.map((s) => ({ version: s.version, portions: eaters.map((e) => portionOf(s.dish, e.eater.id)) })),
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
  const { dishes, targets } = feast;
  return {
    served,
    count,
    /** Puts a dish on the menu; which version of it, when nobody says, is the first. */
    add: async (recipeId: string, versionId: string | null): Promise<void> => {
      try {
        const page = await read(recipeId);
        change(`Add ${page.recipe.title}`.slice(0, 200), {
          dishes: [
            ...dishes,
            { recipeId, versionId: versionId ?? page.versions[0]!.id, portions: {}, mostDeparture: null },
          ],
        });
      } catch (e) {
        sayError(e);
      }
    },
    change: (recipeId: string, next: Partial<FeastDish>) =>
      change('Change a dish', { dishes: dishes.map((d) => (d.recipeId === recipeId ? { ...d, ...next } : d)) }),
    takeOff: (recipeId: string) => change('Take a dish off', { dishes: dishes.filter((d) => d.recipeId !== recipeId) }),
    setTarget: (eaterId: string, points: number | null) => {
      const { [eaterId]: _, ...rest } = targets;
      change('Change a target', { targets: points === null ? rest : { ...rest, [eaterId]: points } });
    },
  };
}
