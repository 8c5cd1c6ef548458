import { type AnswerOf, type AnyRoute, type Ask, addressOf } from '../../contract/route.ts';
import { ask } from './api.ts';

/** An answer that came earlier than this is not what the server says now, ms. */
const FRESH_MS = 2_000;
const early = new Map<string, { readonly at: number; readonly answer: Promise<unknown> }>();

/**
 * Asks while a screen is still on its way, so that its answer is there, or nearly so, when the screen is. Whoever asks
 * the same first takes the answer; what nobody takes in time is asked again.
 */
export function askEarly<R extends AnyRoute>(route: R, given: Ask<R>): void {
  const address = addressOf(route, given);
  if (early.has(address)) return;
  const answer = ask(route, given);
  // What goes wrong is told to whoever takes it.
  answer.catch(() => {});
  early.set(address, { at: Date.now(), answer });
  setTimeout(() => early.delete(address), FRESH_MS);
}

/** The answer that was asked for early, once; null when there is none that is fresh. */
export function takeEarly<R extends AnyRoute>(address: string): Promise<AnswerOf<R>> | null {
  const found = early.get(address);
  early.delete(address);
  return found !== undefined && Date.now() - found.at < FRESH_MS ? (found.answer as Promise<AnswerOf<R>>) : null;
}
