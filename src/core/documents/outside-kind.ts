import type { OutsideVerdict } from '../card/outside-verdict.ts';
import { fieldKind } from '../history/field-change.ts';
import { object, value } from '../history/shape.ts';
import { lastStep } from './last-step.ts';

/** What somebody outside of the household said. */
export const OUTSIDE_KIND = fieldKind<OutsideVerdict>(
  'verdict from outside',
  object({ day: value, who: value, again: value, words: value, lineId: value }),
  {
    what: (path) =>
      ({
        day: 'the day',
        who: 'who said it',
        again: 'whether again',
        words: 'what they said',
        lineId: 'what it answers',
      })[lastStep(path)] ?? '',
  },
);
