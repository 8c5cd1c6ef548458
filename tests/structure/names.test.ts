import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const ROOT = join(import.meta.dirname, '../..');

const filesIn = (dir: string): string[] =>
  readdirSync(dir, { withFileTypes: true, recursive: true })
    .filter((e) => e.isFile())
    .map((e) => join(e.parentPath, e.name));

/** Every name that a module declares at its top. */
function namesIn(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  return source.statements.flatMap((s) => {
    if (ts.isVariableStatement(s))
      return s.declarationList.declarations.flatMap((d) => (ts.isIdentifier(d.name) ? [d.name.text] : []));
    return 'name' in s && s.name !== undefined ? [(s.name as ts.Identifier).text] : [];
  });
}

describe('names', () => {
  it('stand for one thing: no two modules declare the same at their top', () => {
    const modules = filesIn(join(ROOT, 'src')).filter(
      // A migration says what it does by its own `up`; data files are tables.
      (f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$|\.data\.ts$|\/migrations\//.test(f),
    );
    expect(modules.length).toBeGreaterThan(300);
    const declared = new Map<string, Set<string>>();
    for (const file of modules)
      for (const name of namesIn(file)) {
        const places = declared.get(name) ?? new Set();
        declared.set(name, places.add(relative(ROOT, file)));
      }
    const twice = [...declared]
      .filter(([, places]) => places.size > 1)
      .map(([name, p]) => `${name}: ${[...p].join(', ')}`);
    expect(twice).toEqual([]);
  });
});

const read = (paper: string): string => readFileSync(join(ROOT, paper), 'utf8');
const foldersIn = (dir: string): string[] =>
  readdirSync(join(ROOT, dir), { withFileTypes: true }).flatMap((e) => (e.isDirectory() ? [`${dir}/${e.name}`] : []));

describe('the papers', () => {
  it('have a map that is the tree', () => {
    const map = /## The map of the code\n\n```\n([\s\S]*?)```/.exec(read('README.md'))![1]!;
    const named = map.split('\n').flatMap((line) => (line === '' ? [] : [line.split(/\s/)[0]!.replace(/\/$/, '')]));
    const rooms = ['src', 'src/core', 'src/server', 'src/web', 'tests'].flatMap(foldersIn);
    expect(rooms.length).toBeGreaterThan(40);
    expect(rooms.filter((room) => !named.includes(room))).toEqual([]);
    expect(named.filter((name) => !existsSync(join(ROOT, name)))).toEqual([]);
  });
  it('put the rooms of the core in an order in which each builds on those above it', () => {
    const rooms = [...read('README.md').matchAll(/^src\/core\/([a-z]+) /gm)].map((m) => m[1]!);
    const below = rooms.flatMap((room, i) =>
      filesIn(join(ROOT, 'src/core', room))
        .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
        .flatMap((file) => {
          const used = [...readFileSync(file, 'utf8').matchAll(/from '(?:\.\.\/)+([a-z]+)\//g)].map((m) => m[1]!);
          return used.filter((u) => rooms.indexOf(u) > i).map((u) => `${relative(ROOT, file)} uses ${u}`);
        }),
    );
    expect(below).toEqual([]);
  });
  it('lead to files that are there', () => {
    for (const paper of [
      'README.md',
      'CONTRIBUTING.md',
      'docs/where.md',
      'docs/glossary.md',
      'docs/on-a-phone.md',
      'docs/open-formats.md',
    ]) {
      const links = [...read(paper).matchAll(/\]\((?!https?:)([^)#]+)\)/g)].map((m) => m[1]!);
      expect(links.filter((link) => !existsSync(join(ROOT, dirname(paper), link)))).toEqual([]);
    }
  });
  it('answer ten questions of a newcomer with one file each', () => {
    const rows = read('docs/where.md')
      .split('\n')
      .filter((line) => /^\| [A-Z].*\?/.test(line));
    expect(rows.length).toBe(10);
    for (const row of rows) expect([...row.matchAll(/\]\(\.\.\/src\/[^)]+\.tsx?\)/g)].length, row).toBe(1);
  });
  it('have words that live where the glossary says', () => {
    const rows = read('docs/glossary.md')
      .split('\n')
      .filter((line) => /^\| .*`/.test(line));
    expect(rows.length).toBeGreaterThanOrEqual(30);
    for (const row of rows)
      for (const [, place] of row.split('|')[4]!.matchAll(/`([^`]+)`/g))
        expect(existsSync(join(ROOT, place!)) || existsSync(join(ROOT, 'src/core', place!)), row).toBe(true);
  });
});
