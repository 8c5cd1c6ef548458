import { memo } from 'react';
import { formatShare } from '../../core/program/format-points.ts';
import { AmountField } from './amount-field.tsx';
import { LineBar } from './line-bar.tsx';
import { isSameRow, onRowKey, type RowProps } from './line-in-row.ts';
import { LineMenu } from './line-menu.tsx';
import { LineTags } from './line-tags.tsx';

interface HandRowProps extends RowProps {
  /** Whose points it shows: a place among the eaters, null for everyone. */
  readonly pointsOf: number | null;
}

/** One line as it is held in the hand: the whole row is what is pressed, and opens what can be done about it. */
export const HandRow = memo(function HandRow(props: HandRowProps) {
  const { line, beforeText, first, changed, marks, before, after, actions, pointsOf } = props;
  const shown = pointsOf === null ? marks.map((_, i) => i) : [pointsOf];
  const most = (raw: readonly number[]): number => Math.max(0, ...shown.map((i) => raw[i]!));
  const words = (
    <>
      <span className="flex items-end gap-3">
        <span className="min-w-0 flex-1">
          {changed && first && beforeText !== null && (
            <s className="block text-soft text-sm">
              <span className="sr-only">was </span>
              {beforeText}
            </s>
          )}
          {line === null ? (
            <span className="text-soft">gone</span>
          ) : (
            <span className={`mr-1.5 text-[1.0625rem] ${line.leftOut ? 'text-soft line-through' : ''}`} dir="auto">
              {line.text}
            </span>
          )}{' '}
          <LineTags {...props} />
        </span>
        <span className="flex shrink-0 gap-3 text-right">
          {shown.map((i) => (
            <span key={marks[i]}>
              {pointsOf === null && <span className="block text-mark text-soft leading-none">{marks[i]}</span>}
              <strong className="font-head text-figure">{formatShare(after[i]!)}</strong>
            </span>
          ))}
        </span>
      </span>
      <LineBar before={first ? most(before) : 0} after={most(after)} />
    </>
  );
  return (
    <li className={`border-rule border-b ${line?.kept ? 'bg-mustard-wash' : ''}`}>
      {line === null ? (
        <div className="px-2 py-2.5">{words}</div>
      ) : props.amountOpen ? (
        <div className="px-2 py-2.5">
          <AmountField line={line} onTyped={actions.typed} onDone={(taken) => actions.amountDone(line, taken)} />
        </div>
      ) : (
        <LineMenu
          line={line}
          version={props.menuOf}
          canRestore={props.canRestore}
          canKeepAsSwap={props.canKeepAsSwap}
          actions={actions}
          row={{ content: words, onKeyDown: (e) => onRowKey(e, line, actions) }}
        />
      )}
    </li>
  );
}, isSameRow);
