import { describe, expect, it } from 'vitest';
import { roomOfMeal } from './room-of-meal.ts';

const on = (points: number | null, kcal: number, protein: number) => ({
  points,
  kcal: { value: kcal, complete: true },
  protein: { value: protein, complete: true },
});

describe('what is left of the aim of a meal', () => {
  it('is its aim less what is on it, and the protein that it still wants', () => {
    expect(roomOfMeal({ points: 12, kcal: 600, protein: 30 }, on(4, 210, 11), null)).toEqual({
      points: 8,
      kcal: 390,
      protein: 19,
    });
  });
  it('is never below nothing, and asks for no protein once there is enough', () => {
    expect(roomOfMeal({ points: 5, kcal: 300, protein: 10 }, on(7, 310, 12), null)).toEqual({
      points: 0,
      kcal: 0,
      protein: null,
    });
  });
  it('is whole, on the side that keeps the aim', () => {
    const room = roomOfMeal({ points: 12, kcal: 600, protein: 20 }, on(4, 402.4, 11.25), null);
    expect(room).toEqual({ points: 8, kcal: 197, protein: 9 });
  });
  it('is no more than what is left of the day', () => {
    expect(roomOfMeal({ points: 12, kcal: null, protein: null }, on(0, 0, 0), 7).points).toBe(7);
    expect(roomOfMeal({ points: null, kcal: null, protein: null }, on(3, 100, 2), 20)).toEqual({
      points: 20,
      kcal: null,
      protein: null,
    });
  });
  it('asks for no points of somebody who counts none, and takes what is not known of a meal for no number', () => {
    expect(roomOfMeal({ points: null, kcal: 500, protein: null }, on(null, 200, 9), null)).toEqual({
      points: null,
      kcal: 300,
      protein: null,
    });
    expect(roomOfMeal({ points: 9, kcal: null, protein: null }, on(null, 0, 0), null).points).toBeNull();
  });
});
