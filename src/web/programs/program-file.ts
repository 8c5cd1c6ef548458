import { type ProgramFile, ProgramFileSchema } from '../../contract/program.ts';
import { copyOfProgram } from '../../core/program/copy-program.ts';
import type { Program } from '../../core/program/program.ts';

/** A program as the text of a file. */
export function programToFile({ id: _, revision: __, ...program }: Program): string {
  const file: ProgramFile = { v: 1, ...program } as ProgramFile;
  return `${JSON.stringify(file, null, 2)}\n`;
}

/**
 * The program that a file holds; under another mark where the household has its own already.
 *
 * @throws Error in words for the cook
 */
export function programFromFile(text: string, id: string, programs: readonly Program[]): Program {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw new Error('This file is no program: it is not JSON. Choose one that "Save as a file" wrote.');
  }
  const read = ProgramFileSchema.safeParse(json);
  if (!read.success) {
    const issue = read.error.issues[0]!;
    throw new Error(`This file is no program: ${issue.path.join('.') || 'it'} ${issue.message}.`);
  }
  const { v: _, ...fields } = read.data;
  const program: Program = { id, revision: 1, ...fields };
  const marks = programs.map((p) => p.mark);
  return marks.includes(program.mark) ? { ...program, mark: copyOfProgram(program, id, marks).mark } : program;
}
