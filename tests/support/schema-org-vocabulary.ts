import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

/** The vocabulary of schema.org, as its release of triples says it (the package carries the file). */
export interface Vocabulary {
  /** A JSON-LD context of its terms and no others: a key that is none of them is dropped by whoever expands it. */
  readonly context: object;
  /** Whether a property may stand on a type, or on one that it is a kind of. */
  mayStandOn(property: string, type: string): boolean;
}

const TRIPLE = /^<http:\/\/schema\.org\/(\w+)> <[^>]*[/#](\w+)> <(?:[^>]*[/#])(\w+)> /;

export function schemaOrgVocabulary(): Vocabulary {
  const { resolve } = createRequire(import.meta.url);
  const file = readFileSync(resolve('@vocabulary/schema').replace(/index\.js$/, 'schema.nq'), 'utf8');
  const terms = new Set<string>();
  const domains = new Map<string, Set<string>>();
  const parents = new Map<string, Set<string>>();
  const add = (map: Map<string, Set<string>>, key: string, value: string) =>
    map.set(key, (map.get(key) ?? new Set()).add(value));
  for (const line of file.split('\n')) {
    const [, subject, predicate, object] = TRIPLE.exec(line) ?? [];
    if (subject === undefined) continue;
    if (predicate === 'type' && (object === 'Property' || object === 'Class')) terms.add(subject);
    if (predicate === 'domainIncludes') add(domains, subject, object!);
    if (predicate === 'subClassOf') add(parents, subject, object!);
  }
  const kindsOf = (type: string): string[] => [type, ...[...(parents.get(type) ?? [])].flatMap(kindsOf)];
  return {
    context: Object.fromEntries([...terms].map((t) => [t, `https://schema.org/${t}`])),
    mayStandOn: (property, type) => kindsOf(type).some((kind) => domains.get(property)?.has(kind) ?? false),
  };
}
