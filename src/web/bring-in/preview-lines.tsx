import type { PreviewLine } from './preview-of.ts';

/** Every line as it was read: its words, the food that was taken, its grams, and what is doubtful. */
export function PreviewLines({ lines }: { readonly lines: readonly PreviewLine[] }) {
  if (lines.length === 0) return null;
  return (
    <ol className="mt-3 max-h-[28rem] space-y-1.5 overflow-auto border-rule border-t pt-2 text-sm" aria-label="Lines">
      {lines.map(({ line, food, doubt }, i) => {
        const asks = doubt?.kind === 'food' || doubt?.kind === 'amount';
        const group = line.group !== null && line.group !== lines[i - 1]?.line.group ? line.group : null;
        return (
          <li key={line.id} className="break-words">
            {group !== null && <span className="block pt-1 text-soft">{group}</span>}
            <span className={asks ? 'font-semibold text-mustard' : ''}>{line.text}</span>
            <span className="block text-soft">
              {readingWords({ line, food, doubt })}
              {line.taken?.asLastTime && <span className="tag ml-1">as last time</span>}
            </span>
            {doubt !== null && !asks && <span className="block text-mustard">{doubt.words}</span>}
          </li>
        );
      })}
    </ol>
  );
}

function readingWords({ line, food, doubt }: PreviewLine): string {
  if (doubt?.kind === 'food') return doubt.words;
  if (line.food.kind === 'nothing') return `nothing to count: ${line.food.why}`;
  if (line.weight === null) return `${food ?? 'something'}: how much?`;
  return `${food ?? 'something'}, ${shownGrams(line.weight.grams)}`;
}

const shownGrams = (grams: number): string =>
  grams < 10 ? `${Math.round(grams * 10) / 10} g` : `${Math.round(grams)} g`;
