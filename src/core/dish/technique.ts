import type { Food } from '../food/food.ts';
import { foodWords, isNoise } from '../food/food-words.ts';
import type { DishKind, Technique } from '../version/dish-words.ts';
import type { Line, Version } from '../version/version.ts';
import { isRoux } from './dish-kind.ts';
import { isFat } from './is-fat.ts';

/** What the steps do with a line, and which of them use it, from 0. */
export interface LineUse {
  readonly technique: Technique | null;
  readonly steps: readonly number[];
}

/** A step's sentence that names a line. */
export interface Said {
  readonly text: string;
  readonly step: number;
}

/** Names that steps use for foods of a kind, besides their own words. */
const CALLED: ReadonlyArray<readonly [test: (f: Food) => boolean, words: readonly string[]]> = [
  [(f) => f.roles.includes('melt') || /cheese|parmesan|feta|cheddar|gruy/.test(f.name), ['cheese']],
  [(f) => /crumbs/.test(f.name), ['crumb']],
  [(f) => f.kinds.includes('fish'), ['fish']],
  [(f) => /pasta|noodle/.test(f.name), ['pasta', 'noodle']],
  [(f) => f.kinds.includes('egg'), ['egg']],
  [(f) => f.kinds.includes('poultry'), ['chicken', 'turkey']],
  [(f) => /chocolate/.test(f.name), ['chocolate']],
];
/** Words of a line that say what it is like, and in steps mean something else. */
const ONLY_LIKENESS = new Set([
  'white',
  'red',
  'brown',
  'dark',
  'sweet',
  'cold',
  'soft',
  'small',
  'large',
  'can',
  'jar',
  'sheet',
  'home',
  'vegetable',
  'ground',
  'frying',
  'bread',
  'icing',
  'golden',
  'olive',
  'rolled',
  'powder',
  'dry',
]);

const namesInSteps = (line: Line, food: Food | null): Set<string> => {
  const own = foodWords(line.item.split(',')[0]!).filter((w) => !isNoise(w) && w.length > 2);
  const names = own.filter((w) => !ONLY_LIKENESS.has(w));
  const called = food === null ? [] : CALLED.filter(([test]) => test(food)).flatMap(([, words]) => words);
  return new Set([...(names.length > 0 ? names : own), ...called]);
};

/** The sentences of the steps that name a line, in small letters. */
export function sentencesNaming(line: Line, version: Version, food: Food | null): Said[] {
  const names = namesInSteps(line, food);
  return version.steps.flatMap((s, step) =>
    s.text
      .toLowerCase()
      .split(/(?<=[.!?;])\s+/)
      .filter((text) => foodWords(text).some((w) => names.has(w)))
      .map((text) => ({ text, step })),
  );
}

/**
 * What the steps do with a line: the surest of what they say. Null where they do nothing that its part hangs on.
 *
 * @param dish the kind of dish that it is in
 */
export function useOfLine(line: Line, version: Version, dish: DishKind, food: (id: string) => Food | null): LineUse {
  const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
  const said = sentencesNaming(line, version, own);
  const steps = [...new Set(said.map((s) => s.step))];
  if (line.technique !== null) return { technique: line.technique, steps };
  if (own === null || said.length === 0) return { technique: null, steps };
  const names = [...namesInSteps(line, own)]
    .map((w) => (w.endsWith('y') ? `${w.slice(0, -1)}(?:y|ies)` : `${w}(?:s|es)?`))
    .join('|');
  const asked: AskedOfLine = { own, line, said, dish, version, named: `(?:${names})` };
  return { technique: RULES.find(([, is]) => is(asked))?.[0] ?? null, steps };
}

interface AskedOfLine {
  readonly own: Food;
  readonly line: Line;
  readonly said: readonly Said[];
  readonly dish: DishKind;
  readonly version: Version;
  /** A pattern of the line's names. */
  readonly named: string;
}

/** Whether a sentence that names the line has a pattern; N in it is one of the line's names. */
const stepsSay = ({ said, named }: AskedOfLine, pattern: string): boolean => {
  const re = compiled(pattern, named);
  return said.some((s) => re.test(s.text));
};

/** Patterns of a line's names are compiled once: that takes longer than all that is done with one. */
const MOST_COMPILED = 5000;
const patterns = new Map<string, RegExp>();
function compiled(pattern: string, named: string): RegExp {
  const key = `${named} ${pattern}`;
  const had = patterns.get(key);
  if (had !== undefined) return had;
  const made = new RegExp(pattern.replaceAll('N', named), 'i');
  if (patterns.size >= MOST_COMPILED) patterns.clear();
  patterns.set(key, made);
  return made;
}
const isFlour = (f: Food): boolean => f.kinds.includes('flour');
const isEgg = (f: Food): boolean => f.kinds.includes('egg');
const allSteps = (a: AskedOfLine): string =>
  a.version.steps
    .map((s) => s.text)
    .join('\n')
    .toLowerCase();
const isLastStep = (a: AskedOfLine): boolean => a.said.some((s) => s.step === a.version.steps.length - 1);

const isCrumbly = (a: AskedOfLine): boolean =>
  a.own.roles.some((r) => r === 'crunch' || r === 'bulk' || r === 'sweetness');
/** Words between a verb and what it is done to, within one clause. */
const IN_CLAUSE = '[^.,;]*';
/** As IN_CLAUSE, and not over to the next verb. */
const SAME_VERB = '(?:(?!\\b(?:pour|over|stir|whisk|beat|fold|add|let|take|cook)\\b)[^.;])*';

const RULES: ReadonlyArray<readonly [technique: Technique, is: (a: AskedOfLine) => boolean]> = [
  ['deep-fry', (a) => isFat(a.own) && (a.dish === 'fried' ? stepsSay(a, '\\bfry\\b') : stepsSay(a, 'deep[- ]?fr'))],
  [
    'bread',
    (a) =>
      a.dish === 'breaded' &&
      !isFat(a.own) &&
      (a.own.roles[0] === 'protein' || stepsSay(a, '\\b(?:press|roll|coat|turn|dip)\\b')),
  ],
  ['grease', (a) => isFat(a.own) && stepsSay(a, '\\bgrease\\b')],
  ['brush', (a) => stepsSay(a, '\\bbrush(?:ed)?\\b[^.,]*\\b(?:with )?(?:the |beaten )?N')],
  [
    'rub in',
    (a) =>
      (isFat(a.own) || isFlour(a.own)) &&
      stepsSay(a, '\\brub\\b[^.]*\\bN\\b') &&
      stepsSay(a, '\\brub\\b[^.]*\\b(?:into|crumbs|crumbly)\\b'),
  ],
  ['knead in', (a) => isFat(a.own) && stepsSay(a, `\\bknead in\\b${IN_CLAUSE}\\bN`)],
  ['cream', (a) => stepsSay(a, `(?:^|\\bthen )cream (?:the )?${IN_CLAUSE}\\bN`)],
  [
    'make a roux',
    (a) =>
      (isFat(a.own) || isFlour(a.own)) && isRoux(allSteps(a)) && stepsSay(a, '\\b(?:melt|stir in|whisk in|roux)\\b'),
  ],
  [
    'whisk to an emulsion',
    (a) =>
      (isFat(a.own) || isEgg(a.own)) &&
      /\bemulsion\b|\bdrop by drop\b|\bin a thin stream\b/.test(allSteps(a)) &&
      stepsSay(a, '\\bwhisk|\\bbeat'),
  ],
  [
    'dredge',
    (a) =>
      !isFat(a.own) &&
      (stepsSay(a, `\\b(?:dredge|dust)\\b${IN_CLAUSE}\\bN`) ||
        (a.own.roles[0] === 'protein' && /\bdredge (?:it|them)\b/.test(allSteps(a)))),
  ],
  ['marinate', (a) => a.own.roles[0] !== 'protein' && stepsSay(a, '\\bmarinat\\w*\\b[^.]*\\bin (?:the )?[^.]*N')],
  ['thicken', (a) => (isFlour(a.own) || /cornflour|starch/.test(a.own.id)) && stepsSay(a, '\\bthicken')],
  [
    'roast in',
    (a) => isFat(a.own) && a.dish === 'roast' && stepsSay(a, `\\b(?:toss|rub|coat|turn)\\b${IN_CLAUSE}\\bN`),
  ],
  [
    'fry in',
    (a) =>
      isFat(a.own) &&
      (stepsSay(
        a,
        '\\b(?:fry|brown|soften|saut|sear|warm|cook|sweat|toast)\\w*\\b(?:(?!\\bserve\\b)[^.])*\\b(?:in|with) (?:the |a little |hot )*N',
      ) ||
        stepsSay(a, '\\bheat (?:the )?N')),
  ],
  ['serve with', (a) => stepsSay(a, '\\bserve\\b[^.]*\\bwith\\b[^.]*\\bN')],
  ['scatter on top', (a) => stepsSay(a, `\\b(?:scatter|sprinkle|strew|crumble)\\b${IN_CLAUSE}\\bN`)],
  [
    'dress',
    (a) =>
      a.dish === 'salad' &&
      stepsSay(a, '\\bdressing\\b|\\bdress\\b') &&
      (isFat(a.own) ||
        a.own.roles[0] === 'creaminess' ||
        /vinegar/.test(a.own.id) ||
        a.own.kinds.includes('citrusjuice')),
  ],
  ['whip', (a) => stepsSay(a, `\\bwhip\\b${IN_CLAUSE}\\bN`) && !a.own.roles.includes('sweetness')],
  ['mash', (a) => a.dish === 'mash' && a.own.roles.includes('starch-base')],
  ['beat in', (a) => (a.dish === 'mash' || a.dish === 'spread') && stepsSay(a, '\\bbeat in\\b[^.]*\\bN')],
  ['melt into', (a) => stepsSay(a, `\\bmelt\\b${SAME_VERB}\\bN`) && a.dish !== 'sauce'],
  [
    'soak',
    (a) =>
      /\bsoak\b/.test(allSteps(a)) &&
      (/\bbread\b/.test(a.own.name) ||
        (a.own.roles[0] === 'creaminess' && stepsSay(a, '\\bpour|\\bsoak\\b[^.]*\\bin (?:the )?N'))),
  ],
  [
    'bind',
    (a) =>
      ['custard', 'pastry', 'bake', 'filled'].includes(a.dish) &&
      (isEgg(a.own) ||
        (a.own.roles[0] === 'creaminess' &&
          stepsSay(
            a,
            `\\b(?:whisk|beat)\\b${IN_CLAUSE}\\begg${IN_CLAUSE}\\bN|\\b(?:whisk|beat)\\b${IN_CLAUSE}\\bN${IN_CLAUSE}\\begg`,
          ))),
  ],
  [
    'stir in at the end',
    (a) =>
      ['soup', 'stew'].includes(a.dish) &&
      a.own.roles[0] === 'creaminess' &&
      isLastStep(a) &&
      stepsSay(a, '\\bstir\\b'),
  ],
  [
    'fold in',
    (a) =>
      isCrumbly(a) &&
      (stepsSay(a, `\\bfold\\b${IN_CLAUSE}\\bN|\\bN\\b,? (?:and )?fold (?:them|it|both) in`) ||
        (a.dish === 'confection' && stepsSay(a, `\\bstir in\\b${IN_CLAUSE}\\bN`) && a.own.roles.includes('crunch'))),
  ],
  [
    'fill',
    (a) =>
      ['filled', 'pastry'].includes(a.dish) &&
      (stepsSay(a, '\\bfill\\b') || (a.dish === 'filled' && ['protein', 'starch-base'].includes(a.own.roles[0] ?? ''))),
  ],
];
