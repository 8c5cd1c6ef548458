import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sendHostile } from '../faults/hostile-requests.ts';
import { seeded } from '../support/hard-choices.ts';
import { type TestServer, testServer } from '../support/test-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
  server.connection.pragma('synchronous = OFF');
});
afterAll(() => server.close());

/** A seeded sample; `npm run faults` sends a hundred thousand. */
const REQUESTS = 1600;

describe('requests that nobody means', () => {
  it('are answered, and never by a fault or from the inside', async () => {
    const { faults, byStatus } = await sendHostile(server, seeded(20261126), REQUESTS);
    expect(faults).toEqual([]);
    // They reach the routes: some are taken, most are refused for what is wrong with them.
    expect(byStatus[200]).toBeGreaterThan(100);
    expect(byStatus[422]).toBeGreaterThan(100);
  }, 60_000);
});
