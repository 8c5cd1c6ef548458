/**
 * When fresh produce is at its best out of doors in a temperate northern garden, by month, 1 to 12. Common practice,
 * from memory; elsewhere and under glass it is another.
 */
const SEASONS: ReadonlyArray<readonly [RegExp, readonly number[]]> = [
  [/^asparagus/, [4, 5, 6]],
  [/^(?:rhubarb)/, [4, 5, 6]],
  [/^(?:strawberr)/, [5, 6, 7]],
  [/^(?:cherr)/, [6, 7]],
  [/^(?:peas|broad-bean|fava)/, [6, 7, 8]],
  [/^(?:raspberr|blueberr|currant|redcurrant|blackcurrant|gooseberr)/, [6, 7, 8, 9]],
  [/^(?:apricot|peach|nectarine)/, [7, 8, 9]],
  [/^(?:courgette|zucchini|cucumber|green-bean|runner-bean)/, [6, 7, 8, 9]],
  [/^(?:tomato$|tomatoes|cherry-tomato|aubergine|bell-pepper|pepper-)/, [7, 8, 9, 10]],
  [/^(?:sweetcorn|corn-on)/, [8, 9]],
  [/^(?:plum|damson)/, [8, 9, 10]],
  [/^(?:blackberr)/, [8, 9]],
  [/^(?:grapes|fig)/, [8, 9, 10]],
  [/^(?:pumpkin|squash|butternut)/, [9, 10, 11, 12, 1, 2]],
  [/^(?:apple|pear|quince)/, [8, 9, 10, 11, 12, 1, 2, 3]],
  [/^(?:leek|parsnip|celeriac|swede|kohlrabi)/, [9, 10, 11, 12, 1, 2, 3]],
  [/^(?:kale|brussels|cabbage-red|cabbage-savoy|savoy)/, [10, 11, 12, 1, 2]],
  [/^(?:cabbage|white-cabbage)/, [7, 8, 9, 10, 11, 12, 1, 2, 3]],
  [/^(?:spinach|chard)/, [4, 5, 6, 9, 10]],
  [/^(?:lettuce|radish|rocket)/, [4, 5, 6, 7, 8, 9, 10]],
  [/^(?:beetroot|carrot|turnip)/, [6, 7, 8, 9, 10, 11, 12, 1, 2, 3]],
  [/^(?:cauliflower|broccoli)/, [6, 7, 8, 9, 10, 11]],
  [/^(?:chestnut|mushroom-wild|chanterelle|cep)/, [9, 10, 11]],
];

/** The months in which a food is in season; null for what knows no season here. */
export const monthsOf = (foodId: string): readonly number[] | null =>
  SEASONS.find(([id]) => id.test(foodId))?.[1] ?? null;

/** Whether what a dish is made of is in season: all of it that knows one, and some of it at least. */
export function isInSeason(foodIds: readonly string[], month: number): boolean {
  return foodIds.some((id) => monthsOf(id) !== null) && foodIds.every((id) => monthsOf(id)?.includes(month) ?? true);
}
