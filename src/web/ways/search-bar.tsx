import type { ReactNode } from 'react';
import type { WaysState } from './use-ways.ts';

interface SearchBarProps {
  /** What the button says. */
  readonly words: string;
  readonly state: WaysState;
  readonly onCancel: () => void;
  readonly disabled?: boolean;
  /** What else stands in the row. */
  readonly children?: ReactNode;
}

/** The row under the wishes of a search: the button that starts it, how far it is, and the one that stops it. */
export function SearchBar({ words, state, onCancel, disabled = false, children }: SearchBarProps) {
  return (
    <div className="col-span-full">
      <div className="flex flex-wrap items-center gap-3">
        <button type="submit" className="btn btn-main" disabled={disabled}>
          {words}
        </button>
        {state.kind === 'searching' && (
          <>
            <progress value={state.done} max={1} aria-label="Searching" />
            <button type="button" className="btn" onClick={onCancel}>
              Stop
            </button>
          </>
        )}
        {children}
      </div>
      {state.kind === 'failed' && (
        <p className="note mt-4" role="alert">
          The search failed: {state.words} Change a limit and look again.
        </p>
      )}
    </div>
  );
}
