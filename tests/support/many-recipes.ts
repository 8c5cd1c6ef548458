import { USUAL_PASS_ON } from '../../src/core/card/pass-on.ts';
import { SHIPPED_FOODS } from '../../src/core/food/shipped/index.ts';
import type { Line, Version } from '../../src/core/version/version.ts';
import { makeDocument } from '../../src/server/store/entries.ts';
import { addRecipe } from '../../src/server/store/recipes.ts';
import type { Scope } from '../../src/server/store/scope.ts';
import { VERSIONS } from '../../src/server/store/version-shelf.ts';
import { write } from '../../src/server/store/write.ts';

const FOODS = SHIPPED_FOODS.filter((f) => !f.kinds.includes('nothing'));
const WORDS = ['Gratin', 'Soup', 'Stew', 'Salad', 'Cake', 'Loaf', 'Dumplings', 'Pancakes', 'Goulash', 'Pudding'];

function versionOf(n: number, kind: 'asWritten' | 'lightened', lines: number): Version {
  const id = `bench-${n}-${kind === 'asWritten' ? 'w' : 'l'}`;
  return {
    id,
    recipeId: `bench-${n}`,
    parentId: kind === 'asWritten' ? null : `bench-${n}-w`,
    kind,
    name: kind === 'asWritten' ? 'as written' : 'lightened',
    servings: 2 + (n % 9),
    dish: null,
    madeFor: null,
    lines: Array.from({ length: lines }, (_, i): Line => {
      const food = FOODS[(n * 7 + i * 31) % FOODS.length]!;
      const grams = (kind === 'asWritten' ? 60 : 40) + ((n * 13 + i * 17) % 200);
      return {
        id: `${id}-${i}`,
        originLineId: `bench-${n}-${i}`,
        group: null,
        text: `${grams} g ${food.name}`,
        amount: { quantity: grams, quantityMax: null, unit: 'gram' },
        item: food.name,
        note: null,
        read: null,
        taken: null,
        food: { kind: 'food', foodId: food.id, revision: 1 },
        weight: { grams, low: grams, high: grams, from: 'weight' },
        role: null,
        roleSaid: false,
        technique: null,
        loss: null,
        kept: false,
        leftOut: false,
        swapId: null,
        warnings: [],
      };
    }),
    steps: [{ id: `${id}-s`, text: 'Cook it all.' }],
    revision: 0,
  };
}

/** Fills a household with recipes, two versions each. */
export async function addManyRecipes(home: Scope, recipes: number, lines: number): Promise<void> {
  for (let from = 0; from < recipes; from += 500) {
    await write(home, async (s) => {
      for (let n = from; n < Math.min(recipes, from + 500); n++) {
        await addRecipe(s, {
          id: `bench-${n}`,
          title: `${WORDS[n % WORDS.length]} number ${n}`,
          credit: { author: n % 3 === 0 ? 'the grandmother' : null, url: null, whose: 'family' },
          claims: [],
          facts: { makes: null, times: { prep: null, cook: null, total: null }, pans: [], tools: [] },
          settled: [],
          shownVersionId: null,
          favourite: false,
          passOn: USUAL_PASS_ON,
          notes: '',
          asWritten: versionOf(n, 'asWritten', lines),
        });
        const lightened = versionOf(n, 'lightened', lines);
        await makeDocument(s, VERSIONS, lightened.id, lightened);
      }
    });
  }
}
