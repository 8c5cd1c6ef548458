import type { CookTold } from '../../core/cook/cook-history.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { ChartFrame } from '../kit/chart-frame.tsx';
import { useChart } from '../kit/use-chart.ts';

interface CookChartProps {
  /** The oldest first. */
  readonly told: readonly CookTold[];
}

const SYMBOLS = ['circle', 'rect', 'triangle', 'diamond'];

/** What a portion counted and what came out of the pot, over the times that a dish was cooked. The list says the same. */
export default function CookChart({ told }: CookChartProps) {
  const box = useChart(
    (inks) => {
      const { ink, soft, rule, beet, mustard } = inks;
      const marks = new Map(told.flatMap((t) => t.points.map((p) => [p.key, p.mark] as const)));
      const isWeighed = told.some((t) => t.grams !== null);
      return {
        grid: { left: 44, right: isWeighed ? 60 : 16, top: 60, bottom: 32 },
        legend: { top: 0, left: 0, textStyle: { color: ink } },
        tooltip: { trigger: 'axis' },
        xAxis: {
          type: 'category',
          data: told.map((t) => formatDay(t.day)),
          axisLine: { lineStyle: { color: ink } },
          axisLabel: { color: soft },
        },
        yAxis: [
          {
            type: 'value',
            min: 0,
            minInterval: 1,
            axisLabel: { color: soft },
            splitLine: { lineStyle: { color: rule } },
          },
          {
            type: 'value',
            min: 0,
            show: isWeighed,
            axisLabel: { color: soft, formatter: '{value} g' },
            splitLine: { show: false },
          },
        ],
        series: [
          ...[...marks].map(([key, mark], i) => ({
            name: `${mark}, a portion`,
            type: 'line' as const,
            symbol: SYMBOLS[i % SYMBOLS.length],
            symbolSize: 9,
            data: told.map((t) => t.points.find((p) => p.key === key)?.points ?? null),
            itemStyle: { color: i === 0 ? beet : ink },
            lineStyle: { color: i === 0 ? beet : ink, width: 2 },
          })),
          ...(isWeighed
            ? [
                {
                  name: 'came out, g',
                  type: 'line' as const,
                  yAxisIndex: 1,
                  symbol: 'diamond',
                  symbolSize: 9,
                  connectNulls: true,
                  data: told.map((t) => (t.grams === null ? null : Math.round(t.grams))),
                  itemStyle: { color: mustard },
                  lineStyle: { color: mustard, width: 2, type: 'dashed' as const },
                },
              ]
            : []),
        ],
      };
    },
    [told],
  );
  return <ChartFrame box={box} />;
}
