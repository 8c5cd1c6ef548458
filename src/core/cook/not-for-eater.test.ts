import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { notForEater } from './not-for-eater.ts';

const foods = [shippedFood('walnuts')!, shippedFood('flour-white')!];

describe('a dish for somebody', () => {
  it('is told not to be for whom it harms, and for nobody else', () => {
    expect(notForEater({ name: 'Tomas', allergies: ['tree-nuts'] }, foods)).toMatch(
      /^Not for Tomas: there is .*nuts.* in it/,
    );
    expect(notForEater({ name: 'Runa', allergies: [] }, foods)).toBeNull();
    expect(notForEater({ name: 'Ida', allergies: ['fish'] }, foods)).toBeNull();
  });
});
