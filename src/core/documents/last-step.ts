/** The innermost field of a path; '' for none. */
export const lastStep = (path: readonly string[]): string => path[path.length - 1] ?? '';
