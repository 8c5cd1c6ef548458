import { formatPoints } from '../../core/program/format-points.ts';
import { departureAlong, SCALE_WORDS } from '../../core/swap/departure-words.ts';
import type { Version } from '../../core/version/version.ts';
import { ChartFrame } from '../kit/chart-frame.tsx';
import { useChart } from '../kit/use-chart.ts';

/** A version in the picture. */
export interface VersionDot {
  readonly version: Pick<Version, 'id' | 'name' | 'kind'>;
  readonly departure: number;
  /** Points a serving. */
  readonly points: number;
}

interface VersionsChartProps {
  readonly dots: readonly VersionDot[];
  /** The one that is being read. */
  readonly shownId: string;
  readonly onRead: (id: string) => void;
}

/** So many letters of a name stand beside its dot. */
const NAME_LETTERS = 18;

const short = (name: string): string => (name.length > NAME_LETTERS ? `${name.slice(0, NAME_LETTERS - 1)}…` : name);

/** What each version costs against how far it is from the family's dish. The same stands below as a list. */
export default function VersionsChart({ dots, shownId, onRead }: VersionsChartProps) {
  const box = useChart(
    ({ ink, soft, beet, rule, sheet }) => ({
      grid: { left: 36, right: 16, top: 20, bottom: 28 },
      xAxis: [
        { type: 'value', min: 0, max: SCALE_WORDS.length, interval: 1, axisLabel: { show: false }, show: false },
        {
          type: 'category',
          position: 'bottom',
          data: [...SCALE_WORDS],
          axisLine: { lineStyle: { color: ink } },
          axisTick: { lineStyle: { color: ink } },
          axisLabel: { color: soft, interval: 0, fontSize: 12 },
        },
      ],
      yAxis: {
        type: 'value',
        min: (range: { min: number }) => Math.max(0, Math.floor(range.min) - 1),
        minInterval: 1,
        axisLabel: { color: soft, fontSize: 13 },
        splitLine: { lineStyle: { color: rule } },
      },
      series: [
        {
          type: 'scatter',
          // What is being read lies over the others.
          data: [...dots]
            .sort((a, b) => Number(a.version.id === shownId) - Number(b.version.id === shownId))
            .map((d) => {
              const isShown = d.version.id === shownId;
              const along = departureAlong(d.departure);
              return {
                name: d.version.id,
                value: [along, d.points],
                symbol: d.version.kind === 'asWritten' ? 'diamond' : 'circle',
                symbolSize: isShown ? 18 : 13,
                itemStyle: { color: isShown ? beet : sheet, borderColor: isShown ? beet : ink, borderWidth: 2 },
                label: {
                  show: true,
                  position: along > SCALE_WORDS.length / 2 ? ('left' as const) : ('right' as const),
                  color: isShown ? beet : ink,
                  fontSize: 13,
                  fontWeight: isShown ? ('bold' as const) : ('normal' as const),
                  formatter: `${short(d.version.name)}: ${formatPoints(d.points)}`,
                },
              };
            }),
          labelLayout: { moveOverlap: 'shiftY' },
        },
      ],
    }),
    [dots, shownId],
    (chart) => chart.on('click', (e) => onRead(String(e.name))),
  );
  return <ChartFrame box={box} />;
}
