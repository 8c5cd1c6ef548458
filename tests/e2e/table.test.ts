import type { Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
let recipes: { id: string; title: string }[];
beforeAll(async () => {
  imbiss = await sharedImbiss('table');
  recipes = (await (await fetch(`${imbiss.api}/recipes`)).json()).rows;
});
afterAll(() => imbiss.stop());

const recipe = (title: string) => recipes.find((r) => r.title.includes(title))!.id;
const home = () => `${imbiss.home}`;
const saved = (page: Page) =>
  page
    .getByRole('status')
    .filter({ hasText: /^Saved$/ })
    .waitFor();
const points = async (page: Page): Promise<number> =>
  Number.parseFloat((await page.locator('#count li button').first().getAttribute('aria-label'))!.replace('½', '.5'));

describe('swaps of the family', () => {
  it('a change by hand is kept as a swap, used on another dish, shown on its shelf and retired', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    await page.goto(`${home()}/recipes/${recipe('Cucumber salad')}/lighten`);
    await page.getByText('Departure from the family').waitFor();
    await page.getByRole('button', { name: 'More about this version' }).click();
    await page.getByRole('menuitem', { name: 'Another version, from the one as written' }).click();
    await page.getByText(/^Departure from the family.*: 0 of 100/).waitFor();

    // What is typed counts with every key, before it is taken; Escape leaves it as it was.
    const before = await points(page);
    const row = page.locator('tbody tr', { hasText: 'soured cream' });
    await row.focus();
    await page.keyboard.press('a');
    await page.getByLabel('Amount of soured cream').fill('60 g');
    expect(await points(page)).toBeLessThan(before);
    await page.keyboard.press('Escape');
    await expect.poll(() => points(page)).toBe(before);
    await row.focus();
    await page.keyboard.press('a');
    await page.getByLabel('Amount of soured cream').fill('80 g');
    await page.keyboard.press('Enter');
    await saved(page);
    expect(await points(page)).toBeLessThan(before);

    await page.getByRole('button', { name: 'Change soured cream' }).click();
    await page.getByRole('menuitem', { name: /^More:/ }).click();
    await page.getByRole('menuitem', { name: 'Keep this change as a swap' }).click();
    const form = page.getByRole('dialog', { name: 'Keep this change as a swap' });
    await expectAccessible(page, 'swap form');
    await form.getByRole('button', { name: 'Keep the swap' }).click();
    await form.getByText('The name is empty.').waitFor();
    await form.getByLabel('Name').fill('less cream, as at home');
    await form.getByLabel('Departure, 0 to 100').fill('4');
    await form.getByLabel('What changes in the method').fill('Stir the cream with a spoon of cucumber water.');
    await form.getByRole('button', { name: 'Keep the swap' }).click();
    await form.waitFor({ state: 'detached' });
    await saved(page);
    await page.getByText(/^Departure from the family.*: 4 of 100/).waitFor();

    // On another dish with soured cream it is offered, and brings its step along.
    await page.goto(`${home()}/recipes/${recipe('goulash')}/lighten`);
    await page.getByRole('button', { name: 'More about this version' }).click();
    await page.getByRole('menuitem', { name: 'Another version, from the one as written' }).click();
    await page.getByText(/^Departure from the family.*: 0 of 100/).waitFor();
    await page.getByRole('button', { name: 'Change soured cream' }).click();
    await page.getByRole('menuitem', { name: /less cream, as at home/ }).click();
    await page.getByRole('button', { name: 'Swap that much' }).click();
    await saved(page);
    await page.getByText('Stir the cream with a spoon of cucumber water.').waitFor();

    await page.goto(`${home()}/pantry/swaps`);
    await page.getByLabel('Search the swaps').fill('less cream, as');
    await page.getByText('1 swap', { exact: true }).waitFor();
    await page.getByRole('button', { name: 'Remove' }).click();
    await page.getByText('No swap has these words.').waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByText('1 swap', { exact: true }).waitFor();
    expect(errors).toEqual([]);
    await context.close();
  });
});

describe('the plate and two versions', () => {
  it('what moves to the plate is an option on the card; versions stand side by side, lines and steps', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    await page.goto(`${home()}/recipes/${recipe('Mushroom and barley')}/lighten`);
    await page.getByRole('button', { name: 'More about this version' }).click();
    await page.getByRole('menuitem', { name: 'Another version, from the one as written' }).click();
    await page.getByText(/^Departure from the family.*: 0 of 100/).waitFor();
    await page.getByRole('button', { name: 'Change soured cream' }).click();
    await page
      .getByRole('menuitem', { name: /the soured cream at the table/ })
      .first()
      .click();
    await saved(page);
    await page.getByText('On the plate, as each likes it').waitFor();
    const without = await points(page);
    await page.getByRole('button', { name: 'More about this version' }).click();
    await page.getByRole('menuitem', { name: /^Side by side/ }).click();
    await page.getByRole('heading', { name: 'Steps' }).waitFor();
    const lines = page.getByRole('region', { name: 'Lines' });
    await lines.getByRole('row', { name: /150 g soured cream.*none/ }).waitFor();
    await page.getByLabel('The other version').selectOption({ index: 1 });
    await page.getByRole('link', { name: 'Back to the bench' }).click();
    await page.getByText('Departure from the family').waitFor();
    await page.goto(`${home()}/recipes/${recipe('Mushroom and barley')}/pass-on`);
    await page.getByRole('heading', { name: 'On the plate, as you like' }).waitFor();
    const option = await page
      .getByRole('row', { name: /soured cream/ })
      .first()
      .textContent();
    expect(Number.parseFloat(/(\d+(?:½)?) ·/.exec(option!)![1]!.replace('½', '.5'))).toBeGreaterThan(without);
    expect(errors).toEqual([]);
    await context.close();
  });
});

describe('a feast', () => {
  it('is planned, lightened as a whole and taken, with a way back', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    await page.goto(`${home()}/recipes`);
    await page.getByRole('link', { name: 'Feasts' }).click();
    await page.getByRole('link', { name: /Harvest supper/ }).waitFor();
    await expectAccessible(page, 'feasts');
    await page.getByRole('button', { name: 'Plan a feast' }).click();
    await page.getByText('Nothing is on the menu yet.').waitFor();
    await page.getByLabel('Feast', { exact: true }).fill('Supper by the lake');
    await page.getByLabel('For how many').fill('12');
    await page.keyboard.press('Enter');
    for (const title of ['Chicken paprika stew', 'Walnut and carrot loaf']) {
      await page.getByLabel('Add a dish').selectOption({ label: title });
      await page.getByRole('link', { name: title }).waitFor();
      await page.getByLabel(`Version of ${title}`).selectOption({ label: 'as written' });
    }
    await page.getByText('12 servings: 2 times the recipe').waitFor();
    const plate = async () =>
      Number.parseFloat((await page.locator('tfoot button').first().getAttribute('aria-label'))!.replace('½', '.5'));
    const one = await plate();
    await page.getByLabel('Servings of Walnut and carrot loaf for Runa').selectOption('2');
    await expect.poll(plate).toBeGreaterThan(one);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect.poll(plate).toBe(one);
    await page.locator('tfoot button').first().click();
    await page.getByText('Added, then rounded once').waitFor();
    await page.keyboard.press('Escape');

    // Tomas must not have tree nuts: he eats none of the loaf, so its walnuts may stay.
    await page.getByLabel('Servings of Walnut and carrot loaf for Tomas').selectOption('0');
    await page.getByLabel('How far Walnut and carrot loaf may move').selectOption('15');
    const target = Math.ceil(one * 0.7);
    await page.getByLabel('At most, Runa').fill(String(target));
    await page.keyboard.press('Enter');
    await saved(page);
    await page.getByRole('button', { name: 'Find it' }).click();
    await page.getByText('every choice was weighed').waitFor();
    await expectAccessible(page, 'feast');
    const best = page.getByRole('region', { name: 'Departs least' });
    expect(await best.textContent()).not.toContain('100 g walnuts');
    // Taken back at once, nothing of it is left; taken again, it stays.
    const whole = await plate();
    await best.getByRole('button', { name: 'Take this way' }).click();
    await page.getByText(/lighter now/).waitFor();
    await page.locator('[data-sonner-toast]').getByRole('button', { name: 'Undo' }).click();
    await expect.poll(plate).toBe(whole);
    const versions = page.getByLabel('Version of Chicken paprika stew').locator('option');
    await expect.poll(() => versions.allTextContents()).not.toContain('for Supper by the lake');
    await page.getByRole('button', { name: 'Find it' }).click();
    await best.getByRole('button', { name: 'Take this way' }).click();
    await page
      .getByText(/lighter now/)
      .first()
      .waitFor();
    await saved(page);
    await expect.poll(plate).toBeLessThanOrEqual(target);
    expect(await page.getByLabel('Version of Chicken paprika stew').locator('option:checked').textContent()).toBe(
      'for Supper by the lake',
    );
    await page.reload();
    await expect.poll(plate).toBeLessThanOrEqual(target);

    // Two devices: what the other one did is not lost.
    const { page: other } = await openPage(context);
    await other.goto(page.url());
    await other.getByLabel('For how many').fill('20');
    await other.keyboard.press('Enter');
    await saved(other);
    await expect.poll(() => page.getByLabel('For how many').inputValue()).toBe('20');

    await page.setViewportSize({ width: 390, height: 844 });
    await expectAccessible(page, 'feast on a phone');
    expect(errors).toEqual([]);
    await context.close();
  });
});
