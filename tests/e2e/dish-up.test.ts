import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { choose, expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
beforeAll(async () => {
  imbiss = await sharedImbiss('dish-up');
});
afterAll(() => imbiss.stop());

describe('from the pot to the last box', () => {
  it('is one journey: weighed, on plates, in five boxes, corrected, and each box taken by one', async () => {
    const context = await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 }, hasTouch: true });
    const { page, errors } = await openPage(context);
    const { rows } = await (await fetch(`${imbiss.api}/recipes?q=goulash&limit=5`)).json();
    const recipe = rows[0].id as string;
    const at = `${imbiss.home}/recipes/${recipe}`;
    const boxes = async () => (await fetch(`${imbiss.api}/boxes?recipe=${recipe}`)).json();

    // The demo has boxes of its own: here they are in the way.
    for (const b of await (await fetch(`${imbiss.api}/boxes`)).json())
      await fetch(`${imbiss.api}/boxes/${b.id}`, { method: 'DELETE' });

    // One tap where it is read; what the scale says without the pot; a pot lighter than empty is none, and nothing is lost.
    await page.goto(`${at}/dish-up`);
    await page.getByText('Made it?').waitFor();
    await expectAccessible(page, 'before it was made');
    await page.goto(at);
    await page.getByRole('button', { name: 'I made it' }).click();
    await page.waitForURL('**/dish-up?cook=*');
    await page.getByLabel('the scale shows, g').fill('900');
    await choose(page, 'in this pot', 'another pot or dish');
    await page.getByRole('button', { name: 'Keep it', exact: true }).click();
    await page.getByText('Give it a name, and what it weighs empty').waitFor();
    await page.getByLabel('what it is called').fill('the blue pot');
    await page.getByLabel('empty, g').fill('1230');
    await page.getByRole('button', { name: 'Keep it', exact: true }).click();
    await page.getByRole('button', { name: 'Dish it up' }).click();
    await page.getByText('lighter than when it is empty').waitFor();
    await page.getByLabel('the scale shows, g').fill('3450');
    await page.getByText('2220 g in it').waitFor();
    await page.getByRole('button', { name: 'Dish it up' }).click();
    await page.getByText('2220 g still in the pot.').waitFor();

    // Two eat at once; the others get boxes. More than there is fits into no box.
    await page.getByLabel('Runa, g').fill('370');
    await page.keyboard.press('Enter');
    await page.getByText(/^Up to \d+ g it stays \d+\.$/).waitFor();
    await page.getByText('1850 g still in the pot.').waitFor();
    // What lies beside it counts along, and what rounding does is said. It is taken off again.
    await page.getByRole('button', { name: 'More for Runa' }).click();
    await page.getByRole('menuitem', { name: 'Something beside it or on top' }).click();
    for (const text of ['1 slice rye bread', '1 tbsp soured cream']) {
      await page.getByLabel('Beside it, for Runa').fill(text);
      await page.keyboard.press('Enter');
      await page.getByText(`+ ${text}`).waitFor();
    }
    await page.getByText(/looked at one by one it is/).waitFor();
    // What is not known counts as nothing nowhere: it is refused in words, and what was typed stands there still.
    await page.getByLabel('Beside it, for Runa').fill('half a moonfruit');
    await page.keyboard.press('Enter');
    await page.getByText(/"half a moonfruit" is not known/).waitFor();
    expect(await page.getByLabel('Beside it, for Runa').inputValue()).toBe('half a moonfruit');
    await page.getByLabel('Beside it, for Runa').fill('');
    await page.getByRole('button', { name: 'Take 1 slice rye bread off' }).click();
    await page.getByText('+ 1 slice rye bread').waitFor({ state: 'detached' });
    await page.getByRole('button', { name: 'More for Runa' }).click();
    await page.getByRole('menuitem', { name: 'Where the points step' }).click();
    const steps = page.getByRole('dialog', { name: 'Points against the portion, Runa' });
    await steps.getByRole('button', { name: /^\d+ g: 3$/ }).waitFor();
    await expectAccessible(page, 'the stair of a pot');
    await page.keyboard.press('Escape');
    // A kind of box that is not for the freezer says so.
    await choose(page, 'kind of box', 'our boxes…');
    await page.getByLabel('what the box is called').fill('wide glass');
    await page.getByLabel('holds, ml').fill('900');
    await page.getByLabel('box empty, g').fill('400');
    await page.getByRole('checkbox', { name: 'may be frozen' }).click();
    await page.getByRole('button', { name: 'Keep this box' }).click();
    await page.getByText('On the scale, with its box, each shows 770 g.').waitFor();
    await page.getByRole('radio', { name: 'the freezer' }).click();
    await page.getByText('The wide glass is not for the freezer').waitFor();
    await page.getByRole('radio', { name: 'the fridge' }).click();
    await page.getByLabel('boxes', { exact: true }).fill('7');
    await page.getByRole('button', { name: 'Pack the boxes' }).click();
    await page.getByText('Plates and boxes take more than came out.').waitFor();
    await page.getByLabel('boxes', { exact: true }).fill('4');
    await page.getByRole('button', { name: 'Pack the boxes' }).click();
    await page.getByText('4 boxes are packed.').waitFor();
    await page.getByLabel('boxes', { exact: true }).fill('1');
    await choose(page, 'whose', 'Milena');
    await page.getByRole('radio', { name: 'the freezer' }).click();
    await page.getByRole('button', { name: 'Pack a box' }).click();
    await page.getByText('Nothing is left in the pot.').waitFor();
    await page.getByLabel('so that it counts').fill('4');
    await page.getByRole('button', { name: /^\d+ g for Runa: 4$/ }).waitFor();
    await expectAccessible(page, 'dished up');
    await page.getByRole('link', { name: 'Labels to print' }).click();
    await page
      .getByText(/^Packed .*, eat by/)
      .first()
      .waitFor();
    await expectAccessible(page, 'labels');
    const [picture] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'As pictures for a label printer' }).click(),
    ]);
    expect(picture.suggestedFilename()).toMatch(/^label 1 .*\.png$/);
    await page.goBack();
    const packed = await boxes();
    expect(packed).toHaveLength(5);
    const shares = packed.reduce((sum: number, b: { share: number }) => sum + b.share, 0);
    expect(Math.abs(shares + 370 / 2220 - 1)).toBeLessThan(1e-9);

    // The next morning: there was more butter in it. It is counted at once, and the boxes with it.
    const rawOf = async () => (await boxes()).map((b: { counts: { raw: number }[] }) => b.counts[0]!.raw);
    const before = await rawOf();
    await page.getByRole('button', { name: 'I made it, this was different' }).click();
    await page.getByText('Write each line as it really was').waitFor();
    await page.getByLabel('Something that went in besides').fill('120 g butter');
    await page.keyboard.press('Enter');
    await page.getByText('What went into it was changed since it was counted.').waitFor();
    // As written, by the version that it was cooked by, and as cooked stand side by side.
    const table = page.getByRole('table', { name: 'Points of a serving' });
    expect(await table.getByRole('columnheader').allTextContents()).toEqual(
      expect.arrayContaining(['as written', 'as cooked']),
    );
    await page.getByRole('button', { name: 'Count it anew' }).click();
    await page.getByRole('button', { name: 'Count the 5 that are there anew' }).click();
    await expect.poll(async () => (await rawOf())[0]! - before[0]!).toBeGreaterThan(1);
    await page.getByLabel('For the next time').fill('less paprika');
    await page.getByLabel('the scale shows, g').focus();
    const note = async () => (await (await fetch(`${imbiss.api}/cooks?recipe=${recipe}`)).json())[0].note;
    await expect.poll(note).toBe('less paprika');
    // What everyone says of it stands beside the record.
    await page.getByRole('group', { name: 'Would Runa eat it again?' }).getByRole('button', { name: 'again' }).click();
    const said = async () => (await (await fetch(`${imbiss.api}/cooks?recipe=${recipe}`)).json())[0].verdicts;
    await expect.poll(async () => Object.values(await said())).toEqual([{ again: 'again', enough: null, note: '' }]);
    await page.goto(at);
    await page.getByText(/^Last time, .*: less paprika$/).waitFor();

    // Fridge and freezer: a box that two take is had by one, and the other is told.
    const phone = await imbiss.browser.newContext({
      viewport: { width: 390, height: 844 },
      hasTouch: true,
      isMobile: true,
    });
    const other = await openPage(phone);
    await other.page.goto(`${imbiss.home}/pantry/boxes`);
    await page.goto(`${imbiss.home}/pantry/boxes`);
    await page.getByRole('heading', { name: 'In the freezer' }).waitFor();
    await expectAccessible(page, 'boxes');
    await phone.setOffline(true);
    const first = (p: typeof page) => p.getByRole('region', { name: 'In the fridge' }).getByRole('listitem').first();
    await first(other.page).getByRole('button', { name: 'Take it' }).click();
    await first(other.page).getByRole('button', { name: 'Tomas' }).click();
    await first(page).getByRole('button', { name: 'Take it' }).click();
    await first(page).getByRole('button', { name: 'Runa' }).click();
    await expect.poll(async () => (await boxes()).filter((b: { taken: unknown }) => b.taken !== null).length).toBe(1);
    await phone.setOffline(false);
    await other.page.getByText('who took it: here Tomas, there Runa').waitFor();
    await other.page.getByRole('button', { name: 'The other holds' }).click();
    await other.page.getByText('who took it').waitFor({ state: 'detached' });
    const had = (await boxes()).find((b: { taken: unknown }) => b.taken !== null);
    expect(had.taken.eaterId).toMatch(/runa$/);
    await phone.close();

    // To the last one, with how it had kept; the way back puts one in its place again.
    await page.bringToFront();
    for (let left = 3; left > 0; left--) {
      await first(page).getByRole('button', { name: 'Take it' }).click();
      await first(page).getByRole('button', { name: 'Tomas' }).click();
      await expect
        .poll(async () => (await boxes()).filter((b: { taken: unknown }) => b.taken === null).length)
        .toBe(left);
    }
    await page.getByRole('region', { name: 'In the freezer' }).getByRole('button', { name: 'Take it' }).click();
    await page.getByText('No box is there.').waitFor();
    await page
      .getByRole('combobox', { name: /^How had/ })
      .first()
      .click();
    await page.getByRole('option', { name: 'better' }).click();
    await page.getByRole('button', { name: 'Put it back' }).first().click();
    await page.getByRole('button', { name: 'Take it' }).waitFor();

    // Raw kits: one that is cooked is its share of the dish, and what it needed left the house when it was packed.
    await page.goto(`${at}/dish-up?cook=new`);
    await page.getByRole('radio', { name: 'packed raw, as kits' }).click();
    await page.getByRole('button', { name: 'I made it today' }).click();
    await page.getByLabel('into how many kits').fill('3');
    await page.getByRole('button', { name: 'Pack it raw' }).click();
    await page.getByRole('button', { name: 'Pack the kits' }).click();
    await page.getByText('3 boxes are packed.').waitFor();
    await expectAccessible(page, 'raw kits');
    await page.goto(`${imbiss.home}/pantry/boxes`);
    await page.getByRole('button', { name: 'Cook it' }).first().click();
    await page.getByText(/^A kit: .*, 2 servings$/).waitFor();
    await page.getByRole('button', { name: 'I made it today' }).click();
    await page.getByRole('button', { name: 'Dish it up' }).waitFor();
    const kit = async () => {
      const made = await (await fetch(`${imbiss.api}/cooks?recipe=${recipe}`)).json();
      const { versions } = await (await fetch(`${imbiss.api}/recipes/${recipe}`)).json();
      return made
        .map((c: { versionId: string; tookStock: boolean }) => ({
          tookStock: c.tookStock,
          ...versions.find((v: { id: string }) => v.id === c.versionId),
        }))
        .filter((v: { name: string }) => v.name.startsWith('a kit'))
        .map((v: { servings: number; tookStock: boolean }) => [v.servings, v.tookStock]);
    };
    await expect.poll(kit).toEqual([[2, true]]);
    expect(errors).toEqual([]);
    await context.close();
  });
});
