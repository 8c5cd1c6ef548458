import type { Food } from '../food/food.ts';
import type { Technique } from '../version/dish-words.ts';
import type { Line, Version } from '../version/version.ts';
import { dishKindOf } from './dish-kind.ts';
import { useOfLine } from './technique.ts';

/** What steps do, said of a line. */
export const TECHNIQUE_SAID: Readonly<Record<Technique, string>> = {
  'fry in': 'fries in it',
  'deep-fry': 'deep-fries in it',
  'roast in': 'roasts in it',
  grease: 'greases with it',
  brush: 'brushes with it',
  'rub in': 'rubs it in',
  cream: 'creams it',
  'knead in': 'kneads it in',
  'melt into': 'melts it in',
  'make a roux': 'makes a roux of it',
  'whisk to an emulsion': 'whisks it to an emulsion',
  'beat in': 'beats it in',
  dress: 'dresses with it',
  dredge: 'dredges with it',
  bread: 'coats with it',
  bind: 'binds with it',
  thicken: 'thickens with it',
  'stir in at the end': 'stirs it in at the end',
  'fold in': 'folds it in',
  whip: 'whips it',
  mash: 'mashes it',
  fill: 'fills with it',
  soak: 'soaks with it',
  marinate: 'marinates in it',
  'scatter on top': 'scatters it on top',
  'serve with': 'serves it beside',
};

/**
 * Why a line is read as playing its part, in words.
 *
 * @example whyPart(oil, version, food, 'Onion soup') // 'step 2 fries in it'
 */
export function whyPart(line: Line, version: Version, food: (id: string) => Food | null, title: string): string {
  if (line.roleSaid) return 'you said so';
  const dish = dishKindOf(version, title, food);
  const { technique, steps } = useOfLine(line, version, dish, food);
  if (line.technique !== null) return `you said that a step ${TECHNIQUE_SAID[line.technique]}`;
  if (technique === null) return 'that is what it usually does';
  const alone = steps.find((at) => {
    const only = { ...version, dish, steps: [version.steps[at]!] };
    return useOfLine(line, only, dish, food).technique === technique;
  });
  return `step ${(alone ?? steps[0] ?? 0) + 1} ${TECHNIQUE_SAID[technique]}`;
}
