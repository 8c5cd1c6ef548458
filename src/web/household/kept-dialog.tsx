import { useState } from 'react';
import { WEEK_API } from '../../contract/week-api.ts';
import type { Eater } from '../../core/table/table.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refreshAfter } from '../data/queries.ts';
import { Check } from '../kit/check.tsx';
import { Modal } from '../kit/modal.tsx';
import { saveFile } from '../kit/save-file.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';

/** What is kept about somebody: to be taken along, or to be forgotten. */
export function KeptDialog({ eater, onClose }: { readonly eater: Eater; readonly onClose: () => void }) {
  const { household } = useHousehold();
  const [sure, setSure] = useState(false);
  const save = async () => {
    const kept = await ask(WEEK_API.keptOf, { h: household.id, id: eater.id });
    saveFile(`kept-of-${eater.name}.json`, JSON.stringify(kept, null, 2), 'application/json');
  };
  const forget = async () => {
    const gone = await ask(WEEK_API.forgetDays, { h: household.id, id: eater.id });
    await refreshAfter(household.id, null);
    onClose();
    sayDone(`Forgotten: ${gone.entries} things on days, ${gone.verdicts} verdicts, a name on ${gone.boxes} boxes.`);
  };
  return (
    <Modal title={`What is kept about ${eater.name}`} onClose={onClose}>
      <p>Days with what was eaten, verdicts, plates, and the name on boxes.</p>
      <button type="button" className="btn mt-3" onClick={() => void save().catch(sayError)}>
        Save all of it as a file
      </button>
      <div className="mt-6 border-rule border-t pt-3">
        <p>
          Forgetting takes away all days, all verdicts and the name on boxes, for good: there is no way back but a
          backup. The recipes, what was cooked and the boxes stay, and so does {eater.name} at the table.
        </p>
        <Check checked={sure} onCheck={setSure}>
          Yes, forget it for good
        </Check>
        <button type="button" className="btn mt-1" disabled={!sure} onClick={() => void forget().catch(sayError)}>
          Forget the days of {eater.name}
        </button>
      </div>
    </Modal>
  );
}
