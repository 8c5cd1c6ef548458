import type { CSSProperties } from 'react';

/** A line's points as a bar, against the largest of the table (`--most`); what was taken away stays as hatching. */
export function LineBar({ before, after }: { before: number; after: number }) {
  if (before < 0.05 && after < 0.05) return null;
  // Clipped, not resized: a new largest line moves every bar, and none of them the page.
  const upTo = (raw: number): CSSProperties => ({
    clipPath: `inset(0 calc(100% - 100% * ${raw} / var(--most)) 0 0 round 2px)`,
  });
  return (
    <span className="relative block h-3 w-full max-w-(--bar-max,none)" aria-hidden="true">
      <span className="hatch absolute inset-0" style={upTo(before)} />
      <span className="bar absolute inset-0 bg-ink transition-[clip-path] duration-150" style={upTo(after)} />
    </span>
  );
}
