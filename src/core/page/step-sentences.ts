import { beginsAsStep } from './line-kinds.ts';

/** A sentence shorter than this says too little to be a step. */
const SHORT = 15;

/** One paragraph of method, taken apart at its sentences; what is no instruction stays with the one before. */
export function sentencesOf(text: string): string[] {
  const out: string[] = [];
  for (const s of text.split(/(?<=[.!?])\s+(?=\p{Lu})/u)) {
    const last = out[out.length - 1];
    if (last !== undefined && (s.length < SHORT || (!beginsAsStep(s) && s.length < 60)))
      out[out.length - 1] = `${last} ${s}`;
    else out.push(s);
  }
  return out;
}
