import type { EaterDay } from '../day/eater-day.ts';
import type { Pin } from '../program/program.ts';
import type { Verdict } from '../swap/verdict.ts';

/** The key of what is known by two ids, such as a pin of a food under a program. */
export const pairId = (a: string, b: string): string => `${a}~${b}`;
/** The id of a pin. */
export const pinId = (p: Pick<Pin, 'foodId' | 'programId'>): string => pairId(p.foodId, p.programId);
/** The id of a verdict. */
export const verdictId = (v: Pick<Verdict, 'versionId' | 'eaterId'>): string => pairId(v.versionId, v.eaterId);

/** The id of what is said of a day. */
export const eaterDayId = (d: Pick<EaterDay, 'eaterId' | 'day'>): string => pairId(d.eaterId, d.day);
