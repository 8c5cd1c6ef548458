import { pairLines } from '../../core/version/pair-lines.ts';
import type { Line, Version } from '../../core/version/version.ts';

/** What goes in, as a cook gets it out: in groups, and beside what was changed the family's own. */
export function ReadLines({ version, asWritten }: { readonly version: Version; readonly asWritten: Version }) {
  const was = new Map(
    pairLines(asWritten, version).flatMap((p) =>
      p.changed && p.before !== null ? p.after.map((l) => [l.id, p.before!.text] as const) : [],
    ),
  );
  const lines = version.lines.filter((l) => !l.leftOut);
  const groups = [...new Set(lines.map((l) => l.group))];
  return (
    <section aria-label="Ingredients">
      <h2 className="text-xl">{version.servings === null ? 'What goes in' : 'Ingredients'}</h2>
      {groups.map((group) => (
        <div key={group ?? ''} className="mt-1">
          {group !== null && <h3 className="mt-3 text-base">{group}</h3>}
          <ul>
            {lines
              .filter((l) => l.group === group)
              .map((l) => (
                <ReadLine key={l.id} line={l} was={was.get(l.id) ?? null} />
              ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

function ReadLine({ line, was }: { readonly line: Line; readonly was: string | null }) {
  return (
    <li className="border-rule border-b py-1.5 text-[1.0625rem]" dir="auto">
      {line.text}
      {was !== null && was !== line.text && (
        <span className="block text-soft text-sm">
          <span className="sr-only">instead of </span>
          <s>{was}</s>
        </span>
      )}
    </li>
  );
}
