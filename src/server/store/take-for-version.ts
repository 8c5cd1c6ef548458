import { v7 as uuid } from 'uuid';
import { type BoxUsed, takeFromBoxes } from '../../core/cook/take-from-boxes.ts';
import { BOX_KIND, STOCK_KIND } from '../../core/documents/document-kinds.ts';
import { type StockTaken, takeFromStock } from '../../core/stock/stock.ts';
import { BOXES, boxesThere, COOKS } from './cook-shelf.ts';
import { appendEntry, removeDocument } from './entries.ts';
import { getRecipe } from './recipe-rows.ts';
import { nowOf, type Scope } from './scope.ts';
import { STOCK, stockOf } from './stock-shelf.ts';
import { getVersion } from './versions.ts';
import { write } from './write.ts';

/** What a dish took out of the house: out of packages, and out of boxes of what was cooked before. */
export interface TakenForDish {
  readonly stock: readonly StockTaken[];
  readonly boxes: readonly BoxUsed[];
}

const LABEL = 'Take for a dish';

/** Takes what a version needs out of the stock and out of boxes, in one transaction, and says what changed. */
export function takeForVersion(scope: Scope, versionId: string): Promise<TakenForDish> {
  return write(scope, async (s) => {
    const version = await getVersion(s, versionId);
    const stock = (await stockOf(s)).map(({ revision, ...item }) => ({ item, revision }));
    const taken = takeFromStock(
      stock.map((x) => x.item),
      version.lines,
    );
    for (const { before, after } of taken) {
      const changes = STOCK_KIND.changes(before, after ?? before);
      const { revision } = stock.find((x) => x.item.id === before.id)!;
      if (after === null) await removeDocument(s, STOCK, before.id);
      else
        await appendEntry(
          s,
          STOCK,
          before.id,
          { id: uuid(), label: LABEL, changes, undoes: null },
          { exactly: revision },
        );
    }
    const named = version.lines.flatMap((l) =>
      l.food.kind === 'recipe' && l.food.cookId !== undefined ? [l.food.cookId] : [],
    );
    if (named.length === 0) return { stock: taken, boxes: [] };
    const cooks = new Map((await Promise.all(named.map((id) => COOKS.find(s, id)))).map((c) => [c?.document.id, c]));
    const there = (await boxesThere(s, undefined)).map(({ revision, ...box }) => ({ box, revision }));
    const boxes = takeFromBoxes(
      there.map((x) => x.box),
      version.lines,
      (id) => cooks.get(id)?.document.frozen ?? null,
      { name: (await getRecipe(s, version.recipeId)).title, instant: nowOf(s) },
    );
    for (const { before, after } of boxes)
      await appendEntry(
        s,
        BOXES,
        before.id,
        { id: uuid(), label: LABEL, changes: BOX_KIND.changes(before, after), undoes: null },
        { exactly: there.find((x) => x.box.id === before.id)!.revision },
      );
    return { stock: taken, boxes };
  });
}
