import { formatPoints } from '../../core/program/format-points.ts';
import type { FoodApart } from '../../core/program/programs-apart.ts';
import { ChartFrame } from '../kit/chart-frame.tsx';
import { measuredAxis } from '../kit/measured-axis.ts';
import { useChart } from '../kit/use-chart.ts';

interface ApartChartProps {
  readonly apart: readonly FoodApart[];
  readonly marks: readonly [string, string];
  readonly onFood: (id: string) => void;
}

/** Dots on each other are told apart by their size: so many px for one food, and what more add. */
const ONE_FOOD_PX = 7;

/** Points under one program against points under the other; the foods stand beside it as a table. */
export default function ApartChart({ apart, marks, onFood }: ApartChartProps) {
  const places = new Map<string, { at: readonly [number, number]; foods: FoodApart[] }>();
  for (const a of apart) {
    const key = a.points.join(' ');
    const place = places.get(key) ?? { at: a.points, foods: [] };
    place.foods.push(a);
    places.set(key, place);
  }
  const most = Math.max(1, ...apart.flatMap((a) => a.points));
  const box = useChart(
    (inks) => {
      const { ink, soft, beet, rule, sheet } = inks;
      return {
        grid: { left: 48, right: 16, top: 16, bottom: 46 },
        tooltip: {
          trigger: 'item',
          formatter: (p: unknown) => {
            const { data } = p as { data?: { said?: string } };
            return data?.said ?? '';
          },
        },
        xAxis: measuredAxis(inks, { name: `points under ${marks[0]}`, max: most }),
        yAxis: {
          type: 'value',
          min: 0,
          max: most,
          name: `under ${marks[1]}`,
          nameLocation: 'middle',
          nameGap: 30,
          axisLine: { show: true, lineStyle: { color: ink } },
          axisLabel: { color: soft },
          splitLine: { lineStyle: { color: rule } },
        },
        series: [
          {
            type: 'line',
            data: [
              [0, 0],
              [most, most],
            ],
            showSymbol: false,
            silent: true,
            lineStyle: { color: soft, type: 'dashed', width: 1.5 },
          },
          {
            type: 'scatter',
            data: [...places.values()].map(({ at, foods }) => ({
              value: [...at],
              name: foods[0]!.food.id,
              symbolSize: ONE_FOOD_PX + 2 * Math.sqrt(foods.length - 1),
              // On the line a ring, off it a filled dot: told apart without colour.
              itemStyle:
                at[0] === at[1]
                  ? { color: sheet, borderColor: ink, borderWidth: 1.5 }
                  : { color: beet, borderColor: beet, borderWidth: 1.5 },
              said: `${formatPoints(at[0])} and ${formatPoints(at[1])}: ${foods
                .slice(0, 4)
                .map((f) => f.food.name)
                .join('; ')}${foods.length > 4 ? ` and ${foods.length - 4} more` : ''}`,
            })),
          },
        ],
      };
    },
    [apart, marks[0], marks[1]],
    (chart) => chart.on('click', 'series.scatter', (e) => onFood(String(e.name))),
  );
  return <ChartFrame box={box} tall />;
}
