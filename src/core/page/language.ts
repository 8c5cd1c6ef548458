import { PAGE_LANGUAGES, type PageLanguage } from './recipe-text.ts';

/** Words that stand on every page of a language and hardly on one of another. */
const SMALL_WORDS: Readonly<Record<PageLanguage | 'en', readonly string[]>> = {
  en: ['the', 'and', 'of', 'with', 'until', 'for', 'to', 'in', 'or', 'it', 'cup', 'add', 'serves', 'ingredients'],
  de: [
    'und',
    'der',
    'die',
    'das',
    'mit',
    'zum',
    'dem',
    'den',
    'in',
    'ein',
    'eine',
    'oder',
    'zutaten',
    'zubereitung',
    'für',
    'minuten',
    'dann',
  ],
  fr: [
    'le',
    'la',
    'les',
    'de',
    'du',
    'des',
    'et',
    'dans',
    'avec',
    'pour',
    'une',
    'un',
    'puis',
    'ingrédients',
    'préparation',
    'pendant',
  ],
  es: [
    'el',
    'la',
    'los',
    'las',
    'de',
    'y',
    'con',
    'para',
    'una',
    'un',
    'en',
    'ingredientes',
    'preparación',
    'durante',
    'hasta',
  ],
  it: [
    'il',
    'lo',
    'gli',
    'di',
    'e',
    'con',
    'per',
    'una',
    'un',
    'della',
    'ingredienti',
    'preparazione',
    'minuti',
    'fino',
  ],
  nl: ['de', 'het', 'een', 'en', 'met', 'van', 'voor', 'ingrediënten', 'bereiding', 'minuten', 'tot', 'uit'],
};
/** Fewer words than these tell nothing. */
const FEWEST = 5;

/** The language that a text is written in, where it is one of those that are told apart and not English. */
export function languageOf(text: string): PageLanguage | null {
  const counts = new Map<string, number>();
  for (const word of text
    .slice(0, 20_000)
    .toLowerCase()
    .match(/\p{L}+/gu) ?? [])
    counts.set(word, (counts.get(word) ?? 0) + 1);
  const weight = (language: PageLanguage | 'en'): number =>
    SMALL_WORDS[language].reduce((n, w) => n + (counts.get(w) ?? 0), 0);
  const best = PAGE_LANGUAGES.reduce((a, b) => (weight(b) > weight(a) ? b : a));
  return weight(best) >= FEWEST && weight(best) > 1.5 * weight('en') ? best : null;
}
