interface PanDrawnProps {
  readonly rows: number;
  readonly columns: number;
}

const WIDE = 160;
const HIGH = 110;

/** A pan from above, with the cuts. */
export function PanDrawn({ rows, columns }: PanDrawnProps) {
  const lines = [
    ...Array.from({ length: columns - 1 }, (_, i) => {
      const x = (WIDE * (i + 1)) / columns;
      return <line key={`c${i}`} x1={x} y1={0} x2={x} y2={HIGH} />;
    }),
    ...Array.from({ length: rows - 1 }, (_, i) => {
      const y = (HIGH * (i + 1)) / rows;
      return <line key={`r${i}`} x1={0} y1={y} x2={WIDE} y2={y} />;
    }),
  ];
  return (
    <svg
      viewBox={`-3 -3 ${WIDE + 6} ${HIGH + 6}`}
      className="w-40 flex-none"
      role="img"
      aria-label={`A pan cut into ${rows} by ${columns}`}
    >
      <rect width={WIDE} height={HIGH} rx={8} className="fill-sheet stroke-ink" strokeWidth={2.5} />
      <g className="stroke-beet" strokeWidth={1.5} strokeDasharray="5 3">
        {lines}
      </g>
    </svg>
  );
}
