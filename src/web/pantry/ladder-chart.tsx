import type { Rung } from '../../core/program/ladder.ts';
import { ChartFrame } from '../kit/chart-frame.tsx';
import { measuredAxis } from '../kit/measured-axis.ts';
import { useChart } from '../kit/use-chart.ts';

/** How lines are told apart, without colour. */
const DASHES = ['solid', 'dashed', 'dotted', [10, 3, 2, 3], [2, 6]] as const;

interface LadderChartProps {
  readonly ladders: readonly { readonly mark: string; readonly rungs: readonly Rung[] }[];
}

/** The ladders of a food as stairs over its grams. The same steps stand beside it as lists. */
export default function LadderChart({ ladders }: LadderChartProps) {
  // As far as every ladder is known: a stair that is cut off would look like one that ends.
  const ends = ladders.map((l) => l.rungs.at(-1)?.mostGrams ?? 0).filter(Number.isFinite);
  const upTo = ends.length === 0 ? 100 : Math.min(...ends);
  const box = useChart(
    (inks) => {
      const { ink, soft, beet, rule } = inks;
      return {
        grid: { left: 40, right: 16, top: 34, bottom: 42 },
        legend: { top: 0, textStyle: { color: ink } },
        xAxis: measuredAxis(inks, { name: 'grams', max: upTo, gap: 26 }),
        yAxis: {
          type: 'value',
          min: 0,
          minInterval: 1,
          axisLabel: { color: soft },
          splitLine: { lineStyle: { color: rule } },
        },
        series: ladders.map((l, i) => {
          const data: [number, number][] = [[0, 0]];
          const step = (l.rungs[1]?.points ?? 1) - (l.rungs[0]?.points ?? 0);
          for (const r of l.rungs) if (r.mostGrams < upTo) data.push([r.mostGrams, r.points + step]);
          data.push([upTo, data[data.length - 1]![1]]);
          return {
            type: 'line',
            name: l.mark,
            step: 'end',
            data,
            showSymbol: false,
            lineStyle: { color: i === 0 ? beet : ink, width: 2.5, type: DASHES[i % DASHES.length] as 'solid' },
            itemStyle: { color: i === 0 ? beet : ink },
          };
        }),
      };
    },
    [ladders, upTo],
  );
  return <ChartFrame box={box} />;
}
