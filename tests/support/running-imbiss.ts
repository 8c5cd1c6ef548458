import { AxeBuilder } from '@axe-core/playwright';
import type { BrowserContext, Page } from 'playwright-core';
import { expect } from 'vitest';

/** Fails when axe finds a violation on the page as it stands, or when the page scrolls sideways. */
export async function expectAccessible(page: Page, where: string): Promise<void> {
  await expectNoViolation(axeFor(page), page, where);
  await expectNoSideways(page, where);
}

/** Fails when axe finds words that are hard to tell from what is behind them: all that another colour scheme changes. */
export const expectContrast = (page: Page, where: string): Promise<void> =>
  expectNoViolation(axeFor(page).withRules('color-contrast'), page, where);

/** The application has no frames: without looking for them axe takes half the time. */
const axeFor = (page: Page): AxeBuilder =>
  new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });

async function expectNoViolation(axe: AxeBuilder, page: Page, where: string): Promise<void> {
  const look = async (): Promise<string[]> => {
    await settled(page);
    const { violations } = await axe.analyze();
    return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
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
    await Promise.allSettled(ending.map((a) => a.finished));
  });
}

/** Fails when the page scrolls sideways as it stands. */
export async function expectNoSideways(page: Page, where: string): Promise<void> {
  // Which plan a page has, desk or hand, follows its width by a frame or two.
  const sideways = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  await expect.poll(sideways, { message: `${where} scrolls sideways`, timeout: 2000 }).toBeLessThanOrEqual(0);
}

/** Picks something from a list that opens, by its label. */
export async function choose(page: Page, label: string, words: string | RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label }).click();
  await page.getByRole('option', { name: words }).first().click();
}

/** A page that fails the test on any error in its console. */
export async function openPage(context: BrowserContext): Promise<{ page: Page; errors: string[] }> {
  context.setDefaultTimeout(10_000);
  const page = await context.newPage();
  const errors: string[] = [];
  page.on('pageerror', (e) => errors.push(e.message));
  page.on('console', (m) => {
    if (m.type() === 'error' && !/Failed to load resource/.test(m.text())) errors.push(m.text());
  });
  return { page, errors };
}
