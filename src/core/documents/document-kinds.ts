import type { BoxKind } from '../cook/box-kind.ts';
import type { Box, Cook, Vessel } from '../cook/cook.ts';
import type { Feast } from '../feast/feast.ts';
import { ALLERGEN_WORDS, type Allergen } from '../food/food.ts';
import type { FoodCorrection } from '../food/food-correction.ts';
import { fieldKind } from '../history/field-change.ts';
import { latest, list, object, record, set, value } from '../history/shape.ts';
import type { SaidPin } from '../program/program.ts';
import type { StockItem } from '../stock/stock.ts';
import type { OwnSwap } from '../swap/own-swap.ts';
import type { Verdict } from '../swap/verdict.ts';
import type { Eater, Household } from '../table/table.ts';
import type { Observation } from '../teach/observation.ts';
import { lastStep } from './last-step.ts';
import { named } from './named.ts';

/** A barcode that the household knows: its food. */
export interface KnownBarcode {
  readonly code: string;
  readonly foodId: string;
}

/** An eater: each allergy, each thing avoided and each exception comes and goes on its own. */
export const EATER_KIND = fieldKind<Eater>(
  'eater',
  object({
    name: value,
    programId: value,
    exceptions: list('foodId', object({ uncounted: value })),
    allowance: value,
    allergies: set,
    avoids: set,
    ratherNot: set,
    notOnTop: set,
    standing: list(
      'id',
      object({
        meal: value,
        words: value,
        foodId: value,
        grams: value,
        low: value,
        high: value,
        weekdays: value,
        since: value,
      }),
    ),
  }),
  {
    what: named({
      name: 'the name',
      programId: 'the program',
      exceptions: 'an exception',
      allowance: 'the allowance',
      avoids: 'what is avoided',
      ratherNot: 'what is rather not eaten',
      notOnTop: 'what is not wanted on top',
      standing: 'what is always there',
    }),
    say: (path, v) =>
      path[0] === 'allergies' && typeof v === 'string' ? (ALLERGEN_WORDS[v as Allergen] ?? v) : programWords(path, v),
  },
);

const programWords = (path: readonly string[], v: unknown): string | null => {
  if (path[0] === 'programId') return v === null ? 'does not count' : String(v).replace(/^program-/, '');
  if (lastStep(path) === 'uncounted') return v === true ? 'uncounted' : 'counts';
  return null;
};

export const HOUSEHOLD_KIND = fieldKind<Household>(
  'household',
  object({
    name: value,
    system: value,
    region: value,
    zone: value,
    sourceWords: record(value),
    ovenRunsHot: value,
    meals: list(
      'id',
      object({
        name: value,
        time: value,
        aims: list('eaterId', object({ points: value, kcal: value, protein: value })),
      }),
    ),
    aims: list('id', object({ name: value, kind: value, least: value, per: value })),
    upwards: value,
  }),
  {
    what: named({
      name: 'the name',
      system: 'cups and spoons',
      region: 'the words',
      zone: 'the time zone',
      sourceWords: 'what a word of a source means',
      ovenRunsHot: 'how hot the oven runs',
      meals: 'a meal',
      aims: 'an aim of the day',
      upwards: 'how doubts are counted',
    }),
  },
);

/** A feast: each eater's portion of each dish and each target is a field of its own. */
export const FEAST_KIND = fieldKind<Feast>(
  'feast',
  object({
    name: value,
    day: value,
    bought: list('id', object({ text: value, foodId: value, revision: value, grams: value, portions: record(value) })),
    guests: list('name', object({ allergies: set, avoids: set })),
    people: value,
    dishes: list('recipeId', object({ versionId: value, portions: record(value), mostDeparture: value })),
    targets: record(value),
  }),
  {
    what: (path) => {
      if (path[0] === 'targets') return 'a target';
      if (path[0] !== 'dishes')
        return { name: 'the name', day: 'the day', people: 'for how many' }[path[0] ?? ''] ?? '';
      if (path.length === 2) return 'a dish';
      return path[2] === 'portions'
        ? 'a portion'
        : path[2] === 'versionId'
          ? 'the version of a dish'
          : 'how far a dish may move';
    },
    say: (path, v) => (path[0] === 'dishes' && path.length === 2 ? (v === undefined ? 'gone' : 'on the menu') : null),
  },
);

export const SWAP_KIND = fieldKind<OwnSwap>(
  'swap',
  object({
    name: value,
    kind: value,
    role: value,
    from: set,
    into: list('foodId', object({ ratio: value })),
    share: value,
    mostShare: value,
    stays: value,
    departure: value,
    method: value,
    watch: value,
    why: value,
    retired: value,
  }),
  { what: named({ into: 'what comes in', from: 'what it takes the place of', retired: 'whether it is offered' }) },
);

export const STOCK_KIND = fieldKind<StockItem>(
  'item in the house',
  object({ foodId: value, name: value, grams: value, opened: value, useBy: value, lacking: value }),
  { what: named({ grams: 'how much there is', opened: 'whether it is open', useBy: 'use by', name: 'the name' }) },
);

export const PIN_KIND = fieldKind<SaidPin>(
  'pin',
  object({ points: value, grams: value, saidOn: value, source: value, foodRevision: value }),
  {
    what: named({ points: 'points', grams: 'grams', source: 'where it stands' }),
  },
);

export const BARCODE_KIND = fieldKind<KnownBarcode>('barcode', object({ foodId: value }), {
  what: named({ foodId: 'the food' }),
});

export const CORRECTION_KIND = fieldKind<FoodCorrection>('food', object({ synonyms: set, measures: value }), {
  what: named({ measures: 'what its measures weigh', synonyms: 'what it is called' }),
  say: (path, v) => (path[0] === 'measures' ? `${(v as readonly unknown[]).length} measures` : null),
});

export const VERDICT_KIND = fieldKind<Verdict>('verdict', object({ again: value, enough: value, note: value }), {
  what: named({ again: 'whether again', enough: 'the portion', note: 'the words' }),
});

export const OBSERVATION_KIND = fieldKind<Observation>(
  'known food',
  object({
    programId: value,
    name: value,
    foodId: value,
    grams: value,
    points: value,
    nutrients: record(value),
    reading: value,
  }),
  { what: named({ points: 'points', grams: 'grams', name: 'the name', nutrients: 'what is in it' }) },
);

export const VESSEL_KIND = fieldKind<Vessel>('vessel', object({ name: value, grams: value, millilitres: value }), {
  what: named({ name: 'the name', grams: 'what it weighs empty', millilitres: 'how much goes into it' }),
});

export const BOX_KIND_KIND = fieldKind<BoxKind>(
  'kind of box',
  object({ name: value, millilitres: value, parts: value, grams: value, microwave: value, freezer: value }),
  {
    what: named({
      name: 'the name',
      millilitres: 'how much goes into it',
      parts: 'its parts',
      grams: 'what it weighs empty',
      microwave: 'whether it may be microwaved',
      freezer: 'whether it may be frozen',
    }),
  },
);

/** A cook: what each plate got is a field of its own. */
export const COOK_KIND = fieldKind<Cook>(
  'cook',
  object({
    versionId: value,
    day: value,
    out: value,
    gross: value,
    vesselId: value,
    plates: record(value),
    beside: record(value),
    tookStock: value,
    minutes: value,
    verdicts: record(value),
    note: value,
    frozen: value,
    begun: latest,
    table: latest,
    ticks: record(latest),
    timers: record(latest),
    weighed: record(latest),
    otherWay: latest,
  }),
  {
    what: named({
      versionId: 'how it was cooked',
      day: 'the day',
      out: 'what came out',
      gross: 'what the pot weighs',
      vesselId: 'the vessel',
      plates: 'what a plate got',
      beside: 'what lies beside it',
      tookStock: 'what was taken from the house',
      minutes: 'how long it took',
      verdicts: 'what was said of it',
      note: 'the note',
      frozen: 'what it was counted from',
      begun: 'when it was begun',
      table: 'when it is on the table',
      ticks: 'what is done',
      timers: 'a timer',
      weighed: 'what was weighed',
      otherWay: 'the way of cooking',
    }),
  },
);

/** A box: who took it first has it, the other is told. */
export const BOX_KIND = fieldKind<Box>(
  'box',
  object({
    share: value,
    grams: value,
    eaterId: value,
    kindId: value,
    apart: value,
    place: value,
    keepUntil: value,
    counts: value,
    kcal: value,
    protein: value,
    taken: value,
    kept: value,
  }),
  {
    what: named({
      taken: 'who took it',
      kindId: 'the kind of box',
      apart: 'what is packed apart',
      place: 'where it stands',
      eaterId: 'whose it is',
      keepUntil: 'until when it keeps',
      kept: 'how it had kept',
    }),
    say: (path, v) => (path[0] !== 'taken' ? null : v === null ? 'still there' : (v as { readonly name: string }).name),
  },
);
