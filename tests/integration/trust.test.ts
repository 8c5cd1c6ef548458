import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ConfigError, readConfig } from '../../src/server/config.ts';
import { NOW, type TestServer, testServer } from '../support/test-server.ts';

let open: TestServer;
let locked: TestServer;
beforeEach(async () => {
  open = await testServer();
  locked = await testServer({ passphrase: 'bread and butter' });
});
afterEach(async () => {
  await open.close();
  await locked.close();
});

describe('whom Imbiss answers', () => {
  it('not a request under another host name', async () => {
    const { body } = await request(open.app).get('/api/households').set('Host', 'evil.example').expect(421);
    expect(body.detail).toContain('IMBISS_HOSTS');
    await request(open.cards).get('/c/aaaaaaaaaaaaaaaaaaaaaa').set('Host', 'evil.example').expect(421);
  });
  it.each([
    ['another origin', { Origin: 'https://evil.example' }],
    ['another port of this machine', { Origin: 'http://localhost:9999' }],
    ['no origin at all', { Origin: 'null' }],
    ['a cross-site page', { 'Sec-Fetch-Site': 'cross-site' }],
  ])('not a write from %s', async (_, headers) => {
    const { body } = await request(open.app)
      .post('/api/households')
      .set(headers)
      .send({ id: 'x-1', name: 'x', zone: 'UTC' })
      .expect(403);
    expect(body.title).toMatch(/another page/);
    expect((await request(open.app).get('/api/households')).body).toHaveLength(1);
  });
  it('with headers that keep pages apart', async () => {
    const { headers } = await request(open.app).get('/api/health');
    expect(headers['content-security-policy']).toContain("script-src 'self';");
    expect(headers['content-security-policy']).not.toMatch(/wasm|blob/);
    expect(headers['x-powered-by']).toBeUndefined();
    const card = (await request(open.cards).get('/c/aaaaaaaaaaaaaaaaaaaaaa').expect(404)).headers;
    expect(card['content-security-policy']).toMatch(/default-src 'none'/);
    expect(card['content-security-policy']).not.toContain('script-src');
    expect(card['referrer-policy']).toBe('no-referrer');
    expect(card['x-robots-tag']).toContain('noindex');
  });
});

describe('over TLS', () => {
  it('names itself safe for its own name alone', async () => {
    const safe = await testServer({ secure: true });
    const { headers } = await request(safe.app).get('/api/health');
    expect(headers['strict-transport-security']).toBe('max-age=31536000');
    expect((await request(open.app).get('/api/health')).headers['strict-transport-security']).toBeUndefined();
    await safe.close();
  });
});

describe('the passphrase', () => {
  it('is asked for before anything but health', async () => {
    await request(locked.app).get('/api/health').expect(200);
    await request(locked.app).get('/api/households').expect(401);
  });
  it('opens with a strict cookie', async () => {
    const login = await request(locked.app).post('/api/session').send({ passphrase: 'bread and butter' }).expect(204);
    const cookie = login.headers['set-cookie']![0]!;
    expect(cookie).toMatch(/HttpOnly; SameSite=Strict/);
    await request(locked.app).get('/api/households').set('Cookie', cookie.split(';')[0]!).expect(200);
    await request(locked.app)
      .get('/api/households')
      .set('Cookie', `imbiss=${'0'.repeat(64)}`)
      .expect(401);
  });
  it('lets go of one session, and of all', async () => {
    const login = async () =>
      (await request(locked.app).post('/api/session').send({ passphrase: 'bread and butter' }).expect(204)).headers[
        'set-cookie'
      ]![0]!.split(';')[0]!;
    const [phone, laptop, tablet] = [await login(), await login(), await login()];
    const ask = (cookie: string) => request(locked.app).get('/api/households').set('Cookie', cookie);
    await request(locked.app).delete('/api/session').set('Cookie', phone).expect(204);
    await ask(phone).expect(401);
    await ask(laptop).expect(200);
    // A cookie that somebody planted before the true one hides nothing.
    await ask(`imbiss=${'0'.repeat(64)}; ${laptop}`).expect(200);
    await request(locked.app).delete('/api/sessions').set('Cookie', laptop).expect(204);
    await ask(tablet).expect(401);
  });
  it('keeps no more sessions than a household has devices, and none that is over', async () => {
    for (let i = 0; i < 3; i++)
      await request(locked.app).post('/api/session').send({ passphrase: 'bread and butter' }).expect(204);
    locked.setClock(new Date(NOW.getTime() + 8 * 86_400_000));
    await request(locked.app).post('/api/session').send({ passphrase: 'bread and butter' }).expect(204);
    expect(await locked.db.selectFrom('session').selectAll().execute()).toHaveLength(1);
    locked.setClock(NOW);
  });
  it('is throttled when guessed at', async () => {
    const guess = () => request(locked.app).post('/api/session').send({ passphrase: 'guess' });
    const statuses: number[] = [];
    for (let i = 0; i < 12; i++) statuses.push((await guess()).status);
    expect(statuses.slice(0, 9).every((s) => s === 401)).toBe(true);
    expect(statuses[11]).toBe(429);
  });
});

describe('settings', () => {
  it('have defaults on this machine only', () => {
    expect(readConfig({})).toMatchObject({
      host: '127.0.0.1',
      port: 4180,
      cardPort: 4181,
      publicUrl: 'http://localhost:4181',
      passphrase: null,
    });
  });
  it.each([
    [{ HOST: '0.0.0.0' }, /IMBISS_PASSPHRASE/],
    [{ HOST: '0.0.0.0', IMBISS_PASSPHRASE: 'short' }, /8 characters/],
    [{ HOST: '0.0.0.0', IMBISS_PASSPHRASE: '12345678' }, /guessed at once/],
    [{ HOST: '0.0.0.0', IMBISS_PASSPHRASE: 'bread and butter' }, /IMBISS_PLAIN_HTTP=1/],
    [{ PORT: 'abc' }, /PORT=abc/],
    [{ PORT: '70000' }, /not a port/],
    [{ PORT: '4181' }, /must differ/],
    [{ TLS_CERT: '/x' }, /go together/],
    [{ PUBLIC_URL: 'cards' }, /not a web address/],
  ])('that cannot be are refused in words (%#)', (env, words) => {
    expect(() => readConfig(env)).toThrow(ConfigError);
    expect(() => readConfig(env)).toThrow(words);
  });
  it('answer to this machine’s own addresses when they listen on all of them', () => {
    const env = { HOST: '0.0.0.0', IMBISS_PASSPHRASE: 'long enough', IMBISS_PLAIN_HTTP: '1' };
    const c = readConfig(env, ['192.0.2.7', 'Kitchen']);
    expect(c.hosts).toEqual(expect.arrayContaining(['localhost', '192.0.2.7', 'kitchen']));
    expect(c.publicUrl).toBe('http://192.0.2.7:4181');
    expect(readConfig({ ...env, HOST: '192.0.2.7' }, ['198.51.100.1']).hosts).not.toContain('198.51.100.1');
    expect(readConfig({ ...env, IMBISS_HOSTS: 'bakery.example, other.example' }).hosts).toContain('other.example');
  });
  it('lead cards to https where that is what answers, and say so where an address does not fit', () => {
    const tls = { TLS_CERT: '/cert', TLS_KEY: '/key' };
    expect(readConfig(tls).publicUrl).toBe('https://localhost:4181');
    expect(readConfig({ ...tls, PUBLIC_URL: 'http://cards.example.org' }).warnings[0]).toMatch(/begins with http/);
    const open = { HOST: '0.0.0.0', IMBISS_PASSPHRASE: 'bread and butter' };
    expect(readConfig({ ...open, ...tls }).warnings).toEqual([]);
    expect(readConfig({ ...open, IMBISS_PLAIN_HTTP: '1' }).warnings[0]).toMatch(/read along/);
  });
  it('take the public address of the cards', () => {
    const c = readConfig({
      PUBLIC_URL: 'https://cards.example.org/',
      HOST: '0.0.0.0',
      IMBISS_PASSPHRASE: 'long enough',
      IMBISS_PLAIN_HTTP: '1',
    });
    expect(c.publicUrl).toBe('https://cards.example.org');
    expect(c.cardHosts).toContain('cards.example.org');
    expect(c.hosts).not.toContain('cards.example.org');
  });
});
