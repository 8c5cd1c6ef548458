/** Fruit, fruit juice and dried fruit. Columns: see read-food-table.ts. */
export const fruit = `
apple | apple | raw | 52 0.2 0 13.8 10.4 0 2.4 0.3 1 | cup 125; small 149; medium 182; large 223; piece 182; slice 20 | fruit plant | bulk sweetness | | apples; tart apple; cooking apple; green apple; eating apple; Apfel; Äpfel
pear | pear | raw | 57 0.1 0 15.2 9.8 0 3.1 0.4 1 | cup 140; small 148; medium 178; large 230; piece 178 | fruit plant | bulk sweetness | | pears; Birnen
banana | banana | raw | 89 0.3 0.1 22.8 12.2 0 2.6 1.1 1 | cup 150; cup(mashed) 225; small 101; medium 118; large 136; piece 118 | fruit plant | sweetness fat | | bananas; ripe banana; overripe banana; Bananen
plum | plum | raw | 46 0.3 0 11.4 9.9 0 1.4 0.7 0 | cup 165; piece 66; small 45; medium 66; large 85 | fruit plant | bulk topping | | plums; damson; italian plum; prune plums; Pflaumen; Zwetschgen
cherry-sour | sour cherries | raw | 50 0.3 0.1 12.2 8.5 0 1.6 1 3 | cup 155; piece 7; handful 60 | fruit plant | bulk topping | | sour cherries; tart cherries; morello cherries
cherry-sweet | sweet cherries | raw | 63 0.2 0 16 12.8 0 2.1 1.1 0 | cup 154; piece 8; handful 70 | fruit plant | bulk topping | | cherries; sweet cherry; dark cherries
cherries-in-juice | cherries in juice | canned | 54 0 0 13.8 12.3 0 1.5 0.9 3 | cup 250; jar 680; can 425 | fruitinjuice plant | bulk topping | | cherries in juice; canned cherries in juice
cherries-in-syrup | cherries in syrup | canned | 83 0.2 0 21.1 19.6 9 1.5 0.7 3 | cup 253; jar 680; can 425 | fruit plant addedsugar | bulk topping | | cherries in syrup; canned cherries
apricot | apricot | raw | 48 0.4 0 11.1 9.2 0 2 1.4 1 | cup 155; piece 35; medium 35 | fruit plant | bulk topping | | apricots
peach | peach | raw | 39 0.3 0 9.5 8.4 0 1.5 0.9 0 | cup 154; small 130; medium 150; large 175; piece 150 | fruit plant | bulk topping | | peaches; nectarine; nectarines
peaches-in-juice | peaches in juice | canned | 44 0 0 11.6 10.3 0 1.3 0.6 4 | cup 250; can 411 | fruitinjuice plant | bulk topping | | peaches in juice; canned peaches in juice
peaches-in-syrup | peaches in syrup | canned | 74 0.1 0 19.9 18.6 9 1.3 0.5 6 | cup 262; can 425 | fruit plant addedsugar | bulk topping | | peaches in syrup; canned peaches
strawberry | strawberries | raw | 32 0.3 0 7.7 4.9 0 2 0.7 1 | cup 152; piece 12; small 7; medium 12; large 18; pint 357; handful 75 | fruit plant | bulk topping | | strawberry; fresh strawberries; frozen strawberries; Erdbeeren
raspberry | raspberries | raw | 52 0.7 0 11.9 4.4 0 6.5 1.2 1 | cup 123; piece 2; pint 312; handful 50 | fruit plant | bulk topping | | raspberry; frozen raspberries; Himbeeren
blueberry | blueberries | raw | 57 0.3 0 14.5 10 0 2.4 0.7 1 | cup 148; pint 344; handful 50 | fruit plant | bulk topping | | blueberry; bilberries; frozen blueberries; fresh blueberries
blackcurrant | currants, black or red, fresh | raw | 56 0.2 0 13.8 7.4 0 4.3 1.4 1 | cup 112; handful 50 | fruit plant | topping | | redcurrants; blackcurrants; red currants
cranberry | cranberries | raw | 46 0.1 0 12 4.3 0 3.6 0.5 2 | cup 100; bag 340 | fruit plant | flavour | | fresh cranberries; frozen cranberries
grape | grapes | raw | 69 0.2 0.1 18.1 15.5 0 0.9 0.7 2 | cup 151; piece 5; handful 80 | fruit plant | topping | | red grapes; green grapes; seedless grapes
orange | orange | raw | 47 0.1 0 11.8 9.4 0 2.4 0.9 0 | cup 180; small 96; medium 131; large 184; piece 131 | fruit plant | flavour |  | oranges
lemon | lemon | raw | 29 0.3 0 9.3 2.5 0 2.8 1.1 2 | piece 58; small 50; medium 58; large 84; slice 8; wedge 10 | fruit plant | flavour | | lemons; lemon wedges; lemon slices; Zitrone | organic acid: citric acid is counted as carbohydrate and yields less
lemon-juice | lemon juice | as is | 22 0.2 0 6.9 2.5 0 0.3 0.4 1 | cup 244; tablespoon 15; teaspoon 5; piece 47; small 38; medium 47; large 60; splash 5; squeeze 5 | citrusjuice plant | flavour | | fresh lemon juice; juice of lemon; lemon juice and zest; lemon zest and juice; Zitronensaft | organic acid: citric acid is counted as carbohydrate and yields less
lime-juice | lime juice | as is | 25 0.1 0 8.4 1.7 0 0.4 0.4 2 | cup 246; tablespoon 15; teaspoon 5; piece 30; medium 30; large 38; squeeze 5 | citrusjuice plant | flavour | | fresh lime juice; juice of lime; lime juice and zest; lime zest and juice | organic acid: citric acid is counted as carbohydrate and yields less
lime | lime | raw | 30 0.2 0 10.5 1.7 0 2.8 0.7 2 | piece 67; medium 67; wedge 8; slice 6 | fruit plant | flavour | | limes; lime wedges | organic acid: citric acid is counted as carbohydrate and yields less
lemon-zest | lemon zest | raw | 47 0.3 0 16 4.2 0 10.6 1.5 6 | tablespoon 6; teaspoon 2; piece 6; small 5; medium 6; large 8 | fruit plant | flavour | | lemon peel; grated lemon peel; lemon rind; lime zest; orange zest; orange peel
pineapple | pineapple | raw | 50 0.1 0 13.1 9.9 0 1.4 0.5 1 | cup 165; slice 84; piece 905; medium 905 | fruit plant | bulk topping | | fresh pineapple; pineapple chunks
pineapple-in-juice | pineapple in juice | canned | 60 0.1 0 15.7 14.5 0 0.8 0.4 1 | cup 249; slice 47; can 567 | fruitinjuice plant | bulk topping | | pineapple in juice; canned pineapple; crushed pineapple; pineapple tidbits; crushed pineapple in juice; crushed pineapple; pineapple chunks in juice; canned pineapple in juice
mango | mango | raw | 60 0.4 0.1 15 13.7 0 1.6 0.8 1 | cup 165; piece 200; medium 200 | fruit plant | topping | | mangoes; mangos
melon | melon | raw | 34 0.2 0.1 8.2 7.9 0 0.9 0.8 16 | cup 160; wedge 69; slice 69; piece 800 | fruit plant | topping | | cantaloupe; honeydew; watermelon
rhubarb | rhubarb | raw | 21 0.2 0.1 4.5 1.1 0 1.8 0.9 4 | cup 122; stalk 51; piece 51 | veg plant | bulk | | rhubarb stalks
avocado | avocado | raw | 160 14.7 2.1 8.5 0.7 0 6.7 2 7 | cup 150; piece 150; small 110; medium 150; large 200; tablespoon 14; slice 15 | fattyfruit plant | fat creaminess topping | | avocados; avocado flesh
olives | olives, drained | drained | 130 13 1.7 5 0.2 0 3 0.9 900 | cup 135; tablespoon 8.4; piece 4; small 3; large 4.4; handful 30 | fattyfruit plant | flavour topping | | black olives; green olives; kalamata olives; pitted olives; olives; olive
applesauce | applesauce, unsweetened | canned | 42 0.1 0 11.3 9.4 0 1.1 0.2 2 | cup 244; tablespoon 15; jar 680 | fruitpuree plant | fat sweetness | | applesauce; unsweetened applesauce; apple puree; apple sauce
raisins | raisins | dry | 299 0.5 0.1 79.2 59.2 0 3.7 3.1 11 | cup 145; tablespoon 9; handful 30; box 43; piece 0.5 | driedfruit plant | sweetness topping | sulphites | sultanas; currants dried; golden raisins; Rosinen
prunes | prunes | dry | 240 0.4 0.1 63.9 38.1 0 7.1 2.2 2 | cup 174; piece 9.5 | driedfruit plant | sweetness | | dried plums; pitted prunes
apricots-dried | apricots, dried | dry | 241 0.5 0 62.6 53.4 0 7.3 3.4 10 | cup 130; piece 8 | driedfruit plant | sweetness | sulphites | dried apricots
dates | dates, dried | dry | 282 0.4 0 75 63.4 0 8 2.5 2 | cup 147; piece 8; medium 8; large 24 | driedfruit plant | sweetness | | dates; pitted dates
cranberries-dried | cranberries, dried, sweetened | dry | 308 1.1 0.1 82.8 72.6 65 5.3 0.2 5 | cup 120; tablespoon 8; handful 30 | driedfruit plant addedsugar | sweetness topping | | dried cranberries
apple-juice | apple juice | as is | 46 0.1 0 11.3 9.6 0 0.2 0.1 4 | cup 248; tablespoon 15.5; glass 200 | juice drink plant | flavour sweetness | | cloudy apple juice; apple cider sweet; apple cider; cider
orange-juice | orange juice | as is | 45 0.2 0 10.4 8.4 0 0.2 0.7 1 | cup 248; tablespoon 15.5; glass 200; piece 86; medium 86 | juice drink plant | flavour sweetness | | fresh orange juice; juice of orange
kiwi | kiwi fruit | raw | 61 0.5 0 14.7 9 0 3 1.1 3 | piece 69; cup 180 | fruit plant | topping | | kiwi; kiwis; kiwifruit
grapefruit | grapefruit | raw | 42 0.1 0 10.7 6.9 0 1.6 0.8 0 | piece 246; cup 230; medium 246 | fruit plant | topping | | grapefruits; pomelo
pomegranate | pomegranate seeds | raw | 83 1.2 0.1 18.7 13.7 0 4 1.7 3 | cup 174; tablespoon 11; piece 282 | fruit plant | topping | | pomegranate; pomegranate arils
fig | figs | raw | 74 0.3 0.1 19.2 16.3 0 2.9 0.8 1 | piece 50; small 40; medium 50; large 64 | fruit plant | topping | | fig; fresh figs
fig-dried | figs, dried | dry | 249 0.9 0.1 63.9 47.9 0 9.8 3.3 10 | cup 149; piece 8.4 | driedfruit plant | sweetness | | dried figs; dried fig
blackberry | blackberries | raw | 43 0.5 0 9.6 4.9 0 5.3 1.4 1 | cup 144; handful 50 | fruit plant | topping | | blackberry; frozen blackberries
berries-mixed | berries, mixed, frozen | frozen | 52 0.4 0 12.2 7 0 3.7 0.9 1 | cup 140; bag 454 | fruit plant | topping | | mixed berries; frozen berries; frozen mixed berries; berries
papaya | papaya | raw | 43 0.3 0.1 10.8 7.8 0 1.7 0.5 8 | cup 145; piece 300 | fruit plant | topping | | pawpaw
mandarins-canned | mandarins in light syrup, drained | drained | 61 0.1 0 16.2 15.5 6 0.7 0.5 6 | cup 189; can 170 | fruit plant addedsugar | topping | | mandarin oranges canned; canned mandarin oranges
pie-filling-cherry | cherry pie filling | canned | 115 0.1 0 28 22 18 0.6 0.4 18 | cup 264; can 595; tablespoon 16 | plant addedsugar | sweetness topping | | cherry pie filling; apple pie filling; blueberry pie filling; pie filling
pie-filling-light | fruit pie filling, no added sugar | canned | 53 0.1 0 12 8.5 0 1 0.8 12 | cup 264; can 567 | fruitinjuice plant | sweetness topping | | no-sugar-added pie filling; light cherry pie filling; sugar-free pie filling
pears-in-juice | pears in juice | canned | 50 0.1 0 12.9 9.7 0 1.6 0.3 4 | cup 248; can 411; half 76 | fruitinjuice plant | sweetness bulk | | canned pears in juice; tinned pears in juice
fruit-cocktail-juice | fruit cocktail in juice | canned | 46 0 0 11.9 10.9 0 1 0.5 4 | cup 237; can 411 | fruitinjuice plant | sweetness | | fruit cocktail; canned fruit cocktail
mandarins-in-juice | mandarins in juice | canned | 37 0 0 9.6 8.9 0 0.7 0.6 5 | cup 249; can 312; pot 113 | fruitinjuice plant | sweetness | | mandarin cup; mandarin oranges in juice; mandarin fruit cup; canned mandarins in juice
mandarin | mandarin | raw | 53 0.3 0 13.3 10.6 0 1.8 0.8 2 | piece 76; small 70; medium 88; cup 195 | fruit plant | sweetness | | tangerine; clementine; mandarins; satsuma; clementines; tangerines
mango-dried | mango, dried | dry | 319 1.2 0.3 78.6 66.3 0 2.4 2.5 162 | piece 15; cup 160; handful 30 | driedfruit plant | sweetness | sulphites | dried mango; mango slices dried
lychee | lychees | raw | 66 0.4 0.1 16.5 15.2 0 1.3 0.8 1 | piece 10; cup 190 | fruit plant | sweetness | | lychee; litchi
apple-dried | apples, dried | dry | 243 0.3 0.1 65.9 57.2 0 8.7 0.9 87 | cup 86; piece 6; handful 20 | driedfruit plant | sweetness | sulphites | dried apple; dried apples; apple rings; apple chips; dried apple rings
`;
