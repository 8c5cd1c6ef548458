import { expect, it } from 'vitest';
import { initialsOf } from './initials.ts';

it('is one letter where that tells people apart', () => {
  expect(initialsOf(['Runa', 'Tomas', 'Milena'])).toEqual(['R', 'T', 'M']);
});

it('is as many letters as it takes, for those alone who need them', () => {
  expect(initialsOf(['Marta', 'Milena', 'Tomas'])).toEqual(['Ma', 'Mi', 'T']);
  expect(initialsOf(['Ann', 'Anna'])).toEqual(['Ann', 'Anna']);
});

it('counts letters as people do, in any script', () => {
  expect(initialsOf(['Émile', 'émile'])).toEqual(['É', 'É']);
  expect(initialsOf(['', '🥕 Kai', 'ليلى'])).toEqual(['?', '🥕', 'ل']);
});
