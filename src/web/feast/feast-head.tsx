import { Copy, Printer, Share2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { PageTitle } from '../kit/page-title.tsx';
import { SaveQuestion, SaveState } from '../kit/save-state.tsx';
import { UndoButtons } from '../kit/undo-buttons.tsx';
import { useUndoKeys } from '../kit/use-undo-keys.ts';
import { copyToClipboard } from '../pass-on/copy-to-clipboard.ts';
import { FeastDialog } from './feast-dialog.tsx';
import type { OpenFeast } from './use-feast.ts';

interface FeastHeadProps extends Pick<OpenFeast, 'saved' | 'shown' | 'change'> {
  /** The whole feast as text, to pass on. */
  readonly text: string;
}

/** What a feast is called, when it is and for whom; what is done with the whole of it. */
export function FeastHead({ saved, shown, change, text }: FeastHeadProps) {
  const { eaters, household } = useHousehold();
  const feast = shown.document;
  const { undo, redo } = shown.history;
  const [changing, setChanging] = useState(false);
  useUndoKeys(saved);
  const more = feast.people - eaters.length - feast.guests.length;
  const who = [
    ...eaters.map((e) => e.name),
    ...feast.guests.map((g) => g.name),
    more > 0 ? `${more} more` : null,
  ].filter(Boolean);
  return (
    <>
      <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
        <div className="min-w-0">
          <PageTitle of={[feast.name, 'Feasts']} />
          <h1 className="text-3xl leading-tight" dir="auto">
            {feast.name}
          </h1>
          <p className="max-w-prose text-soft">
            {feast.day === null ? 'no day yet' : formatDay(feast.day)}, for {feast.people}: {who.join(', ')}
          </p>
        </div>
        <div className="no-print flex flex-wrap items-center gap-2">
          <button type="button" className="btn btn-small" onClick={() => setChanging(true)}>
            Name, day, guests
          </button>
          <UndoButtons
            undo={undo?.label ?? (shown.earlier ? '' : null)}
            redo={redo?.label ?? null}
            onUndo={() => void saved.undo()}
            onRedo={() => void saved.redo()}
          />
          <button
            type="button"
            className="btn btn-plain btn-small"
            onClick={() => void copyToClipboard(text, 'The feast is copied as text.', null)}
          >
            <Copy size={18} aria-hidden="true" /> Copy as text
          </button>
          {feast.dishes.length > 0 && (
            <Link
              className="btn btn-plain btn-small"
              to={`/h/${household.id}/recipes/together?of=feast&id=${feast.id}`}
            >
              <Share2 size={18} aria-hidden="true" /> Pass it on
            </Link>
          )}
          <button type="button" className="btn btn-plain btn-small" onClick={() => window.print()}>
            <Printer size={18} aria-hidden="true" /> Print
          </button>
          <SaveState shown={shown} />
        </div>
      </div>
      <SaveQuestion saved={saved} shown={shown} what="This feast" />
      {changing && <FeastDialog feast={feast} change={change} onClose={() => setChanging(false)} />}
    </>
  );
}
