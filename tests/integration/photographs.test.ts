import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { drawPage } from '../support/paper/draw-page.ts';
import { measurePage } from '../support/paper/measure.ts';
import { PAPER_PAGES } from '../support/paper/pages.ts';
import { paperReader } from '../support/paper/read-pages.ts';

// Three of the thirty pages; `npm run faults` photographs all of them.
const THREE = ['an old book, large', 'a sans in two columns', 'everything at once'];

describe('a photographed page', () => {
  let reader: Awaited<ReturnType<typeof paperReader>>;
  beforeAll(async () => {
    reader = await paperReader();
  }, 60_000);
  afterAll(() => reader.end());

  it.each(THREE)('is read or asked about, line by line: %s', { timeout: 60_000 }, async (name) => {
    const page = PAPER_PAGES.find((p) => p.name === name)!;
    const { picture, lines } = await drawPage(page.text, page.look);
    const measured = measurePage(lines, await reader.read(picture));
    expect(measured.silent).toEqual([]);
    expect(measured.lostFractions).toEqual([]);
    if (page.clean) expect(measured.right / measured.lines).toBeGreaterThanOrEqual(0.8);
  });
});
