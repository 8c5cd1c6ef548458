import { LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { type ECharts, init, use } from 'echarts/core';
import { LabelLayout } from 'echarts/features';
import { SVGRenderer } from 'echarts/renderers';
import { type RefObject, useEffect, useRef, useSyncExternalStore } from 'react';

use([
  LineChart,
  ScatterChart,
  GridComponent,
  LegendComponent,
  MarkLineComponent,
  TooltipComponent,
  LabelLayout,
  SVGRenderer,
]);

/** The colours of the page, for a picture that cannot read style sheets. */
export interface Inks {
  readonly ink: string;
  readonly soft: string;
  readonly rule: string;
  readonly beet: string;
  readonly sheet: string;
  readonly mustard: string;
}

type Option = Parameters<ECharts['setOption']>[0];

/** The theme of the page, which a picture that is drawn already does not hear of. */
const themeNow = (): string => document.documentElement.dataset.theme ?? '';
function onTheme(changed: () => void): () => void {
  const watch = new MutationObserver(changed);
  watch.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
  return () => watch.disconnect();
}

const styleOf = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/**
 * Draws a chart into an element, in the page's colours and letters, and keeps its size.
 *
 * @param optionOf what to draw; changes with `deps`.
 * @param onReady gets the drawn chart, to hear its clicks.
 */
export function useChart(
  optionOf: (inks: Inks) => Option,
  deps: readonly unknown[],
  onReady?: (chart: ECharts) => void,
): RefObject<HTMLDivElement | null> {
  const box = useRef<HTMLDivElement>(null);
  const theme = useSyncExternalStore(onTheme, themeNow);
  useEffect(() => {
    if (!box.current) return;
    const chart = init(box.current, null, { renderer: 'svg' });
    const inks: Inks = {
      ink: styleOf('--ink'),
      soft: styleOf('--soft'),
      rule: styleOf('--rule'),
      beet: styleOf('--beet'),
      sheet: styleOf('--sheet'),
      mustard: styleOf('--mustard'),
    };
    chart.setOption({
      animation: !window.matchMedia('(prefers-reduced-motion: reduce)').matches,
      animationDuration: 200,
      textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable', color: inks.ink },
      ...optionOf(inks),
    });
    onReady?.(chart);
    const resize = new ResizeObserver(() => chart.resize());
    resize.observe(box.current);
    return () => {
      resize.disconnect();
      chart.dispose();
    };
  }, [theme, ...deps]);
  return box;
}
