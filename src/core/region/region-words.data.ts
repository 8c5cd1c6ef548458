/**
 * Words that differ, a pair a row: American | British. Longer ones stand before those that they hold. Tools, units and
 * ways of cooking are among them; foods that have a name of their own in a region are in FOOD_NAMES. Common practice.
 */
export const PAIRS = `
ground beef | minced beef
ground turkey | minced turkey
ground chicken | minced chicken
ground pork | minced pork
ground lamb | minced lamb
ground veal | minced veal
ground bison | minced bison
ground meat | minced meat
ground poultry | minced poultry
zucchini | courgettes
zucchini | courgette
eggplants | aubergines
eggplant | aubergine
green onions | spring onions
green onion | spring onion
arugula | rocket
rutabaga | swede
beets | beetroot
cilantro | coriander leaf
bell peppers | peppers
heavy cream | whipping cream
light cream | single cream
half-and-half | half cream half milk
sour cream | soured cream
skim milk | skimmed milk
evaporated skim | evaporated skimmed
whole-wheat | wholemeal
all-purpose flour | plain flour
self-rising | self-raising
cornstarch | cornflour
powdered sugar | icing sugar
french fries | oven chips
potato chips | potato crisps
shrimp | prawns
ladyfingers | sponge fingers
gelatin | gelatine
chilies | chillies
chili | chilli
soy drink | soya drink
soy protein | soya protein
canned | tinned
skillet | frying pan
cookie sheet | baking tray
baking sheet | baking tray
parchment paper | baking paper
paper towels | kitchen paper
plastic wrap | cling film
stovetop | hob
broiler | grill
broil | grill
broth | stock
`;

/** Foods with another name in a region: id | American | British. */
export const FOOD_NAMES = `
spring-onion | green onion | spring onion
pepper-bell-red | bell pepper, red | pepper, red
pepper-bell-green | bell pepper, green | pepper, green
chilli-fresh | chili pepper, fresh | chilli, fresh
chinese-cabbage | napa cabbage | Chinese leaf
pak-choi | bok choy | pak choi
chard | Swiss chard | chard
rocket | arugula | rocket
courgette | zucchini | courgette
aubergine | eggplant | aubergine
beetroot | beets | beetroot
beetroot-cooked | beets, cooked | beetroot, cooked
swede | rutabaga | swede
sweetcorn | corn kernels | sweetcorn kernels
sweetcorn-canned | corn, canned, drained | sweetcorn, tinned, drained
sweetcorn-frozen | corn, frozen | sweetcorn, frozen
sweetcorn-cream | corn, cream style, canned | sweetcorn, cream style, tinned
baby-corn | baby corn, canned, drained | baby corn, tinned, drained
tomato-puree | tomato purée, plain | passata
tomato-paste | tomato paste | tomato paste
coriander-leaf | cilantro | coriander leaf
lettuce-romaine | romaine lettuce | cos lettuce
chips-frozen | french fries, frozen | oven chips, frozen
chips-sweet-potato | sweet potato fries, frozen | sweet potato chips, frozen
crisps | potato chips | potato crisps
crisps-baked | potato chips, baked | potato crisps, baked
prawns | shrimp, peeled | prawns, peeled
prawns-cooked | shrimp, cooked | prawns, cooked
beef-ground-80 | beef, ground, 80 % lean | beef, minced, 80 % lean
beef-ground-85 | beef, ground, 85 % lean | beef, minced, 85 % lean
beef-ground-90 | beef, ground, 90 % lean | beef, minced, 90 % lean
beef-ground-93 | beef, ground, 93 % lean | beef, minced, 93 % lean
beef-ground-95 | beef, ground, 95 % lean | beef, minced, 95 % lean
beef-ground-cooked | ground beef, lean, cooked | minced beef, lean, cooked
turkey-ground-lean | turkey, ground, 93 % lean | turkey, minced, 93 % lean
turkey-ground-fatfree | turkey, ground, 99 % lean | turkey, minced, 99 % lean
turkey-ground-fat | turkey, ground, 85 % lean | turkey, minced, 85 % lean
chicken-ground | chicken, ground | chicken, minced
chicken-breast-ground | chicken breast, ground | chicken breast, minced
pork-ground | pork, ground, 79 % lean | pork, minced, 79 % lean
pork-ground-lean | pork, ground, 96 % lean | pork, minced, 96 % lean
bison-ground | bison, ground | bison, minced
veal-ground | veal, ground | veal, minced
lamb-ground | lamb, ground | lamb, minced
bacon | bacon | bacon, streaky
bacon-back | Canadian bacon | bacon, back, trimmed
beef-fillet | beef tenderloin, lean | beef fillet, lean
pork-tenderloin | pork tenderloin, lean | pork fillet, lean
prosciutto | prosciutto | air-dried ham
liverwurst | liverwurst | liver sausage
black-pudding | blood sausage | black pudding
fish-fingers | fish sticks, frozen | fish fingers, frozen
cream-heavy | heavy cream | whipping cream
cream-double | cream, double | double cream
cream-light | light cream | single cream
cream-half | half-and-half | half cream half milk
cream-half-fatfree | half-and-half, fat-free | half cream half milk, fat-free
cream-sour | sour cream | soured cream
cream-sour-light | sour cream, light | soured cream, light
cream-sour-fatfree | sour cream, fat-free | soured cream, fat-free
milk-skim | skim milk | skimmed milk
milk-evaporated-skim | evaporated milk, skim | evaporated milk, skimmed
milk-powder-skim | milk powder, skim | milk powder, skimmed
soy-drink | soy drink, unsweetened | soya drink, unsweetened
textured-soya | textured soy protein | textured soya protein
chorizo-soya | soy chorizo | soya chorizo
edamame | soybeans, green, shelled | soya beans, green, shelled
flour-white | all-purpose flour | plain flour
flour-self-raising | self-rising flour | self-raising flour
flour-bread | bread flour | strong bread flour
flour-wholewheat | whole-wheat flour | wholemeal flour
cornflour | cornstarch | cornflour
cornmeal | cornmeal | maize meal
bread-wholewheat | bread, whole-wheat | bread, wholemeal
bread-light | bread, light whole-wheat | bread, light wholemeal
pitta | pita bread | pitta bread
pitta-whole | pita bread, whole-wheat | pitta bread, wholemeal
tortilla-wheat | flour tortilla | wheat tortilla
tortilla-corn | corn tortilla | maize tortilla
popcorn-kernels | popcorn kernels | popping maize
lasagne-sheets | lasagna noodles | lasagne sheets
shortcrust | pie crust, ready-made | shortcrust pastry, ready-made
filo | phyllo dough | filo pastry
oatmeal-instant | oatmeal, instant, flavoured | porridge, instant, flavoured
sugar-icing | powdered sugar | icing sugar
molasses | molasses | black treacle
sponge-fingers | ladyfingers | sponge fingers
gelatine | gelatin powder, unsweetened | gelatine powder, unsweetened
gelatine-dessert | gelatin dessert powder | fruit jelly powder
gelatine-dessert-sf | gelatin dessert powder, sugar-free | fruit jelly powder, sugar-free
gelatine-cup-sf | gelatin dessert, ready, sugar-free | jelly, ready, sugar-free
biscuits-sandwich | chocolate sandwich cookies | chocolate sandwich biscuits
gingersnaps | gingersnaps | ginger biscuits
baking-soda | baking soda | bicarbonate of soda
vanilla-bean | vanilla bean | vanilla pod
chilli-powder | chili powder | chilli powder
hot-sauce | hot sauce | hot chilli sauce
sweet-chilli-sauce | sweet chili sauce | sweet chilli sauce
chilli-garlic-sauce | chili garlic sauce | chilli garlic sauce
beans-chilli-canned | chili beans in sauce, canned | chilli beans in sauce, tinned
green-chillies-canned | green chilies, canned | green chillies, tinned
broth-chicken | chicken broth | chicken stock
broth-beef | beef broth | beef stock
broth-vegetable | vegetable broth | vegetable stock
bouillon-cube | bouillon cube | stock cube
oil-rapeseed | canola oil | rapeseed oil
ice-pop-sugarfree | ice pop, sugar-free | ice lolly, sugar-free
tomatoes-canned | tomatoes, canned | tomatoes, tinned
`;

/** Words that mean one food here and another there: word | id in America | id in Britain. */
export const TWO_MEANINGS = `
biscuit | biscuit-dough | digestive-biscuits
chips | crisps | chips-frozen
corn flour | cornmeal | cornflour
jelly | jam | gelatine-dessert
squash | courgette | squash-winter
tomato puree | tomato-puree | tomato-paste
tomato purée | tomato-puree | tomato-paste
sirloin steak | beef-sirloin | beef-strip
oatmeal | oats-rolled | oats-steelcut
`;
