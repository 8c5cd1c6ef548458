/**
 * Ordinary recipes in the usual American household measures, beside the demo's: cups, cans, pieces. Common practice,
 * written for these tests and not edited to suit them.
 */
export const TEST_RECIPES: readonly string[] = [
  `Turkey chili
Serves 6

Ingredients
2 tbsp olive oil
1 large onion, chopped
3 cloves garlic, minced
1 1/2 lb ground turkey
2 tbsp chili powder
1 tsp ground cumin
1 (28 oz) can crushed tomatoes
2 (15 oz) cans kidney beans, drained and rinsed
1 cup chicken broth
1 tsp salt
1 cup shredded cheddar cheese

Steps
1. Brown the turkey in the oil with onion and garlic.
2. Add everything but the cheese and simmer for 40 minutes.
3. Serve with the cheese.`,
  `Macaroni and cheese
Serves 8

Ingredients
1 lb elbow macaroni
6 tbsp butter
1/3 cup all-purpose flour
3 cups whole milk
1 cup half-and-half
4 cups shredded sharp cheddar cheese
1/2 tsp salt
1/2 cup breadcrumbs

Steps
1. Cook the macaroni.
2. Make a roux of butter and flour, add milk and half-and-half, melt in the cheese.
3. Top with the breadcrumbs and bake for 25 minutes.`,
  `Banana bread
Makes 12 slices

Ingredients
3 ripe bananas, mashed
1/2 cup butter, melted
3/4 cup sugar
2 eggs
1 tsp vanilla extract
1 3/4 cups all-purpose flour
1 tsp baking soda
1/4 tsp salt
1/2 cup chopped walnuts

Steps
1. Mix and bake for 60 minutes.`,
  `Chicken and rice casserole
Serves 6

Ingredients
1 1/2 lb boneless skinless chicken breasts
1 cup long-grain white rice
1 (10.5 oz) can cream of mushroom soup
1 1/2 cups water
1/2 cup sour cream
1 cup frozen peas
1/2 tsp paprika
salt and pepper to taste

Steps
1. Stir all but the chicken together, lay the chicken on top and bake for an hour.`,
  `Meat loaf
Serves 8

Ingredients
2 lb ground beef, 85% lean
1 cup breadcrumbs
1/2 cup milk
2 eggs
1 onion, finely chopped
1/2 cup ketchup
2 tbsp brown sugar
1 tbsp Worcestershire sauce
1 1/2 tsp salt

Steps
1. Mix, shape and bake for an hour.`,
  `Chocolate chip cookies
Makes 36 cookies

Ingredients
1 cup butter, softened
3/4 cup sugar
3/4 cup packed brown sugar
2 large eggs
2 tsp vanilla extract
2 1/4 cups all-purpose flour
1 tsp baking soda
1 tsp salt
1 (12 oz) bag semisweet chocolate chips

Steps
1. Cream, mix, drop by the spoonful and bake for 10 minutes.`,
  `Buttermilk pancakes
Serves 4

Ingredients
2 cups all-purpose flour
2 tbsp sugar
2 tsp baking powder
1 tsp baking soda
1/2 tsp salt
2 cups buttermilk
2 eggs
3 tbsp butter, melted

Steps
1. Whisk and fry on a griddle.`,
  `Tuna salad
Serves 4

Ingredients
2 (5 oz) cans tuna in water, drained
1/3 cup mayonnaise
2 ribs celery, diced
1 tbsp lemon juice
2 tbsp sweet pickle relish

Steps
1. Stir together.`,
  `Beef stew
Serves 6

Ingredients
2 lb beef stew meat
3 tbsp flour
2 tbsp vegetable oil
1 onion, chopped
4 carrots, sliced
4 medium potatoes, cubed
3 cups beef broth
1 cup red wine
2 tbsp tomato paste
1 bay leaf

Steps
1. Flour and brown the meat, add the rest and simmer for two hours.`,
  `Lasagna
Serves 9

Ingredients
9 lasagna noodles
1 lb Italian sausage
1 (24 oz) jar marinara sauce
15 oz ricotta cheese
1 egg
3 cups shredded mozzarella cheese
1/2 cup grated Parmesan cheese
1/4 cup chopped fresh parsley

Steps
1. Layer and bake for 45 minutes.`,
  `Cheesecake
Serves 12

Ingredients
1 1/2 cups graham cracker crumbs
6 tbsp butter, melted
4 (8 oz) packages cream cheese
1 1/4 cups sugar
4 eggs
1 cup sour cream
1 tbsp vanilla extract

Steps
1. Press the crumbs into a pan, pour in the filling and bake for an hour.`,
  `Chicken enchiladas
Serves 5

Ingredients
10 (6-inch) corn tortillas
3 cups shredded cooked chicken breast
1 (15 oz) can black beans, drained
2 cups red enchilada sauce
2 cups shredded Monterey Jack cheese
1/2 cup sour cream
1/4 cup chopped cilantro

Steps
1. Fill, roll, cover with sauce and cheese and bake for 20 minutes.`,
  `Mashed potatoes
Serves 8

Ingredients
3 lb russet potatoes, peeled
1/2 cup butter
3/4 cup whole milk
1/2 cup cream cheese
1 tsp salt

Steps
1. Boil, mash and stir in the rest.`,
  `Fruit crisp
Serves 8

Ingredients
6 apples, peeled and sliced
1/4 cup sugar
1 tsp cinnamon
1 cup rolled oats
1/2 cup all-purpose flour
2/3 cup packed brown sugar
1/2 cup cold butter, cubed

Steps
1. Cover the apples with the crumbs and bake for 45 minutes.`,
];
