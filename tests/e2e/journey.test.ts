import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { choose, expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type RunningImbiss, startImbiss } from '../support/start-imbiss.ts';

const RECIPE = `Lakeside noodle bake
Serves 6 | 9 points, 480 calories per serving
Recipe by a neighbour

12 oz egg noodles
1 lb 80/20 ground beef
1 onion, chopped
2 (14.5 oz) cans diced tomatoes
1 cup sour cream
2 cups shredded cheddar, divided
1 tbsp oleo
½ cup crispy squares
1 tin of gloop
salt and pepper to taste

1. Cook the noodles. Brown the beef with the onion in the oleo.
2. Stir in the tomatoes and simmer 10 minutes.
3. Layer with sour cream, noodles, beef and cheddar; top with the crispy squares.
4. Bake at 350 °F for 30 minutes.`;

let imbiss: RunningImbiss;
beforeAll(async () => {
  imbiss = await startImbiss(4380);
});
afterAll(() => imbiss.stop());

/** Points as the count panel shows them, by eater. */
async function pointsOn(page: Page): Promise<Record<string, string>> {
  const names = await page
    .locator('#count li button[aria-label*=" points for "]')
    .evaluateAll((bs) => bs.map((b) => b.getAttribute('aria-label') ?? ''));
  return Object.fromEntries(names.map((n) => [/ points for ([^,.]+)/.exec(n)![1]!, /^([\d½]+)/.exec(n)![1]!]));
}
const saved = (page: Page) =>
  page
    .getByRole('status')
    .filter({ hasText: /^Saved$/ })
    .waitFor();
const line = (page: Page, text: string) => page.locator('tbody tr', { hasText: text });

describe('from a pasted recipe to a shared card', () => {
  it('is one journey', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    const { page, errors } = await openPage(context);

    // The demo greets, with two addresses printed.
    expect(imbiss.output()).toContain(imbiss.url);
    expect(imbiss.output()).toContain(imbiss.cardUrl);
    await page.goto(imbiss.url);
    await page.getByRole('heading', { name: 'Recipes' }).waitFor();
    await page.getByText('Potato and leek gratin').waitFor();
    expect(await page.locator('main li').count()).toBeGreaterThanOrEqual(8);

    // An own household beside the demo.
    await page.getByRole('link', { name: 'Household', exact: true }).first().click();
    await page.getByRole('button', { name: 'Start my own' }).click();
    const start = page.getByRole('dialog', { name: 'A household of your own' });
    await start.getByLabel('Name of the household').fill('');
    await start.getByText('Give it a name.').waitFor();
    await start.getByLabel('Name of the household').fill('Our kitchen');
    await choose(page, 'Cups and spoons', /^US customary/);
    await choose(page, 'Words', 'American');
    await expectAccessible(page, 'start');
    await start.getByRole('button', { name: 'Start', exact: true }).click();
    await page.getByText('No recipes yet').waitFor();
    // Never a second by mistake: whoever has one is asked first. Removed, it can be had back.
    await page.getByRole('link', { name: 'Household', exact: true }).first().click();
    await page.getByText('Nobody yet. Until somebody is').waitFor();
    await page.getByRole('button', { name: 'Start another household' }).click();
    await page.getByRole('heading', { name: 'You have one already' }).waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Remove Our kitchen' }).click();
    await page.getByRole('button', { name: 'Yes, remove it' }).click();
    await page.locator('[data-sonner-toast]').getByRole('button', { name: 'Undo' }).click();
    await page.getByText('No recipes yet').waitFor();
    await page.getByRole('link', { name: 'Household', exact: true }).first().click();
    const addEater = async (name: string, program: string) => {
      await page.getByRole('button', { name: 'Add an eater' }).click();
      await page.getByLabel('Name', { exact: true }).last().fill(name);
      await choose(page, 'Program', new RegExp(`^${program}`));
    };
    await addEater('Berta', 'LE · Ledger');
    await page.getByRole('combobox', { name: 'Add a food as an exception' }).fill('egg');
    await page.getByRole('option', { name: /^egg, whole/ }).click();
    await page.getByLabel('milk', { exact: true }).check();
    await page.getByLabel('Something avoided').fill('coriander leaf');
    await page.keyboard.press('Enter');
    await expectAccessible(page, 'eater dialog');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.getByText('allergic to milk').waitFor();
    await addEater('Jonas', 'HA · Harvest');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.getByText('Harvest: 31 a day').waitFor();

    // Bring in: nothing is read from nothing; then a recipe is.
    await page.getByRole('link', { name: 'Recipes', exact: true }).click();
    await page.getByText('No recipes yet').waitFor();
    await expectAccessible(page, 'empty library');
    await page.getByRole('link', { name: 'Bring in the first' }).click();
    await page.getByRole('button', { name: 'Bring it in' }).click();
    await page.getByText('There is nothing to read yet').waitFor();
    await page.getByLabel('Paste it as you found it').fill(RECIPE);
    await page.getByText('10 ingredients, 2 to answer').waitFor();
    await page.getByText('It says: 9 points').waitFor();
    await page.reload();
    await page.getByText('10 ingredients, 2 to answer').waitFor();
    await page.getByRole('button', { name: 'Bring it in' }).click();
    await page.waitForURL('**/recipes/*/bring-in');
    await page.getByText('2 lines to answer').waitFor();
    await page.locator('#count ul').getByText('so far').first().waitFor();

    // One line is a food that is missing: it comes from its label.
    await page
      .locator('li', { has: page.locator('textarea', { hasText: '½ cup crispy squares' }) })
      .getByRole('button', { name: 'What is it?' })
      .click();
    await expectAccessible(page, 'food picker');
    await page.getByRole('button', { name: 'Add from its label' }).click();
    await page.getByLabel('Values are for, g').fill('30');
    await page.getByLabel('that is, if it says so').fill('1');
    await page.getByLabel('Household measure').fill('cup');
    for (const [name, value] of [
      ['energy, kcal', '130'],
      ['fat, g', '4'],
      ['saturated fat, g', '0.5'],
      ['carbohydrate, g', '22'],
      ['sugars, g', '29'],
      ['fibre, g', '1'],
      ['protein, g', '2'],
    ] as const) {
      await page.getByLabel(name, { exact: true }).fill(value);
    }
    await page.getByRole('button', { name: 'Save the food' }).click();
    await page.getByText('There is more sugar than carbohydrate').waitFor();
    await page.getByLabel('sugars, g', { exact: true }).fill('6');
    await expectAccessible(page, 'label');
    await page.getByRole('button', { name: /Save/ }).click();
    await page.getByText('One line to answer').waitFor();
    await page.getByText('crispy squares, 15 g').waitFor();

    // The other is something else, found by searching; its grams are said by the cook.
    await page.getByRole('button', { name: 'What is it?' }).click();
    await page.getByLabel('Search the pantry').fill('cream of mush');
    await page
      .getByRole('option', { name: /cream of mushroom soup/ })
      .first()
      .click();
    await page.getByText('cream of mushroom soup, condensed, 305 g').waitFor();
    await page.getByText('to answer').waitFor({ state: 'detached' });
    await saved(page);
    expect(await page.locator('#count').getByText('so far').count()).toBe(0);
    await page.getByText('without an amount its sodium is not counted').waitFor();
    await page.getByText('The source says').waitFor();

    // Screen, API and command line agree.
    const asWritten = await pointsOn(page);
    const recipeId = /recipes\/([^/]+)\//.exec(page.url())![1]!;
    const home = /\/h\/([^/]+)/.exec(page.url())![1]!;
    const api = `${imbiss.url}/api/households/${home}`;
    const recipe = await (await fetch(`${api}/recipes/${recipeId}`)).json();
    const counted = await (await fetch(`${api}/versions/${recipe.versions[0].id}/count`)).json();
    for (const e of counted.eaters) expect(asWritten[e.eater]).toBe(String(e.points));
    const text = RECIPE.replace('½ cup crispy squares\n', '').replace('1 tin of gloop', '1 can cream of mushroom soup');
    const cli = spawnSync(
      process.execPath,
      [join(import.meta.dirname, '../../scripts/imbiss.mjs'), 'score', '-', '--json'],
      { input: text, encoding: 'utf8' },
    );
    const score = JSON.parse(cli.stdout);
    const rawOf = (mark: string): number => counted.eaters.find((e: { mark: string }) => e.mark === mark).raw;
    const squares = counted.eaters[0].lines.find((l: { label: string }) => l.label === 'crispy squares').raw;
    expect(score.programs.find((p: { mark: string }) => p.mark === 'HA').raw + squares).toBeCloseTo(rawOf('HA'), 9);

    // A number opens its reasons.
    await page.getByRole('button', { name: /points for Jonas/ }).click();
    await page.getByRole('heading', { name: /^Why \d/ }).waitFor();
    // As a bill: what counts nothing is folded, and a line opens in place.
    await page.getByRole('button', { name: /lines count nothing/ }).click();
    await page.getByText('uncounted: fresh plant food, nothing added').first().waitFor();
    await page
      .getByRole('list', { name: /^What each line adds/ })
      .getByRole('button')
      .first()
      .click();
    await page.getByText(/g a serving, by .*Counted as/).waitFor();
    await page.getByText('The three ways of counting').waitFor();
    await page.locator('dialog svg, [role=dialog] svg').first().waitFor();
    await expectAccessible(page, 'reasons');
    await page.keyboard.press('Escape');

    // Servings that cannot be are refused where they stand; others recount at once; undo brings them back.
    await page.getByLabel('Servings').fill('0');
    await page.keyboard.press('Tab');
    await page.getByText('Above 0, at most 500.').waitFor();
    await page.getByLabel('Servings').fill('3');
    await page.keyboard.press('Enter');
    await page.getByText('A serving, of 3').waitFor();
    await page.keyboard.press('Control+z');
    await page.getByText('A serving, of 6').waitFor();
    await saved(page);

    // Lighten.
    await page.getByRole('link', { name: 'Lighten it' }).click();
    await page.getByText('Departure from the family').waitFor();
    // Looking makes no version: the first change does.
    await page.getByText('The first thing that you change here begins the lighter one').waitFor();
    expect(await pointsOn(page)).toEqual(asWritten);
    const swap = async (item: string, name: RegExp) => {
      await page.getByRole('button', { name: `Change ${item}`, exact: true }).click();
      await page.getByRole('menuitem', { name }).click();
    };
    await page.getByRole('button', { name: 'Change 80/20 ground beef' }).click();
    await expectAccessible(page, 'swap menu');
    await page.getByRole('menuitem', { name: /the leanest ground beef/ }).click();
    await line(page, 'beef, ground, 95 % lean').waitFor();
    const afterBeef = await pointsOn(page);
    expect(Number.parseInt(afterBeef.Berta!, 10)).toBeLessThan(Number.parseInt(asWritten.Berta!, 10));
    await swap('sour cream', /plain fat-free yogurt for sour cream/);
    await swap('cheddar', /half of the cheese fat-free/);
    // A part swap asks how much of it; the arrows move it, and what it counts goes along.
    await page.getByRole('slider').focus();
    await page.keyboard.press('ArrowLeft');
    await page.getByText('45 %').waitFor();
    await page.keyboard.press('ArrowRight');
    await expectAccessible(page, 'a part swap');
    await page.getByRole('button', { name: 'Swap that much' }).click();
    await line(page, 'cheddar, fat-free').waitFor();
    await swap('oleo', /Leave it out/);
    await line(page, '1 tbsp oleo').getByText('left out', { exact: true }).waitFor();
    await swap('egg noodles', /Another amount/);
    await page.getByLabel('Amount of egg noodles').fill('250 g');
    await page.keyboard.press('Enter');
    await line(page, '250 g egg noodles').waitFor();
    await swap('onion', /Keep it/);
    await line(page, '1 onion, chopped').getByText('kept', { exact: true }).waitFor();
    await page.getByLabel('Add a line').fill('200 g mushrooms');
    await page.keyboard.press('Enter');
    await line(page, '200 g mushrooms').waitFor();
    await page.getByText('Not for everyone.').waitFor();
    await page.getByText('allergic to milk').waitFor();
    await saved(page);
    const light = await pointsOn(page);
    // The way back is under the thumb, with what it turns round.
    const back = page.locator('[data-sonner-toast]', { hasText: 'mushrooms' });
    await back.getByRole('button', { name: 'Undo' }).click();
    await line(page, '200 g mushrooms').waitFor({ state: 'detached' });
    await page.getByRole('button', { name: 'Redo' }).click();
    await line(page, '200 g mushrooms').waitFor();
    await saved(page);
    expect(await pointsOn(page)).toEqual(light);

    // Everything that was changed stands in a list, each with a way back of its own, also when others came after it.
    await page.getByRole('button', { name: 'More about this version' }).click();
    await page.getByRole('menuitem', { name: 'What was changed' }).click();
    const changed = page.getByRole('dialog', { name: 'What was changed' });
    await changed.getByRole('button', { name: 'Take back: Leave out oleo' }).click();
    await expectAccessible(page, 'what was changed');
    await page.keyboard.press('Escape');
    await line(page, '1 tbsp oleo').getByText('left out', { exact: true }).waitFor({ state: 'detached' });
    await page.getByRole('main').getByRole('button', { name: 'Undo' }).click();
    await line(page, '1 tbsp oleo').getByText('left out', { exact: true }).waitFor();
    await saved(page);

    // For twice as many, and back.
    await page.getByRole('button', { name: 'More about this version' }).click();
    await page.getByRole('menuitem', { name: 'Make more or less: for 6' }).click();
    await page.getByLabel('Make it for').fill('12');
    await page.keyboard.press('Enter');
    await line(page, '500 g egg noodles').waitFor();
    expect(await pointsOn(page)).toEqual(light);
    await page.getByRole('main').getByRole('button', { name: 'Undo' }).click();
    await line(page, '250 g egg noodles').waitFor();

    // By keyboard: from line to line, a swap menu, keep.
    await line(page, '250 g egg noodles').focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('k');
    await line(page, 'beef, ground').getByText('kept', { exact: true }).waitFor();
    await page.keyboard.press('k');
    await page.keyboard.press('s');
    await page.getByRole('menu').waitFor();
    await page.keyboard.press('Escape');
    await page.keyboard.press('?');
    await page.getByRole('heading', { name: 'Keys' }).waitFor();
    await page.keyboard.press('Escape');

    // Away and back: nothing is lost, and "saved" is only said when it is.
    await saved(page);
    await context.setOffline(true);
    await page.getByLabel('Add a line').fill('1 tsp thyme');
    await page.keyboard.press('Enter');
    await page.getByText('Not saved yet').waitFor();
    await context.setOffline(false);
    await saved(page);
    await page.reload();
    await line(page, '1 tsp thyme').waitFor();

    // The recipe as written has stayed as it was.
    await page.getByRole('link', { name: 'Bring in', exact: true }).click();
    await page.getByLabel('Title').waitFor();
    expect(await pointsOn(page)).toEqual(asWritten);

    // Pass on.
    await page.getByRole('link', { name: 'Pass on', exact: true }).click();
    await page.getByRole('article', { name: 'The card' }).waitFor();
    // On paper there is the card alone, as wide as the sheet.
    await page.emulateMedia({ media: 'print' });
    const sheet = (await page.getByRole('article', { name: 'The card' }).boundingBox())!;
    expect(sheet.width).toBeGreaterThan(500);
    expect(await page.getByRole('button', { name: 'Make a link' }).isVisible()).toBe(false);
    expect(await page.getByRole('link', { name: 'Recipes', exact: true }).isVisible()).toBe(false);
    await page.emulateMedia({ media: 'screen' });
    await page.getByRole('button', { name: 'Copy as text' }).click();
    await page.getByText('Copied as text.').waitFor();
    const copied = await page.evaluate(() => navigator.clipboard.readText());
    expect(copied).toContain('Lakeside noodle bake');
    expect(copied).toMatch(/^Lakeside noodle bake: Ledger \d+/);
    await page.getByRole('button', { name: 'Make a link' }).click();
    const link = page.getByRole('link', { name: 'Open' });
    await link.waitFor();
    const url = (await link.getAttribute('href'))!;
    expect(url.startsWith(`${imbiss.cardUrl}/c/`)).toBe(true);

    const reader = await imbiss.browser.newContext({ viewport: { width: 390, height: 844 }, javaScriptEnabled: false });
    const card = await reader.newPage();
    expect((await card.goto(url))!.status()).toBe(200);
    await card.getByRole('heading', { name: 'Lakeside noodle bake' }).waitFor();
    const shown = await card.getByRole('list', { name: /Points and calories/ }).textContent();
    expect(shown).toContain('Harvest');
    // Another author's recipe: the changes and the counts, not the recipe.
    await card.getByRole('heading', { name: 'What was changed' }).waitFor();
    expect(await card.getByText('Brown the beef').count()).toBe(0);
    await card.getByText('no medical advice').waitFor();
    await reader.close();
    const withScript = await imbiss.browser.newContext({ viewport: { width: 390, height: 844 } });
    const cardPage = await withScript.newPage();
    await cardPage.goto(url);
    await expectAccessible(cardPage, 'card');

    // The family's own card has everything.
    await page.getByRole('link', { name: 'Bring in', exact: true }).click();
    await page.getByText('From a neighbour').click();
    await choose(page, 'It is', "the family's");
    await page.getByRole('link', { name: 'Pass on', exact: true }).click();
    await page.getByRole('article').getByText('Layer with strained yogurt').waitFor();

    await page.getByRole('button', { name: 'Withdraw' }).click();
    await page.getByText('withdrawn', { exact: true }).waitFor();
    expect((await cardPage.goto(url))!.status()).toBe(404);
    await cardPage.getByText('There is no card here').waitFor();
    await expectAccessible(cardPage, 'withdrawn card');
    await withScript.close();

    // A second start keeps everything; removing the demo touches nothing else.
    await imbiss.restart();
    await page.goto(imbiss.url);
    await page.getByText('Lakeside noodle bake').waitFor();
    await page.getByRole('link', { name: 'Household', exact: true }).first().click();
    await page.getByRole('button', { name: 'Remove the demo' }).click();
    await page.getByRole('button', { name: 'Yes, remove it' }).click();
    await page.getByText('Lakeside noodle bake').waitFor();
    const households = await (await fetch(`${imbiss.url}/api/households`)).json();
    expect(households.map((h: { demo: boolean }) => h.demo)).toEqual([false]);
    expect(errors).toEqual([]);
    await context.close();
  });
});
