import 'fake-indexeddb/auto';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { SaidPin } from '../../core/program/program.ts';
import { type Row, useRows } from './use-document.ts';

const pin: SaidPin = {
  foodId: 'butter',
  programId: 'program-ledger',
  points: 4,
  grams: 10,
  saidOn: null,
  source: '',
  foodRevision: null,
};
const ID = 'butter~program-ledger';
const idOf = (p: SaidPin) => `${p.foodId}~${p.programId}`;
const answers = (status: number, body?: unknown) =>
  new Response(body === undefined ? null : JSON.stringify(body), { status });

/** A server with one document: what it is asked goes through at once. */
function serverWithOnePin(): void {
  let kept = { document: pin, revision: 0, removed: false, entries: [], earlier: false };
  vi.stubGlobal('fetch', async (_address: string, { method }: { method: string }) => {
    if (method === 'PUT' || method === 'POST') kept = { ...kept, revision: kept.revision + 1, removed: false };
    if (method === 'DELETE') kept = { ...kept, revision: kept.revision + 1, removed: true };
    return method === 'DELETE' ? answers(204) : answers(200, kept);
  });
}

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('rows of a list', () => {
  it('keep what was made here until the list has it, and after that go by the list', async () => {
    serverWithOnePin();
    const none: readonly Row<SaidPin>[] = [];
    const { result, rerender } = renderHook(({ listed }) => useRows('home', 'pins', listed, idOf), {
      initialProps: { listed: none },
    });
    const shown: number[] = [];
    await act(async () => {
      const made = result.current.make(ID, pin);
      await made;
    });
    // Acknowledged, and the list is the one from before: once it was gone from the screen here, under the cook's finger.
    shown.push(result.current.rows.length);
    rerender({ listed: [{ ...pin, revision: 1 }] });
    shown.push(result.current.rows.length);
    expect(shown).toEqual([1, 1]);

    await act(() => result.current.remove(ID));
    // The list has not heard of the removal yet.
    expect(result.current.rows).toEqual([]);
    rerender({ listed: none });
    expect(result.current.rows).toEqual([]);
    await act(() => result.current.restore(ID));
    await waitFor(() => expect(result.current.rows.map(idOf)).toEqual([ID]));
  });
});
