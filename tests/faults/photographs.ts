import { drawPage } from '../support/paper/draw-page.ts';
import { type Measured, measurePage, together } from '../support/paper/measure.ts';
import { PAPER_PAGES } from '../support/paper/pages.ts';
import { paperReader } from '../support/paper/read-pages.ts';

/** All thirty photographed pages, held against the bars: what is wrong in words, and how it came out. */
export async function readAllPages(say: (words: string) => void) {
  const reader = await paperReader();
  const all: { clean: boolean; measured: Measured }[] = [];
  for (const page of PAPER_PAGES) {
    const { picture, lines } = await drawPage(page.text, page.look);
    const measured = measurePage(lines, await reader.read(picture));
    all.push({ clean: page.clean, measured });
    say(`${page.name}: ${measured.right} right and ${measured.asked} asked of ${measured.lines}`);
    for (const [printed, read] of measured.silent) say(`  without a word: "${printed}" as "${read}"`);
  }
  await reader.end();
  const clean = together(all.filter((p) => p.clean).map((p) => p.measured));
  const every = together(all.map((p) => p.measured));
  const faults = [
    clean.right / clean.lines < 0.8 && `of clean prints only ${clean.right} of ${clean.lines} lines are right`,
    (every.right + every.asked) / every.lines < 0.98 && 'fewer than 98 of 100 lines are right or asked',
    every.silent.length * 200 > every.lines &&
      `${every.silent.length} of ${every.lines} lines are wrong without a word`,
    every.lostFractions.length > 0 && `fractions are lost without a word: ${every.lostFractions.join('; ')}`,
  ].filter((f): f is string => f !== false);
  return { clean, every, faults };
}
