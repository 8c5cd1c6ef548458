import { describe, expect, it } from 'vitest';
import { API } from '../../contract/api.ts';
import { COOK_API } from '../../contract/cook-api.ts';
import { DOCUMENT_API } from '../../contract/document-api.ts';
import { addressOf } from '../../contract/route.ts';
import { SCALE_API } from '../../contract/scale.ts';
import { isKeptAnswer } from './kept-answers.ts';

const h = 'home';
const path = (address: string): string => `/api${address}`.split('?')[0]!;

describe('what is kept for the stove', () => {
  it.each([
    addressOf(API.table, { h }),
    addressOf(API.recipe, { h, id: 'r-1' }),
    addressOf(API.pantry, { h, query: {} }),
    addressOf(API.ownSwaps, { h }),
    addressOf(API.verdicts, { h }),
    addressOf(COOK_API.cooks, { h, query: { recipe: 'r-1' } }),
    addressOf(COOK_API.atStove, { h }),
    addressOf(COOK_API.vessels, { h }),
    addressOf(COOK_API.boxes, { h, query: {} }),
    addressOf(COOK_API.boxKinds, { h }),
    addressOf(DOCUMENT_API.versions.kept, { h, id: 'v-1' }),
    addressOf(DOCUMENT_API.cooks.kept, { h, id: 'c-1' }),
  ])('%s', (address) => {
    expect(isKeptAnswer(path(address))).toBe(true);
  });
  it.each([
    addressOf(API.changes, { h }),
    addressOf(SCALE_API.scale, { h }),
    addressOf(COOK_API.clock, {}),
    addressOf(API.recipes, { h, query: { limit: 10 } as never }),
    addressOf(API.backups, {}),
  ])('%s is not', (address) => {
    expect(isKeptAnswer(path(address))).toBe(false);
  });
});
