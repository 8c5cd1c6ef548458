/** More vegetables and fruit, and what moves to the plate: rows as `swap-table.ts` reads them. All of it is common practice. */
export const VEGETABLES_PLATE_SWAPS = `
fruit-in-juice | fruit in juice for fruit in syrup | twin | bulk | peaches-in-syrup | peaches-in-juice 1 | 1 | 3 | any | confection | |  | The fruit is the same.
cherries-in-juice | cherries in juice for cherries in syrup | twin | bulk | cherries-in-syrup | cherries-in-juice 1 | 1 | 3 | any | confection | |  | The fruit is the same.
mushrooms-more | half as many mushrooms again | bulkUp | bulk | mushroom | mushroom 1.5 | 1 | 3 | any | yeast dough, pastry | |  | More on the plate for the same points.
cabbage-more | half as much cabbage again | bulkUp | bulk | cabbage-white cabbage-savoy cabbage-red | cabbage-white 1.5 | 1 | 3 | any | yeast dough, pastry | |  | More on the plate for the same points.
leek-more | half as much leek again | bulkUp | bulk | leek | leek 1.5 | 1 | 4 | any | yeast dough, pastry, batter cake | |  | More on the plate for the same points.
sauce-plain-tomato | plain canned tomatoes with herbs for jarred sauce | standIn | bulk | pasta-sauce | tomatoes-canned 1 | 1 | 8 | any | salad | Simmer the tomatoes with garlic and herbs for 15 minutes. | | No added oil or sugar.
olives-half | half of the olives, chopped | part | flavour | olives tomatoes-sundried-oil | olives 0 | 0.5..0.6 | 7 | any | named | Chop them small. | | Salt and oil spread.
avocado-half | half of the avocado | part | creaminess | avocado | avocado 0 | 0.5 | 9 | any | drink, named | Dice it and lay it on top. | | On top it is seen and tasted first.
avocado-peas | mashed peas for half of the avocado | part | creaminess | avocado | peas-frozen 1 | 0.5..0.75 | 15 | spread, salad, other | drink, batter cake | Thaw the peas, blend them with lemon, and stir them in. | Sweeter and greener. | Peas are creamy when blended.
courgette-more | half as much courgette again | bulkUp | bulk | courgette | courgette 1.5 | 1 | 3 | any | yeast dough, pastry, batter cake | | Gives water: brown it well. | More food for next to nothing.
spinach-more | twice the spinach | bulkUp | bulk | spinach spinach-frozen | spinach 2 | 1 | 3 | any | yeast dough, pastry, spread | Squeeze it out well. | | It cooks down to nothing.
tomato-more | half as many tomatoes again | bulkUp | bulk | tomato tomatoes-canned tomato-cherry | tomato 1.5 | 1 | 3 | any | yeast dough, pastry | | Thinner: let it cook down. | Sour and full for next to nothing.
beans-more | half as many beans again | bulkUp | bulk | green-beans | green-beans 1.5 | 1 | 3 | any | yeast dough, pastry | |  | More on the plate.
cheese-to-plate | the cheese at the table | toPlate | topping | parmesan gruyere cheddar feta blue-cheese goat-cheese | | 1 | 9 | any | melt into, roux sauce | Put the grated cheese on the table and weigh what each takes. | | Each decides, and counts what is on the plate.
cream-to-plate | the soured cream at the table | toPlate | topping | cream-sour cream-sour-light creme-fraiche yogurt-greek-whole | | 1 | 9 | any | batter cake, bind | Put the cream on the table with a measuring spoon. | | Each decides, and counts what is on the plate.
avocado-to-plate | the avocado at the table | toPlate | topping | avocado olives | | 1 | 8 | any | drink, spread | |  | Each decides, and counts what is on the plate.
nuts-to-plate | the nuts at the table | toPlate | topping | walnuts almonds hazelnuts pecans cashews pine-nuts peanuts sunflower-seeds pumpkin-seeds | | 1 | 8 | any | batter cake, cookie, confection | Toast them and put them on the table in a small bowl. | | Who may not eat nuts leaves them.
onion-more | half as many onions again | bulkUp | bulk | onion | onion 1.5 | 1 | 4 | soup, stew, bake, other | yeast dough, batter cake, salad, spread | | Sweeter. | More in the pot for next to nothing.
carrot-more | half as many carrots again | bulkUp | bulk | carrot | carrot 1.5 | 1 | 4 | soup, stew, bake, salad, other | batter cake, yeast dough, cookie | |  | More in the pot for next to nothing.
celery-more | half as much celery again | bulkUp | bulk | celery | celery 1.5 | 1 | 4 | soup, stew, bake, salad, other | batter cake, yeast dough | |  | More in the pot for next to nothing.
aubergine-more | half as much aubergine again | bulkUp | bulk | aubergine | aubergine 1.5 | 1 | 3 | any | yeast dough, batter cake | | Soaks up fat: brown it dry. | More food for next to nothing.
cauliflower-more | half as much cauliflower again | bulkUp | bulk | cauliflower | cauliflower 1.5 | 1 | 3 | any | yeast dough, batter cake | |  | More food for next to nothing.
broccoli-more | half as much broccoli again | bulkUp | bulk | broccoli | broccoli 1.5 | 1 | 3 | any | yeast dough, batter cake | |  | More food for next to nothing.
pepper-more | half as much sweet pepper again | bulkUp | bulk | pepper-bell-red pepper-bell-green | pepper-bell-red 1.5 | 1 | 3 | any | yeast dough, filled, batter cake | |  | More food for next to nothing.
kale-more | half as much of the leaves again | bulkUp | bulk | kale chard | kale 1.5 | 1 | 3 | any | yeast dough, batter cake | Wash and shred it finely. | | It cooks down to nothing.
pods-more | half as many pods again | bulkUp | bulk | sugar-snap-peas asparagus brussels-sprouts | sugar-snap-peas 1.5 | 1 | 3 | any | yeast dough, batter cake | |  | More on the plate.
sauerkraut-more | half as much sauerkraut again | bulkUp | bulk | sauerkraut | sauerkraut 1.5 | 1 | 4 | any | yeast dough, batter cake | | Sourer. | More on the plate.
lettuce-more | twice the leaves | bulkUp | bulk | lettuce lettuce-romaine lettuce-iceberg rocket | lettuce 2 | 1 | 3 | salad, other | yeast dough, filled | |  | A bigger bowl for nothing.
cucumber-more | half as much cucumber again | bulkUp | bulk | cucumber | cucumber 1.5 | 1 | 3 | salad, other | yeast dough, drink | | It gives water: salt it and drain it. | A bigger bowl for next to nothing.
sweetcorn-cream-plain | plain sweetcorn for creamed corn | standIn | bulk | sweetcorn-cream | sweetcorn-canned 0.9 | 1 | 9 | any | spread | Blend half of it. | | No sugar and starch added.
tomatoes-oil-plain | dried tomatoes without oil | twin | flavour | tomatoes-sundried-oil | tomatoes-sundried 0.6 | 1 | 5 | any | spread | Soak them in hot water for 10 minutes. | | They only lay in oil.
artichokes-plain | artichoke hearts in water for those in oil | twin | bulk | artichokes-marinated | artichoke-hearts 1 | 1 | 5 | any | named | | Season them. | They only lay in oil.
beans-refried-plain | mashed beans for refried beans | standIn | protein | refried-beans | beans-black-canned 1 | 1 | 5 | any | salad | Mash them with a spoon of their liquid and cumin. | | No lard.
tofu-light | light tofu | twin | protein | tofu-firm tofu-extra-firm | tofu-light 1 | 1 | 3 | any | whipped | |  | Half the fat.
plant-mince-lentils | lentils for half of the plant mince | part | protein | plant-mince | lentils-cooked 1 | 0.5 | 12 | soup, stew, sauce, bake, filled, other | "burger", spread | | Softer. | Pulses fill, and some programs do not count them.
butter-to-plate | the butter at the table | toPlate | topping | butter butter-unsalted | | 1 | 9 | scatter on top, serve with | cream, rub in, make a roux, fry in | Put the butter on the table and let each take a weighed piece. | | Each decides, and counts what is on the plate.
syrup-to-plate | the syrup at the table | toPlate | topping | maple-syrup honey golden-syrup chocolate-syrup caramel-sauce | | 1 | 8 | serve with, scatter on top | batter cake, cookie, confection | Put it on the table in a small jug with a measuring spoon. | | Each decides, and counts what is on the plate.
dressing-to-plate | the dressing at the table | toPlate | topping | dressing-ranch dressing-caesar dressing-italian dressing-french vinaigrette mayonnaise | | 1 | 8 | serve with, salad | bake, melt into, batter cake | Put it on the table with a measuring spoon. | | Each decides, and counts what is on the plate.
bacon-to-plate | the bacon at the table | toPlate | topping | bacon bacon-cooked | | 1 | 9 | scatter on top, serve with | soup, stew | Crumble it into a small bowl for the table. | | Each decides, and counts what is on the plate.
crisps-to-plate | the crisps at the table | toPlate | topping | crisps tortilla-chips croutons | | 1 | 8 | scatter on top, serve with | bread, bake | Put them on the table and let each count out a handful. | | Each decides, and counts what is on the plate.
`;
