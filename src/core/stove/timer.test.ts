import { describe, expect, it } from 'vitest';
import { longer, newTimer, paused, resumed, silenced, timerAt, timerProblem } from './timer.ts';

const AT = Date.parse('2026-11-28T12:00:00Z');
const after = (s: number): number => AT + s * 1000;
const bake = newTimer({ id: 't1', name: 'Bake', stepId: 's3', from: 2700, to: 3300 }, AT);
const eggs = newTimer({ id: 't2', name: 'Eggs', stepId: null, from: 480, to: null }, AT);

describe('a timer', () => {
  it('is an instant, so that whoever looks later sees the same', () => {
    expect(bake.endsAt).toBe('2026-11-28T12:45:00.000Z');
    expect(timerAt(bake, after(0))).toEqual({ phase: 'runs', seconds: 2700, rings: false });
    expect(timerAt(bake, after(2000.4))).toEqual({ phase: 'runs', seconds: 700, rings: false });
  });
  it('of a range begins the looking at its short end, and is up at the long one', () => {
    expect(timerAt(bake, after(2700))).toEqual({ phase: 'look', seconds: 600, rings: true });
    expect(timerAt(bake, after(3299))).toMatchObject({ phase: 'look', seconds: 1 });
    expect(timerAt(bake, after(3300))).toEqual({ phase: 'up', seconds: 0, rings: true });
    expect(timerAt(bake, after(3400))).toMatchObject({ phase: 'up', seconds: 100 });
  });
  it('is silenced at one end, and rings again at the other', () => {
    const quiet = silenced(bake, after(2710));
    expect(timerAt(quiet, after(2720)).rings).toBe(false);
    expect(timerAt(quiet, after(3301)).rings).toBe(true);
    expect(timerAt(silenced(quiet, after(3302)), after(3303)).rings).toBe(false);
    expect(timerAt(silenced(eggs, after(481)), after(482)).rings).toBe(false);
  });
  it('does not ring of what is long over', () => {
    expect(timerAt(eggs, after(480 + 599)).rings).toBe(true);
    expect(timerAt(eggs, after(480 + 601)).rings).toBe(false);
  });
  it('waits, goes on, and takes longer', () => {
    const waits = paused(eggs, after(100));
    expect(timerAt(waits, after(10_000))).toEqual({ phase: 'paused', seconds: 380, rings: false });
    const again = resumed(waits, after(1000));
    expect(timerAt(again, after(1000))).toMatchObject({ phase: 'runs', seconds: 380 });
    expect(timerAt(longer(again, 120, after(1000)), after(1000)).seconds).toBe(500);
    // From what is over, the time begins now.
    const more = longer(eggs, 60, after(700));
    expect(timerAt(more, after(700))).toEqual({ phase: 'runs', seconds: 60, rings: false });
    expect(timerAt(longer(silenced(bake, after(3400)), 300, after(3400)), after(3400))).toMatchObject({
      phase: 'runs',
      seconds: 300,
    });
  });
  it('of no time, of 1,000 hours, or of a word is told what it needs', () => {
    expect(timerProblem(0)).toBe('A timer needs some time: write minutes above 0.');
    expect(timerProblem(-60)).toBe('A timer needs some time: write minutes above 0.');
    expect(timerProblem(1000 * 3600)).toBe('A timer runs for at most 99 hours: write 5,940 minutes or fewer.');
    expect(timerProblem(Number.NaN)).toBe('Write how many minutes, such as 12 or 1.5.');
    expect(timerProblem(99 * 3600)).toBeNull();
    expect(timerProblem(1)).toBeNull();
    expect(() => newTimer({ id: 't', name: 'x', stepId: null, from: 0, to: null }, AT)).toThrow(/needs some time/);
    expect(() => newTimer({ id: 't', name: 'x', stepId: null, from: 60, to: 30 }, AT)).toThrow(/shorter/);
  });
});
