/** How a household talks, apart from its measures: American or British. Both are always read. */
export const REGIONS = ['us', 'gb'] as const;
export type Region = (typeof REGIONS)[number];

/** What the regions are called on screen. */
export const REGION_WORDS: Record<Region, { readonly name: string; readonly example: string }> = {
  us: { name: 'American', example: 'zucchini, ground beef, heavy cream, cornstarch' },
  gb: { name: 'British', example: 'courgette, minced beef, whipping cream, cornflour' },
};

/** Where English is spoken as in Britain, as far as a kitchen goes: subtags of ISO 3166. */
const BRITISH = new Set(['GB', 'IE', 'AU', 'NZ', 'ZA', 'IN', 'MT', 'SG', 'HK']);
/** Where it is spoken as in America. */
const AMERICAN = new Set(['US', 'CA', 'PH', 'PR']);

/**
 * The region that a browser's languages ask for: the first that names one. English without a country is American, other
 * languages read British English more often.
 *
 * @example regionOf(['de-AT', 'en-GB']) // 'gb'
 */
export function regionOf(languages: readonly string[]): Region {
  for (const language of languages) {
    const [tongue, ...rest] = language.split('-');
    if (tongue?.toLowerCase() !== 'en') continue;
    const country = rest.find((r) => /^[A-Za-z]{2}$/.test(r))?.toUpperCase();
    if (country === undefined || AMERICAN.has(country)) return 'us';
    if (BRITISH.has(country)) return 'gb';
  }
  return languages.length === 0 || languages.some((l) => /^en\b/i.test(l)) ? 'us' : 'gb';
}
