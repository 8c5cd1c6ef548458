import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { TECHNIQUE_SAID } from '../../core/dish/part-words.ts';
import { applySwap } from '../../core/swap/apply-swap.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import { restoreLine } from '../../core/swap/restore-line.ts';
import { roleOfLine } from '../../core/swap/role-of-line.ts';
import type { Swap } from '../../core/swap/swap.ts';
import type { SwapDraft } from '../../core/swap/swap-of-change.ts';
import { type Change, lineChange } from '../../core/version/entry.ts';
import type { LinePair } from '../../core/version/pair-lines.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { sayError } from '../kit/say-error.ts';
import { useLatest } from '../kit/use-latest.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import type { VersionEditor } from '../saving/version-editor.ts';
import { blankSwap } from '../swaps/blank-swap.ts';
import type { RowActions } from './line-in-row.ts';

/** The one tool that is open for a line; its menu may still be closing. */
export type LineTool =
  | { readonly kind: 'amount' | 'howMuch' | 'loss' | 'points'; readonly lineId: string }
  | { readonly kind: 'share'; readonly lineId: string; readonly swap: Swap }
  /** A swap of one's own is written from a line; `of` are the lines that were changed as it says. */
  | { readonly kind: 'write'; readonly swap: OwnSwap; readonly lineId: string; readonly of: readonly Line[] };

interface LineActions {
  readonly editor: VersionEditor;
  readonly version: Version;
  readonly pairs: readonly LinePair[];
  /** What of each pair could be kept as a swap, by the line it comes from. */
  readonly drafts: ReadonlyMap<string, SwapDraft | null>;
  readonly onTyped: (line: Line | null) => void;
  /** Goes from one row to the next by the keyboard. */
  readonly move: RowActions['move'];
}

/** What a cook does to a line at the bench, and which tool is open for it. */
export function useLineActions({ editor, version, pairs, drafts, onTyped, move }: LineActions) {
  const { household } = useHousehold();
  const { food, title } = useOpenRecipe();
  const { all: swaps } = useSwapShelf(household.id);
  const [menuOf, setMenuOf] = useState<string | null>(null);
  const [tool, setTool] = useState<LineTool | null>(null);

  const change = (line: Line, after: Line | null, label: string) =>
    editor.do(label, [lineChange(version, line.id, after)]);
  const swap = (line: Line, s: Swap, share: number = s.share) => {
    let changes: Change[];
    try {
      changes = applySwap(version, line.id, s, { food, title, system: household.system, newId: () => uuid() }, share);
    } catch (e) {
      sayError(e);
      return;
    }
    editor.do(`${line.item}: ${s.name}`, changes);
  };
  const write = (line: Line, draft: Partial<SwapDraft>, of: readonly Line[]) => {
    const role = roleOfLine(line, version, food, title) ?? 'flavour';
    setTool({ kind: 'write', swap: blankSwap(uuid(), { role, ...draft }), lineId: line.id, of });
  };
  const pairOf = (line: Line): LinePair | undefined => pairs.find((p) => p.after.some((l) => l.id === line.id));

  const actions = useLatest<RowActions>({
    openMenu: setMenuOf,
    typed: onTyped,
    move,
    amountDone: (line, after) => {
      setTool(null);
      onTyped(null);
      if (after) change(line, after, `Another amount of ${line.item}`);
    },
    swap: (line, s) => (s.kind === 'part' ? setTool({ kind: 'share', lineId: line.id, swap: s }) : swap(line, s)),
    amount: (line) => setTool({ kind: 'amount', lineId: line.id }),
    howMuch: (line) => setTool({ kind: 'howMuch', lineId: line.id }),
    points: (line) => setTool({ kind: 'points', lineId: line.id }),
    loss: (line) => setTool({ kind: 'loss', lineId: line.id }),
    technique: (line, technique) =>
      change(line, { ...line, technique }, `${line.item}: a step ${TECHNIQUE_SAID[technique]}`),
    role: (line, role) => change(line, { ...line, role, roleSaid: true }, `${line.item} is here for ${role}`),
    cooked: (line, grams) => {
      if (line.food.kind !== 'recipe') return;
      const { cooked: _, ...raw } = line.food;
      const food = grams === null ? raw : { ...raw, cooked: grams };
      change(line, { ...line, food }, `${line.item} is weighed ${grams === null ? 'raw' : 'cooked'}`);
    },
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
      if (draft) write(line, draft, pair.after);
    },
    writeSwap: (line) => line.food.kind === 'food' && write(line, { from: [line.food.foodId] }, []),
    restore: (line) => {
      const pair = pairOf(line);
      if (!pair?.before) return;
      editor.do(`${pair.before.item} as written`, restoreLine(version, pair, swaps));
    },
  });
  return { actions, menuOf, tool, closeTool: () => setTool(null), change, swap };
}
