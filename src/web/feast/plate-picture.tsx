interface PlatePictureProps {
  /** Unrounded points of each dish, in the order of the menu. */
  readonly shares: readonly number[];
  /** Whether it is more than it may be. */
  readonly over: boolean;
}

const MIDDLE = 60;
const RIM = 44;
const RIM_W = 14;
const OUTSIDE = 56;
/** Of the whole round, between two dishes. */
const GAP = 0.008;

/** A point of the round, from the top clockwise; `turn` is 0 to 1. */
const onRound = (radius: number, turn: number): string => {
  const angle = 2 * Math.PI * (turn - 0.25);
  return `${(MIDDLE + radius * Math.cos(angle)).toFixed(2)} ${(MIDDLE + radius * Math.sin(angle)).toFixed(2)}`;
};

/** A plate with its dishes round the rim, each as long as it counts and with its number; what is over it is hatched. */
export function PlatePicture({ shares, over }: PlatePictureProps) {
  const whole = shares.reduce((a, b) => a + b, 0);
  let from = 0;
  const parts = shares.map((share) => {
    const part = { from, to: from + (whole === 0 ? 0 : share / whole) };
    from = part.to;
    return part;
  });
  return (
    <svg viewBox="0 0 120 120" className="absolute inset-0" aria-hidden="true">
      {over && (
        <circle
          cx={MIDDLE}
          cy={MIDDLE}
          r={OUTSIDE}
          fill="none"
          stroke="var(--mustard)"
          strokeWidth="6"
          strokeDasharray="2.5 3.5"
        />
      )}
      <circle cx={MIDDLE} cy={MIDDLE} r={RIM + RIM_W / 2} fill="var(--sheet)" stroke="currentColor" strokeWidth="1.5" />
      {parts.map((p, i) => {
        const long = p.to - p.from;
        if (long < 0.004) return null;
        const [a, b] = [p.from + Math.min(GAP, long / 4), p.to - Math.min(GAP, long / 4)];
        const path =
          long > 0.995
            ? `M${onRound(RIM, 0)}A${RIM} ${RIM} 0 1 1 ${onRound(RIM, 0.5)}A${RIM} ${RIM} 0 1 1 ${onRound(RIM, 0)}`
            : `M${onRound(RIM, a)}A${RIM} ${RIM} 0 ${b - a > 0.5 ? 1 : 0} 1 ${onRound(RIM, b)}`;
        const [x, y] = onRound(RIM, (a + b) / 2).split(' ');
        return (
          <g key={`${i}-${p.from}`}>
            <path d={path} fill="none" stroke={i % 2 === 0 ? 'currentColor' : 'var(--soft)'} strokeWidth={RIM_W} />
            {long > 0.05 && (
              <text x={x} y={y} dy="0.36em" textAnchor="middle" fontSize="11" fontWeight="700" fill="var(--sheet)">
                {i + 1}
              </text>
            )}
          </g>
        );
      })}
      <circle cx={MIDDLE} cy={MIDDLE} r={RIM - RIM_W / 2} fill="none" stroke="var(--rule)" strokeWidth="1" />
    </svg>
  );
}
