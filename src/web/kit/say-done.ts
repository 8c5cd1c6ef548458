import { toast } from 'sonner';
import { sayError } from './say-error.ts';

/** Says in passing what was done, with the way back. */
export function sayDone(words: string, undo?: () => Promise<unknown>): void {
  toast(words, undo === undefined ? {} : { action: { label: 'Undo', onClick: () => void undo().catch(sayError) } });
}
