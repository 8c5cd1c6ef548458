import { type CSSProperties, memo } from 'react';
import type { Role } from '../../core/food/food.ts';
import { formatShare } from '../../core/program/format-points.ts';
import { roleWords } from '../../core/swap/swap-words.ts';
import { isLeftBehind } from '../../core/version/line-loss.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { lossWords } from '../../core/yield/loss-words.ts';
import { isTyping } from '../kit/is-typing.ts';
import { AmountField } from './amount-field.tsx';
import { SwapMenu, type SwapMenuActions } from './swap-menu.tsx';

/** What can be done in a row: everything of the menu, and the keys. */
export interface RowActions extends SwapMenuActions {
  readonly openMenu: (lineId: string | null) => void;
  readonly move: (row: HTMLTableRowElement, by: 1 | -1) => void;
  readonly typed: (after: Line | null) => void;
  readonly amountDone: (line: Line, after: Line | null) => void;
}

interface BenchRowProps {
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
const sameProps = (a: BenchRowProps, b: BenchRowProps): boolean =>
  (Object.keys(b) as (keyof BenchRowProps)[]).every((k) =>
    k === 'before' || k === 'after' ? sameNumbers(a[k], b[k]) : a[k] === b[k],
  );

/** One line before and after, what it counts for everyone, and what can be done about it. */
export const BenchRow = memo(function BenchRow(props: BenchRowProps) {
  const { line, beforeText, first, changed, marks, before, after, actions } = props;
  const gone = line === null || line.leftOut;
  return (
    <tr
      tabIndex={line ? 0 : undefined}
      onKeyDown={(e) => {
        if (line === null || isTyping(e.nativeEvent) || e.ctrlKey || e.metaKey || e.altKey) return;
        const key = e.key.toLowerCase();
        // On its button the arrows open the menu; letters mean the line wherever in it the focus is.
        const onRow = e.target === e.currentTarget;
        if (key === 'arrowdown' && onRow) actions.move(e.currentTarget, 1);
        else if (key === 'arrowup' && onRow) actions.move(e.currentTarget, -1);
        else if (key === 's') actions.openMenu(line.id);
        else if (key === 'k') actions.keep(line);
        else if (key === 'a') actions.amount(line);
        else if (key === 'x') actions.leaveOut(line);
        else if (key === 'm' && line.weight !== null && !line.leftOut && !isLeftBehind(line.loss))
          actions.howMuch(line);
        else return;
        e.preventDefault();
      }}
      className={`grid grid-cols-[1fr_auto] gap-x-3 border-rule border-b px-2 py-2 align-middle lg:table-row lg:p-0 ${line?.kept ? 'bg-mustard-wash' : ''}`}
    >
      <th
        scope="row"
        className={`col-span-2 font-normal lg:py-2 lg:pr-2 lg:pl-2 ${beforeText === null ? 'text-soft italic' : changed ? 'text-soft line-through' : ''}`}
      >
        {first ? (beforeText ?? 'new') : <span className="sr-only">with {props.withItem}</span>}
      </th>
      <td className="min-w-24 self-center lg:px-2">
        <Bar before={first ? Math.max(0, ...before) : 0} after={Math.max(0, ...after)} />
        {line && !gone && line.food.kind === 'nothing' && (
          <span className="text-sm text-soft italic">nothing to count</span>
        )}
        {line && !gone && line.food.kind !== 'nothing' && props.uncounted && (
          <span className="text-sm text-soft italic">uncounted</span>
        )}
      </td>
      <td className="whitespace-nowrap text-right lg:hidden">
        {marks.map((mark, i) => (
          <span key={mark} className="ml-3">
            <span className="text-sm text-soft">{mark}</span> <strong>{formatShare(after[i]!)}</strong>
          </span>
        ))}
      </td>
      {marks.map((mark, i) => (
        <td key={mark} className="hidden px-1.5 text-right font-bold font-head lg:table-cell">
          {formatShare(after[i]!)}
        </td>
      ))}
      <td className="lg:px-3 lg:py-2">
        {line === null ? (
          <span className="text-soft">gone</span>
        ) : props.amountOpen ? (
          <AmountField line={line} onTyped={actions.typed} onDone={(taken) => actions.amountDone(line, taken)} />
        ) : (
          <span className={line.leftOut ? 'text-soft line-through' : ''}>{line.text}</span>
        )}{' '}
        {line?.loss && !line.leftOut && isLeftBehind(line.loss) && (
          <span className="block text-soft text-sm">{lossWords(line.loss)}</span>
        )}
        {line?.kept && <span className="tag text-mustard">kept</span>}
        {line?.leftOut && <span className="tag">{props.onPlate ? 'on the plate' : 'left out'}</span>}
        {line?.swapId && !line.leftOut && <span className="tag">swapped</span>}
        {props.role && line && !line.swapId && !gone && <span className="tag">{roleWords(props.role)}</span>}
      </td>
      <td className="self-start justify-self-end lg:py-1.5 lg:text-right">
        {line && (
          <SwapMenu
            line={line}
            version={props.menuOf}
            canRestore={props.canRestore}
            canKeepAsSwap={props.canKeepAsSwap}
            onOpenChange={(isOpen) => actions.openMenu(isOpen ? line.id : null)}
            actions={actions}
          />
        )}
      </td>
    </tr>
  );
}, sameProps);

/** A line's points as a bar, against the largest of the table (`--most`); what was taken away stays as hatching. */
function Bar({ before, after }: { before: number; after: number }) {
  if (before < 0.05 && after < 0.05) return null;
  // Clipped, not resized: a new largest line moves every bar, and none of them the page.
  const upTo = (raw: number): CSSProperties => ({
    clipPath: `inset(0 calc(100% - 100% * ${raw} / var(--most)) 0 0 round 2px)`,
  });
  return (
    <span className="relative block h-3 w-full max-w-32" aria-hidden="true">
      <span className="hatch absolute inset-0" style={upTo(before)} />
      <span className="bar absolute inset-0 bg-ink transition-[clip-path] duration-150" style={upTo(after)} />
    </span>
  );
}
