import { type ChangeEvent, useState } from 'react';
import { EXCHANGE_API, type TakeInAnswer } from '../../contract/exchange-api.ts';
import { addressOf } from '../../contract/route.ts';
import { useHousehold } from '../context/household-context.ts';
import { refresh } from '../data/queries.ts';
import { previewFile, sendFile } from '../data/send-file.ts';
import { sayError } from '../kit/say-error.ts';
import { CarriedRows } from './carried-rows.tsx';
import { oneFileOf } from './one-file-of.ts';

/** Where it stands with a file that was chosen. */
type CarryStep =
  | { readonly kind: 'none' }
  | { readonly kind: 'looking'; readonly name: string }
  | { readonly kind: 'seen'; readonly file: Blob; readonly answer: TakeInAnswer }
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
    const files = [...(e.target.files ?? [])];
    e.target.value = '';
    if (files.length === 0) return;
    setStep({ kind: 'looking', name: files.length === 1 ? files[0]!.name : `${files.length} files` });
    setTheirs(new Set());
    setWithout(new Set());
    try {
      const file = await oneFileOf(files);
      setStep({ kind: 'seen', file, answer: await previewFile(addressOf(EXCHANGE_API.previewTakeIn, { h }), file) });
    } catch (err) {
      setStep({ kind: 'none' });
      sayError(err);
    }
  };
  const take = async (file: Blob, answer: TakeInAnswer) => {
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
        <span className="label">Take files in</span>
        <input
          type="file"
          multiple
          accept=".zip,.json,.jsonld,.md,.markdown,.cook,.txt,.html,.htm,.eml"
          className="field py-2"
          aria-describedby="take-in-about"
          onChange={(e) => void choose(e)}
        />
      </label>
      <p id="take-in-about" className="mt-1 max-w-2xl text-soft text-sm">
        A household that was saved, or recipes: JSON-LD, Cooklang, Markdown, text or saved pages, one or many, also in
        an archive. Nothing is taken in before you have seen what would become of it.
      </p>
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
