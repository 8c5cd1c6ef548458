/** Milk, cream, cultured dairy and cheese. Columns: see read-food-table.ts. */
export const dairy = `
milk-whole | milk, whole | as is | 61 3.3 1.9 5.1 5.1 0 0 3.2 43 | cup 244; tablespoon 15.3; glass 200; splash 15 | dairy drink | creaminess | milk | milk; whole milk; full-fat milk; full cream milk; 3.5% milk
milk-2 | milk, 2 % fat | as is | 50 2 1.3 5.1 5.1 0 0 3.3 47 | cup 244; tablespoon 15.3; glass 200; splash 15 | dairy drink | creaminess | milk | semi-skimmed milk; reduced-fat milk; 2% milk; 2 percent milk
milk-1 | milk, 1 % fat | as is | 42 1 0.6 5.2 5.2 0 0 3.4 44 | cup 244; tablespoon 15.3; glass 200; splash 15 | dairy drink | creaminess | milk | low-fat milk; 1% milk; 1.5% milk; lowfat milk
milk-skim | milk, skimmed | as is | 34 0.1 0.1 5.1 5.1 0 0 3.4 42 | cup 245; tablespoon 15.3; glass 200; splash 15 | dairy drink | creaminess | milk | skim milk; skimmed milk; nonfat milk; fat-free milk
milk-evaporated | evaporated milk, whole | canned | 134 7.6 4.6 10 10 0 0 6.8 106 | cup 252; tablespoon 15.8; can 354 | dairy drink | creaminess | milk | evaporated milk
milk-evaporated-skim | evaporated milk, skimmed | canned | 78 0.2 0.1 11.4 11.4 0 0 7.6 115 | cup 256; tablespoon 16; can 354 | dairy drink | creaminess | milk | evaporated skimmed milk; evaporated skim milk; fat-free evaporated milk; nonfat evaporated milk
milk-condensed | condensed milk, sweetened | canned | 321 8.7 5.5 54.4 54.4 43 0 7.9 127 | cup 306; tablespoon 19; can 397 | dairy addedsugar | sweetness creaminess | milk | sweetened condensed milk; condensed milk
milk-powder-skim | milk powder, skimmed | dry | 362 0.8 0.5 52 52 0 0 36.2 535 | cup 120; tablespoon 7.5 | dairy | creaminess | milk | skim milk powder; nonfat dry milk; dry milk; milk powder
cream-heavy | cream, heavy | as is | 340 36.1 23 2.9 2.9 0 0 2.8 27 | cup 238; tablespoon 15; splash 15 | dairy | creaminess fat | milk | heavy cream; whipping cream; double cream; heavy whipping cream; whipped cream; cream
cream-light | cream, light | as is | 191 19.1 12 3.7 3.7 0 0 3 72 | cup 240; tablespoon 15; splash 15 | dairy | creaminess | milk | light cream; single cream; coffee cream; cooking cream
cream-half | half cream half milk | as is | 131 11.5 7 4.3 4.1 0 0 3.1 61 | cup 242; tablespoon 15; splash 15 | dairy | creaminess | milk | half and half; half-and-half; half cream
cream-sour | soured cream | as is | 198 19.4 10.1 4.6 3.4 0 0 2.4 31 | cup 230; tablespoon 12; dollop 25 | dairy | creaminess topping | milk | sour cream; soured cream; smetana; full-fat sour cream
cream-sour-light | soured cream, light | as is | 136 10.6 6.6 7.1 0.2 0 0 3.5 83 | cup 230; tablespoon 12; dollop 25 | dairy | creaminess topping | milk | light sour cream; reduced-fat sour cream; low-fat sour cream
cream-sour-fatfree | soured cream, fat-free | as is | 74 0 0 15.6 0.4 0 0 3.1 141 | cup 230; tablespoon 12; dollop 25 | dairy | creaminess topping | milk | fat-free sour cream; nonfat sour cream
creme-fraiche | crème fraîche | as is | 292 30 20 2.5 2.5 0 0 2.3 30 | cup 230; tablespoon 14; dollop 25 | dairy | creaminess topping | milk | creme fraiche
yogurt-whole | yogurt, plain, whole | as is | 61 3.3 2.1 4.7 4.7 0 0 3.5 46 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy | creaminess | milk | plain yogurt; natural yogurt; whole-milk yogurt; yoghurt; yogurt
yogurt-lowfat | yogurt, plain, low-fat | as is | 63 1.6 1 7 7 0 0 5.3 70 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy | creaminess | milk | low-fat yogurt; low-fat plain yogurt; lowfat yogurt
yogurt-fatfree | yogurt, plain, fat-free | as is | 56 0.2 0.1 7.7 7.7 0 0 5.7 77 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy cultured0 | creaminess fat | milk | fat-free yogurt; nonfat yogurt; plain nonfat yogurt; nonfat plain yogurt; fat-free plain yogurt
yogurt-greek-fatfree | strained yogurt, plain, fat-free | as is | 59 0.4 0.1 3.6 3.2 0 0 10.2 36 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy cultured0 | creaminess topping binder | milk | greek yogurt; nonfat greek yogurt; plain nonfat greek yogurt; fat-free greek yogurt; strained yogurt; skyr
yogurt-greek-whole | strained yogurt, plain, whole | as is | 97 5 2.4 4 4 0 0 9 35 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy | creaminess topping | milk | whole-milk greek yogurt; full-fat greek yogurt; whole greek yogurt
yogurt-fruit | yogurt, fruit, low-fat | as is | 99 1.1 0.7 19 19 12 0 4 53 | cup 245; pot 150 | dairy addedsugar | sweetness | milk | fruit yogurt; flavored yogurt
quark-fatfree | quark, fat-free | as is | 67 0.2 0.1 4 4 0 0 12 40 | cup 245; tablespoon 16; tub 500 | dairy cultured0 | creaminess binder | milk | low-fat quark; fat-free quark; lean quark; skim quark; magerquark; fat-free curd cheese
quark-20 | curd cheese, 20 % fat in dry matter | as is | 109 4.6 3 3.4 3.4 0 0 12.5 40 | cup 245; tablespoon 16; tub 250 | dairy | creaminess binder | milk | curd cheese; quark; half-fat quark; farmer cheese; pot cheese; tvorog
quark-40 | curd cheese, 40 % fat in dry matter | as is | 159 11.4 7.5 3.3 3.3 0 0 11 38 | cup 245; tablespoon 16; tub 250 | dairy | creaminess | milk | full-fat quark; cream quark; full-fat curd cheese
buttermilk-lowfat | buttermilk, low-fat | as is | 40 0.9 0.5 4.8 4.8 0 0 3.3 190 | cup 245; tablespoon 15.3; glass 200 | dairy drink | creaminess | milk | buttermilk; low-fat buttermilk
cottage-cheese | cottage cheese, 4 % | as is | 98 4.3 1.7 3.4 2.7 0 0 11.1 364 | cup 225; tablespoon 14; tub 450 | dairy | protein creaminess | milk | cottage cheese; creamed cottage cheese
cottage-cheese-lowfat | cottage cheese, 1 % | as is | 72 1 0.6 2.7 2.7 0 0 12.4 406 | cup 226; tablespoon 14; tub 450 | dairy | protein creaminess | milk | low-fat cottage cheese; 1% cottage cheese
cottage-cheese-fatfree | cottage cheese, fat-free | as is | 72 0.3 0.2 6.7 1.9 0 0 10.3 372 | cup 226; tablespoon 14; tub 450 | dairy cultured0 | protein creaminess | milk | fat-free cottage cheese; nonfat cottage cheese
cream-cheese | cream cheese | as is | 350 34.4 20.2 5.5 3.8 0 0 6.2 314 | cup 232; tablespoon 14.5; package 227; block 227 | dairy | creaminess | milk | cream cheese; full-fat cream cheese; soft cheese
cream-cheese-light | cream cheese, reduced fat | as is | 208 15.3 9 8.1 5.9 0 0 7.8 359 | cup 240; tablespoon 15; package 227 | dairy | creaminess | milk | light cream cheese; reduced-fat cream cheese; neufchatel; low-fat cream cheese; light soft cheese
cream-cheese-fatfree | cream cheese, fat-free | as is | 105 1 0.6 7.7 5.5 0 0 15.7 702 | cup 240; tablespoon 15; package 227 | dairy | creaminess | milk | fat-free cream cheese; nonfat cream cheese
ricotta | ricotta, whole milk | as is | 174 13 8.3 3 0.3 0 0 11.3 84 | cup 246; tablespoon 15.5; tub 425 | dairy | creaminess | milk | ricotta; whole milk ricotta; ricotta cheese
ricotta-part-skim | ricotta, part skim | as is | 138 7.9 4.9 5.1 0.3 0 0 11.4 99 | cup 246; tablespoon 15.5; tub 425 | dairy | creaminess | milk | part-skim ricotta; light ricotta; low-fat ricotta
mascarpone | mascarpone | as is | 429 44 29 3.8 3.8 0 0 6 45 | cup 230; tablespoon 15; tub 250 | dairy | creaminess | milk | mascarpone cheese
cheddar | cheddar | as is | 403 33.1 18.9 1.3 0.5 0 0 22.9 621 | cup 113; cup(diced) 132; tablespoon 7; slice 28; inch 17 | dairy | melt | milk | cheddar cheese; sharp cheddar; grated cheddar; shredded cheddar; cheese; mature cheddar
cheddar-light | cheddar, reduced fat | as is | 282 18.3 11.6 3.5 0.6 0 0 27.3 736 | cup 113; tablespoon 7; slice 28 | dairy | melt | milk | reduced-fat cheddar; light cheddar; low-fat cheddar; half-fat cheddar; reduced-fat cheese
cheddar-fatfree | cheddar, fat-free | as is | 157 0 0 7.1 0.9 0 0 32.1 1000 | cup 113; tablespoon 7; slice 21 | dairy | melt | milk | fat-free cheddar; nonfat cheddar; fat-free cheese; fat-free shredded cheese
mozzarella-whole | mozzarella, whole milk | as is | 300 22.4 13.2 2.2 1 0 0 22.2 627 | cup 112; tablespoon 7; slice 28; ball 125 | dairy | melt | milk | mozzarella; whole milk mozzarella; mozzarella cheese; fresh mozzarella
mozzarella-part-skim | mozzarella, part skim | as is | 254 15.9 10.1 2.8 1.1 0 0 24.3 619 | cup 112; tablespoon 7; slice 28; stick 28; ball 125 | dairy | melt | milk | part-skim mozzarella; light mozzarella; low-moisture part-skim mozzarella; string cheese; reduced-fat mozzarella
mozzarella-fatfree | mozzarella, fat-free | as is | 141 0 0 3.5 1.5 0 1.8 31.7 743 | cup 113; tablespoon 7 | dairy | melt | milk | fat-free mozzarella; nonfat mozzarella
parmesan | Parmesan | as is | 392 25.8 16.4 3.2 0.8 0 0 35.8 1175 | cup 100; tablespoon 5; teaspoon 1.7; slice 10 | dairy | melt flavour topping | milk | parmesan; grated parmesan; parmesan cheese; parmigiano; pecorino; grana
gruyere | Gruyère | as is | 413 32.3 18.9 0.4 0.4 0 0 29.8 714 | cup 108; tablespoon 7; slice 28 | dairy | melt | milk | gruyere; gruyere cheese; mountain cheese; comte
emmental | Emmental | as is | 393 31 18.2 1.4 0 0 0 27 187 | cup 108; tablespoon 7; slice 28 | dairy | melt | milk | swiss cheese; emmenthal; emmentaler
gouda | Gouda | as is | 356 27.4 17.6 2.2 2.2 0 0 24.9 819 | cup 113; tablespoon 7; slice 28 | dairy | melt | milk | gouda cheese; edam; young gouda; tilsit
feta | feta | as is | 265 21.5 13.3 3.9 0.5 0 0 14.2 1139 | cup 150; tablespoon 9; block 200; slice 28 | dairy | topping flavour | milk | feta cheese; crumbled feta; sheep cheese; bryndza
feta-light | feta, reduced fat | as is | 180 11 7 4 0.5 0 0 17 1100 | cup 150; tablespoon 9; block 200 | dairy | topping flavour | milk | reduced-fat feta; light feta; low-fat feta
goat-cheese | goat cheese, soft | as is | 264 21.1 14.6 0 0 0 0 18.5 459 | cup 225; tablespoon 14; slice 28; log 113 | dairy | topping flavour | milk | goat cheese; goats cheese; chevre
blue-cheese | blue cheese | as is | 353 28.7 18.7 2.3 0.5 0 0 21.4 1146 | cup 135; tablespoon 8.5; slice 28 | dairy | flavour topping | milk | blue cheese crumbles; gorgonzola; roquefort; stilton
processed-cheese | processed cheese slices | as is | 307 24 14 8 6 1 0 16 1350 | slice 21 | dairy | melt | milk | american cheese; cheese slices; processed cheese; melting cheese
butter | butter, salted | as is | 717 81.1 51.4 0.1 0.1 0 0 0.9 643 | cup 227; tablespoon 14.2; teaspoon 4.7; stick 113.5; knob 15; pat 5 | fatspread dairy | fat browning | milk | butter; salted butter
butter-unsalted | butter, unsalted | as is | 717 81.1 51.4 0.1 0.1 0 0 0.9 11 | cup 227; tablespoon 14.2; teaspoon 4.7; stick 113.5; knob 15; pat 5 | fatspread dairy | fat browning | milk | unsalted butter; sweet butter; clarified butter
butter-light | butter, light | as is | 401 45 28 2 0.2 0 0 2 450 | cup 227; tablespoon 14; teaspoon 4.7; stick 113 | fatspread dairy | fat | milk | light butter; reduced-fat butter; half-fat butter
ice-cream | ice cream, vanilla | as is | 207 11 6.8 23.6 21.2 16.5 0.7 3.5 80 | cup 132; scoop 66 | dairy addedsugar | sweetness | milk | vanilla ice cream; ice cream
soy-drink | soya drink, unsweetened | as is | 33 1.6 0.2 1.7 0.4 0 0.5 2.9 35 | cup 243; tablespoon 15; glass 200 | drink plant | creaminess | soy | soy milk; soya milk; unsweetened soy milk
oat-drink | oat drink, plain | as is | 46 1.5 0.2 6.7 4 3 0.8 1 40 | cup 240; tablespoon 15; glass 200 | drink plant addedsugar | creaminess | gluten | oat milk
almond-drink | almond drink, unsweetened | as is | 15 1.2 0.1 0.3 0 0 0.2 0.6 70 | cup 240; tablespoon 15; glass 200 | drink plant | creaminess | tree-nuts | almond milk; unsweetened almond milk
coconut-milk | coconut milk, canned | canned | 197 21.3 18.9 2.8 1.5 0 0.3 2 13 | cup 226; tablespoon 15; can 400 | plant | creaminess fat | | coconut milk; full-fat coconut milk; canned coconut milk; coconut cream
coconut-milk-light | coconut milk, light, canned | canned | 70 6.5 5.8 2 1 0 0.2 0.8 20 | cup 240; tablespoon 15; can 400 | plant | creaminess | | light coconut milk; lite coconut milk; reduced-fat coconut milk
`;
