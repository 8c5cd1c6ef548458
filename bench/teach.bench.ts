/**
 * What a table of known points teaches, over hidden rules of our own making, and what a step costs beside the same linear
 * programs by a general solver. `--rules N` takes more rules than the few of a quick look; the bars are for 200.
 */
import highsLoader from 'highs';
import { printedOnLabel } from '../src/core/food/label-rounding.ts';
import type { Nutrient } from '../src/core/food/nutrients.ts';
import { servingOr100 } from '../src/core/food/serving-grams.ts';
import { SHIPPED_FOODS } from '../src/core/food/shipped/index.ts';
import type { Rounding, Rule } from '../src/core/program/rule.ts';
import { contradictionsOf } from '../src/core/teach/contradictions.ts';
import { anythingOf, fitsOf, type Teachable } from '../src/core/teach/fits.ts';
import { CAPS, rowPairOf } from '../src/core/teach/hypothesis.ts';
import { type KnownFood, profileOfAmount, type TaughtFood } from '../src/core/teach/known-food.ts';
import { type AskableAmounts, timesFood } from '../src/core/teach/next-question.ts';
import { teach } from '../src/core/teach/teach.ts';
import { seeded } from '../tests/support/hard-choices.ts';
import { hiddenRule, madeUpFood, pointsBy, SEVEN } from '../tests/support/hidden-rules.ts';

const flag = process.argv.indexOf('--rules');
const RULES = flag === -1 ? 8 : Number(process.argv[flag + 1]);
const only = process.argv.includes('--only') ? process.argv[process.argv.indexOf('--only') + 1] : null;

/** The shipped foods in household measures, half of one, one or two. */
const REAL: readonly TaughtFood[] = SHIPPED_FOODS.filter((f) => !f.kinds.includes('nothing'))
  .map((f, i) => {
    const grams = servingOr100(f) * [0.5, 1, 2][i % 3]!;
    const stated = Object.fromEntries(
      SEVEN.flatMap((n) => (f.per100g[n].value === null ? [] : [[n, (f.per100g[n].value! * grams) / 100]])),
    );
    return { name: f.name, grams, profile: profileOfAmount(stated, grams, 'exact') };
  })
  .filter((f) => SEVEN.every((n) => f.profile[n].value !== null));

type Pool = 'made up' | 'shipped';
function drawn(pool: Pool, random: () => number, n: number): TaughtFood[] {
  if (pool === 'made up') return Array.from({ length: n }, (_, i) => madeUpFood(random, `food ${i} ${random()}`));
  const left = [...REAL];
  return Array.from({ length: n }, () => left.splice(Math.floor(random() * left.length), 1)[0]!);
}
const ONE_MODE: Teachable = { nutrients: SEVEN, modes: [{ rounding: 'nearest', step: 1 }], caps: [null] };
const ALL_MODES: Teachable = { ...anythingOf(SEVEN), caps: [null] };
const knownBy = (rule: Rule, food: TaughtFood): KnownFood => ({ ...food, points: pointsBy(rule, food) });
const percent = (part: number, of: number): string => `${((100 * part) / Math.max(1, of)).toFixed(1)} %`;

interface Tally {
  all: number;
  right: number;
  within: number;
  settled: number;
  wrongly: number;
  outside: number;
  likely: number;
  likelyRight: number;
  few: number;
}
const tally = (): Tally => ({
  all: 0,
  right: 0,
  within: 0,
  settled: 0,
  wrongly: 0,
  outside: 0,
  likely: 0,
  likelyRight: 0,
  few: 0,
});
function count(
  t: Tally,
  rule: Rule,
  teaching: ReturnType<typeof teach>,
  foods: readonly TaughtFood[],
  truths = foods,
): void {
  for (const [i, food] of foods.entries()) {
    const said = teaching.points(food);
    if (said === null) continue;
    const truth = pointsBy(rule, truths[i]!);
    t.all++;
    if (said.points === truth) t.right++;
    if (Math.abs(said.points - truth) <= rule.step + 1e-9) t.within++;
    if (said.min - 1e-9 > truth || said.max + 1e-9 < truth) t.outside++;
    if (said.settled) t.settled++;
    if (said.settled && said.points !== truth) t.wrongly++;
    if (said.likely) t.likely++;
    if (said.likely && said.points === truth) t.likelyRight++;
    if (said.max - said.min <= rule.step + 1e-9) t.few++;
  }
}
const shown = (t: Tally): string =>
  `right ${percent(t.right, t.all)}, within a step ${percent(t.within, t.all)}, proved ${percent(t.settled, t.all)} (wrongly ${t.wrongly}, outside ${t.outside}), one or two values ${percent(t.few, t.all)}, very likely ${percent(t.likely, t.all)} (right ${percent(t.likelyRight, t.likely)})`;

function asking(
  rule: Rule,
  pool: readonly TaughtFood[],
  teachable: Teachable,
  answers: number,
  amounts: AskableAmounts,
  read: (f: TaughtFood) => TaughtFood = (f) => f,
) {
  const known: KnownFood[] = pool.slice(0, 8).map((f) => ({ ...read(f), points: pointsBy(rule, f) }));
  const byName = new Map(pool.map((f) => [f.name, f]));
  let spent = 0;
  let longest = 0;
  for (let n = 0; n < answers; n++) {
    const start = performance.now();
    const next = teach(known, teachable).next(pool.map(read), amounts);
    const took = performance.now() - start;
    spent += took;
    longest = Math.max(longest, took);
    if (next === null) break;
    const asked = timesFood(byName.get(next.food.name)!, next.portions);
    known.push({ ...read(asked), points: pointsBy(rule, asked) });
  }
  return { known, step: spent / answers, longest };
}

const sections: Record<string, () => void | Promise<void>> = {
  random: () => {
    for (const pool of ['made up', 'shipped'] as const) {
      const random = seeded(1);
      const t = tally();
      for (let r = 0; r < RULES; r++) {
        const rule = hiddenRule(random);
        const teaching = teach(
          drawn(pool, random, 40).map((f) => knownBy(rule, f)),
          ONE_MODE,
        );
        count(t, rule, teaching, drawn(pool, random, 200));
      }
      console.log(`40 at random, ${pool}, rounding known: ${shown(t)}`);
    }
  },
  next: () => {
    for (const pool of ['made up', 'shipped'] as const) {
      for (const [amounts, answers] of [
        ['1', 25],
        ['any', 10],
        ['any', 20],
        ['1,2,3', 10],
      ] as const) {
        const random = seeded(2);
        const t = tally();
        let modes = 0;
        let step = 0;
        let longest = 0;
        for (let r = 0; r < RULES; r++) {
          const rule = hiddenRule(random, {
            rounding: (['nearest', 'up', 'down'] as Rounding[])[r % 3]!,
            step: r % 2 === 0 ? 1 : 0.5,
          });
          const foods = drawn(pool, random, 300);
          const asked = asking(rule, foods, ALL_MODES, answers, amounts);
          step += asked.step / RULES;
          longest = Math.max(longest, asked.longest);
          const teaching = teach(asked.known, ALL_MODES);
          if (teaching.taught.modes.length === 1) modes++;
          count(t, rule, teaching, foods.slice(0, 200));
        }
        console.log(
          `8 and ${answers} by next, ${pool}, amounts ${amounts}: ${shown(t)}; one mode left ${percent(modes, RULES)}; a step ${step.toFixed(0)} ms, at most ${longest.toFixed(0)} ms`,
        );
      }
    }
  },
  caps: () => {
    for (const pool of ['made up', 'shipped'] as const) {
      const random = seeded(3);
      const t = tally();
      let longest = 0;
      const teachable: Teachable = { ...ONE_MODE, caps: [null, ...CAPS] };
      for (let r = 0; r < RULES; r++) {
        const caps = [{}, { fibre: 4 }, { protein: 20 }, { fibre: 2 }, { protein: 30 }][r % 5]!;
        const rule = hiddenRule(random, { caps });
        const foods = drawn(pool, random, 300);
        const asked = asking(rule, foods, teachable, 25, '1');
        longest = Math.max(longest, asked.longest);
        count(t, rule, teach(asked.known, teachable), foods.slice(0, 200));
      }
      console.log(`a cap of 15, 25 by next, ${pool}: ${shown(t)}; a step at most ${longest.toFixed(0)} ms`);
    }
  },
  modes: () => {
    for (const pool of ['made up', 'shipped'] as const) {
      const random = seeded(4);
      let only = 0;
      let ruledOut = 0;
      for (let r = 0; r < RULES * 3; r++) {
        const mode = ALL_MODES.modes[r % 6]!;
        const rule = hiddenRule(random, mode);
        const fits = fitsOf(
          drawn(pool, random, 40).map((f) => knownBy(rule, f)),
          ALL_MODES,
        );
        if (!fits.some((f) => f.hypothesis.mode === mode)) ruledOut++;
        if (fits.length === 1) only++;
      }
      console.log(
        `rounding and step of 40 at random, ${pool}: the only one left in ${percent(only, RULES * 3)}, wrongly ruled out ${ruledOut}`,
      );
    }
  },
  label: () => {
    const random = seeded(5);
    const t = tally();
    const printed = (f: TaughtFood): TaughtFood => {
      const stated = Object.fromEntries(SEVEN.map((n) => [n, printedOnLabel(f.profile[n].value!, n, 'us')]));
      return { ...f, profile: profileOfAmount(stated as Partial<Record<Nutrient, number>>, f.grams, 'us') };
    };
    for (let r = 0; r < RULES; r++) {
      const rule = hiddenRule(random);
      const foods = drawn('shipped', random, 200);
      const { known } = asking(rule, foods, ONE_MODE, 25, '1', printed);
      count(t, rule, teach(known, ONE_MODE), foods.map(printed), foods);
    }
    console.log(`US labels, shipped, 8 and 25 by next: ${shown(t)}`);
  },
  wrong: () => {
    for (const errors of [1, 2]) {
      const random = seeded(6);
      let among = 0;
      let first = 0;
      const tables = RULES * 4;
      for (let r = 0; r < tables; r++) {
        const rule = hiddenRule(random);
        const known = drawn(r % 2 ? 'shipped' : 'made up', random, 30).map((f) => knownBy(rule, f));
        const at = new Set<number>();
        while (at.size < errors) at.add(Math.floor(random() * known.length));
        const spoilt = known.map((k, i) =>
          at.has(i) ? { ...k, points: k.points > 2 && random() < 0.5 ? k.points - 2 : k.points + 2 } : k,
        );
        const { sets } = contradictionsOf(spoilt, ONE_MODE);
        const isTrue = (set: readonly number[] | undefined) => set?.length === errors && set.every((i) => at.has(i));
        if (sets.some(isTrue)) among++;
        if (isTrue(sets[0])) first++;
      }
      console.log(
        `${errors} wrong by 2 among 30: among the sets in ${percent(among, tables)}, first in ${percent(first, tables)}`,
      );
    }
    const random = seeded(7);
    let found = 0;
    let all = 0;
    let falsely = 0;
    for (let r = 0; r < RULES * 2; r++) {
      const rule = hiddenRule(random);
      const known = drawn(r % 2 ? 'shipped' : 'made up', random, 35).map((f) => knownBy(rule, f));
      const out = new Set(known.flatMap((k, i) => (k.points >= 1 ? [i] : [])).slice(0, 2 + (r % 6)));
      const spoilt = known.map((k, i) => (out.has(i) ? { ...k, points: 0 } : k));
      const { uncounted } = contradictionsOf(spoilt, ONE_MODE);
      found += uncounted.filter((i) => out.has(i)).length;
      all += out.size;
      if (uncounted.some((i) => !out.has(i))) falsely++;
    }
    console.log(
      `foods that turn out uncounted: ${percent(found, all)} found, falsely suspected in ${falsely} of ${RULES * 2} tables`,
    );
  },
  time: async () => {
    const random = seeded(8);
    const rule = hiddenRule(random);
    const known = drawn('shipped', random, 40).map((f) => knownBy(rule, f));
    const foods = drawn('shipped', random, 300);
    const timed = (work: () => void): number => {
      const start = performance.now();
      work();
      return performance.now() - start;
    };
    for (const [name, teachable] of [
      ['one mode', ONE_MODE],
      ['six modes', ALL_MODES],
      ['15 caps', { ...ONE_MODE, caps: [null, ...CAPS] }],
    ] as const) {
      teach(known, teachable);
      const check = timed(() => fitsOf(known, teachable));
      const teaching = teach(known, teachable);
      const ranges = timed(() => void foods.map((f) => teaching.points(f)));
      const next = timed(() => teach(known, teachable).next(foods, '1'));
      console.log(
        `40 foods, ${name}: check ${check.toFixed(0)} ms, points of 300 foods ${ranges.toFixed(0)} ms, next ${next.toFixed(0)} ms`,
      );
    }
    const wrong = known.map((k, i) => (i === 7 ? { ...k, points: k.points + 2 } : k));
    console.log(`contradictions of 40 foods: ${timed(() => contradictionsOf(wrong, ONE_MODE)).toFixed(0)} ms`);
    const many = Array.from({ length: 2000 }, (_, i) => knownBy(rule, timesFood(madeUpFood(random, `m${i}`), 1)));
    console.log(`2,000 foods: ${timed(() => void teach(many, ALL_MODES).taught).toFixed(0)} ms`);
    const highs = await highsLoader();
    const fit = fitsOf(known, ONE_MODE)[0]!;
    const { rows, b } = fit.rules.inequalities();
    const text = (goal: ArrayLike<number>): string => {
      const sum = (a: ArrayLike<number>) =>
        [...Array.from(a)].map((v, j) => `${v < 0 ? '-' : '+'} ${Math.abs(v).toFixed(12)} x${j}`).join(' ');
      return `Maximize\n obj: ${sum(goal)}\nSubject To\n ${rows.map((a, i) => `r${i}: ${sum(a)} <= ${b[i]!.toFixed(12)}`).join('\n ')}\nEnd\n`;
    };
    const few = foods.slice(0, 60);
    const own = timed(() => void few.map((f) => fit.rules.maximise(rowPairOf(f.profile, SEVEN, null).high)));
    const general = timed(
      () => void few.map((f) => highs.solve(text(rowPairOf(f.profile, SEVEN, null).high), { output_flag: false })),
    );
    console.log(
      `60 linear programs: own ${own.toFixed(1)} ms, general ${general.toFixed(0)} ms; ratio general / own: ${(general / own).toFixed(0)}`,
    );
  },
};
for (const [name, run] of Object.entries(sections)) if (only === null || only === name) await run();
