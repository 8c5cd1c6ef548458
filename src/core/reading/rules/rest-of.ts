import type { ReadingRule } from '../rule.ts';

const REST =
  /^(?:(?:the )?(?:rest|remainder) of (?:the |your )?|(?:the )?remaining (?!\d)|(?:the )?(?:other|second|remaining) (?:half|third|quarter|part) (?:of )?(?:the )?|what(?:'s| is) left of (?:the )?)(?=[a-z])/i;

/** "The rest of the cheese": what another line has already. */
export const theRest: ReadingRule = {
  name: 'the rest',
  example: 'the other half of the butter',
  takes: 'the other half of the',
  take: (d) => {
    const m = d.amount === null ? REST.exec(d.text) : null;
    return m === null ? null : { ...d, text: d.text.slice(m[0].length), modifiers: [...d.modifiers, 'the rest'] };
  },
};
