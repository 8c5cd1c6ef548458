import { describe, expect, it } from 'vitest';
import { readPasted } from '../../src/contract/read-pasted.ts';
import { indexFoods } from '../../src/core/food/match-food.ts';
import { SHIPPED_FOODS } from '../../src/core/food/shipped/index.ts';
import { lineOf } from '../../src/core/version/line-of.ts';
import { isOpen } from '../../src/core/version/version.ts';
import { readIngredient } from '../../src/core/weighing/read-ingredient.ts';
import { EXPECTED_PAGES, type ExpectedPage, type FactsRead, judgePage } from '../support/judge-page.ts';

const INDEX = indexFoods(SHIPPED_FOODS);

/** What the reader makes of a page, as facts. */
function factsOf({ page, facts }: ExpectedPage): FactsRead {
  const { recipes, language } = readPasted(page);
  const r = recipes[0]!;
  const grouped = facts.some((f) => f.words.startsWith('['));
  const lines = r.ingredients.map((i) => ({
    words: (grouped && i.group !== null ? `[${i.group}] ` : '') + i.text,
    open: isOpen(lineOf(readIngredient(i.text, i.group, INDEX, 'us'), 'x')),
  }));
  const one = (value: string | null) => (value === null ? [] : [value]);
  return {
    title: one(r.title),
    servings: [r.servings === null ? '-' : String(r.servings)],
    makes: one(r.makes?.replace(/^(?:makes|yields?:? (?:\d+ servings )?)\s*/i, '').replace(/^\(|\)$/g, '') ?? null),
    author: one(r.author),
    url: one(r.url),
    line: lines.filter((l) => !l.open).map((l) => l.words),
    open: lines.filter((l) => l.open).map((l) => l.words),
    step: r.steps,
    note: r.notes,
    claim: r.claims.map((c) => `${c.kind} ${c.value}`),
    time: Object.entries(r.times).flatMap(([kind, minutes]) => (minutes === null ? [] : [`${kind} ${minutes}`])),
    pan: r.pans.map((p) => p.words),
    tool: r.tools,
    which: recipes.length > 1 ? [recipes.map((x) => x.title).join(' / ')] : [],
    language: one(language),
  };
}

describe('40 pages as they are found', () => {
  const judged = EXPECTED_PAGES.map((p) => ({ name: p.name, ...judgePage(p, factsOf(p)) }));
  const right = judged.reduce((n, j) => n + j.right, 0);
  const wrong = judged.flatMap((j) => j.wrong.map((w) => `${j.name}: ${w}`));
  it('are 40', () => expect(EXPECTED_PAGES).toHaveLength(40));
  it('are read right, 95 of a hundred facts', () => {
    expect(right / (right + wrong.length)).toBeGreaterThanOrEqual(0.95);
  });
  it('are wrong in nothing but this', () => {
    // Cream without an amount is a question.
    expect(wrong).toEqual(['25-groups: line: [To serve] sour cream', '25-groups: asked: [to serve] sour cream']);
  });
});
