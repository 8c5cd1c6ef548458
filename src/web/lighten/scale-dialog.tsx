import { useState } from 'react';
import { Servings } from '../../contract/primitives.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { panFactor, panInSteps, readPan } from '../../core/version/pan.ts';
import { scaleChanges, scaleChangesBy } from '../../core/version/scale-version.ts';
import type { Version } from '../../core/version/version.ts';
import { Modal } from '../kit/modal.tsx';
import type { VersionEditor } from '../saving/version-editor.ts';

interface ScaleFormProps {
  readonly version: Version;
  readonly onScale: (label: string, changes: ReturnType<typeof scaleChanges>) => void;
}

interface ScaleDialogProps {
  readonly editor: VersionEditor;
  readonly version: Version;
  readonly onClose: () => void;
}

/** Makes the version for other servings, for another pan by its area, or half and double; every amount goes along. */
export function ScaleDialog({ editor, version, onClose }: ScaleDialogProps) {
  const done: ScaleFormProps['onScale'] = (label, changes) => {
    if (changes.length > 0) editor.do(label, changes);
    onClose();
  };
  return (
    <Modal title="Make more or less" onClose={onClose}>
      <div className="space-y-5">
        {version.servings !== null && <ForServings version={version} onScale={done} />}
        <CutInto version={version} onScale={done} />
        <div className="flex gap-2">
          <button type="button" className="btn" onClick={() => done('Make half', scaleChangesBy(version, 0.5))}>
            Half of it
          </button>
          <button type="button" className="btn" onClick={() => done('Make double', scaleChangesBy(version, 2))}>
            Double it
          </button>
        </div>
        <ForPan version={version} onScale={done} />
      </div>
    </Modal>
  );
}

/** Asks for how many servings. */
function ForServings({ version, onScale }: ScaleFormProps) {
  const [servings, setServings] = useState(version.servings === null ? '' : trimmed(version.servings, 2));
  const parsed = Servings.safeParse(servings.trim() === '' ? Number.NaN : Number(servings.replace(',', '.')));
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (parsed.success) onScale(`Make it for ${trimmed(parsed.data, 2)}`, scaleChanges(version, parsed.data));
      }}
    >
      <label className="label" htmlFor="scale-servings">
        Make it for
      </label>
      <div className="flex gap-2">
        <input
          id="scale-servings"
          inputMode="decimal"
          className="field w-24"
          value={servings}
          aria-invalid={!parsed.success}
          onChange={(e) => setServings(e.target.value)}
        />
        <button type="submit" className="btn" disabled={!parsed.success}>
          Scale
        </button>
      </div>
      {!parsed.success && (
        <p role="alert" className="text-beet text-sm">
          Above 0, at most 500.
        </p>
      )}
    </form>
  );
}

/** The same dish in another number of servings: nothing of it is more or less, only each piece is. */
function CutInto({ version, onScale }: ScaleFormProps) {
  const [pieces, setPieces] = useState('');
  const parsed = Servings.safeParse(pieces.trim() === '' ? Number.NaN : Number(pieces.replace(',', '.')));
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (parsed.success)
          onScale(`Cut it into ${trimmed(parsed.data, 2)}`, [
            { kind: 'servings', before: version.servings, after: parsed.data },
          ]);
      }}
    >
      <label className="label" htmlFor="cut-into">
        The same dish, cut into
      </label>
      <div className="flex gap-2">
        <input
          id="cut-into"
          inputMode="decimal"
          className="field w-24"
          placeholder={version.servings === null ? '8' : trimmed(version.servings, 2)}
          value={pieces}
          aria-invalid={pieces.trim() !== '' && !parsed.success}
          onChange={(e) => setPieces(e.target.value)}
        />
        <button type="submit" className="btn" disabled={!parsed.success}>
          Cut
        </button>
      </div>
    </form>
  );
}

/** Asks for the recipe's pan, which the steps may name, and the cook's own. */
function ForPan({ version, onScale }: ScaleFormProps) {
  const [from, setFrom] = useState(panInSteps(version.steps) ?? '');
  const [to, setTo] = useState('');
  const pans = { from: readPan(from), to: readPan(to) };
  const factor = pans.from && pans.to ? panFactor(pans.from, pans.to) : null;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (factor !== null) onScale(`For a pan of ${to}`, scaleChangesBy(version, factor));
      }}
    >
      <fieldset>
        <legend className="label">Another pan, by its area</legend>
        <div className="grid grid-cols-2 gap-2">
          <input
            aria-label="The pan of the recipe"
            className="field"
            placeholder="26 cm round"
            value={from}
            onChange={(e) => setFrom(e.target.value)}
          />
          <input
            aria-label="Your pan"
            className="field"
            placeholder="9x13 inch"
            value={to}
            onChange={(e) => setTo(e.target.value)}
          />
        </div>
        <p className="mt-1 text-soft text-sm" aria-live="polite">
          {factor === null
            ? 'Write both, such as 8-inch square and 20 x 30 cm.'
            : `${trimmed(factor, 2)} times as much.`}
        </p>
        <button type="submit" className="btn btn-small mt-2" disabled={factor === null}>
          Fit it to the pan
        </button>
      </fieldset>
    </form>
  );
}
