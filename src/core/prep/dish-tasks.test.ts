import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import type { Allergen } from '../food/food.ts';
import { NO_TIMES, type TimesSaid } from '../page/recipe-text.ts';
import { stepsAtStove } from '../stove/steps-at-stove.ts';
import { dishTasks } from './dish-tasks.ts';
import { partKey } from './prep.ts';
import type { DishTasks, PrepTask } from './prep-task.ts';

interface Said {
  readonly times?: Partial<TimesSaid>;
  readonly minutes?: Readonly<Record<string, number>>;
  readonly mind?: readonly Allergen[];
  readonly hints?: readonly string[];
}
function tasksOf(
  lines: string[],
  steps: string[],
  { times = {}, minutes = {}, mind = [], hints = [] }: Said = {},
): DishTasks {
  const version = readVersion(lines, { servings: 4, steps: steps.map((text, i) => ({ id: `s${i + 1}`, text })) });
  return dishTasks(
    {
      id: 'dish',
      version,
      led: stepsAtStove(version, shippedFood),
      times: { ...NO_TIMES, ...times },
      hints: new Set(hints),
    },
    { food: shippedFood, minutes, mind: new Set(mind) },
  );
}
const called = (d: DishTasks, words: RegExp): PrepTask => {
  const found = d.tasks.filter((t) => words.test(t.words));
  expect(found.map((t) => t.words)).toHaveLength(1);
  return found[0]!;
};
/** Everything that has to be over before a task begins. */
const before = (d: DishTasks, task: PrepTask): string[] => {
  const all = new Set<string>();
  const visit = (id: string): void => {
    for (const a of d.tasks.find((t) => t.id === id)!.after) {
      all.add(d.tasks.find((t) => t.id === a)!.words);
      visit(a);
    }
  };
  visit(task.id);
  return [...all];
};

const gratin = [
  ['1 kg potatoes', '2 leeks', '250 ml cream', '250 ml milk', '150 g Gruyère, grated', '1 tbsp butter'],
  [
    'Slice the potatoes 3 mm thin and slice the leeks.',
    'Soften the leeks in the butter, 8 minutes.',
    'Warm the cream with the milk.',
    'Layer potatoes and leeks in a dish, pour over the cream, scatter the Gruyère.',
    'Bake at 180 °C for 55 minutes.',
    'Let it stand 10 minutes before cutting.',
  ],
] as const;

describe('the tasks of a dish', () => {
  it('begin what is apart whenever there are hands for it, and join it where it goes in', () => {
    const d = tasksOf([...gratin[0]], [...gratin[1]]);
    const warm = called(d, /^Warm the cream/);
    expect(before(d, warm)).toEqual([]);
    expect(before(d, called(d, /^Soften/))).toEqual(['Slice the potatoes 3 mm thin, slice the leeks']);
    expect(before(d, called(d, /^Layer/)).sort()).toEqual([
      'Get ready: 150 g Gruyère, grated',
      'Slice the potatoes 3 mm thin, slice the leeks',
      'Soften the leeks in the butter',
      'Warm the cream with the milk',
    ]);
    expect(called(d, /^Bake/)).toMatchObject({
      place: 'oven',
      hands: false,
      minutes: 55,
      from: 'read',
      heat: { low: 180, high: 180 },
    });
    expect(d.tasks.at(-1)).toMatchObject({ words: 'Into boxes', hands: true, after: [called(d, /^Let it stand/).id] });
  });

  it('have raw meat cut after what lies on the same board', () => {
    const d = tasksOf(['100 g bacon, diced', '1 onion, chopped'], ['Fry the bacon with the onion.', 'Serve.']);
    expect(called(d, /^Get ready/).words).toBe('Get ready: 1 onion, chopped; 100 g bacon, diced');
  });

  it('never stir in, before it is there, what goes into the pot at the end', () => {
    const d = tasksOf(
      [
        '1 kg beef brisket, cubed',
        '4 onions, sliced',
        '2 tbsp lard',
        '3 tbsp paprika',
        '200 ml soured cream',
        '1 tsp salt',
      ],
      [
        'Brown the beef in the lard.',
        'Soften the onions in the same pot, 15 minutes.',
        'Stir in the paprika.',
        'Return the beef and simmer for 2½ hours.',
        'Stir in the soured cream and season with salt.',
      ],
    );
    expect(before(d, called(d, /^Stir in the soured/))).toContain('Simmer');
    expect(before(d, called(d, /^Stir in the paprika/))).toContain('Soften the onions in the same pot');
    // It is stirred in the pot, which stays on its burner from the beef to the end of the simmering.
    expect(d.tasks.flatMap((t) => t.tools).filter((u) => u.tool === 'bowl')).toEqual([]);
    expect(called(d, /^Brown/).tools).toContainEqual(
      expect.objectContaining({ tool: 'burner', until: called(d, /^Simmer/).id }),
    );
    expect(d.tasks.flatMap((t) => t.tools).filter((u) => u.tool === 'burner')).toHaveLength(1);
    expect(called(d, /^Simmer/)).toMatchObject({ minutes: 150, hands: false, place: 'hob' });
  });

  it('cool what is hot before it goes into the blender, but not what a step cools', () => {
    const soup = ['500 g carrots, sliced', '1 l vegetable stock', '100 ml cream'];
    const d = tasksOf(soup, [
      'Add the stock to the carrots, bring to the boil and simmer for 20 minutes.',
      'Blend until smooth and stir in the cream.',
    ]);
    const blend = called(d, /^Blend/);
    expect(before(d, blend)).toContain('Cools before it goes into the blender: hot food spurts');
    expect(blend.tools.map((u) => u.tool)).toContain('blender');
    const said = tasksOf(soup, [
      'Simmer the carrots in the stock for 20 minutes.',
      'Let it cool for 25 minutes.',
      'Blend until smooth.',
    ]);
    expect(said.tasks.filter((t) => /cool/i.test(t.words)).map((t) => t.minutes)).toEqual([25]);
  });

  it('wash the board after raw meat, and mind what somebody must not have', () => {
    const d = tasksOf(
      ['500 g chicken thighs, cubed', '1 onion, sliced', '50 g walnuts, chopped'],
      ['Fry the chicken with the onion 10 minutes.', 'Strew the walnuts on top.'],
      {
        mind: ['tree-nuts'],
      },
    );
    const boards = d.tasks.flatMap((t) => t.tools.filter((u) => u.tool === 'board').map((u) => u.soils));
    expect(boards).toEqual([3, 4]);
    expect(boards.every((soils) => soils > d.tasks.flatMap((t) => t.tools)[0]!.bears)).toBe(true);
  });

  it('keep a bowl until what is in it goes on, and go on stirring in the same', () => {
    const d = tasksOf(
      ['3 eggs', '150 g sugar', '300 g carrots, grated', '200 g flour', '100 ml oil'],
      ['Beat the eggs with the sugar.', 'Fold in the carrots and the flour.', 'Bake at 175 °C for 50 minutes.'],
    );
    const bowls = d.tasks.flatMap((t) =>
      t.tools
        .filter((u) => u.tool === 'bowl')
        .map((u) => ({ from: t.words, until: u.until, bears: u.bears, soils: u.soils })),
    );
    expect(bowls).toEqual([{ from: 'Beat the eggs with the sugar', until: called(d, /^Fold/).id, bears: 1, soils: 3 }]);
  });

  it('cut beforehand what a step cuts before it cooks it', () => {
    const d = tasksOf(
      ['1 onion', '400 g mushrooms', '1 tbsp butter'],
      ['Soften the onion in the butter, 10 minutes.', 'Slice the mushrooms, add them and brown them 8 minutes.'],
    );
    expect(before(d, called(d, /^Slice/))).toEqual([]);
    expect(before(d, called(d, /brown them/i)).sort()).toEqual([
      'Slice the mushrooms',
      'Soften the onion in the butter',
    ]);
  });

  it('put in for the last minutes what goes in then', () => {
    const d = tasksOf(
      ['400 g lentils', '300 g smoked sausage'],
      ['Simmer the lentils for 40 minutes.', 'Add the sausage for the last 10 minutes.'],
    );
    expect(d.tasks.map((t) => [t.words, t.minutes, t.hands])).toEqual([
      ['Simmer the lentils', 30, false],
      ['Add the sausage', expect.any(Number), true],
      ['Goes on', 10, false],
      ['Into boxes', expect.any(Number), true],
    ]);
  });

  it('begin the evening before what takes a night, with what it needs', () => {
    const d = tasksOf(
      ['250 g dried beans', '1 onion, diced', '800 ml water'],
      ['Soak the beans in water overnight.', 'Drain, add the onion and simmer for 1 hour.'],
    );
    expect(d.before.map((b) => b.words).join()).toMatch(/soak/i);
    expect(d.tasks.some((t) => /soak/i.test(t.words))).toBe(false);
    expect(before(d, called(d, /^Simmer/)).join()).toMatch(/onion/);
  });

  it('chill in the boxes what only chills at the end, and serve when it is eaten', () => {
    const d = tasksOf(
      ['500 g cucumbers', '200 ml soured cream'],
      ['Slice the cucumbers.', 'Fold in the soured cream.', 'Chill for 1 hour.'],
    );
    expect(d.after).toEqual([{ dishId: 'dish', words: 'Chill', minutes: 60 }]);
    expect(d.tasks.map((t) => t.words)).not.toContain('Chill');
    const served = tasksOf(
      ['500 g cabbage', '200 ml soured cream'],
      ['Simmer the cabbage 30 minutes.', 'Serve with soured cream.'],
    );
    expect(served.tasks.map((t) => t.words)).toEqual(['Simmer the cabbage', 'Into boxes']);
    expect(served.after.map((a) => a.words)).toEqual(['When it is eaten: Serve with soured cream']);
  });

  it('say which minutes they guessed, take what the cook says, and learn it by the part of a step', () => {
    const d = tasksOf([...gratin[0]], [...gratin[1]]);
    const slice = called(d, /^Slice/);
    expect(slice).toMatchObject({ from: 'guessed', key: partKey('s1', '0') });
    const told = tasksOf([...gratin[0]], [...gratin[1]], { minutes: { [slice.key]: 25 } });
    expect(called(told, /^Slice/)).toMatchObject({ from: 'told', minutes: 25 });
    expect(called(told, /^Bake/).from).toBe('read');
  });

  it('share out what the recipe says of the worktop over what was guessed there', () => {
    const at = (prep: number) => {
      const d = tasksOf([...gratin[0]], [...gratin[1]], { times: { prep } });
      return d.tasks
        .filter((t) => t.from === 'guessed' && t.hands && t.place === null && t.words !== 'Into boxes')
        .reduce((sum, t) => sum + t.minutes, 0);
    };
    expect(Math.abs(at(30) - 30)).toBeLessThanOrEqual(3);
    expect(at(40)).toBeGreaterThan(at(20));
  });

  it('say how hot the oven was taken to be where no step says it', () => {
    const d = tasksOf(['1 kg potatoes'], ['Bake the potatoes for 50 minutes.']);
    expect(called(d, /^Bake/).heat).toEqual({ low: 180, high: 180 });
    expect(d.guesses.join()).toContain('180 °C');
    const ranged = tasksOf(['1 kg potatoes'], ['Bake the potatoes at 180 to 200 °C for 50 minutes.']);
    expect(called(ranged, /^Bake/).heat).toEqual({ low: 180, high: 200 });
    expect(ranged.guesses).toEqual([]);
  });

  it('take what is kneaded in for what it is, and what is set close together for work', () => {
    const d = tasksOf(
      ['250 ml milk', '500 g flour', '21 g yeast', '80 g butter', '2 eggs', '1 kg plums, pitted', '50 g sugar'],
      [
        'Warm the milk; stir yeast and the milk into the flour and let it rise for 20 minutes.',
        'Knead in butter and eggs and let it rise for 45 minutes.',
        'Roll the dough out on a tray. Set the plums close together.',
        'Bake at 190 °C for 40 minutes.',
      ],
    );
    expect(before(d, called(d, /^Knead in/))).toContain('Let it rise');
    expect(called(d, /plums close/)).toMatchObject({ hands: true });
  });

  it('simmer in the pot what is diced for it, and take the pot off when it is emptied', () => {
    const soup = tasksOf(
      ['1 onion', '500 g beetroot', '1 l vegetable stock', '20 g butter'],
      [
        'Soften the onion in the butter, 5 minutes.',
        'Dice the beetroot and simmer it in the vegetable stock for 35 minutes.',
      ],
    );
    expect(before(soup, called(soup, /^Simmer/)).sort()).toEqual([
      'Dice the beetroot',
      'Soften the onion in the butter',
    ]);
    const cabbage = tasksOf(
      ['1 cabbage', '500 g minced pork', '100 g rice', '100 g smoked bacon'],
      [
        'Boil the cabbage whole for 10 minutes and take off 16 leaves.',
        'Mix the pork with the rice, roll it into the leaves.',
        'Render the bacon, lay the rolls on it and simmer for 90 minutes.',
      ],
    );
    const burners = cabbage.tasks.flatMap((t) => t.tools.filter((u) => u.tool === 'burner').map(() => t.words));
    expect(burners).toHaveLength(2);
    expect(burners[0]).toBe('Boil the cabbage whole');
    expect(called(cabbage, /^Mix the pork/).tools.map((u) => u.tool)).toContain('bowl');
  });

  it('say how a step is done with what is in it now, and make no work of that', () => {
    const spray = 'Spray the hot pan once, add a spoon of water when it begins to stick.';
    const d = tasksOf(
      ['4 onions, sliced', '2 sprays oil'],
      [spray, 'Soften the onions in the oil spray, 10 minutes.'],
      { hints: [spray] },
    );
    expect(d.tasks.map((t) => t.words)).toEqual([
      'Get ready: 4 onions, sliced',
      'Soften the onions in the oil spray',
      'Into boxes',
    ]);
    expect(called(d, /^Soften/).hints).toEqual([{ stepId: 's1', words: spray }]);
    const trim = 'Trim all visible fat before cubing.';
    const lean = tasksOf(
      ['1 kg beef chuck, cubed', '2 sprays oil'],
      [trim, spray, 'Brown the beef chuck in the oil spray.'],
      { hints: [trim, spray] },
    );
    expect(called(lean, /^Get ready/).hints.map((h) => h.words)).toEqual([trim]);
    expect(called(lean, /^Brown/).hints.map((h) => h.words)).toEqual([spray]);
  });

  it('are something even of a recipe without steps', () => {
    const d = tasksOf(['1 kg potatoes'], []);
    expect(d.tasks.map((t) => t.words)).toEqual(['Cook it', 'Into boxes']);
    expect(d.guesses.join()).toMatch(/no steps/i);
  });
});
