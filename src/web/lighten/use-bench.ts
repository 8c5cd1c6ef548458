import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { stepsAsChanged } from '../../core/steps/steps-as-changed.ts';
import { withWeight } from '../../core/swap/apply-swap.ts';
import { type Change, lineChange } from '../../core/version/entry.ts';
import type { Line } from '../../core/version/version.ts';
import { wayChanges } from '../../core/ways/apply-way.ts';
import type { LineChoice } from '../../core/ways/line-choices.ts';
import type { OtherWay } from '../../core/ways/other-ways.ts';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { refresh } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import type { OpenDocument } from '../saving/use-document.ts';
import { useDepartures } from './use-departures.ts';

/** What the bench shows of an open version and what can be done with it. */
export function useBench({ saved: editor, shown: state }: OpenDocument<'versions'>) {
  const { household } = useHousehold();
  const { page, asWritten, food, title } = useOpenRecipe();
  const shelf = useSwapShelf(household.id);
  const version = state.document;
  const [besideId, setBesideId] = useState<string | null>(null);
  const parent = page.versions.find((v) => v.id === (besideId ?? version.parentId)) ?? asWritten;
  const [typed, setTyped] = useState<Line | null>(null);
  // What is being typed counts with every key, before it is taken.
  const shown = useMemo(
    () => (typed === null ? version : { ...version, lines: version.lines.map((l) => (l.id === typed.id ? typed : l)) }),
    [version, typed],
  );
  const departures = useDepartures();
  const departure = useMemo(() => departures(shown), [departures, shown]);
  const steps = useMemo(() => stepsAsChanged(asWritten, version, shelf.all), [asWritten, version, shelf]);
  const takeWay = (picked: readonly LineChoice[], label: string) => {
    const context = { food, title, system: household.system, swaps: shelf.offered };
    editor.do(
      label,
      wayChanges(version, picked, context, () => uuid()),
    );
  };
  /** Takes so many grams off a line. */
  const cut = (lineId: string, grams: number) => {
    const line = version.lines.find((l) => l.id === lineId);
    if (line?.weight == null) return;
    const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
    const left = Math.max(0, line.weight.grams - grams);
    const after = withWeight(line, { grams: left, low: left, high: left, from: 'weight' }, own, household.system);
    editor.do(`${Math.round(grams)} g less ${line.item}`, [lineChange(version, line.id, after)]);
  };
  const takeOther = (way: OtherWay) => {
    // Ids of the search are of the search: what is kept gets its own.
    const ids = new Map<string, string>();
    const own = (id: string): string => {
      if (!id.startsWith('other-')) return id;
      if (!ids.has(id)) ids.set(id, uuid());
      return ids.get(id)!;
    };
    editor.do(way.words, withOwnIds(way.changes, own));
  };
  const remove = async () => {
    await editor.want({ wants: 'remove' });
    // What others take from is refused by name, and told where everything is that is not settled.
    if (!editor.shown.removed) return;
    await refresh.recipe(household.id);
    sayDone(`"${version.name}" is removed.`, async () => {
      await editor.want({ wants: 'restore' });
      await refresh.recipe(household.id);
    });
  };
  return {
    version,
    /** The version with what is being typed. */
    shown,
    setTyped,
    /** The version it is compared with. */
    parent,
    setBesideId,
    all: page.versions,
    food,
    now: useCount(shown),
    was: useCount(parent),
    departure,
    steps,
    takeWay,
    takeOther,
    cut,
    remove,
  };
}
/** Changes with other ids for what they put in. */
const withOwnIds = (changes: OtherWay['changes'], own: (id: string) => string): Change[] =>
  changes.map((c): Change => {
    if (c.kind === 'steps') return { ...c, after: c.after.map((s) => ({ ...s, id: own(s.id) })) };
    if (c.kind !== 'line') return c;
    return { ...c, lineId: own(c.lineId), after: c.after && { ...c.after, id: own(c.after.id) } };
  });
