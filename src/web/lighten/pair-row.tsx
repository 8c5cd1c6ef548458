import { memo } from 'react';
import { formatShare } from '../../core/program/format-points.ts';
import { AmountField } from './amount-field.tsx';
import { LineBar } from './line-bar.tsx';
import { isSameRow, onRowKey, type RowProps } from './line-in-row.ts';
import { LineMenu } from './line-menu.tsx';
import { LineTags } from './line-tags.tsx';

/** One line before and after, side by side: what it counts for everyone, and what can be done about it. */
export const PairRow = memo(function PairRow(props: RowProps) {
  const { line, beforeText, first, changed, marks, before, after, actions } = props;
  return (
    <tr
      tabIndex={line ? 0 : undefined}
      data-line={line?.id}
      onKeyDown={(e) => onRowKey(e, line, actions)}
      className={`border-rule border-b align-middle ${line?.kept ? 'bg-mustard-wash' : ''}`}
    >
      <th
        scope="row"
        className={`py-2 pr-3 pl-2 font-normal ${beforeText === null ? 'text-soft italic' : changed ? 'text-soft line-through' : ''}`}
      >
        {first ? (beforeText ?? 'new') : <span className="sr-only">with {props.withItem}</span>}
      </th>
      <td className="px-2">
        <LineBar before={first ? Math.max(0, ...before) : 0} after={Math.max(0, ...after)} />
      </td>
      {marks.map((mark, i) => (
        <td key={mark} className="px-1.5 text-right font-bold font-head">
          {formatShare(after[i]!)}
        </td>
      ))}
      <td className="px-3 py-2">
        {line === null ? (
          <span className="text-soft">gone</span>
        ) : props.amountOpen ? (
          <AmountField line={line} onTyped={actions.typed} onDone={(taken) => actions.amountDone(line, taken)} />
        ) : (
          <span className={line.leftOut ? 'text-soft line-through' : ''} dir="auto">
            {line.text}
          </span>
        )}{' '}
        <LineTags {...props} />
      </td>
      <td className="no-print py-1.5 text-right">
        {line && (
          <LineMenu
            line={line}
            version={props.menuOf}
            canRestore={props.canRestore}
            canKeepAsSwap={props.canKeepAsSwap}
            actions={actions}
          />
        )}
      </td>
    </tr>
  );
}, isSameRow);
