import type { BrowserContext, Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
let gratin: string;
beforeAll(async () => {
  imbiss = await sharedImbiss('two-devices');
  const { rows } = await (await fetch(`${imbiss.api}/recipes`)).json();
  gratin = rows.find((r: { title: string }) => r.title.includes('gratin')).id;
});
afterAll(() => imbiss.stop());

const api = async (path: string) => (await fetch(`${imbiss.api}${path}`)).json();
const bench = () => `${imbiss.home}/recipes/${gratin}/lighten`;
const reading = () => `${imbiss.home}/recipes/${gratin}/bring-in`;
const saved = (page: Page) =>
  page
    .getByRole('status')
    .filter({ hasText: /^Saved$/ })
    .waitFor();
const open = async (context: BrowserContext, url: string): Promise<Page> => {
  const { page } = await openPage(context);
  await page.goto(url);
  return page;
};
/** Closes a tab that is off line, and cuts it off first: while a tab closes, the browser lets its next try through. */
const leave = async (page: Page): Promise<void> => {
  await page.evaluate(() => {
    window.fetch = () => Promise.reject(new TypeError('off line'));
  });
  await page.close({ runBeforeUnload: false });
};
const addLine = async (page: Page, text: string) => {
  await page.getByLabel('Add a line').fill(text);
  await page.keyboard.press('Enter');
};
const servings = async (page: Page, n: string) => {
  await page.getByLabel('Servings', { exact: true }).fill(n);
  await page.keyboard.press('Enter');
};

/** A line of the bench: in pairs at a desk, one each in the hand. */
const LINE = 'tbody tr, main li';

describe('two devices and two tabs', () => {
  it('is one journey', async () => {
    const phone = await imbiss.browser.newContext({ viewport: { width: 390, height: 844 } });
    const laptop = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });

    // What does not touch each other needs no question, and shows up on the other device by itself.
    const one = await open(laptop, bench());
    const two = await open(phone, bench());
    for (const p of [one, two]) await p.getByText('Departure from').waitFor();
    await addLine(one, '100 g spinach');
    await saved(one);
    await two.locator(LINE, { hasText: '100 g spinach' }).first().waitFor();
    await phone.setOffline(true);
    await addLine(two, '100 g broccoli');
    await two.getByText('kept here and sent when it is back').first().waitFor();
    await addLine(one, '50 g rocket');
    await saved(one);
    await phone.setOffline(false);
    for (const p of [one, two])
      for (const text of ['100 g broccoli', '50 g rocket']) await p.locator(LINE, { hasText: text }).first().waitFor();
    await saved(two);

    // Hours off line in two tabs of one browser: each tab's change is kept, the tabs are closed, and both arrive.
    await two.goto(reading());
    await two.getByLabel('Servings', { exact: true }).waitFor();
    const three = await open(phone, bench());
    await three.getByText('Departure from').waitFor();
    await phone.setOffline(true);
    await servings(two, '7');
    await addLine(three, '20 g chives');
    for (const p of [two, three]) await p.getByText('kept here and sent when it is back').first().waitFor();
    for (const p of [two, three]) await leave(p);
    // Meanwhile the laptop changes the same thing: a question, and it says what differs.
    await one.goto(reading());
    await servings(one, '9');
    await saved(one);
    await phone.setOffline(false);
    const later = await open(phone, `${imbiss.home}/recipes`);
    await later.getByText('servings: here 7, there 9').waitFor();
    await expectAccessible(later, 'a question on the list');
    // Loading the page again settles nothing behind the cook's back.
    await later.reload();
    await later.getByText('servings: here 7, there 9').waitFor();
    const written = async () =>
      (await api(`/recipes/${gratin}`)).versions.find((v: { kind: string }) => v.kind === 'asWritten');
    expect((await written()).servings).toBe(9);
    const lightened = async () =>
      (await api(`/recipes/${gratin}`)).versions.find((v: { kind: string }) => v.kind === 'lightened');
    await expect
      .poll(async () => (await lightened()).lines.some((l: { text: string }) => l.text === '20 g chives'))
      .toBe(true);
    await later.getByRole('button', { name: 'Mine holds' }).click();
    await expect.poll(async () => (await written()).servings).toBe(7);
    await later.getByText('servings: here 7').waitFor({ state: 'detached' });

    // Two dialogs over one eater: a new name on one device does not undo an allergy that the other has ticked.
    const [left, right] = [await open(laptop, `${imbiss.home}/household`), later];
    await right.goto(`${imbiss.home}/household`);
    for (const p of [left, right]) await p.getByRole('button', { name: 'Change Ida' }).click();
    await left.getByRole('checkbox', { name: 'peanuts' }).click();
    await left.getByRole('button', { name: 'Save', exact: true }).click();
    await left.getByText(/allergic to .*peanuts/).waitFor();
    await right.getByLabel('Name', { exact: true }).last().fill('Idalene');
    await right.getByRole('button', { name: 'Save', exact: true }).click();
    const ida = async () =>
      (await api('')).eaters.find((e: { id: string; name: string }) => /^Ida/.test(e.name)) as {
        name: string;
        allergies: string[];
      };
    await expect.poll(async () => (await ida()).name).toBe('Idalene');
    expect((await ida()).allergies).toContain('peanuts');
    await left.getByRole('button', { name: 'Change Idalene' }).waitFor();

    // Removing has a true way back.
    await right.getByRole('button', { name: 'Remove Idalene' }).click();
    await left.getByRole('button', { name: 'Change Idalene' }).waitFor({ state: 'detached' });
    await right.locator('[data-sonner-toast]').getByRole('button', { name: 'Undo' }).click();
    await left.getByRole('button', { name: 'Change Idalene' }).waitFor();
    expect((await ida()).allergies).toContain('peanuts');
    await phone.close();
    await laptop.close();
  });
});
