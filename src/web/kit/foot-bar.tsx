import type { ReactNode } from 'react';

/** What has to stay under the thumb, at the foot of a page that is held in the hand. */
export function FootBar({ label, children }: { label: string; children: ReactNode }) {
  return (
    <section
      aria-label={label}
      className="no-print fixed right-0 bottom-0 left-0 z-20 flex min-h-16 flex-wrap items-center gap-2 border-ink border-t bg-sheet px-3 py-1.5 pb-[max(0.375rem,env(safe-area-inset-bottom))] md:left-[9.25rem] desk:hidden"
    >
      {children}
    </section>
  );
}
