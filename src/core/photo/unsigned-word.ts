/** A word without the brackets, quotes and stops around it. */
export const unsigned = (word: string): string => word.replace(/^[("']+|[)"',;:.]+$/g, '');

/** Measures that nobody writes without an amount in front. */
const MEASURE = /^(?:cups?|tsps?|tbsps?|oz|lbs?|g|kg|ml|dl|cl|teaspoons?|tablespoons?|ounces?|pounds?|grams?)\.?$/i;
/** Whether a word is such a measure. */
export const isMeasure = (word: string): boolean => MEASURE.test(unsigned(word));
