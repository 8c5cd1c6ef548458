import { expect } from 'vitest';
import { expectAccessible, expectContrast, expectNoSideways, openPage } from './running-imbiss.ts';
import { brokenWords, expectOwnTitle, expectVisibleFocus, smallTargets } from './screen-checks.ts';
import type { SharedImbiss } from './shared-imbiss.ts';

/** A screen: its address in a household, words that are there when it is, and whether much stands on it. */
export type Screen = readonly [name: string, path: string, text: string, dense?: 'dense'];

/** A phone, a small phone, a tablet upright, a desk, a wide one. */
const SIZES = [
  [390, 844],
  [360, 740],
  [820, 1180],
  [1280, 800],
  [1920, 1080],
] as const;

/** Fails where a screen is not accessible in the light or the dark, does not fit a width, or is not for fingers and keys. */
export async function expectEveryWay(imbiss: SharedImbiss, screens: readonly Screen[]): Promise<void> {
  // Fingers and a mouse: what is pressed has to be large enough for the first.
  const context = await imbiss.browser.newContext({ reducedMotion: 'reduce', hasTouch: true });
  const { page, errors } = await openPage(context);
  const titles = new Map<string, string>();
  for (const [name, path, text, dense] of screens) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.emulateMedia({ colorScheme: 'light' });
    // With everything loaded: a button that is being enabled while it is looked at has neither look.
    await page.goto(imbiss.home + path, { waitUntil: 'load' });
    await page.locator('main, aside').getByText(text).first().waitFor();
    await expectOwnTitle(page, name, titles);
    await expectAccessible(page, name);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expectContrast(page, `${name}, dark`);
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      await expectNoSideways(page, `${name}, ${width}`);
      expect(await smallTargets(page), `${name}, ${width}: small`).toEqual([]);
      expect(await brokenWords(page), `${name}, ${width}: broken`).toEqual([]);
      if (width === 390) {
        await expectContrast(page, `${name}, ${width}, dark`);
        await page.emulateMedia({ colorScheme: 'light' });
        await expectAccessible(page, `${name}, ${width}`);
      }
      if (name === 'library') {
        // A row is a row at every width: it was a letter wide once, and as tall as the page.
        const heights = await page.locator('main li').evaluateAll((rows) => rows.map((r) => r.clientHeight));
        expect(Math.max(...heights), `${width}`).toBeLessThan(220);
      }
    }
    await expectVisibleFocus(page, name);
    if (dense) {
      // Twice the size of letters, and colours that the system chooses: nothing runs out, and bars are there to see.
      await page.evaluate(() => document.documentElement.style.setProperty('font-size', '200%'));
      for (const width of [390, 1280]) {
        await page.setViewportSize({ width, height: 844 });
        await expectNoSideways(page, `${name}, twice the size, ${width}`);
      }
      await page.evaluate(() => document.documentElement.style.removeProperty('font-size'));
      await page.emulateMedia({ forcedColors: 'active' });
      const unseen = await page
        .locator('.bar')
        .evaluateAll(
          (bars) =>
            bars.filter((b) =>
              ['rgba(0, 0, 0, 0)', getComputedStyle(document.body).backgroundColor].includes(
                getComputedStyle(b).backgroundColor,
              ),
            ).length,
        );
      expect(unseen, `${name}: bars that vanish`).toBe(0);
      await page.emulateMedia({ forcedColors: 'none' });
    }
  }
  expect(errors).toEqual([]);
  await context.close();
}
