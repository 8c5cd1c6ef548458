import { v7 as uuid } from 'uuid';
import type { PublishAgain } from '../../contract/card-api.ts';
import { DOCUMENT_API } from '../../contract/document-api.ts';
import type { DriftCause, OldCard, OutdatedLines, RenewedFood } from '../../contract/drift.ts';
import { DRIFT_API } from '../../contract/drift-api.ts';
import { addressOf } from '../../contract/route.ts';
import type { Change } from '../../core/version/entry.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { readAnew, refresh } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';

/** What changes elsewhere have moved, and what can be done about it: each with its way back. */
export function useDrift() {
  const { household } = useHousehold();
  const h = household.id;
  const { data, error } = useAnswer(DRIFT_API.drift, { h }, { revalidateOnFocus: true });
  const again = async (): Promise<void> => {
    await readAnew(addressOf(DRIFT_API.drift, { h }));
    await refresh.recipe(h);
  };
  const told = async (work: () => Promise<void>): Promise<void> => {
    try {
      await work();
    } catch (e) {
      sayError(e);
    } finally {
      await again();
    }
  };
  const setAside = async (id: string, aside: boolean): Promise<void> => {
    await ask(DRIFT_API.putAside, { h, id, body: { aside } });
    await again();
  };
  return {
    drift: data,
    error,
    putAside: ({ id, aside }: DriftCause) =>
      told(async () => {
        await setAside(id, !aside);
        sayDone(aside ? 'Taken up again.' : 'Put aside.', () => setAside(id, aside));
      }),
    /** Publishes cards as they count now, each under the link that it has. */
    publish: (cards: readonly OldCard[], wrong: PublishAgain) =>
      told(async () => {
        for (const { id } of cards) await ask(DRIFT_API.publishAgain, { h, id, body: wrong });
        const said =
          cards.length === 1
            ? `"${cards[0]!.title}" is published again.`
            : `${cards.length} cards are published again.`;
        sayDone(said, async () => {
          for (const { id } of cards) await ask(DRIFT_API.publishBefore, { h, id });
          await again();
        });
      }),
    /** Lets lines count with the newest state of their food. */
    take: (food: RenewedFood, versions: readonly OutdatedLines[]) =>
      told(async () => {
        const backs: (() => Promise<void>)[] = [];
        for (const v of versions) backs.push(await takeNewest(h, food, v));
        const lines = versions.reduce((n, v) => n + v.lines.length, 0);
        sayDone(`${lines} ${lines === 1 ? 'line counts' : 'lines count'} with ${food.name} as it is now.`, async () => {
          for (const back of backs) await back();
          await again();
        });
      }),
  };
}

/** Writes the newest state of a food into the lines of one version, as an entry that undoes. */
async function takeNewest(h: string, food: RenewedFood, of: OutdatedLines): Promise<() => Promise<void>> {
  const kept = await ask(DOCUMENT_API.versions.kept, { h, id: of.versionId });
  const changes = of.lines.map((line): Change => {
    const index = kept.document.lines.findIndex((l) => l.id === line.id);
    const after = { ...line, food: { kind: 'food' as const, foodId: food.id, revision: food.revision } };
    return { kind: 'line', lineId: line.id, index, before: line, after };
  });
  const entry = { id: uuid(), label: `Take ${food.name} as it is now`.slice(0, 200), changes, undoes: null };
  const done = await ask(DOCUMENT_API.versions.append, {
    h,
    id: of.versionId,
    body: { base: kept.revision, entry },
  });
  return async () => {
    const back = changes.map((c) => (c.kind === 'line' ? { ...c, before: c.after, after: c.before } : c));
    const undo = { id: uuid(), label: entry.label, changes: back, undoes: entry.id };
    await ask(DOCUMENT_API.versions.append, { h, id: of.versionId, body: { base: done.revision, entry: undo } });
  };
}
