import type { Program } from '../../core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../../core/program/samples.ts';

const SHIPPED = new Set(SAMPLE_PROGRAMS.map((p) => p.id));

/** Whether a program comes with Imbiss: it is copied, and not changed. */
export const isShippedProgram = (p: Pick<Program, 'id'>): boolean => SHIPPED.has(p.id);
