import { useEffect, useState } from 'react';
import { keepOffline, keepsOffline } from '../offline/keep-offline.ts';

/** Says what happens here where there is no network. */
export function OfflineHere() {
  const [keeps, setKeeps] = useState(keepsOffline);
  useEffect(() => void keepOffline().then(setKeeps), []);
  return (
    <p className="mt-2 text-soft text-sm">
      {keeps
        ? 'Once begun it is kept on this device: it goes on without network, and what is done joins when there is one.'
        : 'Keep this page open where there is no network: without a certificate that it trusts this browser cannot keep it for a reload. What is done waits here and is sent when there is one.'}
    </p>
  );
}
