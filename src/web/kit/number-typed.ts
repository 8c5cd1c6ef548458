/** A number as it was typed; null for nothing or for what is none. */
export const numberTyped = (text: string): number | null => {
  const n = text.trim() === '' ? Number.NaN : Number(text.replace(',', '.'));
  return Number.isFinite(n) && n >= 0 ? n : null;
};
