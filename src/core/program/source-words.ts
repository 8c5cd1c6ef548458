/** What a household has said that words of sources mean: the id of a program, or null for none of its own. */
export type SourceWords = Readonly<Record<string, string | null>>;
