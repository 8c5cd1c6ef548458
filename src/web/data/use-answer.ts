import useSWR, { type SWRConfiguration } from 'swr';
import { type AnswerOf, type AnyRoute, type Ask, addressOf } from '../../contract/route.ts';
import { ask } from './api.ts';

const ONCE: SWRConfiguration = { revalidateOnFocus: false, keepPreviousData: true };

/**
 * The answer of a route, kept under its address and shared by everything that asks the same.
 *
 * @param given null to ask nothing yet
 * @param options `again`: something that, when it changes, makes it another question
 */
export function useAnswer<R extends AnyRoute>(
  route: R,
  given: Ask<R> | null,
  { again = '', ...config }: SWRConfiguration & { readonly again?: string } = {},
) {
  const key = given === null ? null : again === '' ? addressOf(route, given) : [addressOf(route, given), again];
  return useSWR<AnswerOf<R>, Error>(key, () => ask(route, given!), { ...ONCE, ...config });
}
