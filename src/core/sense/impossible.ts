import type { Step } from '../version/version.ts';
import type { StepDoubt } from './doubt.ts';

/** Hotter than any kitchen oven. */
const HOTTEST_C = 300;
const HOTTEST_F = 575;
/** Longer than anything stands, rests or marinates. */
const LONGEST_HOURS = 72;
/** Longer than food is left in it in one go, minutes; common practice. */
const LONGEST_IN: ReadonlyArray<readonly [appliance: RegExp, name: string, minutes: number]> = [
  [/\bmicrowave(?:d)?\b/i, 'a microwave', 25],
  [/\b(?:broil(?:er)?|under the grill)\b/i, 'a broiler', 25],
  [/\b(?:deep[- ]?fry|deep[- ]?fryer)\b/i, 'hot fat', 20],
  [/\bstir[- ]?fry\b/i, 'a wok', 20],
  [/\b(?:air fryer|hot[- ]air fryer)\b/i, 'a hot-air fryer', 60],
  [/\bpressure cook(?:er)?\b/i, 'a pressure cooker', 120],
  [/\b(?:toaster(?! oven))\b/i, 'a toaster', 8],
];
const DURATION = /(\d{1,4})(?:\s?(?:-|–|to)\s?(\d{1,4}))?[\s-]?(hours?|hrs?|h|minutes?|mins?)\b/gi;
const TEMPERATURE = /(\d{2,4})\s?(?:°|º|deg(?:rees)?)?\s?([CF])\b/g;

/** Times and heats that cannot be, also for the appliance that the sentence names. */
export const impossible = (steps: readonly Step[]): StepDoubt[] =>
  steps.flatMap((s) => [...heatsOf(s.text), ...timesOf(s.text)]);

function heatsOf(text: string): StepDoubt[] {
  return [...text.matchAll(TEMPERATURE)]
    .filter((m) => Number(m[1]) > (m[2] === 'C' ? HOTTEST_C : HOTTEST_F))
    .map((m) => ({
      kind: 'temperature',
      words: `${m[0]} is hotter than a kitchen oven. Is it the other scale, or a digit too many?`,
    }));
}

function timesOf(text: string): StepDoubt[] {
  // A full stop ends what an appliance is used for; the one of "min." does not.
  return text.split(/(?<!\bmins?|\bhrs?)\.\s+(?=[A-Z])|;\s+/i).flatMap((sentence) => {
    const appliance = LONGEST_IN.find(([named]) => named.test(sentence));
    return [...sentence.matchAll(DURATION)].flatMap((m): StepDoubt[] => {
      const [low, high] = [Number(m[1]), m[2] === undefined ? null : Number(m[2])];
      const minutes = (high ?? low) * (/^h/i.test(m[3]!) ? 60 : 1);
      if (minutes > LONGEST_HOURS * 60)
        return [{ kind: 'time', words: `${m[0]} is longer than anything cooks or rests.` }];
      if (high !== null && high < low) return [{ kind: 'time', words: `${m[0]} runs backwards.` }];
      // Meat is thawed and rice is rested for long: only cooking is meant.
      if (
        appliance === undefined ||
        minutes <= appliance[2] ||
        /\b(?:thaw|defrost|rest|stand|chill|slow)\b/i.test(sentence)
      )
        return [];
      return [
        { kind: 'time', words: `${m[0]} is long for ${appliance[1]}. Is it a digit too many, or meant for an oven?` },
      ];
    });
  });
}
