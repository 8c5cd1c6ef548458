import { formatDistanceToNow, parseISO } from 'date-fns';
import { API } from '../../contract/api.ts';
import { ask } from '../data/api.ts';
import { useBackups, useSession, useUnreadable } from '../data/queries.ts';
import { sayError } from '../kit/say-error.ts';
import { forgetKept } from '../offline/keep-offline.ts';

/** An older backup than this is worth a word, ms. */
const OLD_MS = 3 * 86_400_000;

/** How the household's data are kept: backups by the clock, and who is logged in. */
export function Keeping() {
  const { data: backups } = useBackups();
  const { data: session } = useSession();
  const { data: unreadable = [] } = useUnreadable();
  const last = backups?.[0];
  const age = last === undefined ? null : Date.now() - parseISO(last.at).getTime();
  const leave = async (everywhere: boolean) => {
    try {
      await ask(everywhere ? API.logOutEverywhere : API.logOut, {});
      // Nobody who logs out leaves behind what was kept for the stove.
      await forgetKept();
      window.location.assign('/');
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <section aria-label="Safe keeping" className="mt-8">
      <h2 className="text-xl">Safe keeping</h2>
      {backups !== undefined && (
        <p className={`mt-1 ${age === null || age > OLD_MS ? 'text-mustard' : 'text-soft'}`}>
          {last === undefined
            ? 'No backup yet: the first is made tonight, while Imbiss runs.'
            : `The last backup was made ${formatDistanceToNow(parseISO(last.at), { addSuffix: true })}; ${backups.length === 1 ? 'it is the only one' : `${backups.length} are kept`}, in the folder "backups" beside the data.`}
        </p>
      )}
      {unreadable.length > 0 && (
        <p className="mt-1 text-beet" role="status">
          {unreadable.length === 1 ? 'One thing' : `${unreadable.length} things`} in the database cannot be read, and{' '}
          {unreadable.length === 1 ? 'is' : 'are'} left out everywhere: {unreadable.slice(0, 5).join(', ')}
          {unreadable.length > 5 ? ' …' : '.'} Nothing was thrown away. A backup from before has it: put it in place
          with <code>npm run -s imbiss -- restore FILE</code>
        </p>
      )}
      <p className="mt-1 text-soft text-sm">
        What is removed can be brought back for thirty days. A backup on another disk:{' '}
        <code>npm run -s imbiss -- backup FILE</code>
      </p>
      {session?.passphrase && (
        <p className="mt-3 flex flex-wrap gap-2">
          <button type="button" className="btn" onClick={() => leave(false)}>
            Log out on this device
          </button>
          <button type="button" className="btn" onClick={() => leave(true)}>
            Log out everywhere
          </button>
        </p>
      )}
    </section>
  );
}
