/** Where something stands on a picture, px from its upper left corner. */
export interface PhotoBox {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** A word as a recogniser of letters saw it. */
export interface RecognisedWord {
  readonly text: string;
  /** How sure the recogniser says it is, 0 to 100. */
  readonly sure: number;
  readonly box: PhotoBox;
}

/** A line as it was seen, its words from left to right. */
export interface RecognisedLine {
  readonly words: readonly RecognisedWord[];
  readonly box: PhotoBox;
}
