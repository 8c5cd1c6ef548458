import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { cautionsFor } from '../caution/cautions.ts';
import { certaintyWords, formatPoints, formatShare } from '../program/format-points.ts';
import { formatDay } from '../quantity/format-day.ts';
import { applySwap, whyNot } from '../swap/apply-swap.ts';
import { SWAPS } from '../swap/library.ts';
import { applyEntry } from '../version/entry.ts';
import { scaleChanges } from '../version/scale-version.ts';
import { amountOnCard, type Card, type CardInput, makeCard } from './card.ts';
import { countedWords, creditWords, servingWords } from './card-words.ts';
import { USUAL_PASS_ON } from './pass-on.ts';
import { postText } from './post-text.ts';

const asWritten = readVersion(
  ['1 kg potatoes', '300 ml cream', '150 g Gruyère', '1 lb ground turkey', 'salt to taste'],
  {
    servings: 6,
    steps: [
      { id: 's1', text: 'Slice the potatoes and brown the turkey.' },
      { id: 's2', text: 'Pour over the cream, scatter the Gruyère.' },
    ],
  },
);
const bareLine = { any: null, offers: [], asks: null };
const cardText = (card: Card): string => postText(card, { length: 'long', steps: true, most: null, url: null }).text;
let n = 0;
const changes = applySwap(asWritten, 'l1', SWAPS.find((s) => s.id === 'cream-to-evaporated')!, {
  food: shippedFood,
  system: 'us',
  newId: () => `n${n++}`,
});
const lightened = {
  ...applyEntry(asWritten, { id: 'e', label: 'swap', changes, undoes: null }),
  id: 'v2',
  parentId: 'v1',
  kind: 'lightened' as const,
  name: 'lightened',
};
const input = (rest: Partial<CardInput> = {}): CardInput => ({
  title: 'Gratin',
  credit: { author: 'the notebook', url: null, whose: 'family' },
  version: lightened,
  asWritten,
  kitchen: kitchenOf(),
  programs: FIXTURE_PROGRAMS,
  pins: [],
  swaps: SWAPS,
  system: 'us',
  region: 'us',
  countedOn: '2026-11-25',
  weighed: null,
  passOn: USUAL_PASS_ON,
  picture: null,
  food: shippedFood,
  ...rest,
});

describe('a card', () => {
  const card = makeCard(input());
  it('has points for every program, before and after', () => {
    expect(card.programs.map((p) => p.mark)).toEqual(['LE', 'LA', 'HA', 'HO']);
    for (const p of card.programs) expect(p.points).toBeLessThan(p.was!);
    expect(card.kcal!).toBeLessThan(card.kcalWas!);
  });
  it('says what it may be for somebody with an own list, and the lines that decide it', () => {
    const dish = readVersion(['500 g potatoes', '300 ml cream', '200 g carrots', '2 tomatoes'], { servings: 2 });
    const [plain, own] = [false, true].map((personal) => ({ ...FIXTURE_PROGRAMS[2]!, personal }));
    const of = (program: CardInput['programs'][number]) =>
      makeCard(input({ version: dish, asWritten: dish, programs: [program] })).programs[0]!;
    expect(of(plain!).span).toBeNull();
    const { points, span } = of(own!);
    const all = { ...own!, list: { entries: [], exclusions: [] } };
    expect(span).toMatchObject({ low: points, high: of(all).points });
    expect(span!.lines.length).toBeGreaterThan(0);
    // Cream counts on every list.
    expect(span!.lines).not.toContain('cream');
    expect(cardText(makeCard(input({ version: dish, asWritten: dish, programs: [own!] })))).toContain(
      `With another list of your own ${span!.low} to ${span!.high}: `,
    );
  });
  it('has points beside ingredients and steps that add up to the whole', () => {
    card.programs.forEach((p, i) => {
      const byLine = card.ingredients.reduce((s, l) => s + l.raw[i]!, 0);
      const byStep = card.steps.reduce((s, l) => s + l.adds[i]!, 0);
      expect(Math.abs(byLine - p.points)).toBeLessThanOrEqual(0.5 + 1e-9);
      expect(byStep).toBeCloseTo(byLine, 9);
    });
  });
  it('says what was changed and why, and what the regular ingredient would make of it', () => {
    expect(card.changes).toEqual([
      expect.objectContaining({ from: expect.stringContaining('cream'), to: expect.stringContaining('evaporated') }),
    ]);
    expect(card.changes[0]!.why).toMatch(/fat/);
    expect(card.regular[0]!.points).toEqual(card.programs.map((p) => p.was));
  });
  it('tells the regular ingredient of the batch that it is of', () => {
    const half = applyEntry(lightened, { id: 'h', label: 'half', changes: scaleChanges(lightened, 3), undoes: null });
    const halved = makeCard(input({ version: half }));
    expect(halved.regular.map((r) => r.points)).toEqual(card.regular.map((r) => r.points));
    expect(halved.changes[0]!.from).not.toBe(card.changes[0]!.from);
  });
  it('has what moved to the plate as an option, with its points and its allergens', () => {
    const written = readVersion(['1 kg beetroot', '240 g soured cream'], { servings: 6 });
    const toPlate = SWAPS.find((s) => s.kind === 'toPlate' && whyNot(s, written.lines[1]!) === null)!;
    const moved = applySwap(written, 'l1', toPlate, { food: shippedFood, system: 'us', newId: () => `p${n++}` });
    const version = { ...applyEntry(written, { id: 'p', label: 'p', changes: moved, undoes: null }), id: 'v3' };
    const plated = makeCard(input({ version, asWritten: written }));
    expect(plated.options.length).toBe(1);
    expect(plated.options[0]!.words).toMatch(/40 g\) soured cream/);
    // With it, the dish comes to what it was as written.
    expect(plated.options[0]!.points).toEqual(plated.programs.map((p) => p.was));
    expect(plated.programs[0]!.points).toBeLessThan(plated.programs[0]!.was!);
    expect(plated.allergens).toContain('milk');
    expect(plated.changes[0]!.to).toBe('on the plate, as you like');
    expect(plated.regular).toEqual([]);
    expect(cardText(plated)).toContain(`soured cream: ${plated.options[0]!.points.map(formatPoints).join(' · ')}`);
    expect(makeCard(input()).options).toEqual([]);
  });
  it('carries only changes, counts and the link for another author’s recipe', () => {
    const other = makeCard(input({ credit: { author: 'Berta', url: 'https://example.org', whose: 'other' } }));
    expect(other.ingredients).toEqual([]);
    expect(other.steps).toEqual([]);
    expect(other.changes).toHaveLength(1);
    expect(cardText(other)).toContain('https://example.org');
    expect(cardText(other)).not.toContain('Slice the potatoes');
  });
  it('names allergens and the usual cautions', () => {
    expect(card.allergens).toEqual(['milk']);
    // Nobody knows how much, and it is in it all the same.
    const served = [...lightened.lines, ...readVersion(['walnuts, to decorate', 'soy sauce to taste']).lines];
    const lines = served.map((l, i) => ({ ...l, id: `s${i}`, originLineId: `s${i}` }));
    const { allergens, cautions } = makeCard(input({ version: { ...lightened, lines } }));
    expect(cautions.map((c) => c.id)).not.toContain('unread');
    expect(allergens).toEqual(expect.arrayContaining(['milk', 'tree nuts', 'soya', 'cereals with gluten']));
    expect(card.cautions.map((c) => c.id)).toEqual(['poultry', 'raw', 'leftovers']);
  });
  it('says what was not read, and quotes nothing of another author’s', () => {
    const lines = [...lightened.lines, ...readVersion(['1 lump of moonrock']).lines.map((l) => ({ ...l, id: 'odd' }))];
    const said = (whose: 'own' | 'other') =>
      makeCard(
        input({
          version: { ...lightened, lines },
          credit: { author: 'Berta', url: null, whose },
          passOn: { ...USUAL_PASS_ON, others: 'changes' },
        }),
      ).cautions[0]!.words;
    expect(said('own')).toBe(
      '“1 lump of moonrock” is not read yet: what is in it is not counted, nor among the allergens.',
    );
    expect(said('other')).toBe('One line is not read yet: what is in it is not counted, nor among the allergens.');
  });
  it('is a text to paste, line by line', () => {
    const plain = {
      ...makeCard(input({ version: asWritten })),
      title: 'Cream soup',
      servings: 4,
      servingGrams: 249.6,
      servingCooked: null,
      programs: [
        { mark: 'LE', name: 'Ledger', points: 6, low: 6, high: 6, certainty: 'exact', complete: true, was: 9.5 },
        { mark: 'HA', name: 'Harvest', points: 5, low: 5, high: 6, certainty: 'atLeast', complete: true, was: null },
      ].map((p) => ({ ...p, by: 'ingredients', span: null })) as Card['programs'],
      kcal: 210.4,
      kcalWas: 318.6,
      ingredients: [
        { group: null, amount: '½ cup (120 g)', name: 'cream', raw: [1, 1], ...bareLine },
        { group: 'For the top', amount: '', name: 'parsley', raw: [0, 0], ...bareLine },
        { group: 'For the top', amount: '10 g', name: 'chives', raw: [0, 0], ...bareLine },
      ],
      steps: [{ text: 'Stir.', adds: [1, 1] }],
      changes: [
        { from: '1 cup cream', to: '½ cup cream', why: 'half the fat' },
        { from: '20 g butter', to: 'left out', why: null },
      ],
      options: [{ words: '20 g cream', points: [7, 5.5] }],
      allergens: ['milk'],
      cautions: [],
    } satisfies Card;
    expect(cardText(plain).split('\n')).toEqual([
      expect.stringMatching(/^Cream soup: Ledger 6 · Harvest 5, .+ · 210 kcal a serving$/),
      'Serves 4, one serving is about 250 g',
      '',
      'From the notebook',
      '',
      'As written: Ledger 9½ · 319 kcal',
      '',
      'Ingredients',
      '- ½ cup (120 g) cream',
      'For the top:',
      '- parsley',
      '- 10 g chives',
      '',
      'Steps',
      '1. Stir.',
      '',
      'On the plate, as you like (points with it: LE · HA)',
      '- 20 g cream: 7 · 5½',
      '',
      'What was changed',
      '- 1 cup cream → ½ cup cream. half the fat',
      '- 20 g butter → left out',
      '',
      'Contains: milk',
      '',
      expect.stringContaining('no medical advice'),
      '',
      'Counted 25 Nov 2026 by ingredients',
    ]);
    // What is not there has no heading, and what nobody knows no line.
    const bare = {
      ...plain,
      servings: null,
      kcal: null,
      ingredients: [],
      steps: [],
      options: [],
      changes: [],
      allergens: [],
    };
    expect(
      cardText({ ...bare, kcalWas: null, credit: { author: null, url: null, whose: 'own' }, programs: [] }).split('\n'),
    ).toEqual([
      'Cream soup',
      'The whole, about 250 g',
      '',
      expect.stringContaining('no medical advice'),
      '',
      'Counted 25 Nov 2026',
    ]);
    expect(cardText({ ...plain, kcalWas: null })).toContain('\nAs written: Ledger 9½\n');
  });
  it('is a text to paste', () => {
    const text = cardText(card);
    expect(text).toMatch(/^Gratin: Ledger 8 · /);
    expect(text).toContain('1. Slice the potatoes');
    expect(text).toContain('no medical advice');
    for (const c of card.cautions) expect(text).toContain(c.words);
    expect(text).toContain('Counted 25 Nov 2026 by ingredients');
    const [first, ...rest] = card.programs;
    const mixed = { ...card, programs: [{ ...first!, by: 'serving' as const }, ...rest] };
    expect(countedWords(mixed)).toMatch(/^counted 25 Nov 2026, [A-Z]+ by serving, /);
  });
  it('without changes is the recipe as written', () => {
    const plain = makeCard(input({ version: asWritten }));
    expect(plain.changes).toEqual([]);
    expect(plain.programs.every((p) => p.was === null)).toBe(true);
  });
});

describe('cautions', () => {
  const of = (ids: string[], text = '') =>
    cautionsFor(
      ids.map((id) => shippedFood(id)!),
      text,
    )
      .map((c) => c.words)
      .join(' ');
  // USDA FSIS safe minimum internal temperatures, from memory: 165, 160, 145 °F.
  it.each([
    ['chicken-breast', '165 °F (74 °C)'],
    ['turkey-ground-lean', '165 °F (74 °C)'],
    ['beef-ground-80', '160 °F (71 °C)'],
    ['beef-chuck', '145 °F (63 °C)'],
    ['pork-loin', '145 °F (63 °C)'],
    // Ground meat and raw sausage of every animal: never the 145 °F of a whole cut.
    ['lamb-ground', '160 °F (71 °C)'],
    ['veal-ground', '160 °F (71 °C)'],
    ['bison-ground', '160 °F (71 °C)'],
    ['sausage-pork', '160 °F (71 °C)'],
    ['sausage-lamb-fresh', '160 °F (71 °C)'],
    ['sausage-beef-fresh', '160 °F (71 °C)'],
    ['sausage-turkey-fresh', '165 °F (74 °C)'],
    ['salmon', '145 °F (63 °C)'],
    ['egg', '160 °F (71 °C)'],
  ])('%s: %s', (id, words) => expect(of([id])).toContain(words));
  it('converts its temperatures rightly', () => {
    for (const [f, c] of [
      [165, 74],
      [160, 71],
      [145, 63],
    ] as const)
      expect(Math.round(((f - 32) * 5) / 9)).toBe(c);
  });
  it('speaks of alcohol, blenders, sugar alcohols and raw flour where they are', () => {
    expect(of(['wine-red'])).toContain('35 %');
    expect(of(['potato'], 'Boil the potatoes and blend until smooth')).toContain('blender');
    expect(of(['erythritol'])).toContain('dogs');
    expect(of(['flour-white'], 'Knead to a dough')).toContain('Flour is raw');
    expect(of(['potato'])).not.toContain('raw');
  });
});

describe('words for numbers', () => {
  it.each([
    [0, '0'],
    [0.5, '½'],
    [3, '3'],
    [6.5, '6½'],
  ])('points %d: %s', (p, words) => expect(formatPoints(p)).toBe(words));
  it.each([
    [0.04, '0'],
    [0.05, '0.1'],
    [1, '1'],
    [3.14, '3.1'],
    [-0.3, '−0.3'],
  ])('a share of %d: %s', (p, words) => expect(formatShare(p)).toBe(words));
  it('say how sure a count is', () => {
    const c = (
      low: number,
      points: number,
      high: number,
      certainty: 'exact' | 'atMost' | 'atLeast' | 'range',
      complete = true,
    ) => certaintyWords({ points, pointsRange: { low, high }, certainty, complete });
    expect(c(5, 5, 5, 'exact')).toBeNull();
    expect(c(5, 5, 6, 'atLeast')).toBe('maybe 6');
    expect(c(4, 5, 5, 'atMost')).toBe('maybe 4');
    expect(c(4, 5, 6, 'range')).toBe('4 to 6');
    expect(c(5, 5, 5, 'exact', false)).toBe('so far');
  });
  it('write a day', () => expect(formatDay('2026-11-05')).toBe('5 Nov 2026'));
  it('write amounts with their grams, where those say more', () => {
    const words = (text: string) => {
      const line = readVersion([text]).lines[0]!;
      return amountOnCard(line, line.food.kind === 'food' ? shippedFood(line.food.foodId) : null);
    };
    expect(words('¾ cup shredded part-skim mozzarella')).toBe('¾ cup (84 g)');
    expect(words('1 kg potatoes')).toBe('1 kg');
    expect(words('a pinch of nutmeg')).toBe('1 pinch');
    expect(words('2 to 3 cloves garlic')).toBe('2 to 3 cloves (7.5 g)');
    expect(words('2 eggs')).toBe('2');
    expect(words('2 cans tomatoes')).toBe('2 cans (411 g each)');
    expect(words('1 (15 oz) can chickpeas')).toBe('1 can (255 g when drained)');
    expect(words('1 tin chickpeas')).toBe('1 tin (253 g when drained)');
    expect(words('4 chicken thighs, bone-in')).toBe('4');
  });
});

describe('a card that says little', () => {
  it('says grams from one gram a serving on', () => {
    expect(servingWords({ servings: 4, servingGrams: 1, servingCooked: null })).toBe(
      'Serves 4, one serving is about 1 g',
    );
    expect(servingWords({ servings: 4, servingGrams: 0.4, servingCooked: null })).toBe('Serves 4');
    expect(servingWords({ servings: null, servingGrams: 480.4, servingCooked: null })).toBe('The whole, about 480 g');
  });
  it('credits who is named, else the family, else nobody', () => {
    const credit = (author: string | null, whose: 'family' | 'own' | 'other') =>
      creditWords({ credit: { author, url: null, whose } });
    expect(credit('Rosa', 'other')).toBe('From Rosa');
    expect(credit(null, 'family')).toBe('From the family');
    expect(credit(null, 'own')).toBeNull();
  });
});

describe('cautions for meat', () => {
  const ids = (...foods: string[]) =>
    cautionsFor(
      foods.map((id) => shippedFood(id)!),
      '',
    ).map((c) => c.id);
  it('are for raw meat and raw eggs only', () => {
    expect(ids('beef-ground-80')).toEqual(expect.arrayContaining(['ground-meat', 'raw']));
    expect(ids('ham-regular')).not.toContain('raw');
    expect(ids('butter')).not.toContain('raw');
    expect(ids('egg')).toContain('egg');
    expect(ids('egg-boiled').filter((id) => id === 'egg')).toEqual([]);
    for (const id of ['lamb-ground', 'sausage-italian', 'sausage-beef-fresh'])
      expect(ids(id)).not.toContain('whole-meat');
  });
  it('are not for what is nothing of the kind', () => {
    expect(ids('potato')).toEqual(['leftovers']);
    expect(ids('salmon')).toContain('fish');
    expect(ids('tuna-water', 'chicken-breast')).not.toContain('fish');
    expect(ids('xylitol')).toContain('polyols');
    expect(ids('sugar')).not.toContain('polyols');
  });
  it('send to the labels of what is ready-made, a few of them by name', () => {
    const words = (...foods: string[]) =>
      cautionsFor(
        foods.map((id) => shippedFood(id)!),
        '',
      ).find((c) => c.id === 'labels')?.words;
    expect(words('potato', 'butter')).toBeUndefined();
    expect(words('potato', 'puff-pastry')).toBe(
      'Ready-made foods differ: for allergens read the labels of puff pastry, ready-made.',
    );
    const many = ['puff-pastry', 'crackers', 'soy-sauce', 'bouillon-cube', 'pancake-mix'];
    expect(words(...many)).toMatch(/bouillon cube and others\.$/);
    expect(words(...many.slice(0, 4))).toMatch(/bouillon cube\.$/);
  });
});
