import { z } from 'zod';
import { allRoutes } from './all-routes.ts';
import { CreditSchema } from './credit.ts';
import { DOCUMENTS, RecipeHeadSchema } from './documents.ts';
import { ChangeNoteSchema, DifferenceSchema, FieldChangeSchema, JsonSchema } from './entry.ts';
import { FoodSchema, MeasureSchema } from './food.ts';
import { HouseholdSchema } from './household.ts';
import { ProblemSchema } from './problem.ts';
import { ProgramSchema } from './program.ts';
import { CardLinkSchema, RecipePageSchema, RecipeSchema, RecipeSummarySchema } from './recipe.ts';
import { type AnyRoute, namesIn, paramSchema } from './route.ts';
import { LineSchema, StepSchema, VersionChangeSchema, VersionEntrySchema } from './version.ts';

/** What several routes speak of, each under its own name in the document. */
const NAMED: Readonly<Record<string, z.ZodType>> = {
  Json: JsonSchema,
  Problem: ProblemSchema,
  Difference: DifferenceSchema,
  Household: HouseholdSchema,
  Program: ProgramSchema,
  Eater: DOCUMENTS.eaters.schema,
  Pin: DOCUMENTS.pins.schema,
  Food: FoodSchema,
  Measure: MeasureSchema,
  FoodCorrection: DOCUMENTS.corrections.schema,
  Recipe: RecipeSchema,
  RecipeHead: RecipeHeadSchema,
  RecipePage: RecipePageSchema,
  RecipeSummary: RecipeSummarySchema,
  Credit: CreditSchema,
  CardLink: CardLinkSchema,
  Version: DOCUMENTS.versions.schema,
  Line: LineSchema,
  Step: StepSchema,
  VersionChange: VersionChangeSchema,
  VersionEntry: VersionEntrySchema,
  FieldChange: FieldChangeSchema,
  ChangeNote: ChangeNoteSchema,
  Feast: DOCUMENTS.feasts.schema,
  OwnSwap: DOCUMENTS.swaps.schema,
  StockItem: DOCUMENTS.stock.schema,
  Verdict: DOCUMENTS.verdicts.schema,
};

type JsonObject = Record<string, unknown>;

/**
 * The API as an OpenAPI 3.1 document, made from the table of routes: what it says is what both ends check by. Every
 * schema is the one of what is sent; an answer has what is sent again.
 */
export function openApi(): JsonObject {
  const registry = z.registry<{ id: string }>();
  for (const [id, schema] of Object.entries(NAMED)) registry.add(schema, { id });
  const routes = [...allRoutes()];
  for (const [name, r] of routes)
    for (const [part, schema] of Object.entries({ body: r.body, answer: r.answer as z.ZodType | null }))
      if (schema && !registry.has(schema)) registry.add(schema, { id: `${name}.${part}` });
  const { schemas } = z.toJSONSchema(registry, {
    io: 'input',
    unrepresentable: 'any',
    uri: (id) => `#/components/schemas/${id}`,
  });
  const named = Object.entries(schemas).map(([id, { $schema, $id, ...rest }]) => [id, rest] as const);
  const schemaOf = (schema: z.ZodType): JsonObject => ({ $ref: `#/components/schemas/${registry.get(schema)!.id}` });
  const paths: Record<string, JsonObject> = {};
  for (const [name, r] of routes) {
    const path = r.path.replace(/:(\w+)/g, '{$1}');
    paths[path] = { ...paths[path], [r.method.toLowerCase()]: operation(name, r, schemaOf) };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Imbiss',
      version: '1',
      description:
        'The interface of the household application. Errors are problem details (RFC 9457). A write comes from the same ' +
        'origin, or from no browser at all. A change names the state that it is made on: as If-Match, with the ETag of ' +
        'the last answer, or as the base of an entry.',
    },
    servers: [{ url: '/api' }],
    paths,
    components: {
      schemas: Object.fromEntries(named),
      responses: {
        Problem: {
          description: 'What is wrong, in words, and what to do about it.',
          content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
        },
      },
    },
  };
}

function pathParameter(name: string, schema: JsonObject): JsonObject {
  return { name, in: 'path', required: true, schema };
}

function operation(name: string, r: AnyRoute, schemaOf: (schema: z.ZodType) => JsonObject): JsonObject {
  const answer = r.answer as z.ZodType | null;
  const plain = (schema: z.ZodType): JsonObject => {
    const { $schema, ...rest } = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as JsonObject;
    return rest;
  };
  const query = r.query ? (plain(r.query) as { properties: JsonObject; required?: string[] }) : null;
  const parameters = [
    ...namesIn(r.path).map((n) => pathParameter(n, plain(paramSchema(r, n)))),
    ...Object.entries(query?.properties ?? {}).map(([n, schema]) => ({
      name: n,
      in: 'query',
      required: query?.required?.includes(n) ?? false,
      schema,
    })),
    ...(r.ifMatch
      ? [{ name: 'If-Match', in: 'header', required: r.ifMatch === 'needed', schema: { type: 'string' } }]
      : []),
  ];
  const headers = r.revision && { ETag: { description: 'The revision.', schema: { type: 'string' } } };
  return {
    operationId: name,
    summary: r.says,
    ...(parameters.length > 0 && { parameters }),
    ...(r.body && { requestBody: { required: true, content: { 'application/json': { schema: schemaOf(r.body) } } } }),
    responses: {
      [answer === null && r.bytes === undefined ? 204 : r.makes ? 201 : 200]:
        r.bytes !== undefined
          ? { description: 'The bytes.', content: { [r.bytes]: { schema: { type: 'string', format: 'binary' } } } }
          : answer === null
            ? { description: 'Done.' }
            : {
                description: 'The answer.',
                ...(headers && { headers }),
                content: { [r.streams ? 'text/event-stream' : 'application/json']: { schema: schemaOf(answer) } },
              },
      default: { $ref: '#/components/responses/Problem' },
    },
  };
}
