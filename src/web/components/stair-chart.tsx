import { formatPoints } from '../../core/program/format-points.ts';
import type { Stair } from '../../core/program/stair.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { ChartFrame } from '../kit/chart-frame.tsx';
import { measuredAxis } from '../kit/measured-axis.ts';
import { useChart } from '../kit/use-chart.ts';

interface StairChartProps {
  readonly stair: Stair;
  readonly points: number;
  /** What a serving weighs; null where nobody weighed it. */
  readonly servingGrams: number | null;
}

/** Points against portion size. The edges stand beside it as a list, for those who cannot see the picture. */
export default function StairChart({ stair, points, servingGrams }: StairChartProps) {
  const sized = (portion: number): string =>
    servingGrams === null
      ? `${trimmed(portion, 2)} servings`
      : `${trimmed(portion, 2)} servings (${Math.round(portion * servingGrams)} g)`;
  const box = useChart(
    (inks) => {
      const { ink, soft, beet, rule } = inks;
      const data: [number, number][] = [
        [0, stair.start],
        ...stair.edges.map((e): [number, number] => [e.portion, e.points]),
      ];
      data.push([stair.upTo, data[data.length - 1]![1]]);
      return {
        grid: { left: 44, right: 16, top: 16, bottom: 44 },
        tooltip: {
          trigger: 'axis',
          formatter: (params: unknown) => {
            const v = (params as { value: [number, number] }[])[0]?.value;
            return v ? `from ${sized(v[0])}: ${formatPoints(v[1])}` : '';
          },
        },
        xAxis: measuredAxis(inks, { name: 'servings', max: stair.upTo }),
        yAxis: {
          type: 'value',
          min: 0,
          axisLine: { show: true, lineStyle: { color: ink } },
          axisLabel: { color: soft },
          splitLine: { lineStyle: { color: rule } },
        },
        series: [
          {
            type: 'line',
            step: 'end',
            data,
            showSymbol: false,
            lineStyle: { color: ink, width: 2.5 },
            itemStyle: { color: beet },
            markLine: {
              symbol: 'none',
              label: { formatter: `a serving: ${formatPoints(points)}`, color: beet },
              lineStyle: { color: beet, type: 'dashed' },
              data: [{ xAxis: 1 }],
            },
          },
        ],
      };
    },
    [stair, points, servingGrams],
  );
  return (
    <>
      <ChartFrame box={box} />
      <p className="text-sm text-soft">
        {stair.edges.length === 0
          ? 'No portion of it counts.'
          : `The next step starts at ${stair.edges
              .filter((e) => e.portion > 1)
              .slice(0, 3)
              .map((e) =>
                servingGrams === null
                  ? `${sized(e.portion)}: ${formatPoints(e.points)}`
                  : `${Math.round(e.portion * servingGrams)} g (${formatPoints(e.points)})`,
              )
              .join(', ')}.`}
      </p>
    </>
  );
}
