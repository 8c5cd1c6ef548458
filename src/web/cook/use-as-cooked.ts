import { useCallback } from 'react';
import { v7 as uuid } from 'uuid';
import { DOCUMENTS } from '../../contract/documents.ts';
import { asCookedCopy } from '../../core/cook/as-cooked.ts';
import type { Cook } from '../../core/cook/cook.ts';
import { invertAll } from '../../core/history/rebase.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import type { Change } from '../../core/version/entry.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { refresh } from '../data/queries.ts';
import type { Cooks } from '../dish-up/use-cook.ts';
import { documents, type Row } from '../saving/use-document.ts';

/**
 * Changes how a dish was really cooked. Its version of its own is made at the first difference; the recipe stays as it
 * is. Answers how the change is turned round.
 */
export function useAsCooked(cook: Row<Cook>, version: Version, cooks: Pick<Cooks, 'change'>) {
  const { household } = useHousehold();
  const h = household.id;
  return useCallback(
    async (label: string, changesOf: (own: Version) => readonly Change[]): Promise<() => Promise<void>> => {
      let own = version;
      if (cook.versionId === cook.fromId) {
        own = asCookedCopy(version, formatDay(cook.day), () => uuid());
        await documents
          .hold({ householdId: h, name: 'versions', id: own.id }, null)
          .want({ wants: 'make', document: own });
        await cooks.change(cook, { versionId: own.id }, 'Something was different');
        void refresh.recipe(h);
      }
      const key = { householdId: h, name: 'versions', id: own.id } as const;
      const saved = documents.hold(key, null);
      if (saved.getShown() === null) await documents.load(key, null);
      const changes = [...changesOf(own)];
      await saved.do(label, changes);
      return () => saved.do(`Undo ${label}`.slice(0, 200), invertAll(DOCUMENTS.versions.kind, changes));
    },
    [cook, version, cooks, h],
  );
}
