import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seeded } from '../support/hard-choices.ts';
import { openWorld, playStory, type World } from './devices.ts';

let world: World;
beforeAll(async () => {
  world = await openWorld();
});
afterAll(() => world.close());

/** A seeded sample; `npm run faults` plays thousands. */
const STORIES = 32;
const STEPS = 26;

describe('two devices and three tabs', () => {
  it('lose nothing that was acknowledged, overwrite nothing unasked, and come to show what is stored', async () => {
    let [entries, questions] = [0, 0];
    for (let seed = 1; seed <= STORIES; seed++) {
      const told = await playStory(world, seeded(seed * 7919), STEPS).catch((e) => {
        throw new Error(`story ${seed}: ${e.message}`);
      });
      entries += told.entries;
      questions += told.questions;
    }
    // The stories are about something: changes were made, and some met.
    expect(entries).toBeGreaterThan(STORIES * 3);
    expect(questions).toBeGreaterThan(5);
  }, 180_000);
});
