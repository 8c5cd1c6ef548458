/** What something costs, in the household's money. @example formatPrice(5.2) // '5.20' */
export const formatPrice = (price: number): string => price.toFixed(2);
