import type { Food } from './food.ts';

/**
 * What of a food as it is bought is eaten, by weight: common practice, and the refuse of public-domain US reference
 * tables, from memory. The first pattern that fits the id decides.
 */
const EDIBLE: ReadonlyArray<readonly [RegExp, number]> = [
  [/^banana|^plantain/, 0.64],
  [/^apple$|^pear$/, 0.9],
  [/^orange$|^grapefruit/, 0.7],
  [/^(?:peach|plum|apricot|cherry)/, 0.92],
  [/^mango/, 0.69],
  [/^pineapple$/, 0.51],
  [/^melon|^papaya/, 0.6],
  [/^avocado/, 0.74],
  [/^pomegranate/, 0.56],
  [/^(?:onion|garlic|carrot|beetroot|turnip|swede|kohlrabi|celeriac|parsnip)/, 0.88],
  [/^(?:pumpkin|squash)/, 0.72],
  [/^sweetcorn/, 0.36],
  [/^(?:peas|edamame|lima)/, 0.4],
  [/^(?:walnuts|almonds|hazelnuts|pecans|pistachios|macadamias)/, 0.45],
  [/^peanuts/, 0.7],
  [/^chestnuts/, 0.78],
  [/^chicken-wing/, 0.55],
  [/^chicken-(?:thigh|leg|drumstick)/, 0.8],
  [/^chicken-breast/, 0.84],
  [/^(?:chicken|duck|turkey|rotisserie)/, 0.68],
  [/^(?:pork-ribs|beef-short-ribs)/, 0.7],
  [/^(?:beef|lamb|veal|pork|ham-steak)/, 0.8],
  [/^prawns/, 0.6],
  [/^(?:mussels|crab|scallops)/, 0.25],
  [/^(?:trout|mackerel|cod|salmon|sea-bass|catfish)/, 0.55],
  [/^(?:oysters|clams)/, 0.2],
  [/^lobster/, 0.3],
  [/^egg$/, 0.88],
];

/** Words that say a weight was taken with what is thrown away. */
const WITH_REFUSE =
  /\bunpeeled\b|\bwith (?:the |its |their )?(?:peel|skins?|bones?|shells?|stones?|pits?|rind)\b|\bin (?:the |their )?(?:shells?|pods?|husks?)\b|\bshell-on\b|\bbone-in\b|\bunshelled\b|\bas bought\b|\bon the (?:bone|cob)\b/i;
/** A whole bird or fish weighs with its bones. */
const WHOLE = /\b(?:whole|roasting)\b|^\s*(?:1|one|an?) (?:large |small )?turkey\b/i;
const SOLD_WHOLE = /^(?:chicken-whole|duck-skin|turkey-whole|trout$|mackerel$|sea-bass|cod$|salmon$)/;
/** Sold with the bone in it; what is boneless says so. */
const ON_THE_BONE = /^(?:chicken-wing|pork-ribs|beef-short-ribs|lamb-chop)/;
const BONELESS = /\bbone(?:less|d)\b|\bfillets?\b|\bmeat\b/i;
/** Foods that are eaten with their skin, and whose values hold with it. */
const EATEN_WITH_SKIN = /^(?:potato|sweet-potato|chicken-.*skin|courgette|aubergine|cucumber)/;

/**
 * The share of a weight that is eaten, when a line's words say it was weighed with peel, bone or shell; null when they
 * do not, or when nothing of the food is thrown away.
 *
 * @example edibleShare(banana, '500 g bananas, unpeeled') // 0.64
 */
export function edibleShare(food: Pick<Food, 'id'>, words: string): number | null {
  const m = WITH_REFUSE.exec(words);
  const withBones =
    !BONELESS.test(words) && (ON_THE_BONE.test(food.id) || (WHOLE.test(words) && SOLD_WHOLE.test(food.id)));
  if (m === null && !withBones) return null;
  if (m !== null && /peel|skin/i.test(m[0]) && EATEN_WITH_SKIN.test(food.id)) return null;
  return EDIBLE.find(([id]) => id.test(food.id))?.[1] ?? null;
}
