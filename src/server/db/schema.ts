import type { Generated } from 'kysely';

/** The tables as Kysely sees them. JSON columns hold what the contract's schemas parse. */
export interface Database {
  household: { id: string; name: string; demo: number; system: string; zone: string; created_at: string };
  eater: {
    id: string;
    household_id: string;
    position: number;
    name: string;
    program_id: string | null;
    exceptions: string;
    allergies: string;
    avoids: string;
  };
  /** Immutable: a changed food is a new revision. household_id is null for foods that ship with Imbiss. */
  food_revision: { food_id: string; revision: number; household_id: string | null; body: string; created_at: string };
  /** Immutable, as foods. */
  program_revision: {
    program_id: string;
    revision: number;
    household_id: string | null;
    body: string;
    created_at: string;
  };
  pin: { household_id: string; food_id: string; program_id: string; points: number; grams: number };
  recipe: {
    id: string;
    household_id: string;
    title: string;
    credit: string;
    claims: string;
    notes: string;
    revision: number;
    created_at: string;
    changed_at: string;
  };
  version: {
    id: string;
    recipe_id: string;
    parent_id: string | null;
    kind: string;
    name: string;
    servings: number | null;
    lines: string;
    steps: string;
    revision: number;
    created_at: string;
  };
  /** Append-only: what was done to a version, in order. The id is the client's idempotency key. */
  entry: { id: string; version_id: string; seq: number; body: string; created_at: string };
  /** What a count was made from, and what came out: kept when foods and programs move on. */
  count_record: {
    id: string;
    household_id: string;
    kind: string;
    version_id: string;
    version_revision: number;
    foods: string;
    programs: string;
    result: string;
    created_at: string;
  };
  card: {
    id: string;
    household_id: string;
    recipe_id: string;
    version_id: string;
    token: string;
    count_record_id: string;
    body: string;
    created_at: string;
    withdrawn_at: string | null;
  };
  /** The household's own words and weights for a food, kept when the food is renewed. */
  food_correction: { household_id: string; food_id: string; synonyms: string; measures: string };
  stock_item: {
    id: string;
    household_id: string;
    food_id: string | null;
    name: string;
    grams: number | null;
    opened: number;
    use_by: string | null;
    lacking: number;
    changed_at: string;
  };
  barcode: { household_id: string; code: string; food_id: string };
  verdict: { version_id: string; eater_id: string; household_id: string; body: string; changed_at: string };
  own_swap: { id: string; household_id: string; retired: number; body: string; changed_at: string };
  feast: {
    id: string;
    household_id: string;
    name: string;
    day: string | null;
    body: string;
    revision: number;
    changed_at: string;
  };
  version_food: { version_id: string; food_id: string };
  food_name: { rowid: Generated<number>; food_id: string; household_id: string | null; words: string };
}
