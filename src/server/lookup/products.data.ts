/** Made-up products of made-up makers, each label as it would be printed. Columns: see shipped-lookup.ts. */
export const products = `
1 | soured cream light | Seehof | 200 | 30 | 2 tablespoon | 40 2.5 1.5 2 1 0 0 1 25 | us | dairy | milk
2 | yogurt plain 0 % | Seehof | 500 | 100 | | 52 0.1 0.1 6.8 6.8 0 0 5.9 ? | eu | dairy cultured0 | milk
3 | strained yogurt 0 % | Seehof | 500 | 170 | 0.75 cup | 100 0 0 6 5 0 0 17 60 | us | dairy cultured0 | milk
4 | quark lean | Seehof | 500 | 100 | | 67 0.2 0.1 4.1 4.1 0 0 12 ? | eu | dairy cultured0 | milk
5 | grated mozzarella part skim | Almrausch | 200 | 28 | 0.25 cup | 80 6 3.5 1 0 0 0 7 190 | us | dairy | milk
6 | mountain cheese reduced fat | Almrausch | 250 | 100 | | 268 16 10 0.1 0.1 0 0 30 ? | eu | dairy | milk
7 | cream cheese light | Almrausch | 227 | 31 | 2 tablespoon | 70 5 3 2 2 0 0 2 140 | us | dairy | milk
8 | cream cheese fat-free | Almrausch | 227 | 31 | 2 tablespoon | 30 0 0 2 1 0 0 4 200 | us | dairy | milk
9 | cooking cream 7 % | Seehof | 250 | 100 | | 104 7 4.6 6 4.3 0 0.1 3.1 ? | eu | dairy | milk
10 | buttermilk | Seehof | 946 | 240 | 1 cup | 110 2.5 1.5 13 12 0 0 9 260 | us | dairy drink | milk
11 | half-fat butter spread | Kornblum | 250 | 14 | 1 tablespoon | 50 6 2 0 0 0 0 0 90 | us | fatspread | milk
12 | spray oil | Kornblum | 170 | 0.25 | 1 spray | 0 0 0 0 0 0 0 0 0 | us | oil |
13 | mayonnaise light | Kornblum | 430 | 15 | 1 tablespoon | 35 3.5 0.5 1 1 1 0 0 120 | us | sauce addedfat addedsugar | egg mustard
14 | egg whites liquid | Huehnerhof Lenz | 454 | 46 | 3 tablespoon | 25 0 0 0 0 0 0 5 75 | us | egg | egg
15 | turkey sausage smoked | Rauchfang | 397 | 56 | 2 ounce | 90 5 1.5 4 2 1 0 8 510 | us | meat |
16 | ground turkey 99 % lean | Rauchfang | 454 | 112 | 4 ounce | 120 1.5 0.5 0 0 0 0 26 60 | us | poultrybreast poultry |
17 | cooked ham slices lean | Rauchfang | 150 | 100 | | 104 2.5 0.9 1 0.9 0.8 0 19 ? | eu | meat |
18 | smoked tofu | Bohnenberg | 200 | 100 | | 172 10.2 1.6 1.1 0.5 0 1.5 18 ? | eu | tofu | soy
19 | black beans no salt | Bohnenberg | 425 | 130 | 0.5 cup | 110 0 0 20 0 0 8 7 10 | us | legume plant |
20 | lentils cooked | Bohnenberg | 400 | 100 | | 98 0.5 0.1 13 0.6 0 6 7.8 ? | eu | legume plant |
21 | baked beans reduced sugar | Bohnenberg | 415 | 130 | 0.5 cup | 120 0 0 23 6 4 6 6 350 | us | legumesweet addedsugar |
22 | chopped tomatoes | Gartenglueck | 400 | 100 | | 24 0.2 0.1 3.5 3.5 0 1.2 1.2 ? | eu | veg plant |
23 | tomato sauce with basil | Gartenglueck | 680 | 125 | 0.5 cup | 70 1.5 0 11 7 2 2 2 420 | us | sauce addedsugar addedfat |
24 | sauerkraut | Gartenglueck | 500 | 100 | | 19 0.2 0 2 1.8 0 2.9 1 ? | eu | veg plant |
25 | peaches in juice | Gartenglueck | 415 | 122 | 0.5 cup | 60 0 0 14 13 0 1 1 10 | us | fruitinjuice plant |
26 | apple purée unsweetened | Gartenglueck | 350 | 100 | | 46 0.1 0 10.4 10.1 0 1.6 0.3 ? | eu | fruitpuree plant |
27 | apple purée sweetened | Gartenglueck | 350 | 100 | | 78 0.1 0 18.5 17.9 8 1.4 0.2 ? | eu | fruitpuree addedsugar plant |
28 | mixed frozen vegetables | Gartenglueck | 750 | 90 | 1 cup | 60 0 0 11 4 0 3 3 35 | us | starchy plant |
29 | vegetable broth | Suppentopf | 946 | 240 | 1 cup | 10 0 0 2 2 0 0 0 540 | us | broth | celery
30 | chicken broth less salt | Suppentopf | 946 | 240 | 1 cup | 15 0 0 1 1 0 0 2 330 | us | broth |
31 | mushroom cream soup light | Suppentopf | 305 | 120 | 0.5 cup | 60 2 0.5 9 1 0 1 2 410 | us | mix addedfat | milk gluten
32 | tortillas high fibre | Backstube Anger | 340 | 43 | 1 piece | 60 2 0 15 1 0 9 5 310 | us | bread | gluten
33 | wholemeal toast | Backstube Anger | 500 | 100 | | 245 3.5 0.6 40 3 0 7 10 ? | eu | bread | gluten
34 | sandwich thins | Backstube Anger | 340 | 43 | 1 piece | 100 1 0 21 3 2 5 4 170 | us | bread addedsugar | gluten
35 | pizza dough chilled | Backstube Anger | 400 | 100 | | 262 4.2 0.6 47 2.3 1 2.6 7.8 ? | eu | dough addedfat | gluten
36 | yellow cake mix | Backstube Anger | 432 | 43 | 0.25 cup | 170 2 1 37 19 18 1 2 330 | us | mix addedsugar | gluten milk
37 | pudding mix sugar-free | Backstube Anger | 28 | 7 | | 25 0 0 6 0 0 0 0 300 | us | mix |
38 | sweetener granular | Suessholz | 275 | 0.5 | 1 teaspoon | 0 0 0 0 0 0 0 0 0 | us | sweetener |
39 | berry jam half sugar | Suessholz | 330 | 100 | | 152 0.3 0 36 35 28 1.5 0.5 ? | eu | sweet addedsugar plant |
40 | syrup sugar-free | Suessholz | 355 | 60 | 0.25 cup | 20 0 0 8 0 0 0 0 115 | us | sweetener |
41 | powdered peanut butter | Haselgrund | 184 | 13 | 2 tablespoon | 60 1.5 0 5 3 2 2 6 95 | us | nuts addedsugar | peanuts
42 | almond drink unsweetened | Haselgrund | 946 | 240 | 1 cup | 30 2.5 0 1 0 0 1 1 150 | us | drink | tree-nuts
43 | coconut milk light | Haselgrund | 400 | 100 | | 72 6.8 6 1.5 1.2 0 0.5 0.7 ? | eu | plant |
44 | salsa mild | Gartenglueck | 454 | 30 | 2 tablespoon | 10 0 0 2 1 0 0 0 180 | us | sauce |
45 | oven chips | Gartenglueck | 750 | 100 | | 146 4.4 0.5 22 0.5 0 2.6 2.4 ? | eu | starchy addedfat |
`;
