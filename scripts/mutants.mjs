// How well the tests of the core bite: a seeded sample of mutants over all of its rooms, or the files that are named.
//
//   npm run mutants                     the sample; its score goes into docs/mutants.md
//   npm run mutants -- src/core/a.ts …  these files, whole
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { cpSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { bin, ensureInstalled, ROOT } from './ensure.mjs';

ensureInstalled({ forWork: true });
const SEED = Number(process.env.SEED ?? 20_261_126);
/** Lines of which every mutant is tried; a line has two or three. */
const LINES = Number(process.env.LINES ?? 300);
/** Files, or ranges of their lines (`src/core/a.ts:3-9`). */
const files = process.argv.slice(2);

const inCore = readdirSync(join(ROOT, 'src/core'), { recursive: true })
  .filter((f) => /\.ts$/.test(f) && !/\.test\.ts$|\.data\.ts$|shipped\//.test(f))
  .map((f) => join('src/core', f))
  .sort();
/** A line that does something: with an operator, a condition, a call. Imports and types have no mutants. */
const DOES = /[<>=!&|?+\-*/%]|\b(?:true|false|some|every|filter|sort|min|max|slice)\b/;
const NOTHING = /^\s*(?:import|export type|export interface|interface|type|readonly|\/\/|\/?\*)/;

/** Lines of the core in the order of a hash of their words: a line keeps its place while others change. */
function sample(most) {
  const lines = inCore.flatMap((file) =>
    readFileSync(join(ROOT, file), 'utf8')
      .split('\n')
      .flatMap((text, i) => {
        if (!DOES.test(text) || NOTHING.test(text)) return [];
        const place = createHash('sha256').update(`${SEED} ${text.trim()}`).digest('hex');
        return [{ place, range: `${file}:${i + 1}-${i + 1}` }];
      }),
  );
  lines.sort((a, b) => (a.place < b.place ? -1 : 1));
  return lines.slice(0, most).map((l) => l.range);
}

const mutate = files.length > 0 ? files : sample(LINES);
const status = bin(
  ['@stryker-mutator', 'core', 'bin', 'stryker.js'],
  ['run', 'stryker.config.json', '--mutate', mutate.join(',')],
);
if (status !== 0) process.exit(status);

/** Mutants that change nothing a user could see, each with the reason. */
const equivalent = JSON.parse(readFileSync(join(ROOT, 'tests/data/equivalent-mutants.json'), 'utf8'));
const report = JSON.parse(readFileSync(join(ROOT, 'dist/mutants.json'), 'utf8'));
const aloneKilled = await triedAlone(report);
const rooms = new Map();
const left = [];
let excused = 0;
for (const [path, { source, mutants }] of Object.entries(report.files)) {
  const file = relative(ROOT, join(ROOT, path));
  const room = file.split('/')[2];
  const lines = source.split('\n');
  for (const m of mutants) {
    if (['Ignored', 'CompileError', 'RuntimeError'].includes(m.status)) continue;
    const tally = rooms.get(room) ?? { tried: 0, killed: 0, same: 0 };
    rooms.set(room, tally);
    tally.tried++;
    const line = lines[m.location.start.line - 1].trim();
    if (m.status === 'Killed' || m.status === 'Timeout' || aloneKilled.has(m)) tally.killed++;
    else if (equivalent.some((e) => e.file === file && e.line === line && e.mutant === m.replacement)) {
      tally.same++;
      excused++;
    } else left.push({ file, line, mutant: m.replacement, mutator: m.mutatorName, at: m.location.start.line });
  }
}
/**
 * A mutant under which a test file cannot even be collected, for it counts something at its top, is said to have survived
 * with no test completed. Such a one is put into the source by itself, and the tests that come from there are run.
 */
async function triedAlone({ files: mutated }) {
  const waiting = Object.entries(mutated).flatMap(([file, { source, mutants }]) =>
    mutants
      .filter((m) => m.status === 'Survived' && !(m.testsCompleted > 0))
      .map((mutant) => ({ file, source, mutant })),
  );
  const killed = new Set();
  if (waiting.length > 0) console.log(`${waiting.length} that no test came to are tried by themselves.`);
  const worker = async (n) => {
    const place = join(ROOT, 'dist', `mutant-alone-${n}`);
    rmSync(place, { recursive: true, force: true });
    for (const part of ['src', 'tests', 'demo', 'package.json', 'tsconfig.json', 'vitest.mutants.config.ts'])
      cpSync(join(ROOT, part), join(place, part), { recursive: true });
    symlinkSync(join(ROOT, 'node_modules'), join(place, 'node_modules'));
    for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) {
      const { file, source, mutant } = next;
      writeFileSync(join(place, file), withMutant(source, mutant));
      if ((await testsOf(place, file)) !== 0) killed.add(mutant);
      writeFileSync(join(place, file), source);
    }
    rmSync(place, { recursive: true, force: true });
  };
  await Promise.all([worker(1), worker(2)]);
  return killed;
}

/** A source with one mutant in it; lines and columns of the report begin at 1. */
function withMutant(source, { location: { start, end }, replacement }) {
  const lines = source.split('\n');
  const at = ({ line, column }) => lines.slice(0, line - 1).reduce((n, l) => n + l.length + 1, 0) + column - 1;
  return source.slice(0, at(start)) + replacement + source.slice(at(end));
}

/** How the tests that come from a file end: 0 when all pass. One that does not end is a failure. */
function testsOf(place, file) {
  return new Promise((done) => {
    const vitest = join(ROOT, 'node_modules', 'vitest', 'vitest.mjs');
    const args = [vitest, 'related', '--run', '--bail=1', '--config', 'vitest.mutants.config.ts', file];
    const child = spawn(process.execPath, args, { cwd: place, stdio: 'ignore' });
    const late = setTimeout(() => child.kill('SIGKILL'), 120_000);
    child.on('exit', (code) => {
      clearTimeout(late);
      done(code ?? 1);
    });
  });
}

const sum = (key) => [...rooms.values()].reduce((s, t) => s + t[key], 0);
const [tried, killed] = [sum('tried'), sum('killed')];
const score = (t) => `${((100 * t.killed) / Math.max(1, t.tried - t.same)).toFixed(1)} %`;
writeFileSync(join(ROOT, 'dist/mutants-left.json'), JSON.stringify(left, null, 1));
console.log(`${tried} mutants: ${killed} killed, ${excused} change nothing, ${left.length} left`);
console.log(
  `of those that change something: ${score({ tried, killed, same: excused })}; raw ${score({ tried, killed, same: 0 })}`,
);
console.log('what is left: dist/mutants-left.json');

if (files.length === 0) {
  const rows = [...rooms].sort(([a], [b]) => (a < b ? -1 : 1));
  const table = [
    '| room | mutants | killed | change nothing | score |',
    '| --- | --- | --- | --- | --- |',
    ...rows.map(([room, t]) => `| ${room} | ${t.tried} | ${t.killed} | ${t.same} | ${score(t)} |`),
    `| **all** | ${tried} | ${killed} | ${excused} | **${score({ tried, killed, same: excused })}** |`,
  ].join('\n');
  const paper = join(ROOT, 'docs/mutants.md');
  const head = `${new Date().toISOString().slice(0, 10)}, seed ${SEED}, every mutant of ${LINES} lines:`;
  const text = readFileSync(paper, 'utf8');
  writeFileSync(
    paper,
    text.replace(/<!-- figures -->[\s\S]*<!-- end -->/, `<!-- figures -->\n\n${head}\n\n${table}\n\n<!-- end -->`),
  );
  bin(['@biomejs', 'biome', 'bin', 'biome'], ['format', '--write', 'docs/mutants.md']);
}
