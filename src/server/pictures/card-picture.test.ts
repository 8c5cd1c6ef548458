import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { makeCard } from '../../core/card/card.ts';
import { USUAL_PASS_ON } from '../../core/card/pass-on.ts';
import { pictureOfCard } from './card-picture.ts';
import { typeSetter } from './type-setter.ts';

const cardOf = (title: string, steps: readonly string[]) => {
  const version = readVersion(['1⅓ cups milk', '2 eggs'], {
    servings: 2,
    steps: steps.map((text, i) => ({ id: `s${i}`, text })),
  });
  return makeCard({
    title,
    credit: { author: null, url: null, whose: 'own' },
    version,
    asWritten: version,
    kitchen: kitchenOf(),
    programs: FIXTURE_PROGRAMS,
    pins: [],
    swaps: [],
    system: 'us',
    region: 'us',
    countedOn: '2026-12-01',
    weighed: null,
    passOn: USUAL_PASS_ON,
    picture: null,
    food: shippedFood,
  });
};
const sizeOf = async (png: Uint8Array) => sharp(png).metadata();

describe('a card as a picture', () => {
  it('is a PNG as wide as posts take it, longer with its steps', async () => {
    const card = cardOf('Custard', ['Whisk.', 'Bake.']);
    const [without, withSteps] = [
      await sizeOf((await pictureOfCard(card, { steps: false })).png),
      await sizeOf((await pictureOfCard(card, { steps: true })).png),
    ];
    expect(without).toMatchObject({ format: 'png', width: 1080 });
    expect(withSteps.height).toBeGreaterThan(without.height!);
  });

  it('says which letters it has not, and draws the rest', async () => {
    expect((await pictureOfCard(cardOf('Crème brûlée Dvořák ½ ⅓ → 5', []), { steps: false })).undrawn).toEqual([]);
    expect((await pictureOfCard(cardOf('شوربة soup', []), { steps: false })).undrawn).toEqual([...'شوربة']);
  });

  it('is refused in words where it would be longer than a picture', async () => {
    const long = Array.from({ length: 150 }, () => 'Stir it well and go on stirring until it is thick. '.repeat(4));
    await expect(pictureOfCard(cardOf('Long', long), { steps: true })).rejects.toThrow(/too long for a picture/);
  });

  it('breaks lines between words, and a word only where it is longer than a line', async () => {
    const type = await typeSetter();
    const lines = type.lines(`one two three ${'x'.repeat(80)}`, 'plain', 20, 200);
    expect(lines.join('').replaceAll(' ', '')).toBe(`onetwothree${'x'.repeat(80)}`);
    for (const l of lines) expect(type.width(l, 'plain', 20)).toBeLessThanOrEqual(200);
  });
});
