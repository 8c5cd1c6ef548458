import { z } from 'zod';
import { Id } from './primitives.ts';

export const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;
export type Method = (typeof METHODS)[number];

/** The names behind a colon in a path: `'/feasts/:id/take'` has `id`. */
export type NamesIn<P extends string> = P extends `${string}:${infer N}/${infer Rest}`
  ? N | NamesIn<`/${Rest}`>
  : P extends `${string}:${infer N}`
    ? N
    : never;

/** What the household's name in a path is called: the store behind it is looked up, and not parsed. */
export type HouseholdName = 'h';

/**
 * One way to ask the API: all that both ends, and the document of the API, have to know of it.
 *
 * @typeParam P - the path under `/api`, with names behind colons
 * @typeParam Q - the schema of the query
 * @typeParam B - the schema of the body, as the handler gets it
 * @typeParam A - the schema of the answer; null for 204
 */
export interface Route<
  P extends string = string,
  Q extends z.ZodType = z.ZodType,
  B extends z.ZodType = z.ZodType,
  A extends z.ZodType | null = z.ZodType | null,
> {
  readonly method: Method;
  readonly path: P;
  /** What it does, in a sentence. */
  readonly says: string;
  /** What the names in the path must be; an id where nothing is said. */
  readonly params?: Partial<Readonly<Record<Exclude<NamesIn<P>, HouseholdName>, z.ZodType<string>>>>;
  readonly query?: Q;
  readonly body?: B;
  /** What of the body the path says already, so that the body may leave it out. */
  readonly fromPath?: (params: Readonly<Record<NamesIn<P>, string>>) => object;
  readonly answer: A;
  /** Whether all of the answer was parsed by its schema when it was read: thousands of foods are not parsed twice. */
  readonly checkedWhenRead?: boolean;
  /** The media type of an answer that is bytes: a picture, a book, an archive. Its `answer` is null. */
  readonly bytes?: string;
  /** Whether something new comes of it (201). */
  readonly makes?: boolean;
  /** The revision of the answer, which goes out as its ETag. */
  readonly revision?: (answer: A extends z.ZodType ? z.output<A> : never) => number;
  /** Whether the answer never ends: server-sent events, each an answer. */
  readonly streams?: boolean;
  /** Whether the request names the revision that it changes (If-Match), or may. */
  readonly ifMatch?: 'needed' | 'possible';
}

// biome-ignore lint/suspicious/noExplicitAny: the revision of an answer is read by the route's own type alone
export type AnyRoute = Route<string, z.ZodType, z.ZodType, any>;

/**
 * Writes a route down, schemaOf typed.
 *
 * @example
 * route({ method: 'GET', path: '/households/:h/stock', says: 'What is in the house.', answer: StockSchema })
 */
export const route = <
  const P extends string,
  Q extends z.ZodType = z.ZodUndefined,
  B extends z.ZodType = z.ZodUndefined,
  A extends z.ZodType | null = null,
>(
  r: Route<P, Q, B, A>,
): Route<P, Q, B, A> => r;

export type ParamsOf<R extends AnyRoute> = Readonly<Record<NamesIn<R['path']>, string>>;
export type QueryOf<R extends AnyRoute> = z.output<NonNullable<R['query']>>;
export type BodyOf<R extends AnyRoute> = z.output<NonNullable<R['body']>>;
// biome-ignore lint/suspicious/noConfusingVoidType: it is what a handler returns
export type AnswerOf<R extends AnyRoute> = R['answer'] extends z.ZodType ? z.output<R['answer']> : void;

/** What an answer is made from: the same, with nothing in it that is going to be changed. */
export type Sendable<T> = T extends readonly (infer U)[]
  ? readonly Sendable<U>[]
  : T extends object
    ? { readonly [K in keyof T]: Sendable<T[K]> }
    : T;

/** What a schema takes in; where it only says what comes out, that. */
type Given<S extends z.ZodType> = unknown extends z.input<S> ? z.output<S> : z.input<S>;
type AskPart<K extends string, T> = undefined extends T ? object : { readonly [N in K]: Sendable<T> };

/** What a client gives to ask: the names in the path; query, body and revision where the route has them. */
export type Ask<R extends AnyRoute> = ParamsOf<R> &
  AskPart<'query', Given<NonNullable<R['query']>>> &
  AskPart<'body', Given<NonNullable<R['body']>>> & { readonly ifMatch?: number };

/** The schema of a name in a path. */
export const paramSchema = (r: AnyRoute, name: string): z.ZodType<string> =>
  (r.params as Readonly<Record<string, z.ZodType<string>>> | undefined)?.[name] ?? (name === 'h' ? z.string() : Id);

/** The names in a path, in order. */
export const namesIn = (path: string): string[] => [...path.matchAll(/:(\w+)/g)].map((m) => m[1]!);

/**
 * The address of a route under `/api`.
 *
 * @example
 * addressOf(API.recipe, { h: 'home', id: 'soup' }) // '/households/home/recipes/soup'
 */
export function addressOf(r: AnyRoute, ask: object): string {
  const given = ask as Readonly<Record<string, unknown>>;
  const path = r.path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(String(given[name])));
  const query = new URLSearchParams();
  for (const [name, value] of Object.entries(given.query ?? {}))
    if (value !== undefined && value !== null) query.set(name, String(value));
  return query.size === 0 ? path : `${path}?${query}`;
}
