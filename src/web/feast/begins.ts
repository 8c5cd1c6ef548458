/**
 * Kept by the browser with the address of a feast that was only begun: loaded again it is begun again, and not missed,
 * for nobody told the server of it.
 */
export const BEGINS = { begins: true } as const;

/** Whether the address that is open is that of a feast that was only begun. */
export const isBegins = (state: unknown): boolean => (state as typeof BEGINS | null)?.begins === true;
