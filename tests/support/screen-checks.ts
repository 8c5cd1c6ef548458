import type { Page } from 'playwright-core';
import { expect } from 'vitest';

/** What fingers need, px. */
const FINGER = 44;
/** A pixel of rounding is none. */
const NEARLY = 0.75;

/** Everything to be pressed that a finger would miss, in words; links inside a sentence are read, not aimed at. */
export async function smallTargets(page: Page): Promise<string[]> {
  return page.evaluate(
    async ({ finger, nearly }) => {
      // A page that was just made narrower is laid out by the next frame.
      await new Promise((done) => {
        requestAnimationFrame(() => requestAnimationFrame(done));
        setTimeout(done, 1_000);
      });
      const all = document.querySelectorAll<HTMLElement>(
        'a[href], button, input:not([type=hidden]), select, textarea, summary, [role=menuitem], [role=radio], [role=checkbox], [role=combobox]',
      );
      const small: string[] = [];
      for (const e of all) {
        const style = getComputedStyle(e);
        // What comes up only with the keyboard, or is not there at all, is nobody's aim.
        if (style.visibility === 'hidden' || e.closest('.sr-only, [inert], [aria-hidden=true]') || e.tabIndex < 0)
          continue;
        const box = e.getBoundingClientRect();
        if (box.width <= 1 || box.height <= 1) continue;
        const inSentence =
          e.tagName === 'A' &&
          style.display === 'inline' &&
          (e.parentElement?.textContent?.trim().length ?? 0) > (e.textContent?.trim().length ?? 0);
        if (inSentence) continue;
        // A box to tick is pressed with its words: its row is the aim.
        const row = e.getAttribute('role') === 'checkbox' ? (e.parentElement ?? e).getBoundingClientRect() : box;
        if (row.height < finger - nearly || row.width < finger - nearly) {
          const words = (e.getAttribute('aria-label') ?? e.textContent ?? '').trim().slice(0, 30);
          small.push(`${e.tagName.toLowerCase()} "${words}" ${Math.round(row.width)}×${Math.round(row.height)}`);
        }
      }
      return [...new Set(small)];
    },
    { finger: FINGER, nearly: NEARLY },
  );
}

/** A word of no more letters than this has room on any screen. */
const SHORT_WORD = 10;

/** Short words and numbers that run over two lines, as "10½" did where a column was too narrow for it. */
export async function brokenWords(page: Page): Promise<string[]> {
  return page.evaluate((short) => {
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const range = document.createRange();
    const broken = new Set<string>();
    while (texts.nextNode()) {
      const text = texts.currentNode;
      for (const { 0: word, index } of (text.textContent ?? '').matchAll(/[^\s\-–·/,()]+/g)) {
        if (word.length < 2 || word.length > short) continue;
        range.setStart(text, index);
        range.setEnd(text, index + word.length);
        const tops = new Set([...range.getClientRects()].filter((r) => r.width > 1).map((r) => Math.round(r.bottom)));
        if (tops.size > 1) broken.add(`${word} in ${text.parentElement?.tagName.toLowerCase()}`);
      }
    }
    return [...broken];
  }, SHORT_WORD);
}

/** Fails where the first thing that Tab reaches is nothing, or cannot be seen to have the focus. */
export async function expectVisibleFocus(page: Page, where: string): Promise<void> {
  await page.keyboard.press('Tab');
  const focused = await page.evaluate(() => {
    const e = document.activeElement;
    if (e === null || e === document.body) return 'nothing';
    const { outlineStyle, outlineWidth } = getComputedStyle(e);
    return outlineStyle === 'none' || Number.parseFloat(outlineWidth) < 2 ? `${e.tagName} without a ring` : 'seen';
  });
  expect(focused, `${where}: the focus`).toBe('seen');
}

/** Fails where a page is called as every other one. */
export async function expectOwnTitle(page: Page, where: string, seen: Map<string, string>): Promise<void> {
  const title = await page.title();
  expect(title, `${where}: the title`).toMatch(/.+ · Imbiss$/);
  expect(seen.get(title) ?? where, `the title "${title}"`).toBe(where);
  seen.set(title, where);
}
