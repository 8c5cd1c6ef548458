import useSWR, { type SWRConfiguration, useSWRConfig } from 'swr';
import { type AnswerOf, type AnyRoute, type Ask, addressOf } from '../../contract/route.ts';
import { ask } from './api.ts';
import { takeEarly } from './early.ts';

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
  const address = given === null ? null : addressOf(route, given);
  const key = address === null || again === '' ? address : [address, again];
  const { cache } = useSWRConfig();
  // Only a first answer may have been asked for early: one that is read anew is wanted as it is now.
  const isFirst = () => typeof key === 'string' && cache.get(key)?.data === undefined;
  const read = () => (isFirst() ? takeEarly<R>(address!) : null) ?? ask(route, given!);
  return useSWR<AnswerOf<R>, Error>(key, read, { ...ONCE, ...config });
}
