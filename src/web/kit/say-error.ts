/** What went wrong, in words. */
export const errorWords = (e: unknown): string => (e instanceof Error ? e.message : String(e));

/** Says in passing what went wrong and what to do. */
export const sayError = (e: unknown): void => void import('sonner').then(({ toast }) => toast.error(errorWords(e)));
