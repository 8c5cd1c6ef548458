import type { Generated, Selectable } from 'kysely';

/** What every row has that is changed under a revision of its own and whose removal is a mark. */
interface RevisionColumn {
  revision: Generated<number>;
  removed_at: Generated<string | null>;
}

/** What something that is eaten comes to. */
interface CountColumns {
  program_id: Generated<string | null>;
  program_revision: Generated<number | null>;
  ref_revision: Generated<number | null>;
  raw: Generated<number | null>;
  raw_low: Generated<number | null>;
  raw_high: Generated<number | null>;
  points: Generated<number | null>;
  low: Generated<number | null>;
  high: Generated<number | null>;
  kcal: Generated<number | null>;
  protein: Generated<number | null>;
  fibre: Generated<number | null>;
  sodium: Generated<number | null>;
  complete: Generated<number>;
}

/** The tables as Kysely sees them. JSON columns hold what the contract's schemas parse. */
export interface Database {
  /** Facts about the database itself, such as that the demo was offered. */
  fact: { key: string; value: string };
  household: RevisionColumn & {
    id: string;
    name: string;
    demo: number;
    system: string;
    region: string;
    zone: string;
    source_words: Generated<string>;
    /** By how much the oven is hotter than it says, °C; null where nobody measured. */
    oven_runs_hot: Generated<number | null>;
    /** JSON; null for the usual ones. */
    meals: Generated<string | null>;
    /** JSON: what it would like of its days. */
    aims: Generated<string>;
    /** Whether a day takes the most that a doubt leaves. */
    upwards: Generated<number>;
    /** The first day whose numbers are not closed yet; null before any was. */
    days_closed: Generated<string | null>;
    created_at: string;
  };
  eater: RevisionColumn & {
    id: string;
    household_id: string;
    position: number;
    name: string;
    program_id: string | null;
    allowance: number | null;
    exceptions: string;
    allergies: string;
    avoids: string;
    rather_not: Generated<string>;
    not_on_top: Generated<string>;
    /** JSON: what is there on the same days again and again. */
    standing: Generated<string>;
  };
  /** Immutable: a changed food is a new revision. household_id is null for foods that ship with Imbiss. */
  food_revision: { food_id: string; revision: number; household_id: string | null; body: string; created_at: string };
  /** Own foods that were taken off the shelf. */
  food_removed: { household_id: string; food_id: string; removed_at: string };
  /** Immutable, as foods. */
  program_revision: {
    program_id: string;
    revision: number;
    household_id: string | null;
    body: string;
    created_at: string;
  };
  /** Own programs that were taken away. */
  program_removed: { household_id: string; program_id: string; removed_at: string };
  /** Points that are known, from which rules are taught. */
  observation: RevisionColumn & {
    id: string;
    household_id: string;
    program_id: string;
    name: string;
    food_id: string | null;
    grams: number | null;
    points: number;
    nutrients: string;
    reading: string;
  };
  pin: RevisionColumn & {
    household_id: string;
    food_id: string;
    program_id: string;
    points: number;
    grams: number;
    said_on: string | null;
    source: Generated<string>;
    food_revision: number | null;
  };
  recipe: {
    id: string;
    household_id: string;
    title: string;
    credit: string;
    claims: string;
    facts: Generated<string>;
    settled: Generated<string>;
    notes: string;
    shown_version_id: Generated<string | null>;
    favourite: Generated<number>;
    pass_on: Generated<string>;
    revision: number;
    created_at: string;
    changed_at: string;
    removed_at: Generated<string | null>;
  };
  version: {
    id: string;
    household_id: string;
    recipe_id: string;
    parent_id: string | null;
    kind: string;
    name: string;
    servings: number | null;
    dish: string | null;
    made_for: Generated<string | null>;
    lines: string;
    steps: string;
    /** The state of the format of lines and steps. */
    v: Generated<number>;
    revision: number;
    created_at: string;
    removed_at: Generated<string | null>;
  };
  /** Append-only: what was done to a document, in order. The id is the client's idempotency key. */
  entry: {
    id: string;
    household_id: string;
    kind: string;
    document_id: string;
    seq: number;
    body: string;
    created_at: string;
  };
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
    /** YYYY-MM-DD, the last day on which its link leads to it. */
    until_day: Generated<string | null>;
    withdrawn_at: string | null;
  };
  /** The pictures that cards were published with. */
  card_picture: { card_id: string; picture_id: string; bytes: Uint8Array };
  /** The household's own words and weights for a food, kept when the food is renewed. */
  food_correction: RevisionColumn & { household_id: string; food_id: string; synonyms: string; measures: string };
  stock_item: RevisionColumn & {
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
  barcode: RevisionColumn & { household_id: string; code: string; food_id: string };
  verdict: RevisionColumn & {
    version_id: string;
    eater_id: string;
    household_id: string;
    body: string;
    changed_at: string;
  };
  own_swap: RevisionColumn & { id: string; household_id: string; body: string; changed_at: string };
  feast: {
    id: string;
    household_id: string;
    name: string;
    day: string | null;
    body: string;
    revision: number;
    changed_at: string;
    removed_at: Generated<string | null>;
  };
  version_food: { version_id: string; food_id: string };
  version_inner: { version_id: string; inner_version_id: string; inner_recipe_id: string };
  food_name: { rowid: Generated<number>; food_id: string; household_id: string | null; words: string };
  /** What the list shows of a recipe, written when it changes; `stale` is 0, or the stamp of what made it so until it is counted anew. */
  recipe_listing: {
    n: Generated<number>;
    recipe_id: string;
    household_id: string;
    title: string;
    title_key: string;
    author: string | null;
    whose: string;
    changed_at: string;
    version_id: string;
    version_name: string;
    versions: number;
    servings: number | null;
    kcal: number | null;
    serving_grams: number;
    open: number;
    stale: number;
    words: string;
    favourite: Generated<number>;
    /** The kind of dish, as it is read or said. */
    dish: string | null;
    minutes: number | null;
    vessels: Generated<number>;
    /** JSON: what it is made with. */
    appliances: Generated<string>;
    /** JSON: the ids of those at the table who must not or will not eat of it. */
    not_for: Generated<string>;
    /** The ids of what is in it, apart by blanks. */
    foods: Generated<string>;
    /** What changed outside of it and made it wait. */
    cause_id: Generated<string | null>;
  };
  recipe_points: {
    recipe_id: string;
    counter: string;
    household_id: string;
    mark: string;
    position: number;
    points: number;
    was: number | null;
    complete: number;
    low: Generated<number>;
    high: Generated<number>;
  };
  /** Photos of a dish, or of the page that it came from, in two sizes. */
  picture: {
    id: string;
    household_id: string;
    recipe_id: string;
    kind: string;
    position: number;
    sha256: string;
    width: number;
    height: number;
    small: Uint8Array;
    large: Uint8Array;
    cook_id: Generated<string | null>;
    created_at: string;
    removed_at: Generated<string | null>;
  };
  /** What changed outside of recipes and moved their counts. */
  drift_cause: {
    id: string;
    household_id: string;
    kind: string;
    ref: string;
    words: string;
    at: string;
    put_aside_at: string | null;
  };
  /** A count that was moved from outside: from what to what. */
  drift: {
    cause_id: string;
    recipe_id: string;
    counter: string;
    mark: string;
    position: number;
    points_was: number;
    points: number;
  };
  /** What a card showed before it was published again. */
  card_before: { card_id: string; seq: number; body: string; count_record_id: string; created_at: string };
  box_kind: RevisionColumn & { id: string; household_id: string; name: string; body: string };
  vessel: RevisionColumn & {
    id: string;
    household_id: string;
    name: string;
    grams: number;
    /** How much goes into it, ml; null where nobody said. */
    millilitres: Generated<number | null>;
  };
  cook: RevisionColumn & { id: string; household_id: string; recipe_id: string; day: string; body: string };
  box: RevisionColumn & {
    id: string;
    household_id: string;
    cook_id: string;
    keep_until: string;
    taken_at: string | null;
    body: string;
  };
  /** What somebody eats: live until `counted_at`, then as it was counted, whatever foods, programs and recipes do. */
  day_entry: RevisionColumn &
    CountColumns & {
      id: string;
      household_id: string;
      eater_id: string;
      day: string;
      meal: string;
      position: number;
      kind: string;
      ref: string | null;
      recipe_id: string | null;
      words: string;
      portion: number;
      grams: number | null;
      grams_low: number | null;
      grams_high: number | null;
      said_points: number | null;
      said_kcal: number | null;
      spread: number;
      state: string;
      counted_at: Generated<string | null>;
    };
  /** What is said of a day of somebody's, and by what it was counted when it was over. */
  eater_day: RevisionColumn & {
    household_id: string;
    eater_id: string;
    day: string;
    low: Generated<number>;
    told: Generated<number>;
    saves: Generated<number>;
    event: Generated<string>;
    ticked: Generated<string>;
    program_id: Generated<string | null>;
    program_revision: Generated<number | null>;
    allowance: Generated<number | null>;
  };
  pot: RevisionColumn & {
    id: string;
    household_id: string;
    recipe_id: string;
    version_id: string;
    day: string;
    meal: string;
    servings: number;
    cook_id: string | null;
  };
  /** Several dishes passed on as one. */
  sheet: {
    id: string;
    household_id: string;
    token: string;
    body: string;
    created_at: string;
    until_day: string | null;
    withdrawn_at: string | null;
  };
  /** What was taken in under another id than it had. */
  origin_id: { household_id: string; origin_id: string; id: string };
  /** What people outside of the household said of a dish. */
  outside_verdict: RevisionColumn & { id: string; household_id: string; recipe_id: string; body: string };
  prep: RevisionColumn & { id: string; household_id: string; day: string; body: string };
  trip: RevisionColumn & { id: string; household_id: string; made: string; body: string };
  buying: RevisionColumn & {
    household_id: string;
    food_id: string;
    shop: string;
    least_grams: number | null;
    pack_grams: number | null;
    price: number | null;
  };
  session: { digest: string; until_at: string };
}

/** A row of a table as it is read. */
export type RowOf<T extends keyof Database> = Selectable<Database[T]>;
