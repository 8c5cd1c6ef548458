import type { SaveStatus } from './saved-document.ts';

/** How the state of saving is said, everywhere the same. */
export const SAVE_WORDS: Readonly<Record<SaveStatus, string>> = {
  saved: 'Saved',
  saving: 'Saving…',
  offline: 'Not saved yet: Imbiss cannot be reached. Your changes are kept here and sent when it is back.',
  conflict: 'Changed elsewhere',
  refused: 'Not saved',
};
