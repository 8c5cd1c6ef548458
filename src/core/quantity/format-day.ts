import { format, parseISO } from 'date-fns';

/** A calendar day, YYYY-MM-DD, as people write it: 25 Nov 2026. */
export const formatDay = (day: string): string => format(parseISO(day), 'd MMM yyyy');
