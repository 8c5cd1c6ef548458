import type { RefObject } from 'react';

/**
 * Where a chart is drawn: as wide as there is room, also when that gets less. What it shows stands beside it in words,
 * for those who do not see it.
 */
export const ChartFrame = ({ box }: { readonly box: RefObject<HTMLDivElement | null> }) => (
  <div className="grid grid-cols-[minmax(0,1fr)] overflow-hidden" aria-hidden="true">
    <div ref={box} className="h-56 w-full min-w-0" />
  </div>
);
