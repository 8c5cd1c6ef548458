import { useEffect, useState } from 'react';
import { KEPT_CHANNEL, type KeptNote } from './kept-answers.ts';

/** Since when what is shown is as it was kept on this device; null while the network is there. */
export function useKept(): { readonly at: string | null } | null {
  const [kept, setKept] = useState<{ readonly at: string | null } | null>(null);
  useEffect(() => {
    if (typeof BroadcastChannel === 'undefined') return;
    const channel = new BroadcastChannel(KEPT_CHANNEL);
    channel.addEventListener('message', (e: MessageEvent<KeptNote>) =>
      setKept((was) => (e.data.from === 'network' ? null : (was ?? { at: e.data.at }))),
    );
    return () => channel.close();
  }, []);
  return kept;
}
