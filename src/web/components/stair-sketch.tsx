import type { Count } from '../../core/program/count.ts';

interface StairSketchProps {
  /** Where on its step the dish stands, 0 to 1, and the step's points. */
  readonly along: number;
  readonly count: Pick<Count, 'points' | 'raw'>;
  readonly step: number;
}

const STEP_W = 30;
const STEP_H = 15;

/** The step a dish stands on with its neighbours, and where on it the dish is. A picture of what the words beside say. */
export function StairSketch({ along, count, step }: StairSketchProps) {
  const below = Math.min(2, Math.round(count.points / step));
  const steps = 5;
  const baseline = steps * STEP_H + 4;
  const y = (i: number) => baseline - (i + 1) * STEP_H;
  let path = `M0 ${y(0) + STEP_H}`;
  for (let i = 0; i < steps; i++) path += `V${y(i)}H${(i + 1) * STEP_W}`;
  const x = below * STEP_W + along * STEP_W;
  return (
    <svg
      viewBox={`-2 -4 ${steps * STEP_W + 4} ${baseline + 6}`}
      className="h-14 w-28 min-w-14 shrink"
      aria-hidden="true"
    >
      <path d={path} fill="none" stroke="currentColor" strokeWidth="2.2" />
      <path d={`M${x} -2V${baseline}`} stroke="var(--beet)" strokeWidth="2" strokeDasharray="3 3" />
      <circle cx={x} cy={y(below)} r="5.5" fill="var(--beet)" />
    </svg>
  );
}
