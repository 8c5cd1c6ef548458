import { OUNCE_G, POUND_G } from '../quantity/units.ts';
import type { ScaleReading, ScaleUnit } from './scale-reading.ts';

/**
 * A kitchen scale as a stand-in: what happened to it, from which what it shows follows for every later instant. It settles,
 * it is a little off while it does, it goes off by itself, and forgets then what was tared away.
 */
export interface KitchenScale {
  /** When it was switched on, ms; null while it is off. */
  readonly onSince: number | null;
  readonly unit: ScaleUnit;
  /** What was tared away, g. */
  readonly tare: number;
  /** What stands on it since it was last changed, and what stood on it before, g. */
  readonly load: number;
  readonly before: number;
  /** When that was changed, ms. */
  readonly changedAt: number;
  /** How much runs onto it since then, g a second; below 0 off it. */
  readonly flow: number;
  /** When it was last touched, ms. */
  readonly touchedAt: number;
  /** 0 to 1 of its battery. */
  readonly battery: number;
}

const MOST_ON_IT_G = 5000;
/** It has come this far of the way after so long, and is steady then. */
const SETTLES_S = 0.18;
const STEADY_AFTER_S = 1;
const OFF_AFTER_S = 120;
const LOW_BATTERY = 0.15;
/** So much it wavers while it settles, and when it is steady, g. */
const WAVERS_G = 3;
const STEADY_WAVERS_G = 0.4;
/** What its display shows in each unit, g. */
const GRAIN_G: Readonly<Record<ScaleUnit, number>> = { g: 1, oz: OUNCE_G / 10, lb: POUND_G / 100 };
const NEXT_UNIT: Readonly<Record<ScaleUnit, ScaleUnit>> = { g: 'oz', oz: 'lb', lb: 'g' };

/** A scale as it comes out of its box. */
export const kitchenScale = (): KitchenScale => ({
  onSince: null,
  unit: 'g',
  tare: 0,
  load: 0,
  before: 0,
  changedAt: 0,
  flow: 0,
  touchedAt: 0,
  battery: 1,
});

export const SCALE_KEYS = ['on', 'off', 'tare', 'unit'] as const;
export type ScaleKey = (typeof SCALE_KEYS)[number];

/** What really stands on it, g. @param now ms */
export const standing = (scale: KitchenScale, now: number): number =>
  Math.max(0, scale.load + (scale.flow * Math.max(0, now - scale.changedAt)) / 1000);

/** The scale with so much more put on it, or taken off. @param now ms */
export function putOn(scale: KitchenScale, grams: number, now: number): KitchenScale {
  const was = standing(scale, now);
  return { ...scale, before: was, load: Math.max(0, was + grams), flow: 0, changedAt: now, touchedAt: now };
}

/** The scale while something runs onto it, or off it. @param perSecond g; 0 ends it @param now ms */
export function pouring(scale: KitchenScale, perSecond: number, now: number): KitchenScale {
  const was = standing(scale, now);
  return { ...scale, before: was, load: was, flow: perSecond, changedAt: now, touchedAt: now };
}

/** The scale after one of its keys. @param now ms */
export function pressed(scale: KitchenScale, key: ScaleKey, now: number): KitchenScale {
  // What stands on it when it is switched on is its nought.
  if (key === 'on') return { ...scale, onSince: now, tare: standing(scale, now), touchedAt: now };
  if (key === 'off') return { ...scale, onSince: null };
  if (!isOn(scale, now)) return scale;
  if (key === 'tare') return { ...scale, tare: standing(scale, now), touchedAt: now };
  return { ...scale, unit: NEXT_UNIT[scale.unit], touchedAt: now };
}

/** The scale with so much left in its battery, 0 to 1. */
export const withBattery = (scale: KitchenScale, battery: number): KitchenScale => ({ ...scale, battery });

const isOn = (scale: KitchenScale, now: number): boolean =>
  scale.onSince !== null &&
  scale.battery > 0 &&
  (scale.flow !== 0 || (now - Math.max(scale.touchedAt, scale.changedAt)) / 1000 <= OFF_AFTER_S);

/** What it shows. @param now ms */
export function shownBy(scale: KitchenScale, now: number): ScaleReading {
  const said = {
    at: new Date(now).toISOString(),
    unit: scale.unit,
    battery: scale.battery <= LOW_BATTERY ? ('low' as const) : ('ok' as const),
  };
  if (!isOn(scale, now)) return { ...said, state: 'off', grams: null, steady: false };
  const stands = standing(scale, now);
  if (stands > MOST_ON_IT_G) return { ...said, state: 'overload', grams: null, steady: false };
  const since = (now - Math.max(scale.changedAt, 0)) / 1000;
  const steady = scale.flow === 0 && since >= STEADY_AFTER_S;
  const settled = scale.flow !== 0 || steady ? stands : stands + (scale.before - stands) * Math.exp(-since / SETTLES_S);
  const off = steady ? STEADY_WAVERS_G : WAVERS_G * (scale.flow !== 0 ? 1 : Math.exp(-since / SETTLES_S));
  // Nought is held at nought, as scales do.
  const shown = settled - scale.tare + (steady && Math.abs(stands - scale.tare) < 1 ? 0 : off * wavering(now, scale));
  const grain = GRAIN_G[scale.unit];
  const shows = Math.round(shown / grain) * grain;
  return { ...said, state: 'on', grams: shows === 0 ? 0 : shows, steady };
}

/** Between -1 and 1, another every tenth of a second, and always the same for the same instant. */
function wavering(now: number, scale: KitchenScale): number {
  const x = Math.sin(Math.floor(now / 100) * 12.9898 + scale.load * 78.233) * 43758.5453;
  return 2 * (x - Math.floor(x)) - 1;
}
