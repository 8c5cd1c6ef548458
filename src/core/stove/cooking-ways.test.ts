import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { cookingWays } from './cooking-ways.ts';

const ways = (lines: string[], ...texts: string[]) =>
  cookingWays(readVersion(lines, { steps: texts.map((text, i) => ({ id: `s${i}`, text })) }), shippedFood);
const stew = ways(
  ['1 kg beef chuck', '2 onions', '800 ml vegetable stock', '150 g soured cream', '200 g dried kidney beans'],
  'Brown the beef.',
  'Add the stock and beans and simmer for 2 to 2½ hours.',
  'Stir in the soured cream.',
);
const loaf = ways(
  ['2 lb ground beef, 85% lean', '1 cup breadcrumbs'],
  'Mix, shape into a loaf.',
  'Bake at 350 °F for 60 minutes.',
);
const of = (list: ReturnType<typeof ways>, id: string) => list.find((w) => w.id === id);

describe('another way of cooking it', () => {
  it('is offered where it can be', () => {
    expect(stew.map((w) => w.id)).toEqual(['slow-cooker', 'pressure-cooker']);
    expect(loaf.map((w) => w.id)).toEqual(['hot-air', 'pan-for-oven', 'small-tins']);
    expect(ways(['2 cucumbers'], 'Slice and serve.')).toEqual([]);
  });
  it('says times: what simmers two hours takes eight to ten on low', () => {
    expect(of(stew, 'slow-cooker')!.times.map((t) => `${t.name} ${t.from / 3600}-${t.to! / 3600}`)).toEqual([
      'On low 8-10',
      'On high 4-6',
    ]);
    expect(of(stew, 'pressure-cooker')!.times[0]).toMatchObject({ from: 2400, to: 3000 });
  });
  it('says that small tins take a third of the loaf, and a loaf tin for one two thirds', () => {
    const [muffins, small] = of(loaf, 'small-tins')!.times;
    expect(muffins).toMatchObject({ from: 1200, to: null });
    expect(small).toMatchObject({ from: 2400, to: null });
  });
  it('says how much liquid: half in a slow cooker, at least a cup under pressure', () => {
    expect(of(stew, 'slow-cooker')!.liquid).toMatch(/half of the 800 ml/);
    expect(of(stew, 'pressure-cooker')!.liquid).toMatch(/at least 1 cup \(240 ml\)/);
  });
  it('names what goes in at the end, and the cautions with who says so', () => {
    expect(of(stew, 'slow-cooker')!.words.join(' ')).toMatch(/soured cream.*at the end/i);
    const cautions = of(stew, 'slow-cooker')!.cautions;
    expect(cautions.map((c) => c.source)).toContain('FDA Bad Bug Book, phytohaemagglutinin');
    expect(cautions.map((c) => c.words).join(' ')).toMatch(/Thaw meat all through/);
    for (const way of [...stew, ...loaf]) expect(way.source).toMatch(/common practice|USDA|FDA/);
  });
  it('says less heat in hot air, and that its inside is measured', () => {
    const air = of(loaf, 'hot-air')!;
    expect(air.words.join(' ')).toMatch(/325 °F \(165 °C\)/);
    expect(air.times[0]!.from).toBe(2700);
    expect(air.words.join(' ')).toMatch(/160 °F \(71 °C\)/);
  });
});
