import { afterAll, beforeAll, describe } from 'vitest';
import { eachEveryWay, type Screen } from '../support/every-way.ts';
import { type SharedImbiss, sharedImbiss } from '../support/shared-imbiss.ts';

let imbiss: SharedImbiss;
beforeAll(async () => {
  imbiss = await sharedImbiss('places');
});
afterAll(() => imbiss.stop());

const PLACES: readonly Screen[] = [
  ['boxes', '/pantry/boxes', 'In the freezer'],
  ['pantry', '/pantry', '822 foods', 'dense'],
  ['food', '/pantry/gruyere', 'Where it is used'],
  ['in the house', '/pantry/stock', 'Cannot be had'],
  ['a plate', '/pantry/plate?with=1+tbsp+jam&with=1+tsp+honey', 'the whole plate'],
  ['side by side', '/pantry/compare?a=butter&b=egg', 'saturated fat'],
  ['in and out', '/pantry/files', 'Choose a file'],
  ['programs', '/programs', 'To try it with'],
  ['program', '/programs/program-larder', 'A food, worked out', 'dense'],
  ['two programs', '/programs/compare?a=program-ledger&b=program-larder', 'Furthest apart'],
  ['household', '/household', 'At the table', 'dense'],
  ['swaps', '/pantry/swaps', 'departs'],
  ['feasts', '/recipes/feasts', 'Harvest supper'],
  ['feast', '/recipes/feasts/places-demo-feast-harvest', 'Bring everyone under', 'dense'],
];

describe('every place of the household', () => {
  eachEveryWay(() => imbiss, PLACES);
});
