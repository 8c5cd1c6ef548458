import { strFromU8, unzipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { oneFileOf } from './one-file-of.ts';

describe('files that are taken in together', () => {
  it('go as an archive, two of one name with a number', async () => {
    const files = ['a', 'b', 'c'].map((text) => new File([text], 'recipe.md'));
    const archive = unzipSync(new Uint8Array(await (await oneFileOf(files)).arrayBuffer()));
    const told = Object.fromEntries(Object.entries(archive).map(([name, bytes]) => [name, strFromU8(bytes)]));
    expect(told).toEqual({ 'recipe.md': 'a', '2 recipe.md': 'b', '3 recipe.md': 'c' });
  });
  it('one alone goes as it is', async () => {
    const file = new File(['a'], 'recipe.md');
    expect(await oneFileOf([file])).toBe(file);
  });
});
