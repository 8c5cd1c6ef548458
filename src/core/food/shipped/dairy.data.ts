/** Milk, cream, cultured dairy and cheese. Columns: see read-food-table.ts. */
export const dairy = `
milk-whole | milk, whole | as is | 61 3.3 1.9 5.1 5.1 0 0 3.2 43 | cup 244; tablespoon 15.3; glass 200; splash 15 | dairy drink | creaminess | milk | milk; whole milk; full-fat milk; full cream milk; 3.5% milk; Milch; Vollmilch
milk-2 | milk, 2 % fat | as is | 50 2 1.3 5.1 5.1 0 0 3.3 47 | cup 244; tablespoon 15.3; glass 200; splash 15 | dairy drink | creaminess | milk | semi-skimmed milk; reduced-fat milk; 2% milk; 2 percent milk
milk-1 | milk, 1 % fat | as is | 42 1 0.6 5.2 5.2 0 0 3.4 44 | cup 244; tablespoon 15.3; glass 200; splash 15 | dairy drink | creaminess | milk | low-fat milk; 1% milk; 1.5% milk; lowfat milk
milk-skim | milk, skimmed | as is | 34 0.1 0.1 5.1 5.1 0 0 3.4 42 | cup 245; tablespoon 15.3; glass 200; splash 15 | dairy drink | creaminess | milk | skim milk; skimmed milk; nonfat milk; fat-free milk
milk-evaporated | evaporated milk, whole | canned | 134 7.6 4.6 10 10 0 0 6.8 106 | cup 252; tablespoon 15.8; can 378 | dairy drink | creaminess | milk | evaporated milk
milk-evaporated-skim | evaporated milk, skimmed | canned | 78 0.2 0.1 11.4 11.4 0 0 7.6 115 | cup 256; tablespoon 16; can 378 | dairy drink | creaminess | milk | evaporated skimmed milk; evaporated skim milk; fat-free evaporated milk; nonfat evaporated milk
milk-condensed | condensed milk, sweetened | canned | 321 8.7 5.5 54.4 54.4 43 0 7.9 127 | cup 306; tablespoon 19; can 397 | dairy addedsugar | sweetness creaminess | milk | sweetened condensed milk; condensed milk
milk-powder-skim | milk powder, skimmed | dry | 362 0.8 0.5 52 52 0 0 36.2 535 | cup 120; tablespoon 7.5 | dairy | creaminess | milk | skim milk powder; nonfat dry milk; dry milk; milk powder
cream-heavy | cream, heavy | as is | 340 36.1 23 2.9 2.9 0 0 2.8 27 | cup 238; cup(whipped) 119; tablespoon(whipped) 7.5; tablespoon 15; splash 15 | dairy | creaminess fat | milk | heavy cream; whipping cream; heavy whipping cream; whipped cream; cream; Sahne; Schlagsahne
cream-light | cream, light | as is | 191 19.1 12 3.7 3.7 0 0 3 72 | cup 240; tablespoon 15; splash 15 | dairy | creaminess | milk | light cream; single cream; coffee cream; cooking cream
cream-half | half cream half milk | as is | 131 11.5 7 4.3 4.1 0 0 3.1 61 | cup 242; tablespoon 15; splash 15 | dairy | creaminess | milk | half and half; half-and-half; half cream
cream-half-fatfree | half cream half milk, fat-free | as is | 59 1.4 0.8 9 5 2 0 2.6 100 | cup 242; tablespoon 15; splash 15 | dairy addedsugar | creaminess | milk | fat-free half and half; fat free half and half; nonfat half and half
cream-sour | soured cream | as is | 198 19.4 10.1 4.6 3.4 0 0 2.4 31 | cup 230; tablespoon 14.4; dollop 25 | dairy | creaminess topping | milk | sour cream; soured cream; smetana; full-fat sour cream; Schmand; saure Sahne
cream-sour-light | soured cream, light | as is | 136 10.6 6.6 7.1 0.2 0 0 3.5 83 | cup 230; tablespoon 14.4; dollop 25 | dairy | creaminess topping | milk | light sour cream; reduced-fat sour cream; low-fat sour cream
cream-sour-fatfree | soured cream, fat-free | as is | 74 0 0 15.6 0.4 0 0 3.1 141 | cup 230; tablespoon 14.4; dollop 25 | dairy | creaminess topping | milk | fat-free sour cream; nonfat sour cream
creme-fraiche | crème fraîche | as is | 292 30 20 2.5 2.5 0 0 2.3 30 | cup 230; tablespoon 14; dollop 25 | dairy | creaminess topping | milk | creme fraiche
yogurt-whole | yogurt, plain, whole | as is | 61 3.3 2.1 4.7 4.7 0 0 3.5 46 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy | creaminess | milk | plain yogurt; natural yogurt; whole-milk yogurt; yoghurt; yogurt; Joghurt; Naturjoghurt
yogurt-lowfat | yogurt, plain, low-fat | as is | 63 1.6 1 7 7 0 0 5.3 70 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy | creaminess | milk | low-fat yogurt; low-fat plain yogurt; lowfat yogurt
yogurt-fatfree | yogurt, plain, fat-free | as is | 56 0.2 0.1 7.7 7.7 0 0 5.7 77 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy cultured0 | creaminess fat | milk | fat-free yogurt; nonfat yogurt; plain nonfat yogurt; nonfat plain yogurt; fat-free plain yogurt
yogurt-greek-fatfree | strained yogurt, plain, fat-free | as is | 59 0.4 0.1 3.6 3.2 0 0 10.2 36 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy cultured0 | creaminess topping binder | milk | nonfat greek yogurt; plain nonfat greek yogurt; 0% greek yogurt; fat-free greek yogurt; strained yogurt; skyr
yogurt-greek-whole | strained yogurt, plain, whole | as is | 97 5 2.4 4 4 0 0 9 35 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy | creaminess topping | milk | greek yogurt; plain greek yogurt; greek yoghurt; whole-milk greek yogurt; full-fat greek yogurt; whole greek yogurt
yogurt-fruit | yogurt, fruit, low-fat | as is | 99 1.1 0.7 19 19 12 0 4 53 | cup 245; pot 150 | dairy addedsugar | sweetness | milk | fruit yogurt; flavored yogurt
quark-fatfree | quark, fat-free | as is | 67 0.2 0.1 4 4 0 0 12 40 | cup 245; tablespoon 16; tub 500 | dairy cultured0 | creaminess binder | milk | low-fat quark; fat-free quark; lean quark; skim quark; magerquark; fat-free curd cheese; Magerquark
quark-20 | curd cheese, 20 % fat in dry matter | as is | 109 4.6 3 3.4 3.4 0 0 12.5 40 | cup 245; tablespoon 16; tub 250 | dairy | creaminess binder | milk | curd cheese; quark; half-fat quark; farmer cheese; pot cheese; tvorog
quark-40 | curd cheese, 40 % fat in dry matter | as is | 159 11.4 7.5 3.3 3.3 0 0 11 38 | cup 245; tablespoon 16; tub 250 | dairy | creaminess | milk | full-fat quark; cream quark; full-fat curd cheese
buttermilk-lowfat | buttermilk, low-fat | as is | 40 0.9 0.5 4.8 4.8 0 0 3.3 190 | cup 245; tablespoon 15.3; glass 200 | dairy drink | creaminess | milk | buttermilk; low-fat buttermilk
cottage-cheese | cottage cheese, 4 % | as is | 98 4.3 1.7 3.4 2.7 0 0 11.1 364 | cup 225; tablespoon 14; tub 450 | dairy | protein creaminess | milk | cottage cheese; creamed cottage cheese
cottage-cheese-lowfat | cottage cheese, 1 % | as is | 72 1 0.6 2.7 2.7 0 0 12.4 406 | cup 226; tablespoon 14; tub 450 | dairy | protein creaminess | milk | low-fat cottage cheese; 1% cottage cheese
cottage-cheese-fatfree | cottage cheese, fat-free | as is | 72 0.3 0.2 6.7 1.9 0 0 10.3 372 | cup 226; tablespoon 14; tub 450 | dairy cultured0 | protein creaminess | milk | fat-free cottage cheese; nonfat cottage cheese
cream-cheese | cream cheese | as is | 350 34.4 20.2 5.5 3.8 0 0 6.2 314 | cup 232; tablespoon 14.5; package 227; block 227 | dairy | creaminess | milk | cream cheese; full-fat cream cheese; soft cheese; Frischkäse
cream-cheese-light | cream cheese, reduced fat | as is | 208 15.3 9 8.1 5.9 0 0 7.8 359 | cup 240; tablespoon 15; package 227 | dairy | creaminess | milk | light cream cheese; reduced-fat cream cheese; low-fat cream cheese; light soft cheese
cream-cheese-fatfree | cream cheese, fat-free | as is | 105 1 0.6 7.7 5.5 0 0 15.7 702 | cup 240; tablespoon 15; package 227 | dairy | creaminess | milk | fat-free cream cheese; nonfat cream cheese
ricotta | ricotta, whole milk | as is | 174 13 8.3 3 0.3 0 0 11.3 84 | cup 246; tablespoon 15.5; tub 425 | dairy | creaminess | milk | ricotta; whole milk ricotta; ricotta cheese
ricotta-part-skim | ricotta, part skim | as is | 138 7.9 4.9 5.1 0.3 0 0 11.4 99 | cup 246; tablespoon 15.5; tub 425 | dairy | creaminess | milk | part-skim ricotta; light ricotta; low-fat ricotta
mascarpone | mascarpone | as is | 429 44 29 3.8 3.8 0 0 6 45 | cup 230; tablespoon 15; tub 250 | dairy | creaminess | milk | mascarpone cheese
cheddar | cheddar | as is | 403 33.1 18.9 1.3 0.5 0 0 22.9 621 | cup 113; cup(diced) 132; tablespoon 7; slice 28; inch 17 | dairy | melt | milk | cheddar cheese; sharp cheddar; grated cheddar; shredded cheddar; cheese; mature cheddar; shredded cheese; cheese blend; mexican blend cheese; mexican cheese blend; monterey jack; jack cheese; pepper jack; colby
cheddar-light | cheddar, reduced fat | as is | 282 18.3 11.6 3.5 0.6 0 0 27.3 736 | cup 113; tablespoon 7; slice 28 | dairy | melt | milk | reduced-fat cheddar; light cheddar; half-fat cheddar; reduced-fat cheese; reduced-fat mexican blend cheese; reduced-fat cheese blend; light cheese
cheddar-fatfree | cheddar, fat-free | as is | 157 0 0 7.1 0.9 0 0 32.1 1000 | cup 113; tablespoon 7; slice 21 | dairy | melt | milk | fat-free cheddar; nonfat cheddar; fat-free cheese; fat-free shredded cheese
mozzarella-whole | mozzarella, whole milk | as is | 300 22.4 13.2 2.2 1 0 0 22.2 627 | cup 112; tablespoon 7; slice 28; ball 125 | dairy | melt | milk | mozzarella; whole milk mozzarella; mozzarella cheese
mozzarella-part-skim | mozzarella, part skim | as is | 254 15.9 10.1 2.8 1.1 0 0 24.3 619 | cup 112; tablespoon 7; slice 28; stick 28; ball 125 | dairy | melt | milk | part-skim mozzarella; light mozzarella; reduced-fat mozzarella
mozzarella-fatfree | mozzarella, fat-free | as is | 141 0 0 3.5 1.5 0 1.8 31.7 743 | cup 113; tablespoon 7 | dairy | melt | milk | fat-free mozzarella; nonfat mozzarella
parmesan | Parmesan | as is | 392 25.8 16.4 3.2 0.8 0 0 35.8 1175 | cup 100; tablespoon 6; teaspoon 1.7; slice 10 | dairy | melt flavour topping | milk | parmesan; grated parmesan; parmesan cheese; parmigiano; pecorino; grana
gruyere | Gruyère | as is | 413 32.3 18.9 0.4 0.4 0 0 29.8 714 | cup 108; tablespoon 7; slice 28 | dairy | melt | milk | gruyere; gruyere cheese; mountain cheese; comte
emmental | Emmental | as is | 393 31 18.2 1.4 0 0 0 27 187 | cup 108; tablespoon 7; slice 28 | dairy | melt | milk | swiss cheese; emmenthal; emmentaler
gouda | Gouda | as is | 356 27.4 17.6 2.2 2.2 0 0 24.9 819 | cup 113; tablespoon 7; slice 28 | dairy | melt | milk | gouda cheese; edam; young gouda; tilsit
feta | feta | as is | 265 21.5 13.3 3.9 0.5 0 0 14.2 1139 | cup 150; tablespoon 9; block 200; slice 28 | dairy | topping flavour | milk | feta cheese; crumbled feta; sheep cheese; bryndza; Schafskäse
feta-light | feta, reduced fat | as is | 180 11 7 4 0.5 0 0 17 1100 | cup 150; tablespoon 9; block 200 | dairy | topping flavour | milk | reduced-fat feta; light feta; low-fat feta
goat-cheese | goat cheese, soft | as is | 264 21.1 14.6 0 0 0 0 18.5 459 | cup 225; tablespoon 14; slice 28; log 113 | dairy | topping flavour | milk | goat cheese; goats cheese; chevre
blue-cheese | blue cheese | as is | 353 28.7 18.7 2.3 0.5 0 0 21.4 1146 | cup 135; tablespoon 8.5; slice 28 | dairy | flavour topping | milk | blue cheese crumbles; gorgonzola; roquefort; stilton
processed-cheese | processed cheese slices | as is | 307 24 14 8 6 1 0 16 1350 | slice 21 | dairy | melt | milk | cheese slices; processed cheese; melting cheese
butter | butter, salted | as is | 717 81.1 51.4 0.1 0.1 0 0 0.9 643 | cup 227; tablespoon 14.2; teaspoon 4.7; stick 113.5; knob 15; pat 5 | fatspread dairy | fat browning | milk | butter; salted butter
butter-unsalted | butter, unsalted | as is | 717 81.1 51.4 0.1 0.1 0 0 0.9 11 | cup 227; tablespoon 14.2; teaspoon 4.7; stick 113.5; knob 15; pat 5 | fatspread dairy | fat browning | milk | unsalted butter; sweet butter
butter-light | butter, light | as is | 401 45 28 2 0.2 0 0 2 450 | cup 227; tablespoon 14; teaspoon 4.7; stick 113 | fatspread dairy | fat | milk | light butter; reduced-fat butter; half-fat butter
whipped-topping | whipped topping, frozen | frozen | 318 25.3 21.8 23 23 22 0 1.3 25 | cup 75; tablespoon 4.7; tub 226 | addedsugar addedfat | creaminess topping | milk | whipped topping; frozen whipped topping; dessert topping
ice-cream | ice cream, vanilla | as is | 207 11 6.8 23.6 21.2 16.5 0.7 3.5 80 | cup 132; scoop 66 | dairy addedsugar | sweetness | milk | vanilla ice cream; ice cream
soy-drink | soya drink, unsweetened | as is | 33 1.6 0.2 1.7 0.4 0 0.5 2.9 35 | cup 243; tablespoon 15; glass 200 | drink plant | creaminess | soy | soy milk; soya milk; unsweetened soy milk
oat-drink | oat drink, plain | as is | 46 1.5 0.2 6.7 4 3 0.8 1 40 | cup 240; tablespoon 15; glass 200 | drink plant addedsugar | creaminess | gluten | oat milk
almond-drink | almond drink, unsweetened | as is | 15 1.2 0.1 0.3 0 0 0.2 0.6 70 | cup 240; tablespoon 15; glass 200 | drink plant | creaminess | tree-nuts | almond milk; unsweetened almond milk
coconut-milk | coconut milk, canned | canned | 197 21.3 18.9 2.8 1.5 0 0.3 2 13 | cup 226; tablespoon 15; can 400 | plant | creaminess fat |  | coconut milk; full-fat coconut milk; canned coconut milk
coconut-milk-light | coconut milk, light, canned | canned | 70 6.5 5.8 2 1 0 0.2 0.8 20 | cup 240; tablespoon 15; can 400 | plant | creaminess | | light coconut milk; lite coconut milk; reduced-fat coconut milk
edam-light | semi-hard cheese, reduced fat | as is | 250 16 10 1 0.5 0 0 26 650 | cup 113; slice 28; tablespoon 7 | dairy | melt | milk | reduced-fat swiss cheese; light swiss cheese; light gouda; reduced-fat gouda; light edam
provolone | provolone | as is | 351 26.6 17.1 2.1 0.6 0 0 25.6 727 | slice 28; cup 113 | dairy | melt | milk | provolone cheese; fontina; muenster; havarti
halloumi | halloumi | as is | 321 25 17 2.2 1.8 0 0 22 1100 | slice 30; block 225 | dairy | topping protein | milk | grilling cheese; halloumi cheese
cheese-wedge-light | cheese spread wedge, light | as is | 143 7 4.5 8 6 0 0 12 1140 | wedge 17; piece 17; tablespoon 15 | dairy | creaminess | milk | light cheese wedge; spreadable cheese wedge; light spreadable cheese; cheese wedges
kefir | kefir, plain, low-fat | as is | 43 1 0.6 4.8 4.6 0 0 3.8 40 | cup 243; glass 200 | dairy drink | creaminess | milk | plain kefir; kefir
ghee | ghee | as is | 876 99.5 61.9 0 0 0 0 0.3 2 | cup 205; tablespoon 12.8; teaspoon 4.3 | fatspread dairy | fat browning | milk | butter ghee; melted clarified butter; clarified butter
protein-powder | whey protein powder | dry | 380 4 2 10 6 2 0 78 300 | scoop 30; cup 100; tablespoon 6 | dairy | binder | milk soy | whey protein; vanilla protein powder; protein powder
yogurt-greek-lowfat | strained yogurt, plain, 2 % | as is | 73 1.9 1.2 3.9 3.6 0 0 10 34 | cup 245; tablespoon 15; dollop 25; tub 500; pot 150 | dairy | creaminess topping | milk | 2% greek yogurt; 2 % greek yogurt; low-fat greek yogurt; lowfat greek yogurt; reduced-fat greek yogurt; 2% strained yogurt
yogurt-light | yogurt, light, sweetened without sugar | as is | 43 0.1 0.1 6.9 4.5 0 0 3.7 58 | cup 245; pot 150; tub 500 | dairy | creaminess topping | milk | light yogurt; diet yogurt; sugar-free yogurt
cottage-cheese-2 | cottage cheese, 2 % | as is | 81 2.3 1.2 4.8 4 0 0 10.5 308 | cup 226; tablespoon 14; tub 450 | dairy | protein creaminess | milk | 2% cottage cheese; 2 % cottage cheese; reduced-fat cottage cheese
milk-lactosefree | milk, lactose-free, 2 % | as is | 50 2 1.2 4.9 4.9 0 0 3.4 47 | cup 244; tablespoon 15; glass 200 | dairy drink | creaminess | milk | lactose-free milk; lactose free milk
milk-filtered | milk, filtered, high protein, 2 % | as is | 50 1.9 1.2 2.5 2.5 0 0 5.4 50 | cup 240; glass 200 | dairy drink | creaminess protein | milk | high-protein milk; filtered milk; ultra-filtered milk; protein milk
milk-condensed-fatfree | condensed milk, sweetened, fat-free | canned | 290 0.3 0.2 64.5 63 51 0 7.9 103 | cup 306; tablespoon 19; can 397 | dairy addedsugar | sweetness creaminess | milk | fat-free sweetened condensed milk; nonfat sweetened condensed milk; fat free sweetened condensed milk; fat-free condensed milk; fat free condensed milk
ricotta-fatfree | ricotta, fat-free | as is | 82 0 0 8 5 0 0 11.5 200 | cup 248; tablespoon 15 | dairy cultured0 | creaminess | milk | fat-free ricotta; nonfat ricotta; fat free ricotta
feta-fatfree | feta, fat-free | as is | 115 0 0 5 1 0 0 23 1400 | cup 120; tablespoon 8 | dairy | flavour topping | milk | fat-free feta; nonfat feta; fat free feta
string-cheese-light | string cheese, light | as is | 235 11.9 7.1 3 0 0 0 28.6 760 | stick 21; piece 21 | dairy | melt | milk | light string cheese; reduced-fat string cheese
mozzarella-lowmoisture | mozzarella, low moisture, part skim | as is | 295 19.8 11.5 5.6 1.9 0 0 23.8 666 | cup 112; tablespoon 7; slice 28; stick 28 | dairy | melt | milk | low-moisture part-skim mozzarella; low moisture part skim mozzarella; string cheese; low-moisture mozzarella
mozzarella-fresh | mozzarella, fresh | as is | 280 22 13 2 0.5 0 0 18 350 | ball 125; slice 28; cup 112 | dairy | melt topping | milk | fresh mozzarella; mozzarella ball; buffalo mozzarella
burrata | burrata | as is | 290 26 17 1.5 1 0 0 12 220 | ball 125; piece 125 | dairy | creaminess topping | milk | burrata cheese
processed-cheese-light | processed cheese slices, light | as is | 190 10 6.2 6 5 0.5 0 19 1250 | slice 21 | dairy | melt | milk | light cheese slices; light cheese slice; reduced-fat cheese slices; light american cheese
processed-cheese-fatfree | processed cheese slices, fat-free | as is | 148 0.8 0.5 13.4 9.4 0.5 0.2 22.5 1530 | slice 21 | dairy | melt | milk | fat-free cheese slices; fat-free cheese slice; fat-free american cheese
cheese-american | American cheese | as is | 371 31.8 18 3.7 2.3 0 0 18.1 1671 | slice 21; cup 113 | dairy | melt | milk | american cheese; american cheese slices
cheddar-lowfat | cheddar, low fat | as is | 173 7 4.3 1.9 0.5 0 0 24.4 621 | cup 113; tablespoon 7; slice 28 | dairy | melt | milk | low-fat cheddar; lowfat cheddar; low-fat cheese; low fat cheddar
provolone-light | provolone, reduced fat | as is | 274 17.6 11.3 3.5 0.6 0 0 24.7 615 | slice 19; cup 113 | dairy | melt | milk | light provolone; reduced-fat provolone; light provolone slice
brie | brie | as is | 334 27.7 17.4 0.5 0.5 0 0 20.8 629 | slice 28; cup 140; piece 28 | dairy | creaminess melt | milk | brie cheese
camembert | camembert | as is | 300 24.3 15.3 0.5 0.5 0 0 19.8 842 | slice 28; piece 38; package 250 | dairy | creaminess melt | milk | camembert cheese
queso-fresco | queso fresco | as is | 299 23.8 12.9 3 2.3 0 0 18.1 751 | cup 122; tablespoon 8 | dairy | topping | milk | fresh white cheese crumbled
cotija | cotija | as is | 366 30 18.5 4 0 0 0 20 1400 | cup 120; tablespoon 7 | dairy | topping flavour | milk | cotija cheese
paneer | paneer | as is | 321 25 15.7 3.6 2.6 0 0 20 20 | cup 140; package 225; piece 15 | dairy | protein | milk | indian curd cheese
halloumi-light | halloumi, reduced fat | as is | 245 16 10.5 1.5 1 0 0 24 1200 | slice 28; package 225 | dairy | protein | milk | light halloumi; reduced-fat halloumi
cream-cheese-neufchatel | cream cheese, a third less fat | as is | 253 22.8 12.8 3.6 3.2 0 0 9.2 334 | cup 240; tablespoon 15; package 227 | dairy | creaminess | milk | neufchatel; neufchâtel; 1/3-less-fat cream cheese; 1/3 less fat cream cheese; one-third-less-fat cream cheese
cream-double | cream, double | as is | 467 50.5 31.4 1.7 1.7 0 0 1.6 22 | cup 238; tablespoon 15; splash 15 | dairy | creaminess fat | milk | double cream
cream-clotted | cream, clotted | as is | 586 63.5 39.7 2.3 2.3 0 0 1.6 18 | tablespoon 14.4; cup 230 | dairy | creaminess topping | milk | clotted cream
cream-whipped-can | whipped cream from a can | as is | 257 22.2 13.8 12.5 8 8 0 3.2 8 | cup 60; tablespoon 3.8 | dairy addedsugar | topping | milk | canned whipped cream; spray cream; squirty cream; aerosol whipped cream
whipped-topping-light | whipped topping, light | frozen | 215 13 11 23.5 23 22 0 1.3 70 | cup 75; tablespoon 4.7; tub 226 | addedsugar addedfat | creaminess topping | milk | light whipped topping; lite whipped topping; reduced-fat whipped topping
whipped-topping-fatfree | whipped topping, fat-free | frozen | 149 1.3 1.1 33 17 16 0 0.5 70 | cup 75; tablespoon 4.7; tub 226 | addedsugar | creaminess topping | milk | fat-free whipped topping; fat free whipped topping; nonfat whipped topping
whipped-topping-sugarfree | whipped topping, sugar-free | frozen | 215 11 10.5 29 0 0 0 0 20 | cup 75; tablespoon 4.7; tub 226 | sweetener addedfat | creaminess topping | milk | sugar-free whipped topping; sugar free whipped topping; no-sugar whipped topping
ice-cream-light | ice cream, light | as is | 180 4.8 2.9 29.5 22 18 0.3 4.8 75 | cup 152; scoop 76 | dairy addedsugar | sweetness creaminess | milk | light ice cream; reduced-fat ice cream; low-fat ice cream
yogurt-frozen | frozen yogurt | frozen | 127 3.6 2.3 21.6 20 17 0 3 63 | cup 174; scoop 70 | dairy addedsugar | sweetness creaminess | milk | frozen yoghurt; froyo
sherbet | sherbet | frozen | 144 2 1.2 30.4 24.3 22 1.3 1.1 46 | cup 148; scoop 70 | dairy addedsugar | sweetness | milk | orange sherbet; fruit sherbet
ice-pop-sugarfree | ice pop, sugar-free | frozen | 24 0 0 6 0 0 0 0 10 | piece 50 | sweetener | sweetness | | sugar-free ice pop; sugar-free popsicle; sugar-free ice lolly
creamer-fatfree | coffee creamer, fat-free | as is | 160 1.5 0.3 35 30 30 0 1 60 | tablespoon 15; cup 240 | addedsugar | creaminess | milk | fat-free coffee creamer; fat-free creamer; nonfat creamer
creamer-sugarfree | coffee creamer, sugar-free | as is | 105 7 1 9 0 0 0 0.8 60 | tablespoon 15; cup 240 | sweetener addedfat | creaminess | milk | sugar-free coffee creamer; sugar-free creamer
coconut-cream | coconut cream, canned | canned | 330 34.7 30.7 6.7 2 0 2.2 3.6 4 | cup 240; tablespoon 15; can 400 | plant | creaminess fat | | coconut cream; unsweetened coconut cream
`;
