/** What stands in front of a line. */
export type LineMark = 'heading' | 'bullet' | 'number' | null;

/** A line of a page without what was around its words: quote marks, bullets, emphasis, characters of a picture. */
export interface PageLine {
  readonly text: string;
  readonly mark: LineMark;
  /** The number in front of it, where there is one. */
  readonly number: number | null;
  /** Whether it stands apart from the line before. */
  readonly gap: boolean;
}
