import type { PhotoBox, RecognisedLine } from './recognised.ts';

/** The second look at a picture is at a smaller one, by this: other letters blur into each other there. */
export const SECOND_LOOK = 0.75;

/** What the second look saw, in the places of the first. */
export const inFirstSize = (lines: readonly RecognisedLine[]): RecognisedLine[] =>
  lines.map(({ words, box }) => ({
    box: larger(box),
    words: words.map((w) => ({ ...w, box: larger(w.box) })),
  }));

const larger = ({ left, top, right, bottom }: PhotoBox): PhotoBox => ({
  left: left / SECOND_LOOK,
  top: top / SECOND_LOOK,
  right: right / SECOND_LOOK,
  bottom: bottom / SECOND_LOOK,
});
