import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestServer, testServer } from '../support/test-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const put = (n: number) =>
  request(server.app)
    .put(`/api/households/home/stock/item-${n}`)
    .send({ foodId: null, name: `flour ${'x'.repeat(100)}`, grams: n, opened: false, useBy: null, lacking: false });

describe('a full disk', () => {
  it('is told as that, loses nothing that was saved, and writes again when there is room', async () => {
    // SQLite refuses a page beyond this count with the same error as a disk without room.
    const pages = Number(server.connection.pragma('page_count'));
    server.connection.pragma(`max_page_count = ${pages + 2}`);
    const saved: number[] = [];
    let full = null as { status: number; body: Record<string, string>; text: string } | null;
    for (let n = 0; n < 400 && full === null; n++) {
      const answer = await put(n);
      if (answer.status === 200) saved.push(n);
      else full = answer;
    }
    expect(full?.status).toBe(507);
    expect(full!.body).toMatchObject({ type: 'urn:imbiss:problem:disk-full', title: 'The disk is full.' });
    expect(full!.body.detail).toMatch(/Make room/);
    expect(full!.body.instance).toMatch(/^urn:imbiss:request:[0-9a-f-]{36}$/);
    expect(full!.text).not.toMatch(/restart|SQLITE/i);
    const names = async (): Promise<string[]> =>
      (await request(server.app).get('/api/households/home/stock').expect(200)).body.map((i: { id: string }) => i.id);
    expect(await names()).toHaveLength(saved.length);
    // The day turns on a full disk: days cannot be closed, and what is there can be read all the same.
    server.setClock(new Date('2026-11-26T10:00:00Z'));
    expect(await names()).toHaveLength(saved.length);
    server.connection.pragma('max_page_count = 1000000');
    await put(999).expect(200);
    expect(await names()).toHaveLength(saved.length + 1);
  });
});
