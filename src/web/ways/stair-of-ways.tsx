import { type CSSProperties, type PointerEvent, useRef, useState } from 'react';
import { formatPoints } from '../../core/program/format-points.ts';
import type { Swap } from '../../core/swap/swap.ts';
import { initialsOf } from '../../core/table/initials.ts';
import { costInFood } from '../../core/ways/cost-in-food.ts';
import type { WayStair } from '../../core/ways/stair-of-ways.ts';
import type { FrontierPoint, Way } from '../../core/ways/way.ts';
import { DepartureTicks } from './departure-ticks.tsx';
import { TreadOpened } from './tread-opened.tsx';
import type { WayWords } from './way-words.ts';

interface StairOfWaysProps {
  readonly stair: WayStair;
  /** What everyone counts now, in the order of the eaters. */
  readonly now: readonly number[];
  /** Whose stair it is. */
  readonly lead: number;
  readonly onLead: (at: number) => void;
  readonly swaps: readonly Swap[];
  readonly words: WayWords;
  /** Other ways to a tread that differ in kind. */
  readonly others: (points: number) => Promise<readonly Way[]>;
}

/** A place on the stair: where the dish is now, or a point that can be reached. */
interface StairRow {
  readonly points: readonly number[];
  readonly tread: FrontierPoint | null;
}

/**
 * Every point that can be reached as a tread of a stair that goes down: what each costs in food, and how far that is
 * from the family's dish. Everyone stands on theirs; who leads is moved by the arrows or by hand, the others follow.
 */
export function StairOfWays({ stair, now, lead, onLead, swaps, words, others }: StairOfWaysProps) {
  const { eaters } = words;
  const rows: StairRow[] = [
    { points: now, tread: null },
    ...stair.treads.filter((t) => t.way.changes.length > 0).map((tread) => ({ points: tread.way.points, tread })),
  ];
  const [at, setAt] = useState(0);
  const [open, setOpen] = useState<number | null>(null);
  const list = useRef<HTMLOListElement>(null);
  const initials = initialsOf(eaters.map((e) => e.eater.name));
  const stands = rows[Math.min(at, rows.length - 1)]!;
  /** The lowest tread that is not below what they count. */
  const rowOf = (eater: number): number => {
    if (eater === lead) return Math.min(at, rows.length - 1);
    const points = stands.points[eater]!;
    return Math.max(
      0,
      rows.findLastIndex((r) => r.points[lead]! >= points),
    );
  };
  const goTo = (row: number) => {
    const next = Math.min(rows.length - 1, Math.max(0, row));
    setAt(next);
    list.current?.querySelectorAll<HTMLElement>('[data-tread]')[next]?.focus();
  };
  const rowAt = (e: PointerEvent): number => {
    const tops = [...(list.current?.querySelectorAll('[data-tread]') ?? [])].map((r) => r.getBoundingClientRect().top);
    return Math.max(
      0,
      tops.findLastIndex((top) => top <= e.clientY),
    );
  };
  return (
    <ol
      ref={list}
      aria-label="The stair: every point that can be reached"
      className="way-stair"
      style={{ '--treads': rows.length + 1 } as CSSProperties}
    >
      {rows.map((row, i) => (
        <li key={row.tread?.points ?? 'now'} style={{ '--n': i } as CSSProperties} data-at={i === at || undefined}>
          <div className="flex items-stretch">
            <span className="flex w-16 shrink-0 items-end justify-start self-stretch pb-1 pl-1 desk:w-24">
              {eaters.map(
                (e, who) =>
                  rowOf(who) === i && (
                    <button
                      key={e.key}
                      type="button"
                      tabIndex={-1}
                      aria-hidden="true"
                      className={`stand -ml-4 first:ml-0 desk:-ml-2.5 ${who === lead ? 'z-10 cursor-grab border-beet bg-beet text-on-beet' : 'border-ink bg-sheet'}`}
                      onClick={() => who !== lead && onLead(who)}
                      onPointerDown={(p) => who === lead && p.currentTarget.setPointerCapture(p.pointerId)}
                      onPointerMove={(p) => p.currentTarget.hasPointerCapture(p.pointerId) && setAt(rowAt(p))}
                      onPointerUp={(p) => {
                        if (!p.currentTarget.hasPointerCapture(p.pointerId)) return;
                        p.currentTarget.releasePointerCapture(p.pointerId);
                        const to = rowAt(p);
                        if (to !== i || at !== i) setOpen(to === 0 ? null : to);
                      }}
                    >
                      {initials[who]}
                    </button>
                  ),
              )}
            </span>
            <button
              type="button"
              data-tread
              aria-expanded={row.tread === null ? undefined : open === i}
              className="grid min-h-14 min-w-0 flex-1 grid-cols-[3.25rem_minmax(0,1fr)] items-center gap-x-2 px-1 py-1.5 text-left hover:bg-beet-wash sm:grid-cols-[4rem_minmax(0,1fr)_auto]"
              onFocus={() => setAt(i)}
              onClick={() => row.tread !== null && setOpen(open === i ? null : i)}
              onKeyDown={(e) => {
                const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
                if (by === 0) return;
                e.preventDefault();
                goTo(i + by);
              }}
            >
              <strong className="font-head text-[2.125rem] leading-none">{formatPoints(row.points[lead]!)}</strong>
              <span className="min-w-0 text-[1.0625rem] leading-snug">
                {row.tread === null ? (
                  'as it is now'
                ) : (
                  <span className="line-clamp-3 sm:line-clamp-2">
                    {costInFood(row.tread.way.changes, stair.choices, swaps).join(', ')}
                  </span>
                )}
              </span>
              <span className="col-span-full flex flex-wrap items-center justify-between gap-x-4 text-sm text-soft sm:col-auto sm:flex-nowrap sm:justify-end">
                {eaters.length > 1 && (
                  <span className="flex gap-3">
                    {eaters.map((e, who) =>
                      who === lead ? null : (
                        <span key={e.key}>
                          {e.program.mark} <strong className="text-ink">{formatPoints(row.points[who]!)}</strong>
                        </span>
                      ),
                    )}
                  </span>
                )}
                {row.tread !== null && (
                  <span className="sm:w-36">
                    <DepartureTicks departure={row.tread.departure} />
                  </span>
                )}
              </span>
            </button>
          </div>
          {open === i && row.tread !== null && (
            <TreadOpened
              tread={row.tread}
              lead={eaters[lead]!.eater.name}
              choices={stair.choices}
              words={words}
              others={others}
            />
          )}
        </li>
      ))}
      {stair.below !== null && (
        <li data-below style={{ '--n': rows.length } as CSSProperties} className="py-3 pl-4 text-soft">
          {stair.below.points === null ? (
            <strong>No way can be found: </strong>
          ) : (
            <>
              <strong className="font-head text-xl">{formatPoints(stair.below.points)}</strong> cannot be reached.{' '}
            </>
          )}
          {stair.below.words.join(' ')}
        </li>
      )}
    </ol>
  );
}
