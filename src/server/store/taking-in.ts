import { v7 as uuid } from 'uuid';
import type { TakeInAnswer } from '../../contract/exchange-api.ts';
import type { FieldChange, FieldKind } from '../../core/history/field-change.ts';
import { namedTogether } from '../../core/quantity/named-together.ts';
import { appendEntry } from './entries.ts';
import type { Scope } from './scope.ts';
import type { Shelf } from './shelf.ts';

export type TakenRow = TakeInAnswer['rows'][number];

/** What the cook said of a file before it is taken in. */
export interface TakeInWish {
  /** Rows whose own state goes, as `kind/id`, or `kind/*` for all of a kind. */
  readonly theirs: ReadonlySet<string>;
  /** Rows that are not taken in. */
  readonly without: ReadonlySet<string>;
  /** Whether the household was made for it, and is set up as the file says. */
  readonly isNew: boolean;
}

/** Whether a row is named, by itself or with all of its kind. */
export const isAmong = (rows: ReadonlySet<string>, kind: string, id: string): boolean =>
  rows.has(`${kind}/${id}`) || rows.has(`${kind}/*`);

/** What is said while rows go in, and where they are written down. */
export interface TakingIn {
  readonly s: Scope;
  readonly wish: TakeInWish;
  /** By id as the file has it: what stands here for it. */
  readonly ids: ReadonlyMap<string, string>;
  tell(row: Omit<TakenRow, 'id'> & { readonly id: string }): void;
  /** Whether the cook wants it at all. */
  wants(kind: string, id: string): boolean;
}

const MOST_PARTS_NAMED = 4;

/** What differs, in words. */
export function whatDiffers(kind: FieldKind<unknown>, changes: readonly FieldChange[], document: unknown): string {
  const named = [...new Set(changes.map((c) => kind.differ(document, c).what))];
  return namedTogether(named.length > MOST_PARTS_NAMED ? [...named.slice(0, MOST_PARTS_NAMED), 'more'] : named);
}

/** Writes the state of the file over the own one, as an entry that can be undone. */
export const putTheirs = (
  s: Scope,
  shelf: Shelf<unknown, FieldChange>,
  id: string,
  revision: number,
  changes: readonly FieldChange[],
  what: string,
): Promise<unknown> =>
  appendEntry(
    s,
    shelf,
    id,
    { id: uuid(), label: `Take the ${what} from a file`, changes: [...changes], undoes: null },
    {
      exactly: revision,
    },
  );
