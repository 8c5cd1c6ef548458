import { formatPoints } from '../../core/program/format-points.ts';
import type { FrontierPoint } from '../../core/ways/way.ts';
import { useChart } from '../kit/use-chart.ts';

interface FrontierChartProps {
  readonly frontier: readonly FrontierPoint[];
  readonly chosen: number | null;
  /** What the points are of, in words. */
  readonly axis: string;
  readonly onChoose: (at: number) => void;
}

/** All points that can be reached against what it takes; the list beside it says the same and takes the keyboard. */
export default function FrontierChart({ frontier, chosen, axis, onChoose }: FrontierChartProps) {
  const box = useChart(
    ({ ink, soft, rule, beet, sheet }) => ({
      grid: { left: 46, right: 18, top: 14, bottom: 40 },
      xAxis: {
        type: 'value',
        name: axis,
        nameLocation: 'middle',
        nameGap: 26,
        min: 0,
        minInterval: 1,
        axisLabel: { color: soft },
        splitLine: { show: false },
      },
      yAxis: {
        type: 'value',
        name: 'departure',
        nameLocation: 'middle',
        nameGap: 32,
        min: 0,
        axisLabel: { color: soft },
        splitLine: { lineStyle: { color: rule } },
      },
      series: [
        {
          type: 'line',
          step: 'start',
          cursor: 'pointer',
          data: frontier.map((f, i) => ({
            value: [f.points, f.departure],
            symbolSize: i === chosen ? 18 : 11,
            itemStyle: { color: i === chosen ? beet : sheet, borderColor: i === chosen ? beet : ink, borderWidth: 2 },
            label: { show: true, position: 'top', formatter: formatPoints(f.points), color: ink },
          })),
          symbol: 'circle',
          lineStyle: { color: ink, width: 2 },
        },
      ],
    }),
    [frontier, chosen, axis],
    (chart) => chart.on('click', (e) => onChoose(e.dataIndex)),
  );
  return <div ref={box} className="h-56 w-full" aria-hidden="true" />;
}
