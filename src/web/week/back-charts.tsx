import type { LookBackAnswer } from '../../contract/week-api.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { ChartFrame } from '../kit/chart-frame.tsx';
import { useChart } from '../kit/use-chart.ts';

interface BackChartsProps {
  readonly back: LookBackAnswer;
  readonly counts: boolean;
}

/** Days as lines: points against the allowance with the reserve over it, energy, protein, and how various the weeks were. */
export default function BackCharts({ back, counts }: BackChartsProps) {
  const { days, weeks } = back;
  return (
    <>
      {counts && (
        <section aria-label="Points" className="mt-4">
          <h2 className="text-xl">Points a day</h2>
          <PointsChart days={days} />
        </section>
      )}
      <div className="mt-4 grid gap-6 md:grid-cols-2">
        <p className="text-soft text-sm md:col-span-2">
          A filled circle is wholly known. An open one is at least so much: something that day could not be counted, or
          not all of that week was told.
        </p>
        <section aria-label="Energy">
          <h2 className="text-xl">Energy, kcal a day</h2>
          <OneLine days={days.map((d) => [d.day, d.kcal, d.complete])} />
        </section>
        <section aria-label="Protein">
          <h2 className="text-xl">Protein, g a day</h2>
          <OneLine days={days.map((d) => [d.day, d.protein, d.complete])} />
        </section>
        <section aria-label="Variety">
          <h2 className="text-xl">Different things a week</h2>
          <OneLine
            days={weeks.map((w) => [w.from, w.daysTold === 0 ? null : w.variety, w.isWhole && w.daysTold === 7])}
          />
        </section>
      </div>
    </>
  );
}

type Days = LookBackAnswer['days'];
const axisOf = (days: readonly string[], soft: string, ink: string) => ({
  type: 'category' as const,
  data: days.map(formatDay),
  axisLine: { lineStyle: { color: ink } },
  axisLabel: { color: soft },
});

function PointsChart({ days }: { readonly days: Days }) {
  const box = useChart(
    ({ ink, soft, rule, beet, mustard }) => ({
      grid: { left: 44, right: 16, top: 44, bottom: 32 },
      legend: { top: 0, left: 0, textStyle: { color: ink } },
      tooltip: { trigger: 'axis' },
      xAxis: axisOf(
        days.map((d) => d.day),
        soft,
        ink,
      ),
      yAxis: { type: 'value', min: 0, axisLabel: { color: soft }, splitLine: { lineStyle: { color: rule } } },
      series: [
        {
          name: 'points',
          type: 'line',
          symbolSize: days.length > MANY_DAYS ? 3 : 7,
          showAllSymbol: days.length <= MANY_DAYS,
          connectNulls: false,
          data: days.map((d) => point(d.points, d.complete)),
          itemStyle: { color: beet },
          lineStyle: { color: beet, width: 2 },
        },
        {
          name: 'allowance',
          type: 'line',
          step: 'end',
          symbol: 'none',
          data: days.map((d) => d.allowance),
          itemStyle: { color: ink },
          lineStyle: { color: ink, width: 1.5 },
        },
        {
          name: 'with what the week still has',
          type: 'line',
          step: 'end',
          symbol: 'none',
          data: days.map((d) => (d.allowance === null || d.reserve === null ? null : d.allowance + d.reserve)),
          itemStyle: { color: mustard },
          lineStyle: { color: mustard, width: 1.5, type: 'dashed' },
        },
      ],
    }),
    [days],
  );
  return <ChartFrame box={box} />;
}

/** More than so many circles would touch. */
const MANY_DAYS = 60;

/** A value of each day or week, and whether it is all of it. */
type ChartedDay = readonly [day: string, value: number | null, all: boolean];

/** A point that is known by its circle: filled where all of it is known, else open. */
const point = (value: number | null, all: boolean) => ({ value, symbol: all ? 'circle' : 'emptyCircle' });

function OneLine({ days }: { readonly days: readonly ChartedDay[] }) {
  const box = useChart(
    ({ ink, soft, rule, beet }) => ({
      grid: { left: 50, right: 16, top: 16, bottom: 32 },
      tooltip: { trigger: 'axis' },
      xAxis: axisOf(
        days.map(([day]) => day),
        soft,
        ink,
      ),
      yAxis: { type: 'value', min: 0, axisLabel: { color: soft }, splitLine: { lineStyle: { color: rule } } },
      series: [
        {
          type: 'line',
          symbolSize: days.length > MANY_DAYS ? 3 : 7,
          showAllSymbol: days.length <= MANY_DAYS,
          connectNulls: false,
          data: days.map(([, v, all]) => point(v === null ? null : Math.round(v), all)),
          itemStyle: { color: beet },
          lineStyle: { color: beet, width: 2 },
        },
      ],
    }),
    [days],
  );
  return <ChartFrame box={box} />;
}
