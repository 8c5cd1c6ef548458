import { sayError } from '../kit/say-error.ts';

/** Opens what the device shares with; null where it has nothing for that. */
export const shareSheet: ((what: ShareData) => void) | null =
  typeof navigator !== 'undefined' && 'share' in navigator
    ? (what) => void navigator.share(what).catch((e: Error) => e.name !== 'AbortError' && sayError(e))
    : null;
