import { cutWords, type PanCut } from '../../core/cook/pan-cut.ts';

const PAN_WIDE = 160;
const PAN_HIGH = 110;
/** The middle of a round one, and how far it goes. */
const ROUND_PAN = { x: PAN_WIDE / 2, y: PAN_HIGH / 2 };
const PAN_RADIUS = PAN_HIGH / 2;

/** A pan from above, with the cuts. */
export function PanDrawn({ cut }: { readonly cut: PanCut }) {
  return (
    <svg
      viewBox={`-3 -3 ${PAN_WIDE + 6} ${PAN_HIGH + 6}`}
      className="w-40 flex-none"
      role="img"
      aria-label={`A pan ${cutWords(cut)}`}
    >
      {cut.shape === 'grid' ? (
        <rect width={PAN_WIDE} height={PAN_HIGH} rx={8} className="fill-sheet stroke-ink" strokeWidth={2.5} />
      ) : (
        <circle cx={ROUND_PAN.x} cy={ROUND_PAN.y} r={PAN_RADIUS} className="fill-sheet stroke-ink" strokeWidth={2.5} />
      )}
      <g className="stroke-beet" strokeWidth={1.5} strokeDasharray="5 3">
        {cutLines(cut).map((l) => (
          <line key={`${l.x1} ${l.y1} ${l.x2} ${l.y2}`} {...l} />
        ))}
      </g>
    </svg>
  );
}

interface CutLine {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

const between = (parts: number): number[] => Array.from({ length: parts - 1 }, (_, i) => (i + 1) / parts);

function cutLines(cut: PanCut): CutLine[] {
  if (cut.shape === 'grid')
    return [
      ...between(cut.columns).map((at) => ({ x1: at * PAN_WIDE, y1: 0, x2: at * PAN_WIDE, y2: PAN_HIGH })),
      ...between(cut.rows).map((at) => ({ x1: 0, y1: at * PAN_HIGH, x2: PAN_WIDE, y2: at * PAN_HIGH })),
    ];
  if (cut.wedges < 2) return [];
  return Array.from({ length: cut.wedges }, (_, i) => {
    const turn = (2 * Math.PI * i) / cut.wedges - Math.PI / 2;
    return {
      x1: ROUND_PAN.x,
      y1: ROUND_PAN.y,
      x2: ROUND_PAN.x + PAN_RADIUS * Math.cos(turn),
      y2: ROUND_PAN.y + PAN_RADIUS * Math.sin(turn),
    };
  });
}
