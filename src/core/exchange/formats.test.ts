import { Recipe as CooklangRecipe } from '@tmlmt/cooklang-parser';
import fc from 'fast-check';
import jsonld from 'jsonld';
import type { Recipe as SchemaRecipe, WithContext } from 'schema-dts';
import { describe, expect, it } from 'vitest';
import { schemaOrgVocabulary } from '../../../tests/support/schema-org-vocabulary.ts';
import { readPasted } from '../../contract/read-pasted.ts';
import { asCooklang } from './as-cooklang.ts';
import { asJsonLd } from './as-json-ld.ts';
import { asMarkdown } from './as-markdown.ts';
import { asPlainText } from './as-plain-text.ts';
import { asRows, ROW_NAMES } from './as-rows.ts';
import { CANNOT_HOLD } from './cannot-hold.ts';
import { cooklangAsPage, isCooklang } from './read-cooklang.ts';
import type { ToldRecipe } from './told-recipe.ts';

const told: ToldRecipe = {
  title: 'Leek pot',
  author: 'the notebook',
  url: 'https://example.org/leek',
  servings: 4,
  times: { prep: 15, cook: 40, total: null },
  lines: [
    { group: null, text: '2 leeks, sliced' },
    { group: null, text: '1½ cups (240 ml) milk' },
    { group: 'For the top', text: '50 g Gruyère, grated' },
    { group: 'For the top', text: 'salt' },
  ],
  steps: ['Soften the leeks.', 'Pour over the milk & simmer 10 minutes.'],
  points: [
    { mark: 'LE', name: 'Ledger', points: 7, low: 6, high: 7 },
    { mark: 'HA', name: 'Harvest', points: 5.5, low: 5.5, high: 5.5 },
  ],
  label: { kcal: 210, fat: 9, satFat: 5, carbs: 20, sugars: 11, fibre: null, protein: 12, salt: 0.8 },
  allergens: ['milk'],
  cautions: ['Chill within 2 hours.'],
  countedOn: '2026-12-01',
};
const readBack = (text: string) => readPasted(text).recipes[0]!;
const linesOf = (r: { ingredients: readonly { text: string }[] }) => r.ingredients.map((i) => i.text);

describe('a recipe as schema.org has it', () => {
  // The vocabulary's own types: what is not a property of Recipe does not compile.
  const made = asJsonLd(told);
  const known: WithContext<SchemaRecipe> = made as unknown as WithContext<SchemaRecipe>;

  it('is a Recipe with its nutrition, and its points as properties of our own', () => {
    expect(known['@type']).toBe('Recipe');
    expect(made).toMatchObject({
      name: 'Leek pot',
      recipeYield: '4 servings',
      prepTime: 'PT15M',
      cookTime: 'PT40M',
      recipeIngredient: told.lines.map((l) => l.text),
      nutrition: { '@type': 'NutritionInformation', calories: '210 calories', proteinContent: '12 g' },
    });
    expect(JSON.stringify(made.nutrition)).not.toContain('fiber');
    expect(made['imbiss:points']).toEqual([
      { 'imbiss:program': 'Ledger', 'imbiss:mark': 'LE', 'imbiss:value': 7, 'imbiss:least': 6, 'imbiss:most': 7 },
      {
        'imbiss:program': 'Harvest',
        'imbiss:mark': 'HA',
        'imbiss:value': 5.5,
        'imbiss:least': 5.5,
        'imbiss:most': 5.5,
      },
    ]);
  });

  // schema.org's own release of its vocabulary, as triples; jsonld expands by a context of its terms alone.
  it('agrees with the vocabulary: every key is a term of it, and may stand where it stands', async () => {
    const vocabulary = schemaOrgVocabulary();
    const document = { '@context': vocabulary.context };
    const documentLoader = async (url: string) => ({ contextUrl: undefined, documentUrl: url, document });
    const expanded = await jsonld.expand(made as never, { documentLoader: documentLoader as never });
    const lost: string[] = [];
    const misplaced: string[] = [];
    const walk = (said: unknown, meant: unknown): void => {
      if (Array.isArray(said)) {
        for (const [i, v] of said.entries()) walk(v, (meant as unknown[] | undefined)?.[i]);
        return;
      }
      if (typeof said !== 'object' || said === null) return;
      const type = String((said as Record<string, unknown>)['@type'] ?? '');
      for (const [key, value] of Object.entries(said)) {
        if (key.startsWith('@')) continue;
        const name = key.startsWith('imbiss:') ? `urn:${key}` : `https://schema.org/${key}`;
        const found = (meant as Record<string, unknown[]> | undefined)?.[name];
        if (found === undefined) lost.push(key);
        else walk(Array.isArray(value) ? value : [value], found);
        if (!key.startsWith('imbiss:') && !vocabulary.mayStandOn(key, type)) misplaced.push(`${key} on ${type}`);
      }
    };
    walk([made], expanded);
    expect(lost).toEqual([]);
    expect(misplaced).toEqual([]);
    expect((expanded[0] as Record<string, unknown>)['@type']).toEqual(['https://schema.org/Recipe']);
    expect((expanded[0] as Record<string, unknown>)['https://schema.org/recipeIngredient']).toHaveLength(4);
    // What is no term of it is seen to be none.
    const odd = await jsonld.expand({ ...made, recipeIngredients: ['x'] } as never, {
      documentLoader: documentLoader as never,
    });
    expect(JSON.stringify(odd)).not.toContain('recipeIngredients');
  });

  it('reads back as what it was', () => {
    const back = readBack(JSON.stringify(made));
    expect(back).toMatchObject({
      title: 'Leek pot',
      servings: 4,
      author: 'the notebook',
      url: told.url,
      times: told.times,
    });
    expect(linesOf(back)).toEqual(told.lines.map((l) => l.text));
    expect(back.steps).toEqual(told.steps);
  });

  it('holds no script, whatever the words', () => {
    const script = '</script><script>alert(1)</script>';
    const text = asJsonLd({ ...told, title: script, steps: [script] });
    expect(JSON.stringify(text).replace(/</g, '\\u003c')).not.toContain('<');
  });
});

describe('a recipe as Markdown', () => {
  it('holds no tag, and reads back as the words that it was', () => {
    const odd = { ...told, steps: ['Cut <b>thin</b> slices, less than < 3 mm.'] };
    const text = asMarkdown(odd);
    expect(text).not.toMatch(/<[a-z/]/i);
    expect(text).toContain('&lt;b>thin&lt;/b> slices, less than < 3 mm.');
    expect(readBack(text).steps).toEqual(odd.steps);
  });
});

describe('a recipe as Cooklang', () => {
  const text = asCooklang(told);
  it('reads back as what it was', () => {
    expect(isCooklang(text)).toBe(true);
    expect(isCooklang(asPlainText(told))).toBe(false);
    const back = readBack(text);
    expect(back).toMatchObject({ title: 'Leek pot', servings: 4, author: 'the notebook', url: told.url });
    expect(linesOf(back)).toEqual(told.lines.map((l) => l.text));
    expect(back.steps).toEqual(told.steps);
  });
  it('is read by another parser of Cooklang: every ingredient', () => {
    const other = new CooklangRecipe(text);
    expect(other.ingredients.map((i) => i.name)).toEqual(['leeks', 'milk', 'Gruyère', 'salt']);
  });
  it('of others is taken in: amounts, pans, timers, comments', () => {
    const page = cooklangAsPage(
      '---\ntitle: Porridge\nservings: 2\n---\n-- a note\nBring @milk{300%ml} to a boil in a #pot{}.\n\nStir in @rolled oats{80%g} and a @pinch salt{}, ~{5%minutes}. [- or longer -]\n',
    );
    const back = readBack(page);
    expect(back).toMatchObject({ title: 'Porridge', servings: 2 });
    expect(linesOf(back)).toEqual(['300 ml milk', '80 g rolled oats', 'pinch salt']);
    expect(back.steps).toEqual(['Bring milk to a boil in a pot.', 'Stir in rolled oats and a pinch salt, 5 minutes.']);
  });
});

describe('a recipe as Markdown and as plain text', () => {
  it.each([
    ['Markdown', asMarkdown],
    ['plain text', asPlainText],
  ])('%s reads back as what it was', (_, as) => {
    const back = readBack(as(told));
    expect(back).toMatchObject({ title: 'Leek pot', servings: 4, times: told.times });
    expect(linesOf(back)).toEqual(told.lines.map((l) => l.text));
    expect(back.ingredients.map((i) => i.group)).toEqual(told.lines.map((l) => l.group));
    expect(back.steps).toEqual(told.steps);
  });
});

describe('a recipe as rows of a table', () => {
  it('has a row for every ingredient and every step', () => {
    const rows = asRows([told]);
    expect(rows).toHaveLength(6);
    expect(Object.keys(rows[0]!)).toEqual([...ROW_NAMES]);
    expect(rows[2]).toMatchObject({
      recipe: 'Leek pot',
      what: 'ingredient',
      group: 'For the top',
      words: '50 g Gruyère, grated',
    });
  });
});

describe('what a format cannot hold', () => {
  it('is named for every one of them', () => {
    for (const said of Object.values(CANNOT_HOLD)) expect(said.length).toBeGreaterThan(0);
    expect(CANNOT_HOLD.cooklang.join(' ')).toMatch(/points/);
  });
});

describe('any recipe', () => {
  const word = fc.constantFrom('leeks', 'milk', 'flour', 'eggs', 'butter', 'white beans', 'sugar');
  const unit = fc.constantFrom('g', 'cups', 'tbsp', 'ml');
  const line = fc
    .tuple(fc.integer({ min: 1, max: 900 }), unit, word)
    .map(([n, u, w]) => ({ group: null, text: `${n} ${u} ${w}` }));
  const step = fc.constantFrom('Stir it all.', 'Bake for 30 minutes.', 'Let it cool.', 'Whisk until thick.');
  const any = fc.record({
    lines: fc.uniqueArray(line, { minLength: 1, maxLength: 12, selector: (l) => l.text }),
    steps: fc.uniqueArray(step, { minLength: 1, maxLength: 4 }),
    servings: fc.integer({ min: 1, max: 24 }),
  });
  it.each([
    ['JSON-LD', (t: ToldRecipe) => JSON.stringify(asJsonLd(t))],
    ['Cooklang', asCooklang],
    ['Markdown', asMarkdown],
    ['plain text', asPlainText],
  ])('comes back from %s with its lines, steps and servings', (_, as) => {
    fc.assert(
      fc.property(any, (part) => {
        const back = readBack(as({ ...told, ...part }));
        expect(linesOf(back)).toEqual(part.lines.map((l) => l.text));
        expect(back.steps).toEqual(part.steps);
        expect(back.servings).toBe(part.servings);
      }),
      { numRuns: 60 },
    );
  });
});
