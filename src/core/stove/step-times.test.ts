import { describe, expect, it } from 'vitest';
import { stepTimes } from './step-times.ts';

const told = (text: string): string[] =>
  stepTimes(text).map((t) => `${t.name}: ${t.from}${t.to === null ? '' : ` to ${t.to}`}`);

describe('the times that a step says, s', () => {
  it.each([
    [
      'Soften the leeks in the butter, 6 to 8 minutes, until they bend.',
      ['Soften the leeks in the butter: 360 to 480'],
    ],
    ['Bake at 180 °C (355 °F) for 45 to 55 minutes.', ['Bake: 2700 to 3300']],
    ['Lay the rolls on the sauerkraut, and simmer for 1½ hours.', ['Simmer: 5400']],
    ['Simmer for 1 hour 15 minutes.', ['Simmer: 4500']],
    ['Simmer for 2 to 2½ hours, until a fork goes in.', ['Simmer: 7200 to 9000']],
    ['Let it rest half an hour.', ['Let it rest: 1800']],
    ['Add the rest and simmer for two hours', ['Simmer: 7200']],
    ['Mix, shape and bake for an hour.', ['Bake: 3600']],
    ['Beat for 30 seconds.', ['Beat: 30']],
    ['Fry 2–3 min per side.', ['Fry, each side: 120 to 180']],
    ['Bake for 20 minutes, then turn it down and bake for another 15 minutes.', ['Bake: 1200', 'Bake (2): 900']],
    ['After 20 minutes, turn the pieces.', ['Turn the pieces: 1200']],
    ['Simmer for at least 10 minutes.', ['Simmer: 600']],
    [
      'Warm the milk; stir yeast, a spoon of the sugar and the milk into the flour and let it rise for 20 minutes.',
      ['Let it rise: 1200'],
    ],
    ['Let it stand 10 minutes before cutting.', ['Let it stand: 600']],
    ['Cook on low for 6-8 hours.', ['Cook on low: 21600 to 28800']],
  ])('%s', (text, wanted) => {
    expect(told(text)).toEqual(wanted);
  });
  it.each([
    'Stir every 10 minutes.',
    'Chill overnight.',
    'Keep it in the refrigerator for 3 to 4 days.',
    'Take it out 5 minutes before the end.',
    'Add the sausage for the last 10 minutes.',
    'Cook the 10-minute oats as the package says.',
    'It keeps up to 3 hours at the table.',
    'Serve within 2 hours.',
  ])('%s is no time to wait for', (text) => {
    expect(told(text)).toEqual([]);
  });
});
