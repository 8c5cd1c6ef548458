const HOUSEHOLD_KEY = 'imbiss-household';

/** The household that was open last on this device. */
export const lastHousehold = (): string | null => localStorage.getItem(HOUSEHOLD_KEY);
export const rememberHousehold = (id: string): void => localStorage.setItem(HOUSEHOLD_KEY, id);
export const forgetHousehold = (): void => localStorage.removeItem(HOUSEHOLD_KEY);
