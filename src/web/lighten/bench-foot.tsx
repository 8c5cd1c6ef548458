import { Check, ChevronUp, Undo2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { Link } from 'react-router';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { certaintyWords, formatPoints } from '../../core/program/format-points.ts';
import type { VersionEntry } from '../../core/version/entry.ts';
import type { CountingEater } from '../context/household-context.ts';
import { FootBar } from '../kit/foot-bar.tsx';
import { Menu } from '../kit/menu.tsx';
import { sayError } from '../kit/say-error.ts';
import type { VersionEditor } from '../saving/version-editor.ts';

interface BenchFootProps {
  readonly editor: VersionEditor;
  /** What would be undone; null for nothing. */
  readonly undo: VersionEntry | null;
  readonly eaters: readonly CountingEater[];
  readonly count: VersionCount;
  readonly was: VersionCount;
  /** Whose points the lines show; null for everyone's. */
  readonly chosen: number | null;
  readonly onChoose: (at: number | null) => void;
  readonly onFind: () => void;
}

/** Under the thumb at the bench: the points, of whom they are, the way back, and where to from here. */
export function BenchFoot(props: BenchFootProps) {
  const { editor, undo, onFind } = props;
  return (
    <FootBar label="The count and what is next">
      <WhosePoints {...props} />
      <button
        type="button"
        className="btn btn-plain px-2"
        disabled={undo === null}
        aria-label={undo === null ? 'Undo' : `Undo: ${undo.label}`}
        onClick={() => void Promise.resolve(editor.undo()).catch(sayError)}
      >
        <Undo2 size={24} aria-hidden="true" />
      </button>
      <button type="button" className="btn btn-main px-3" onClick={onFind}>
        Find a way
      </button>
      <Link to="../pass-on" relative="path" className="btn px-3">
        Pass on
      </Link>
    </FootBar>
  );
}

/** The points of whom the lines show them; pressed, everyone's, to choose from. */
function WhosePoints({ eaters, count, was, chosen, onChoose }: BenchFootProps) {
  const one = chosen === null ? null : eaters[chosen]!;
  const isNow = chosen === null ? null : count.counts[chosen]!;
  const sure = isNow && certaintyWords(isNow);
  return (
    <Menu
      side="top"
      buttonClass="flex min-h-touch min-w-0 flex-1 items-center gap-1.5 rounded-lg text-left"
      label={
        one && isNow
          ? `${formatPoints(isNow.points)} points for ${one.eater.name}${sure ? `, ${sure}` : ''}. Whose points the lines show.`
          : 'Points of everyone. Whose points the lines show.'
      }
      button={
        <>
          {' '}
          {one && isNow ? (
            <>
              <strong className="font-head text-[2.125rem] leading-none">{formatPoints(isNow.points)}</strong>
              <span className="min-w-0 text-soft text-sm leading-tight">
                <span className="block truncate">{one.eater.name}</span>
                <span className="block truncate text-mustard">
                  {sure ?? (
                    <span className="text-soft">
                      {isNow.points === was.counts[chosen!]!.points
                        ? one.program.mark
                        : `was ${formatPoints(was.counts[chosen!]!.points)}`}
                    </span>
                  )}
                </span>
              </span>
            </>
          ) : (
            <span className="flex gap-2.5">
              {eaters.map((e, i) => (
                <span key={e.key} className="text-center leading-tight">
                  <strong className="block font-head text-xl leading-none">
                    {formatPoints(count.counts[i]!.points)}
                  </strong>
                  <span className="text-mark text-soft">{e.program.mark}</span>
                </span>
              ))}
            </span>
          )}
          <ChevronUp size={18} className="shrink-0 text-soft" aria-hidden="true" />
        </>
      }
    >
      <DropdownMenu.Label className="px-3 pt-1 text-soft text-sm">The lines show the points of</DropdownMenu.Label>
      <DropdownMenu.RadioGroup
        value={chosen === null ? 'all' : String(chosen)}
        onValueChange={(v) => onChoose(v === 'all' ? null : Number(v))}
      >
        {eaters.map((e, i) => (
          <DropdownMenu.RadioItem key={e.key} value={String(i)} className="menu-item flex items-center gap-3">
            <span className="mark">{e.program.mark}</span>
            <span className="min-w-0 flex-1 truncate">{e.eater.name}</span>
            {was.counts[i]!.points !== count.counts[i]!.points && (
              <s className="text-soft">{formatPoints(was.counts[i]!.points)}</s>
            )}
            <strong className="font-head text-2xl">{formatPoints(count.counts[i]!.points)}</strong>
            <span className="w-20 text-mustard text-sm">{certaintyWords(count.counts[i]!)}</span>
            <Check size={20} aria-hidden="true" className={i === chosen ? '' : 'invisible'} />
          </DropdownMenu.RadioItem>
        ))}
        {eaters.length > 1 && (
          <DropdownMenu.RadioItem value="all" className="menu-item flex items-center gap-3">
            <span className="flex-1">everyone, side by side</span>
            <Check size={20} aria-hidden="true" className={chosen === null ? '' : 'invisible'} />
          </DropdownMenu.RadioItem>
        )}
      </DropdownMenu.RadioGroup>
      <DropdownMenu.Separator className="my-1 border-rule border-t" />
      <DropdownMenu.Item asChild>
        <a href="#count" className="menu-item">
          To the count: stairs, reasons, calories
        </a>
      </DropdownMenu.Item>
    </Menu>
  );
}
