import { Download } from 'lucide-react';
import { useState } from 'react';
import { EXCHANGE_API } from '../../contract/exchange-api.ts';
import { useHousehold } from '../context/household-context.ts';
import { askBytes } from '../data/ask-bytes.ts';
import { useAnswer } from '../data/use-answer.ts';
import { saveFile } from '../kit/save-file.ts';
import { sayError } from '../kit/say-error.ts';

/** The whole household as one file: what is in it, and what is not, before it is saved. */
export function CarryOut() {
  const { household } = useHousehold();
  const h = household.id;
  const { data } = useAnswer(EXCHANGE_API.aboutExport, { h });
  const [busy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    try {
      const { blob } = await askBytes(EXCHANGE_API.exportHousehold, { h });
      saveFile(`${household.name.replace(/[\\/:*?"<>|]+/g, ' ').trim() || 'household'}.zip`, blob, 'application/zip');
    } catch (e) {
      sayError(e);
    }
    setBusy(false);
  };
  return (
    <div>
      <p className="text-soft">
        Recipes with all their versions, foods, programs, people, feasts, boxes, days and pictures go into one file that
        another Imbiss takes in.
        {data && ` Now: ${data.recipes} recipes, ${data.pictures} pictures, ${data.days} things on days.`}
      </p>
      {data && <p className="mt-1 text-soft text-sm">Not in it: {data.without.join('; ')}.</p>}
      <button type="button" className="btn mt-2" disabled={busy} onClick={() => void save()}>
        <Download size={18} aria-hidden="true" /> {busy ? 'Packing…' : 'Save the household as a file'}
      </button>
    </div>
  );
}
