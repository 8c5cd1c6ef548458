import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { WeekAnswer } from '../../src/contract/week-api.ts';
import type { Prep } from '../../src/core/prep/prep.ts';
import { addDays, isoWeekday } from '../../src/core/quantity/calendar-day.ts';
import { expectEveryWay } from '../support/every-way.ts';
import { expectAccessible, expectNoSideways, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
beforeAll(async () => {
  imbiss = await sharedImbiss('prep');
});
afterAll(() => imbiss.stop());

const api = async <T>(path: string): Promise<T> => (await fetch(`${imbiss.api}${path}`)).json() as Promise<T>;
const dayNow = async (): Promise<Prep> => (await api<Prep[]>('/preps'))[0]!;
const DISHES = ['Potato and leek gratin', 'Beef goulash', 'Beetroot and apple soup'] as const;

describe('a prep day', () => {
  it('goes from the plan to the boxes', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    const { today, pots: planned } = await api<WeekAnswer>('/week');
    for (const p of planned) await fetch(`${imbiss.api}/pots/${p.id}`, { method: 'DELETE' });
    const day = addDays(today, 2);

    // Three pots on one day of the plan.
    await page.goto(`${imbiss.home}/week/plan?from=${today}`);
    for (const title of DISHES) {
      await page.getByRole('button', { name: 'Plan a pot' }).click();
      await page.getByLabel('Which dish?').fill(title);
      await page.getByRole('button', { name: title, exact: true }).click();
      await page.getByLabel('Servings').fill('6');
      await page.getByLabel('On', { exact: true }).fill(day);
      await page.getByRole('button', { name: 'Plan it' }).click();
      await page.getByRole('dialog').waitFor({ state: 'detached' });
    }
    await page.getByRole('link', { name: 'Cook in one go' }).click();
    for (const title of DISHES) await page.getByRole('checkbox', { name: `${title}, for 6` }).waitFor();
    await page.getByLabel('Beginning at').fill('10:00');
    await expectAccessible(page, 'a new prep day');
    await page.getByRole('button', { name: 'Work out the order' }).click();

    // One order of work by the clock, proved; drawn as lanes.
    await page.getByText('that is proved').waitFor();
    const order = page.getByRole('region', { name: 'Order of work' }).locator('ol > li');
    expect(await order.first().textContent()).toMatch(/^10:00/);
    await order.filter({ hasText: 'Oven on, to 180 °C' }).waitFor();
    await order
      .filter({ hasText: 'Cools before it goes into the blender' })
      .or(order.filter({ hasText: /cool a little/i }))
      .first()
      .waitFor();
    expect(await order.filter({ hasText: 'Into boxes' }).count()).toBe(3);
    const lanes = page.getByRole('region', { name: 'The day as lanes' });
    await lanes.getByText('Hands', { exact: true }).waitFor();
    await expectAccessible(page, 'a prep day');

    // A guess is put right, and the order is worked out anew; it is known on the next prep day.
    await page.getByText(/No recipe says how long/).click();
    const guess = page
      .getByRole('region', { name: 'What was guessed' })
      .locator('li', { hasText: 'Slice the potatoes' });
    await guess.getByLabel('min').fill('31');
    await guess.getByRole('button', { name: 'Say so' }).click();
    await order.filter({ hasText: 'Slice the potatoes' }).filter({ hasText: '31 min' }).waitFor();
    await page.getByText('that is proved').waitFor();

    // Moved by hand: the rest follows, the lanes with it, and there is a way back.
    const bake = lanes.locator('[data-task]', { hasText: /^Bake/ });
    const clockOf = async () => (await bake.getAttribute('title'))!.slice(0, 5);
    const before = await clockOf();
    await bake.scrollIntoViewIfNeeded();
    const box = (await bake.boundingBox())!;
    await page.mouse.move(box.x + 20, box.y + 20);
    await page.mouse.down();
    await page.mouse.move(box.x + 60, box.y + 20, { steps: 4 });
    await page.mouse.move(box.x + 96, box.y + 20, { steps: 4 });
    await page.mouse.up();
    await page.getByText('The order was moved by hand.').waitFor();
    await expect.poll(async () => (await clockOf()) > before).toBe(true);
    const after = await clockOf();
    await order.filter({ hasText: `${after}Bake` }).waitFor();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByText('that is proved').waitFor();
    await expect.poll(clockOf).toBe(before);
    // By keys: the menu of its line.
    await order
      .filter({ hasText: `${before}Bake` })
      .getByRole('button')
      .press('Enter');
    await page.getByRole('menuitem', { name: '5 minutes later' }).press('Enter');
    await expect.poll(async () => (await clockOf()) > before).toBe(true);
    await expect.poll(async () => (await dayNow()).kept).not.toBeNull();
    await page.getByRole('button', { name: 'Work it out anew' }).click();
    await page.getByText('that is proved').waitFor();
    await expectEveryWay(imbiss, [
      [
        'a prep day',
        new URL(page.url()).pathname.replace(/^.*(?=\/week)/, '') + new URL(page.url()).search,
        'Begin now',
        'dense',
      ],
    ]);

    // Begun: every dish is at the stove, and one is led from the one to the other.
    await page.getByRole('button', { name: 'Begin now' }).click();
    const now = page.getByRole('region', { name: 'Now' });
    await now.getByText(/done about/).waitFor();
    const begun = await dayNow();
    expect(begun.dishes.every((d) => d.cookId !== null)).toBe(true);
    const stove = await api<{ id: string }[]>('/stove');
    expect(begun.dishes.every((d) => stove.some((c) => c.id === d.cookId))).toBe(true);
    await now.getByRole('link', { name: 'See it at the stove' }).click();
    const bar = page.getByRole('complementary', { name: 'Prep day' });
    await bar.getByText('Now, here:').waitFor();
    await expectAccessible(page, 'at the stove on a prep day');
    // At another dish it says where to go.
    const elsewhere = begun.dishes.find((d) => !page.url().includes(d.cookId!))!;
    await page.goto(`${imbiss.home}/recipes/${elsewhere.recipeId}/cook/${elsewhere.cookId}`);
    await bar.getByRole('link', { name: 'Go there' }).waitFor();
    await bar.getByRole('link', { name: 'Order of work' }).click();

    // Task after task, until only boxes are left to fill.
    const press = now.getByRole('button', { name: /^(?:Done|It is on|It is done)$/ });
    await now.getByText(/done about/).waitFor();
    for (let guard = 0; guard < 90; guard++) {
      const link = now.getByRole('link', { name: 'Dish up, into boxes' });
      if ((await link.count()) > 0 || (await press.count()) === 0) break;
      const said = await now.textContent();
      await press.first().click();
      await expect.poll(() => now.textContent()).not.toBe(said);
    }
    for (let n = 0; n < DISHES.length; n++) {
      await now.getByRole('link', { name: 'Dish up, into boxes' }).click();
      await page.getByLabel('the scale shows, g').fill('2400');
      await page.getByRole('button', { name: 'Dish it up' }).click();
      await page.getByText(/g still in the pot/).waitFor();
      await page.getByLabel('boxes', { exact: true }).fill('6');
      await page.getByRole('button', { name: 'Pack the boxes' }).click();
      await page.getByText('6 boxes are packed.').waitFor();
      await page.goto(`${imbiss.home}/week/prep?prep=${begun.id}`);
      for (let guard = 0; guard < 40; guard++) {
        await now.waitFor();
        if ((await now.getByRole('link').count()) > 0 && (await press.count()) === 0) break;
        if ((await now.getByRole('link', { name: 'Dish up, into boxes' }).count()) > 0) break;
        const said = await now.textContent();
        await press.first().click();
        await expect.poll(() => now.textContent()).not.toBe(said);
      }
    }
    await now.getByText('Everything is in its boxes.').waitFor();
    const boxes = await api<{ cookId: string }[]>('/boxes');
    for (const d of begun.dishes) expect(boxes.filter((b) => b.cookId === d.cookId)).toHaveLength(6);
    expect(errors).toEqual([]);
  }, 150_000);
});

describe('a week proposed', () => {
  it('keeps every limit, says why, and takes nothing without a tap', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    const { today } = await api<WeekAnswer>('/week');
    const monday = addDays(today, 8 - isoWeekday(today));
    const plan = () => api<WeekAnswer>(`/week?from=${monday}&days=7`);
    await page.goto(`${imbiss.home}/week/plan?from=${monday}`);
    await page.getByRole('link', { name: 'Propose' }).click();
    await page.getByText('35 places are free').waitFor();
    const before = (await plan()).entries.length;
    await page.getByRole('button', { name: 'Propose' }).click();
    const proposal = page.getByRole('region', { name: 'The proposal' });
    await proposal
      .getByText(/of the .* left/)
      .first()
      .waitFor();
    await page.getByRole('radio', { name: 'Most variety' }).click();
    await page.getByText('Weighing what could be cooked').waitFor({ state: 'detached' });
    await expectEveryWay(imbiss, [
      ['a week proposed', `/week/propose?from=${monday}`, 'There is time to cook on', 'dense'],
    ]);
    await expectAccessible(page, 'a proposal');
    await expectNoSideways(page, 'a proposal');
    expect((await plan()).entries.length).toBe(before);
    await page.getByRole('radio', { name: 'Least cooking' }).click();
    // All but the first are taken.
    await proposal.getByRole('checkbox').first().click();
    const take = page.getByRole('button', { name: /^Take these \d+ onto the plan$/ });
    const many = Number(/\d+/.exec((await take.textContent())!)![0]);
    await take.click();
    await page.waitForURL('**/week/plan?from=*');
    await expect.poll(async () => (await plan()).entries.length).toBe(before + many);
    const taken = await plan();
    for (const day of taken.told)
      if (day.allowance !== null && day.points !== null) expect(day.points).toBeLessThanOrEqual(day.allowance);
    expect(taken.entries.every((e) => e.notFor.length === 0)).toBe(true);
    expect(taken.pots.every((p) => p.left >= 0)).toBe(true);
    // And all of it goes off the plan again.
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect.poll(async () => (await plan()).entries.length).toBe(before);
    await expect.poll(async () => (await plan()).pots.filter((p) => p.day >= monday).length).toBe(0);
    expect(errors).toEqual([]);
  }, 90_000);
});
