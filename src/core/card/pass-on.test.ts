import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { withAmount } from '../version/with-amount.ts';
import { type CardInput, makeCard } from './card.ts';
import { whoseWords } from './card-words.ts';
import { CARD_PARTS, type PassOn, USUAL_PASS_ON } from './pass-on.ts';

const version = readVersion(['2 cups skim milk', '½ cup sugar', '3 eggs', '1 tbsp butter'], {
  servings: 4,
  steps: [
    { id: 's1', text: 'Whisk the milk, sugar and eggs.' },
    { id: 's2', text: 'Bake in the butter.' },
  ],
});
const asWritten = {
  ...readVersion(['2 cups whole milk', '½ cup sugar', '3 eggs', '1 tbsp butter'], { servings: 4 }),
  id: 'written',
};
const cardOf = (passOn: Partial<PassOn> = {}, rest: Partial<CardInput> = {}) =>
  makeCard({
    title: 'Custard',
    credit: { author: 'the notebook', url: null, whose: 'family' },
    version,
    asWritten,
    kitchen: kitchenOf(),
    programs: FIXTURE_PROGRAMS,
    pins: [],
    swaps: [],
    system: 'us',
    region: 'us',
    countedOn: '2026-12-01',
    weighed: null,
    food: shippedFood,
    picture: null,
    ...rest,
    passOn: { ...USUAL_PASS_ON, ...passOn },
  });

describe('what goes out on a card', () => {
  it('is everything until the cook says otherwise', () => {
    const card = cardOf();
    expect(card).toMatchObject({
      words: null,
      picture: null,
      label: null,
      shows: 'whole',
      corrected: null,
      revision: version.revision,
    });
    expect(card.ingredients).toHaveLength(4);
    expect(card.steps).toHaveLength(2);
    expect(card.changes.length).toBeGreaterThan(0);
    expect(card.regular.length).toBeGreaterThan(0);
    expect(card.ingredients.every((i) => i.offers.length === 0 && i.asks === null)).toBe(true);
  });

  it('is nothing of what the cook leaves out: it is not on the card at all', () => {
    const card = cardOf({ hides: CARD_PARTS });
    expect(card).toMatchObject({
      ingredients: [],
      steps: [],
      changes: [],
      regular: [],
      options: [],
      kcal: null,
      kcalWas: null,
      label: null,
    });
    expect(card.programs.every((p) => p.span === null)).toBe(true);
    expect(JSON.stringify(card)).not.toMatch(/sugar|Whisk|whole milk/);
    // What keeps its readers safe goes out with every card.
    expect(card.allergens).toEqual(expect.arrayContaining(['milk', 'egg']));
    expect(card.cautions).toEqual(cardOf().cautions);
  });

  it('has points beside neither lines nor steps where they are left out, and is counted for its readers all the same', () => {
    const card = cardOf({ hides: ['linePoints', 'stepPoints'] });
    expect(card.ingredients.map((i) => i.raw)).toEqual([[], [], [], []]);
    expect(card.steps.map((s) => s.adds)).toEqual([[], []]);
    expect(card.reader!.ways).toHaveLength(FIXTURE_PROGRAMS.length);
    expect(card.reader!.sizes).toHaveLength(4);
    expect(cardOf({ hides: ['ingredients'] }).reader!.sizes).toEqual([]);
  });

  it('has own words at the top, as they were written', () => {
    expect(cardOf({ words: '  For Sundays.\nTwice on feast days. ' }).words).toBe('For Sundays.\nTwice on feast days.');
    expect(cardOf({ words: ' \n ' }).words).toBeNull();
  });
});

describe('a line that offers a choice', () => {
  const milk = version.lines[0]!.originLineId;
  const counters = FIXTURE_PROGRAMS.map((p) => plainCounter(p, []));
  const withMilk = (foodId: string) => {
    const food = shippedFood(foodId)!;
    const line = {
      ...version.lines[0]!,
      food: { kind: 'food' as const, foodId, revision: food.revision },
      item: food.name,
      note: null,
    };
    const weighed = withAmount(line, '2 cups', food, 'us');
    if ('wrong' in weighed) throw new Error(weighed.wrong);
    const lines = version.lines.map((l, i) => (i === 0 ? weighed.line : l));
    return countVersion({ ...version, lines }, kitchenOf(), counters).counts.map((c) => c.points);
  };

  it('says what each would make of the whole, by another way the same', () => {
    const card = cardOf({
      lines: [{ id: milk, any: 'any milk', foods: ['milk-whole', 'milk-skim', 'soy-drink'], asks: '' }],
    });
    const [line, ...rest] = card.ingredients;
    expect(line!.any).toBe('any milk');
    expect(line!.offers.map((o) => o.words)).toEqual(
      ['milk-whole', 'milk-skim', 'soy-drink'].map((id) => shippedFood(id)!.name),
    );
    expect(line!.offers[0]!.points).toEqual(withMilk('milk-whole'));
    expect(line!.offers[0]!.same).toBe(false);
    expect(line!.offers[1]!.points).toEqual(card.programs.map((p) => p.points));
    expect(line!.offers[1]!.same).toBe(true);
    // What it brings that the dish has not is said: somebody may not have it.
    expect(line!.offers[2]!.contains).toEqual(['soya']);
    expect(line!.offers[0]!.contains).toEqual([]);
    expect(rest.every((i) => i.offers.length === 0)).toBe(true);
  });

  it('is not understood in silence: what nobody can weigh there has no points', () => {
    const asked = cardOf({
      lines: [{ id: milk, any: '', foods: ['no-such-food'], asks: ' Does it set with oat milk? ' }],
    });
    expect(asked.ingredients[0]).toMatchObject({ any: null, offers: [], asks: 'Does it set with oat milk?' });
    expect(
      cardOf({ lines: [{ id: milk, any: '', foods: ['bay-leaf'], asks: '' }] }).ingredients[0]!.offers[0]!.points,
    ).toBeNull();
  });
});

describe('a card of another author’s recipe', () => {
  const credit = { author: 'A. Writer', url: 'https://example.org/custard', whose: 'other' as const };
  const text = (card: object) => JSON.stringify(card);

  it('has changes and counts only, and says so', () => {
    const card = cardOf({}, { credit });
    expect(card).toMatchObject({ shows: 'changes', ingredients: [], steps: [], credit });
    expect(card.changes.length).toBeGreaterThan(0);
    expect(whoseWords(card)).toMatch(/A\. Writer.*(?:changed|changes).*counts/);
    expect(text(card)).not.toContain('Whisk');
  });

  it('has the amounts as cooked and steps in own words where the cook says so, never the author’s', () => {
    const card = cardOf(
      { others: 'amounts', ownSteps: 'Mix milk, sugar, eggs.\n\n  Butter the dish and bake. ' },
      { credit },
    );
    expect(card.shows).toBe('amounts');
    expect(card.ingredients.map((i) => i.name)).toEqual(['skim milk', 'sugar', 'eggs (150 g)', 'butter']);
    expect(card.steps.map((s) => s.text)).toEqual(['Mix milk, sugar, eggs.', 'Butter the dish and bake.']);
    // What goes in is read from the own words.
    card.programs.forEach((_, i) => {
      const lines = card.ingredients.reduce((s, l) => s + l.raw[i]!, 0);
      expect(card.steps.reduce((s, x) => s + x.adds[i]!, 0)).toBeCloseTo(lines, 9);
    });
    expect(text(card)).not.toContain('Whisk');
    expect(whoseWords(card)).toMatch(/A\. Writer.*own words/);
    expect(cardOf({ others: 'amounts' }, { credit }).steps).toEqual([]);
  });

  it('is credited whatever is left out', () => {
    const card = cardOf({ hides: CARD_PARTS }, { credit });
    expect(card.credit).toEqual(credit);
    expect(whoseWords(card)).toContain('A. Writer');
  });
});
