import { roleWords } from '../../core/swap/swap-words.ts';
import { isLeftBehind } from '../../core/version/line-loss.ts';
import { lossWords } from '../../core/yield/loss-words.ts';
import type { RowProps } from './line-in-row.ts';

/** What is to be known of a line beside its words: kept, left out, swapped, uncounted, its part. */
export function LineTags({
  line,
  onPlate,
  uncounted,
  role,
}: Pick<RowProps, 'line' | 'onPlate' | 'uncounted' | 'role'>) {
  if (line === null) return null;
  return (
    <span className="[&>*:not(:first-child)]:ml-1.5">
      {line.kept && <span className="tag text-mustard">kept</span>}
      {line.leftOut && <span className="tag">{onPlate ? 'on the plate' : 'left out'}</span>}
      {line.swapId && !line.leftOut && <span className="tag">swapped</span>}
      {!line.leftOut && line.food.kind === 'nothing' && (
        <span className="text-sm text-soft italic">nothing to count</span>
      )}
      {!line.leftOut && line.food.kind !== 'nothing' && uncounted && (
        <span className="text-sm text-soft italic">uncounted</span>
      )}
      {role && !line.swapId && !line.leftOut && <span className="tag">{roleWords(role)}</span>}
      {line.loss && !line.leftOut && isLeftBehind(line.loss) && (
        <span className="!ml-0 block text-soft text-sm">{lossWords(line.loss)}</span>
      )}
    </span>
  );
}
