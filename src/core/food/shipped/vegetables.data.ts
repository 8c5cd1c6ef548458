/** Vegetables, mushrooms and fresh herbs. Columns: see read-food-table.ts. */
export const vegetables = `
onion | onion | raw | 40 0.1 0 9.3 4.2 0 1.7 1.1 4 | cup 160; tablespoon 10; small 70; medium 110; large 150; slice 14 | veg plant | bulk flavour | | onions; yellow onion; white onion; brown onion; spanish onion; sweet onion; Zwiebel; Zwiebeln
onion-red | onion, red | raw | 40 0.1 0 9.3 4.2 0 1.7 1.1 4 | cup 160; tablespoon 10; small 70; medium 110; large 150; slice 14 | veg plant | bulk flavour | | red onion; purple onion
shallot | shallot | raw | 72 0.1 0 16.8 7.9 0 3.2 2.5 12 | cup 160; tablespoon 10; piece 25; small 15; medium 25; large 40 | veg plant | flavour | | shallots; eschalot
spring-onion | spring onion | raw | 32 0.2 0 7.3 2.3 0 2.6 1.8 16 | cup 100; tablespoon 6; piece 15; small 5; medium 15; large 25; bunch 100; sprig 15 | veg plant | flavour | | scallion; green onion; scallions; salad onion; Frühlingszwiebeln; Lauchzwiebeln
leek | leek | raw | 61 0.3 0 14.2 3.9 0 1.8 1.5 20 | cup 89; piece 150; small 90; medium 150; large 220 | veg plant | bulk flavour | | leeks; leek white; Lauch
garlic | garlic | raw | 149 0.5 0.1 33.1 1 0 2.1 6.4 17 | clove 3; teaspoon 2.8; tablespoon 8.5; head 40; piece 3; bulb 40 | veg plant | flavour | | garlic clove; garlic cloves; fresh garlic; Knoblauch; Knoblauchzehe; Knoblauchzehen
ginger-root | ginger root | raw | 80 0.8 0.2 17.8 1.7 0 2 1.8 13 | teaspoon 2; tablespoon 6; inch 15; piece 15; slice 2.2; knob 15 | veg plant | flavour | | ginger; fresh ginger; ginger root; Ingwer
carrot | carrot | raw | 41 0.2 0 9.6 4.7 0 2.8 0.9 69 | cup 128; cup(grated) 110; small 50; medium 61; large 72; piece 61; bunch 400 | veg plant | bulk | | carrots; baby carrots; Karotte; Karotten; Möhre; Möhren
celery | celery | raw | 14 0.2 0 3 1.3 0 1.6 0.7 80 | cup 101; rib 40; piece 40; small 17; medium 40; large 64; bunch 450; head 450; stalk 40 | veg plant | bulk flavour | celery | celery stalk; celery rib; celery sticks; Staudensellerie; Stangensellerie
celeriac | celeriac | raw | 42 0.3 0.1 9.2 1.6 0 1.8 1.5 100 | cup 156; piece 450; small 300; medium 450; large 700 | veg plant | bulk | celery | celery root; knob celery; Knollensellerie; Sellerieknolle
tomato | tomato | raw | 18 0.2 0 3.9 2.6 0 1.2 0.9 5 | cup 180; small 91; medium 123; large 182; piece 123; slice 20 | veg plant | bulk | | tomatoes; fresh tomato; roma tomato; plum tomato; ripe tomato; Tomaten
tomato-cherry | tomato, cherry | raw | 18 0.2 0 3.9 2.6 0 1.2 0.9 5 | cup 149; piece 17; handful 85; pint 300 | veg plant | bulk | | cherry tomatoes; grape tomatoes
tomatoes-canned | tomatoes, canned | canned | 21 0.2 0 4.5 2.6 0 1.1 0.9 130 | cup 240; can 411 | veg plant | bulk | | canned tomatoes; diced tomatoes; chopped tomatoes; tinned tomatoes; crushed tomatoes; whole peeled tomatoes; stewed tomatoes; peeled tomatoes; diced tomatoes with green chilies; tomatoes with chilies; fire-roasted tomatoes; petite diced tomatoes; canned diced tomatoes; plum tomatoes in juice; Dosentomaten
tomato-puree | tomato purée, plain | canned | 38 0.2 0 9 4.8 0 1.9 1.7 28 | cup 250; tablespoon 16; can 411 | veg plant | bulk flavour | | tomato puree; passata; sieved tomatoes; tomato sauce no salt
tomato-paste | tomato paste | canned | 82 0.5 0.1 18.9 12.2 0 4.1 4.3 59 | cup 262; tablespoon 16; teaspoon 5.4; can 170 | veg plant | flavour | | concentrated tomato paste; tomato concentrate; double concentrated tomato; Tomatenmark
tomato-sauce | tomato sauce, canned | canned | 24 0.3 0 5.3 3.6 0 1.5 1.2 474 | cup 245; tablespoon 15; can 425 | veg plant | bulk flavour | | tomato sauce
pepper-bell-red | bell pepper, red | raw | 31 0.3 0 6 4.2 0 2.1 1 4 | cup 149; small 74; medium 119; large 164; piece 119 | veg plant | bulk | | red bell pepper; red pepper; sweet pepper; bell pepper; capsicum; paprika pepper; yellow bell pepper; orange bell pepper; bell peppers
pepper-bell-green | bell pepper, green | raw | 20 0.2 0.1 4.6 2.4 0 1.7 0.9 3 | cup 149; small 74; medium 119; large 164; piece 119 | veg plant | bulk | | green bell pepper; green pepper; green capsicum
chilli-fresh | chilli, fresh | raw | 40 0.2 0 8.8 5.3 0 1.5 1.9 9 | piece 15; small 5; medium 15; large 45; tablespoon 9 | veg plant | flavour | | jalapeno; jalapeño; serrano; serrano pepper; serrano chile; serranos; chili pepper; chile; red chilli; green chilli; hot pepper
cabbage-white | cabbage, white | raw | 25 0.1 0 5.8 3.2 0 2.5 1.3 18 | cup 89; cup(shredded) 70; leaf 23; head 900; piece 900; small 700; medium 900; large 1250 | veg plant | bulk wrapper | | cabbage; white cabbage; green cabbage; cabbage leaves; pointed cabbage; Weißkohl
cabbage-red | cabbage, red | raw | 31 0.2 0 7.4 3.8 0 2.1 1.4 27 | cup 89; leaf 23; head 850; piece 850; small 570; medium 850; large 1130 | veg plant | bulk | | red cabbage; Rotkohl; Blaukraut
cabbage-savoy | cabbage, savoy | raw | 27 0.1 0 6.1 2.3 0 3.1 2 28 | cup 70; head 900; leaf 23; piece 900 | veg plant | bulk wrapper | | savoy cabbage
chinese-cabbage | Chinese cabbage | raw | 16 0.2 0 3.2 1.4 0 1.2 1.2 9 | cup 76; head 840; leaf 20; piece 840 | veg plant | bulk | | napa cabbage; chinese leaf
pak-choi | pak choi | raw | 13 0.2 0 2.2 1.2 0 1 1.5 65 | cup 70; head 200; piece 200; leaf 14 | veg plant | bulk | | bok choy; pak choy
sauerkraut | sauerkraut, drained | drained | 19 0.1 0 4.3 1.8 0 2.9 0.9 661 | cup 142; tablespoon 9; can 400; jar 650 | veg plant | bulk flavour | | sauerkraut; fermented cabbage
brussels-sprouts | Brussels sprouts | raw | 43 0.3 0.1 9 2.2 0 3.8 3.4 25 | cup 88; piece 19 | veg plant | bulk | | brussels sprouts; sprouts
kale | kale | raw | 35 1.5 0.2 4.4 1 0 4.1 2.9 53 | cup 21; bunch 200; leaf 20; handful 20 | veg plant | bulk | | curly kale
chard | chard | raw | 19 0.2 0 3.7 1.1 0 1.6 1.8 213 | cup 36; bunch 300; leaf 48 | veg plant | bulk | | swiss chard; silverbeet; mangold
spinach | spinach | raw | 23 0.4 0.1 3.6 0.4 0 2.2 2.9 79 | cup 30; bunch 340; handful 25; leaf 10; bag 170 | veg plant | bulk | | baby spinach; fresh spinach; spinach leaves; Spinat
spinach-frozen | spinach, frozen | frozen | 29 0.6 0 4.2 0.7 0 2.9 3.6 74 | cup 156; package 284; bag 454; box 284 | veg plant | bulk | | frozen spinach; frozen chopped spinach
lettuce | lettuce | raw | 15 0.2 0 2.9 0.8 0 1.3 1.4 28 | cup 36; head 360; leaf 10; handful 25 | veg plant | bulk wrapper |  | green lettuce; leaf lettuce; butter lettuce; salad leaves; mixed greens; salad greens
rocket | rocket | raw | 25 0.7 0.1 3.7 2.1 0 1.6 2.6 27 | cup 20; handful 20; bunch 100 | veg plant | bulk | | arugula; rucola
cucumber | cucumber | raw | 15 0.1 0 3.6 1.7 0 0.5 0.7 2 | cup 104; small 158; medium 201; large 301; piece 250; slice 7 | veg plant | bulk | | cucumbers; english cucumber; Gurke
gherkin | gherkins, unsweetened | drained | 12 0.3 0 2.4 1.1 0 1 0.5 809 | cup 143; piece 40; small 20; medium 65; large 135; tablespoon 9; slice 7; spear 35 | veg plant | flavour topping | | dill pickle; pickled cucumber; gherkins; pickles; sour pickles; dill pickles; cornichons
courgette | courgette | raw | 17 0.3 0.1 3.1 2.5 0 1 1.2 8 | cup 124; small 118; medium 196; large 323; piece 196 | veg plant | bulk starch-base | | zucchini; summer squash; yellow squash; courgettes; zucchinis
aubergine | aubergine | raw | 25 0.2 0 5.9 3.5 0 3 1 2 | cup 82; small 300; medium 450; large 550; piece 450; slice 40 | veg plant | bulk | | eggplant; aubergines
cauliflower | cauliflower | raw | 25 0.3 0.1 5 1.9 0 2 1.9 30 | cup 107; small 265; head 575; medium 575; large 840; piece 575 | veg plant | bulk creaminess starch-base | | cauliflower florets; cauliflower rice; Blumenkohl
broccoli | broccoli | raw | 34 0.4 0 6.6 1.7 0 2.6 2.8 33 | cup 91; head 350; bunch 608; piece 350 | veg plant | bulk | | broccoli florets
green-beans | green beans | raw | 31 0.2 0.1 7 3.3 0 2.7 1.8 6 | cup 100; handful 60 | veg plant | bulk | | string beans; french beans; runner beans; haricots verts; snap beans; grüne Bohnen
asparagus | asparagus | raw | 20 0.1 0 3.9 1.9 0 2.1 2.2 2 | cup 134; spear 16; bunch 400; piece 16 | veg plant | bulk | | asparagus spears; white asparagus
mushroom | mushrooms | raw | 22 0.3 0.1 3.3 2 0 1 3.1 5 | cup 70; cup(whole) 96; piece 18; small 10; medium 18; large 23; handful 60 | veg plant | bulk | | mushroom; white mushrooms; button mushrooms; champignons; cremini mushrooms; chestnut mushrooms; brown mushrooms; portobello; oyster mushrooms; mixed mushrooms; Pilze
mushroom-dried | mushrooms, dried | dry | 296 1 0.2 75.4 2.2 0 11.5 9.6 13 | cup 25; tablespoon 1.6; handful 15; piece 3.6 | veg plant | flavour | | dried porcini; dried mushrooms; ceps dried; dried shiitake
beetroot | beetroot | raw | 43 0.2 0 9.6 6.8 0 2.8 1.6 78 | cup 136; small 60; medium 82; large 130; piece 82; bunch 350 | veg plant | bulk | | beet; beets; red beet; beetroots; Rote Bete
beetroot-cooked | beetroot, cooked | cooked | 44 0.2 0 10 8 0 2 1.7 77 | cup 170; piece 75; small 50; medium 75; large 110 | veg plant | bulk | | cooked beetroot; cooked beets; vacuum packed beetroot
turnip | turnip | raw | 28 0.1 0 6.4 3.8 0 1.8 0.9 67 | cup 130; small 61; medium 122; large 183; piece 122 | veg plant | bulk | | turnips; white turnip
swede | swede | raw | 37 0.2 0 8.6 4.5 0 2.3 1.1 12 | cup 140; piece 450; small 190; medium 386; large 770 | veg plant | bulk | | rutabaga; neep
kohlrabi | kohlrabi | raw | 27 0.1 0 6.2 2.6 0 3.6 1.7 20 | cup 135; piece 250; small 150; medium 250; large 400 | veg plant | bulk | | turnip cabbage
fennel-bulb | fennel bulb | raw | 31 0.2 0.1 7.3 3.9 0 3.1 1.2 52 | cup 87; piece 234; bulb 234; medium 234 | veg plant | bulk flavour | | fennel; fennel bulbs
radish | radishes | raw | 16 0.1 0 3.4 1.9 0 1.6 0.7 39 | cup 116; piece 4.5; bunch 150; medium 4.5; large 9 | veg plant | bulk topping | | radish; red radishes
horseradish | horseradish, grated, plain | raw | 48 0.7 0.1 11.3 8 0 3.3 1.2 420 | teaspoon 5; tablespoon 15 | veg plant | flavour | | horseradish; prepared horseradish; fresh horseradish
pumpkin | pumpkin | raw | 26 0.1 0.1 6.5 2.8 0 0.5 1 1 | cup 116; piece 2000 | veg plant | bulk | | fresh pumpkin; Kürbis
pumpkin-puree | pumpkin purée, canned, plain | canned | 34 0.3 0.1 8.1 3.3 0 2.9 1.1 5 | cup 245; can 425; tablespoon 15 | veg plant | bulk fat | | pumpkin puree; canned pumpkin; solid pack pumpkin
squash-winter | winter squash | raw | 45 0.1 0 11.7 2.2 0 2 1 4 | cup 140; piece 900; small 600; medium 900; large 1400 | starchy plant | bulk starch-base | | butternut squash; butternut; acorn squash; hokkaido; kabocha
potato | potato | raw | 77 0.1 0 17.5 0.8 0 2.1 2.1 6 | cup 150; small 170; medium 213; large 369; piece 213 | starchy plant | starch-base |  | potatoes; waxy potatoes; floury potatoes; russet potatoes; baking potatoes; yukon potatoes; peeled potatoes; Kartoffel; Kartoffeln
potato-boiled | potato, boiled | cooked | 86 0.1 0 20 0.9 0 1.8 1.7 5 | cup 156; small 125; medium 167; large 300; piece 167 | starchy plant | starch-base | | boiled potatoes; cooked potatoes; cooked potato
sweet-potato | sweet potato | raw | 86 0.1 0 20.1 4.2 0 3 1.6 55 | cup 133; small 60; medium 130; large 200; piece 130 | starchy plant | starch-base | | sweet potatoes; kumara; yam orange
parsnip | parsnip | raw | 75 0.3 0.1 18 4.8 0 4.9 1.2 10 | cup 133; small 80; medium 130; large 180; piece 130 | starchy plant | bulk starch-base | | parsnips
parsley-root | parsley root | raw | 55 0.6 0.1 12 5 0 4 2 30 | cup 130; piece 80; small 50; medium 80; large 120 | veg plant | bulk flavour | | root parsley; hamburg parsley
peas-frozen | peas, frozen | frozen | 77 0.4 0.1 13.6 5 0 4.5 5.2 108 | cup 134; bag 454; package 284; handful 40 | starchy plant | bulk | | frozen peas; green peas; garden peas; peas; petits pois; Erbsen
sweetcorn | sweetcorn kernels | raw | 86 1.4 0.3 18.7 6.3 0 2 3.3 15 | cup 145; ear 90; piece 90; cob 90 | starchy plant | bulk | | corn; corn kernels; fresh corn; corn on the cob; sweet corn; maize kernels | specific factors of Agriculture Handbook 74 give fresh maize less energy per gram
sweetcorn-canned | sweetcorn, canned, drained | drained | 67 1.2 0.2 14.3 4.4 0 2 2.3 205 | cup 164; can 250 | starchy plant | bulk | | canned corn; tinned sweetcorn; canned sweetcorn; canned whole kernel corn; whole kernel corn; Mais
sweetcorn-frozen | sweetcorn, frozen | frozen | 88 0.8 0.1 20.7 2.5 0 2.1 3 3 | cup 136; bag 340; package 284 | starchy plant | bulk | | frozen corn; frozen sweetcorn
vegetables-mixed-frozen | mixed vegetables, frozen | frozen | 64 0.5 0.1 13.5 3.1 0 4 3.3 47 | cup 140; package 284; bag 454 | starchy plant | bulk | | frozen mixed vegetables; mixed vegetables; peas and carrots; frozen vegetables
sweetcorn-cream | sweetcorn, cream style, canned | canned | 72 0.4 0.1 18.1 3.2 1 1.2 1.7 260 | cup 256; can 418 | starchy plant addedsugar | creaminess bulk | | cream style corn; creamed corn; cream-style corn
hash-browns | hash browns, frozen, plain | frozen | 82 0.6 0.1 17.7 0.2 0 1.4 2.1 22 | cup 105; package 850; bag 850 | starchy plant | starch-base | | hash browns; hash brown potatoes; frozen hash browns; shredded hash browns
artichoke-hearts | artichoke hearts, in water, drained | drained | 35 0.2 0 7.5 0.9 0 4.5 2 250 | cup 168; can 240; piece 20 | veg plant | bulk | | artichoke hearts; canned artichokes
bean-sprouts | bean sprouts | raw | 30 0.2 0 5.9 4.1 0 1.8 3 6 | cup 104; handful 50 | veg plant | bulk | | mung bean sprouts; beansprouts
parsley | parsley | raw | 36 0.8 0.1 6.3 0.9 0 3.3 3 56 | cup 60; tablespoon 3.8; sprig 1; bunch 60; handful 15; teaspoon 1.3 | veg plant | flavour topping | | fresh parsley; flat-leaf parsley; parsley leaves; fresh herbs; herbs; mixed fresh herbs; tender herbs; chervil; tarragon; Petersilie
coriander-leaf | coriander leaf | raw | 23 0.5 0 3.7 0.9 0 2.8 2.1 46 | cup 16; tablespoon 1; sprig 2; bunch 60; handful 10 | veg plant | flavour topping | | cilantro; fresh coriander; coriander leaves; fresh cilantro
dill | dill | raw | 43 1.1 0.1 7 0 0 2.1 3.5 61 | cup 9; cup(chopped) 16; tablespoon 1; sprig 0.5; bunch 30; handful 8 | veg plant | flavour topping | | fresh dill; dill weed
chives | chives | raw | 30 0.7 0.1 4.4 1.9 0 2.5 3.3 3 | cup 48; tablespoon 3; bunch 25; teaspoon 1 | veg plant | flavour topping | | fresh chives; Schnittlauch
basil | basil | raw | 23 0.6 0 2.7 0.3 0 1.6 3.2 4 | cup 24; cup(chopped) 42; tablespoon 2.6; leaf 0.5; bunch 40; sprig 2; handful 10 | veg plant | flavour topping | | fresh basil; basil leaves; Basilikum
thyme-fresh | thyme, fresh | raw | 101 1.7 0.5 24.5 1.7 0 14 5.6 9 | tablespoon 2.4; teaspoon 0.8; sprig 1; bunch 20 | veg plant | flavour | | fresh thyme; thyme sprigs; thyme; Thymian
rosemary-fresh | rosemary, fresh | raw | 131 5.9 2.8 20.7 0 0 14.1 3.3 26 | tablespoon 1.7; teaspoon 0.7; sprig 2 | veg plant | flavour | | fresh rosemary; rosemary
mint-fresh | mint, fresh | raw | 44 0.7 0.2 8.4 0 0 6.8 3.3 30 | cup 25; tablespoon 1.6; sprig 1; bunch 30; leaf 0.1; handful 10 | veg plant | flavour topping | | fresh mint; mint leaves; mint
sugar-snap-peas | sugar snap peas | raw | 42 0.2 0 7.6 4 0 2.6 2.8 4 | cup 98; handful 60 | veg plant | bulk | | snow peas; sugar peas; mangetout; snap peas
okra | okra | raw | 33 0.2 0 7.5 1.5 0 3.2 1.9 7 | cup 100; piece 12 | veg plant | bulk thickener | | okra pods; frozen okra
watercress | watercress | raw | 11 0.1 0 1.3 0.2 0 0.5 2.3 41 | cup 34; bunch 100; handful 25 | veg plant | bulk | | cress; lamb's lettuce
endive | endive | raw | 17 0.2 0 3.4 0.3 0 3.1 1.3 22 | cup 50; head 150; piece 150 | veg plant | bulk | | chicory; escarole; radicchio; belgian endive
collard-greens | collard greens | raw | 32 0.6 0.1 5.4 0.5 0 4 3 17 | cup 36; bunch 250 | veg plant | bulk | | collards; spring greens; turnip greens; mustard greens; beet greens; greens
water-chestnuts | water chestnuts, canned, drained | drained | 50 0.1 0 12.3 2.3 0 2.5 0.9 8 | cup 140; can 140 | veg plant | crunch bulk | | water chestnuts; sliced water chestnuts; bamboo shoots
peppers-roasted | roasted peppers, in brine, drained | drained | 28 0.3 0 5 3.5 0 1.7 0.9 300 | cup 140; jar 210; piece 50 | veg plant | flavour topping | | roasted red peppers; jarred roasted peppers; pimientos; pimento
green-chillies-canned | green chillies, canned | canned | 21 0.3 0 4.6 2 0 1.7 0.7 397 | can 113; tablespoon 15; cup 240 | veg plant | flavour | | diced green chiles; canned green chiles; green chiles; chopped green chilies
tomatoes-sundried | tomatoes, sun-dried | dry | 258 3 0.4 55.8 37.6 0 12.3 14.1 107 | cup 54; piece 2; tablespoon 3.4 | veg plant | flavour | | sun-dried tomatoes; sundried tomatoes; dried tomatoes
tomatoes-sundried-oil | tomatoes, sun-dried, in oil, drained | drained | 213 14.1 1.9 23.3 12 0 5.8 5.1 266 | cup 110; tablespoon 7; piece 3 | veg plant addedfat | flavour | | sun-dried tomatoes in oil; oil-packed sun-dried tomatoes
coleslaw-mix | coleslaw mix, undressed | raw | 27 0.1 0 6.2 3.5 0 2.4 1.2 24 | cup 70; bag 397 | veg plant | bulk | | coleslaw mix; shredded cabbage mix; slaw mix; broccoli slaw
stir-fry-vegetables | stir-fry vegetables, frozen, plain | frozen | 35 0.2 0 6.5 3 0 2.6 2 20 | cup 110; bag 340 | veg plant | bulk | | frozen stir-fry vegetables; stir-fry vegetables; soup greens; soup vegetables
plantain | plantain | raw | 122 0.4 0.1 31.9 15 0 2.3 1.3 4 | cup 148; piece 179; medium 179 | starchy plant | starch-base | | plantains; green plantain
chips-frozen | oven chips, frozen | frozen | 147 4.7 0.9 24.8 0.4 0 2.2 2.3 300 | cup 100; handful 60; bag 750 | starchy plant addedfat | starch-base |  | french fries; frozen french fries; oven fries; frozen fries; potato wedges
potato-flakes | mashed potato flakes | dry | 354 0.4 0.1 81.2 3.4 0 6.6 8.3 107 | cup 60; tablespoon 4; packet 113 | starchy plant | thickener starch-base | sulphites | instant mashed potatoes; mashed potato powder; potato flakes; dried potato
seaweed | seaweed, dried | dry | 188 1.3 0.3 44 0 0 36 30 1500 | sheet 2.5; tablespoon 2 | veg plant | flavour | | nori; nori sheets; dried seaweed | fibre-rich: algal fibre
lettuce-romaine | romaine lettuce | raw | 17 0.3 0 3.3 1.2 0 2.1 1.2 8 | cup 47; head 600; leaf 20; heart 180; handful 25 | veg plant | bulk wrapper | | romaine; cos lettuce; romaine hearts; cos
lettuce-iceberg | iceberg lettuce | raw | 14 0.1 0 3 2 0 1.2 0.9 10 | cup 72; head 540; leaf 15; wedge 130 | veg plant | bulk wrapper | | iceberg; crisphead lettuce
squash-spaghetti | spaghetti squash | raw | 31 0.6 0.1 6.9 2.8 0 1.5 0.6 17 | cup 101; piece 1000; medium 1000 | veg plant | bulk starch-base | | vegetable spaghetti; spaghetti squash strands
jicama | jicama | raw | 38 0.1 0 8.8 1.8 0 4.9 0.7 4 | cup 120; piece 650 | veg plant | bulk crunch | | yam bean; mexican turnip
daikon | daikon | raw | 18 0.1 0 4.1 2.5 0 1.6 0.6 21 | cup 116; piece 340 | veg plant | bulk crunch | | mooli; white radish; daikon radish
tomatillo | tomatillos | raw | 32 1 0.1 5.8 3.9 0 1.9 1 1 | cup 132; piece 34; medium 34 | veg plant | bulk flavour | | tomatillo; husk tomatoes
poblano | poblano pepper | raw | 20 0.2 0.1 4.6 2.4 0 1.7 0.9 3 | piece 64; medium 64; cup 120 | veg plant | bulk flavour | | poblano; poblano peppers; poblanos; anaheim pepper; banana pepper
green-beans-canned | green beans, canned, drained | drained | 24 0.4 0.1 4.3 1 0 2.2 1.1 231 | cup 135; can 240 | veg plant | bulk | | canned green beans; can green beans; canned french beans
mushrooms-canned | mushrooms, canned, drained | drained | 25 0.3 0 5.1 2.3 0 2.4 1.9 425 | cup 156; can 113 | veg plant | bulk flavour | | canned mushrooms; can mushrooms; tinned mushrooms; mushroom pieces canned
baby-corn | baby corn, canned, drained | drained | 27 0.3 0.1 4.5 1.5 0 2.2 2 240 | cup 130; can 225; piece 8 | veg plant | bulk | | baby corn; baby sweetcorn; canned baby corn
kimchi | kimchi | as is | 15 0.5 0.1 2.4 1.1 0.5 1.6 1.1 498 | cup 150; tablespoon 10 | veg plant | flavour bulk | fish crustaceans | kimchee
potato-baby | baby potatoes | raw | 74 0.1 0 16.6 0.9 0 1.9 2 6 | piece 40; small 30; cup 150 | starchy plant | bulk starch-base | | new potatoes; fingerling potatoes; fingerlings; salad potatoes; baby potato; small new potatoes
potato-nuggets | potato nuggets, frozen | frozen | 178 8.7 1.6 24.8 0.4 0 2 2 430 | piece 9; cup 128; bag 800 | starchy plant addedfat | starch-base crunch | | potato nuggets; potato puffs; tater puffs; potato tots
chips-sweet-potato | sweet potato fries, frozen | frozen | 160 6 0.8 25 8 1 3.5 1.7 200 | cup 100; handful 60; bag 500 | starchy plant addedfat | starch-base | | sweet potato fries; sweet potato chips frozen
artichokes-marinated | artichoke hearts, marinated, drained | drained | 90 6.5 0.9 8 1 0 4 2 500 | cup 150; jar 170; piece 15 | veg plant addedfat | bulk flavour | | marinated artichoke hearts; marinated artichokes; artichokes in oil
hearts-of-palm | hearts of palm, canned, drained | drained | 28 0.6 0.1 4.6 0 0 2.4 2.5 426 | cup 146; can 240; piece 33 | veg plant | bulk | | hearts of palm; palm hearts; heart of palm
pumpkin-pie-filling | pumpkin pie filling | canned | 104 0.1 0.1 26.4 20 18 8.3 1.1 208 | cup 270; can 850 | veg plant addedsugar | bulk sweetness | | pumpkin pie mix; canned pumpkin pie filling | fibre gives less
`;
