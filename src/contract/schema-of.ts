import type { z } from 'zod';
import type { Sendable } from './route.ts';

/** Whether two types are the same, both ways. */
type Same<A, B> = (<T>() => T extends A ? 1 : 2) extends <T>() => T extends B ? 1 : 2 ? true : false;
/** A type with its intersections written out, so that two ways to say the same compare as the same. */
type Flat<T> = T extends readonly (infer U)[]
  ? readonly Flat<U>[]
  : T extends object
    ? { readonly [K in keyof T]: Flat<T[K]> }
    : T;
interface Mismatch<Schema, Type> {
  readonly 'the schema and the type differ': readonly [Schema, Type];
}

/**
 * A schema of schemaOf a type of the core: the compiler refuses a field that only one of the two has. `satisfies` alone
 * would let the schema have more, and an annotation would let it have less.
 *
 * @example
 * export const PinSchema = schemaOf<Pin>()(z.object({ foodId: Id, … }))
 */
export const schemaOf =
  <T>() =>
  <S extends z.ZodType>(
    schema: Same<Flat<Sendable<z.output<S>>>, Flat<Sendable<T>>> extends true ? S : Mismatch<z.output<S>, T>,
  ): S =>
    schema as S;
