import { describe, expect, it } from 'vitest';
import { livePrep } from './live-prep.ts';
import type { PrepPlan } from './prep-plan.ts';
import type { PrepTask } from './prep-task.ts';

const task = (id: string, minutes: number, hands: boolean, rest: Partial<PrepTask> = {}): PrepTask => ({
  id,
  dishId: 'd1',
  stepId: id,
  key: id,
  words: id,
  minutes,
  from: 'read',
  hands,
  place: null,
  heat: null,
  after: [],
  tools: [],
  hints: [],
  ...rest,
});
/** Cut 10, then it simmers 40 while the salad of the other dish is made, then it is packed. */
const plan = {
  tasks: [
    task('cut', 10, true),
    task('simmer', 40, false, { after: ['cut'] }),
    task('salad', 15, true, { dishId: 'd2' }),
    task('pack', 5, true, { after: ['simmer'] }),
  ],
  schedule: { starts: [0, 10, 10, 50], washes: [], minutes: 55 },
  problem: { cooks: 1 },
} as unknown as PrepPlan;
const at = (minute: number, ...done: string[]) => livePrep(plan, new Set(done), minute);

describe('a prep day while it goes on', () => {
  it('says what hands are at now, what comes next, and when all is done', () => {
    expect(at(3)).toMatchObject({ now: { id: 'cut' }, next: { id: 'simmer' }, behind: 0, doneAt: 55 });
    expect(at(12, 'cut')).toMatchObject({ now: { id: 'simmer' }, next: { id: 'salad' } });
  });
  it('does not wait for what goes on by itself, once it is begun', () => {
    expect(livePrep(plan, new Set(['cut']), 14, new Map([['simmer', 12]]))).toMatchObject({
      now: { id: 'salad' },
      goingOn: [{ task: { id: 'simmer' }, until: 52 }],
    });
  });
  it('says how far behind it is, and no more than that', () => {
    expect(at(16)).toMatchObject({ now: { id: 'cut' }, behind: 6, doneAt: 61 });
    expect(at(2, 'cut')).toMatchObject({ behind: 0 });
  });
  it('gives the other of two cooks something of its own, but nothing that waits', () => {
    const two = { ...plan, problem: { cooks: 2 } } as unknown as PrepPlan;
    expect(livePrep(two, new Set(), 0)).toMatchObject({ now: { id: 'cut' }, other: { id: 'salad' } });
    expect(livePrep(plan, new Set(), 0).other).toBeNull();
    const last = { ...two, tasks: two.tasks.map((t) => (t.id === 'salad' ? { ...t, after: ['cut'] } : t)) } as PrepPlan;
    expect(livePrep(last, new Set(), 0).other).toBeNull();
  });
  it('is over when everything is done', () => {
    expect(at(60, 'cut', 'simmer', 'salad', 'pack')).toMatchObject({ now: null, next: null, behind: 0, isOver: true });
  });
});
