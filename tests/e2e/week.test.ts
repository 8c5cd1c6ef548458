import { readFileSync } from 'node:fs';
import { format, parseISO } from 'date-fns';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import type { Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { LookBackAnswer, WeekAnswer } from '../../src/contract/week-api.ts';
import { formatPoints } from '../../src/core/program/format-points.ts';
import { addDays, isoWeekday } from '../../src/core/quantity/calendar-day.ts';
import type { Trip } from '../../src/core/shopping/trip.ts';
import { eachEveryWay, type Screen } from '../support/every-way.ts';
import { expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
beforeAll(async () => {
  imbiss = await sharedImbiss('week');
});
afterAll(() => imbiss.stop());

const RUNA = 'week-demo-eater-runa';
const api = async <T>(path: string): Promise<T> => (await fetch(`${imbiss.api}${path}`)).json() as Promise<T>;
const week = (query = '') => api<WeekAnswer>(`/week${query}`);
const tripNow = async (): Promise<Trip> => (await api<Trip[]>('/trips'))[0]!;
const told = async (day: string, eaterId = RUNA) =>
  (await week(`?from=${day}&days=1`)).told.find((d) => d.eaterId === eaterId)!;
const dayShown = (page: Page) => page.getByRole('complementary', { name: 'The day' }).locator('strong').first();

const SCREENS: readonly Screen[] = [
  ['a day', '/week', 'Reserve of the week', 'dense'],
  ['the plan', '/week/plan', 'Plan a pot', 'dense'],
  ['looking back', '/week/back', 'Eaten most', 'dense'],
];

describe('the screens of the week', () => {
  eachEveryWay(() => imbiss, SCREENS);
});

describe('a week', () => {
  it('is planned by hand, bought, eaten and looked back on', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 }, acceptDownloads: true });
    const { page, errors } = await openPage(context);
    const { today } = await week();
    const tomorrow = addDays(today, 1);

    // One day: a recipe, a box, and a line as it is typed, with the allowance left.
    await page.goto(`${imbiss.home}/week?day=${tomorrow}&eater=${RUNA}`);
    await page.getByRole('button', { name: 'Add to Midday' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('combobox').fill('2 eggs, 1 tbsp olive oil, 1 lump of moonrock');
    await dialog.getByText('is not understood and stays here').waitFor();
    await dialog.getByRole('option', { name: /2 eggs/ }).click();
    await dialog.getByText(/On the day: 2 eggs, 1 tbsp olive oil/).waitFor();
    await dialog.getByRole('combobox').fill('Lentil');
    await dialog
      .getByRole('option', { name: /smoked-sausage pot.*until/ })
      .first()
      .click();
    await dialog.getByText(/Anything on top\?$/).waitFor();
    await dialog.getByRole('combobox').fill('3 points biscuits');
    await dialog.getByRole('option', { name: /biscuits/ }).click();
    await dialog
      .getByText(/biscuits/)
      .first()
      .waitFor();
    await expectAccessible(page, 'adding to a day');
    await dialog.getByRole('button', { name: 'Done' }).click();
    await expect.poll(async () => (await told(tomorrow)).things).toBe(6);
    const sum = await told(tomorrow);
    await expect.poll(() => dayShown(page).textContent()).toBe(formatPoints(sum.points!));
    await page
      .getByRole('complementary', { name: 'The day' })
      .getByText(`${formatPoints(sum.left!)} left`)
      .waitFor();
    // A portion more is counted at once; the server agrees.
    await page.getByRole('button', { name: 'More of 2 eggs' }).click();
    await expect.poll(async () => (await told(tomorrow)).kcal.value).toBeGreaterThan(sum.kcal.value);
    const more = await told(tomorrow);
    await expect.poll(() => dayShown(page).textContent()).toBe(formatPoints(more.points!));
    // What fits, and half of what does not.
    await page.getByRole('button', { name: 'What fits' }).click();
    const fits = page.getByRole('dialog');
    await fits.getByRole('combobox', { name: 'For' }).click();
    await page.getByRole('option', { name: 'Evening' }).click();
    await fits.getByLabel('no more points than').fill('12');
    // What of the twelve is left beside what is planned already.
    await expect
      .poll(async () => Number(await fits.getByLabel('Points, at most').inputValue()))
      .toBeLessThanOrEqual(12);
    await fits.getByLabel('Points, at most').fill('5');
    await fits
      .getByText(/half of it fits|a portion fits/)
      .first()
      .waitFor();
    await fits.getByLabel('Which dish?').fill('Plum');
    await fits.getByRole('button', { name: 'Plum tray cake', exact: true }).click();
    await fits.getByRole('columnheader', { name: 'What fits' }).waitFor();
    await expectAccessible(page, 'what fits');
    // The aim stays with the meal, and what is taken goes into it.
    await fits.getByRole('button', { name: /^Put / }).first().click();
    await page.getByText(/is on the day, evening\./).waitFor();
    await page.getByRole('region', { name: 'Evening' }).getByText('of 12').waitFor();
    await page.getByRole('button', { name: 'Undo' }).first().click();

    // The plan: a pot of six, with portions for two.
    // Monday of the week after: on it every day has one behind it.
    const monday = addDays(today, 8 - isoWeekday(today));
    await page.goto(`${imbiss.home}/week/plan?from=${monday}`);
    await page.getByRole('button', { name: 'Plan a pot' }).click();
    await page.getByLabel('Which dish?').fill('goulash');
    await page.getByRole('button', { name: 'Beef goulash' }).click();
    await page.getByLabel('Servings').fill('6');
    await page.getByLabel('On', { exact: true }).fill(monday);
    for (const name of ['Milena', 'Juri', 'Ida']) await page.getByRole('dialog').getByLabel(name).click();
    await page.getByRole('button', { name: 'Plan it' }).click();
    const pots = page.getByRole('region', { name: 'Pots' });
    await pots.getByText('4 of 6 on nobody’s plate').waitFor();
    const { pots: kept } = await week(`?from=${monday}&days=7`);
    expect(kept.find((p) => p.title === 'Beef goulash')).toMatchObject({ servings: 6, left: 4, day: monday });
    await pots.getByRole('button', { name: 'Beef goulash for one less' }).click();
    await pots.getByText('3 of 5 on nobody’s plate').waitFor();

    // A portion is moved by the menu to another eater, by the arrows to the next day, and by hand to the one after.
    const placeOf = async () => {
      const { entries } = await week(`?from=${monday}&days=7`);
      const own = entries.filter((e) => e.words === 'Beef goulash' && e.day >= monday);
      return own.map((e) => `${e.eaterId.replace('week-demo-eater-', '')} ${e.day}`).sort();
    };
    const cell = (name: string, day: string) =>
      page.getByRole('region', { name: `${name}, ${format(parseISO(day), 'EEEE')}` });
    await cell('Tomas', monday).getByRole('button', { name: 'What to do with Beef goulash' }).click();
    await page.getByRole('menuitem', { name: 'To Ida' }).click();
    await expect.poll(placeOf).toEqual([`ida ${monday}`, `runa ${monday}`]);
    await cell('Runa', monday)
      .getByRole('button', { name: /^Beef goulash: press/ })
      .focus();
    await page.keyboard.press('Space');
    const next = addDays(monday, 1);
    const over = (day: string) =>
      page.getByText(`Over Runa, ${format(parseISO(day), 'EEEE')}.`).waitFor({ state: 'attached' });
    await over(monday);
    await page.keyboard.press('ArrowRight');
    await over(next);
    await page.keyboard.press('Space');
    await expect.poll(placeOf).toEqual([`ida ${monday}`, `runa ${next}`]);
    const chip = (await cell('Runa', next)
      .getByRole('button', { name: /^Beef goulash: press/ })
      .boundingBox())!;
    const target = (await cell('Runa', addDays(next, 1)).boundingBox())!;
    await page.mouse.move(chip.x + 20, chip.y + 12);
    await page.mouse.down();
    await page.waitForTimeout(300);
    await page.mouse.move(target.x + 30, target.y + 24, { steps: 8 });
    await page.mouse.up();
    await expect.poll(placeOf).toEqual([`ida ${monday}`, `runa ${addDays(next, 1)}`]);

    // As a calendar and as a table, read by programs that are none of ours.
    const [ics] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Calendar' }).click(),
    ]);
    const events = new ICAL.Component(ICAL.parse(readFileSync(await ics.path(), 'utf8')))
      .getAllSubcomponents('vevent')
      .map((c) => new ICAL.Event(c));
    expect(events.some((e) => e.summary === 'Cook Beef goulash')).toBe(true);
    const [csv] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'CSV' }).click()]);
    const { data: rows } = Papa.parse<Record<string, string>>(readFileSync(await csv.path(), 'utf8'), { header: true });
    expect(rows.some((r) => r.what === 'Beef goulash' && r.eater === 'Runa' && r.state === 'planned')).toBe(true);

    // Eaten: the box is taken in the same moment, and stands there again when it is not eaten after all.
    await page.goto(`${imbiss.home}/week?day=${tomorrow}&eater=${RUNA}`);
    const eat = page.getByRole('button', { name: 'Lentil and smoked-sausage pot: eaten' });
    await eat.click();
    const boxTaken = async () =>
      (await api<{ id: string; taken: { name: string } | null }[]>('/boxes')).filter((b) => b.taken !== null).length;
    await expect.poll(boxTaken).toBe(1);
    await eat.click();
    await expect.poll(boxTaken).toBe(0);
    await eat.click();
    await expect.poll(boxTaken).toBe(1);

    // Looked back on: as many days as were told, and the same numbers.
    await page.goto(`${imbiss.home}/week/back?eater=${RUNA}`);
    // Runa's weeks begin on Monday: four of them, and the one that is not over.
    const since = addDays(today, -28 - (isoWeekday(addDays(today, -28)) - 1));
    const back = await api<LookBackAnswer>(`/eaters/${RUNA}/look-back?from=${since}&to=${addDays(today, -1)}`);
    const days = back.days.filter((d) => d.points !== null).length;
    await page.getByText(`${days} of ${back.days.length} days were told`).waitFor();
    const last = back.weeks.findLast((w) => w.points !== null)!;
    await page
      .getByRole('region', { name: 'Weeks' })
      .getByText(formatPoints(last.points!), { exact: true })
      .first()
      .waitFor();
    expect(errors).toEqual([]);
    await context.close();
  });

  it('is bought by two phones, one of them without network half of the way, and nothing is lost', async () => {
    const phone = () => imbiss.browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
    const [inShop, atHome] = [await phone(), await phone()];
    const { page: shop, errors } = await openPage(inShop);
    await shop.goto(`${imbiss.home}/week/shopping`);
    await shop.getByRole('button', { name: 'Take a list from the plan' }).click();
    await shop.getByText(/still to get/).waitFor();
    await expectAccessible(shop, 'a shopping list');
    const { items } = await tripNow();
    expect(items.find((i) => i.foodId === 'leek')).toMatchObject({ shop: 'Market', soldGrams: 1000 });
    const { page: home } = await openPage(atHome);
    await home.goto(`${imbiss.home}/week/shopping`);
    await home.getByText(/still to get/).waitFor();
    const box = (page: Page, name: string) => page.getByRole('button', { name: `${name}: in the basket` });
    const leek = items.find((i) => i.foodId === 'leek')!.name;
    const barley = items.find((i) => i.name.includes('barley'))!.name;
    const carrot = items.find((i) => i.foodId === 'carrot')!.name;
    await box(shop, leek).click();
    await expect.poll(async () => (await tripNow()).ticks.leek?.on).toBe(true);
    await expect.poll(() => box(home, leek).getAttribute('aria-pressed')).toBe('true');

    // The keeper has the page in hand, and what it had asked before.
    const isKept = () =>
      shop.evaluate(async () => {
        if (!navigator.serviceWorker.controller) return false;
        const kept = await (await caches.open('imbiss-answers')).keys();
        return ['/trips', '/document'].some((p) => kept.some((r) => r.url.includes(p)));
      });
    await expect.poll(isKept).toBe(true);
    // No network in the shop; at home one more thing is written down, and the other one is taken out again.
    await inShop.setOffline(true);
    await box(shop, barley).click();
    await box(shop, carrot).click();
    await expect.poll(() => box(shop, carrot).getAttribute('aria-pressed')).toBe('true');
    await home.getByLabel('Something else to get').fill('candles');
    await home.getByRole('button', { name: 'Add', exact: true }).click();
    await box(home, leek).click();
    await expect.poll(async () => (await tripNow()).ticks.leek?.on).toBe(false);
    await expect.poll(async () => (await tripNow()).items.some((i) => i.name === 'candles')).toBe(true);
    // The page is loaded anew in the shop: it is there, with what was ticked.
    await shop.reload();
    await expect.poll(() => box(shop, carrot).getAttribute('aria-pressed')).toBe('true');
    await inShop.setOffline(false);
    const ticked = async () => {
      const { ticks } = await tripNow();
      return items
        .filter((i) => ticks[i.id]?.on)
        .map((i) => i.name)
        .sort();
    };
    await expect.poll(ticked).toEqual([barley, carrot].sort());
    await box(shop, 'candles').waitFor();
    await expect.poll(() => box(shop, leek).getAttribute('aria-pressed')).toBe('false');

    // Home: what was got is in the house, once.
    const inHouse = async (part: string) =>
      (await api<{ name: string; grams: number | null }[]>('/stock')).filter((s) => s.name.includes(part)).length;
    const was = await inHouse('barley');
    await shop.getByRole('button', { name: 'Home: put it into the house' }).click();
    await expect.poll(() => inHouse('barley')).toBe(was + 1);
    await shop.getByText('What was bought is in the house.').first().waitFor();
    expect(errors.filter((e) => !/Failed to fetch|ERR_INTERNET|net::/.test(e))).toEqual([]);
    await inShop.close();
    await atHome.close();
  });
});
