import { describe, expect, it } from 'vitest';
import type { Label } from '../../contract/food.ts';
import { fieldsOfLabel, labelFromFields, wrongWithField } from './label-fields.ts';

const typed = (name: string, rules: Label['rules'] = 'us') => fieldsOfLabel(name, null, rules);
const wrongAt = (fields: ReturnType<typeof typed>) =>
  labelFromFields(null)
    .safeParse(fields)
    .error?.issues.map((i) => [i.path.join('.'), wrongWithField(i.message)]);

describe('a label as it is typed', () => {
  it('leaves unknown what is left empty', () => {
    const fields = typed('Oat bars');
    fields.printed.kcal = '120';
    fields.printed.sugars = '4,5';
    expect(labelFromFields(null).parse(fields)).toMatchObject({
      name: 'Oat bars',
      basisGrams: 100,
      household: null,
      printed: { kcal: 120, sugars: 4.5, fat: null, sodium: null },
    });
  });

  it('takes the salt of a European label as sodium, and shows it as salt again', () => {
    const fields = typed('Crispbread', 'eu');
    fields.printed.sodium = '1.2';
    const label = labelFromFields(null).parse(fields);
    expect(label.printed.sodium).toBeCloseTo(480, 9);
    expect(fieldsOfLabel('', label, 'us').printed.sodium).toBe('1.2');
  });

  it('keeps what a lookup knows of it and the list of sorts does not', () => {
    const known: Label = { ...labelFromFields(null).parse(typed('Skyr')), kinds: ['dairy'] };
    const fields = fieldsOfLabel('', known, 'us');
    expect(fields.sort).toBe('as known');
    expect(labelFromFields(known).parse(fields).kinds).toEqual(['dairy']);
    expect(labelFromFields(known).parse({ ...fields, sort: '9' }).kinds).toEqual(['drink']);
  });

  it('says at its field what cannot be', () => {
    expect(wrongAt({ ...typed(' '), basisGrams: 'much' })).toEqual([
      ['name', 'This is empty.'],
      ['basisGrams', 'Write a number, such as 12.5.'],
    ]);
  });

  it('takes a household measure only with its number and its word', () => {
    const fields = { ...typed('Bars'), basisGrams: '40', household: { quantity: '1', unit: 'bar' } };
    expect(labelFromFields(null).parse(fields).household).toEqual({ quantity: 1, unit: 'bar', grams: 40 });
    expect(labelFromFields(null).parse({ ...fields, household: { quantity: '1', unit: ' ' } }).household).toBeNull();
  });
});
