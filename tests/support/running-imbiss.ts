import axe from 'axe-core';
import type { BrowserContext, Page, Request } from 'playwright-core';
import { expect, onTestFailed } from 'vitest';

/** Fails when axe finds a violation on the page as it stands, or when the page scrolls sideways. */
export async function expectAccessible(page: Page, where: string): Promise<void> {
  await expectNoViolation(page, where, null);
  await expectNoSideways(page, where);
}

/** Fails when axe finds words that are hard to tell from what is behind them: all that another colour scheme changes. */
export const expectContrast = (page: Page, where: string): Promise<void> =>
  expectNoViolation(page, where, ['color-contrast']);

/** @param rules the only ones to look for; null for all */
async function expectNoViolation(page: Page, where: string, rules: readonly string[] | null): Promise<void> {
  const look = async (): Promise<string[]> => {
    await settled(page);
    // A page that is looked at several times has axe once.
    if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
    return page.evaluate(async (only) => {
      const { axe: found } = window as unknown as { readonly axe: typeof axe };
      const { violations } = await found.run({
        resultTypes: ['violations'],
        ...(only !== null && { runOnly: [...only] }),
      });
      return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
    }, rules);
  };
  let found = await look();
  // A toast whose time is up while it is looked at fades under the eye: what is wrong is wrong at a second look, too.
  if (found.length > 0) {
    await page.waitForTimeout(1_000);
    found = await look();
  }
  expect(found, where).toEqual([]);
}

/** Waits until nothing is fading in or out any more: half faded, no colour is what it is meant to be. */
async function settled(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const ending = document.getAnimations().filter((a) => a.effect?.getComputedTiming().endTime !== Infinity);
    // One that is held, or a browser that draws no more, is waited for no longer than any of them takes.
    await Promise.race([
      Promise.allSettled(ending.map((a) => a.finished)),
      new Promise((done) => setTimeout(done, 3_000)),
    ]);
  });
}

/** Fails when the page scrolls sideways as it stands, and names what sticks out. */
export async function expectNoSideways(page: Page, where: string): Promise<void> {
  // Which plan a page has, desk or hand, follows its width by a frame or two.
  const stickingOut = () =>
    page.evaluate(() => {
      if (document.documentElement.scrollWidth <= window.innerWidth) return [];
      const wide = [...document.querySelectorAll('body *')].filter(
        (e) => e.getBoundingClientRect().right > window.innerWidth + 1,
      );
      return [
        'the page',
        ...wide.map((e) => `${e.tagName.toLowerCase()} "${(e.textContent ?? '').trim().slice(0, 40)}"`),
      ];
    });
  await expect.poll(stickingOut, { message: `${where} scrolls sideways`, timeout: 10_000 }).toEqual([]);
}

/** Picks something from a list that opens, by its label. */
export async function choose(page: Page, label: string, words: string | RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label }).click();
  await page.getByRole('option', { name: words }).first().click();
}

/** A page that fails the test on any error in its console. */
export async function openPage(context: BrowserContext): Promise<{ page: Page; errors: string[] }> {
  // Longer than anything takes: a machine that is busy with something else is no fault of the page.
  context.setDefaultTimeout(90_000);
  const page = await context.newPage();
  const errors: string[] = [];
  page.on('pageerror', (e) => errors.push(e.message));
  page.on('console', (m) => {
    if (m.type() === 'error' && !/Failed to load resource/.test(m.text())) errors.push(m.text());
  });
  const unanswered = new Set<string>();
  page.on('request', (r) => unanswered.add(`${r.method()} ${r.url()}`));
  const answered = (r: Request) => unanswered.delete(`${r.method()} ${r.url()}`);
  page.on('requestfinished', answered);
  page.on('requestfailed', answered);
  // What stood there when it went wrong: a machine that nobody can look at tells no more than this.
  onTestFailed(async ({ task }) => {
    const words = await page
      .locator('body')
      .ariaSnapshot({ timeout: 5_000 })
      .catch((e) => `nothing that can be read: ${e}`);
    const [first] = task.result?.errors ?? [];
    const told = `${page.url()} said:\n${words.slice(0, 1500)}\nno answer yet: ${[...unanswered].join(', ') || 'none'}\nerrors: ${errors.join('; ') || 'none'}`;
    if (first !== undefined) first.message = `${first.message}\n${told}`;
  });
  return { page, errors };
}
