import type { Inks } from './use-chart.ts';

interface MeasuredAxisOptions {
  /** What is measured along it: "grams". */
  readonly name: string;
  readonly max: number;
  /** Room between the axis and its name, px. */
  readonly gap?: number;
}

/** The axis along the foot of a chart, from nothing on: a line in ink, and no lines across the picture. */
export const measuredAxis = ({ ink, soft }: Inks, { name, max, gap = 28 }: MeasuredAxisOptions) => ({
  type: 'value' as const,
  min: 0,
  max,
  name,
  nameLocation: 'middle' as const,
  nameGap: gap,
  axisLine: { lineStyle: { color: ink } },
  axisLabel: { color: soft },
  splitLine: { show: false },
});
