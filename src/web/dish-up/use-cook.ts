import { useCallback, useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import { COOK_API } from '../../contract/cook-api.ts';
import { asCookedCopy } from '../../core/cook/as-cooked.ts';
import type { BoxKind } from '../../core/cook/box-kind.ts';
import { boxCounts } from '../../core/cook/box-of.ts';
import type { Box, Cook, CookAs, Vessel } from '../../core/cook/cook.ts';
import type { Outcome } from '../../core/cook/divide.ts';
import type { Frozen } from '../../core/cook/frozen.ts';
import { newCook } from '../../core/cook/new-cook.ts';
import { versionOfKit } from '../../core/cook/version-of-kit.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { refresh } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { sayDone } from '../kit/say-done.ts';
import { documents, type Row, useRows } from '../saving/use-document.ts';

const NO_COOKS: readonly Row<Cook>[] = [];
const NO_BOXES: readonly Row<Box>[] = [];
const NO_VESSELS: readonly Row<Vessel>[] = [];
const NO_KINDS: readonly Row<BoxKind>[] = [];
const idOfKept = (d: { readonly id: string }): string => d.id;

/** The times that a recipe was cooked, with its boxes, and what is done with them. Every change has its way back. */
export function useCooks(recipeId: string) {
  const { household } = useHousehold();
  const h = household.id;
  const { data: cooksListed, isLoading } = useAnswer(COOK_API.cooks, { h, query: { recipe: recipeId } });
  const listed = cooksListed ?? NO_COOKS;
  const cooks = useRows(h, 'cooks', listed, idOfKept);
  const { data: boxesListed = NO_BOXES } = useAnswer(COOK_API.boxes, { h, query: { recipe: recipeId } });
  const boxes = useRows(h, 'boxes', boxesListed, idOfKept);
  const { data: vesselsListed = NO_VESSELS } = useAnswer(COOK_API.vessels, { h });
  const vessels = useRows(h, 'vessels', vesselsListed, idOfKept);
  const { data: kindsListed = NO_KINDS } = useAnswer(COOK_API.boxKinds, { h });
  const kinds = useRows(h, 'box-kinds', kindsListed, idOfKept);
  const own = useMemo(
    () =>
      cooks.rows
        .filter((c) => c.recipeId === recipeId)
        .toSorted((a, b) => b.day.localeCompare(a.day) || b.id.localeCompare(a.id)),
    [cooks.rows, recipeId],
  );
  const change = useCallback(
    (cook: Row<Cook>, after: Partial<Cook>, label: string) => cooks.change(cook.id, cook, { ...cook, ...after }, label),
    [cooks],
  );
  return {
    isLoading,
    /** Whether it is known what was cooked: without network it may not be. */
    isKnown: cooksListed !== undefined,
    cooks: own,
    boxes: boxes.rows.filter((b) => b.recipeId === recipeId),
    vessels: vessels.rows,
    /** @returns its id */
    begin: async (of: Version, day: string, as: CookAs): Promise<string> => {
      const id = uuid();
      await cooks.make(id, newCook({ id, recipeId, versionId: of.id, as, day }));
      return id;
    },
    /**
     * Begins to cook a kit that was packed raw: its share of the dish, which is out of the house already.
     *
     * @returns its id
     */
    beginKit: async (kit: Box, of: Version, day: string): Promise<string> => {
      const id = uuid();
      const version = versionOfKit(of, kit.share, formatDay(day), () => uuid());
      await documents
        .hold({ householdId: h, name: 'versions', id: version.id }, null)
        .want({ wants: 'make', document: version });
      await refresh.recipe(h);
      const cook = newCook({ id, recipeId, versionId: of.id, as: 'cooked', day });
      await cooks.make(id, { ...cook, versionId: version.id, tookStock: true });
      return id;
    },
    change,
    /** Makes the version that says how it really was. */
    differed: async (cook: Row<Cook>, of: Version): Promise<void> => {
      const copy = asCookedCopy(of, formatDay(cook.day), () => uuid());
      await documents
        .hold({ householdId: h, name: 'versions', id: copy.id }, null)
        .want({ wants: 'make', document: copy });
      await refresh.recipe(h);
      await change(cook, { versionId: copy.id }, 'Something was different');
    },
    remove: async (cook: Row<Cook>): Promise<void> => {
      await cooks.remove(cook.id);
      sayDone('It is as if it had not been cooked.', () => cooks.restore(cook.id));
    },
    keepVessel: (name: string, grams: number, millilitres: number | null): string => {
      const id = uuid();
      void vessels.make(id, { id, name, grams, millilitres });
      return id;
    },
    kinds: kinds.rows,
    keepKind: (kind: Omit<BoxKind, 'id'>): string => {
      const id = uuid();
      void kinds.make(id, { ...kind, id });
      return id;
    },
    removeKind: async (kind: Row<BoxKind>): Promise<void> => {
      await kinds.remove(kind.id);
      sayDone(`The ${kind.name} is no kind of box any more.`, () => kinds.restore(kind.id));
    },
    pack: async (made: readonly Box[]): Promise<void> => {
      for (const box of made) await boxes.make(box.id, box);
      sayDone(made.length === 1 ? 'The box is packed.' : `${made.length} boxes are packed.`, async () => {
        for (const box of made) await boxes.remove(box.id);
      });
    },
    /** Gives boxes the shares that they have of what was measured anew. */
    reshare: async (
      which: readonly Row<Box>[],
      shareOf: (share: number) => number,
      out: Outcome | null,
      frozen: Frozen,
    ): Promise<void> => {
      for (const box of which) {
        const share = shareOf(box.share);
        if (Math.abs(share - box.share) < 1e-12) continue;
        const grams = out?.grams == null ? null : out.grams * share;
        await boxes.change(box.id, box, { ...box, share, grams, ...boxCounts(frozen, share) }, 'Weighed once more');
      }
    },
    /** Counts boxes by a newer record of their cook. */
    recount: async (which: readonly Row<Box>[], frozen: Frozen): Promise<void> => {
      for (const box of which)
        await boxes.change(box.id, box, { ...box, ...boxCounts(frozen, box.share) }, 'Count the box anew');
    },
    unpack: async (box: Row<Box>): Promise<void> => {
      await boxes.remove(box.id);
      sayDone('The box is unpacked.', () => boxes.restore(box.id));
    },
  };
}
export type Cooks = ReturnType<typeof useCooks>;
