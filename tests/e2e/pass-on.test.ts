import { readFileSync } from 'node:fs';
import { unzipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { eachEveryWay, type Screen } from '../support/every-way.ts';
import { expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
let gratin: string;
beforeAll(async () => {
  imbiss = await sharedImbiss('pass-on');
  const { rows } = await (await fetch(`${imbiss.api}/recipes`)).json();
  gratin = rows.find((r: { title: string }) => r.title.includes('gratin')).id;
});
afterAll(() => imbiss.stop());

const SHEETS: readonly Screen[] = [
  ['several at once', () => `/recipes/together?of=plate&recipes=${gratin}`, 'Together: ', 'dense'],
  ['booklet', '/booklets', 'No recipe is chosen yet'],
];

describe('several dishes at once, and booklets', () => {
  eachEveryWay(() => imbiss, SHEETS);
});

describe('a recipe', () => {
  it('is passed on as its cook wants it, corrected, and heard of', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 }, acceptDownloads: true });
    const { page, errors } = await openPage(context);
    await page.goto(`${imbiss.home}/recipes/${gratin}/pass-on`);
    const card = page.getByRole('article', { name: 'The card' });
    await card.getByText('Steps').waitFor();

    // What goes out is chosen beside the card, and the card shows it at once.
    await page.getByText('What goes out').click();
    await page.getByRole('checkbox', { name: 'steps', exact: true }).click();
    await card.getByRole('heading', { name: 'Steps' }).waitFor({ state: 'detached' });
    await page.getByRole('checkbox', { name: 'Larder' }).click();
    await card.getByText('Larder', { exact: false }).first().waitFor();
    await page.getByLabel('Your own words, at the top').fill('For Sundays.');
    await page.getByLabel('Your own words, at the top').blur();
    await card.getByText('For Sundays.').waitFor();
    await page.getByRole('checkbox', { name: /European label/ }).click();
    await card
      .getByText(/kJ \/ \d+ kcal/)
      .first()
      .waitFor();

    // A line offers a choice, counted in its place, and asks something.
    await page.getByText('Choices and questions').click();
    await page.getByRole('button', { name: /^Choice or question at skimmed milk/ }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('combobox', { name: 'or' }).fill('whole milk');
    // By its whole name: on a slow machine the foods of an earlier list are still there, and some of them are whole, too.
    await dialog
      .getByRole('option', { name: /^milk, whole/ })
      .first()
      .click();
    await dialog.getByLabel('in words, such as “any milk”').fill('any milk');
    await dialog.getByLabel('ask those who make it').fill('Does it curdle?');
    await dialog.getByRole('button', { name: 'Done' }).click();
    await card.getByText('(any milk)').waitFor();
    await card.getByText(/^or milk, whole: /).waitFor();
    await card.getByText('Does it curdle?').waitFor();
    await expectAccessible(page, 'what goes out');

    // As text within a length: points first, what was given up named.
    await page.getByRole('radio', { name: 'short' }).click();
    const text = page.getByRole('textbox', { name: 'The card as text' });
    expect((await text.inputValue()).split('\n')[0]).toMatch(/^Potato and leek gratin: .*Larder \d/);
    const most = [...(await text.inputValue())].length - 30;
    await page.getByLabel('at most so many characters').fill(String(most));
    await page.getByText(/characters, without/).waitFor();
    expect([...(await text.inputValue())].length).toBeLessThanOrEqual(most);

    // A picture is saved, and a link for a week is made.
    const [saved] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'As a picture' }).click(),
    ]);
    expect(saved.suggestedFilename()).toBe('Potato and leek gratin.png');
    await page.getByRole('radio', { name: 'a week' }).click();
    await page.getByRole('button', { name: 'Make a link' }).click();
    const made = await page.locator('#made-link').getAttribute('href');
    await page.getByText(/, until /).waitFor();
    const reader = await imbiss.browser.newContext({ javaScriptEnabled: false, viewport: { width: 390, height: 844 } });
    const shown = await reader.newPage();
    await shown.goto(made!);
    await shown.getByText('For Sundays.').waitFor();
    await shown.getByLabel('your portion, in servings').fill('2');
    await shown.getByRole('button', { name: 'Count it' }).click();
    await shown.getByText(/^2 servings: /).waitFor();

    // Published again, it says what was wrong, and a correction is ready.
    await page.getByRole('button', { name: 'Publish again' }).click();
    await page.getByRole('combobox', { name: 'What was wrong' }).click();
    await page.getByRole('option', { name: 'an ingredient was read wrongly' }).click();
    await page.getByLabel('in your words, if you like').fill('It was 65 g of cheese.');
    await page.getByRole('dialog').getByRole('button', { name: 'Publish again' }).click();
    await page.getByRole('button', { name: 'Copy correction' }).waitFor();
    await shown.reload();
    await shown.getByText(/^Corrected .*read wrongly\. It was 65 g of cheese\./).waitFor();
    await page.getByRole('button', { name: 'QR code' }).click();
    await page.getByRole('img', { name: /QR code of/ }).waitFor();
    await page.keyboard.press('Escape');

    // What a reader said is typed in, as an answer to the question.
    await page.getByText('What others said').click();
    await page.getByRole('button', { name: 'Add what somebody said' }).click();
    await page.getByLabel('who, as you call them').fill('the choir');
    await page.getByRole('combobox', { name: 'what it answers' }).click();
    await page.getByRole('option', { name: 'Does it curdle?' }).click();
    await page.getByLabel('in their words').fill('Not with whole milk.');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByText('“Not with whole milk.”').waitFor();

    // Withdrawn, the link leads nowhere.
    await page.getByRole('button', { name: 'Withdraw it' }).click();
    await expect.poll(async () => (await shown.reload())?.status()).toBe(404);
    expect(errors).toEqual([]);
    await context.close();
    await reader.close();
  });

  it('goes out with others as one sheet', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
    const { page, errors } = await openPage(context);
    await page.goto(`${imbiss.home}/recipes/together?of=plate&recipes=${gratin}`);
    const sheet = page.getByRole('article', { name: 'The sheet' });
    await sheet.getByText('Together: ').waitFor();
    const alone = await sheet.getByText('Together: ').textContent();
    await page.getByRole('button', { name: 'Add a dish' }).click();
    await page.getByRole('dialog').getByRole('searchbox').fill('lentil');
    await page
      .getByRole('dialog')
      .getByRole('button', { name: /Lentil/ })
      .first()
      .click();
    await expect.poll(() => sheet.getByText('Together: ').textContent()).not.toBe(alone);
    await page.getByLabel('What it is called').fill('Winter plate');
    await page.getByLabel('What it is called').blur();
    await sheet.getByText('Winter plate').waitFor();
    await page.getByLabel(/^Your words below Potato/).fill('Warm from the oven.');
    await page.getByLabel(/^Your words below Potato/).blur();
    await sheet.getByText('Warm from the oven.').waitFor();
    await page.getByRole('button', { name: 'Make a link' }).click();
    const made = await page.getByRole('region', { name: 'Links to sheets' }).getByRole('link').getAttribute('href');
    const answer = await (await fetch(made!)).text();
    expect(answer).toContain('Winter plate');
    expect(answer).toContain('Warm from the oven.');
    expect(errors).toEqual([]);
    await context.close();
  });

  it('is bound into a booklet with another, to be read and to be printed', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 }, acceptDownloads: true });
    const { page, errors } = await openPage(context);
    await page.goto(`${imbiss.home}/booklets`);
    await page.getByRole('checkbox', { name: /gratin/ }).click();
    await page.getByRole('checkbox', { name: /Lentil/ }).click();
    await page.getByText('2 recipes, in the order').waitFor();
    await page.getByLabel('What it is called').fill('For the cousins');
    const book = page.getByRole('article', { name: 'The booklet, printed' });
    await book.getByRole('heading', { name: 'For the cousins' }).waitFor();
    await book.getByText(/^1 Potato and leek gratin$/).waitFor();
    await book.getByText('How points were counted').waitFor();
    const [saved] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: /Save as a book/ }).click(),
    ]);
    expect(saved.suggestedFilename()).toBe('For the cousins.epub');
    const files = unzipSync(readFileSync(await saved.path()));
    expect(Buffer.from(files.mimetype!).toString()).toBe('application/epub+zip');
    expect(Buffer.from(files['OEBPS/recipe-2.xhtml']!).toString()).toContain('Lentil');
    expect(errors).toEqual([]);
    await context.close();
  });
});
