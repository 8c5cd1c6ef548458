import type { ReadingRule } from '../rule.ts';

const WITH = /\s+((?:with|in) (?:the |its |their )?(?:shells?|bones?|skins?|stones?|pits?|rind|husks?|pods?))$/i;

/** "1 lb shrimp with shells": what is thrown away is told of the food and is no part of its name. */
export const withShells: ReadingRule = {
  name: 'with shells, with bones',
  example: '1 lb shrimp with shells',
  takes: 'with shells',
  take: (d) => {
    const m = WITH.exec(d.text);
    return m === null ? null : { ...d, text: d.text.slice(0, m.index), notes: [...d.notes, m[1]!] };
  },
};
