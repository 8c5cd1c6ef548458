/** How long something keeps, and who says so. */
export interface StorageLimit {
  readonly days: number;
  readonly words: string;
  readonly source: string;
}
