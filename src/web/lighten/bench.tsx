import { type KeyboardEvent, useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { formatShare } from '../../core/program/format-points.ts';
import type { VersionCount } from '../../core/recipe/count-version.ts';
import type { Change } from '../../core/recipe/entry.ts';
import { lineChange } from '../../core/recipe/entry.ts';
import { type LinePair, pairLines } from '../../core/recipe/pair-lines.ts';
import { lineOf, readIngredient } from '../../core/recipe/read-ingredient.ts';
import type { Line, Version } from '../../core/recipe/version.ts';
import { applySwap, withWeight } from '../../core/swap/apply-swap.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import { roleOfLine } from '../../core/swap/role-of-line.ts';
import type { Swap } from '../../core/swap/swap.ts';
import { type SwapDraft, swapOfChange } from '../../core/swap/swap-of-change.ts';
import { isOnPlate } from '../../core/swap/swap-of-line.ts';
import { roleWords } from '../../core/swap/swap-words.ts';
import { useSwapShelf } from '../data/use-swap-shelf.ts';
import type { VersionEditor } from '../data/version-editor.ts';
import { AddLine } from '../parts/add-line.tsx';
import { sayError } from '../parts/say-error.ts';
import { useHousehold } from '../shell/household-context.ts';
import { type useCount, useOpenRecipe } from '../shell/recipe-context.ts';
import { blankSwap } from '../swaps/blank-swap.ts';
import { SwapForm } from '../swaps/swap-form.tsx';
import { AmountField } from './amount-field.tsx';
import { HowMuch } from './how-much.tsx';
import { ShareSlider } from './share-slider.tsx';
import { SwapMenu } from './swap-menu.tsx';

interface BenchProps {
  readonly editor: VersionEditor;
  readonly version: Version;
  readonly parent: Version;
  readonly now: ReturnType<typeof useCount>;
  readonly was: VersionCount;
}

/** Before and after in paired rows: what each line counts for everyone, and what can be done about it. */
export function Bench({ editor, version, parent, now, was }: BenchProps) {
  const { household } = useHousehold();
  const { food, index } = useOpenRecipe();
  const [amountOf, setAmountOf] = useState<string | null>(null);
  const [swapsOf, setSwapsOf] = useState<string | null>(null);
  const [howMuchOf, setHowMuchOf] = useState<string | null>(null);
  const asked = version.lines.find((l) => l.id === howMuchOf);
  const [sliding, setSliding] = useState<{ lineId: string; swap: Swap } | null>(null);
  const slid = version.lines.find((l) => l.id === sliding?.lineId);
  const [writing, setWriting] = useState<{ swap: OwnSwap; of: readonly Line[] } | null>(null);
  const { all: swaps } = useSwapShelf(household.id);
  const table = useRef<HTMLTableElement>(null);
  const pairs = pairLines(parent, version);
  const { eaters, count } = now;
  const most = Math.max(0.5, ...[...was.counts, ...count.counts].flatMap((c) => c.lines.map((l) => Math.abs(l.raw))));
  const rawOf = (counted: VersionCount, line: Line | null): number[] =>
    eaters.map((_, i) => (line === null ? 0 : (counted.counts[i]!.lines.find((l) => l.id === line.id)?.raw ?? 0)));
  const uncountedFor = (line: Line): boolean =>
    count.counts.length > 0 && count.counts.every((c) => c.lines.find((l) => l.id === line.id)?.uncounted != null);

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
  const keep = (line: Line) =>
    change(line, { ...line, kept: !line.kept }, line.kept ? `Let go of ${line.item}` : `Keep ${line.item}`);
  const leaveOut = (line: Line) =>
    change(
      line,
      { ...line, leftOut: !line.leftOut },
      line.leftOut ? `Put back ${line.item}` : `Leave out ${line.item}`,
    );

  const scale = (version.servings ?? 1) / (parent.servings ?? version.servings ?? 1);
  /** What was changed by hand in a pair, as a swap; null when nothing was. */
  const draftOf = (pair: LinePair): SwapDraft | null =>
    pair.before === null || !pair.changed || pair.after.some((l) => l.swapId !== null)
      ? null
      : swapOfChange(pair.before, pair.after, roleOfLine(pair.before, parent, food), scale);
  const writeSwap = (line: Line, draft: Partial<SwapDraft>, of: readonly Line[]) =>
    setWriting({ swap: blankSwap(uuid(), { role: roleOfLine(line, version, food) ?? 'flavour', ...draft }), of });

  const onKey = (line: Line) => (e: KeyboardEvent<HTMLTableRowElement>) => {
    if (e.target !== e.currentTarget || e.ctrlKey || e.metaKey || e.altKey) return;
    const rows = [...(table.current?.querySelectorAll<HTMLTableRowElement>('tbody tr[tabindex]') ?? [])];
    const at = rows.indexOf(e.currentTarget);
    const key = e.key.toLowerCase();
    if (key === 'arrowdown') rows[at + 1]?.focus();
    else if (key === 'arrowup') rows[at - 1]?.focus();
    else if (key === 's') setSwapsOf(line.id);
    else if (key === 'k') keep(line);
    else if (key === 'a') setAmountOf(line.id);
    else if (key === 'x') leaveOut(line);
    else if (key === 'm' && line.weight !== null) setHowMuchOf(line.id);
    else return;
    e.preventDefault();
  };

  return (
    <>
      <table ref={table} className="mt-3 block w-full text-left lg:table">
        <caption className="sr-only">
          The recipe as written beside the lighter one, a serving's points for each line
        </caption>
        <thead className="hidden lg:table-header-group">
          <tr className="border-rule border-b text-sm text-soft">
            <th scope="col" className="py-1.5 pr-2 pl-2 font-normal">
              {parent.kind === 'asWritten' ? 'As written' : parent.name}
            </th>
            <th scope="col" className="w-32 px-2 font-normal">
              Points a serving
            </th>
            {eaters.map((e) => (
              <th key={e.eater.id} scope="col" className="px-1.5 text-right font-normal">
                <abbr title={`${e.eater.name}, ${e.program.name}`} className="no-underline">
                  {e.program.mark}
                </abbr>
              </th>
            ))}
            <th scope="col" className="px-3 font-normal">
              Lightened
            </th>
            <th scope="col" className="font-normal">
              <span className="sr-only">What to do</span>
            </th>
          </tr>
        </thead>
        <tbody className="block lg:table-row-group">
          {pairs.flatMap((pair) => {
            const rows = pair.after.length > 0 ? pair.after : [null];
            const before = rawOf(was, pair.before);
            const draft = draftOf(pair);
            return rows.map((line, n) => {
              const after = rawOf(count, line && !line.leftOut ? line : null);
              const gone = line === null || line.leftOut;
              return (
                <tr
                  key={line?.id ?? pair.originLineId}
                  tabIndex={line ? 0 : undefined}
                  onKeyDown={line ? onKey(line) : undefined}
                  className={`grid grid-cols-[1fr_auto] gap-x-3 border-rule border-b px-2 py-2 align-middle lg:table-row lg:p-0 ${line?.kept ? 'bg-mustard-wash' : ''}`}
                >
                  <th
                    scope="row"
                    className={`col-span-2 font-normal lg:py-2 lg:pr-2 lg:pl-2 ${pair.before === null ? 'text-soft italic' : pair.changed ? 'text-soft line-through' : ''}`}
                  >
                    {n === 0 ? (
                      (pair.before?.text ?? 'new')
                    ) : (
                      <span className="sr-only">with {pair.after[0]!.item}</span>
                    )}
                  </th>
                  <td className="min-w-24 self-center lg:px-2">
                    <Bar before={n === 0 ? Math.max(0, ...before) : 0} after={Math.max(0, ...after)} most={most} />
                    {line && !gone && line.food.kind === 'nothing' && (
                      <span className="text-sm text-soft italic">nothing to count</span>
                    )}
                    {line && !gone && line.food.kind !== 'nothing' && uncountedFor(line) && (
                      <span className="text-sm text-soft italic">uncounted</span>
                    )}
                  </td>
                  <td className="whitespace-nowrap text-right lg:hidden">
                    {eaters.map((e, i) => (
                      <span key={e.eater.id} className="ml-3">
                        <span className="text-sm text-soft">{e.program.mark}</span>{' '}
                        <strong>{formatShare(after[i]!)}</strong>
                      </span>
                    ))}
                  </td>
                  {eaters.map((e, i) => (
                    <td key={e.eater.id} className="hidden px-1.5 text-right font-bold font-head lg:table-cell">
                      {formatShare(after[i]!)}
                    </td>
                  ))}
                  <td className="lg:px-3 lg:py-2">
                    {line === null ? (
                      <span className="text-soft">gone</span>
                    ) : amountOf === line.id ? (
                      <AmountField
                        line={line}
                        onDone={(after2) => {
                          setAmountOf(null);
                          if (after2) change(line, after2, `Another amount of ${line.item}`);
                        }}
                      />
                    ) : (
                      <span className={line.leftOut ? 'text-soft line-through' : ''}>{line.text}</span>
                    )}{' '}
                    {line?.kept && <span className="tag text-mustard">kept</span>}
                    {line?.leftOut && (
                      <span className="tag">{isOnPlate(line, swaps) ? 'on the plate' : 'left out'}</span>
                    )}
                    {line?.swapId && !line.leftOut && <span className="tag">swapped</span>}
                    {line?.role && !line.swapId && !gone && <span className="tag">{roleWords(line.role)}</span>}
                  </td>
                  <td className="self-start justify-self-end lg:py-1.5 lg:text-right">
                    {line && (
                      <SwapMenu
                        line={line}
                        version={version}
                        open={swapsOf === line.id}
                        onOpenChange={(isOpen) => setSwapsOf(isOpen ? line.id : null)}
                        onSwap={(s) => (s.kind === 'part' ? setSliding({ lineId: line.id, swap: s }) : swap(line, s))}
                        onAmount={() => setAmountOf(line.id)}
                        onHowMuch={() => setHowMuchOf(line.id)}
                        onRole={(role) => change(line, { ...line, role }, `${line.item} is here for ${role}`)}
                        onKeep={() => keep(line)}
                        onLeaveOut={() => leaveOut(line)}
                        onKeepAsSwap={draft === null ? null : () => writeSwap(line, draft, pair.after)}
                        onWriteSwap={() =>
                          line.food.kind === 'food' && writeSwap(line, { from: [line.food.foodId] }, [])
                        }
                        onAsWritten={
                          pair.before && pair.changed
                            ? () => {
                                const others = pair.after.slice(1).map((l) => lineChange(version, l.id, null));
                                const first = pair.after[0]!;
                                editor.do(`${pair.before!.item} as written`, [
                                  lineChange(version, first.id, { ...pair.before!, id: first.id }),
                                  ...others,
                                ]);
                              }
                            : null
                        }
                      />
                    )}
                  </td>
                </tr>
              );
            });
          })}
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
        onAdd={(text) => {
          const id = uuid();
          const line = lineOf(readIngredient(text, null, index, household.system), id);
          editor.do(`Add ${line.item}`, [
            { kind: 'line', lineId: id, before: null, after: line, index: version.lines.length },
          ]);
        }}
      />
    </>
  );
}

/** A line's points as a bar; what was taken away stays as hatching behind it. */
function Bar({ before, after, most }: { before: number; after: number; most: number }) {
  if (before < 0.05 && after < 0.05) return null;
  return (
    <span className="relative block h-3 w-full max-w-32" aria-hidden="true">
      <span className="hatch absolute inset-y-0 left-0 rounded-sm" style={{ width: `${(100 * before) / most}%` }} />
      <span
        className="absolute inset-y-0 left-0 rounded-sm bg-ink transition-[width] duration-150"
        style={{ width: `${(100 * after) / most}%` }}
      />
    </span>
  );
}
