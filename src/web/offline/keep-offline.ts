import { KEPT_ANSWERS_IN } from './kept-answers.ts';

/** Whether a browser may keep the page for when the network is gone: only over https, or on the machine itself. */
export const keepsOffline = (): boolean => window.isSecureContext && 'serviceWorker' in navigator;

let begun = false;

/**
 * Keeps the application and what was asked of the open cook on this device, where the browser lets it.
 *
 * @returns whether it does: of a certificate that it does not trust it keeps nothing
 */
export async function keepOffline(): Promise<boolean> {
  if (!keepsOffline() || import.meta.env.DEV) return false;
  try {
    if (!begun) await navigator.serviceWorker.register('/offline-worker.js');
    begun = true;
    const { active } = await navigator.serviceWorker.ready;
    const keep = performance
      .getEntriesByType('resource')
      .map((e) => e.name)
      .filter((name) => name.includes('/api/'));
    active?.postMessage({ keep });
    return true;
  } catch {
    // A browser that keeps nothing cooks all the same.
    return false;
  }
}

/** Forgets what was kept of the household on this device. */
export async function forgetKept(): Promise<void> {
  if (typeof caches !== 'undefined') await caches.delete(KEPT_ANSWERS_IN).catch(() => false);
}
