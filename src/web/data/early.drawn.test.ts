import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { API } from '../../contract/api.ts';
import { addressOf } from '../../contract/route.ts';
import { askEarly, takeEarly } from './early.ts';

const address = addressOf(API.households, {});
let asked = 0;

beforeEach(() => {
  vi.useFakeTimers();
  asked = 0;
  vi.stubGlobal('fetch', async () => {
    asked++;
    return new Response('[]', { headers: { 'content-type': 'application/json' } });
  });
});
afterEach(() => {
  vi.runAllTimers();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('what is asked early', () => {
  it('is asked once and taken once', async () => {
    askEarly(API.households, {});
    askEarly(API.households, {});
    expect(asked).toBe(1);
    expect(await takeEarly(address)).toEqual([]);
    expect(takeEarly(address)).toBeNull();
  });

  it('is not taken when it may be old', () => {
    askEarly(API.households, {});
    vi.advanceTimersByTime(2_001);
    expect(takeEarly(address)).toBeNull();
  });

  it('fails for whoever takes it, and for nobody else', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
    askEarly(API.households, {});
    await expect(takeEarly(address)).rejects.toThrow();
  });
});
