import { useState } from 'react';
import { Link } from 'react-router';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { connectedScale, connectScale, disconnectScale, SCALE_SOURCES } from './connected-scale.ts';
import type { HeardScale } from './use-scale.ts';

interface ScaleHeadProps {
  readonly scale: HeardScale;
  /** What is shown large, g: what was weighed, not what stands there. */
  readonly net: number | null;
}

/** What the scale shows, what is wrong with it, and which scale it is. */
export function ScaleHead({ scale, net }: ScaleHeadProps) {
  const { household } = useHousehold();
  const [name, setName] = useState(connectedScale);
  const { last, trouble } = scale;
  const sources = SCALE_SOURCES.filter((s) => s.canBe());
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-4">
        <output aria-label="Weighed" className="font-bold font-head text-6xl leading-none">
          {net === null ? '–' : formatGrams(Math.round(net))}
        </output>
        <span className="text-soft">
          {last?.state === 'on' ? (last.steady ? 'steady' : 'settling') : ''}
          {last?.state === 'on' && last.unit !== 'g' && `, its display is in ${last.unit}`}
        </span>
      </p>
      {trouble !== null && (
        <div className="note mt-3" role="alert">
          <p>{trouble.words}</p>
          {(trouble.kind === 'off' || trouble.kind === 'silent') && name === null && (
            <button
              type="button"
              className="btn btn-small mt-1"
              onClick={() => void scale.act({ do: 'press', key: 'on' }).catch(sayError)}
            >
              Switch the practice scale on
            </button>
          )}
        </div>
      )}
      <p className="mt-2 flex flex-wrap items-center gap-2 text-sm text-soft">
        {name ?? 'The practice scale'}
        {name === null ? (
          <Link className="btn btn-plain btn-small" target="_blank" to={`/h/${household.id}/scale`}>
            Its panel
          </Link>
        ) : (
          <button
            type="button"
            className="btn btn-plain btn-small"
            onClick={() => {
              disconnectScale();
              setName(null);
            }}
          >
            Let go of it
          </button>
        )}
        {name === null &&
          sources.map((s) => (
            <button
              key={s.name}
              type="button"
              className="btn btn-plain btn-small"
              onClick={() =>
                void connectScale(household.id, s).then(
                  () => {
                    setName(connectedScale());
                    sayDone(`${s.name} is connected.`);
                  },
                  (e) => sayError(e instanceof DOMException ? new Error('No scale was chosen.') : e),
                )
              }
            >
              {s.name}
            </button>
          ))}
      </p>
    </>
  );
}
