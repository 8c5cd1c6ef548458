import { Link } from 'react-router';
import type { BoxKind } from '../../core/cook/box-kind.ts';
import type { Box, BoxPlace } from '../../core/cook/cook.ts';
import type { Outcome } from '../../core/cook/divide.ts';
import { takenWords } from '../../core/cook/outcome-words.ts';
import { APART_WORDS } from '../../core/cook/packed-apart.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import type { Row } from '../saving/use-document.ts';

export const PLACE_WORDS: Readonly<Record<BoxPlace, string>> = { fridge: 'the fridge', freezer: 'the freezer' };

interface PackedBoxesProps {
  readonly out: Outcome;
  readonly cookId: string;
  readonly boxes: readonly Row<Box>[];
  readonly kinds: readonly BoxKind[];
  readonly onUnpack: (box: Row<Box>) => Promise<void>;
}

/** The boxes of a cook: what is in each, whose it is, and until when. */
export function PackedBoxes({ out, cookId, boxes, kinds, onUnpack }: PackedBoxesProps) {
  const { eaters } = useHousehold();
  if (boxes.length === 0) return null;
  const nameOf = (id: string | null): string => eaters.find((e) => e.id === id)?.name ?? 'anybody';
  return (
    <>
      {boxes.some((b) => b.taken === null) && (
        <p className="mt-3">
          <Link className="btn btn-small" to={`labels?cook=${cookId}`}>
            Labels to print
          </Link>
        </p>
      )}
      <ul className="mt-3 border-rule border-t">
        {boxes.map((b) => (
          <li key={b.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-rule border-b py-2">
            <span className="min-w-40 flex-1">
              {b.as === 'kits' ? 'A raw kit' : takenWords(out, b.share)} for {nameOf(b.eaterId)}
              <span className="block text-sm text-soft">
                {b.taken === null
                  ? `in ${PLACE_WORDS[b.place]}, until ${formatDay(b.keepUntil)}`
                  : `taken by ${b.taken.name}`}
                {b.kindId !== null && `, ${kinds.find((k) => k.id === b.kindId)?.name ?? 'a box'}`}
              </span>
              {b.apart.map((a) => (
                <span key={a.label} className="block text-sm text-soft">
                  {a.label}: {APART_WORDS[a.how]}
                </span>
              ))}
            </span>
            <span className="flex gap-3">
              {b.counts.map((c) => (
                <span key={c.key} className="whitespace-nowrap">
                  <span className="text-sm text-soft">{c.mark}</span> <strong>{formatPoints(c.points)}</strong>
                </span>
              ))}
            </span>
            {b.taken === null && (
              <button type="button" className="btn btn-plain btn-small" onClick={() => void onUnpack(b)}>
                Unpack
              </button>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}
