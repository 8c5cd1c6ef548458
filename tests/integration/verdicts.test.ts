import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { type TestServer, testServer } from '../support/test-server.ts';
import { readVersion } from '../support/test-version.ts';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
  const read = readVersion(['200 g soured cream'], { id: 'judged-version', recipeId: 'judged-recipe' });
  const line = { ...read.lines[0]!, id: 'judged-line', originLineId: 'judged-line', swapId: 'soured-half@0.75' };
  await request(server.app)
    .put('/api/households/home/eaters/eater-one')
    .send({ name: 'One', programId: null, exceptions: [], allergies: [], avoids: [] })
    .expect(200);
  await request(server.app)
    .post('/api/households/home/recipes')
    .send({
      id: 'judged-recipe',
      title: 'Cream',
      credit: { author: null, url: null, whose: 'own' },
      claims: [],
      notes: '',
      asWritten: { ...read, lines: [line] },
    })
    .expect(201);
});
afterEach(() => server.close());

const verdict = { versionId: 'judged-version', eaterId: 'eater-one', again: 'no', enough: 'tooLittle', note: ' dry ' };
const put = (body: object) => request(server.app).put('/api/households/home/verdicts').send(body);
const all = async () => (await request(server.app).get('/api/households/home/verdicts').expect(200)).body;

describe('verdicts', () => {
  it('are kept with the swaps that the version had, one for each eater', async () => {
    await put(verdict).expect(200);
    const kept = { ...verdict, note: 'dry', swaps: [{ swapId: 'soured-half', place: 'inDish' }] };
    expect(await all()).toEqual([{ ...kept, revision: 1 }]);
    await put({ ...verdict, again: 'again' }).expect(200);
    expect(await all()).toMatchObject([{ ...kept, again: 'again' }]);
    await request(server.app).delete('/api/households/home/verdicts/judged-version/eater-one').expect(204);
    expect(await all()).toEqual([]);
  });
  it('are of somebody at the table, of a version that is there, in words we know', async () => {
    await put({ ...verdict, eaterId: 'nobody' }).expect(404);
    await put({ ...verdict, versionId: 'nothing' }).expect(404);
    await put({ ...verdict, again: 'perhaps' }).expect(422);
    await request(server.app).put('/api/households/nowhere/verdicts').send(verdict).expect(404);
  });
});
