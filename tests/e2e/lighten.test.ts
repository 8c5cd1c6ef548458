import type { Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { choose, expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
let recipes: { id: string; title: string; versions: number }[];
beforeAll(async () => {
  imbiss = await sharedImbiss('lighten');
  recipes = (await (await fetch(`${imbiss.api}/recipes`)).json()).rows;
});
afterAll(() => imbiss.stop());

/** Points of the first eater, as the panel shows them. */
const points = async (page: Page): Promise<number> =>
  Number.parseFloat((await page.locator('#count li button').first().getAttribute('aria-label'))!.replace('½', '.5'));
const saved = (page: Page) =>
  page
    .getByRole('status')
    .filter({ hasText: /^Saved$/ })
    .waitFor();

describe('the demo household', () => {
  it('has at least 16 dishes, each with a lightened version that counts less for somebody and more for nobody', () => {
    expect(recipes.length).toBeGreaterThanOrEqual(16);
    expect(recipes.filter((r) => r.versions > 1).length).toBe(recipes.length);
    for (const r of recipes as unknown as {
      title: string;
      open: number;
      points: { points: number; was: number | null }[];
    }[]) {
      expect(r.open, r.title).toBe(0);
      if (r.points.some((p) => p.was !== null))
        expect(r.points.some((p) => p.points < p.was!) && r.points.every((p) => p.points <= p.was!), r.title).toBe(
          true,
        );
    }
  });
});

describe('finding a way', () => {
  it.each([
    ['gratin', 6],
    ['goulash', 6],
    ['Rice pudding', 5],
    ['Stuffed cabbage', 5],
    ['Plum tray cake', 6],
  ] as const)('%s, from a fresh copy to a lighter dish and back', async (title, target) => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    const recipe = recipes.find((r) => r.title.includes(title))!;
    // A fresh version, as written.
    const full = await (await fetch(`${imbiss.api}/recipes/${recipe.id}`)).json();
    const asWritten = full.versions.find((v: { kind: string }) => v.kind === 'asWritten');
    const id = `fresh-${recipe.id}`;
    await fetch(`${imbiss.api}/recipes/${recipe.id}/versions`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Origin: imbiss.url },
      body: JSON.stringify({
        ...asWritten,
        id,
        kind: 'lightened',
        parentId: asWritten.id,
        name: 'by a way',
        revision: 0,
      }),
    });
    await page.goto(`${imbiss.home}/recipes/${recipe.id}/lighten`);
    await choose(page, 'Version', 'by a way');
    await page.getByText('Departure from the family').waitFor();
    const before = await points(page);
    expect(before).toBeGreaterThan(target);
    await page.getByRole('button', { name: 'Find a way' }).click();
    const stair = page.getByRole('list', { name: /^The stair/ });
    await stair.waitFor();
    // Every point that can be reached, down to one that cannot be, and why.
    const treads = stair.locator('[data-tread]');
    const numbers = (await treads.locator('> strong').allTextContents()).map((t) =>
      Number.parseFloat(t.replace('½', '.5')),
    );
    const reached = numbers.find((n) => n <= target)!;
    const tread = treads.nth(numbers.indexOf(reached));
    if (title === 'gratin') {
      await expectAccessible(page, 'the stair');
      // It is gone down by keyboard; whoever leads stands where the focus is.
      await treads.first().focus();
      for (let i = 0; i < numbers.indexOf(reached); i++) await page.keyboard.press('ArrowDown');
      await page.keyboard.press('Enter');
      expect(await stair.locator('li[data-at] [data-tread] > strong').first().textContent()).toMatch(/^\d/);
      await page.getByRole('region', { name: /^The way to/ }).waitFor();
      await page.getByRole('button', { name: /^Other ways to/ }).click();
      await page.getByRole('button', { name: 'Take this way' }).first().waitFor();
      await expectAccessible(page, 'a tread that is open');
    } else await tread.click();
    await page.getByText('every choice was weighed').waitFor();
    await page.getByRole('button', { name: 'Take this', exact: true }).click();
    // Who took it is where it changed something.
    await expect.poll(() => page.evaluate(() => document.activeElement?.hasAttribute('data-line'))).toBe(true);
    await saved(page);
    expect(await points(page)).toBeLessThanOrEqual(target);
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await saved(page);
    expect(await points(page)).toBe(before);
    await page.getByRole('button', { name: 'Redo' }).first().click();
    await saved(page);
    expect(await points(page)).toBeLessThanOrEqual(target);
    if (title === 'goulash') {
      // A verdict moves the departure of what is in the dish, and is taken back.
      const departure = () => page.getByText(/^Departure from the family/).textContent();
      const was = await departure();
      await page.getByText('How was it?').click();
      await page
        .getByRole('group', { name: /Would Runa/ })
        .getByRole('button', { name: 'no' })
        .click();
      await page.getByLabel('What Runa says of its taste').fill('a little dry');
      await page.keyboard.press('Enter');
      await expect.poll(departure).not.toBe(was);
      await expectAccessible(page, 'verdicts');
      await page.getByRole('button', { name: 'Forget' }).first().click();
      await expect.poll(departure).toBe(was);
    }
    if (title === 'gratin') {
      await page.getByRole('button', { name: 'More about this version' }).click();
      await page.getByRole('menuitemradio').last().click();
      // Of what is left out nothing may stay: the key asks nothing there.
      const out = page.locator('tbody tr', { hasText: 'left out' }).first();
      if ((await out.count()) > 0) {
        await out.focus();
        await page.keyboard.press('m');
      }
      const row = page.locator('tbody tr', { hasText: 'potatoes' }).first();
      await row.focus();
      await page.keyboard.press('m');
      await page.getByRole('heading', { name: /^How much .* may stay/ }).waitFor();
      await page.getByRole('button', { name: 'Fewer points for Runa' }).click();
      await page.getByText(/^For everyone:/).waitFor();
      await expectAccessible(page, 'how much may stay');
    }
    expect(errors).toEqual([]);
    await context.close();
  });

  it('says what stands in the way', async () => {
    const context = await imbiss.browser.newContext();
    const { page, errors } = await openPage(context);
    const open = (title: string) =>
      page.goto(`${imbiss.home}/recipes/${recipes.find((r) => r.title.includes(title))!.id}/lighten`);
    // Walnuts are kept, and somebody at the table is allergic to them.
    await open('Walnut');
    await page.getByText('Departure from the family').waitFor();
    await page.getByRole('button', { name: 'Find a way' }).click();
    await page.getByText(/No way can be found: walnuts must go \(Tomas: allergic/).waitFor();
    await open('goulash');
    await page.getByText('Departure from the family').waitFor();
    await page.getByRole('button', { name: 'Find a way' }).click();
    await page.getByRole('button', { name: 'No limits. Set some' }).click();
    await page.getByLabel('Calories at most').fill('5');
    await page.getByRole('button', { name: 'Keep to these' }).click();
    await page.getByText('The calories do not come down that far.').waitFor();
    await page.getByRole('button', { name: 'Limits: at most 5 kcal' }).click();
    await page.getByRole('button', { name: 'No limits', exact: true }).click();
    await page.getByText(/cannot be reached\. .* still count/).waitFor();
    expect(errors).toEqual([]);
    await context.close();
  });
});

const CLEAR_RECIPE = `Cream noodles
Serves 4

Ingredients
400 g egg noodles
200 g sour cream
50 g butter

Method
Boil the egg noodles, drain them and toss them with the butter. Stir in the sour cream.`;

describe('from the paste to the link', () => {
  it('takes five taps on a phone, and no scroll longer than a screen', async () => {
    const context = await imbiss.browser.newContext({
      viewport: { width: 390, height: 844 },
      hasTouch: true,
      permissions: ['clipboard-read', 'clipboard-write'],
    });
    const { page, errors } = await openPage(context);
    await page.goto(`${imbiss.home}/bring-in`);
    await page.getByLabel('Paste it as you found it').fill(CLEAR_RECIPE);
    await page.getByText('3 ingredients, all read').waitFor();
    let taps = 0;
    const tap = async (what: ReturnType<Page['getByRole']>) => {
      await what.waitFor();
      const before = await page.evaluate(() => window.scrollY);
      await what.tap();
      taps++;
      const scrolled = Math.abs((await page.evaluate(() => window.scrollY)) - before);
      expect(scrolled, `tap ${taps}`).toBeLessThanOrEqual(844);
    };
    await tap(page.getByRole('button', { name: 'Bring it in' }));
    await tap(page.getByRole('button', { name: /200 g sour cream/ }));
    await tap(page.getByRole('menuitem', { name: /^light soured cream/ }));
    await page.locator('button[data-line]', { hasText: 'light' }).waitFor();
    await tap(page.getByRole('link', { name: 'Pass on', exact: true }).last());
    await tap(page.getByRole('button', { name: 'Make a link' }));
    const link = page.locator('#made-link');
    await link.waitFor();
    expect(taps).toBeLessThanOrEqual(5);
    expect(await page.evaluate(() => navigator.clipboard.readText())).toBe(await link.getAttribute('href'));
    await expectAccessible(page, 'a link that was made, on a phone');
    expect(errors).toEqual([]);
    await context.close();
  });

  it('goes by keyboard alone, and never begins again at the top', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    await page.goto(`${imbiss.home}/bring-in`);
    const active = () => page.evaluate(() => document.activeElement?.tagName ?? 'nothing');
    const focusIs = (js: string) => page.evaluate(js) as Promise<boolean>;
    /** Tabs on from where the focus is until something has it. */
    const tabTo = async (js: string, most: number) => {
      for (let i = 0; i < most && !(await focusIs(js)); i++) await page.keyboard.press('Tab');
      expect(await focusIs(js), js).toBe(true);
    };
    await page.getByLabel('Paste it as you found it').focus();
    await page.keyboard.insertText(CLEAR_RECIPE.replace('Cream', 'Butter'));
    await page.getByText('3 ingredients, all read').waitFor();
    await tabTo("document.activeElement.textContent === 'Bring it in'", 2);
    await page.keyboard.press('Enter');
    await page.waitForURL('**/lighten');
    await page.getByText('Departure from the family').waitFor();
    await expect.poll(active).not.toBe('BODY');
    // The lines, by the arrows; the swaps of one, by its letter.
    await tabTo("document.activeElement.hasAttribute('data-line')", 14);
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('s');
    await page.getByRole('menuitem', { name: /^light soured cream/ }).waitFor();
    while (!(await focusIs('/^light soured cream/.test(document.activeElement.textContent)')))
      await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await page.locator('tbody tr', { hasText: 'light' }).waitFor();
    await expect.poll(active).not.toBe('BODY');
    await tabTo("document.activeElement.textContent === 'Pass it on'", 40);
    await page.keyboard.press('Enter');
    await page.waitForURL('**/pass-on');
    await page.getByRole('article', { name: 'The card' }).waitFor();
    await expect.poll(active).not.toBe('BODY');
    await tabTo('/Make a link/.test(document.activeElement.textContent)', 8);
    await page.keyboard.press('Enter');
    await page.locator('#made-link').waitFor();
    await expect.poll(() => focusIs("document.activeElement.id === 'made-link'")).toBe(true);
    expect(errors).toEqual([]);
    await context.close();
  });
});
