import { type ChangeEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { EXCHANGE_API } from '../../contract/exchange-api.ts';
import { addressOf } from '../../contract/route.ts';
import { refresh } from '../data/queries.ts';
import { sendFile } from '../data/send-file.ts';
import { sayError } from '../kit/say-error.ts';

/** A household that was saved as a file elsewhere, begun with here. */
export function FromFile() {
  const navigate = useNavigate();
  const [at, setAt] = useState<{ readonly done: number; readonly total: number } | null>(null);
  const begin = async (e: ChangeEvent<HTMLInputElement>) => {
    const [file] = e.target.files ?? [];
    e.target.value = '';
    if (file === undefined) return;
    setAt({ done: 0, total: 1 });
    try {
      const told = (done: number, total: number) => setAt({ done, total });
      const { householdId } = await sendFile(addressOf(EXCHANGE_API.householdFromFile, {}), file, told);
      await refresh.households();
      navigate(`/h/${householdId}/recipes`);
    } catch (err) {
      sayError(err);
    }
    setAt(null);
  };
  return (
    <div className="mt-4">
      <label className="block max-w-md">
        <span className="label">or begin with a household that was saved as a file</span>
        <input
          type="file"
          accept=".zip,application/zip"
          className="field py-2"
          disabled={at !== null}
          onChange={(e) => void begin(e)}
        />
      </label>
      {at !== null && (
        <p className="mt-1 text-soft" role="status">
          Taking it in: {at.done} of {at.total}
        </p>
      )}
    </div>
  );
}
