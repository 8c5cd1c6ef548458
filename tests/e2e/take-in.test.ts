import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { filmOfEan13 } from '../support/draw-ean13.ts';
import { launchBrowser } from '../support/launch-browser.ts';
import { drawPage } from '../support/paper/draw-page.ts';
import { PAPER_PAGES } from '../support/paper/pages.ts';
import { expectAccessible, expectNoSideways, openPage } from '../support/running-imbiss.ts';
import { smallTargets } from '../support/screen-checks.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
beforeAll(async () => {
  imbiss = await sharedImbiss('take-in');
});
afterAll(() => imbiss.stop());

const png = (name: string, buffer: Buffer) => ({ name, mimeType: 'image/png', buffer });

describe('a photograph', () => {
  it('of a page becomes a recipe: read here, asked about, kept with it', async () => {
    const page0 = PAPER_PAGES.find((p) => p.name === 'a serif in shadow')!;
    const { picture } = await drawPage(page0.text, page0.look);
    const context = await imbiss.browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
    const { page, errors } = await openPage(context);
    const asked: string[] = [];
    page.on('request', (r) => asked.push(r.url()));
    await page.goto(`${imbiss.home}/bring-in`);
    const take = page.locator('input[type=file][capture]');
    await take.setInputFiles(png('broken.png', Buffer.from('no picture')));
    await page.getByText('This photograph could not be read.').waitFor();
    await page.getByRole('button', { name: 'Back to the text' }).click();
    await take.setInputFiles(png('page.png', picture));
    await page.getByRole('heading', { name: 'Compare each line with its strip' }).waitFor();
    await page.getByRole('img', { name: `The picture where “${page0.text.title}” was read` }).waitFor();
    await expectAccessible(page, 'lines of a photograph');
    await expectNoSideways(page, 'lines of a photograph');
    expect(await smallTargets(page)).toEqual([]);

    // Nothing is taken while something is open; each question goes away with its answer.
    const taking = page.getByRole('button', { name: 'Take these lines' });
    expect(await taking.isDisabled()).toBe(true);
    const question = page.getByRole('group', { name: /A fraction may be lost/ }).first();
    await question
      .getByRole('button', { name: /^It is “.*[½¼¾⅓⅔].*”$/ })
      .first()
      .click();
    const chips = page.locator('fieldset button');
    while ((await chips.count()) > 0) await chips.last().click();
    await page
      .getByRole('button', { name: /^Leave out line \d+$/ })
      .last()
      .click();
    await page.getByLabel('Line 2', { exact: true }).fill('Serves 6');
    await taking.click();
    const text = await page.locator('#paste').inputValue();
    expect(text.startsWith(`${page0.text.title}\nServes 6\n`)).toBe(true);
    await page.getByRole('img', { name: 'The photographed page' }).waitFor();
    await page.getByRole('button', { name: 'Bring it in' }).click();
    await page.getByRole('img', { name: /the page that it came from/ }).waitFor();
    // It was read on this device: nothing left it but what was kept.
    expect(asked.filter((url) => !url.startsWith(new URL(imbiss.home).origin) && !url.startsWith('data:'))).toEqual([]);
    expect(errors).toEqual([]);
    await context.close();
  });

  it('of a nutrition panel fills a label, each value beside its strip, and what is unsure is asked', async () => {
    // Laid out as 21 CFR 101.9(d)(12) shows it; the numbers are invented. A "9" is how a "g" is seen.
    const { picture } = await drawPage(
      {
        title: 'Nutrition Facts',
        servings: '8 servings per container',
        headings: null,
        ingredients: ['Serving size 2/3 cup (55g)', 'Calories 230', 'Total Fat 89', 'Sodium 160mg', 'Protein 3g'],
        steps: [],
      },
      { face: 'source-sans-3', size: 44, tilt: 1, shadow: 0.4 },
    );
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    await page.goto(`${imbiss.home}/pantry`);
    await page.getByRole('button', { name: 'Add a food from its label' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.locator('input[type=file]').setInputFiles(png('panel.png', picture));
    await dialog.getByText(/values were read/).waitFor();
    expect(await dialog.getByLabel('energy, kcal').inputValue()).toBe('230');
    expect(await dialog.getByLabel('Values are for, g').inputValue()).toBe('55');
    expect(await dialog.getByLabel('sodium, mg').inputValue()).toBe('160');
    expect(await dialog.getByLabel('fat, g', { exact: true }).inputValue()).toBe('');
    await dialog.getByRole('button', { name: '8', exact: true }).click();
    expect(await dialog.getByLabel('fat, g', { exact: true }).inputValue()).toBe('8');
    await expectAccessible(page, 'a photographed panel');
    await dialog.getByLabel('Name').fill('flakes of ours');
    await dialog.getByRole('button', { name: 'Save the food' }).click();
    await dialog
      .getByRole('button', { name: 'Save it as it is' })
      .or(page.getByRole('heading', { name: 'flakes of ours' }))
      .first()
      .waitFor();
    expect(errors).toEqual([]);
    await context.close();
  });

  it('is not needed where the browser lets the page look through the camera', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'imbiss-film-'));
    const film = join(folder, 'package.y4m');
    writeFileSync(film, await filmOfEan13('2000000000015'));
    const browser = await launchBrowser(
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${film}`,
    );
    const { page, errors } = await openPage(await browser.newContext({ viewport: { width: 390, height: 844 } }));
    await page.goto(`${imbiss.home}/pantry`);
    await page.getByRole('button', { name: 'Use the camera' }).click();
    await page.getByRole('heading', { name: 'Is this what the label says?' }).waitFor();
    expect(await page.getByLabel('energy, kcal').inputValue()).toBe('40');
    expect(errors).toEqual([]);
    await browser.close();
    rmSync(folder, { recursive: true, force: true });
  });
});

describe('recipes in files', () => {
  it('come in at once, several and of several formats, after a look at what becomes of each', async () => {
    const file = (name: string, text: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
    const { page, errors } = await openPage(
      await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } }),
    );
    await page.goto(`${imbiss.home}/household`);
    await page
      .getByLabel('Take files in')
      .setInputFiles([
        file('leeks.md', '# Leek stew\n\nServes 4\n\n## Ingredients\n\n- 500 g leeks\n- 3 glorbs of wuzzle\n'),
        file('porridge.cook', '---\ntitle: Oat bowl\nservings: 2\n---\nBoil @milk{300%ml} with @rolled oats{80%g}.\n'),
        file('notes.txt', 'Call the plumber.'),
      ]);
    await page.getByText('2 ingredients, of them 1 to answer').waitFor();
    await page.getByText('No recipe was found in it.').waitFor();
    await page.getByRole('checkbox', { name: /^Oat bowl/ }).click();
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.getByText('Taken in: 1 new').waitFor();
    await page.goto(`${imbiss.home}/recipes`);
    await page.getByRole('link', { name: /Leek stew/ }).waitFor();
    expect(await page.getByRole('link', { name: /Oat bowl/ }).count()).toBe(0);
    expect(errors).toEqual([]);
  });
});
