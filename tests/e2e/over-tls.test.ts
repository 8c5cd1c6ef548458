import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ownCertificate } from '../support/own-certificate.ts';
import { expectAccessible, openPage } from '../support/running-imbiss.ts';
import { type RunningImbiss, startImbiss } from '../support/start-imbiss.ts';

let imbiss: RunningImbiss;
let dir: string;
beforeAll(async () => {
  dir = mkdtempSync(join(tmpdir(), 'imbiss-tls-'));
  imbiss = await startImbiss(4436, {
    ...ownCertificate(dir),
    HOST: '0.0.0.0',
    IMBISS_PASSPHRASE: 'bread and butter',
  });
});
afterAll(async () => {
  await imbiss.stop();
  rmSync(dir, { recursive: true, force: true });
});

describe('a phone in the house, over TLS', () => {
  it('logs in, works in a secure context, finds the address for others, and logs out', async () => {
    const phone = await imbiss.browser.newContext({ viewport: { width: 390, height: 844 }, ignoreHTTPSErrors: true });
    const { page } = await openPage(phone);
    await page.goto(`${imbiss.url}/h/demo-household/recipes`);
    await page.getByLabel('Passphrase').fill('bread and butter');
    await page.keyboard.press('Enter');
    await page.getByRole('link', { name: /Potato and leek gratin/ }).waitFor();
    expect(await page.evaluate(() => window.isSecureContext)).toBe(true);
    await page.goto(`${imbiss.url}/h/demo-household/household`);
    await page.getByRole('img', { name: /QR code of https:/ }).waitFor();
    await page.getByText('No backup yet').waitFor();
    await expectAccessible(page, 'the household with its address');
    // A restart asks nobody again: who is logged in is kept.
    await imbiss.restart();
    await page.reload();
    await page.getByRole('button', { name: 'Log out on this device' }).click();
    await page.getByLabel('Passphrase').waitFor();
    await phone.close();
  });
});
