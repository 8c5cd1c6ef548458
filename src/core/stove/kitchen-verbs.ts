/** What is done in a kitchen, at the beginning of a clause: common words of steps. */
const KITCHEN_VERB =
  /^(?:then |and |now |gently |slowly )*(?:add|arrange|bake|beat|blend|boil|braise|bring|brown|brush|chill|chop|coat|combine|cook|cool|cover|cream|cut|dice|dip|drain|dredge|drop|dust|fill|flip|fold|freeze|fry|garnish|grate|grease|grill|heat|keep|knead|lay|layer|leave|let|line|make|marinate|mash|melt|microwave|mix|peel|place|poach|pour|press|prove|pull|put|reduce|remove|render|rest|return|rinse|rise|roast|roll|rub|saut[eé]|scatter|sear|season|serve|set|shake|shape|simmer|slice|soak|soften|spoon|spread|sprinkle|squeeze|stand|steam|stew|stir|strain|strew|sweat|swell|take|thaw|tip|toast|top|toss|turn|warm|wash|whisk|wrap)\b/i;

/** Whether words begin with something that is done: "simmer", "brown the onions". */
export const beginsWithVerb = (words: string): boolean => KITCHEN_VERB.test(words.trim());
