/** Under which a cook keeps that a line went in at a step. A step alone is kept under its id. */
export const tickOf = (stepId: string, originLineId: string): string => `${stepId}~${originLineId}`;
