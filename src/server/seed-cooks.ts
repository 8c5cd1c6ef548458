import { formatISO, parseISO, subDays } from 'date-fns';
import { DEMO_BOX_KINDS, DEMO_COOKS, DEMO_VESSELS } from '../../demo/household.ts';
import { boxCounts } from '../core/cook/box-of.ts';
import { freeze } from '../core/cook/freeze.ts';
import { keepUntil } from '../core/cook/keep-until.ts';
import { newCook } from '../core/cook/new-cook.ts';
import { countVersion } from '../core/counting/count-version.ts';
import { foodsOf } from '../core/counting/foods-of.ts';
import { countersAt } from '../core/table/table.ts';
import type { Version } from '../core/version/version.ts';
import { BOX_KINDS, BOXES, COOKS, EMPTY_VESSELS } from './store/cook-shelf.ts';
import { makeDocument } from './store/entries.ts';
import { kitchenFor } from './store/kitchen.ts';
import type { Scope } from './store/scope.ts';
import { tableOf } from './store/table.ts';

/** The versions of a dish of the demo. */
export interface DemoVersions {
  readonly asWritten: Version;
  readonly lightened: Version;
}

/**
 * What the demo household cooked lately, with its vessels, its kinds of boxes, and the boxes that are there.
 *
 * @param today YYYY-MM-DD
 * @param idIn the id that a document of the demo has in this household
 */
export async function seedCooks(
  s: Scope,
  dishes: ReadonlyMap<string, DemoVersions>,
  idIn: (own: string) => string,
  today: string,
): Promise<void> {
  for (const v of DEMO_VESSELS) await makeDocument(s, EMPTY_VESSELS, idIn(v.id), { ...v, id: idIn(v.id) });
  for (const k of DEMO_BOX_KINDS) await makeDocument(s, BOX_KINDS, idIn(k.id), { ...k, id: idIn(k.id) });
  const eaters = countersAt(await tableOf(s));
  for (const demo of DEMO_COOKS) {
    const dish = dishes.get(demo.title);
    if (!dish) throw new Error(`The demo cooks a dish that is not there: ${demo.title}`);
    const version = demo.lightened ? dish.lightened : dish.asWritten;
    const counted = countVersion(
      version,
      await kitchenFor(s, [version]),
      eaters.map((e) => e.counter),
    );
    const day = formatISO(subDays(parseISO(today), demo.daysAgo), { representation: 'date' });
    const frozen = freeze(counted, eaters, `${day}T18:30:00Z`);
    const id = idIn(demo.id);
    const foods = foodsOf(counted);
    await makeDocument(s, COOKS, id, {
      ...newCook({ id, recipeId: version.recipeId, versionId: version.id, as: 'cooked', day }),
      out: { by: 'grams', amount: demo.grams, grams: demo.grams, cut: null },
      gross: demo.gross,
      vesselId: idIn(DEMO_VESSELS[0].id),
      plates: Object.fromEntries(
        Object.entries(demo.plates).map(([who, share]) => [who === 'others' ? who : idIn(who), share]),
      ),
      tookStock: true,
      minutes: demo.minutes,
      note: demo.note,
      frozen,
    });
    for (const box of demo.boxes)
      await makeDocument(s, BOXES, idIn(box.id), {
        id: idIn(box.id),
        cookId: id,
        recipeId: version.recipeId,
        title: demo.title,
        share: box.share,
        grams: demo.grams * box.share,
        eaterId: box.eater === null ? null : idIn(box.eater),
        kindId: idIn(box.kind),
        as: 'cooked',
        apart: [],
        place: box.place,
        packed: day,
        keepUntil: keepUntil(day, 'cooked', box.place, foods),
        ...boxCounts(frozen, box.share),
        taken: null,
        kept: null,
      });
  }
}
