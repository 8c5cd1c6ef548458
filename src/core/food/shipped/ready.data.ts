/** Ready foods that are eaten beside: dumplings, pilaf, skewers, spreads, salads, pies by the slice. Columns: see read-food-table.ts. */
export const ready = `
dumplings-bread | bread dumplings, boiled | cooked | 180 4.5 1.5 28.5 3 1 1.5 6.5 380 | piece 60; slice 30 | bread addedfat | starch-base | gluten milk egg | bread dumplings; bread dumpling; dumplings; dumpling
dumplings-potato | potato dumplings, boiled | cooked | 120 0.5 0.1 26 0.8 0 1.8 2.6 400 | piece 75 | dough | starch-base | gluten egg sulphites | potato dumplings; potato dumpling
dumplings-filled | filled dumplings, meat, steamed | cooked | 195 7.5 2.3 22 1.5 0.5 1.3 9.5 480 | piece 20 | dough addedfat | wrapper protein | gluten soy egg | potstickers; gyoza; steamed dumplings; pork dumplings; meat dumplings; dim sum
pierogi | pierogi, potato and cheese | cooked | 180 4 1.3 30 1.5 0 1.8 5.5 400 | piece 38; cup 150 | dough addedfat | wrapper starch-base | gluten milk egg | perogies; potato pierogi; filled dumplings, potato
rice-pilaf | rice pilaf | cooked | 150 3.5 0.7 26 0.8 0 0.8 3 350 | cup 185 | grain addedfat | starch-base | gluten milk celery | pilaf; pilau; pilau rice; rice with pasta
rice-fried | fried rice | cooked | 168 5 0.9 25.5 0.7 0.2 1 5 420 | cup 165 | grain addedfat | starch-base | soy egg gluten | egg fried rice; takeaway fried rice
risotto | risotto | cooked | 145 5.2 2.8 20 0.7 0 0.5 3.6 330 | cup 240 | grain addedfat | starch-base | milk celery | cheese risotto; mushroom risotto
tabbouleh | tabbouleh | as is | 120 8 1.1 10.5 1.6 0 2.6 1.9 300 | cup 160; tablespoon 10 | grain addedfat | bulk | gluten | tabouli; tabbouleh salad
skewer-chicken | chicken skewer, grilled | cooked | 165 6 1.5 2.5 2 1 0.3 25 400 | piece 85 | poultry addedfat | protein | | chicken skewers; chicken kebab; chicken kebabs; grilled chicken skewers; chicken kabobs
skewer-beef | beef skewer, grilled | cooked | 190 9.5 3.5 1.5 1 0 0.4 24 350 | piece 100 | meat addedfat | protein | | beef skewers; beef kebab; beef kebabs; shish kebab; kebab; kebabs; kabobs
meatballs | meatballs, beef and pork | cooked | 250 17 6.5 8 1 0.3 0.8 15.5 550 | piece 28 | meat addedfat | protein | gluten milk egg | beef meatballs; frozen meatballs; cooked meatballs; swedish-style meatballs; meatballs; meatball
guacamole | guacamole | as is | 157 14 2 8.5 0.8 0 6 2 350 | tablespoon 15; cup 240 | fattyfruit addedfat | topping creaminess | | avocado dip
dip-spinach | spinach dip | as is | 200 18 7 6 1.6 0.3 1.2 4.2 480 | tablespoon 15; cup 240 | sauce addedfat | topping creaminess | milk egg | spinach artichoke dip; spinach and artichoke dip
dip-onion | onion dip | as is | 210 19 9.5 6.5 3.2 0.5 0.2 2.6 560 | tablespoon 15; cup 240 | sauce addedfat | topping creaminess | milk | sour cream and onion dip; french onion dip
aubergine-spread | aubergine spread with sesame | as is | 140 10.5 1.5 9 3.2 0 3.4 2.8 350 | tablespoon 15; cup 240 | sauce addedfat | topping | sesame | baba ganoush; eggplant dip; aubergine dip
pate-liver | liver pâté | as is | 319 28 9.6 1.5 0.3 0.2 0 14.2 697 | tablespoon 13; slice 28 | meat addedfat | topping | | pate; pâté; chicken liver pate
egg-salad | egg salad | as is | 235 20.5 4 1.6 1 0.5 0 10.3 400 | cup 222; tablespoon 14 | egg addedfat | topping | egg mustard | egg mayonnaise; egg salad spread
tuna-salad | tuna salad with mayonnaise | as is | 187 9.3 1.5 9.4 3 2 0 16 402 | cup 205; tablespoon 13 | fish addedfat | topping protein | fish egg mustard | tuna salad; tuna mayonnaise
chicken-salad | chicken salad with mayonnaise | as is | 235 17 3 4 2 1 0.4 16 430 | cup 226; tablespoon 14 | poultry addedfat | topping protein | egg mustard celery | chicken salad
potato-salad | potato salad with mayonnaise | as is | 143 8.2 1.4 14 3 2 1.3 2.3 480 | cup 250; tablespoon 15 | starchy addedfat | bulk | egg mustard | potato salad; ready potato salad
coleslaw | coleslaw, dressed | as is | 152 11 1.7 12.5 10.5 8 1.8 1 270 | cup 190; tablespoon 12 | veg addedfat addedsugar | bulk | egg mustard | coleslaw; slaw
macaroni-salad | macaroni salad with mayonnaise | as is | 195 11 1.7 20 3.5 2.5 1.2 3.6 430 | cup 190; tablespoon 12 | pasta addedfat | bulk | gluten egg mustard | macaroni salad; pasta salad
pie-apple | apple pie | as is | 237 11 3.8 34 15.6 10 1.6 1.9 266 | slice 125; piece 125; piece(8 inch) 900; piece(9 inch) 1050 | dough addedfat addedsugar | sweetness | gluten | slice of apple pie; fruit pie
pie-cherry | cherry pie | as is | 260 11 2.6 39.8 17 13 0.8 2 246 | slice 125; piece 125; piece(8 inch) 900; piece(9 inch) 1050 | dough addedfat addedsugar | sweetness | gluten | slice of cherry pie
pie-pumpkin | pumpkin pie | as is | 243 9.8 2.4 34.8 19 16 1.8 3.9 240 | slice 133; piece 133; piece(8 inch) 900; piece(9 inch) 1050 | dough addedfat addedsugar | sweetness | gluten milk egg | slice of pumpkin pie
pie-pecan | pecan pie | as is | 407 20 4 53 30 28 2.5 4.5 275 | slice 122; piece 122; piece(8 inch) 900; piece(9 inch) 1050 | dough addedfat addedsugar nuts | sweetness | gluten milk egg tree-nuts | slice of pecan pie
pie-meat | pot pie, chicken | as is | 215 12 4.4 19.5 2 0.5 1.3 6.8 390 | piece 217; slice 150 | dough addedfat | protein wrapper | gluten milk celery | pot pie; chicken pot pie; chicken pie; meat pie
quiche | quiche with bacon and cheese | as is | 280 20 9 14 2.2 0.2 0.6 10.5 450 | slice 150; piece 150 | dough addedfat | protein | gluten milk egg | quiche; quiche lorraine
pizza-cheese | pizza, cheese | as is | 266 9.7 4.5 33.3 3.6 0.8 2.3 11.4 598 | slice 107; piece 107 | bread addedfat | starch-base melt | gluten milk | pizza; cheese pizza; frozen pizza; slice of pizza
pizza-pepperoni | pizza, pepperoni | as is | 285 12.5 5.3 31 3.4 0.8 2.1 11.9 680 | slice 111; piece 111 | bread addedfat | starch-base melt | gluten milk | pepperoni pizza; sausage pizza
lasagne-ready | lasagne, ready, with meat | as is | 138 6.2 2.9 12.6 3 0.5 1.3 8 350 | cup 220; piece 250 | pasta addedfat | starch-base protein | gluten milk celery | ready lasagne; frozen lasagna; ready lasagna
spring-roll | spring roll, fried | as is | 230 11 2 27 2 0.5 2 6 470 | piece 64 | dough addedfat | wrapper | gluten soy egg | spring rolls; egg roll; egg rolls; fried spring rolls
samosa | samosa, vegetable | as is | 260 14 3 28 2 0 3 5 400 | piece 60 | dough addedfat | wrapper | gluten | samosas; vegetable samosa
falafel | falafel, fried | as is | 333 17.8 2.4 31.8 3 0 8 13.3 294 | piece 17 | legume addedfat | protein | gluten sesame | falafels
chilli-con-carne | chilli with beef and beans, canned | canned | 114 5.4 2.2 10.8 2 0.8 3.5 6 440 | cup 256; can 425 | meat legume addedfat | protein | gluten | chili con carne; canned chili; chili with beans
cornbread | cornbread | as is | 315 9.9 2.4 49 14 11 2 6.8 590 | piece 60; slice 60 | bread addedfat addedsugar | starch-base | gluten milk egg | corn bread; slice of cornbread
garlic-bread | garlic bread | as is | 350 16.6 5 41.7 3.5 2 2.5 8.4 545 | slice 30; piece 30 | bread addedfat | starch-base | gluten milk soy | garlic toast; frozen garlic bread
brownie | brownie | as is | 405 16.3 4.2 63.9 37 36 2.1 4.8 312 | piece 56 | sweet addedfat addedsugar | sweetness | gluten milk egg soy | brownies; chocolate brownie
cheesecake | cheesecake | as is | 321 22.5 9.9 25.5 22 19 0.4 5.5 438 | slice 125; piece 125 | sweet addedfat addedsugar | sweetness | gluten milk egg | slice of cheesecake
`;
