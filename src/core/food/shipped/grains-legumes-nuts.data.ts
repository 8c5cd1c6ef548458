/** Flour, grains, pasta, bread, pulses, soya, nuts and seeds. Columns: see read-food-table.ts. */
export const grainsLegumesNuts = `
flour-white | wheat flour, white | dry | 364 1 0.2 76.3 0.3 0 2.7 10.3 2 | cup 125; cup(sifted) 115; tablespoon 7.8; teaspoon 2.6 | flour plant | thickener starch-base | gluten | flour; all-purpose flour; plain flour; white flour; wheat flour; ap flour; cake flour; pastry flour; Mehl; Weizenmehl
flour-self-raising | wheat flour, self-raising | dry | 354 1 0.2 74.2 0.2 0 2.7 9.9 1193 | cup 125; tablespoon 7.8; teaspoon 2.6 | flour plant | starch-base | gluten | self-raising flour; self-rising flour
flour-bread | wheat flour, bread | dry | 361 1.7 0.2 72.5 0.3 0 2.4 12 2 | cup 130; tablespoon 8.1 | flour plant | starch-base | gluten | bread flour; strong flour; strong white flour
flour-wholewheat | wheat flour, wholemeal | dry | 340 2.5 0.4 72 0.4 0 10.7 13.2 2 | cup 120; tablespoon 7.5 | flour plant | starch-base | gluten | whole wheat flour; wholemeal flour; whole-wheat flour; wholegrain flour; Vollkornmehl
flour-rye | rye flour | dry | 325 2.2 0.3 68.6 2.3 0 23.8 15.9 2 | cup 128; tablespoon 8 | flour plant | starch-base | gluten | rye flour; dark rye flour
flour-buckwheat | buckwheat flour | dry | 335 3.1 0.7 70.6 2.6 0 10 12.6 11 | cup 120; tablespoon 7.5 | flour plant | starch-base | | buckwheat flour
cornflour | maize starch | dry | 381 0.1 0 91.3 0 0 0.9 0.3 9 | cup 128; tablespoon 8; teaspoon 2.7 | flour plant | thickener | | cornstarch; cornflour; corn starch; maize starch; starch; potato starch; tapioca starch; Speisestärke; Stärke
semolina | semolina | dry | 360 1.1 0.2 72.8 0 0 3.9 12.7 1 | cup 167; tablespoon 10 | flour plant | thickener starch-base | gluten | semolina; wheat semolina; cream of wheat; farina; Grieß
cornmeal | maize meal | dry | 370 1.8 0.2 79.5 1.6 0 3.9 7.1 7 | cup 157; tablespoon 10 | flour plant | starch-base | | cornmeal; polenta; maize meal; corn meal
oats-rolled | oats, rolled | dry | 379 6.5 1.1 67.7 1 0 10.1 13.2 6 | cup 81; tablespoon 5 | wholegrain plant | starch-base bulk | gluten | rolled oats; oats; porridge oats; old-fashioned oats; quick oats; oatmeal; Haferflocken
oat-bran | oat bran | dry | 246 7 1.3 66.2 1.5 0 15.4 17.3 4 | cup 94; tablespoon 6 | wholegrain plant | bulk | gluten | oat bran | fibre-rich: much of the carbohydrate is bran and yields little
barley-pearl | pearl barley | dry | 352 1.2 0.2 77.7 0.8 0 15.6 9.9 9 | cup 200; tablespoon 12.5 | wholegrain plant | starch-base bulk | gluten | barley; pearled barley; pearl barley
rice-white | rice, white | dry | 365 0.7 0.2 80 0.1 0 1.3 7.1 5 | cup 185; tablespoon 11.6 | grain plant | starch-base | | rice; white rice; long-grain rice; basmati; jasmine rice; uncooked rice; short-grain rice; pudding rice; arborio; risotto rice; round-grain rice; Reis; long-grain white rice; uncooked long-grain white rice; medium-grain white rice
rice-white-cooked | rice, white, cooked | cooked | 130 0.3 0.1 28.2 0.1 0 0.4 2.7 1 | cup 158; tablespoon 10 | grain plant | starch-base | | cooked rice; cooked white rice; boiled rice; steamed rice
rice-brown | rice, brown | dry | 367 3.2 0.6 76.2 0.7 0 3.6 7.5 5 | cup 190; tablespoon 12 | wholegrain plant | starch-base | | brown rice; whole-grain rice
rice-brown-cooked | rice, brown, cooked | cooked | 123 1 0.3 25.6 0.2 0 1.6 2.7 4 | cup 195; tablespoon 12 | wholegrain plant | starch-base | | cooked brown rice
rice-wild | wild rice | dry | 357 1.1 0.2 74.9 2.5 0 6.2 14.7 7 | cup 160 | wholegrain plant | starch-base | | wild rice
buckwheat | buckwheat groats | dry | 346 2.7 0.6 75 0 0 10.3 11.7 11 | cup 164; tablespoon 10 | wholegrain plant | starch-base | | buckwheat; kasha; buckwheat groats
millet | millet | dry | 378 4.2 0.7 72.9 1.7 0 8.5 11 5 | cup 200 | wholegrain plant | starch-base | | millet
bulgur | bulgur | dry | 342 1.3 0.2 75.9 0.4 0 12.5 12.3 17 | cup 140; tablespoon 9 | wholegrain plant | starch-base | gluten | bulgur; bulgur wheat; cracked wheat
couscous | couscous | dry | 376 0.6 0.1 77.4 0 0 5 12.8 10 | cup 173; tablespoon 11 | grain plant | starch-base | gluten | couscous
quinoa | quinoa | dry | 368 6.1 0.7 64.2 2.8 0 7 14.1 5 | cup 170; tablespoon 10.6 | wholegrain plant | starch-base | | quinoa
quinoa-cooked | quinoa, cooked | cooked | 120 1.9 0.2 21.3 0.9 0 2.8 4.4 7 | cup 185 | wholegrain plant | starch-base | | cooked quinoa
pasta | pasta, white | dry | 371 1.5 0.3 74.7 2.7 0 3.2 13 6 | cup 100; package 454; box 454 | pasta plant | starch-base | gluten | pasta; spaghetti; macaroni; penne; fusilli; noodles; elbow macaroni; linguine; fettuccine; dried pasta; rigatoni; farfalle; rotini; pasta shells; ziti; bow-tie pasta; dry pasta; dry elbow macaroni; Nudeln
pasta-cooked | pasta, white, cooked | cooked | 158 0.9 0.2 30.9 0.6 0 1.8 5.8 1 | cup 140 | pasta plant | starch-base | gluten | cooked pasta; cooked spaghetti; cooked macaroni; cooked noodles; cooked elbow macaroni; cooked macaroni; cooked penne
pasta-whole | pasta, whole-grain | dry | 352 2.9 0.4 73.4 2.7 0 9.2 13.9 6 | cup 100; package 454; box 454 | wholegrain plant | starch-base | gluten | whole wheat pasta; whole-grain pasta; wholemeal pasta; whole wheat spaghetti; wholewheat pasta; whole wheat penne; whole wheat rigatoni; whole wheat fusilli; whole wheat rotini; whole wheat linguine; whole wheat fettuccine; whole wheat macaroni; whole wheat noodles; whole wheat farfalle; whole wheat shells; whole-grain penne; whole-grain rotini; whole-grain spaghetti; whole wheat elbow macaroni
pasta-whole-cooked | pasta, whole-grain, cooked | cooked | 149 1.7 0.2 30.1 0.7 0 3.9 6 4 | cup 140 | wholegrain plant | starch-base | gluten | cooked whole wheat pasta; cooked wholewheat pasta
egg-noodles | egg noodles | dry | 384 4.4 1.2 71.3 1.9 0 3.3 14.2 21 | cup 38; package 340 | pasta | starch-base | gluten egg | egg noodles; wide noodles; egg pasta; tagliatelle
lasagne-sheets | lasagne sheets | dry | 371 1.5 0.3 74.7 2.7 0 3.2 13 6 | piece 20; sheet 20; package 250 | pasta plant | starch-base wrapper | gluten | lasagna noodles; lasagne; lasagna sheets
rice-noodles | rice noodles | dry | 364 0.6 0.2 80.2 0.1 0 1.6 6 182 | package 227 | grain plant | starch-base | | rice noodles; rice vermicelli
gnocchi | potato gnocchi | as is | 160 0.5 0.1 34 0.8 0 2 4 420 | cup 150; package 500 | pasta plant | starch-base | gluten | gnocchi
bread-white | bread, white | as is | 266 3.3 0.7 49.4 5.3 4.5 2.7 8.9 490 | slice 28; cup 45; piece 28; loaf 450 | bread plant addedsugar | starch-base crunch wrapper | gluten | white bread; sandwich bread; bread; toast bread; stale bread; day-old bread; bread cubes; Brot
bread-wholewheat | bread, wholemeal | as is | 252 3.5 0.7 42.7 4.3 3 6 12.5 450 | slice 32; cup 45; loaf 450 | bread plant addedsugar | starch-base | gluten | whole wheat bread; wholemeal bread; brown bread; wholegrain bread
bread-light | bread, light wholemeal | as is | 210 2.5 0.5 43 4 3 9 9 420 | slice 22 | bread plant addedsugar | starch-base | gluten | light bread; reduced-calorie bread; diet bread
bread-rye | bread, rye | as is | 258 3.3 0.6 48.3 3.9 1.5 5.8 8.5 603 | slice 32; loaf 500 | bread plant | starch-base | gluten | rye bread; pumpernickel; dark bread; sourdough rye
bread-roll | bread roll, white | as is | 277 4.3 0.9 49.8 4 3 2.3 9.3 520 | piece 50; small 35; medium 50; large 75; cup 35 | bread plant addedsugar | starch-base | gluten | bread rolls; dinner roll; kaiser roll; stale rolls; roll; rolls; bun
baguette | baguette | as is | 272 2.4 0.5 55.4 4.6 1 2.2 10.8 602 | slice 20; piece 250; loaf 250; cup 40 | bread plant | starch-base crunch | gluten | french bread; baguettes; ciabatta
pitta | pitta bread | as is | 275 1.2 0.2 55.7 1.3 0 2.2 9.1 536 | piece 60; small 28; large 60 | bread plant | wrapper | gluten | pita; pita bread; pitta; flatbread
tortilla-wheat | wheat tortilla | as is | 306 7.9 2.6 49.3 3.7 2 3.5 8.2 740 | piece 45; piece(6 inch) 32; piece(8 inch) 45; piece(10 inch) 70; piece(12 inch) 105; small 32; medium 45; large 70 | bread plant addedfat | wrapper | gluten | flour tortilla; flour tortillas; wrap; wraps; tortillas; tortilla; soft tortillas
tortilla-corn | maize tortilla | as is | 218 2.9 0.5 44.6 0.9 0 6.3 5.7 45 | piece 26; small 19; medium 26 | bread plant | wrapper | | corn tortilla; corn tortillas; 6-inch corn tortillas
breadcrumbs | breadcrumbs, dry | dry | 395 5.3 1.2 72 6.2 5 4.5 13.4 732 | cup 108; tablespoon 6.8 | bread plant addedsugar | crunch binder | gluten | breadcrumbs; bread crumbs; dry breadcrumbs; dried breadcrumbs; plain breadcrumbs; Semmelbrösel; Paniermehl; dry bread crumbs; dried breadcrumbs; dry breadcrumbs
puff-pastry | puff pastry, ready-made | raw | 551 38.1 9.6 45.1 0.7 0 1.5 7.3 249 | sheet 245; package 490 | dough addedfat | wrapper | gluten milk soy | puff pastry; puff pastry sheet
shortcrust | shortcrust pastry, ready-made | raw | 456 28 9 46 2 1 2 5.5 400 | piece 200; package 400; crust 200 | dough addedfat | wrapper | gluten milk soy | pie crust; pastry crust; shortcrust pastry; pie dough; unbaked pie crust; unbaked pie shell; pie shell
crescent-dough | crescent roll dough, chilled | raw | 330 17 6.5 39 7 6 1 5.5 780 | piece 28; can 227; tube 227; roll 28 | dough addedfat addedsugar | wrapper | gluten milk soy | crescent rolls; crescent roll dough; refrigerated crescent rolls; croissant dough; crescent roll dough; crescent rolls
biscuit-dough | biscuit dough, chilled | raw | 300 11 3.5 44 6 5 1.2 6 950 | piece 58; can 465 | dough addedfat addedsugar | wrapper | gluten milk soy | refrigerated biscuits; canned biscuits; biscuit dough
filo | filo pastry | raw | 299 6 1.5 52.6 0.2 0 1.9 7.1 483 | sheet 19; piece 19; package 454 | dough | wrapper crunch | gluten | phyllo; filo; fillo; phyllo dough; strudel dough; strudel leaves; filo sheets
crackers | crackers, plain | as is | 418 9.4 1.7 73.7 1.3 1 2.7 9.6 941 | piece 3; cup 70; sleeve 115 | bread plant addedfat | crunch | gluten milk soy | saltines; cream crackers; crackers; saltine crackers; saltine
cornflakes | cornflakes | dry | 357 0.4 0.1 84.1 10 9 3.3 7.5 729 | cup 28; handful 15 | bread plant addedsugar | crunch | gluten | corn flakes; cornflake crumbs
digestive-biscuits | digestive biscuits | as is | 480 21 9.5 63.5 18 16 3.5 7 550 | piece 15; cup 84 | sweet addedsugar addedfat | crunch | gluten milk soy | digestive biscuit; biscuit crumbs
popcorn-kernels | popping maize | dry | 375 4.3 0.6 74 0.9 0 14.5 12 8 | cup 200; tablespoon 12.5 | wholegrain plant | crunch |  | popcorn kernels
lentils-dry | lentils, brown or green, dry | dry | 352 1.1 0.2 63.4 2 0 10.7 24.6 6 | cup 192; tablespoon 12 | legume plant | protein bulk | | lentils; dried lentils; green lentils; brown lentils; puy lentils; dry lentils; Linsen
lentils-red-dry | lentils, red, dry | dry | 358 2.2 0.4 63.1 2 0 10.8 23.9 7 | cup 192; tablespoon 12 | legume plant | protein thickener | | red lentils; split red lentils; rote Linsen
lentils-cooked | lentils, cooked | cooked | 116 0.4 0.1 20.1 1.8 0 7.9 9 2 | cup 198; can 240 | legume plant | protein bulk | | cooked lentils; canned lentils; tinned lentils
beans-black-canned | black beans, canned, drained | drained | 121 0.4 0.1 21.5 0.4 0 8.3 7.8 250 | cup 172; can 255; tablespoon 11 | legume plant | protein bulk | | black beans; canned black beans; reduced-sodium black beans; low-sodium black beans; no-salt-added black beans
beans-kidney-canned | kidney beans, canned, drained | drained | 124 1 0.2 21.5 2 0 6.4 8 230 | cup 177; can 255; tablespoon 11 | legume plant | protein bulk | | kidney beans; red kidney beans; red beans; canned beans; pinto beans; mixed beans; beans
beans-white-canned | white beans, canned, drained | drained | 118 0.4 0.1 21.7 0.4 0 5.7 7.7 240 | cup 179; can 255; tablespoon 11 | legume plant | protein bulk creaminess | | white beans; cannellini beans; navy beans; great northern beans; butter beans; haricot beans
beans-white-dry | white beans, dry | dry | 333 0.9 0.2 60.3 2.1 0 15.2 23.4 16 | cup 202 | legume plant | protein | | dried white beans; dried beans; dry beans; dried navy beans
beans-kidney-dry | kidney beans, dry | dry | 333 0.8 0.1 60 2.2 0 24.9 23.6 24 | cup 184 | legume plant | protein | | dried kidney beans; dried red beans
chickpeas-canned | chickpeas, canned, drained | drained | 139 2.8 0.3 22.5 0.6 0 6.4 7 246 | cup 152; can 253; tablespoon 10 | legume plant | protein bulk | | chickpeas; garbanzo beans; canned chickpeas; garbanzos; Kichererbsen
chickpeas-dry | chickpeas, dry | dry | 378 6 0.6 63 10.7 0 12.2 20.5 24 | cup 200 | legume plant | protein | | dried chickpeas
peas-split-dry | split peas, dry | dry | 352 1.2 0.2 63.7 8 0 25.5 23.8 15 | cup 197 | legume plant | protein thickener | | split peas; dried peas; yellow split peas; green split peas
baked-beans | baked beans in sweet tomato sauce | canned | 94 0.4 0.1 21 9 7 5 5 420 | cup 254; can 415 | legumesweet plant addedsugar | protein | | baked beans
edamame | soya beans, green, shelled | frozen | 121 5.2 0.6 8.9 2.2 0 5.2 11.9 6 | cup 155 | legume plant | protein | soy | edamame; green soybeans
tofu-firm | tofu, firm | as is | 92 5 0.7 2 0.5 0 1 10 12 | cup 252; block 400; package 400; slice 84 | tofu plant | protein | soy | tofu; firm tofu
tofu-silken | tofu, silken | as is | 55 2.7 0.4 2.9 1.3 0 0.1 4.8 5 | cup 248; package 340; block 340 | tofu plant | creaminess protein | soy | silken tofu; soft tofu
hummus | hummus | as is | 237 17.8 2.6 15 0.6 0 5.5 7.8 426 | cup 246; tablespoon 15 | sauce plant addedfat | creaminess topping | sesame | houmous; hummous
walnuts | walnuts | raw | 654 65.2 6.1 13.7 2.6 0 6.7 15.2 2 | cup 117; cup(ground) 80; tablespoon 7; piece 4; handful 30; piece(halves) 2 | nuts plant | crunch topping | tree-nuts | walnut; walnut halves; chopped walnuts; ground walnuts; walnut pieces; Walnüsse
almonds | almonds | raw | 579 49.9 3.8 21.6 4.4 0 12.5 21.2 1 | cup 143; cup(sliced) 92; cup(ground) 95; tablespoon 9; piece 1.2; handful 30 | nuts plant | crunch topping | tree-nuts | almond; flaked almonds; sliced almonds; slivered almonds; Mandeln
hazelnuts | hazelnuts | raw | 628 60.8 4.5 16.7 4.3 0 9.7 15 0 | cup 135; cup(ground) 75; tablespoon 8; piece 1.4; handful 30 | nuts plant | crunch topping | tree-nuts | hazelnut; filberts; ground hazelnuts; Haselnüsse
pecans | pecans | raw | 691 72 6.2 13.9 4 0 9.6 9.2 0 | cup 109; tablespoon 7; piece 1.5; handful 30 | nuts plant | crunch topping | tree-nuts | pecan; pecan halves; chopped pecans
cashews | cashews | raw | 553 43.9 7.8 30.2 5.9 0 3.3 18.2 12 | cup 137; tablespoon 8.5; handful 30 | nuts plant | crunch creaminess | tree-nuts | cashew; cashew nuts
pine-nuts | pine nuts | raw | 673 68.4 4.9 13.1 3.6 0 3.7 13.7 2 | cup 135; tablespoon 8.5; handful 30 | nuts plant | crunch topping | tree-nuts | pine nut; pignoli
peanuts | peanuts, roasted | as is | 585 49.7 6.9 21.5 4.2 0 8 23.7 6 | cup 146; tablespoon 9; handful 30 | nuts plant | crunch topping | peanuts | peanut; roasted peanuts; groundnuts
peanut-butter | peanut butter | as is | 588 50.4 10.3 20 9.2 4 6 25.1 459 | cup 258; tablespoon 16; teaspoon 5.3 | nuts plant addedfat | creaminess flavour | peanuts | peanut butter; smooth peanut butter
tahini | tahini | as is | 595 53.8 7.5 21.2 0.5 0 9.3 17 115 | tablespoon 15; teaspoon 5; cup 240 | seed plant | creaminess flavour | sesame | sesame paste; tahina
sesame-seeds | sesame seeds | dry | 573 49.7 7 23.5 0.3 0 11.8 17.7 11 | cup 144; tablespoon 9; teaspoon 3 | seed plant | crunch topping | sesame | sesame seed; sesame
sunflower-seeds | sunflower seeds | raw | 584 51.5 4.5 20 2.6 0 8.6 20.8 9 | cup 140; tablespoon 9; handful 30 | seed plant | crunch topping | | sunflower kernels
pumpkin-seeds | pumpkin seeds | raw | 559 49.1 8.7 10.7 1.4 0 6 30.2 7 | cup 129; tablespoon 8; handful 30 | seed plant | crunch topping | | pepitas; pumpkin seed
poppy-seeds | poppy seeds | dry | 525 41.6 4.5 28.1 3 0 19.5 18 26 | cup 141; tablespoon 8.8; teaspoon 2.8 | seed plant | flavour | | poppy seed; ground poppy seeds
flaxseed | flaxseed | dry | 534 42.2 3.7 28.9 1.6 0 27.3 18.3 30 | tablespoon 10; cup 168; cup(ground) 112; tablespoon(ground) 7 | seed plant | binder | | linseed; flax seeds; ground flaxseed; flaxseed meal
chia-seeds | chia seeds | dry | 486 30.7 3.3 42.1 0 0 34.4 16.5 16 | tablespoon 10.6; teaspoon 4; cup 170 | seed plant | binder thickener | | chia
coconut-flakes | coconut, desiccated, unsweetened | dry | 660 64.5 57.2 23.7 7.4 0 16.3 6.9 37 | cup 80; tablespoon 5 | nuts plant | crunch topping | | desiccated coconut; shredded coconut; unsweetened coconut; coconut flakes
tempeh | tempeh | as is | 192 10.8 2.5 7.6 0 0 5 20.3 9 | cup 166; block 227 | legume plant | protein | soy | tempeh block
textured-soya | textured soya protein | dry | 330 1.2 0.2 31 13 0 17.5 50 10 | cup 96; tablespoon 6 | legume plant | protein bulk | soy | textured vegetable protein; soya mince
refried-beans | refried beans, fat-free | canned | 79 0.4 0.1 13.8 0.6 0 4.6 5 430 | cup 242; can 454; tablespoon 15 | legume plant | protein creaminess | | fat-free refried beans; refried beans; vegetarian refried beans
lima-beans | lima beans, frozen | frozen | 132 0.4 0.1 25.1 1.5 0 6 7.6 147 | cup 164; bag 340 | legume plant | protein bulk | | lima beans; baby lima beans; broad beans; fava beans; black-eyed peas
mung-beans | mung beans, dry | dry | 347 1.2 0.3 62.6 6.6 0 16.3 23.9 15 | cup 207 | legume plant | protein | | mung beans; moong dal; dal; urad dal; chana dal
pistachios | pistachios | raw | 560 45.3 5.9 27.2 7.7 0 10.6 20.2 1 | cup 123; tablespoon 8; handful 30 | nuts plant | crunch topping | tree-nuts | pistachio; pistachio nuts
macadamias | macadamias | raw | 718 75.8 12.1 13.8 4.6 0 8.6 7.9 5 | cup 134; handful 30 | nuts plant | crunch | tree-nuts | macadamia nuts
chestnuts | chestnuts, cooked | cooked | 131 1.4 0.3 27.8 5 0 3 2 27 | cup 143; piece 8; package 200 | nuts plant | bulk starch-base |  | cooked chestnuts; chestnuts
nuts-mixed | mixed nuts, roasted | as is | 607 54 7.4 21 5 0 7.5 19.5 300 | cup 140; handful 30 | nuts plant | crunch | tree-nuts peanuts | mixed nuts; chopped nuts; nuts
almond-butter | almond butter | as is | 614 55.5 4.2 18.8 4.4 0 10.3 21 7 | tablespoon 16; cup 250 | nuts plant | creaminess | tree-nuts | cashew butter; nut butter
peanut-butter-powder | peanut butter powder | dry | 400 12 2 32 15 8 16 48 600 | tablespoon 6; cup 96 | legumesweet plant addedsugar | creaminess flavour | peanuts | powdered peanut butter; pb powder
coconut-sweet | coconut, shredded, sweetened | dry | 466 35 31 44.3 43 36 9.9 3.1 285 | cup 93; tablespoon 6 | nuts plant addedsugar | crunch topping | sulphites | sweetened coconut; sweetened shredded coconut; sweetened coconut flakes
bagel | bagel, plain | as is | 264 1.3 0.4 52.4 6 4 1.6 10.6 422 | piece 105; small 70; medium 105; large 130 | bread plant addedsugar | starch-base | gluten | bagels; plain bagel
english-muffin | English muffin | as is | 227 1.7 0.4 44.2 3.5 2 3.5 8.9 402 | piece 57 | bread plant addedsugar | starch-base | gluten milk | english muffins; crumpet
croissant | croissant | as is | 406 21 11.7 45.8 11.3 8 2.6 8.2 467 | piece 57 | bread addedfat addedsugar | starch-base | gluten milk egg | croissants; brioche
croutons | croutons | dry | 407 6.6 1.5 73.5 4 3 5.1 11.9 698 | cup 30; handful 15 | bread plant addedfat | crunch topping | gluten | crouton; seasoned croutons
ramen | instant noodles, fried | dry | 440 17 7.6 62 2 1 2.9 10 1850 | package 85; packet 85 | pasta addedfat | starch-base | gluten | ramen noodles; instant noodles; ramen
tortellini | tortellini, cheese, chilled | as is | 307 7.2 3.6 47 1 0 1.9 13.5 344 | cup 108; package 255 | pasta | starch-base | gluten egg milk | cheese tortellini; ravioli; cheese ravioli
couscous-cooked | couscous, cooked | cooked | 112 0.2 0 23.2 0.1 0 1.4 3.8 5 | cup 157 | grain plant | starch-base | gluten | cooked couscous
barley-cooked | pearl barley, cooked | cooked | 123 0.4 0.1 28.2 0.3 0 3.8 2.3 3 | cup 157 | wholegrain plant | starch-base | gluten | cooked barley
farro | farro | dry | 338 2.4 0.4 70.2 6.8 0 10.7 14.6 8 | cup 174 | wholegrain plant | starch-base | gluten | spelt; spelt berries; wheat berries; freekeh
flour-spelt | spelt flour | dry | 345 2 0.3 70 2 0 6 12.5 4 | cup 120; tablespoon 7.5 | flour plant | starch-base | gluten | spelt flour; white spelt flour
flour-oat | oat flour | dry | 404 9.1 1.6 65.7 0.8 0 6.5 14.7 19 | cup 104; tablespoon 6.5 | flour plant | starch-base | gluten | oat flour
flour-rice | rice flour | dry | 366 1.4 0.4 80.1 0.1 0 2.4 6 0 | cup 158; tablespoon 10 | flour plant | starch-base thickener | | rice flour; glutinous rice flour
flour-coconut | coconut flour | dry | 400 13.3 10 60 20 0 36 18 100 | cup 112; tablespoon 7 | flour plant | starch-base | | coconut flour | fibre-rich: more than a third is fibre
wheat-germ | wheat germ | dry | 360 9.7 1.7 51.8 7.8 0 13.2 23.2 12 | cup 115; tablespoon 7 | wholegrain plant | bulk crunch | gluten | wheat germ; toasted wheat germ
wheat-bran | wheat bran | dry | 216 4.3 0.6 64.5 0.4 0 42.8 15.6 2 | cup 58; tablespoon 3.6 | wholegrain plant | bulk | gluten | bran; wheat bran; unprocessed bran | fibre-rich: bran is two fifths fibre
muesli | muesli, no added sugar | as is | 366 5.9 1 66 15 0 8 10.5 30 | cup 85 | grain plant | crunch | gluten | bircher muesli; muesli
rice-crisps | crisped rice cereal | dry | 382 1.2 0.4 85.5 10 9 0.9 7 640 | cup 28 | bread plant addedsugar | crunch | gluten | crisp rice cereal; rice cereal
wonton-wrappers | wonton wrappers | as is | 291 1.5 0.3 57.9 0 0 1.8 9.8 572 | piece 8; package 340 | dough | wrapper | gluten egg | wonton wrappers; egg roll wrappers; gyoza wrappers; dumpling wrappers
rice-paper | rice paper | dry | 340 0.5 0.1 82 0.5 0 1 1.5 500 | piece 9; sheet 9 | grain plant | wrapper | | rice paper wrappers; spring roll wrappers
pizza-dough | pizza dough | raw | 240 3 0.5 45 3 2 2 8 480 | package 454; piece 454; ball 250 | dough plant | starch-base wrapper | gluten | pizza dough; bread dough; refrigerated pizza dough; pizza crust
taco-shells | taco shells | as is | 468 22 3.5 62 1 0 6.5 7 340 | piece 13 | bread plant addedfat | wrapper crunch | | taco shell; hard taco shells; tostadas
tortilla-lowcarb | wheat tortilla, high-fibre, light | as is | 160 5 1 37 1 0 26 12 700 | piece 45; small 32; large 71 | bread plant | wrapper | gluten | low-carb tortilla; high-fiber tortilla; light tortilla; low-carb wrap; light flour tortilla; low-carb tortillas | fibre-rich: half the carbohydrate is added fibre
pretzels | pretzels, hard | as is | 380 2.6 0.5 79.8 2.8 2 3 10 1240 | handful 20; cup 45; piece 6 | bread plant | crunch | gluten | pretzels; pretzel sticks
veggie-burger | veggie burger | frozen | 177 6.3 1.2 14 1 0.5 4.9 15.7 570 | piece 70; patty 70 | tofu plant addedfat | protein | soy gluten | veggie burgers; veggie patty; vegetable burger; meatless burger
plant-mince | plant-based mince | raw | 230 15 5.5 8 0.5 0 3 18 330 | cup 220; patty 113 | tofu plant addedfat | protein | soy | plant-based ground; meatless crumbles; plant-based ground beef; vegan mince; veggie mince; veggie crumbles
seitan | seitan | as is | 141 2 0.3 6 0.5 0 1 24.5 400 | cup 140; package 225; slice 30 | tofu plant | protein | gluten soy | wheat protein; wheat gluten pieces
tofu-extra-firm | tofu, extra firm | as is | 95 5.3 0.8 2.2 0.4 0 0.8 10.5 15 | cup 252; block 400; package 400; slice 84 | tofu plant | protein | soy | extra-firm tofu; extra firm tofu; super firm tofu
tofu-light | tofu, light | as is | 43 1 0.2 2 0.3 0 0.5 6.3 35 | block 400; package 400; slice 84 | tofu plant | protein | soy | light tofu; lite tofu; reduced-fat tofu
tofu-smoked | tofu, smoked | as is | 150 9 1.4 2 0.6 0 1.5 16 500 | block 200; package 200; slice 40 | tofu plant | protein flavour | soy | smoked tofu
bun-burger | burger bun | as is | 279 4.3 1.1 49.5 6 5 2.3 9.5 500 | piece 50; bun 50 | bread plant addedsugar | starch-base wrapper | gluten | hamburger bun; hamburger buns; burger buns; hot dog bun; hot-dog bun; hot dog buns
bun-light | burger bun, light | as is | 190 2.2 0.4 42 6 5 11.5 10 480 | piece 43; bun 43 | bread plant addedsugar | starch-base wrapper | gluten | light hamburger bun; light burger bun; light hot dog bun; light hamburger buns; light bun
sandwich-thins | sandwich thins | as is | 230 2.3 0.4 47 5 4.5 11 10 420 | piece 43 | bread plant addedsugar | wrapper | gluten | sandwich thin; thin bagel; sandwich flats
bread-thin | bread, thin-sliced, whole-grain | as is | 240 3.5 0.7 43 6 5 9 12 430 | slice 20; piece 20 | bread plant addedsugar | starch-base | gluten | thin-sliced bread; thin sliced bread; thin-sliced whole wheat bread
bread-sourdough | sourdough bread | as is | 272 2.4 0.6 51.9 4.6 0 2.2 10.8 602 | slice 50; piece 50; loaf 750 | bread plant | starch-base crunch | gluten | sourdough; sourdough loaf; country bread
english-muffin-light | English muffin, light | as is | 175 1 0.2 42 3 2 14 9 350 | piece 57; half 28.5 | bread plant addedsugar | starch-base | gluten | light english muffin; high-fibre english muffin; light muffin | fibre gives less
pitta-whole | pitta bread, whole-wheat | as is | 266 2.6 0.4 55 0.8 0 7.4 9.8 532 | piece 60; small 28; large 60 | bread plant | wrapper | gluten | whole-wheat pita; whole wheat pita; wholemeal pitta; whole-grain pita
lavash | lavash | as is | 275 1.5 0.3 56 2 1 2.5 9 520 | piece 75; sheet 75 | bread plant | wrapper | gluten | lavash bread; flatbread wrap
naan | naan | as is | 291 5.7 1.3 50.4 3.6 2 2.2 9.6 465 | piece 90; small 45 | bread plant addedfat | wrapper | gluten milk | naan bread; naans; garlic naan
rice-cakes | rice cakes | as is | 387 2.8 0.6 81.5 0.9 0 4.2 8.2 326 | piece 9 | bread plant | crunch | | rice cake; puffed rice cakes
bread-sticks | bread sticks | as is | 412 9.5 1.4 68.4 1.3 1 3 12 657 | piece 6 | bread plant addedfat | crunch | gluten | breadsticks; grissini
popcorn-popped | popcorn, air-popped | as is | 387 4.5 0.6 77.8 0.9 0 14.5 12.9 8 | cup 8; handful 4 | wholegrain plant | crunch | | air-popped popcorn; popped popcorn; plain popcorn; popcorn
popcorn-light | popcorn, microwave, light | as is | 425 9.5 1.6 75 0.5 0 13 12.5 700 | cup 7; bag 60 | wholegrain plant addedfat | crunch | | light microwave popcorn; light popcorn; microwave popcorn light
tortilla-chips | tortilla chips | as is | 497 23 3 66 0.8 0 5 7 328 | piece 2; cup 26; handful 20 | bread plant addedfat | crunch | | corn chips; nacho chips; tortilla chip
tortilla-chips-baked | tortilla chips, baked | as is | 415 6 1 81 1 0 6 9 450 | piece 2; cup 24 | bread plant addedfat | crunch | | baked tortilla chips; baked corn chips
pita-chips | pita chips | as is | 457 15.2 2 68 2.5 1 3.8 11.8 850 | piece 3; cup 45 | bread plant addedfat | crunch | gluten | pitta chips
crisps-baked | potato crisps, baked | as is | 430 8 1.2 80 8 3 5.5 7 600 | cup 20; piece 1.5; bag 35 | sweet addedfat | crunch | | baked potato chips; baked crisps; baked chips
bran-flakes | bran flakes | dry | 330 2 0.4 80 19 17 18 10 700 | cup 40; tablespoon 2.5 | bread plant addedsugar | crunch | gluten | bran flake cereal | fibre-rich
bran-cereal | bran cereal, high fibre | dry | 250 4 0.7 74 16 15 32 13 430 | cup 62; tablespoon 4 | bread plant addedsugar | crunch | gluten | high-fibre bran cereal; high-fiber cereal; bran sticks; bran cereal | fibre-rich
rice-puffed | puffed rice | dry | 402 0.5 0.1 89.8 0 0 1.7 6.3 3 | cup 14 | grain plant | crunch | | puffed rice cereal; plain puffed rice
wheat-puffed | puffed wheat | dry | 364 1.2 0.2 79.6 0 0 4.4 14.7 4 | cup 12 | wholegrain plant | crunch | gluten | puffed wheat cereal
wheat-shredded | shredded wheat | dry | 340 2 0.4 79 0.8 0 12 11 5 | piece 24; cup 49 | wholegrain plant | crunch | gluten | shredded wheat cereal; shredded wheat biscuit
oatmeal-instant | oatmeal, instant, flavoured | dry | 370 5 1 76 30 28 7 9 550 | packet 43; sachet 43 | grain plant addedsugar | starch-base | gluten | instant oatmeal; instant oatmeal packet; flavoured instant oatmeal; instant porridge
oats-steelcut | oats, steel-cut | dry | 379 6.5 1.2 67.7 1 0 10.1 13.2 4 | cup 160; tablespoon 10 | wholegrain plant | starch-base | gluten | steel-cut oats; steel cut oats; pinhead oats; irish oats
grits | grits | dry | 370 1.2 0.2 79.6 0.6 0 1.6 8.8 1 | cup 156; tablespoon 10 | grain plant | starch-base | | hominy grits; corn grits; quick grits
orzo | orzo | dry | 371 1.5 0.3 74.7 2.7 0 3.2 13 6 | cup 170; tablespoon 11 | pasta plant | starch-base | gluten | orzo pasta; risoni
couscous-pearl | pearl couscous | dry | 360 1 0.2 74 2 0 3.5 12.5 10 | cup 175; tablespoon 11 | grain plant | starch-base | gluten | israeli couscous; giant couscous
pasta-chickpea | chickpea pasta | dry | 350 5.5 0.6 60 6 0 12 21 65 | cup 90; package 227 | legume plant | starch-base protein | | chickpea spaghetti; chickpea penne
pasta-lentil | lentil pasta | dry | 345 1.7 0.3 59 2 0 9 25 10 | cup 90; package 227 | legume plant | starch-base protein | | red lentil pasta
shirataki | shirataki noodles | drained | 10 0.1 0 3 0 0 3 0.1 5 | package 200; cup 120 | veg plant | starch-base | | konjac noodles; shirataki; shirataki noodle | konjac fibre gives little
palm-pasta | hearts-of-palm pasta | drained | 25 0.3 0 5 1 0 3 2 300 | package 250; can 250; cup 85 | veg plant | starch-base | | hearts of palm pasta; palm heart pasta
udon | udon noodles, cooked | cooked | 126 0.4 0.1 26.3 0.3 0 1.3 3.5 120 | package 200; cup 150 | pasta plant | starch-base | gluten | udon; fresh udon
soba | soba noodles | dry | 336 0.7 0.1 74.6 1 0 3 14.4 792 | package 250; bundle 90; cup 75 | pasta plant | starch-base | gluten | soba; buckwheat noodles
spaetzle | spaetzle | as is | 165 2.8 0.9 28.5 0.8 0 1.3 6 250 | cup 150; package 400 | pasta | starch-base | gluten egg | fresh spaetzle
masa-harina | masa harina | dry | 363 3.7 0.5 76.7 1.6 0 6.4 8.5 5 | cup 114; tablespoon 7 | flour plant | starch-base | | masa; corn masa flour
hominy | hominy, canned, drained | drained | 72 0.9 0.1 14.3 1.8 0 2.5 1.5 345 | cup 165; can 255 | starchy plant | bulk | | canned hominy; hominy drained; pozole corn
matzo-meal | matzo meal | dry | 395 1.4 0.2 83.7 0.3 0 3 10 2 | cup 110; tablespoon 7; piece 28 | bread plant | binder starch-base | gluten | matzo; matzoh meal; matzah
panko | breadcrumbs, panko | dry | 367 2.5 0.5 75 5 4 3 12 400 | cup 55; tablespoon 3.5 | bread plant addedsugar | crunch | gluten | panko; panko breadcrumbs; panko bread crumbs; japanese breadcrumbs
breadcrumbs-fresh | breadcrumbs, fresh | as is | 266 3.3 0.7 49.4 5.3 4.5 2.7 8.9 490 | cup 45; tablespoon 3 | bread plant addedsugar | crunch binder | gluten | fresh breadcrumbs; soft breadcrumbs; fresh bread crumbs; soft bread crumbs
flour-almond | almond flour | dry | 590 51 3.9 20 4.4 0 10.8 21.5 1 | cup 96; tablespoon 6 | nuts plant | starch-base | tree-nuts | almond flour; almond meal; blanched almond flour; ground almonds
pizza-crust-cauliflower | cauliflower pizza crust | frozen | 230 6.5 2.5 36 2 0.5 3.5 6.5 480 | piece 150 | dough addedfat | starch-base | milk egg | cauliflower crust
gnocchi-cauliflower | cauliflower gnocchi | frozen | 107 2.4 0.3 18 1.4 0 4.3 1.6 330 | cup 110; package 340 | pasta plant addedfat | starch-base | | cauliflower gnocchi frozen
brazil-nuts | brazil nuts | raw | 659 67.1 16.1 11.7 2.3 0 7.5 14.3 3 | cup 133; piece 5; handful 30 | nuts plant | crunch | tree-nuts | brazil nut
chestnuts-roasted | chestnuts, roasted | cooked | 245 2.2 0.4 53 10.6 0 5.1 3.2 2 | cup 143; piece 8 | nuts plant | bulk | | roasted chestnuts; roast chestnuts
hemp-seeds | hemp seeds | raw | 553 48.8 4.6 8.7 1.5 0 4 31.6 5 | tablespoon 10; cup 160 | seed plant | crunch topping | | hemp hearts; shelled hemp seeds
sunflower-butter | sunflower seed butter | as is | 617 55.2 4.7 23.3 10.5 7 5.7 17.3 330 | tablespoon 16; cup 256 | seed plant addedfat addedsugar | fat |  | sunflower butter; sunflower seed spread
potato-pancakes | potato pancakes | as is | 268 14.8 2.5 27.8 1.8 0 3.3 6.1 764 | piece 35 | starchy addedfat | starch-base | egg gluten | latkes; potato pancake; reibekuchen
beans-chilli-canned | chilli beans in sauce, canned | canned | 97 0.7 0.1 18 2 1 5 5.5 400 | cup 256; can 439 | legume plant | bulk protein | | chili beans; chilli beans; canned chili beans; chili beans in sauce
`;
