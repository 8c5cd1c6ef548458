import { expect, it } from 'vitest';
import { expectAccessible, expectNoSideways, openPage } from './running-imbiss.ts';
import { brokenWords, expectOwnTitle, expectVisibleFocus, smallTargets } from './screen-checks.ts';
import type { SharedImbiss } from './shared-imbiss.ts';

/** A screen: its address in a household, words that are there when it is, and whether much stands on it. */
export type Screen = readonly [name: string, path: string | (() => string), text: string, dense?: 'dense'];

/** The slowest takes about ten seconds alone: what takes longer than this hangs. */
const LIMIT = 90_000;

/** A phone, a small phone, a tablet upright, a desk, a wide one. */
const SIZES = [
  [390, 844],
  [360, 740],
  [820, 1180],
  [1280, 800],
  [1920, 1080],
] as const;

/**
 * A test of {@link expectEveryWay} for each screen, with a page and a time of its own.
 * Each has a second try: a browser that stops drawing is no fault of the screen, and a screen at fault is so twice.
 */
export function eachEveryWay(imbiss: () => SharedImbiss, screens: readonly Screen[]): void {
  const titles = new Map<string, string>();
  it.each(screens.map((screen) => ({ name: screen[0], screen })))(
    '$name: accessible in the light and in the dark, fits every width, is made for fingers and keys',
    { timeout: LIMIT, retry: 1 },
    ({ screen }) => expectEveryWay(imbiss(), [screen], titles),
  );
}

/** Fails where a screen is not accessible in the light or the dark, does not fit a width, or is not for fingers and keys. */
export async function expectEveryWay(
  imbiss: SharedImbiss,
  screens: readonly Screen[],
  titles = new Map<string, string>(),
): Promise<void> {
  // Fingers and a mouse: what is pressed has to be large enough for the first.
  const context = await imbiss.browser.newContext({ reducedMotion: 'reduce', hasTouch: true });
  const { page, errors } = await openPage(context);
  for (const [name, path, text, dense] of screens) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.emulateMedia({ colorScheme: 'light' });
    // With everything loaded: a button that is being enabled while it is looked at has neither look.
    await page.goto(imbiss.home + (typeof path === 'string' ? path : path()), { waitUntil: 'load' });
    await page.locator('main, aside').getByText(text).first().waitFor();
    await expectOwnTitle(page, name, titles);
    await expectAccessible(page, name);
    // The dark is looked at on the phone: the colours of both are the same.
    await page.emulateMedia({ colorScheme: 'dark' });
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      await expectNoSideways(page, `${name}, ${width}`);
      expect(await smallTargets(page), `${name}, ${width}: small`).toEqual([]);
      expect(await brokenWords(page), `${name}, ${width}: broken`).toEqual([]);
      if (width === 390) {
        // A phone has a layout of its own; it is looked at whole, in the dark.
        await expectAccessible(page, `${name}, ${width}, dark`);
        await page.emulateMedia({ colorScheme: 'light' });
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
