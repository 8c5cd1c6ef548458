import { withWeight } from '../../core/swap/apply-swap.ts';
import { shelfOf } from '../../core/swap/own-swap.ts';
import { lineChange } from '../../core/version/entry.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { expectedLoss } from '../../core/yield/expected-loss.ts';
import { LossDialog } from '../components/loss-dialog.tsx';
import { PinForm } from '../components/pin-form.tsx';
import { useHousehold } from '../context/household-context.ts';
import { type useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { Modal } from '../kit/modal.tsx';
import type { VersionEditor } from '../saving/version-editor.ts';
import { SwapForm } from '../swaps/swap-form.tsx';
import { HowMuch } from './how-much.tsx';
import { ShareSlider } from './share-slider.tsx';
import type { LineTool, useLineActions } from './use-line-actions.ts';

interface LineToolDialogProps {
  readonly tool: LineTool | null;
  readonly editor: VersionEditor;
  readonly version: Version;
  readonly now: ReturnType<typeof useCount>;
  readonly change: ReturnType<typeof useLineActions>['change'];
  readonly swap: ReturnType<typeof useLineActions>['swap'];
  readonly onClose: () => void;
}

/** The dialog of the tool that is open over a line; an amount opens in the row itself. */
export function LineToolDialog({ tool, editor, version, now, change, swap, onClose }: LineToolDialogProps) {
  const { household } = useHousehold();
  const { food, title } = useOpenRecipe();
  if (tool === null) return null;
  if (tool.kind === 'write') {
    return (
      <SwapForm
        title={tool.of.length > 0 ? 'Keep this change as a swap' : 'A swap of your own'}
        swap={tool.swap}
        onClose={onClose}
        onKept={(kept) => {
          onClose();
          // One that was written from a line is meant for it: it is used at once.
          const from = version.lines.find((l) => l.id === tool.lineId);
          const [ready] = shelfOf([kept], []).offered;
          if (tool.of.length === 0 && from && ready) return swap(from, ready);
          const marked = tool.of.map((l) => lineChange(version, l.id, { ...l, swapId: kept.id }));
          if (marked.length > 0) editor.do(`Keep as a swap: ${kept.name}`.slice(0, 200), marked);
        }}
      />
    );
  }
  const line = version.lines.find((l) => l.id === tool.lineId);
  if (line === undefined) return null;
  if (tool.kind === 'share') {
    return (
      <ShareSlider
        line={line}
        version={version}
        swap={tool.swap}
        onClose={onClose}
        onTake={(share) => {
          onClose();
          swap(line, tool.swap, share);
        }}
      />
    );
  }
  if (tool.kind === 'loss') {
    return (
      <LossDialog
        line={line}
        expected={expectedLoss(line, version, food, title)}
        onClose={onClose}
        onTake={(loss) => {
          onClose();
          change(line, { ...line, loss }, `What of ${line.item} is not eaten`);
        }}
      />
    );
  }
  if (tool.kind === 'points') {
    const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
    if (own === null) return null;
    return (
      <Modal title={`The points of ${own.name}`} onClose={onClose}>
        <PinForm food={own} grams={line.weight?.grams ?? null} open />
      </Modal>
    );
  }
  if (tool.kind !== 'howMuch') return null;
  const weighed = (grams: number): Line => {
    const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
    return withWeight(line, { grams, low: grams, high: grams, from: 'weight' }, own, household.system);
  };
  return (
    <HowMuch
      line={line}
      count={now.count}
      eaters={now.eaters}
      onClose={onClose}
      onTake={(grams) => {
        onClose();
        change(line, weighed(grams), `As much ${line.item} as may stay`);
      }}
    />
  );
}
