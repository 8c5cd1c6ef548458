import { describe, expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { LineSchema } from '../../contract/version.ts';
import { readLine } from '../reading/read-line.ts';
import { applyEntry } from './entry.ts';
import { readingOfLine } from './reading-of-line.ts';
import { scaleChanges } from './scale-version.ts';

const LINES = [
  '1 (14.5 oz) can diced tomatoes, drained',
  '½ cup + 2 tbsp sugar',
  '1 lb (450 g) lean ground turkey',
  '2 cups kale or chard',
  '1 scant cup flour, sifted',
  'salt to taste',
  '0 cups flour',
];

describe('what a line keeps of its reading', () => {
  it('is all of it: nothing has to be read again', () => {
    const { lines } = readVersion(LINES);
    lines.forEach((line, i) => {
      // Other words under a text that was read: what comes back is what was kept, and not a second reading.
      const kept = readingOfLine({ ...line, text: 'something else altogether' });
      expect({ ...kept, line: LINES[i] }).toEqual(readLine(LINES[i]!));
    });
  });
  it('crosses the wire, and a line from before has none', () => {
    const [line] = readVersion(LINES).lines;
    const sent = { ...line!, id: 'line-1', originLineId: 'line-1' };
    expect(LineSchema.parse(JSON.parse(JSON.stringify(sent)))).toEqual(sent);
    const { read, ...older } = sent;
    expect(LineSchema.parse(older).read).toBeNull();
    expect(readingOfLine(LineSchema.parse(older))).toEqual(readLine(LINES[0]!));
  });
  it('grows and shrinks with the line, further amounts and all', () => {
    const version = readVersion(['1 (14.5 oz) can tomatoes', '1 cup plus 2 tbsp sugar'], { servings: 2 });
    const changes = scaleChanges(version, 4);
    const [can, sugar] = applyEntry(version, { id: 'e', label: 'scale', undoes: null, changes }).lines;
    expect(readingOfLine(can!)).toMatchObject({ quantity: 2, packageQuantity: 14.5, packageUnit: 'ounce' });
    expect(readingOfLine(sugar!)).toMatchObject({ quantity: 2, parts: [{ quantity: 4, unit: 'tablespoon' }] });
    expect(sugar!.text).toBe('2¼ cups (450 g) sugar');
  });
});
