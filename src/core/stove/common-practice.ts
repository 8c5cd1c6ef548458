/** Who says what no paper says: what cooks know from each other. */
export const COMMON_PRACTICE = 'common practice';
