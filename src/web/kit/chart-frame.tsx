import type { RefObject } from 'react';

interface ChartFrameProps {
  readonly box: RefObject<HTMLDivElement | null>;
  /** As high as wide things need it. */
  readonly tall?: boolean;
}

/**
 * Where a chart is drawn: as wide as there is room, also when that gets less. What it shows stands beside it in words,
 * for those who do not see it.
 */
export const ChartFrame = ({ box, tall = false }: ChartFrameProps) => (
  <div className="grid grid-cols-[minmax(0,1fr)] overflow-hidden" aria-hidden="true">
    <div ref={box} className={`${tall ? 'h-[26rem]' : 'h-56'} w-full min-w-0`} />
  </div>
);
