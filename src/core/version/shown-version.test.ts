import { describe, expect, it } from 'vitest';
import { testVersion } from '../../../tests/support/test-version.ts';
import { shownVersion } from './shown-version.ts';
import type { Version } from './version.ts';

const version = (id: string, rest: Partial<Version> = {}): Version =>
  testVersion(['line-a'], { id, kind: 'lightened', ...rest });
const asWritten = version('written', { kind: 'asWritten' });

describe('the version that is shown of a recipe', () => {
  it('is the newest lightened one', () => {
    expect(shownVersion([asWritten, version('one'), version('two')], null)?.id).toBe('two');
  });
  it('is the one as written where there is no other', () => {
    expect(shownVersion([asWritten], null)?.id).toBe('written');
    expect(shownVersion([], null)).toBeNull();
  });
  it('is none that a feast made for itself, and none as it was cooked', () => {
    const forFeast = version('supper', { madeFor: 'feast-1' });
    const cooked = version('cooked', { kind: 'asCooked' });
    expect(shownVersion([asWritten, version('one'), forFeast, cooked], null)?.id).toBe('one');
    expect(shownVersion([asWritten, forFeast, cooked], null)?.id).toBe('written');
  });
  it('is the one that the cook chose, whatever came after', () => {
    expect(shownVersion([asWritten, version('one'), version('two')], 'one')?.id).toBe('one');
    expect(shownVersion([asWritten, version('one')], 'written')?.id).toBe('written');
    expect(shownVersion([asWritten, version('s', { madeFor: 'feast-1' })], 's')?.id).toBe('s');
  });
  it('is the newest again when the chosen one is gone', () => {
    expect(shownVersion([asWritten, version('one')], 'removed')?.id).toBe('one');
  });
});
