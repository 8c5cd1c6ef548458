import type { ScaleReading } from '../../core/scale/scale-reading.ts';

/**
 * A scale at this device. A further kind needs no more than this: how it is opened, and that it says every reading, with
 * what it shows in grams. See docs/scale.md.
 */
export interface ScaleSource {
  readonly name: string;
  /** Whether this browser can reach such a scale at all: most need https. */
  readonly canBe: () => boolean;
  /**
   * Opens it, asking the cook for it, and says every reading.
   *
   * @returns how it is closed
   * @throws Error in words where it cannot be opened
   */
  readonly open: (hear: (reading: ScaleReading) => void) => Promise<() => void>;
}
