import { request as httpRequest } from 'node:http';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ScaleReading } from '../../src/core/scale/scale-reading.ts';
import { NOW, type TestServer, testServer } from '../support/test-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());
const AT = '/api/households/home/scale';
const act = (body: object) => request(server.app).post(AT).send(body);
const later = (seconds: number): void => server.setClock(new Date(NOW.getTime() + seconds * 1000));

describe('the scale of a household', () => {
  it('is switched on, weighs, is tared, and goes off by itself', async () => {
    later(0);
    expect((await act({ do: 'press', key: 'on' }).expect(200)).body.reading).toMatchObject({ state: 'on', grams: 0 });
    await act({ do: 'put', grams: 412 }).expect(200);
    later(4);
    const { body } = await act({ do: 'press', key: 'tare' }).expect(200);
    expect(body.stands).toBe(412);
    expect(body.reading.grams).toBe(0);
    later(10);
    expect((await act({ do: 'put', grams: 65 }).expect(200)).body.stands).toBe(477);
    later(14);
    expect(Math.abs((await request(server.app).get(`${AT}/now`).expect(200)).body.grams - 65)).toBeLessThanOrEqual(1);
    later(300);
    expect((await request(server.app).get(`${AT}/now`).expect(200)).body.state).toBe('off');
  });
  it('is refused what no scale does, in words', async () => {
    for (const body of [{ do: 'press', key: 'dance' }, { do: 'put', grams: 1e9 }, { do: 'pour', perSecond: 'x' }, {}]) {
      const { body: problem } = await act(body).expect(422);
      expect(problem.type).toBe('urn:imbiss:problem:invalid');
    }
  });
  it('is each household its own', async () => {
    await request(server.app).get('/api/households/nobody/scale/now').expect(404);
  });
  it('tells everybody what a scale at one device says, before the stand-in', async () => {
    later(400);
    await act({ do: 'press', key: 'on' });
    const said = {
      state: 'on',
      grams: 123.4,
      steady: true,
      unit: 'g',
      battery: 'ok',
      at: new Date(NOW.getTime() + 400_000).toISOString(),
    };
    await request(server.app).put(`${AT}/reading`).send(said).expect(204);
    later(401);
    expect((await request(server.app).get(`${AT}/now`).expect(200)).body.grams).toBe(123.4);
    // It is unplugged: after a while the stand-in is heard again.
    later(406);
    expect((await request(server.app).get(`${AT}/now`).expect(200)).body.grams).toBe(0);
  });
  it('is heard by an event stream while it changes', async () => {
    const listener = server.app.listen(0);
    const { port } = listener.address() as AddressInfo;
    const heard: ScaleReading[] = [];
    await new Promise<void>((resolve) => {
      const asking = httpRequest({ port, path: AT, headers: { host: `localhost:${port}` } }, (res) => {
        expect(res.headers['content-type']).toMatch(/text\/event-stream/);
        res.on('data', (d) => {
          for (const m of String(d).matchAll(/^data: (.*)$/gm)) heard.push(JSON.parse(m[1]!));
          if (heard.length >= 3) {
            asking.destroy();
            resolve();
          }
        });
      });
      asking.on('error', () => resolve());
      asking.end();
      void act({ do: 'press', key: 'on' })
        .then(() => act({ do: 'put', grams: 300 }))
        .then(() => later(420))
        .then(() => act({ do: 'press', key: 'unit' }));
    });
    listener.close();
    expect(heard.length).toBeGreaterThanOrEqual(3);
    for (const r of heard) expect(r.state).toBe('on');
  });
});
