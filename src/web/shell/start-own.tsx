import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { v7 as uuid } from 'uuid';
import { request } from '../data/api.ts';
import { refresh } from '../data/queries.ts';

/** Opens an empty household beside the demo. */
export function StartOwn({ className = 'btn btn-main' }: { className?: string }) {
  const navigate = useNavigate();
  const start = async () => {
    const id = uuid();
    try {
      await request('POST', '/households', {
        id,
        name: 'My household',
        zone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
      });
      await refresh.households();
      navigate(`/h/${id}/household`);
    } catch (e) {
      toast.error(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <button type="button" className={className} onClick={start}>
      Start my own
    </button>
  );
}
