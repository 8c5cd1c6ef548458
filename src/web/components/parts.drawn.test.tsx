import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../../core/counting/count-version.ts';
import { stairPlace } from '../../core/counting/stair-words.ts';
import { plainCounter } from '../../core/program/program.ts';
import { HouseholdContext, type OpenHousehold } from '../context/household-context.ts';
import { Ladders } from '../pantry/ladders.tsx';
import { AddLine } from './add-line.tsx';
import { AllergenBoxes } from './allergen-boxes.tsx';
import { CountPanel } from './count-panel.tsx';

afterEach(cleanup);

const never = async () => {
  throw new Error('nothing is saved here');
};
const unused = { make: never, change: never, remove: never, restore: never };
const table: OpenHousehold = {
  household: {
    id: 'home',
    name: 'Home',
    demo: false,
    system: 'us',
    region: 'us',
    zone: 'UTC',
    sourceWords: {},
    ovenRunsHot: null,
    meals: [],
    aims: [],
    upwards: false,
  },
  eaters: [
    {
      id: 'eater-1',
      name: 'Berta',
      programId: 'program-harvest',
      exceptions: [],
      allowance: null,
      allergies: [],
      avoids: [],
      ratherNot: [],
      notOnTop: [],
      standing: [],
    },
  ],
  programs: [...FIXTURE_PROGRAMS],
  pins: [],
  eaterRows: unused,
  pinRows: unused,
  changeHousehold: () => {},
};
const eaters = ['LE', 'HA'].map((mark) => ({
  key: mark,
  eater: {
    id: mark,
    name: mark === 'LE' ? 'Runa' : 'Tomas',
    allergies: [],
    avoids: [],
    ratherNot: [],
    notOnTop: [],
    standing: [],
  },
  program: sample(mark),
  counter: plainCounter(sample(mark)),
}));
const counted = (version: Parameters<typeof countVersion>[0]) => {
  const count = countVersion(
    version,
    kitchenOf(),
    eaters.map((e) => e.counter),
  );
  const places = eaters.map((e) => stairPlace(count.lines, e.counter, { servings: count.servings }, new Set(), 'us'));
  return { version, count, places, eaters };
};

describe('the count panel', () => {
  const gratin = readVersion(['1.2 kg potatoes', '300 g cream', '150 g Gruyère'], { servings: 6 });
  it('shows points for every eater, and says them to a screen reader', () => {
    const props = counted(gratin);
    render(<CountPanel {...props} />);
    const [le, ha] = props.count.counts.map((c) => c.points);
    expect(screen.getByRole('status').textContent).toBe(`Runa ${le}, Tomas ${ha}`);
    expect(screen.getByRole('button', { name: `${le} points for Runa. Show the reasons.` })).toBeTruthy();
    expect(le).toBeGreaterThan(ha!);
  });
  it('shows what it was, when it is compared', () => {
    const lighter = readVersion(['1.2 kg potatoes', '300 ml evaporated skimmed milk', '50 g Gruyère'], { servings: 6 });
    const before = counted(gratin).count;
    render(<CountPanel {...counted(lighter)} before={before} />);
    expect(screen.getByText(`was ${Math.round(before.perServing.kcal.value!)}`)).toBeTruthy();
    expect(screen.getByText(/, was \d+ g$/)).toBeTruthy();
  });
  it('says "so far" while a line is open, and counts the whole without servings', () => {
    render(
      <CountPanel {...counted(readVersion(['1 cup sour cream', '1 packet of mystery dust'], { servings: null }))} />,
    );
    expect(screen.getAllByText(/so far/).length).toBeGreaterThan(0);
    expect(screen.getByRole('heading', { name: 'The whole, no servings yet' })).toBeTruthy();
    expect(screen.getByText(/^Per 100 g: \d+ kcal/)).toBeTruthy();
  });
  it('names the line to weigh when an estimate leaves the points open', () => {
    render(<CountPanel {...counted(readVersion(['4 to 12 slices bacon', '2 eggs'], { servings: 2 }))} />);
    expect(screen.getAllByText(/The line says 4 to 12 slices of bacon: say which\./).length).toBe(2);
  });
});

describe('the ladders of a food', () => {
  const show = (id: string) =>
    render(
      <HouseholdContext value={table}>
        <MemoryRouter>
          <Ladders food={shippedFood(id)!} />
        </MemoryRouter>
      </HouseholdContext>,
    );
  it('stand for the eaters first, then for the other programs', () => {
    show('gruyere');
    expect(screen.getAllByRole('heading', { level: 3 }).map((h) => h.textContent)).toEqual([
      'HA Berta',
      'LE Ledger',
      'LA Larder',
      'HO House list',
    ]);
    expect(within(screen.getAllByRole('list')[0]!).getAllByRole('listitem')[1]!.textContent).toBe(
      '1up to 2 tbsp (14 g)',
    );
  });
  it('say why any amount counts nothing, and why a listed food counts', () => {
    show('potato');
    expect(screen.getByText('Any amount counts 0: starchy vegetable.')).toBeTruthy();
    cleanup();
    show('peaches-in-syrup');
    expect(screen.getAllByText('counts: added sugar').length).toBeGreaterThan(0);
  });
});

describe('small parts', () => {
  it('a line is added as written, and an empty one is not', () => {
    const onAdd = vi.fn();
    render(<AddLine label="Add a line" placeholder="" onAdd={onAdd} />);
    const field = screen.getByLabelText<HTMLInputElement>('Add a line');
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
    fireEvent.change(field, { target: { value: '  2 eggs ' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
    expect(onAdd.mock.calls).toEqual([['2 eggs']]);
    expect(field.value).toBe('');
  });
  it('allergens are ticked on and off', () => {
    const onChange = vi.fn();
    render(<AllergenBoxes legend="Contains" chosen={['milk']} onChange={onChange} />);
    fireEvent.click(screen.getByLabelText('egg'));
    fireEvent.click(screen.getByLabelText('milk'));
    expect(onChange.mock.calls).toEqual([[['milk', 'egg']], [[]]]);
  });
});
