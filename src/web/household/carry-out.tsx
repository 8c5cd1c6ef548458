import { Download } from 'lucide-react';
import { useState } from 'react';
import { EXCHANGE_API } from '../../contract/exchange-api.ts';
import { useHousehold } from '../context/household-context.ts';
import { askBytes } from '../data/ask-bytes.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Picker } from '../kit/picker.tsx';
import { saveFile } from '../kit/save-file.ts';
import { sayError } from '../kit/say-error.ts';

const WHOLE_HOUSEHOLD = 'all';
const PART_CHOICES = [
  { value: WHOLE_HOUSEHOLD, words: 'the whole household' },
  { value: 'recipes', words: 'recipes, with their foods and pictures' },
  { value: 'programs', words: 'own programs' },
  { value: 'foods', words: 'own foods' },
  { value: 'swaps', words: 'own swaps, with own foods' },
  { value: 'feasts', words: 'feasts, with their recipes' },
];

/** The whole household as one file: what is in it, and what is not, before it is saved. */
export function CarryOut() {
  const { household } = useHousehold();
  const h = household.id;
  const { data } = useAnswer(EXCHANGE_API.aboutExport, { h });
  const [busy, setBusy] = useState(false);
  const [part, setPart] = useState<string>(WHOLE_HOUSEHOLD);
  const save = async () => {
    setBusy(true);
    try {
      const query = part === WHOLE_HOUSEHOLD ? {} : { only: part };
      const { blob } = await askBytes(EXCHANGE_API.exportHousehold, { h, query });
      const name = household.name.replace(/[\\/:*?"<>|]+/g, ' ').trim() || 'household';
      saveFile(`${part === WHOLE_HOUSEHOLD ? name : `${name} ${part}`}.zip`, blob, 'application/zip');
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
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <Picker label="What goes into it" value={part} choices={PART_CHOICES} onPick={setPart} />
        <button type="button" className="btn" disabled={busy} onClick={() => void save()}>
          <Download size={18} aria-hidden="true" /> {busy ? 'Packing…' : 'Save as a file'}
        </button>
      </div>
    </div>
  );
}
