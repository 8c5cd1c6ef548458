import { EaterSchema } from '../../contract/household.ts';
import { EATER_KIND } from '../../core/documents/document-kinds.ts';
import { invalid } from '../../core/errors.ts';
import type { Eater } from '../../core/table/table.ts';
import { programsOf } from './programs.ts';
import { recountAll } from './recount.ts';
import { rowShelf } from './row-shelf.ts';
import { because } from './scope.ts';
import { toJson } from './stored.ts';

/** The people of the household. Removing one keeps the place at the table, the verdicts and the history. */
export const EATERS = rowShelf<Eater, 'eater'>({
  name: 'eaters',
  what: 'eater',
  kind: EATER_KIND,
  schema: EaterSchema,
  first: 1,
  table: 'eater',
  keys: (id) => ({ id }),
  read: (r) =>
    EaterSchema.parse({
      id: r.id,
      name: r.name,
      programId: r.program_id,
      exceptions: JSON.parse(r.exceptions),
      allowance: r.allowance,
      allergies: JSON.parse(r.allergies),
      avoids: JSON.parse(r.avoids),
      ratherNot: JSON.parse(r.rather_not),
      notOnTop: JSON.parse(r.not_on_top),
      standing: JSON.parse(r.standing),
    }),
  columns: (e) => ({
    name: e.name,
    program_id: e.programId,
    exceptions: toJson(e.exceptions),
    allowance: e.allowance,
    allergies: toJson(e.allergies),
    avoids: toJson(e.avoids),
    rather_not: toJson(e.ratherNot),
    not_on_top: toJson(e.notOnTop),
    standing: toJson(e.standing),
  }),
  begin: async (s) => {
    const last = await s.db
      .selectFrom('eater')
      .select((e) => e.fn.max('position').as('p'))
      .where('household_id', '=', s.householdId)
      .executeTakeFirst();
    return { position: Number(last?.p ?? 0) + 1 };
  },
  check: async (s, _id, eater) => {
    const programs = await programsOf(s);
    if (eater.programId !== null && !programs.some((p) => p.id === eater.programId))
      throw invalid('There is no such program.', `Choose one of ${programs.map((p) => p.name).join(', ')}, or none.`);
  },
  follow: async (s, _id, before, after) => {
    const counts = (e: Eater | null) =>
      e === null ? null : toJson([e.programId, e.exceptions, e.allergies, e.avoids]);
    if (counts(before) === counts(after)) return;
    const { id, name, programId } = (after ?? before)!;
    const program = (await programsOf(s)).find((p) => p.id === programId)?.name;
    const words =
      before?.programId !== after?.programId
        ? program === undefined || after === null
          ? `${name} does not count any more`
          : `${name} counts by ${program}`
        : `The own list of ${name} was changed`;
    because(s, { kind: 'eater', ref: id, words });
    await recountAll(s);
  },
});

/** Everyone at the table, in its order. */
export const eatersOf = (s: Parameters<typeof EATERS.all>[0]) => EATERS.all(s, 'position');
