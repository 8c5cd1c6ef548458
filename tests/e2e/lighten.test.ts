import type { Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { expectAccessible, openPage } from '../support/running-imbiss.ts';
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
    await page.getByLabel('Version', { exact: true }).selectOption({ label: 'by a way' });
    await page.getByText('Departure from the family').waitFor();
    const before = await points(page);
    expect(before).toBeGreaterThan(target);
    await page.getByRole('button', { name: 'Find a way' }).click();
    await page.getByLabel(/^At most, Runa/).fill(String(target));
    await page.getByRole('button', { name: 'Find it' }).click();
    await page.getByText('every choice was weighed').waitFor();
    const best = page.getByRole('region', { name: 'Departs least' });
    await best
      .getByText(/departs \d/)
      .first()
      .waitFor();
    if (title === 'gratin') {
      await page.getByRole('heading', { name: 'What each point costs' }).waitFor();
      await expectAccessible(page, 'ways');
      // The frontier is walked by keyboard.
      const steps = page.getByRole('region', { name: 'All points that can be reached' }).getByRole('button');
      await steps.first().focus();
      await page.keyboard.press('ArrowDown');
      await page.keyboard.press('ArrowDown');
      expect(await steps.nth(2).getAttribute('aria-pressed')).toBe('true');
      await page.getByRole('heading', { name: /^For \d/ }).waitFor();
    }
    await best.getByRole('button', { name: 'Take this way' }).click();
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
      await page.getByLabel('beside').selectOption({ index: 1 });
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

  it('says what stands in the way, and takes the closest', async () => {
    const context = await imbiss.browser.newContext();
    const { page, errors } = await openPage(context);
    const recipe = recipes.find((r) => r.title.includes('Walnut'))!;
    await page.goto(`${imbiss.home}/recipes/${recipe.id}/lighten`);
    await page.getByText('Departure from the family').waitFor();
    await page.getByRole('button', { name: 'Find a way' }).click();
    await page.getByLabel(/^At most, Runa/).fill('0');
    await page.getByLabel('Lines to change at most').fill('1');
    await page.getByRole('button', { name: 'Find it' }).click();
    await page.getByText('Nothing reaches it.').waitFor();
    expect(errors).toEqual([]);
    await context.close();
  });
});
