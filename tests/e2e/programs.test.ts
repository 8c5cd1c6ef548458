import { readFile } from 'node:fs/promises';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Food } from '../../src/core/food/food.ts';
import { scaleProfile } from '../../src/core/food/nutrients.ts';
import { type Rule, rawOf, roundPoints } from '../../src/core/program/rule.ts';
import { choose, expectAccessible, expectContrast, expectNoSideways, openPage } from '../support/running-imbiss.ts';
import { brokenWords, smallTargets } from '../support/screen-checks.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
beforeAll(async () => {
  imbiss = await sharedImbiss('programs');
});
afterAll(() => imbiss.stop());

describe("a program of one's own", () => {
  it('is copied, changed, given to an eater, moves every recipe, and is taken back', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 }, acceptDownloads: true });
    const { page, errors } = await openPage(context);
    const points = async (): Promise<number[]> => {
      const { rows } = await (await fetch(`${imbiss.api}/recipes?order=title&limit=30`)).json();
      return rows.map((r: { points: { points: number }[] }) => r.points[0]!.points);
    };
    const before = await points();

    // From the rail to a copy of one's own.
    await page.goto(`${imbiss.home}/recipes`);
    await page.getByRole('link', { name: 'Programs' }).click();
    await expectAccessible(page, 'programs');
    await page.getByRole('link', { name: /Ledger/ }).click();
    await page.getByText('1 point for every 45 of:').first().waitFor();
    await page.getByLabel('Does it count?').fill('2 cloves garlic');
    await page.getByText('garlic does not count: garlic.').waitFor();
    await expectAccessible(page, 'a program');
    await page.getByRole('button', { name: 'Copy it' }).click();
    await page.getByRole('heading', { name: 'Change Ledger, our own' }).waitFor();

    // Two numbers and an entry of the list; what cannot be is said, and nothing is lost.
    await page.getByLabel('Name').fill("Grandmother's booklet");
    await page.getByLabel('1 point for every').fill('0');
    await page.getByRole('button', { name: 'Save the program' }).click();
    await page.getByText('"1 point for every" must be above 0.').waitFor();
    expect(await page.getByLabel('Name').inputValue()).toBe("Grandmother's booklet");
    await page.getByLabel('1 point for every').fill('22,5');
    await page.getByLabel('Times a g of fibre').fill('-3');
    await page.getByRole('button', { name: 'Something that does not count' }).click();
    const entry = page.getByRole('dialog', { name: 'What does not count' });
    await choose(page, 'A kind of food', 'breast of poultry');
    await choose(page, 'Only with little of, in 100 g', 'fat');
    await entry.getByText('Breast of poultry, with at most 7 g fat in 100 g.').waitFor();
    await expectAccessible(page, 'an entry of a list');
    await entry.getByRole('button', { name: 'Put it on the list' }).click();
    await page.getByText('breast of poultry, with at most 7 g fat in 100 g').first().waitFor();
    await expectAccessible(page, 'changing a program');
    await page.getByRole('button', { name: 'Save the program' }).click();
    await page.getByRole('heading', { name: /· Grandmother's booklet/ }).waitFor();

    // Another device saved meanwhile: what was typed stays, what differs is said, and the cook decides.
    const at = page.url();
    await page.getByRole('link', { name: 'Change it' }).click();
    await page.getByLabel('Points a day').fill('33');
    const other = await context.newPage();
    await other.goto(`${at}/change`);
    await other.getByLabel('Points a day').fill('29');
    await other.getByRole('button', { name: 'Save the program' }).click();
    await other.getByText('29 a day').first().waitFor();
    await other.close();
    await page.getByText('there: 38 points a day, now 29').waitFor();
    expect(await page.getByLabel('Points a day').inputValue()).toBe('33');
    await expectAccessible(page, 'a program that was changed elsewhere');
    await page.getByRole('button', { name: 'Mine shall hold' }).click();
    await page.getByRole('button', { name: 'Save the program' }).click();
    await page.getByText('33 a day').first().waitFor();
    await page.getByText('What was changed (3)').click();
    await page.getByText('29 points a day, now 33').waitFor();
    await page.getByLabel('Does it count?').fill('150 g chicken breast');
    await page.getByText('does not count: breast of poultry').waitFor();

    // As a file, and in again under another mark.
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as a file' }).click(),
    ]);
    const text = await readFile(await download.path(), 'utf8');
    expect(JSON.parse(text)).toMatchObject({ v: 1, rule: { per: 22.5 } });

    // Given to Runa, every recipe of hers moves; the way back brings each number back.
    await choose(page, 'Who shall count by it', 'Runa');
    await page.getByText('Runa counts by it.').waitFor();
    await expect.poll(points).not.toEqual(before);
    // A point is dearer by half: a recipe that is mostly of what counts costs twice as much.
    await expect
      .poll(async () => Math.max(...(await points()).map((p, i) => p / Math.max(1, before[i]!))))
      .toBeGreaterThan(1.6);
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await page.getByText('Nobody counts by it yet.').waitFor();
    await expect.poll(points).toEqual(before);

    // Who counts by it is asked what they count by then; the way back brings program and eater.
    await choose(page, 'Who shall count by it', 'Runa');
    await page.getByText('Runa counts by it.').waitFor();
    await page.getByRole('button', { name: 'Remove', exact: true }).click();
    await page.getByRole('dialog').getByText('What Runa counts by then').waitFor();
    await expectAccessible(page, 'removing a program');
    await page.getByRole('button', { name: 'Remove it' }).click();
    await page.getByRole('button', { name: /^Bring back Grandmother's booklet/ }).waitFor();
    await expect.poll(points).toEqual(before);
    await page.getByRole('button', { name: /^Bring back Grandmother's booklet/ }).click();
    await page.getByRole('link', { name: /Grandmother's booklet/ }).waitFor();

    // Two over the pantry.
    await page.getByRole('link', { name: 'Two programs side by side, over the whole pantry' }).click();
    await page.getByText('count otherwise').waitFor();
    await expectAccessible(page, 'two programs');

    // A file that is none says so; the one that was saved comes in.
    await page.goto(`${imbiss.home}/programs`);
    const file = page.locator('input[type=file]');
    await file.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"v":1}') });
    await page.getByText('This file is no program').waitFor();
    await file.setInputFiles({ name: 'own.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await page.getByText('Nobody counts by it yet.').waitFor();
    await page.getByText('1 point for every 22.5 of:').first().waitFor();

    // On a phone.
    await page.setViewportSize({ width: 390, height: 844 });
    await expectNoSideways(page, 'a program on a phone');
    await page.getByRole('link', { name: 'Change it' }).click();
    await page.getByRole('button', { name: 'Save the program' }).last().waitFor();
    await expectNoSideways(page, 'changing a program on a phone');
    await expectAccessible(page, 'changing a program on a phone');
    expect(errors).toEqual([]);
    await context.close();
  });

  it('is taught from foods whose points are known, by what is asked next, and becomes the rule that everyone counts by', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 }, hasTouch: true });
    const { page, errors } = await openPage(context);
    const pantry: Food[] = await (await fetch(`${imbiss.api}/foods`)).json();
    // The booklet that is looked up: a rule of three nutrients that no program here has.
    const booklet: Rule = {
      coefficients: { kcal: 0.03, satFat: 0.2, protein: -0.08 },
      per: 1,
      caps: {},
      step: 1,
      rounding: 'nearest',
      floorAt: 'serving',
    };
    const looked = (name: string, grams: number): number => {
      const food = pantry.find((f) => f.name === name)!;
      return roundPoints(rawOf(booklet, scaleProfile(food.per100g, grams / 100)), booklet);
    };
    await page.goto(`${imbiss.home}/programs`);
    await page.getByRole('button', { name: 'Teach one' }).click();
    await page.getByRole('heading', { name: 'Teach Ledger, our own' }).waitFor();
    await page.getByRole('button', { name: 'Add it' }).click();
    await page.getByText('Choose a food.').waitFor();
    for (const name of ['butter', 'apple', 'egg, whole', 'Gouda']) {
      await page.getByRole('combobox', { name: 'A food whose points you know' }).fill(name);
      await page
        .getByRole('option', { name: new RegExp(name, 'i') })
        .first()
        .click();
      const food = await page.getByRole('combobox', { name: 'A food whose points you know' }).inputValue();
      await expect.poll(() => page.getByLabel('Grams').inputValue()).not.toBe('');
      const grams = Number(await page.getByLabel('Grams').inputValue());
      await page.getByLabel('Points', { exact: true }).fill(String(looked(food, grams)));
      await page.getByRole('button', { name: 'Add it' }).click();
      await page.getByRole('button', { name: `Take ${food} out` }).waitFor();
    }
    await choose(page, 'What the program can be asked', 'any amount');
    await page.getByText('Learnt from 4 foods.').waitFor();
    await expectAccessible(page, 'teaching');
    const next = page.getByRole('region', { name: 'Look this one up next' });
    for (let n = 5; n <= 11; n++) {
      const [, name, grams] = /^(.*), (\d+) g$/.exec((await next.getByRole('heading').textContent())!)!;
      await next.getByLabel('Points it says').fill(String(looked(name!, Number(grams))));
      await next.getByRole('button', { name: 'It says so' }).click();
      await page.getByText(`Learnt from ${n} foods.`).waitFor();
    }
    const said = (await page.getByText(/everyday foods \d+ are certain/).textContent())!;
    expect(Number(/foods (\d+) are/.exec(said)![1]), said).toBeGreaterThan(150);
    // A slip is found, and taken out again.
    await page.getByRole('combobox', { name: 'A food whose points you know' }).fill('white bread');
    await page
      .getByRole('option', { name: /bread, white/ })
      .first()
      .click();
    await page.getByLabel('Points', { exact: true }).fill('9');
    await page.getByRole('button', { name: 'Add it' }).click();
    await page.getByText('No rule fits all of these points. Look up again:').waitFor();
    await page.getByRole('button', { name: /^Take .*bread.* out$/ }).click();
    await page.getByText('Learnt from 11 foods.').waitFor();
    // It becomes the program's rule, and says what the booklet says.
    await page.getByRole('button', { name: 'Make it the rule of this program' }).click();
    await page.getByText('is changed: "What moved" says what that did.').waitFor();
    const { programs } = await (await fetch(imbiss.api)).json();
    const { rule, taught, id } = programs.find((p: { name: string }) => p.name === 'Ledger, our own');
    expect(taught.known).toHaveLength(11);
    const right = pantry.filter((f) => {
      const amount = scaleProfile(f.per100g, 1);
      return roundPoints(rawOf(rule, amount), rule) === roundPoints(rawOf(booklet, amount), booklet);
    });
    expect(right.length / pantry.length).toBeGreaterThan(0.9);
    const teaching = page.url();

    // Given to Runa: what that moved stands in one place, and is put aside there. The way back is one tap.
    await page.goto(`${imbiss.home}/programs/${id}`);
    await page.getByText('Taught from 11 foods').waitFor();
    await choose(page, 'Who shall count by it', 'Runa');
    await page.getByText('Runa counts by it.').waitFor();
    const recipe = async () => {
      const { rows } = await (await fetch(`${imbiss.api}/recipes?q=cabbage&limit=5`)).json();
      return rows.find((r: { title: string }) => r.title === 'Stuffed cabbage').id as string;
    };
    await page.goto(`${imbiss.home}/programs`);
    await page.getByRole('link', { name: 'What changes have moved: recipes, pins and cards' }).click();
    await page.getByRole('heading', { name: /^Runa counts by Ledger, our own/ }).waitFor();
    await page
      .getByText(/It moved \d+ recipes\./)
      .first()
      .waitFor();
    await expectAccessible(page, 'what moved');
    await page.getByRole('button', { name: 'Put it aside' }).first().click();
    await page.getByText(/^Put aside \(\d\)/).click();
    await page.getByRole('button', { name: 'Take it up again' }).first().waitFor();

    // What a source says of its points is compared once the household has said which program it means.
    await page.goto(`${imbiss.home}/recipes/${await recipe()}/bring-in`);
    await page.getByText('10 points, "ledger"').waitFor();
    await choose(page, 'Which of your programs is meant by "ledger"?', 'Ledger');
    await page.getByText(/^(here \d+½?\.|the same here\.)/).waitFor();
    await choose(page, 'Which of your programs is meant by "old booklet"?', 'none of ours');
    await page.getByText('None of your programs: it is compared with nothing.').waitFor();
    await page.getByText('I was told another number for a serving of this').click();
    await page.getByLabel('points', { exact: true }).fill('11');
    await choose(page, 'under', 'Ledger, our own');
    await page.getByRole('button', { name: 'Keep it', exact: true }).click();
    await page.getByText(/^Kept, and [A-Z]+ is taught by it\.$/).waitFor();
    await page.getByText('as you were told elsewhere').waitFor();
    await expectAccessible(page, 'claims');
    await page.getByRole('button', { name: 'Forget it' }).click();

    // On a plate, too, a known number is a tap away, in slices as the booklet has it.
    await page.goto(`${imbiss.home}/pantry/plate`);
    await page.getByLabel('Something on the plate').fill('1 slice white bread');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: /^I know the points of bread/ }).click();
    const pin = page.getByRole('dialog', { name: /^The points of bread/ });
    await pin.getByLabel('points', { exact: true }).fill('2');
    await choose(page, 'of these', 'slice');
    await pin.getByRole('button', { name: 'Use these' }).click();
    await pin.getByText(/2 points for 1 slice/).waitFor();
    await page.keyboard.press('Escape');
    for (const [name, url] of [
      ['teaching', teaching],
      ['changing', teaching.replace(/teach$/, 'change')],
    ] as const) {
      await page.goto(url);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await page
        // The dish and the pinned bread teach by themselves.
        .getByText(name === 'teaching' ? 'Learnt from 13 foods.' : 'What does not count')
        .first()
        .waitFor();
      for (const [width, height] of [
        [390, 844],
        [820, 1180],
        [1920, 1080],
      ] as const) {
        await page.setViewportSize({ width, height });
        await expectNoSideways(page, `${name}, ${width}`);
        expect(await smallTargets(page), `${name}, ${width}: small`).toEqual([]);
        expect(await brokenWords(page), `${name}, ${width}: broken`).toEqual([]);
      }
      await page.emulateMedia({ colorScheme: 'dark' });
      await expectContrast(page, `${name}, dark`);
      await page.emulateMedia({ colorScheme: 'light' });
    }
    expect(errors).toEqual([]);
    await context.close();
  });
});
