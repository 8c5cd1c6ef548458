/**
 * Minutes as people say them.
 *
 * @example minutesSaid(95) // '1 h 35 min'
 */
export function minutesSaid(minutes: number): string {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / 60);
  const rest = whole - hours * 60;
  return [hours > 0 && `${hours} h`, (rest > 0 || hours === 0) && `${rest} min`].filter(Boolean).join(' ');
}
