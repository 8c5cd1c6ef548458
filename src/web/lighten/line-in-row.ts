import type { KeyboardEvent } from 'react';
import type { Role } from '../../core/food/food.ts';
import { isLeftBehind } from '../../core/version/line-loss.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { isTyping } from '../kit/is-typing.ts';
import type { LineMenuActions } from './line-menu.tsx';

/** What can be done in a row: everything of the menu, and the keys. */
export interface RowActions extends LineMenuActions {
  readonly openMenu: (lineId: string | null) => void;
  readonly move: (row: HTMLElement, by: 1 | -1) => void;
  readonly typed: (after: Line | null) => void;
  readonly amountDone: (line: Line, after: Line | null) => void;
}

/** A line of the bench, before and after. */
export interface RowProps {
  readonly line: Line | null;
  /** The words as they were; null when the line is new. */
  readonly beforeText: string | null;
  /** Whether it stands first in its pair; the others share its words. */
  readonly first: boolean;
  /** The item that a second row belongs to. */
  readonly withItem: string;
  readonly changed: boolean;
  readonly canRestore: boolean;
  /** Whether what was changed by hand can be kept as a swap. */
  readonly canKeepAsSwap: boolean;
  readonly onPlate: boolean;
  /** The part it plays in this dish; null where nothing counts. */
  readonly role: Role | null;
  readonly uncounted: boolean;
  readonly marks: readonly string[];
  /** Unrounded points a serving, by eater. */
  readonly before: readonly number[];
  readonly after: readonly number[];
  /** The version, for the menu; null while it is closed. */
  readonly menuOf: Version | null;
  readonly amountOpen: boolean;
  readonly actions: RowActions;
}

const sameNumbers = (a: readonly number[], b: readonly number[]): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i]);

/** Rows are drawn again only when something in them is another: a key in one amount leaves the others alone. */
export const isSameRow = <P extends RowProps>(a: P, b: P): boolean =>
  (Object.keys(b) as (keyof P)[]).every((k) =>
    k === 'before' || k === 'after' ? sameNumbers(a[k] as readonly number[], b[k] as readonly number[]) : a[k] === b[k],
  );

/** The keys of a row: letters mean the line wherever in it the focus is, the arrows go from line to line. */
export function onRowKey(e: KeyboardEvent<HTMLElement>, line: Line | null, actions: RowActions): void {
  if (line === null || isTyping(e.nativeEvent) || e.ctrlKey || e.metaKey || e.altKey) return;
  const key = e.key.toLowerCase();
  // On its button the arrows open the menu.
  const onRow = e.target === e.currentTarget;
  if (key === 'arrowdown' && onRow) actions.move(e.currentTarget, 1);
  else if (key === 'arrowup' && onRow) actions.move(e.currentTarget, -1);
  else if (key === 's') actions.openMenu(line.id);
  else if (key === 'k') actions.keep(line);
  else if (key === 'a') actions.amount(line);
  else if (key === 'x') actions.leaveOut(line);
  else if (key === 'm' && line.weight !== null && !line.leftOut && !isLeftBehind(line.loss)) actions.howMuch(line);
  else return;
  e.preventDefault();
}
