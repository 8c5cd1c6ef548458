import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync } from 'fflate';
import sharp from 'sharp';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { cli } from '../../src/cli/main.ts';
import { openDatabase } from '../../src/server/db/open.ts';
import { addHousehold } from '../../src/server/store/households.ts';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'imbiss-carry-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

/** Runs a command. @returns its exit code and all that it said */
async function run(args: readonly string[], data = join(dir, 'data')) {
  const said = { out: '', err: '' };
  const code = await cli(args, {
    stdin: () => Buffer.alloc(0),
    out: (text) => {
      said.out += text;
    },
    err: (text) => {
      said.err += text;
    },
    env: { IMBISS_DATA: data },
  });
  return { code, ...said };
}

/** Adds a household to the data. */
async function withHousehold(id: string): Promise<void> {
  const { db } = await openDatabase(join(dir, 'data', 'imbiss.db'));
  const household = { id, name: id, demo: false, system: 'us', region: 'us', zone: 'UTC', sourceWords: {} } as const;
  await addHousehold({ db }, household, new Date().toISOString());
  await db.destroy();
}

/** The folder that a household went to. */
function folderOf(out: string, id: string): string {
  const house = readdirSync(out).find((h) => {
    const zip = unzipSync(readFileSync(join(out, h, 'household.zip')));
    return JSON.parse(Buffer.from(zip['household.json']!).toString()).household.id === id;
  });
  return join(out, house!);
}

describe('card FILE', () => {
  const recipe = () => {
    const file = join(dir, 'custard.txt');
    writeFileSync(file, 'Custard\nServes 4\n\nIngredients\n2 cups milk\n3 eggs\n\nMethod\n1. Whisk and bake.\n');
    return file;
  };
  it('is a text, a page, data or a picture', async () => {
    const text = await run(['card', recipe()]);
    expect(text.out.split('\n')[0]).toMatch(/^Custard: Ledger \d/);
    expect((await run(['card', recipe(), '--text'])).out).toBe(text.out);
    expect((await run(['card', recipe(), '--html'])).out).toMatch(/^<!doctype html>.*<h1 class="title">Custard/s);
    const data = JSON.parse((await run(['card', recipe(), '--jsonld'])).out);
    expect(data).toMatchObject({ '@type': 'Recipe', name: 'Custard', recipeYield: '4 servings' });
    const png = join(dir, 'card.png');
    expect((await run(['card', recipe(), '--png', png])).out).toContain('Drawn to');
    expect(await sharp(png).metadata()).toMatchObject({ format: 'png', width: 1080 });
  });
  it('reads Cooklang, too, and says what is wrong', async () => {
    const cook = join(dir, 'porridge.cook');
    writeFileSync(cook, '---\ntitle: Porridge\nservings: 2\n---\nBoil @milk{300%ml} with @rolled oats{80%g}.\n');
    expect((await run(['card', cook])).out).toMatch(/^Porridge: .*a serving$/m);
    expect(await run(['card', recipe(), '--html', '--text'])).toMatchObject({ code: 2 });
  });
});

describe('export DIR and import FILE', () => {
  it('carry a household from one folder to another, the same bytes', async () => {
    const empty = await run(['export', join(dir, 'out')]);
    expect(empty).toMatchObject({ code: 2 });
    // What a first start makes has the demo in it.
    const { seededFolder } = await import('../support/seeded-folder.ts');
    await seededFolder(join(dir, 'data'));
    expect(await run(['export', join(dir, 'out')])).toMatchObject({ code: 0, err: '' });
    // The demo of a first start is there, too, under the id that every first start gives it.
    const at = folderOf(join(dir, 'out'), 'carried');
    for (const name of ['household.zip', 'recipes.jsonld', 'recipes.csv', 'cooklang', 'markdown', 'text'])
      expect(existsSync(join(at, name)), name).toBe(true);
    expect(JSON.parse(readFileSync(join(at, 'recipes.jsonld'), 'utf8')).length).toBe(
      readdirSync(join(at, 'text')).length,
    );
    const other = join(dir, 'other');
    const taken = await run(['import', join(at, 'household.zip')], other);
    expect(taken.code, taken.err).toBe(0);
    expect(taken.out).toMatch(/\d+ new/);
    expect(await run(['export', join(dir, 'again')], other)).toMatchObject({ code: 0 });
    const again = folderOf(join(dir, 'again'), 'carried');
    expect(readFileSync(join(again, 'household.zip')).equals(readFileSync(join(at, 'household.zip')))).toBe(true);
    expect(await run(['import', join(dir, 'not-there.zip')])).toMatchObject({ code: 2 });
  }, 60_000);
});

describe('the guide to open formats', () => {
  it('has examples that run', async () => {
    const guide = readFileSync(join(import.meta.dirname, '../../docs/open-formats.md'), 'utf8');
    const examples = [...guide.matchAll(/^npm run -s imbiss -- (.+)$/gm)].map((m) => m[1]!.split(' '));
    expect(examples.length).toBeGreaterThan(4);
    writeFileSync(join(dir, 'custard.txt'), 'Custard\nServes 4\n\nIngredients\n2 cups milk\n\nMethod\n1. Bake.\n');
    const { seededFolder } = await import('../support/seeded-folder.ts');
    await seededFolder(join(dir, 'data'));
    for (const example of examples) {
      // What the guide calls out/Home is the folder of a household.
      const args = example.map((a) =>
        a === 'out/Home/household.zip'
          ? join(folderOf(join(dir, 'out'), 'carried'), 'household.zip')
          : /^(?:out|custard\..+)$/.test(a)
            ? join(dir, a)
            : a,
      );
      expect(await run(args), example.join(' ')).toMatchObject({ code: 0, err: '' });
    }
  }, 60_000);
});

describe('import of recipes', () => {
  it('goes into the only household, or the one that is named, and says what was understood', async () => {
    const file = join(dir, 'leeks.md');
    writeFileSync(
      file,
      '# Leek stew\n\nServes 4\n\n## Ingredients\n\n- 500 g leeks\n- 2 glorbs of wuzzle\n\n## Steps\n\n1. Stew.\n',
    );
    const taken = await run(['import', file]);
    expect(taken.out).toContain('into demo-household, 1 new');
    expect(taken.out).toContain('Leek stew: 2 ingredients, of them 1 to answer; 1 step');
    expect((await run(['import', file])).out).toContain('1 the same');
    await withHousehold('two-home');
    const asked = await run(['import', file]);
    expect(asked.code).not.toBe(0);
    expect(asked.err).toMatch(/--household: .*two-home/);
    expect((await run(['import', file, '--household', 'two-home'])).out).toContain('into two-home, 1 new');
  });
});
