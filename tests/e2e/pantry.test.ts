import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { photographOfEan13 } from '../support/draw-ean13.ts';
import { choose, expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
beforeAll(async () => {
  imbiss = await sharedImbiss('pantry');
});
afterAll(() => imbiss.stop());

const FOODS = `name,kcal,fat,carbs,sugars,protein,fibre,measures
Plum jam of ours,245,0,60,58,0.4,1,tbsp 20
Nut rusks,"410,5",12,60,18,9,4,piece 12
Broken,many,1,2,3,4,5,
`;
const csv = (text: string) => ({ name: 'foods.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });

describe('the pantry', () => {
  it('is one journey: scan, correct, compare, stock, plate, files', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } });
    const { page, errors } = await openPage(context);
    const pantry = `${imbiss.home}/pantry`;
    await page.goto(pantry);
    await page.getByLabel('Search the pantry').fill('zuchini');
    await page.getByRole('link', { name: 'courgette raw' }).waitFor();

    // A code with a slip says which, an unknown one leads to the label, a known one shows what is printed.
    const barcode = page.getByLabel('Barcode');
    await barcode.fill('2000000000014');
    await page.keyboard.press('Enter');
    await page.getByText('One digit of this barcode is wrong').waitFor();
    await barcode.fill('9780306406157');
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: 'Nobody knows this barcode' }).waitFor();
    await page.getByRole('button', { name: 'Back' }).click();
    // A photograph of the bars will do, and one without any says so.
    const picture = page.locator('input[type=file][capture]');
    const taken = (buffer: Buffer) => picture.setInputFiles({ name: 'package.jpg', mimeType: 'image/jpeg', buffer });
    await taken(
      await sharp({ create: { width: 300, height: 200, channels: 3, background: '#998' } })
        .jpeg()
        .toBuffer(),
    );
    await page.getByText('No barcode was seen on this picture.').waitFor();
    await taken(await photographOfEan13('2000000000022'));
    await page.getByRole('heading', { name: 'Is this what the label says?' }).waitFor();
    expect(await barcode.inputValue()).toBe('');
    await page.getByRole('button', { name: 'Close' }).click();
    // A scanner types into whatever is open, and no field needs to be; one over the air takes its time.
    await page.getByRole('heading', { name: 'Pantry' }).click();
    await page.keyboard.type('2000000000015', { delay: 150 });
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: 'Is this what the label says?' }).waitFor();
    expect(await page.getByLabel('energy, kcal').inputValue()).toBe('40');
    await expectAccessible(page, 'a scanned label');
    await page.getByRole('button', { name: 'Save the food' }).click();
    await page.getByRole('heading', { name: 'soured cream light, Seehof' }).waitFor();

    // Its values are changed, and come back.
    const kcal = page.getByRole('region', { name: 'Nutrition' }).locator('dd').first();
    await page.getByText('133 kcal').first().waitFor();
    await page.getByRole('button', { name: 'Change its values' }).click();
    await page.getByLabel('energy, kcal').fill('150');
    await expectAccessible(page, 'changing a food');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.getByText('150 kcal').first().waitFor();
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await page.getByText('133 kcal').first().waitFor();
    expect(await kcal.textContent()).toContain('133 kcal');
    await page.getByText('Earlier states (2)').click();
    await page.getByText('kcal 133.333333 → 150').waitFor();

    // The household's own words and weights: found by search, forgotten again.
    await page.getByLabel('We call it').fill('the white stuff');
    await page.keyboard.press('Enter');
    await page.getByText('also called “the white stuff”').waitFor();
    await page.getByLabel('A measure weighs').fill('ladle');
    await page.keyboard.press('Enter');
    await page.getByText('cannot be read. Write it as').waitFor();
    await page.getByLabel('A measure weighs').fill('ladle 90');
    await page.keyboard.press('Enter');
    await page.getByText('1 ladle weighs 90 g').first().waitFor();
    await page.getByRole('button', { name: 'It is in the house' }).click();
    await page.getByText('is on the list of what is in the house').waitFor();

    // Side by side, by keyboard.
    await page.getByRole('link', { name: 'Beside another' }).click();
    await page.getByRole('combobox', { name: 'Another food' }).fill('quark');
    await page.getByRole('option').first().waitFor();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    // The address keeps the choice, so the radio follows it a moment later.
    await page.getByRole('radio', { name: /for 1 point/ }).click();
    await expect.poll(() => page.getByRole('radio', { name: /for 1 point/ }).isChecked()).toBe(true);
    await page.getByRole('row', { name: /^energy/ }).waitFor();

    // In the house.
    await page.getByRole('link', { name: 'In the house' }).click();
    await page.getByRole('link', { name: 'soured cream light, Seehof' }).waitFor();
    await page.getByLabel('Something in the house').fill('2 cans black beans');
    await page.keyboard.press('Enter');
    await page.getByText('3 cups (510 g)').waitFor();
    await page.getByLabel('Something that cannot be had').fill('halloumi');
    await page.keyboard.press('Enter');
    // It is several foods: which of them?
    await page.getByLabel('halloumi, reduced fat').uncheck();
    await page.getByRole('button', { name: 'These cannot be had' }).click();
    await page.getByRole('button', { name: 'Can be had again' }).waitFor();
    await page.getByRole('button', { name: 'Used up' }).first().click();
    await page
      .locator('[data-sonner-toast]', { hasText: 'is off the list' })
      .getByRole('button', { name: 'Undo' })
      .click();
    await page.getByText('3 cups (510 g)').waitFor();

    // A plate of zeros.
    await page.getByRole('link', { name: 'A plate' }).click();
    for (let i = 0; i < 3; i++) {
      await page.getByLabel('Something on the plate').fill('1.7 g sugar');
      await page.keyboard.press('Enter');
      await page.locator('tbody tr').nth(i).waitFor();
    }
    await page.getByText('Rounding hides 1').first().waitFor();
    // What is not known makes the whole "so far" until it is answered; the plate lies there still when one comes back.
    await page.getByLabel('Something on the plate').fill('half a moonfruit');
    await page.keyboard.press('Enter');
    await page.getByText('so far', { exact: true }).first().waitFor();
    await page.getByRole('link', { name: 'Side by side' }).click();
    await page.getByRole('link', { name: 'A plate' }).click();
    await page.getByRole('button', { name: 'What is it?' }).click();
    await page.getByLabel('Other words for half a moonfruit').fill('1 apple');
    await page.keyboard.press('Enter');
    await expect.poll(() => page.getByText('so far', { exact: true }).count()).toBe(0);
    await page.getByRole('button', { name: 'Make a recipe of it' }).click();
    await page.getByRole('heading', { name: 'A plate of sugar, apple' }).waitFor();
    await page.getByRole('region', { name: 'Ingredients' }).getByText('1 apple').waitFor();
    await expectAccessible(page, 'reading a recipe');
    await page.goBack();
    // What was put together without a recipe was a meal: it is dished up.
    await page.getByRole('button', { name: 'It was a meal today' }).click();
    await page.getByRole('heading', { name: /^Made / }).waitFor();
    await page.goBack();

    // Foods from a file: nothing is written before it is confirmed.
    await page.getByRole('link', { name: 'In and out' }).click();
    await page.setInputFiles('input[type=file]', csv('one,two\n1,2\n'));
    await page.getByText('must name the columns').waitFor();
    await page.setInputFiles('input[type=file]', csv(FOODS));
    await page.getByText('1 cannot be read, 2 new').waitFor();
    await page.getByText('kcal is "many"').waitFor();
    await expectAccessible(page, 'the preview of a file');
    const foods = async () => (await (await fetch(`${imbiss.api}/foods/own`)).json()).length;
    expect(await foods()).toBe(1);
    await page.getByRole('button', { name: /^Write 2, without/ }).click();
    await page.getByText('2 written').waitFor();
    expect(await foods()).toBe(3);
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Your own foods (3)' }).click(),
    ]);
    const text = await (await import('node:fs/promises')).readFile((await download.path())!, 'utf8');
    await page.setInputFiles('input[type=file]', csv(text));
    await page.getByText('3 as they are').waitFor();

    // The household talks otherwise, and its foods are called so; both names are found.
    await page.goto(`${imbiss.home}/household`);
    await choose(page, 'Words', 'American');
    await page.getByText('zucchini, ground beef').waitFor();
    await page.getByRole('link', { name: 'Pantry', exact: true }).click();
    await page.getByLabel('Search the pantry').fill('courgette');
    await page.getByRole('link', { name: 'zucchini raw' }).waitFor();
    await page.getByRole('link', { name: 'Household', exact: true }).click();
    await choose(page, 'Words', 'British');
    await page.getByText('courgette, minced beef').waitFor();

    // Everything is found from anywhere.
    await page.keyboard.press('Control+k');
    await page.getByPlaceholder('A recipe, a food, a place…').fill('white stuff');
    await page.getByRole('option', { name: 'soured cream light, Seehof' }).click();
    await page.getByRole('heading', { name: 'soured cream light, Seehof' }).waitFor();
    expect(errors).toEqual([]);
    await context.close();
  });

  it('remembers a corrected estimate, scales to another pan, and says what the steps use', async () => {
    const context = await imbiss.browser.newContext();
    const { page, errors } = await openPage(context);
    await page.goto(`${imbiss.home}/bring-in`);
    await page
      .getByLabel('Paste it as you found it')
      .fill(
        'Tray cake\nServes 8, 700 calories each\n\nIngredients\n2 cups flour\n3 eggs\n1 cup sugar\n1 bag walnuts\n\nMethod\nMix flour, eggs and sugar. Add the butter and the walnuts.\nBake in an 8-inch square pan at 350 F for 40 minutes.',
      );
    await page.getByRole('button', { name: 'Bring it in' }).click();
    await page.getByText('The steps use butter, and the list has none.').waitFor();
    await page
      .getByRole('region', { name: 'What others say of its points' })
      .getByText(/here \d+\./)
      .waitFor();
    await page.getByRole('button', { name: /walnuts, \d+ g/ }).click();
    await page.getByLabel('It weighs, in grams').fill('180');
    expect(await page.getByLabel(/Remember what 1 bag of walnuts/).isChecked()).toBe(true);
    await page.getByRole('button', { name: 'Take these grams' }).click();
    await page.getByText('1 bag of walnuts weighs 180 g from now on').waitFor();
    await page.getByLabel('Another ingredient').fill('2 bags walnuts');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'walnuts, 360 g' }).waitFor();
    await page.getByRole('link', { name: 'Lighten it' }).click();
    await page.getByRole('button', { name: 'More about this version' }).click();
    await page.getByRole('menuitem', { name: 'Make more or less: for 8' }).click();
    await page.getByLabel('Your pan').fill('9x13 inch');
    await page.getByText('1.83 times as much').waitFor();
    await expectAccessible(page, 'another pan');
    await page.getByRole('button', { name: 'Fit it to the pan' }).click();
    await page.getByText(/A serving, of 14⅝/).waitFor();
    await page.locator('tbody tr', { hasText: 'eggs (274 g)' }).waitFor();
    expect(errors).toEqual([]);
    await context.close();
  });
});
