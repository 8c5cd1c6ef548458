import { type FormEvent, useState } from 'react';
import { API } from '../../contract/api.ts';
import { ApiError, ask } from '../data/api.ts';
import { PageTitle } from '../kit/page-title.tsx';
import { Mark } from './mark.tsx';

export const needsPassphrase = (error: unknown): boolean => error instanceof ApiError && error.problem.status === 401;

/** Asks for the household's passphrase, where Imbiss listens beyond its own machine. */
export function Passphrase() {
  const [said, setSaid] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    try {
      await ask(API.logIn, { body: { passphrase: said } });
      window.location.reload();
    } catch (e) {
      setWrong(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <main className="mx-auto max-w-md px-6 py-16">
      <Mark className="size-10 text-beet" />
      <PageTitle of={['Passphrase']} />
      <h1 className="mt-4 text-3xl">The household's passphrase</h1>
      <form onSubmit={submit} className="mt-6">
        <label className="label" htmlFor="passphrase">
          Passphrase
        </label>
        <input
          id="passphrase"
          type="password"
          autoComplete="current-password"
          className="field"
          value={said}
          onChange={(e) => setSaid(e.target.value)}
          aria-invalid={wrong !== null}
          aria-describedby="passphrase-wrong"
        />
        <p id="passphrase-wrong" role="alert" className="mt-2 text-beet">
          {wrong}
        </p>
        <button type="submit" className="btn btn-main mt-4">
          Open
        </button>
      </form>
    </main>
  );
}
