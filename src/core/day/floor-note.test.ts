import { describe, expect, it } from 'vitest';
import { floorNote } from './floor-note.ts';

const day = { points: 12, floor: 30, complete: true, planned: false, told: false };

describe('a low day', () => {
  it('is told once, with the usual caution, and never praised', () => {
    const note = floorNote(day);
    expect(note?.words).toMatch(/12.*30/);
    expect(note?.caution).toMatch(/dietitian|clinician/);
    expect(`${note?.words} ${note?.caution}`).not.toMatch(/well done|great|good|saved|congrat|streak|!/i);
    expect(floorNote({ ...day, told: true })).toBeNull();
  });
  it('is known as such where it was planned', () => {
    expect(floorNote({ ...day, planned: true })).toMatchObject({ planned: true });
    expect(floorNote({ ...day, planned: true })?.words).toMatch(/planned/);
  });
  it('is none where the day is not below, or where not all of it is told', () => {
    expect(floorNote({ ...day, points: 30 })).toBeNull();
    expect(floorNote({ ...day, points: null })).toBeNull();
  });
});
