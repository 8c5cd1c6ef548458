import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import { regionOf } from '../../core/region/region.ts';
import { ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { sayError } from '../kit/say-error.ts';

/** Opens an empty household beside the demo. */
export function StartOwn({ className = 'btn btn-main' }: { className?: string }) {
  const navigate = useNavigate();
  const start = async () => {
    const id = uuid();
    try {
      const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
      await ask(API.addHousehold, { body: { id, name: 'My household', zone, region: regionOf(navigator.languages) } });
      await refresh.households();
      navigate(`/h/${id}/household`);
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <button type="button" className={className} onClick={start}>
      Start my own
    </button>
  );
}
