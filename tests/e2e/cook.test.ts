import type { BrowserContext, Page } from 'playwright-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
beforeAll(async () => {
  imbiss = await sharedImbiss('cook');
});
afterAll(() => imbiss.stop());

const api = async <T>(path: string): Promise<T> => (await fetch(`${imbiss.api}${path}`)).json() as Promise<T>;
const onScale = (body: object): Promise<Response> =>
  fetch(`${imbiss.api}/scale`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });

const steady = () => expect.poll(async () => (await api<{ steady: boolean }>('/scale/now')).steady).toBe(true);

interface CookKept {
  readonly id: string;
  readonly fromId: string;
  readonly versionId: string;
  readonly timers: Record<string, { name: string }>;
  readonly weighed: Record<string, number>;
  readonly ticks: Record<string, true>;
}

/** What is done between the steps: nothing, or a reload, or what another device does. */
interface Between {
  readonly eachStep: (page: Page, step: number) => Promise<void>;
  readonly middle: (page: Page, recipe: string) => Promise<void>;
}

const quiet: Between = { eachStep: async () => {}, middle: async () => {} };

/** A whole cook of a stew of three steps: scale, two timers, one change, and five boxes by weight. */
async function cookWhole(page: Page, title: string, looks: boolean, between: Between): Promise<void> {
  const { rows } = await api<{ rows: { id: string }[] }>(`/recipes?q=${encodeURIComponent(title)}&limit=5`);
  const recipe = rows[0]!.id;
  const { versions } = await api<{ versions: { id: string; kind: string }[] }>(`/recipes/${recipe}`);
  const written = versions.find((v) => v.kind === 'asWritten')!;
  const cooks = () => api<CookKept[]>(`/cooks?recipe=${recipe}`);
  const was = (await cooks()).length;

  // Before the first step: the pan, what to get out, and for how many.
  await page.goto(`${imbiss.home}/recipes/${recipe}/cook?version=${written.id}`);
  await page.getByRole('heading', { name: 'Before the first step' }).waitFor();
  await page.getByText(/^What goes in takes about [\d.]+ l/).waitFor();
  await page.getByText(/It needs a lid/).waitFor();
  await page
    .getByText('Last: pot')
    .or(page.getByText(/^Last: /))
    .first()
    .waitFor();
  if (looks) await expectAccessible(page, 'before the first step');
  await page.getByRole('button', { name: /^Begin/ }).click();
  await page.getByText('Step 1 of 3').waitFor();
  await between.eachStep(page, 1);

  // Weighed in: 6 g more than the step says, which is counted so, in a version of its own.
  await onScale({ do: 'press', key: 'on' });
  await page.getByRole('button', { name: /^Weigh in: 4 tbsp/ }).click();
  const weighing = page.getByRole('dialog');
  await weighing.getByText('0 g', { exact: true }).waitFor();
  await onScale({ do: 'put', grams: 61 });
  await weighing.getByText(/^[67] g over the 5[45] g of the step\.$/).waitFor();
  await weighing
    .getByText(/left; \d+ g: one more counts/)
    .first()
    .waitFor();
  if (looks) await expectAccessible(page, 'weighing in');
  await weighing.getByRole('button', { name: /^6[01] g went in/ }).click();
  await page.getByText(/more sunflower oil: it is counted so/).waitFor();
  await page.getByText(/on the scale: 6[01] g/).waitFor();
  await page.getByRole('checkbox', { name: /onions/ }).click();
  await page.getByRole('button', { name: 'Timer: 10 min' }).click();
  await page.getByRole('timer', { name: /^Soften the onions in the oil/ }).waitFor();
  if (looks) await expectAccessible(page, 'a step with a timer');
  await between.eachStep(page, 1);

  // By the key, as with a wet knuckle; the safe temperature stands where it is cooked.
  await page.locator('h2').first().click();
  await page.keyboard.press('ArrowRight');
  await page.getByText('Step 2 of 3').waitFor();
  await page.getByText('Safe inside from').waitFor();
  await page.getByText('165 °F (74 °C)', { exact: true }).waitFor();
  if (looks) {
    // The probe says how far it is, and that it is safe only when it is.
    const probe = (body: object) =>
      fetch(`${imbiss.api}/probe`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      });
    await probe({ do: 'put in', celsius: 40, around: 95 });
    await page.getByRole('button', { name: 'Probe' }).click();
    await page.getByText(/^3[34] °C \(\d+ °F\) to go/).waitFor();
    await expectAccessible(page, 'the food probe');
    await probe({ do: 'put in', celsius: 74.2, around: 95 });
    await page.getByText('It is safe inside: 74 °C (165 °F).').waitFor();
    await page.getByRole('button', { name: 'Silence' }).click();
    await page.keyboard.press('Escape');
    await probe({ do: 'take out' });
  }
  await page.getByRole('button', { name: 'Timer: 45 min' }).click();
  await page.getByRole('timer', { name: /^Simmer/ }).waitFor();
  await between.eachStep(page, 2);
  await between.middle(page, recipe);

  // A timer of no time and one of a thousand hours are told what they need; one of three seconds rings.
  const own = async (minutes: string): Promise<void> => {
    await page.getByRole('button', { name: 'Change' }).click();
    await page.getByRole('menuitem', { name: 'A timer of my own' }).click();
    await page.getByRole('textbox', { name: 'minutes' }).fill(minutes);
    await page.getByLabel('what for').fill('taste it');
    await page.getByRole('button', { name: 'Start it' }).click();
  };
  if (looks) {
    await own('0');
    await page.getByText('A timer needs some time: write minutes above 0.').waitFor();
    await page.getByRole('textbox', { name: 'minutes' }).fill('60000');
    await page.getByText(/A timer runs for at most 99 hours/).waitFor();
    await page.keyboard.press('Escape');
  }
  await own('0.05');
  await page.getByRole('button', { name: 'Silence' }).click();
  await page.getByRole('button', { name: 'End the timer: taste it' }).click();

  // One change: the salt that no step names goes in at the last.
  await page.locator('h2').first().click();
  await page.keyboard.press(' ');
  await page.getByText('Step 3 of 3').waitFor();
  await page.getByRole('button', { name: 'Change' }).click();
  await page.getByRole('menuitem', { name: 'What goes in here' }).click();
  await page.getByRole('checkbox', { name: /salt to taste/ }).click();
  if (looks) await expectAccessible(page, 'what goes in here');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await page.getByRole('checkbox', { name: /salt to taste/ }).waitFor();
  await between.eachStep(page, 3);

  // What is kept is what was done.
  const kept = await expect
    .poll(async () => (await cooks()).find((c) => Object.keys(c.weighed).length > 0) !== undefined)
    .toBe(true)
    .then(async () => (await cooks())[0]!);
  expect((await cooks()).length).toBe(was + 1);
  expect(kept.versionId).not.toBe(kept.fromId);
  expect(Object.values(kept.weighed)[0]).toBeGreaterThanOrEqual(60);

  await page.getByRole('button', { name: 'Done', exact: true }).click();
  // Timers that nobody waits for any more are ended: one that is left runs on, also of a dish that is dished up.
  const ends = page.getByRole('button', { name: /^End the timer/ });
  for (const more of await page.getByRole('button', { name: /^What can be done with the timer/ }).all())
    await more.click();
  for (let left = await ends.count(); left > 0; left--) {
    await ends.first().click();
    await expect.poll(() => ends.count()).toBe(left - 1);
  }
  await page.getByRole('link', { name: 'Dish it up' }).click();

  // The pot from the scale, then five boxes one after another.
  await onScale({ do: 'put', grams: -20_000 });
  await onScale({ do: 'press', key: 'on' });
  await onScale({ do: 'put', grams: 2600 });
  await page.getByRole('button', { name: 'From the scale' }).click();
  await page.getByRole('button', { name: /^Take (2599|2600|2601) g$/ }).click();
  await page.getByRole('button', { name: 'Dish it up' }).click();
  await page.getByText(/g still in the pot/).waitFor();
  await onScale({ do: 'put', grams: -20_000 });
  await page.getByRole('button', { name: 'Fill them on the scale' }).click();
  for (let n = 1; n <= 5; n++) {
    const box = page.getByRole('dialog', { name: `Box ${n}` });
    // An empty box on, where the full one stood; zero; then what goes into it.
    await onScale({ do: 'put', grams: n === 1 ? 180 : -400 });
    await steady();
    await box.getByText('steady').waitFor();
    await box.getByRole('button', { name: 'Zero' }).click();
    await onScale({ do: 'put', grams: 400 });
    await box.getByRole('button', { name: new RegExp(`^Box ${n}: (399|400|401) g$`) }).waitFor();
    if (n === 1 && looks) await expectAccessible(page, 'filling boxes');
    await box.getByRole('button', { name: new RegExp(`^Box ${n}: `) }).click();
  }
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  const boxes = await api<{ cookId: string; share: number; grams: number }[]>(`/boxes?recipe=${recipe}`);
  const filled = boxes.filter((b) => b.cookId === kept.id);
  expect(filled).toHaveLength(5);
  for (const b of filled) expect(Math.abs(b.grams - 400)).toBeLessThanOrEqual(1);
}

describe('a dish led through', () => {
  it('is one journey: weighed in, timed, changed, dished up by weight into five boxes', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
    const { page, errors } = await openPage(context);
    await cookWhole(page, 'Chicken paprika', true, quiet);
    expect(errors).toEqual([]);
    await context.close();
  });

  it('is the same with a reload at every step and a second device that joins in the middle', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    let second: BrowserContext | null = null;
    await cookWhole(page, 'Chicken paprika', false, {
      eachStep: async (at, step) => {
        await at.reload();
        await at.getByText(`Step ${step} of 3`).waitFor();
      },
      middle: async (at, recipe) => {
        second = await imbiss.browser.newContext({ viewport: { width: 820, height: 1180 }, hasTouch: true });
        const desk = (await openPage(second)).page;
        // Wherever one is in the household the timers stand, and lead to the stove: to the step that is not done yet.
        await desk.goto(`${imbiss.home}/recipes`);
        await desk.getByRole('timer', { name: /^Simmer/ }).waitFor();
        await desk
          .getByRole('link', { name: /Chicken paprika/ })
          .first()
          .click();
        await desk.waitForURL(`**/recipes/${recipe}/cook/*`);
        await desk.getByText('Step 2 of 3').waitFor();
        // What is ended there is ended here.
        await desk.getByRole('button', { name: /^End the timer: Soften/ }).click();
        await at.getByRole('timer', { name: /^Soften/ }).waitFor({ state: 'detached' });
        // What ends here rings there, and is silenced on both.
        await at.getByRole('button', { name: 'Change' }).click();
        await at.getByRole('menuitem', { name: 'A timer of my own' }).click();
        await at.getByRole('textbox', { name: 'minutes' }).fill('0.05');
        await at.getByLabel('what for').fill('stir');
        await at.getByRole('button', { name: 'Start it' }).click();
        await desk.getByRole('button', { name: 'Silence' }).click();
        await at.getByRole('button', { name: 'Silence' }).waitFor({ state: 'detached' });
        await at.getByRole('button', { name: 'End the timer: stir' }).click();
        await desk.getByRole('timer', { name: /^stir/ }).waitFor({ state: 'detached' });
      },
    });
    await second!.close();
    expect(errors).toEqual([]);
    await context.close();
  });

  it('says before anything is cut who must not have it', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 820, height: 1180 } });
    const { page } = await openPage(context);
    const { rows } = await api<{ rows: { id: string }[] }>('/recipes?q=walnut&limit=5');
    await page.goto(`${imbiss.home}/recipes/${rows[0]!.id}/cook`);
    await page.getByText(/^Not for Tomas: there is tree nuts in it\.$/).waitFor();
    await context.close();
  });

  it('goes on without network, also after a reload, and what was done joins when there is one', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
    const { page } = await openPage(context);
    const { rows } = await api<{ rows: { id: string }[] }>('/recipes?q=gratin&limit=5');
    const recipe = rows[0]!.id;
    await page.goto(`${imbiss.home}/recipes/${recipe}/cook`);
    await page.getByText('Once begun it is kept on this device').waitFor();
    await page.getByRole('button', { name: /^Begin/ }).click();
    await page.getByText('Step 1 of').waitFor();
    // The keeper has the page in hand, and what it had asked before.
    const isKept = () =>
      page.evaluate(async (id) => {
        if (!navigator.serviceWorker.controller) return false;
        const kept = await (await caches.open('imbiss-answers')).keys();
        return [`/recipes/${id}`, '/cooks?', '/document', '/stove'].every((p) => kept.some((r) => r.url.includes(p)));
      }, recipe);
    await expect.poll(isKept).toBe(true);
    await context.setOffline(true);
    const first = page.getByRole('checkbox').first();
    await first.click();
    await page.getByRole('button', { name: 'Next', exact: true }).click();
    await page.getByText('Step 2 of').waitFor();
    await page.reload();
    await page.getByText('Step 2 of').waitFor();
    await page.getByText(/^No network: this is as it was/).waitFor();
    await page.getByRole('button', { name: 'Back' }).click();
    // What was done without network is done still.
    await page.getByText('Step 1 of').waitFor();
    expect(await first.getAttribute('aria-checked')).toBe('true');
    await page.getByText('· done').waitFor();
    await page.getByRole('button', { name: 'Next', exact: true }).click();
    await page.getByRole('button', { name: 'Next', exact: true }).click();
    await context.setOffline(false);
    const ticks = async () => Object.keys((await api<CookKept[]>(`/cooks?recipe=${recipe}`))[0]!.ticks).length;
    await expect.poll(ticks).toBe(3);
    await page.getByText(/^No network/).waitFor({ state: 'detached' });
    await context.close();
  });
});
