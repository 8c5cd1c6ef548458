import { ExternalLink } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { addressOf } from '../../contract/route.ts';
import { SHEET_API, type SheetLink } from '../../contract/sheet.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { readAnew } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { AddressPicture } from '../kit/address-picture.tsx';
import { Modal } from '../kit/modal.tsx';
import { sayError } from '../kit/say-error.ts';
import { copyToClipboard } from '../pass-on/copy-to-clipboard.ts';

const NO_SHEETS: readonly SheetLink[] = [];

/** The links that lead to sheets, each with what it is. */
export function SheetLinks() {
  const { household } = useHousehold();
  const h = household.id;
  const { data = NO_SHEETS } = useAnswer(SHEET_API.sheets, { h });
  const [fridge, setFridge] = useState<SheetLink | null>(null);
  const withdraw = async (link: SheetLink) => {
    try {
      await ask(SHEET_API.withdrawSheet, { h, id: link.id });
      await readAnew(addressOf(SHEET_API.sheets, { h }));
      toast('The link is withdrawn and leads nowhere now.');
    } catch (e) {
      sayError(e);
    }
  };
  if (data.length === 0) return null;
  return (
    <section aria-label="Links to sheets" className="mt-5">
      <h3 className="text-base">Links that were made</h3>
      <ul className="mt-1">
        {data.map((l) => (
          <li key={l.id} className="border-rule border-t py-3">
            <span className="block font-semibold [overflow-wrap:anywhere]">{l.title}</span>
            <span className="block text-soft text-sm">
              counted {formatDay(l.countedOn)}
              {l.until !== null && (l.runOut ? `, ran out ${formatDay(l.until)}` : `, until ${formatDay(l.until)}`)}
            </span>
            <span className="mt-2 flex flex-wrap gap-2">
              {!l.runOut && (
                <>
                  <a className="btn btn-small" href={l.url} target="_blank" rel="noreferrer">
                    <ExternalLink size={16} aria-hidden="true" /> Open
                  </a>
                  <button
                    type="button"
                    className="btn btn-small"
                    onClick={() => copyToClipboard(l.url, 'The link is copied.', null)}
                  >
                    Copy link
                  </button>
                  <button type="button" className="btn btn-small" onClick={() => setFridge(l)}>
                    QR code
                  </button>
                </>
              )}
              <button type="button" className="btn btn-plain btn-small" onClick={() => void withdraw(l)}>
                Withdraw
              </button>
            </span>
          </li>
        ))}
      </ul>
      {fridge !== null && (
        <Modal title="For the fridge" onClose={() => setFridge(null)}>
          <div className="grid justify-items-center">
            <AddressPicture of={fridge.url} />
            <p className="mt-2 [overflow-wrap:anywhere]">{fridge.url}</p>
          </div>
        </Modal>
      )}
    </section>
  );
}
