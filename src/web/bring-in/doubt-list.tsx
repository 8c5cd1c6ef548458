import type { StepDoubt } from '../../core/sense/doubt.ts';

interface DoubtListProps {
  readonly doubts: readonly StepDoubt[];
  /** The words of those that were put aside. */
  readonly settled: readonly string[];
  readonly onAdd: (text: string) => void;
  /** Asks what of a line is not eaten. */
  readonly onLoss: (lineId: string) => void;
  readonly onAside: (words: string) => void;
  readonly onBringBack: () => void;
}

/** Doubts about a recipe, each with what settles it; how many were put aside, and a way back. */
export function DoubtList({ doubts, settled, onAdd, onLoss, onAside, onBringBack }: DoubtListProps) {
  const shown = doubts.filter((d) => !settled.includes(d.words));
  const aside = doubts.length - shown.length;
  if (doubts.length === 0) return null;
  return (
    <section aria-label="Worth a look" className={shown.length > 0 ? 'note mt-4' : 'mt-4'}>
      {shown.length > 0 && (
        <>
          <h2 className="text-base">Worth a look</h2>
          <ul>
            {shown.map((d) => (
              <li key={d.words} className="flex items-start justify-between gap-3 py-1">
                <span className="min-w-0 flex-1 break-words">{d.words}</span>
                {d.add !== undefined && (
                  <button type="button" className="btn btn-small shrink-0" onClick={() => onAdd(d.add!)}>
                    Add it
                  </button>
                )}
                {d.lossOf !== undefined && (
                  <button type="button" className="btn btn-small shrink-0" onClick={() => onLoss(d.lossOf!)}>
                    Say how much
                  </button>
                )}
                <button
                  type="button"
                  className="btn btn-plain btn-small shrink-0"
                  onClick={() => onAside(d.words)}
                  aria-label={`It is right so: ${d.words}`}
                >
                  It is right so
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      {aside > 0 && (
        <button type="button" className="btn btn-plain btn-small text-soft" onClick={onBringBack}>
          {aside === 1 ? 'One doubt is put aside: show it' : `${aside} doubts are put aside: show them`}
        </button>
      )}
    </section>
  );
}
