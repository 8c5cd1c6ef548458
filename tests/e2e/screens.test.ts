import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { expectAccessible, expectContrast, expectNoSideways, openPage } from '../support/running-imbiss.ts';
import { brokenWords, expectOwnTitle, expectVisibleFocus, smallTargets } from '../support/screen-checks.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
let gratin: string;
let pot: string;
beforeAll(async () => {
  imbiss = await sharedImbiss('screens');
  const recipes = (await (await fetch(`${imbiss.api}/recipes`)).json()).rows;
  const idOf = (part: string): string => recipes.find((r: { title: string }) => r.title.includes(part)).id;
  gratin = idOf('gratin');
  pot = idOf('smoked-sausage');
});
afterAll(() => imbiss.stop());

const SCREENS = (): ReadonlyArray<readonly [name: string, path: string, text: string, dense?: 'dense']> => [
  ['library', '/recipes', 'Potato and leek gratin', 'dense'],
  ['paste', '/bring-in', 'What was read'],
  ['read', `/recipes/${gratin}`, 'Versions'],
  ['bring in', `/recipes/${gratin}/bring-in`, 'Ingredients', 'dense'],
  ['bench', `/recipes/${gratin}/lighten`, 'Departure from', 'dense'],
  ['dish up', `/recipes/${pot}/dish-up?cook=screens-demo-cook-pot-two`, 'Where it went', 'dense'],
  ['made it', `/recipes/${gratin}/dish-up`, 'Made it?'],
  ['labels', `/recipes/${pot}/dish-up/labels?cook=screens-demo-cook-pot-two`, 'eat by'],
  ['boxes', '/pantry/boxes', 'In the freezer'],
  ['pass on', `/recipes/${gratin}/pass-on`, 'What was changed'],
  ['pantry', '/pantry', '822 foods', 'dense'],
  ['food', '/pantry/gruyere', 'Where it is used'],
  ['in the house', '/pantry/stock', 'Cannot be had'],
  ['a plate', '/pantry/plate?with=1+tbsp+jam&with=1+tsp+honey', 'the whole plate'],
  ['side by side', '/pantry/compare?a=butter&b=egg', 'saturated fat'],
  ['in and out', '/pantry/files', 'Choose a file'],
  ['programs', '/programs', 'To try it with'],
  ['program', '/programs/program-larder', 'A food, worked out', 'dense'],
  ['two programs', '/programs/compare?a=program-ledger&b=program-larder', 'Furthest apart'],
  ['household', '/household', 'At the table', 'dense'],
  ['swaps', '/pantry/swaps', 'departs'],
  ['feasts', '/recipes/feasts', 'Harvest supper'],
  ['feast', '/recipes/feasts/screens-demo-feast-harvest', 'Bring everyone under', 'dense'],
  ['versions', `/recipes/${gratin}/lighten/compare`, 'weighs'],
];

/** A phone, a small phone, a tablet upright, a desk, a wide one. */
const SIZES = [
  [390, 844],
  [360, 740],
  [820, 1180],
  [1280, 800],
  [1920, 1080],
] as const;

describe('every screen', () => {
  it('is accessible in the light and in the dark, fits every width, and is made for fingers and keys', async () => {
    // Fingers and a mouse: what is pressed has to be large enough for the first.
    const context = await imbiss.browser.newContext({ reducedMotion: 'reduce', hasTouch: true });
    const { page, errors } = await openPage(context);
    const titles = new Map<string, string>();
    for (const [name, path, text, dense] of SCREENS()) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.emulateMedia({ colorScheme: 'light' });
      // With everything loaded: a button that is being enabled while it is looked at has neither look.
      await page.goto(imbiss.home + path, { waitUntil: 'load' });
      await page.locator('main, aside').getByText(text).first().waitFor();
      await expectOwnTitle(page, name, titles);
      await expectAccessible(page, name);
      await page.emulateMedia({ colorScheme: 'dark' });
      await expectContrast(page, `${name}, dark`);
      for (const [width, height] of SIZES) {
        await page.setViewportSize({ width, height });
        await expectNoSideways(page, `${name}, ${width}`);
        expect(await smallTargets(page), `${name}, ${width}: small`).toEqual([]);
        expect(await brokenWords(page), `${name}, ${width}: broken`).toEqual([]);
        if (width === 390) {
          await expectContrast(page, `${name}, ${width}, dark`);
          await page.emulateMedia({ colorScheme: 'light' });
          await expectAccessible(page, `${name}, ${width}`);
        }
        if (name === 'library') {
          // A row is a row at every width: it was a letter wide once, and as tall as the page.
          const heights = await page.locator('main li').evaluateAll((rows) => rows.map((r) => r.clientHeight));
          expect(Math.max(...heights), `${width}`).toBeLessThan(220);
        }
      }
      await expectVisibleFocus(page, name);
      if (dense) {
        // Twice the size of letters, and colours that the system chooses: nothing runs out, and bars are there to see.
        await page.evaluate(() => document.documentElement.style.setProperty('font-size', '200%'));
        for (const width of [390, 1280]) {
          await page.setViewportSize({ width, height: 844 });
          await expectNoSideways(page, `${name}, twice the size, ${width}`);
        }
        await page.evaluate(() => document.documentElement.style.removeProperty('font-size'));
        await page.emulateMedia({ forcedColors: 'active' });
        const unseen = await page
          .locator('.bar')
          .evaluateAll(
            (bars) =>
              bars.filter((b) =>
                ['rgba(0, 0, 0, 0)', getComputedStyle(document.body).backgroundColor].includes(
                  getComputedStyle(b).backgroundColor,
                ),
              ).length,
          );
        expect(unseen, `${name}: bars that vanish`).toBe(0);
        await page.emulateMedia({ forcedColors: 'none' });
      }
    }
    expect(errors).toEqual([]);
    await context.close();
  });

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
    await page.getByRole('link', { name: 'Lentil and smoked-sausage pot' }).waitFor();
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
