import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Cook } from '../../src/core/cook/cook.ts';
import { newCook } from '../../src/core/cook/new-cook.ts';
import { newTimer } from '../../src/core/stove/timer.ts';
import { eachEveryWay, type Screen } from '../support/every-way.ts';
import { expectAccessible, expectNoSideways, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
let gratin: string;
let pot: string;
const stove = 'screens-at-stove';
beforeAll(async () => {
  imbiss = await sharedImbiss('screens');
  const recipes = (await (await fetch(`${imbiss.api}/recipes`)).json()).rows;
  const idOf = (part: string): string => recipes.find((r: { title: string }) => r.title.includes(part)).id;
  gratin = idOf('gratin');
  pot = idOf('smoked-sausage');
  // Something stands at the stove, with a timer that is seen on every screen.
  const { versions } = await (await fetch(`${imbiss.api}/recipes/${pot}`)).json();
  const now = new Date();
  const timer = newTimer({ id: 'screens-timer', name: 'Simmer', stepId: null, from: 5400, to: 6000 }, now.getTime());
  const cook: Cook = {
    ...newCook({
      id: stove,
      recipeId: pot,
      versionId: versions[0].id,
      as: 'cooked',
      day: now.toISOString().slice(0, 10),
    }),
    begun: now.toISOString(),
    timers: { [timer.id]: timer },
  };
  const made = await fetch(`${imbiss.api}/cooks/${stove}/document`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(cook),
  });
  expect(made.status).toBe(200);
});
afterAll(() => imbiss.stop());

const STATIONS: readonly Screen[] = [
  ['library', '/recipes', 'Potato and leek gratin', 'dense'],
  ['paste', '/bring-in', 'What was read'],
  ['read', () => `/recipes/${gratin}`, 'Versions'],
  ['bring in', () => `/recipes/${gratin}/bring-in`, 'Ingredients', 'dense'],
  ['bench', () => `/recipes/${gratin}/lighten`, 'Departure from', 'dense'],
  ['cook', () => `/recipes/${gratin}/cook`, 'Before the first step', 'dense'],
  ['at the stove', () => `/recipes/${pot}/cook/${stove}?step=2`, 'Step 2 of'],
  ['the practice scale', '/scale', 'Pour'],
  ['dish up', () => `/recipes/${pot}/dish-up?cook=screens-demo-cook-pot-two`, 'Where it went', 'dense'],
  ['made it', () => `/recipes/${gratin}/dish-up`, 'Made it?'],
  ['labels', () => `/recipes/${pot}/dish-up/labels?cook=screens-demo-cook-pot-two`, 'eat by'],
  ['pass on', () => `/recipes/${gratin}/pass-on`, 'What was changed'],
  ['versions', () => `/recipes/${gratin}/lighten/compare`, 'weighs'],
];

describe('every screen of a recipe', () => {
  eachEveryWay(() => imbiss, STATIONS);

  it('holds any words: a hundred letters without a blank, and such as run from right to left', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 360, height: 740 }, hasTouch: true });
    const { page, errors } = await openPage(context);
    const long = `Donau${'dampfschifffahrtsgesellschaft'.repeat(4)}kuchen`;
    await page.goto(`${imbiss.home}/bring-in`);
    await page
      .getByLabel('Paste it as you found it')
      .fill(
        `${long} شوربة العدس\nServes 4\n\nIngredients\n500 g ${long}\n2 cups flour\nشوربة\n\nMethod\nStir the ${long} into the flour.`,
      );
    await page.getByRole('button', { name: 'Bring it in' }).click();
    await page.waitForURL('**/recipes/*/bring-in');
    const recipe = page.url().replace('/bring-in', '');
    for (const [at, text] of [
      [`${recipe}/bring-in`, 'Servings'],
      [recipe, 'Ingredients'],
      [`${recipe}/lighten`, 'Departure from'],
      [`${recipe}/pass-on`, 'Ingredients'],
      [`${imbiss.home}/recipes`, 'Potato and leek gratin'],
    ] as const) {
      await page.goto(at);
      await page.locator('main').getByText(text).first().waitFor();
      for (const width of [360, 820, 1280]) {
        await page.setViewportSize({ width, height: 800 });
        await expectNoSideways(page, `${at.slice(recipe.length)}, ${width}`);
      }
    }
    // A title is read from the side that its words begin at.
    await page.goto(recipe);
    expect(await page.getByRole('heading', { level: 1 }).getAttribute('dir')).toBe('auto');
    expect(errors).toEqual([]);
    await context.close();
  });

  it('says in words what went wrong and what to do', async () => {
    const context = await imbiss.browser.newContext();
    const { page } = await openPage(context);
    await page.goto(`${imbiss.home}/recipes/nowhere/lighten`);
    await page.getByText('There is no such recipe.').waitFor();
    await expectAccessible(page, 'missing recipe');
    await page.goto(`${imbiss.url}/h/nowhere/recipes`);
    await page.getByText('There is no such household.').waitFor();
    await page.goto(`${imbiss.url}/nonsense`);
    await page.getByText('There is nothing at this address').waitFor();
    await context.close();
  });

  it('lead through the pantry: search, a food, its ladder, points one knows', async () => {
    const context = await imbiss.browser.newContext();
    const { page, errors } = await openPage(context);
    await page.goto(`${imbiss.home}/pantry`);
    await page.getByLabel('Search the pantry').fill('scallion');
    await page.getByRole('link', { name: /spring onion/ }).waitFor();
    await page.getByLabel('Search the pantry').fill('smoked sausage');
    await page.getByRole('link', { name: /^smoked sausage/ }).click();
    await page.getByRole('heading', { name: 'smoked sausage, pork and beef' }).waitFor();
    await page
      .getByRole('region', { name: 'Where it is used' })
      .getByRole('link', { name: 'Lentil and smoked-sausage pot' })
      .waitFor();
    const ladder = page.getByRole('region', { name: 'Ladders' }).locator('li').first();
    const before = await ladder.textContent();
    await page.getByText('I know the points of').click();
    await page.getByLabel('points', { exact: true }).fill('1');
    await page.getByLabel('for', { exact: true }).fill('100');
    await page.getByRole('button', { name: 'Use these' }).click();
    await page.getByText(/^1 point for .*100 g/).waitFor();
    expect(await ladder.textContent()).not.toBe(before);
    await page.getByRole('button', { name: 'Forget' }).click();
    await page.getByText(/^1 point for .*100 g/).waitFor({ state: 'detached' });
    expect(await ladder.textContent()).toBe(before);
    expect(errors).toEqual([]);
    await context.close();
  });

  it('takes any paste without losing it', async () => {
    const context = await imbiss.browser.newContext();
    const { page, errors } = await openPage(context);
    await page.goto(`${imbiss.home}/bring-in`);
    const box = page.getByLabel('Paste it as you found it');
    const bringIn = page.getByRole('button', { name: 'Bring it in' });
    await box.fill('x'.repeat(200_000));
    await page.getByText('too long for one recipe').waitFor();
    await bringIn.click();
    await page.getByRole('alert').getByText('Bring in one recipe at a time').waitFor();
    expect((await box.inputValue()).length).toBe(200_000);
    await box.fill(`A very long list\n\n${Array.from({ length: 500 }, (_, i) => `${i + 1} g sugar`).join('\n')}`);
    await page.getByText('100 more lines than a recipe holds').waitFor();
    await bringIn.click();
    await page.getByRole('alert').getByText('Split it into two').waitFor();
    await box.fill('Odd things\nServes 1000\n\n0 cups flour\n-3 eggs\n1 cup sugar\n');
    await page.getByText('which cannot be').waitFor();
    await bringIn.click();
    await page.waitForURL('**/recipes/*/bring-in');
    await page.getByText('An amount below zero cannot be.').waitFor();
    await page.getByText('The amount is zero').waitFor();
    await page.getByText('The whole, no servings yet').waitFor();
    // A saved page becomes its recipe in plain words.
    await page.goto(`${imbiss.home}/bring-in`);
    const data =
      '{"@type":"Recipe","name":"Leek soup","recipeYield":"4","recipeIngredient":["3 leeks","1 cup mystery crunch"]}';
    await box.fill(`<html><body><script type="application/ld+json">${data}</script><p>Menu</p></body></html>`);
    await page.getByText('2 ingredients, 1 to answer').waitFor();
    await page.waitForFunction(() => document.querySelector('textarea')?.value.startsWith('Leek soup\nServes 4'));
    await bringIn.click();
    await page.waitForURL('**/recipes/*/bring-in');
    // What a line is once, it is the next time.
    await page.getByRole('button', { name: 'What is it?' }).click();
    await page.getByRole('combobox', { name: 'Search the pantry' }).fill('walnuts');
    await page
      .getByRole('option', { name: /^walnuts/ })
      .first()
      .click();
    await page.getByText('"mystery crunch" is walnuts from now on').waitFor();
    // Of two recipes on a page the cook says which; servings that nobody says are asked.
    await page.goto(`${imbiss.home}/bring-in`);
    await box.fill(
      'Beet salad\nServes 4\n\nIngredients\n6 beets\n2 tbsp oil\n\nMethod\nRoast the beets and dress them.\n\nCrunch topping\n\nIngredients\n1 cup mystery crunch\n1 tbsp oil\n\nMethod\nToast it in the oil.',
    );
    await page.getByText('There are 2 recipes in it. Which do you mean?').waitFor();
    await bringIn.click();
    await page.getByRole('alert').getByText('Say which you mean').waitFor();
    await page.getByRole('button', { name: 'Crunch topping' }).click();
    await page.getByText('as last time').waitFor();
    await page.getByLabel('How many servings does it make?').fill('8');
    await bringIn.click();
    await page.waitForURL('**/recipes/*/bring-in');
    await page.getByText('A serving, of 8').waitFor();
    await page.getByText('as last time').waitFor();
    expect(errors).toEqual([]);
    await context.close();
  });
});
