import type { Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { choose, expectAccessible, openPage } from '../support/running-imbiss.ts';
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
    await choose(page, 'The other version', /^lightened/);
    await page.getByRole('link', { name: 'Back to the bench' }).click();
    await page.getByText('Departure from the family').waitFor();
    await page.goto(`${home()}/recipes/${recipe('Mushroom and barley')}/pass-on`);
    await page.getByRole('heading', { name: 'On the plate, as you like' }).waitFor();
    const option = page.getByRole('row', { name: /soured cream/ }).first();
    const first = await option.getByRole('cell').nth(1).textContent();
    expect(Number.parseFloat(first!.replace('½', '.5'))).toBeGreaterThan(without);
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
    // Looking keeps nothing: the first dish makes it a feast.
    const kept = async () => (await (await fetch(`${imbiss.api}/feasts`)).json()).length;
    const before = await kept();
    const add = async (title: string) => {
      await page.getByRole('button', { name: 'Add to the menu' }).click();
      await page.getByLabel('A dish of yours').fill(title);
      await page
        .getByRole('list', { name: 'Dishes' })
        .getByRole('button', { name: new RegExp(`^${title}`) })
        .click();
      await page.getByRole('link', { name: title }).waitFor();
    };
    const serve = async (title: string, version: string) => {
      await page.getByRole('button', { name: `Version of ${title}` }).click();
      await page.getByRole('menuitemradio', { name: version }).click();
    };
    expect(before).toBe(await kept());
    // Loaded again it is still the feast that was begun, though nobody told the server of it.
    await page.reload();
    await page.getByText('Nothing is on the menu yet.').waitFor();
    await add('Chicken paprika stew');
    await saved(page);
    expect(await kept()).toBe(before + 1);
    await page.reload();
    await page.getByRole('link', { name: 'Chicken paprika stew' }).waitFor();
    await add('Walnut and carrot loaf');
    for (const title of ['Chicken paprika stew', 'Walnut and carrot loaf']) await serve(title, 'as written');
    await page.getByRole('button', { name: 'Name, day, guests' }).click();
    const about = page.getByRole('dialog', { name: 'Name, day, guests' });
    await about.getByLabel('Feast', { exact: true }).fill('Supper by the lake');
    await about.getByLabel('For how many').fill('12');
    await about.getByRole('button', { name: 'One more guest' }).click();
    await about.getByLabel('Name of the guest').fill('Aunt Berthe');
    await about.getByText('eats everything').click();
    await about.getByText('milk', { exact: true }).click();
    await expectAccessible(page, 'feast dialog');
    await about.getByRole('button', { name: 'Save' }).click();
    await page.getByRole('heading', { name: 'Supper by the lake' }).waitFor();
    await page
      .getByText(/Not for Aunt Berthe: allergic to milk/)
      .first()
      .waitFor();
    await page.getByText('12 servings: 2 times the recipe').waitFor();
    // Something bought stands beside the dishes, and counts.
    await page.getByRole('button', { name: 'Add to the menu' }).click();
    await page.getByLabel('Something bought').fill('2 slices rye bread');
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: '2 slices rye bread' }).waitFor();
    await page.getByRole('button', { name: 'More about 2 slices rye bread' }).click();
    await page.getByRole('menuitem', { name: 'Take it off the menu' }).click();
    await page.getByRole('heading', { name: '2 slices rye bread' }).waitFor({ state: 'detached' });
    // Guests are asked again for nothing: what the way may not have on a plate is theirs, too.
    await page.getByRole('button', { name: 'Name, day, guests' }).click();
    await about.getByRole('button', { name: 'Remove' }).click();
    await about.getByRole('button', { name: 'Save' }).click();
    const plates = page.getByRole('list', { name: 'The whole plate of everyone' }).getByRole('button');
    const plate = async () => Number.parseFloat((await plates.first().getAttribute('aria-label'))!.replace('½', '.5'));
    const one = await plate();
    for (let i = 0; i < 2; i++)
      await page.getByRole('button', { name: 'More of Walnut and carrot loaf for Runa' }).click();
    await expect.poll(plate).toBeGreaterThan(one);
    for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Undo' }).click();
    await expect.poll(plate).toBe(one);
    await plates.first().click();
    await page.getByText('Added, then rounded once').waitFor();
    await page.keyboard.press('Escape');

    // Tomas must not have tree nuts: he eats none of the loaf, so its walnuts may stay.
    const less = page.getByRole('button', { name: 'Less of Walnut and carrot loaf for Tomas' });
    while (await less.isEnabled()) await less.click();
    await page.getByRole('button', { name: 'How far Walnut and carrot loaf may move' }).click();
    await page.getByRole('menuitemradio', { name: 'a little', exact: true }).click();
    const target = Math.ceil(one * 0.7);
    await page.getByLabel('At most, Runa').fill(String(target));
    await page.keyboard.press('Enter');
    await saved(page);
    await page.getByRole('button', { name: 'Bring everyone under' }).click();
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
    const served = page.getByRole('button', { name: 'Version of Chicken paprika stew' });
    await expect.poll(() => served.textContent()).toBe('as written ');
    await page.getByRole('button', { name: 'Bring everyone under' }).click();
    await best.getByRole('button', { name: 'Take this way' }).click();
    await page
      .getByText(/lighter now/)
      .first()
      .waitFor();
    await saved(page);
    await expect.poll(plate).toBeLessThanOrEqual(target);
    expect(await served.textContent()).toBe('for Supper by the lake ');
    await page.reload();
    await expect.poll(plate).toBeLessThanOrEqual(target);

    // Two devices: what the other one did is not lost.
    const { page: other } = await openPage(context);
    await other.goto(page.url());
    await other.getByRole('button', { name: 'Name, day, guests' }).click();
    await other.getByLabel('For how many').fill('20');
    await other.getByRole('button', { name: 'Save' }).click();
    await saved(other);
    await page.getByText(/, for 20:/).waitFor();

    await page.setViewportSize({ width: 390, height: 844 });
    await expectAccessible(page, 'feast on a phone');
    expect(errors).toEqual([]);
    await context.close();
  });
});
