import type { FeastPlate } from '../feast/count-feast.ts';
import { certaintyWords, formatPoints } from '../program/format-points.ts';
import type { Program } from '../program/program.ts';
import { formatDay } from '../quantity/format-day.ts';

/** A feast as it is passed on. */
export interface FeastToTell {
  readonly name: string;
  /** YYYY-MM-DD; null when nobody said. */
  readonly day: string | null;
  readonly people: number;
  readonly dishes: readonly {
    readonly title: string;
    /** null for one as it is written, and for what was bought. */
    readonly version: string | null;
    /** On each plate, in the order of the programs; null where nothing of it is. */
    readonly points: readonly (number | null)[];
  }[];
  readonly plates: readonly FeastPlate[];
  readonly programs: readonly Pick<Program, 'mark' | 'name'>[];
}

/** A feast as text to paste under a post: every dish with its points on every plate, then the plates. */
export function feastText({ name, day, people, dishes, plates, programs }: FeastToTell): string {
  const out = [name, [day === null ? null : formatDay(day), `for ${people}`].filter(Boolean).join(', '), ''];
  for (const d of dishes) {
    const points = programs.flatMap((p, i) => {
      const own = d.points[i] ?? null;
      return own === null ? [] : [`${p.mark} ${formatPoints(own)}`];
    });
    out.push(
      `- ${d.title}${d.version === null ? '' : ` (${d.version})`}${points.length > 0 ? `: ${points.join(' · ')}` : ''}`,
    );
  }
  out.push('', 'The whole plate');
  programs.forEach((p, i) => {
    const plate = plates[i];
    if (plate === undefined) return;
    const sure = certaintyWords(plate);
    out.push(`${p.name} (${p.mark}): ${formatPoints(plate.points)}${sure ? `, ${sure}` : ''}`);
  });
  return out.join('\n');
}
