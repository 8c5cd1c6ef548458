import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { cli } from '../../src/cli/main.ts';
import { ParseAnswerSchema, ScoreAnswerSchema, TeachAnswerSchema, WaysAnswerSchema } from '../../src/contract/cli.ts';
import { ProblemSchema } from '../../src/contract/problem.ts';
import { printedOnLabel } from '../../src/core/food/label-rounding.ts';
import type { Nutrient, NutrientProfile } from '../../src/core/food/nutrients.ts';
import { SHIPPED_FOODS } from '../../src/core/food/shipped/index.ts';
import type { Rule } from '../../src/core/program/rule.ts';
import { SAMPLE_PROGRAMS } from '../../src/core/program/samples.ts';
import type { TaughtFood } from '../../src/core/teach/known-food.ts';
import { seeded } from '../support/hard-choices.ts';
import { hiddenRule, madeUpFood, pointsBy } from '../support/hidden-rules.ts';

let dir: string;
beforeAll(() => {
  dir = mkdtempSync(join(tmpdir(), 'imbiss-cli-'));
});
afterAll(() => rmSync(dir, { recursive: true, force: true }));

const ROOT = join(import.meta.dirname, '../..');
/** Runs a command as the process would, with what it reads and writes held here. */
async function imbiss(args: readonly string[], input = '', env: Record<string, string> = {}) {
  const said = { out: '', err: '' };
  const status = await cli(args, {
    stdin: () => Buffer.from(input),
    out: (text) => void (said.out += `${text}\n`),
    err: (text) => void (said.err += `${text}\n`),
    env,
  });
  return { status, ...said };
}
const file = (name: string, body: string): string => {
  const path = join(dir, name);
  writeFileSync(path, body);
  return path;
};
const STEW = 'Stew\nServes 4\n\nIngredients\n1 lb 80/20 ground beef\n2 onions\n1 cup sour cream\nsalt to taste\n';

describe('ways', () => {
  const ask = async (...args: string[]) => {
    const { status, out, err } = await imbiss(['ways', file('stew.txt', STEW), ...args, '--json']);
    expect(err).toBe('');
    expect(status).toBe(0);
    return WaysAnswerSchema.parse(JSON.parse(out));
  };
  it('prints the way of least departure, and with --explain all that it takes to check it', async () => {
    const printed = await ask('--eater', 'LE=6', '--eater', 'HA=7', '--explain');
    expect(printed).toMatchObject({ targets: { LE: 6, HA: 7 }, reachable: true, proved: true, obstacle: null });
    const lines = [...new Set(printed.options!.map((o) => o.line))].map((l) =>
      printed.options!.filter((o) => o.line === l),
    );
    let best = Number.POSITIVE_INFINITY;
    const tryAll = (i: number, raw: Record<string, number>, departure: number): void => {
      if (i === lines.length) {
        if (raw.LE! < 6.5 - 1e-9 && raw.HA! < 7.5 - 1e-9) best = Math.min(best, departure);
        return;
      }
      for (const o of lines[i]!)
        tryAll(i + 1, { LE: raw.LE! + o.raw.LE!, HA: raw.HA! + o.raw.HA! }, departure + o.departure);
    };
    tryAll(0, printed.base!.raw, 0);
    expect(printed.ways[0]!.departure).toBeCloseTo(best, 9);
    expect(printed.ways.every((w) => w.points.LE! <= 6 && w.points.HA! <= 7)).toBe(true);
    expect(printed.frontier.every((f) => f.mark === 'LE')).toBe(true);
    expect(printed.frontier[0]!.departure).toBeLessThanOrEqual(printed.ways[0]!.departure);
  });
  it('takes limits, kept lines and what somebody does without', async () => {
    const { ways } = await ask(
      '--eater',
      'LE=9',
      '--kcal',
      '500',
      '--max-changes',
      '2',
      '--keep',
      'cream',
      '--without',
      'celery',
    );
    expect(ways.length).toBeGreaterThan(0);
    for (const w of ways) {
      expect(w.changes.length).toBeLessThanOrEqual(2);
      expect(w.kcal!).toBeLessThanOrEqual(500);
      expect(w.changes.some((c) => c.line.includes('cream'))).toBe(false);
    }
  });
  it('takes what is in the house, what cannot be had, and swaps of one’s own', async () => {
    const to = (printed: Awaited<ReturnType<typeof ask>>) => printed.options!.map((o) => o.swap);
    const free = await ask('--eater', 'LE=6', '--explain');
    const house = await ask('--eater', 'LE=6', '--have', '300 g fat-free sour cream', '--explain');
    expect(to(free)).toContain('beef-80-to-95');
    expect(to(house)).not.toContain('beef-80-to-95');
    expect(house.options!.length).toBeLessThan(free.options!.length);
    const lacking = await ask('--eater', 'LE=6', '--lacking', '95/5 ground beef', '--explain');
    expect(to(lacking)).not.toContain('beef-80-to-95');
    expect(to(lacking)).toContain('beef-to-turkey');
    const own = {
      id: 'own-quark',
      name: 'quark for the beef',
      kind: 'standIn',
      role: 'protein',
      from: ['beef-ground-80'],
      into: [{ foodId: 'quark-fatfree', ratio: 0.5 }],
      share: 1,
      mostShare: 1,
      stays: 0,
      departure: 0.5,
      method: null,
      watch: null,
      why: '',
    };
    const best = (await ask('--eater', 'LE=6', '--swaps', file('own.json', JSON.stringify([own])))).ways[0]!;
    expect(best.changes.map((c) => c.swap)).toEqual(['own-quark']);
  });
  it('says what stands in the way', async () => {
    const printed = await ask('--eater', 'LE=0', '--keep', 'beef', '--keep', 'cream');
    expect(printed.reachable).toBe(false);
    expect(printed.obstacle!.words.join()).toContain('kept');
    expect(printed.obstacle!.closest).not.toBeNull();
  });
  it.each([
    [[], /needs a target/],
    [['--eater', 'LE'], /is no target/],
    [['--eater', 'ZZ=4'], /no program ZZ/],
    [['--eater', 'LE=4', '--eater', 'le=5'], /two targets/],
    [['--eater', 'LE=4', '--kcal', 'few'], /not a number/],
    [['--eater', 'LE=4', '--keep', 'unicorn'], /No line has/],
    [['--eater', 'LE=4', '--have', 'unicorn tears'], /Nobody knows the food/],
    [['--eater', 'LE=4', '--swaps', 'nothing-there.json'], /nothing-there/],
  ])('%j: exit 2 and a problem', async (args, words) => {
    const { status, err, out } = await imbiss(['ways', file('stew.txt', STEW), ...args]);
    expect([status, out]).toEqual([2, '']);
    expect(ProblemSchema.parse(JSON.parse(err)).title).toMatch(words);
  });
});

describe('the region', () => {
  it('is American unless it is said, and names foods and their words of two meanings', async () => {
    const foodOf = async (...flags: string[]) =>
      (
        JSON.parse((await imbiss(['parse', '-', '--json', ...flags], '100 g chips\n1 courgette')).out) as {
          food: { name: string };
        }[]
      ).map((l) => l.food.name);
    expect(await foodOf()).toEqual(['potato chips', 'zucchini']);
    expect(await foodOf('--region', 'gb')).toEqual(['oven chips, frozen', 'courgette']);
    expect((await imbiss(['parse', '-', '--region', 'mars'], '1 egg')).status).toBe(2);
  });
});

describe('parse', () => {
  it('prints an entry for every line, in order, as its schema says', async () => {
    const { status, out } = await imbiss(
      ['parse', '-', '--json'],
      '1 cup flour\n\nFor the glaze:\n2 tbsp butter or margarine\n1 (14.5 oz) can diced tomatoes, drained\nsalt',
    );
    expect(status).toBe(0);
    const lines = ParseAnswerSchema.parse(JSON.parse(out));
    expect(lines.map((l) => l.line)).toEqual([
      '1 cup flour',
      '2 tbsp butter or margarine',
      '1 (14.5 oz) can diced tomatoes, drained',
      'salt',
    ]);
    expect(lines[0]).toMatchObject({
      quantity: 1,
      unit: 'cup',
      food: { id: 'flour-white' },
      grams: 125,
      gramsFrom: 'measure',
      group: null,
    });
    expect(lines[1]).toMatchObject({ group: 'For the glaze', alternatives: ['margarine'] });
    expect(lines[2]).toMatchObject({ packageQuantity: 14.5, packageUnit: 'ounce', note: 'drained' });
    expect(lines[3]).toMatchObject({ food: { id: 'salt' }, grams: null, gramsFrom: 'none' });
  });
  it('says which rule took which words, when asked', async () => {
    const line = '2 cups flour, sifted';
    const { out } = await imbiss(['parse', '-', '--explain', '--json'], line);
    expect(ParseAnswerSchema.parse(JSON.parse(out))[0]!.rules).toEqual([
      { rule: 'the amount in front', words: '2 cups' },
      { rule: 'what stands behind the comma', words: 'sifted' },
    ]);
    expect((await imbiss(['parse', '-', '--explain'], line)).out).toContain('\n  the amount in front: 2 cups\n');
    expect((await imbiss(['parse', '-'], line)).out).not.toContain('the amount in front');
  });
  it('reads the ingredients of a whole recipe', async () => {
    expect(JSON.parse((await imbiss(['parse', file('stew.txt', STEW), '--json'])).out)).toHaveLength(4);
  });
});

describe('score', () => {
  it('prints counts under every program, as its schema says', async () => {
    const { status, out } = await imbiss(['score', file('stew.txt', STEW), '--json']);
    expect(status).toBe(0);
    const score = ScoreAnswerSchema.parse(JSON.parse(out));
    expect(score).toMatchObject({ title: 'Stew', servings: 4, unresolved: [] });
    expect(score.programs.map((p) => [p.mark, p.by])).toEqual([
      ['LE', 'ingredients'],
      ['LA', 'ingredients'],
      ['HA', 'ingredients'],
      ['HO', 'ingredients'],
    ]);
    // Beef 453.6 g, soured cream 230 g and onions 220 g by the rule, the rest uncounted, for four.
    const beef = 4.5359237 * (254 + 6.75 * 7.6 - 2 * 17.2);
    const cream = 2.3 * (198 + 2 * 3.4 + 6.75 * 10.1 - 2 * 2.4);
    const onions = 2.2 * (40 + 2 * 4.2 - 2 * 1.1 - 2 * 1.7);
    expect(score.programs[0]!.raw).toBeCloseTo((beef + cream + onions) / 45 / 4, 9);
  });
  it('lets flags beat text', async () => {
    const one = JSON.parse(
      (
        await imbiss([
          'score',
          file('stew.txt', STEW),
          '--servings',
          '8',
          '--program',
          'ha',
          '--by',
          'serving',
          '--json',
        ])
      ).out,
    );
    expect(one).toMatchObject({ servings: 8, programs: [{ mark: 'HA', by: 'serving' }] });
  });
  it('takes recipes as JSON, our own and schema.org’s', async () => {
    const own = file(
      'own.json',
      JSON.stringify({ title: 'Eggs', servings: 2, lines: ['4 eggs', { text: '1 tbsp butter' }] }),
    );
    expect(JSON.parse((await imbiss(['score', own, '--json'])).out)).toMatchObject({ title: 'Eggs', servings: 2 });
    const org = file(
      'org.json',
      JSON.stringify({
        '@graph': [
          { '@type': 'WebPage' },
          {
            '@type': 'Recipe',
            name: 'Org eggs',
            recipeYield: ['Serves 3'],
            recipeIngredient: ['4 eggs'],
            recipeInstructions: [{ '@type': 'HowToStep', text: 'Boil.' }],
          },
        ],
      }),
    );
    expect(JSON.parse((await imbiss(['score', org, '--json'])).out)).toMatchObject({ title: 'Org eggs', servings: 3 });
  });
  it('counts by a rule of one’s own', async () => {
    const rule = file(
      'rule.json',
      JSON.stringify({
        mark: 'MY',
        coefficients: { energy: 1, fiber: -10 },
        per: 100,
        step: 0.5,
        rounding: 'up',
        uncounted: ['onion'],
      }),
    );
    const out = JSON.parse((await imbiss(['score', file('stew.txt', STEW), '--rule', rule, '--json'])).out);
    expect(out.programs[0].mark).toBe('MY');
    expect(out.programs[0].raw).toBeCloseTo((4.5359237 * 254 + 2.3 * 198) / 100 / 4, 9);
    expect(out.lines[1].uncounted).toEqual(['MY']);
  });
  it('reads what old programs write', async () => {
    const path = join(dir, 'old.txt');
    writeFileSync(path, Buffer.from('Soup\n1 cup cr\u00e8me fra\u00eeche\n', 'latin1'));
    expect((await imbiss(['parse', path, '--json'])).out).toContain('crème fraîche');
    writeFileSync(path, Buffer.from('\ufeff1 egg', 'utf16le'));
    expect((await imbiss(['parse', path, '--json'])).out).toContain('1 egg');
  });
});

describe("a program of one's own, as a file", () => {
  const { id: _, revision: __, ...ledger } = SAMPLE_PROGRAMS[0]!;
  const own = { v: 1, ...ledger, mark: 'GR', name: 'Booklet', rule: { ...ledger.rule, per: 22.5 } };
  it('counts and searches as the one that it was copied from, by its own numbers', async () => {
    const program = file('own-program.json', JSON.stringify(own));
    const stew = file('stew.txt', STEW);
    const [mine] = JSON.parse((await imbiss(['score', stew, '--program', program, '--json'])).out).programs;
    const [theirs] = JSON.parse((await imbiss(['score', stew, '--program', 'LE', '--json'])).out).programs;
    expect(mine.mark).toBe('GR');
    // Half of what a point costs, twice the points: the list, the caps and the floor are the same.
    expect(mine.raw).toBeCloseTo(theirs.raw * 2, 9);
    const ways = await imbiss(['ways', stew, '--program', program, '--eater', 'GR=4', '--json']);
    expect(ways.status).toBe(0);
    expect(ways.out).toContain('GR');
  });
  it('equals the same rule given as a rule, over the whole pantry', async () => {
    const bare = { ...own, list: { entries: [], exclusions: [] } };
    const program = file('bare.json', JSON.stringify(bare));
    const rule = file('bare-rule.json', JSON.stringify({ mark: 'GR', name: 'Booklet', ...own.rule }));
    const lines = SHIPPED_FOODS.slice(0, 300).map((f) => `100 g ${f.name}`);
    const pantry = file('pantry.txt', ['All', 'Serves 1', 'Ingredients', ...lines].join('\n'));
    const raw = async (flag: string, path: string) =>
      JSON.parse((await imbiss(['score', pantry, flag, path, '--json'])).out).programs[0].raw;
    expect(Math.abs((await raw('--program', program)) - (await raw('--rule', rule)))).toBeLessThan(1e-9);
  });
  it.each([
    ['is no program file', '{"v": 1, "mark": "GR"}', /The program cannot be read/],
    ['is no JSON', 'mark: GR', /not JSON/],
    ['counts nothing', JSON.stringify({ ...own, rule: { ...own.rule, coefficients: {} } }), /at least one nutrient/],
    ['has a cap below 0', JSON.stringify({ ...own, rule: { ...own.rule, caps: { fibre: -2 } } }), /cannot be below 0/],
  ])('says what is wrong with one that %s', async (_, text, words) => {
    const { status, err } = await imbiss(['score', file('stew.txt', STEW), '--program', file('bad.json', text)]);
    expect(status).not.toBe(0);
    expect(err).toMatch(words);
    expect(err).not.toMatch(/at .*\.ts:/);
  });
});

describe('teach', () => {
  const header = 'name,grams,points,kcal,fat,satFat,carbs,sugars,fibre,protein';
  const cell = (f: { profile: NutrientProfile }, n: Nutrient) => f.profile[n].value!.toFixed(9);
  const row = (f: TaughtFood, points: number | '') =>
    [
      f.name,
      f.grams!.toFixed(6),
      points,
      ...(['kcal', 'fat', 'satFat', 'carbs', 'sugars', 'fibre', 'protein'] as const).map((n) => cell(f, n)),
    ].join(',');
  const table = (random: () => number, n: number, rule: Rule) => {
    const foods = Array.from({ length: n }, (_, i) => madeUpFood(random, `food ${i}`));
    return { foods, csv: [header, ...foods.map((f) => row(f, pointsBy(rule, f)))].join('\n') };
  };
  const taught = async (csv: string, ...flags: string[]) => {
    const { status, out, err } = await imbiss(['teach', file('known.csv', csv), ...flags, '--json']);
    expect(err).toBe('');
    expect(status).toBe(0);
    return TeachAnswerSchema.parse(JSON.parse(out));
  };

  it('finds the rule of a table, says foods by it, and what to look up next', async () => {
    const random = seeded(3);
    const rule = hiddenRule(random);
    const { csv } = table(random, 40, rule);
    const asked = Array.from({ length: 30 }, (_, i) => madeUpFood(random, `asked ${i}`));
    const about = file(
      'about.csv',
      [header.replace(',points', ''), ...asked.map((f) => row(f, '').replace(',,', ','))].join('\n'),
    );
    const a = await taught(csv, '--about', about, '--rounding', 'nearest', '--step', '1', '--amounts', 'any');
    expect(a).toMatchObject({ consistent: true, reading: 'exact', oddOnesOut: [], uncounted: [] });
    expect(a.modes).toEqual([{ rounding: 'nearest', step: 1 }]);
    expect(a.caps).toContainEqual(null);
    for (const t of a.terms) {
      const c = rule.coefficients[t.nutrient] ?? 0;
      expect(t.min - 1e-6).toBeLessThanOrEqual(c);
      expect(t.max + 1e-6).toBeGreaterThanOrEqual(c);
    }
    expect(a.about).toHaveLength(30);
    for (const [i, f] of a.about.entries()) {
      expect(f.min).toBeLessThanOrEqual(pointsBy(rule, asked[i]!));
      expect(f.max).toBeGreaterThanOrEqual(pointsBy(rule, asked[i]!));
    }
    expect(a.next!.settles).toBeGreaterThan(0);
    // The rule that explains the table is one that score takes.
    const own = file('taught.json', JSON.stringify(a.rule));
    expect((await imbiss(['score', file('stew.txt', STEW), '--rule', own, '--json'])).status).toBe(0);
  });
  it('names the one that was typed wrong', async () => {
    const random = seeded(8);
    const { csv } = table(random, 34, hiddenRule(random));
    const lines = csv.split('\n');
    lines[12] = lines[12]!.replace(/^(food 11,[\d.]+),(\d+)/, (_, head, points) => `${head},${Number(points) + 3}`);
    const a = await taught(lines.join('\n'), '--rounding', 'nearest');
    expect(a.consistent).toBe(false);
    expect(a.oddOnesOut[0]).toEqual(['food 11']);
  });
  it('keeps the truth under labels that round', async () => {
    const random = seeded(14);
    const rule = hiddenRule(random);
    const { foods } = table(random, 30, rule);
    const printed = foods.map((f) => {
      const of = (n: Nutrient) => printedOnLabel(f.profile[n].value!, n, 'us');
      return [
        f.name,
        f.grams!.toFixed(6),
        pointsBy(rule, f),
        ...(['kcal', 'fat', 'satFat', 'carbs', 'sugars', 'fibre', 'protein'] as const).map(of),
      ].join(',');
    });
    const a = await taught([header, ...printed].join('\n'), '--label', 'us', '--rounding', 'nearest');
    expect(a).toMatchObject({ consistent: true, reading: 'label' });
    for (const t of a.terms) {
      const c = rule.coefficients[t.nutrient] ?? 0;
      expect(t.min - 1e-6, t.nutrient).toBeLessThanOrEqual(c);
      expect(t.max + 1e-6, t.nutrient).toBeGreaterThanOrEqual(c);
    }
  });
  it('says that no rule fits where none does, and is content with two foods', async () => {
    const mad = [header, ...Array.from({ length: 12 }, (_, i) => `same ${i},100,${i * 3},100,5,2,10,3,1,4`)].join('\n');
    const a = await taught(mad);
    expect(a).toMatchObject({ consistent: false, rule: null, about: [], next: null });
    const two = await taught(`${header}\na,100,3,150,5,2,10,3,1,4\nb,50,1,60,1,0,8,4,1,2`);
    expect(two.consistent).toBe(true);
    expect(two.modes.length).toBeGreaterThan(1);
  });
  it.each([
    ['nothing but noughts', `${header}\na,100,0,20,0,0,3,1,1,1`, /0 points/],
    ['nutrients below nothing', `${header}\na,100,3,-20,0,0,3,1,1,1`, /Line 2: kcal is -20/],
    ['more than there can be', `${header}\na,100,3,20,400,0,3,1,1,1`, /Line 2: fat is 400/],
    ['points that are none', `${header}\na,100,many,20,0,0,3,1,1,1`, /Line 2: points is .{1,3}many/],
    ['points below nothing', `${header}\na,100,-2,20,0,0,3,1,1,1`, /Line 2: Points are -2/],
    ['no points', `${header}\na,100,,20,0,0,3,1,1,1`, /Line 2: The points are empty/],
    ['no food', header, /no foods/],
    ['no nutrients', 'name,grams,points\na,100,3', /no nutrients/],
    [
      '2,001 foods',
      [header, ...Array.from({ length: 2001 }, () => 'a,100,3,20,0,0,3,1,1,1')].join('\n'),
      /at most 2000/,
    ],
  ])('refuses in words: %s', async (_, csv, words) => {
    const { status, err } = await imbiss(['teach', file('known.csv', csv)]);
    expect(status).toBe(2);
    expect(err).toMatch(words);
    expect(err).not.toMatch(/at .*\.ts:/);
  });
});

describe('bad input', () => {
  const stew = () => file('stew.txt', STEW);
  it.each([
    ['an unknown command', () => ['cook', 'x']],
    ['no file', () => ['parse']],
    ['a missing file', () => ['parse', '/nowhere/x.txt']],
    ['an empty paste', () => ['parse', file('empty.txt', '  \n ')]],
    ['a recipe without ingredients', () => ['score', file('words.txt', 'Just a title')]],
    ['an unknown program', () => ['score', stew(), '--program', 'ZZ']],
    ['servings of nothing', () => ['score', stew(), '--servings', '0']],
    ['a thousand servings', () => ['score', stew(), '--servings', '1000']],
    ['servings in the text that cannot be', () => ['score', file('none.txt', 'X\nServes 0\n\n2 eggs\n1 cup milk')]],
    ['an unknown way', () => ['score', stew(), '--by', 'guess']],
    ['a rule that is none', () => ['score', stew(), '--rule', file('bad.json', '{"step": 2}')]],
    ['an unknown flag', () => ['score', stew(), '--nonsense']],
    ['JSON that is no recipe', () => ['score', file('x.json', '{"a": 1}')]],
    ['a flag below nothing', () => ['score', stew(), '--servings', '-1']],
    [
      '20,000 nested lists',
      () => [
        'score',
        file(
          'deep.json',
          `{"recipeIngredient":["1 egg"],"recipeInstructions":${'['.repeat(20_000)}${']'.repeat(20_000)}}`,
        ),
      ],
    ],
    ['bytes that are no text', () => ['parse', file('bytes.bin', 'a\u0000b\u0000')]],
    ['a backup of nothing', () => ['backup', join(dir, 'b.db')]],
  ])('%s: exit 2 and a problem', async (_, args) => {
    const { status, err, out } = await imbiss(args(), '', { IMBISS_DATA: join(dir, 'no-data') });
    expect(status).toBe(2);
    expect(out).toBe('');
    const problem = ProblemSchema.parse(JSON.parse(err));
    expect(problem.title.length).toBeGreaterThan(5);
    expect(problem.detail!.length).toBeGreaterThan(5);
  });
  it('reads 200 kB of noise without falling over', async () => {
    const noise = file(
      'noise.txt',
      Array.from({ length: 4000 }, (_, i) => `${i % 7}½ @@ ⁄⁄ ${'x1/'.repeat(12)}`).join('\n'),
    );
    const { status } = await imbiss(['parse', noise, '--json']);
    expect(status).toBe(0);
  });
});

describe('the published schemas', () => {
  it('are those of the code', async () => {
    const { schemas } = await import('../../src/contract/published-schemas.ts');
    for (const [name, schema] of Object.entries(schemas())) {
      const published = JSON.parse(readFileSync(join(ROOT, `docs/schemas/${name}.json`), 'utf8'));
      expect(published, `${name}: run npm run schemas`).toEqual(JSON.parse(JSON.stringify(schema)));
    }
  });
});
