import { getOut, washUp } from '../../core/stove/get-out.ts';
import type { Line, Version } from '../../core/version/version.ts';

/** What to get out, foods in the order of the list, and what is washed up when. */
export function GetOut({ version, inNoStep }: { readonly version: Version; readonly inNoStep: readonly Line[] }) {
  const tools = getOut(version);
  const wash = washUp(version);
  return (
    <section aria-label="What to get out">
      <h3 className="text-xl">Get out</h3>
      {tools.length > 0 && <p className="mt-1">{tools.map((t) => t.name).join(', ')}</p>}
      <ul className="mt-2 border-rule border-t">
        {version.lines
          .filter((l) => !l.leftOut)
          .map((l) => (
            <li key={l.id} className="border-rule border-b py-1.5" dir="auto">
              {l.text}
            </li>
          ))}
      </ul>
      {inNoStep.length > 0 && (
        <p className="note mt-3">
          No step names {inNoStep.map((l) => l.text).join('; ')}. Once begun, say under "Change" of a step that it goes
          in there.
        </p>
      )}
      {(wash.before.length > 0 || wash.last.length > 0) && (
        <div className="mt-4">
          <h3 className="text-xl">Wash up</h3>
          <ul className="mt-1">
            {wash.before.map((w) => (
              <li key={w.after}>
                After step {w.after}: {w.tools.join(', ')}
              </li>
            ))}
            {wash.last.length > 0 && <li>Last: {wash.last.join(', ')}</li>}
          </ul>
        </div>
      )}
    </section>
  );
}
