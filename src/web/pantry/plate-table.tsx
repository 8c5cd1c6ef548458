import { Pin, X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { PinForm } from '../components/pin-form.tsx';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { Modal } from '../kit/modal.tsx';
import { PointsShown } from '../kit/points-shown.tsx';
import type { Plate } from './use-plate.ts';

interface PlateTableProps extends Pick<Plate, 'lines' | 'counted'> {
  readonly eaters: readonly CountingEater[];
  readonly onChange: (index: number, text: string) => void;
  readonly onTakeOff: (index: number) => void;
}

/** What lies on a plate, each for everyone who counts, apart and together; so far where something is not known. */
export function PlateTable({ lines, counted, eaters, onChange, onTakeOff }: PlateTableProps) {
  const soFar = lines.some((l) => l.grams === null);
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what may scroll sideways has to be reached by its keys
    <section aria-label="What lies on the plate" tabIndex={0} className="overflow-x-auto">
      <table className="w-full text-left">
        <thead>
          <tr className="border-rule border-b text-soft text-sm">
            <th scope="col" className="py-1.5 font-normal">
              On the plate
            </th>
            {eaters.map((e) => (
              <th key={e.eater.id} scope="col" className="px-2 text-right font-normal">
                <span className="mark">{e.program.mark}</span> <span className="sr-only">{e.eater.name}</span>
              </th>
            ))}
            <td />
          </tr>
        </thead>
        <tbody>
          {lines.map((l, i) => (
            <tr key={`${i}-${l.text}`} className="border-rule border-b">
              <th scope="row" className="py-1.5 font-normal">
                <PlateWords line={l} onChange={(text) => onChange(i, text)} />
              </th>
              {counted.map((c, e) => (
                <td key={eaters[e]!.eater.id} className="px-2 text-right">
                  {l.grams === null ? (
                    <span className="font-head text-figure">?</span>
                  ) : (
                    <PointsShown count={c.each[i]!} />
                  )}
                </td>
              ))}
              <td className="text-right">
                <button
                  type="button"
                  className="btn btn-plain btn-small px-2"
                  aria-label={`Take ${l.text} off`}
                  onClick={() => onTakeOff(i)}
                >
                  <X size={20} aria-hidden="true" />
                </button>
              </td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr className="border-rule border-b">
            <th scope="row" className="py-2 font-normal">
              each rounded, then added
            </th>
            {counted.map((c, e) => (
              <td key={eaters[e]!.eater.id} className="px-2 text-right">
                {formatPoints(c.apart)}
              </td>
            ))}
            <td />
          </tr>
          <tr>
            <th scope="row" className="py-2 font-semibold text-lg">
              the whole plate
            </th>
            {counted.map((c, e) => (
              <td key={eaters[e]!.eater.id} className="px-2 text-right">
                <PointsShown count={{ ...c.whole, complete: !soFar }} size="bar" />
              </td>
            ))}
            <td />
          </tr>
        </tfoot>
      </table>
    </section>
  );
}

interface PlateWordsProps {
  readonly line: Plate['lines'][number];
  readonly onChange: (text: string) => void;
}

/** A line of a plate with what it is read as; what is not known is asked here, and answered by other words. */
function PlateWords({ line: l, onChange }: PlateWordsProps) {
  const { household, pins } = useHousehold();
  const isPinned = pins.some((p) => p.foodId === l.food?.id);
  const [text, setText] = useState<string | null>(null);
  const [pinning, setPinning] = useState(false);
  const done = () => {
    if (text?.trim()) onChange(text.trim());
    setText(null);
  };
  if (text !== null) {
    return (
      <input
        // biome-ignore lint/a11y/noAutofocus: the field opens because the cook asked for it
        autoFocus
        className="field max-w-72"
        aria-label={`Other words for ${l.text}`}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={done}
        onKeyDown={(e) => {
          if (e.key === 'Enter') done();
          if (e.key === 'Escape') setText(null);
        }}
      />
    );
  }
  const asked = l.grams !== null ? null : l.food === null ? 'What is it?' : 'How much?';
  return (
    <>
      <span dir="auto">{l.text}</span>{' '}
      {asked === null ? (
        <span className="inline-flex flex-wrap items-center gap-2 text-soft text-sm">
          {l.food === null ? 'nothing to count' : `${l.food.name}, ${formatGrams(l.grams ?? 0)}`}
          {l.food && (
            <button
              type="button"
              className="btn btn-plain btn-small px-2"
              title="I know its points"
              aria-label={`I know the points of ${l.food.name}`}
              onClick={() => setPinning(true)}
            >
              <Pin size={18} aria-hidden="true" />
              {isPinned && 'pinned'}
            </button>
          )}
          {pinning && l.food && (
            <Modal title={`The points of ${l.food.name}`} onClose={() => setPinning(false)}>
              <PinForm food={l.food} grams={l.grams} open />
            </Modal>
          )}
        </span>
      ) : (
        <span className="inline-flex flex-wrap items-center gap-2 text-sm">
          {l.food && <span className="text-soft">{l.food.name}</span>}
          <button type="button" className="btn btn-small" onClick={() => setText(l.text)}>
            {asked}
          </button>
          {l.food === null && (
            <Link className="underline" to={`/h/${household.id}/pantry`}>
              Not in the pantry: add it from its label
            </Link>
          )}
        </span>
      )}
    </>
  );
}
