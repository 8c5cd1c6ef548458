/** How a pan is cut: across and along, or from its middle. */
export type PanCut =
  | { readonly shape: 'grid'; readonly rows: number; readonly columns: number }
  | { readonly shape: 'wedges'; readonly wedges: number };

/** How many pieces a cut makes. */
export const piecesOfCut = (cut: PanCut): number => (cut.shape === 'wedges' ? cut.wedges : cut.rows * cut.columns);

/** @example cutWords({ shape: 'grid', rows: 3, columns: 4 }) // 'cut into 3 by 4' */
export const cutWords = (cut: PanCut): string =>
  cut.shape === 'wedges' ? `cut into ${cut.wedges} wedges` : `cut into ${cut.rows} by ${cut.columns}`;
