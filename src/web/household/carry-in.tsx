import { type ChangeEvent, useState } from 'react';
import { EXCHANGE_API, type TakeInAnswer } from '../../contract/exchange-api.ts';
import { addressOf } from '../../contract/route.ts';
import { useHousehold } from '../context/household-context.ts';
import { refresh } from '../data/queries.ts';
import { previewFile, sendFile } from '../data/send-file.ts';
import { sayError } from '../kit/say-error.ts';
import { CarriedRows } from './carried-rows.tsx';

/** Where it stands with a file that was chosen. */
type CarryStep =
  | { readonly kind: 'none' }
  | { readonly kind: 'looking'; readonly name: string }
  | { readonly kind: 'seen'; readonly file: File; readonly answer: TakeInAnswer }
  | { readonly kind: 'taking'; readonly done: number; readonly total: number }
  | { readonly kind: 'taken'; readonly answer: TakeInAnswer };

/** A file of another household, taken into this one: looked at first, row by row, then all or nothing. */
export function CarryIn() {
  const { household } = useHousehold();
  const h = household.id;
  const [step, setStep] = useState<CarryStep>({ kind: 'none' });
  const [theirs, setTheirs] = useState<ReadonlySet<string>>(new Set());
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const choose = async (e: ChangeEvent<HTMLInputElement>) => {
    const [file] = e.target.files ?? [];
    e.target.value = '';
    if (file === undefined) return;
    setStep({ kind: 'looking', name: file.name });
    setTheirs(new Set());
    setWithout(new Set());
    try {
      setStep({ kind: 'seen', file, answer: await previewFile(addressOf(EXCHANGE_API.previewTakeIn, { h }), file) });
    } catch (err) {
      setStep({ kind: 'none' });
      sayError(err);
    }
  };
  const take = async (file: File, answer: TakeInAnswer) => {
    setStep({ kind: 'taking', done: 0, total: answer.rows.length });
    try {
      const query = { theirs: [...theirs].join(','), without: [...without].join(',') };
      const address = addressOf(EXCHANGE_API.takeIn, { h, query });
      const taken = await sendFile(address, file, (done, total) => setStep({ kind: 'taking', done, total }));
      await refresh.table(h);
      await refresh.recipe(h);
      setStep({ kind: 'taken', answer: taken });
    } catch (err) {
      setStep({ kind: 'seen', file, answer });
      sayError(err);
    }
  };
  return (
    <div className="mt-5">
      <label className="block max-w-md">
        <span className="label">Take a file in</span>
        <input type="file" accept=".zip,application/zip" className="field py-2" onChange={(e) => void choose(e)} />
      </label>
      {step.kind === 'looking' && (
        <p className="mt-2 text-soft" role="status">
          Looking at {step.name}…
        </p>
      )}
      {step.kind === 'seen' && (
        <>
          <CarriedRows
            rows={step.answer.rows}
            theirs={theirs}
            without={without}
            onTheirs={setTheirs}
            onWithout={setWithout}
          />
          <div className="mt-3 flex flex-wrap gap-2">
            <button type="button" className="btn btn-main" onClick={() => void take(step.file, step.answer)}>
              Take it in
            </button>
            <button type="button" className="btn" onClick={() => setStep({ kind: 'none' })}>
              Leave it
            </button>
          </div>
        </>
      )}
      {step.kind === 'taking' && (
        <p className="mt-2" role="status">
          Taking it in: {step.done} of {step.total}
          <progress className="mt-1 block w-full max-w-md" value={step.done} max={Math.max(1, step.total)} />
        </p>
      )}
      {step.kind === 'taken' && (
        <p className="mt-2" role="status">
          Taken in: {step.answer.rows.filter((r) => r.state === 'new').length} new,{' '}
          {step.answer.rows.filter((r) => r.state === 'same').length} were here already,{' '}
          {step.answer.rows.filter((r) => r.state === 'cannot').length} could not be.
        </p>
      )}
    </div>
  );
}
