import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import { FEAST_KIND } from '../../core/documents/document-kinds.ts';
import type { Feast } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import type { Entry as DocumentEntry } from '../../core/history/entry.ts';
import type { FieldChange } from '../../core/history/field-change.ts';
import type { Swap } from '../../core/swap/swap.ts';
import type { VersionEntry } from '../../core/version/entry.ts';
import { lightenedCopy } from '../../core/version/lightened-copy.ts';
import type { Version } from '../../core/version/version.ts';
import { wayChanges } from '../../core/ways/apply-way.ts';
import type { LineChoice } from '../../core/ways/line-choices.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { documents } from '../saving/use-document.ts';
import type { Served } from './served.ts';
import type { OpenFeast } from './use-feast.ts';

interface TakeForFeast {
  readonly feast: Feast;
  readonly served: readonly Served[];
  readonly saved: OpenFeast['saved'];
  readonly read: OpenFeast['read'];
  readonly pantry: readonly Food[];
  readonly swaps: readonly Swap[];
  readonly onTaken: () => void;
}

interface LighterDish {
  readonly version: Version;
  readonly entry: VersionEntry;
}

/** Taking a way for a whole menu: every dish it changes gets a version of its own; those before stay as they are. */
export function useTakeForFeast({ feast, served, saved, read, pantry, swaps, onTaken }: TakeForFeast) {
  const { household } = useHousehold();
  const [taking, setTaking] = useState(false);

  const lighterDish = (s: Served, picked: readonly LineChoice[]): LighterDish => {
    const newest = new Map(pantry.map((f) => [f.id, f]));
    const copy = { ...lightenedCopy(s.version, nameFor(feast, s), () => uuid()), madeFor: feast.id };
    const lineOf = new Map(s.version.lines.map((l, i) => [l.id, copy.lines[i]!.id]));
    const changes = wayChanges(
      copy,
      picked.map((c) => ({ ...c, lineId: lineOf.get(c.lineId)! })),
      { food: (id) => newest.get(id) ?? null, system: household.system, swaps, title: s.title },
      () => uuid(),
    );
    return { version: copy, entry: { id: uuid(), label: `For ${feast.name}`.slice(0, 200), undoes: null, changes } };
  };

  const take = async (picked: readonly LineChoice[]) => {
    setTaking(true);
    try {
      const dishes = served.flatMap((s) => {
        const own = picked.filter((c) => s.version.lines.some((l) => l.id === c.lineId));
        return own.length === 0 ? [] : [lighterDish(s, own)];
      });
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
      onTaken();
      const lighter = dishes.length === 1 ? '1 dish is' : `${dishes.length} dishes are`;
      sayDone(`${lighter} lighter now, each as a version of its own.`, () => takeBack(entry, dishes));
    } catch (e) {
      sayError(e);
    }
    setTaking(false);
  };

  /** The menu as it was, and the versions that were made for it removed: they can be brought back like everything. */
  const takeBack = async (entry: DocumentEntry<FieldChange>, made: readonly LighterDish[]) => {
    await saved.turnRound(entry);
    for (const { version } of made) {
      const copy = documents.hold({ householdId: household.id, name: 'versions', id: version.id }, null);
      await copy.refresh();
      await copy.want({ wants: 'remove' });
      await read(version.recipeId);
    }
  };

  return { take, taking };
}

/** A name that no version of the dish has yet: "for the harvest supper", then with a number. */
function nameFor(feast: Feast, s: Served): string {
  const base = `for ${feast.name}`.slice(0, 110);
  for (let n = 1; ; n++) {
    const name = n === 1 ? base : `${base} ${n}`;
    if (!s.versions.some((v) => v.name === name)) return name;
  }
}
