import { type CSSProperties, useEffect, useRef } from 'react';
import { v7 as uuid } from 'uuid';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { isOnPlate } from '../../core/swap/swap-of-line.ts';
import { lineOf } from '../../core/version/line-of.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { readIngredient } from '../../core/weighing/read-ingredient.ts';
import { AddLine } from '../components/add-line.tsx';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { type useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { useReadingIndex } from '../data/use-pantry-index.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import type { VersionEditor } from '../saving/version-editor.ts';
import { HandRow } from './hand-row.tsx';
import type { RowActions, RowProps } from './line-in-row.ts';
import { LineToolDialog } from './line-tool-dialog.tsx';
import { PairRow } from './pair-row.tsx';
import { useLineActions } from './use-line-actions.ts';
import { useLineRows } from './use-line-rows.ts';

interface BenchProps {
  readonly editor: VersionEditor;
  readonly version: Version;
  readonly parent: Version;
  readonly now: ReturnType<typeof useCount>;
  readonly was: VersionCount;
  /** As on a desk, before and after side by side; else one line under the other, as in the hand. */
  readonly inPairs: boolean;
  /** Whose points the lines show in the hand: a place among the eaters, null for everyone. */
  readonly pointsOf: number | null;
  /** A line as it would be with what is being typed; null when nothing is. */
  readonly onTyped: (line: Line | null) => void;
}

/** The lines before and after: what each counts, and what can be done about it. */
export function BenchLines({ editor, version, parent, now, was, inPairs, pointsOf, onTyped }: BenchProps) {
  const { household } = useHousehold();
  const { foods } = useOpenRecipe();
  const readingIndex = useReadingIndex(household.id, foods);
  const { all: swaps } = useSwapShelf(household.id);
  const lines = useRef<HTMLDivElement>(null);
  const { pairs, marks, rawNow, rawWas, roles, none, drafts, widest } = useLineRows(version, parent, now, was);
  const move: RowActions['move'] = (row, by) => {
    const rows = [...(lines.current?.querySelectorAll<HTMLElement>('[data-line]') ?? [])];
    rows[rows.indexOf(row) + by]?.focus();
  };
  const work = useLineActions({ editor, version, pairs, drafts, onTyped, move });
  const amountOf = work.tool?.kind === 'amount' ? work.tool.lineId : null;
  // While an amount is typed the bars keep their scale: another one moves all of them, at a key.
  const held = useRef(widest);
  useEffect(() => {
    if (amountOf === null) held.current = widest;
  }, [amountOf, widest]);
  const most = amountOf === null ? widest : held.current;
  const rows = pairs.flatMap((pair) =>
    (pair.after.length > 0 ? pair.after : [null]).map(
      (line, n): RowProps => ({
        line,
        beforeText: pair.before?.text ?? null,
        first: n === 0,
        withItem: pair.after[0]?.item ?? '',
        changed: pair.changed,
        canRestore: pair.before !== null && pair.changed,
        canKeepAsSwap: drafts.get(pair.originLineId) != null,
        role: line && (roles.get(line.id) ?? null),
        onPlate: line !== null && isOnPlate(line, swaps),
        uncounted: line !== null && (rawNow.get(line.id)?.uncounted ?? false),
        marks,
        before: (pair.before && rawWas.get(pair.before.id)?.raw) ?? none,
        after: (line && !line.leftOut && rawNow.get(line.id)?.raw) || none,
        menuOf: line !== null && work.menuOf === line.id ? version : null,
        amountOpen: line !== null && amountOf === line.id,
        actions: work.actions,
      }),
    ),
  );
  /** What the words beside the lines mean, where they stand. */
  const meanings = [
    rows.some((r) => r.uncounted && r.line?.food.kind !== 'nothing') && 'Uncounted: no program at the table counts it.',
    rows.some((r) => r.line?.kept) && 'Kept: no swap and no search touches it.',
    rows.some((r) => r.onPlate && r.line?.leftOut) && 'On the plate: as each likes it, and not counted here.',
  ].filter(Boolean);
  const keyed = rows.map((row, n) => ({ key: row.line?.id ?? `gone ${n}`, row }));

  return (
    <div ref={lines} style={{ '--most': most } as CSSProperties}>
      {inPairs ? (
        <table className="mt-3 w-full table-fixed text-left">
          <caption className="sr-only">
            The recipe as written beside the lighter one, a serving's points for each line
          </caption>
          <PairHead before={parent.kind === 'asWritten' ? 'As written' : parent.name} eaters={now.eaters} />
          <tbody>
            {keyed.map(({ key, row }) => (
              <PairRow key={key} {...row} />
            ))}
          </tbody>
        </table>
      ) : (
        <>
          {pointsOf !== null && now.eaters[pointsOf] && (
            <p className="mt-2 hidden text-right text-sm print:block">
              A serving's points for {now.eaters[pointsOf].eater.name} ({now.eaters[pointsOf].program.mark})
            </p>
          )}
          <ul
            aria-label="The lines, a serving's points for each"
            className="-mx-2 mt-3 print:mt-0 print:[&_[data-line]]:min-h-0 print:[&_[data-line]]:py-1"
          >
            {keyed.map(({ key, row }) => (
              <HandRow key={key} {...row} pointsOf={pointsOf} />
            ))}
          </ul>
        </>
      )}
      {meanings.length > 0 && <p className="mt-2 text-soft text-sm">{meanings.join(' ')}</p>}
      <LineToolDialog
        tool={work.tool}
        editor={editor}
        version={version}
        now={now}
        change={work.change}
        swap={work.swap}
        onClose={work.closeTool}
      />
      <AddLine
        label="Add a line"
        placeholder="Add a line, such as 300 g mushrooms"
        onAdd={async (text) => {
          const id = uuid();
          const line = lineOf(readIngredient(text, null, await readingIndex(), household.system), id);
          await editor.do(`Add ${line.item}`, [
            { kind: 'line', lineId: id, before: null, after: line, index: version.lines.length },
          ]);
        }}
      />
    </div>
  );
}

function PairHead({ before, eaters }: { before: string; eaters: readonly CountingEater[] }) {
  return (
    <thead>
      <tr className="border-rule border-b text-sm text-soft">
        <th scope="col" className="w-[23%] py-1.5 pr-3 pl-2 font-normal">
          {before}
        </th>
        <th scope="col" className="w-[13%] px-2 font-normal">
          Points
        </th>
        {eaters.map((e) => (
          <th key={e.eater.id} scope="col" className="w-11 px-1.5 text-right font-normal">
            <abbr title={`${e.eater.name}, ${e.program.name}`} className="no-underline">
              {e.program.mark}
            </abbr>
          </th>
        ))}
        <th scope="col" className="px-3 font-normal">
          Lightened
        </th>
        <th scope="col" className="no-print w-20 font-normal">
          <span className="sr-only">What to do</span>
        </th>
      </tr>
    </thead>
  );
}
