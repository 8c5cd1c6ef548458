import { type CSSProperties, useEffect, useMemo, useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { applySwap, withWeight } from '../../core/swap/apply-swap.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import { restoreLine } from '../../core/swap/restore-line.ts';
import { roleOfLine } from '../../core/swap/role-of-line.ts';
import type { Swap } from '../../core/swap/swap.ts';
import { type SwapDraft, swapOfChange } from '../../core/swap/swap-of-change.ts';
import { isOnPlate } from '../../core/swap/swap-of-line.ts';
import type { Change } from '../../core/version/entry.ts';
import { lineChange } from '../../core/version/entry.ts';
import { lineOf } from '../../core/version/line-of.ts';
import { type LinePair, pairLines } from '../../core/version/pair-lines.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { readIngredient } from '../../core/weighing/read-ingredient.ts';
import { AddLine } from '../components/add-line.tsx';
import { sayError } from '../components/say-error.ts';
import { useLatest } from '../components/use-latest.ts';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { type useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { useReadingIndex } from '../data/use-pantry-index.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import type { VersionEditor } from '../saving/version-editor.ts';
import { blankSwap } from '../swaps/blank-swap.ts';
import { SwapForm } from '../swaps/swap-form.tsx';
import { HowMuch } from './how-much.tsx';
import { BenchRow, type RowActions } from './line-row.tsx';
import { ShareSlider } from './share-slider.tsx';

interface BenchProps {
  readonly editor: VersionEditor;
  readonly version: Version;
  readonly parent: Version;
  readonly now: ReturnType<typeof useCount>;
  readonly was: VersionCount;
  /** A line as it would be with what is being typed; null when nothing is. */
  readonly onTyped: (line: Line | null) => void;
}

/** Before and after in paired rows: what each line counts for everyone, and what can be done about it. */
export function LineTable({ editor, version, parent, now, was, onTyped }: BenchProps) {
  const { household } = useHousehold();
  const { food, foods } = useOpenRecipe();
  const readingIndex = useReadingIndex(household.id, foods);
  const { all: swaps } = useSwapShelf(household.id);
  const [amountOf, setAmountOf] = useState<string | null>(null);
  const [menuOf, setMenuOf] = useState<string | null>(null);
  const [howMuchOf, setHowMuchOf] = useState<string | null>(null);
  const [sliding, setSliding] = useState<{ lineId: string; swap: Swap } | null>(null);
  const [writing, setWriting] = useState<{ swap: OwnSwap; of: readonly Line[] } | null>(null);
  const asked = version.lines.find((l) => l.id === howMuchOf);
  const slid = version.lines.find((l) => l.id === sliding?.lineId);
  const table = useRef<HTMLTableElement>(null);
  const { eaters, count } = now;
  const pairs = useMemo(() => pairLines(parent, version), [parent, version]);
  const marks = useMemo(() => eaters.map((e) => e.program.mark), [eaters]);
  const rawNow = useMemo(() => rawByLine(count), [count]);
  const rawWas = useMemo(() => rawByLine(was), [was]);
  const roles = useMemo(() => new Map(version.lines.map((l) => [l.id, roleOfLine(l, version, food)])), [version, food]);
  const none = useMemo(() => eaters.map(() => 0), [eaters]);
  const drafts = useMemo(() => {
    const scale = (version.servings ?? 1) / (parent.servings ?? version.servings ?? 1);
    return new Map(pairs.map((p) => [p.originLineId, draftOf(p, parent, scale, food)]));
  }, [pairs, parent, version.servings, food]);
  const widest = barScale(Math.max(0, ...[...rawNow.values(), ...rawWas.values()].flatMap((l) => l.raw.map(Math.abs))));
  // While an amount is typed the bars keep their scale: another one moves all of them, at a key.
  const held = useRef(widest);
  useEffect(() => {
    if (amountOf === null) held.current = widest;
  }, [amountOf, widest]);
  const most = amountOf === null ? widest : held.current;

  const change = (line: Line, after: Line | null, label: string) =>
    editor.do(label, [lineChange(version, line.id, after)]);
  const swap = (line: Line, s: Swap, share: number = s.share) => {
    const context = { food, system: household.system, newId: () => uuid() };
    let changes: Change[];
    try {
      changes = applySwap(version, line.id, s, context, share);
    } catch (e) {
      sayError(e);
      return;
    }
    editor.do(`${line.item}: ${s.name}`, changes);
  };
  const writeSwap = (line: Line, draft: Partial<SwapDraft>, of: readonly Line[]) =>
    setWriting({ swap: blankSwap(uuid(), { role: roleOfLine(line, version, food) ?? 'flavour', ...draft }), of });
  const pairOf = (line: Line): LinePair | undefined => pairs.find((p) => p.after.some((l) => l.id === line.id));

  const actions = useLatest<RowActions>({
    openMenu: setMenuOf,
    typed: onTyped,
    move: (row, by) => {
      const rows = [...(table.current?.querySelectorAll<HTMLTableRowElement>('tbody tr[tabindex]') ?? [])];
      rows[rows.indexOf(row) + by]?.focus();
    },
    amountDone: (line, after) => {
      setAmountOf(null);
      onTyped(null);
      if (after) change(line, after, `Another amount of ${line.item}`);
    },
    swap: (line, s) => (s.kind === 'part' ? setSliding({ lineId: line.id, swap: s }) : swap(line, s)),
    amount: (line) => setAmountOf(line.id),
    howMuch: (line) => setHowMuchOf(line.id),
    role: (line, role) => change(line, { ...line, role }, `${line.item} is here for ${role}`),
    keep: (line) =>
      change(line, { ...line, kept: !line.kept }, line.kept ? `Let go of ${line.item}` : `Keep ${line.item}`),
    leaveOut: (line) =>
      change(
        line,
        { ...line, leftOut: !line.leftOut },
        line.leftOut ? `Put back ${line.item}` : `Leave out ${line.item}`,
      ),
    keepAsSwap: (line) => {
      const pair = pairOf(line);
      const draft = pair && drafts.get(pair.originLineId);
      if (draft) writeSwap(line, draft, pair.after);
    },
    writeSwap: (line) => line.food.kind === 'food' && writeSwap(line, { from: [line.food.foodId] }, []),
    restore: (line) => {
      const pair = pairOf(line);
      if (!pair?.before) return;
      editor.do(`${pair.before.item} as written`, restoreLine(version, pair, swaps));
    },
  });

  return (
    <>
      <table
        ref={table}
        className="mt-3 block w-full table-fixed text-left lg:table"
        style={{ '--most': most } as CSSProperties}
      >
        <caption className="sr-only">
          The recipe as written beside the lighter one, a serving's points for each line
        </caption>
        <Head before={parent.kind === 'asWritten' ? 'As written' : parent.name} eaters={eaters} />
        <tbody className="block lg:table-row-group">
          {pairs.flatMap((pair) =>
            (pair.after.length > 0 ? pair.after : [null]).map((line, n) => (
              <BenchRow
                key={line?.id ?? pair.originLineId}
                line={line}
                beforeText={pair.before?.text ?? null}
                first={n === 0}
                withItem={pair.after[0]?.item ?? ''}
                changed={pair.changed}
                canRestore={pair.before !== null && pair.changed}
                canKeepAsSwap={drafts.get(pair.originLineId) != null}
                role={line && (roles.get(line.id) ?? null)}
                onPlate={line !== null && isOnPlate(line, swaps)}
                uncounted={line !== null && (rawNow.get(line.id)?.uncounted ?? false)}
                marks={marks}
                before={(pair.before && rawWas.get(pair.before.id)?.raw) ?? none}
                after={(line && !line.leftOut && rawNow.get(line.id)?.raw) || none}
                menuOf={line !== null && menuOf === line.id ? version : null}
                amountOpen={line !== null && amountOf === line.id}
                actions={actions}
              />
            )),
          )}
        </tbody>
      </table>
      {writing && (
        <SwapForm
          title={writing.of.length > 0 ? 'Keep this change as a swap' : 'A swap of your own'}
          swap={writing.swap}
          onClose={() => setWriting(null)}
          onKept={(kept) => {
            setWriting(null);
            const marked = writing.of.map((l) => lineChange(version, l.id, { ...l, swapId: kept.id }));
            if (marked.length > 0) editor.do(`Keep as a swap: ${kept.name}`.slice(0, 200), marked);
          }}
        />
      )}
      {sliding && slid && (
        <ShareSlider
          line={slid}
          version={version}
          swap={sliding.swap}
          onClose={() => setSliding(null)}
          onTake={(share) => {
            setSliding(null);
            swap(slid, sliding.swap, share);
          }}
        />
      )}
      {asked && (
        <HowMuch
          line={asked}
          count={count}
          eaters={eaters}
          onClose={() => setHowMuchOf(null)}
          onTake={(grams) => {
            setHowMuchOf(null);
            const own = asked.food.kind === 'food' ? food(asked.food.foodId) : null;
            const weight = { grams, low: grams, high: grams, from: 'weight' as const };
            change(asked, withWeight(asked, weight, own, household.system), `As much ${asked.item} as may stay`);
          }}
        />
      )}
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
    </>
  );
}

interface LineRaw {
  readonly raw: readonly number[];
  /** Whether nobody counts it. */
  readonly uncounted: boolean;
}

/** The largest bar's points, in steps of doubling and half between, so that the bars keep still while one is typed. */
const barScale = (most: number): number => {
  const step = 2 ** Math.ceil(Math.log2(Math.max(0.5, most)));
  return most <= step * 0.75 ? step * 0.75 : step;
};

/** Every line's unrounded points, by eater. */
function rawByLine(count: VersionCount): ReadonlyMap<string, LineRaw> {
  const lines = count.counts.map((c) => c.lines);
  return new Map(
    (lines[0] ?? []).map((l, n) => [
      l.id,
      { raw: lines.map((ls) => ls[n]!.raw), uncounted: lines.every((ls) => ls[n]!.uncounted !== null) },
    ]),
  );
}

/** What was changed by hand in a pair, as a swap; null when nothing was. */
function draftOf(
  pair: LinePair,
  parent: Version,
  scale: number,
  food: Parameters<typeof roleOfLine>[2],
): SwapDraft | null {
  if (pair.before === null || !pair.changed || pair.after.some((l) => l.swapId !== null)) return null;
  return swapOfChange(pair.before, pair.after, roleOfLine(pair.before, parent, food), scale);
}

function Head({ before, eaters }: { before: string; eaters: readonly CountingEater[] }) {
  return (
    <thead className="hidden lg:table-header-group">
      <tr className="border-rule border-b text-sm text-soft">
        <th scope="col" className="w-40 py-1.5 pr-2 pl-2 font-normal">
          {before}
        </th>
        <th scope="col" className="w-32 px-2 font-normal">
          Points a serving
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
        <th scope="col" className="w-20 font-normal">
          <span className="sr-only">What to do</span>
        </th>
      </tr>
    </thead>
  );
}
