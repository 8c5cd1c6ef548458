import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../tests/support/test-version.ts';
import { SAMPLE_PROGRAMS } from '../core/program/samples.ts';
import { CreditSchema } from './credit.ts';
import { FoodSchema } from './food.ts';
import { Servings } from './primitives.ts';
import { ProgramSchema, RuleFileSchema } from './program.ts';

import { recipesFromJson } from './recipe-file.ts';
import { VersionSchema } from './version.ts';

/** The one recipe of JSON, or null. */
const recipeFromJson = (json: unknown) => recipesFromJson(json)[0] ?? null;

describe('what crosses the wire', () => {
  it('comes out as it went in', () => {
    const food = shippedFood('butter')!;
    expect(FoodSchema.parse(JSON.parse(JSON.stringify(food)))).toEqual(food);
    for (const p of SAMPLE_PROGRAMS) expect(ProgramSchema.parse(JSON.parse(JSON.stringify(p)))).toEqual(p);
    const read = readVersion(['1 cup flour', '2 to 3 eggs', 'salt', 'mystery dust'], {
      id: 'version-1',
      recipeId: 'recipe-1',
    });
    const version = {
      ...read,
      lines: read.lines.map((l) => ({ ...l, id: `line-${l.id}`, originLineId: `line-${l.id}` })),
    };
    expect(VersionSchema.parse(JSON.parse(JSON.stringify(version)))).toEqual(version);
  });
  it.each([0, -1, 500.1, Number.NaN, Number.POSITIVE_INFINITY, '4'])('servings cannot be %s', (s) =>
    expect(Servings.safeParse(s).success).toBe(false),
  );
  it.each([0.5, 1, 2.5, 500])('servings can be %d', (s) => expect(Servings.parse(s)).toBe(s));
  it('a link leads to the web and nowhere else', () => {
    const credit = (url: string | null) => CreditSchema.safeParse({ author: null, url, whose: 'other' }).success;
    expect(credit('https://example.org/a?b=c')).toBe(true);
    expect(credit(null)).toBe(true);
    for (const bad of ['javascript:alert(1)', 'data:text/html,x', 'file:///etc/passwd', 'example.org', 'https://a b'])
      expect(credit(bad), bad).toBe(false);
  });
});

describe('a rule of one’s own', () => {
  it('may call nutrients by their other names, and leaves the rest to the usual', () => {
    expect(
      RuleFileSchema.parse({ coefficients: { energy: 1, saturatedFat: 2, fiber: -1 }, caps: { fiber: 4 } }),
    ).toEqual({
      mark: 'OWN',
      name: 'Own rule',
      coefficients: { kcal: 1, satFat: 2, fibre: -1 },
      per: 1,
      caps: { fibre: 4 },
      step: 1,
      rounding: 'nearest',
      floorAt: 'serving',
      by: 'ingredients',
      uncounted: [],
    });
  });
  it.each([
    [{}, 'coefficients'],
    [{ coefficients: { vitamins: 1 } }, 'coefficients'],
    [{ coefficients: { kcal: 'x' } }, 'coefficients'],
    [{ coefficients: { kcal: 1 }, step: 2 }, 'step'],
    [{ coefficients: { kcal: 1 }, per: 0 }, 'per'],
    [{ coefficients: { kcal: 1 }, rounding: 'sideways' }, 'rounding'],
  ])('is refused with the field named: %j', (rule, field) => {
    const result = RuleFileSchema.safeParse(rule);
    expect(result.success).toBe(false);
    expect(result.error!.issues[0]!.path[0]).toBe(field);
  });
});

describe('recipes as JSON', () => {
  it('of our own shape', () => {
    expect(
      recipeFromJson({ title: 'A', servings: 4, lines: ['1 egg', { text: '1 cup milk' }], steps: ['Mix.'] }),
    ).toMatchObject({
      title: 'A',
      servings: 4,
      ingredients: [{ text: '1 egg' }, { text: '1 cup milk' }],
      steps: ['Mix.'],
    });
    expect(recipeFromJson({ ingredients: ['1 egg'] })).toMatchObject({ title: null, servings: null });
  });
  it.each([
    ['Serves 3', 3],
    ['4 servings', 4],
    [['6', '6 servings'], 6],
    [8, 8],
    ['a loaf', null],
    [undefined, null],
  ])('of schema.org, making %j', (recipeYield, servings) => {
    expect(recipeFromJson({ '@type': 'Recipe', name: 'B', recipeYield, recipeIngredient: ['1 egg'] })!.servings).toBe(
      servings,
    );
  });
  it('of schema.org, with steps however they are nested', () => {
    const sections = [
      {
        '@type': 'HowToSection',
        itemListElement: [
          { '@type': 'HowToStep', text: 'One.' },
          { '@type': 'HowToStep', name: 'Two.' },
        ],
      },
      'Three.',
    ];
    expect(recipeFromJson([{ recipeIngredient: ['1 egg'], recipeInstructions: sections }])!.steps).toEqual([
      'One.',
      'Two.',
      'Three.',
    ]);
    expect(recipeFromJson({ recipeIngredient: ['1 egg'], recipeInstructions: 'One.\nTwo.' })!.steps).toEqual([
      'One.',
      'Two.',
    ]);
  });
  it.each([null, 3, 'text', {}, [], { lines: 'x' }, { '@graph': [{ a: 1 }] }])('is none in %j', (json) =>
    expect(recipeFromJson(json)).toBeNull(),
  );
});
