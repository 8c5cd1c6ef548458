import { takeModifiers } from '../read-amount.ts';
import type { ReadingRule } from '../rule.ts';

export const each: ReadingRule = {
  name: 'each: one amount for several foods',
  example: '½ teaspoon each cinnamon and nutmeg',
  takes: 'each',
  take: (d) => {
    const m = /^each (?:of )?/i.exec(d.text);
    return m === null ? null : { ...d, text: d.text.slice(m[0].length), modifiers: [...d.modifiers, 'each'] };
  },
};

export const ofTheFood: ReadingRule = {
  name: 'of, x, and stray marks before the food',
  example: '2 handfuls of the spinach',
  takes: 'of the',
  take: (d) => {
    const text = d.text.replace(/^(?:of|x)\s+(?:the\s+|an?\s+)?/i, '').replace(/^[\s:,-]+/, '');
    return text === d.text ? null : { ...d, text };
  },
};

export const sizeWords: ReadingRule = {
  name: 'large, medium, small before the food',
  example: '2 of the large eggs',
  takes: 'large',
  take: (d) => {
    const { words, rest } = takeModifiers(d.text, 'size');
    if (words.length === 0 || d.amount === null || d.amount.unit !== null) return null;
    return { ...d, text: rest, modifiers: [...d.modifiers, ...words] };
  },
};

export const packedOrHeaping: ReadingRule = {
  name: 'packed, heaping behind the unit',
  example: '1 cup packed brown sugar',
  takes: 'packed',
  take: (d) => {
    const { words, rest } = takeModifiers(d.text, 'measure');
    if (words.length === 0 || d.amount === null || rest === '') return null;
    return { ...d, text: rest, modifiers: [...d.modifiers, ...words] };
  },
};
