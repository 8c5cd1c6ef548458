/**
 * The answers that a cook needs at the stove and in the shop: who is at the table, the recipe, its foods and swaps, what
 * is cooked, pots and boxes, the week and the shopping lists. Nothing else is kept where there is no network: what is old would be taken for what is.
 */
const KEPT_ANSWERS =
  /^\/api\/(?:session$|households$|households\/[\w-]+(?:$|\/(?:recipes\/[\w-]+$|versions\/[\w-]+\/document$|cooks(?:$|\/[\w-]+\/document$)|stove$|vessels$|box-kinds$|boxes$|week$|(?:trips|preps)(?:$|\/[\w-]+\/document$)|buying$|swaps$|verdicts$|stock$|pantry$|foods(?:$|\/)|lists?\/)))/;

/** The cache that they are kept in. */
export const KEPT_ANSWERS_IN = 'imbiss-answers';

/** Whether an answer is kept for when there is no network. @param path of the address, without its query */
export const isKeptAnswer = (path: string): boolean => KEPT_ANSWERS.test(path);

/** On which the keeper says that it had to answer by what it kept, or that the network is there. */
export const KEPT_CHANNEL = 'imbiss-kept';

/** What the keeper says of an answer. */
export interface KeptNote {
  readonly from: 'network' | 'kept';
  /** When what was kept was answered, ISO 8601; null where nobody knows, or it is from the network. */
  readonly at: string | null;
}
