import type { Program } from './program.ts';

const LETTERS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
const LONGEST_NAME = 60;
const OUR_OWN = ', our own';

/** Marks from the likeliest: the letters of the one it is copied from first. */
function* marksLike(mark: string): Generator<string> {
  const first = mark[0]!;
  for (const b of LETTERS) yield first + b;
  for (const a of LETTERS) for (const b of LETTERS) yield a + b;
  for (const a of LETTERS) for (const b of LETTERS) for (const c of LETTERS) yield a + b + c;
}

/**
 * A copy of a program, to be changed.
 *
 * @param taken the marks that the household has already
 */
export function copyOfProgram(program: Program, id: string, taken: readonly string[]): Program {
  const has = new Set([...taken, program.mark]);
  let mark = program.mark;
  for (const free of marksLike(program.mark)) {
    mark = free;
    if (!has.has(free)) break;
  }
  const plain = program.name.endsWith(OUR_OWN) ? program.name.slice(0, -OUR_OWN.length) : program.name;
  return { ...program, id, revision: 1, mark, name: `${plain.slice(0, LONGEST_NAME - OUR_OWN.length)}${OUR_OWN}` };
}
