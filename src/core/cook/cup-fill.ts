/** How full a cup is. */
export const CUP_FILLS = ['level', 'scant', 'heaped'] as const;
export type CupFill = (typeof CUP_FILLS)[number];

/** Common practice: a scant cup lacks one of its sixteen tablespoons, a heaped one holds a quarter more. */
const LEVEL: Readonly<Record<CupFill, number>> = { level: 1, scant: 15 / 16, heaped: 1.25 };

/** How many level cups so many cups are, as they were filled. */
export const levelCups = (cups: number, fill: CupFill): number => cups * LEVEL[fill];
