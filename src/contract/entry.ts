import { z } from 'zod';
import { DOCUMENT_NAMES } from '../core/documents/document-names.ts';
import type { FieldChange } from '../core/history/field-change.ts';
import { Id, Words } from './primitives.ts';

/** The id of a document: of its own, or of the two things that it joins. */
export const DocumentId = z
  .string()
  .regex(/^[A-Za-z0-9][A-Za-z0-9-]{2,63}(~[A-Za-z0-9][A-Za-z0-9-]{2,63})?$/, 'is not an id');
export const DocumentNameSchema = z.enum(DOCUMENT_NAMES);

/** An entry of any kind of document, by its changes. */
export const entrySchema = <C extends z.ZodType>(change: C) =>
  z.object({
    id: Id,
    label: Words(200),
    changes: z.array(change).min(1, 'changes nothing').max(800),
    undoes: Id.nullable(),
  });

const Path = z.array(z.string().min(1).max(130)).min(1).max(6);
export const JsonSchema = z.json();
const Anything = JsonSchema.optional();

/** One change of a document of fields. What it makes of the document is checked by the document's own schema. */
export const FieldChangeSchema: z.ZodType<FieldChange> = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('field'), path: Path, before: Anything, after: Anything }),
  z.object({
    kind: z.literal('item'),
    path: Path,
    id: z.string().max(130),
    before: Anything,
    after: Anything,
    index: z.int().min(0).max(1000),
  }),
  z.object({
    kind: z.literal('member'),
    path: Path,
    member: z.string().max(200),
    before: z.boolean(),
    after: z.boolean(),
  }),
]);

/** A state of a document that grows with every change of it. */
export const Revision = z.int().min(0).max(2_000_000_000);

/** An entry as the outbox sends it: with the revision of the document that it was made on. */
export const sentEntrySchema = <C extends z.ZodType>(change: C) =>
  z.object({ base: Revision, entry: entrySchema(change) });

/** Where two copies differ, in words. */
export const DifferenceSchema = z.object({ what: z.string(), here: z.string(), there: z.string() });

/**
 * A document as it is kept: its state, whether it was removed, and the last of its entries, oldest first.
 *
 * @param document the schema of the document itself
 */
export const keptSchema = <D extends z.ZodType, C extends z.ZodType>(document: D, change: C) =>
  z.object({
    document,
    revision: Revision,
    removed: z.boolean(),
    entries: z.array(entrySchema(change)),
    /** Whether there are entries before these. */
    earlier: z.boolean(),
  });

/** What the event stream of a household says: a document has a new state. */
export const ChangeNoteSchema = z.object({
  kind: z.union([DocumentNameSchema, z.enum(['foods', 'programs', 'cards', 'listing'])]),
  id: z.string(),
  revision: z.number(),
});
export type ChangeNote = z.infer<typeof ChangeNoteSchema>;
