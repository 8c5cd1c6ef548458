import { z } from 'zod';
import { DOCUMENT_API } from './document-api.ts';
import { ChangeNoteSchema, entrySchema, FieldChangeSchema, Revision } from './entry.ts';
import { FeastSchema, FeastWithRecipesSchema } from './feast.ts';
import { BatchSchema, FoodCorrectionSchema, FoodSchema, LabelSchema } from './food.ts';
import { HouseholdChangeSchema, HouseholdSchema, NewHouseholdSchema, TableSchema } from './household.ts';
import { ObservationsSchema } from './observation.ts';
import { PictureQuerySchema, PictureSchema } from './picture.ts';
import { Id } from './primitives.ts';
import { ProductSchema } from './product.ts';
import { ProgramSchema } from './program.ts';
import {
  KeptVersionSchema,
  NewRecipeSchema,
  RecipeChangeSchema,
  RecipeListSchema,
  RecipePageSchema,
  RecipeQuerySchema,
  RecipeSchema,
} from './recipe.ts';
import { route } from './route.ts';
import { StockSchema } from './stock.ts';
import { OwnSwapsSchema } from './swap.ts';
import { TakenForDishSchema } from './taken-for-dish.ts';
import { NewVerdictSchema, VerdictSchema, VerdictsSchema } from './verdict.ts';
import { VersionEntrySchema, VersionSchema } from './version.ts';

const Foods = z.array(FoodSchema);
/** A code as it is typed; its check digit is looked at by its route. */
const Code = z.string().max(40, 'is no barcode');
const revised = (thing: { readonly revision: number }): number => thing.revision;

/**
 * The API, route by route: what the server registers and checks by, what the client asks by, and what the OpenAPI
 * document says. How documents are saved is in {@link DOCUMENT_API}.
 */
export const API = {
  health: route({
    method: 'GET',
    path: '/health',
    says: 'Whether the server is up.',
    answer: z.object({ status: z.literal('ready') }),
  }),
  session: route({
    method: 'GET',
    path: '/session',
    says: 'Whether a passphrase is asked for here.',
    answer: z.object({ passphrase: z.boolean() }),
  }),
  logIn: route({
    method: 'POST',
    path: '/session',
    says: 'Logs this device in, by a cookie.',
    body: z.object({ passphrase: z.string().max(200) }),
    answer: null,
  }),
  logOut: route({ method: 'DELETE', path: '/session', says: 'Logs this device out.', answer: null }),
  logOutEverywhere: route({ method: 'DELETE', path: '/sessions', says: 'Logs every device out.', answer: null }),
  backups: route({
    method: 'GET',
    path: '/backups',
    says: 'The backups that were made by the clock, the newest first.',
    answer: z.array(z.object({ at: z.string(), bytes: z.number() })),
  }),
  unreadable: route({
    method: 'GET',
    path: '/unreadable',
    says: 'What of the database cannot be read, since it was started: kept as it is, and left out of all else.',
    answer: z.array(z.string()),
  }),
  addresses: route({
    method: 'GET',
    path: '/addresses',
    says: 'The addresses under which other devices reach it.',
    answer: z.array(z.string()),
  }),

  households: route({
    method: 'GET',
    path: '/households',
    says: 'The households of this installation.',
    answer: z.array(HouseholdSchema),
  }),
  addHousehold: route({
    method: 'POST',
    path: '/households',
    says: 'Opens an empty household.',
    body: NewHouseholdSchema,
    answer: HouseholdSchema.extend({ revision: Revision }),
    makes: true,
  }),
  removeDemo: route({
    method: 'DELETE',
    path: '/households/demo',
    says: 'Removes the demo, with a way back for thirty days.',
    answer: null,
  }),
  restoreDemo: route({
    method: 'POST',
    path: '/households/demo/restore',
    says: 'Brings the removed demo back.',
    answer: null,
  }),
  removeHousehold: route({
    method: 'DELETE',
    path: '/households/:h',
    says: 'Removes a household with all that is in it, with a way back for thirty days.',
    answer: null,
  }),
  restoreHousehold: route({
    method: 'POST',
    path: '/households/:h/restore',
    says: 'Brings a removed household back.',
    answer: null,
  }),
  table: route({
    method: 'GET',
    path: '/households/:h',
    says: 'Who counts how at the table of a household.',
    answer: TableSchema,
  }),
  changes: route({
    method: 'GET',
    path: '/households/:h/changes',
    says: 'What has a new state in a household, as it happens.',
    answer: z.array(ChangeNoteSchema),
    streams: true,
  }),
  changeHousehold: route({
    method: 'PATCH',
    path: '/households/:h',
    says: "Changes the household's name, measures or time zone.",
    body: HouseholdChangeSchema,
    answer: HouseholdSchema.extend({ revision: Revision }),
    ifMatch: 'possible',
  }),

  recipes: route({
    method: 'GET',
    path: '/households/:h/recipes',
    says: 'A page of the list of recipes.',
    query: RecipeQuerySchema,
    answer: RecipeListSchema,
  }),
  addRecipe: route({
    method: 'POST',
    path: '/households/:h/recipes',
    says: 'Brings a recipe in, with its version as written.',
    body: NewRecipeSchema,
    answer: RecipePageSchema,
    makes: true,
    revision: (page) => page.recipe.revision,
  }),
  recipe: route({
    method: 'GET',
    path: '/households/:h/recipes/:id',
    says: 'A recipe with its versions, its cards, and the foods that they count with.',
    answer: RecipePageSchema,
    revision: (page) => page.recipe.revision,
  }),
  changeRecipe: route({
    method: 'PATCH',
    path: '/households/:h/recipes/:id',
    says: "Changes a recipe's title, from whom it is, or what of it is passed on.",
    body: RecipeChangeSchema,
    answer: RecipeSchema,
    revision: revised,
    ifMatch: 'needed',
  }),
  addPicture: route({
    method: 'POST',
    path: '/households/:h/recipes/:id/pictures',
    says: 'Keeps a picture of a recipe: the body is its bytes, as image/jpeg, image/png or image/webp.',
    query: PictureQuerySchema,
    answer: PictureSchema,
    makes: true,
  }),
  removePicture: route({
    method: 'DELETE',
    path: '/households/:h/pictures/:id',
    says: 'Removes a picture, with a way back for thirty days.',
    answer: null,
  }),
  restorePicture: route({
    method: 'POST',
    path: '/households/:h/pictures/:id/restore',
    says: 'Brings a removed picture back.',
    answer: null,
  }),
  addVersion: route({
    method: 'POST',
    path: '/households/:h/recipes/:id/versions',
    says: 'Adds a version to a recipe.',
    body: VersionSchema,
    fromPath: ({ id }) => ({ recipeId: id }),
    answer: KeptVersionSchema,
    makes: true,
    revision: revised,
  }),
  version: route({
    method: 'GET',
    path: '/households/:h/versions/:id',
    says: 'A version as it is kept, with the last of its history.',
    answer: KeptVersionSchema,
    revision: revised,
  }),

  putProgram: route({
    method: 'PUT',
    path: '/households/:h/programs/:id',
    says: "Writes the next revision of a household's own program.",
    body: ProgramSchema,
    fromPath: ({ id }) => ({ id }),
    answer: ProgramSchema,
    ifMatch: 'possible',
  }),
  removeProgram: route({
    method: 'DELETE',
    path: '/households/:h/programs/:id',
    says: 'Takes an own program away that nobody counts by, with a way back.',
    answer: null,
  }),
  restoreProgram: route({
    method: 'POST',
    path: '/households/:h/programs/:id/restore',
    says: 'Brings an own program back.',
    answer: null,
  }),
  programRevisions: route({
    method: 'GET',
    path: '/households/:h/programs/:id/revisions',
    says: "Every state of a household's own program, the first first.",
    answer: z.array(z.object({ program: ProgramSchema, at: z.string() })),
  }),
  removedPrograms: route({
    method: 'GET',
    path: '/households/:h/programs/removed',
    says: 'The own programs that were taken away.',
    answer: z.array(ProgramSchema),
  }),
  observations: route({
    method: 'GET',
    path: '/households/:h/observations',
    says: 'Points that are known, from which rules are taught.',
    answer: ObservationsSchema,
  }),
  verdicts: route({
    method: 'GET',
    path: '/households/:h/verdicts',
    says: 'What everyone said of what was cooked.',
    answer: VerdictsSchema,
  }),
  putVerdict: route({
    method: 'PUT',
    path: '/households/:h/verdicts',
    says: "Keeps an eater's verdict of a version.",
    body: NewVerdictSchema,
    answer: VerdictSchema,
  }),
  removeVerdict: route({
    method: 'DELETE',
    path: '/households/:h/verdicts/:version/:eater',
    says: "Forgets an eater's verdict of a version.",
    answer: null,
  }),
  ownSwaps: route({
    method: 'GET',
    path: '/households/:h/swaps',
    says: 'The swaps that the household wrote.',
    answer: OwnSwapsSchema,
  }),
  feasts: route({
    method: 'GET',
    path: '/households/:h/feasts',
    says: 'The feasts, with the titles of their dishes.',
    answer: z.array(FeastSchema.and(z.object({ titles: z.array(z.string()) }))),
  }),
  feast: route({
    method: 'GET',
    path: '/households/:h/feasts/:id',
    says: 'A feast with everything that its dishes count with.',
    answer: FeastWithRecipesSchema,
    revision: (page) => page.feast.revision,
  }),
  takeForFeast: route({
    method: 'POST',
    path: '/households/:h/feasts/:id/take',
    says: 'Takes a way for a feast: the versions that it makes, and the feast that serves them, or nothing.',
    body: z.object({
      base: Revision,
      entry: entrySchema(FieldChangeSchema),
      dishes: z.array(z.object({ version: VersionSchema, entry: VersionEntrySchema })).max(20),
    }),
    answer: DOCUMENT_API.feasts.kept.answer,
    revision: revised,
  }),

  pantry: route({
    method: 'GET',
    path: '/households/:h/foods',
    says: 'The foods of the pantry in their newest revision: all, or those with these ids, with commas between.',
    query: z.object({ ids: z.string().optional() }),
    answer: Foods,
    checkedWhenRead: true,
  }),
  newestFoods: route({
    method: 'POST',
    path: '/households/:h/foods/newest',
    says: 'These foods in their newest revision; for more ids than an address holds.',
    body: z.object({ ids: z.array(Id).max(3000, 'are more than 3,000') }),
    answer: Foods,
    checkedWhenRead: true,
  }),
  addFood: route({
    method: 'POST',
    path: '/households/:h/foods',
    says: 'Adds a food from its label.',
    body: LabelSchema,
    answer: FoodSchema,
    makes: true,
  }),
  ownFoods: route({
    method: 'GET',
    path: '/households/:h/foods/own',
    says: "The ids of the household's own foods.",
    answer: z.array(z.string()),
  }),
  searchFoods: route({
    method: 'GET',
    path: '/households/:h/foods/search',
    says: 'Foods that fit some words, the best first.',
    query: z.object({ q: z.string().default('') }),
    answer: Foods,
  }),
  writeFoods: route({
    method: 'POST',
    path: '/households/:h/foods/batch',
    says: 'Writes foods and corrections of a file, all of them or none.',
    body: BatchSchema,
    answer: z.object({ foods: z.int(), corrections: z.int() }),
  }),
  putFood: route({
    method: 'PUT',
    path: '/households/:h/foods/:id',
    says: 'Writes the next revision of a food.',
    body: FoodSchema,
    fromPath: ({ id }) => ({ id }),
    answer: FoodSchema,
    ifMatch: 'possible',
  }),
  removeFood: route({
    method: 'DELETE',
    path: '/households/:h/foods/:id',
    says: 'Takes an own food off the shelf, with a way back.',
    answer: null,
  }),
  restoreFood: route({
    method: 'POST',
    path: '/households/:h/foods/:id/restore',
    says: 'Puts an own food on the shelf again.',
    answer: null,
  }),
  foodRevisions: route({
    method: 'GET',
    path: '/households/:h/foods/:id/revisions',
    says: 'Every revision of a food, the first first.',
    answer: z.array(z.object({ food: FoodSchema, at: z.string() })),
  }),
  foodUses: route({
    method: 'GET',
    path: '/households/:h/foods/:id/uses',
    says: 'The recipes that use a food.',
    answer: z.array(z.object({ id: Id, title: z.string() })),
  }),
  foodsUsed: route({
    method: 'GET',
    path: '/households/:h/foods-used',
    says: 'In how many recipes each food is, as they are written.',
    answer: z.array(z.object({ foodId: z.string(), recipes: z.number() })),
  }),
  correction: route({
    method: 'GET',
    path: '/households/:h/foods/:id/correction',
    says: 'What the household calls a food and what its own measures weigh.',
    answer: FoodCorrectionSchema.extend({ revision: Revision }),
  }),
  stock: route({
    method: 'GET',
    path: '/households/:h/stock',
    says: 'What is in the house, in the order to use it up.',
    answer: StockSchema,
  }),
  takeFromStock: route({
    method: 'POST',
    path: '/households/:h/stock/take',
    says: 'Takes what a version needs out of what is in the house, and out of boxes of what it names.',
    body: z.object({ versionId: Id }),
    answer: TakenForDishSchema,
  }),
  barcode: route({
    method: 'GET',
    path: '/households/:h/barcodes/:code',
    says: 'What a barcode is: the food of an earlier scan, or what the lookup knows.',
    params: { code: Code },
    answer: z.object({ code: z.string(), foodId: Id.nullable(), product: ProductSchema.nullable() }),
  }),
  putBarcode: route({
    method: 'PUT',
    path: '/households/:h/barcodes/:code',
    says: 'Remembers which food a barcode is; what was scanned last holds.',
    params: { code: Code },
    body: z.object({ foodId: Id }),
    answer: z.object({ code: z.string(), foodId: Id }),
  }),
} as const;
