const two = (n: number): string => String(n).padStart(2, '0');

/**
 * Seconds as a timer shows them.
 *
 * @example clockWords(3852) // '1:04:12'
 */
export function clockWords(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  const hours = Math.floor(whole / 3600);
  const rest = `${hours > 0 ? two(Math.floor((whole % 3600) / 60)) : Math.floor((whole % 3600) / 60)}:${two(whole % 60)}`;
  return hours > 0 ? `${hours}:${rest}` : rest;
}
