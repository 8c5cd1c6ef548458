const KEY = 'imbiss-household';

/** The household that was open last on this device. */
export const lastHousehold = (): string | null => localStorage.getItem(KEY);
export const rememberHousehold = (id: string): void => localStorage.setItem(KEY, id);
