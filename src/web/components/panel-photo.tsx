import type { PanelField } from '../../core/photo/read-panel.ts';
import { Strip } from '../photo/strip.tsx';
import { TakePhoto } from '../photo/take-photo.tsx';
import type { Panel } from './use-panel.ts';

/** Takes a photograph of a nutrition panel, and says how it went. */
export function PanelPhoto({ panel: { state, open } }: { readonly panel: Panel }) {
  return (
    <div className="mt-3 flex flex-wrap items-center gap-x-3 gap-y-1">
      <TakePhoto words="Photograph the panel" onPhoto={open} isBusy={state?.is === 'reading'} />
      <p role="status" className="text-soft">
        {state?.is === 'reading' && 'Reading it on this device. It takes a few seconds.'}
        {state?.is === 'failed' && 'This photograph could not be read. Take a JPEG, PNG or WebP picture in good light.'}
        {state?.is === 'none' && 'No nutrition panel was read on it. Take it from above, flat and in good light.'}
        {state?.is === 'seen' && seenWords(state.fields)}
      </p>
    </div>
  );
}

function seenWords(fields: Extract<Panel['state'], { is: 'seen' }>['fields']): string {
  const asked = [...fields.values()].filter((f) => f.value === null).length;
  const taken = fields.size - asked;
  const compare = `${taken === 1 ? 'One value was' : `${taken} values were`} read: compare each with its strip.`;
  return asked === 0 ? compare : `${compare} ${asked === 1 ? 'One is' : `${asked} are`} unsure: say which it is.`;
}

/** The strip that a field was read from, and what it may be where that is asked. */
export function SeenInPanel({ panel, field, now }: { panel: Panel; field: PanelField; now: string }) {
  const { state, put } = panel;
  const seen = state?.is === 'seen' ? state.fields.get(field) : undefined;
  if (seen === undefined || state?.is !== 'seen') return null;
  const isAsked = seen.value === null && now === '';
  return (
    <div className="mt-1">
      <Strip picture={state.picture} box={seen.line.box} words={seen.line.text} />
      {isAsked && (
        <div className="mt-1 flex flex-wrap items-center gap-2 text-mustard">
          {seen.offers.length === 0 ? 'Type what it says.' : seen.offers.length === 1 ? 'Is it this?' : 'Which is it?'}
          {seen.offers.map((offer) => (
            <button key={offer} type="button" className="chip" onClick={() => put(field, offer)}>
              {offer}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
