import { NO_TIMES, type TimesSaid } from './recipe-text.ts';

const TIME_LABELLED =
  /^(prep(?:aration)?|active|hands[- ]on|cook(?:ing)?|bak(?:e|ing)|simmer(?:ing)?|total|ready in|start to finish|vorbereitungszeit|zubereitungszeit|kochzeit|backzeit|gesamtzeit|arbeitszeit)(?: ?times?)?\s*[:=-]?\s*(?:about |ca\.? )?(?=\d|an? |one |half )((?:[\d\s.,–-]|an?\b|one\b|half\b|to\b|bis\b|and\b|plus\b|hours?|hrs?\.?|minutes?|mins?\.?|h\b|m\b|std\.?|stunden?|minuten|overnight|chilling|resting|rest|\([^)]{0,30}\)){1,24})$/i;
const KIND: ReadonlyArray<readonly [RegExp, keyof TimesSaid]> = [
  [/^(?:prep|active|hands|vorbereitung|arbeitszeit)/i, 'prep'],
  [/^(?:cook|bak|simmer|koch)/i, 'cook'],
  [/^(?:total|ready|start|zubereitung|gesamt)/i, 'total'],
];

/** The times that a line is about: "Prep Time: 10 mins", "25 minutes". Null when it is about something else. */
export function timesSaid(line: string): Partial<TimesSaid> | null {
  if (line.length > 80) return null;
  const m = TIME_LABELLED.exec(line);
  if (m === null) {
    const alone = minutesIn(line);
    return alone !== null &&
      /^[\d\s]+(?:hours?|hrs?|h|minutes?|mins?|min)[\s\d]*(?:minutes?|mins?|min)?\.?$/i.test(line)
      ? { total: alone }
      : null;
  }
  const minutes = minutesIn(m[2]!);
  const kind = KIND.find(([re]) => re.test(m[1]!))?.[1];
  return minutes === null || kind === undefined ? null : { [kind]: minutes };
}

/** Minutes that words say: "1 hr 15 min", "2 hours", "45 Minuten"; the middle of a range. Null for none. */
export function minutesIn(text: string): number | null {
  const amount = String.raw`(\d{1,3}(?:[.,]\d)?|an?|one|half an)(?:\s?(?:-|\u2013|to|bis)\s?(\d{1,3}))?`;
  const of = (unit: string): number | null => {
    const m = new RegExp(String.raw`${amount}\s?-?(?:${unit})\b`, 'i').exec(text);
    if (m === null) return null;
    const low = /^half/i.test(m[1]!) ? 0.5 : /^(?:an?|one)$/i.test(m[1]!) ? 1 : Number(m[1]!.replace(',', '.'));
    return m[2] === undefined ? low : (low + Number(m[2])) / 2;
  };
  const hours = of('hours?|hrs?|h|std|stunden?');
  const minutes = of('minutes?|mins?|min|m|minuten');
  return hours === null && minutes === null ? null : (hours ?? 0) * 60 + (minutes ?? 0);
}

/** The minutes of an ISO 8601 duration, as schema.org has them: "PT1H15M". Null for anything else. */
export function minutesOfDuration(text: string): number | null {
  const m = /^P(?:(\d{1,3})D)?(?:T(?:(\d{1,3})H)?(?:(\d{1,4})M)?(?:\d{1,5}S)?)?$/i.exec(text.trim());
  if (m === null) return null;
  const minutes = Number(m[1] ?? 0) * 24 * 60 + Number(m[2] ?? 0) * 60 + Number(m[3] ?? 0);
  return minutes === 0 ? null : minutes;
}

/** Times of which the first that says one holds. */
export const firstTimes = (said: ReadonlyArray<Partial<TimesSaid>>): TimesSaid =>
  said.reduce<TimesSaid>(
    (all, t) => ({
      prep: all.prep ?? t.prep ?? null,
      cook: all.cook ?? t.cook ?? null,
      total: all.total ?? t.total ?? null,
    }),
    NO_TIMES,
  );
