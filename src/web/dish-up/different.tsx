import { useState } from 'react';
import type { Cook } from '../../core/cook/cook.ts';
import { countVersion, type VersionCount } from '../../core/counting/count-version.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { expectedLoss } from '../../core/yield/expected-loss.ts';
import { useLines } from '../bring-in/use-lines.ts';
import { AddLine } from '../components/add-line.tsx';
import { LossDialog } from '../components/loss-dialog.tsx';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useRecipeHead } from '../context/use-recipe-head.ts';
import { usePantryIndex } from '../data/use-pantry-index.ts';
import { sayDone } from '../kit/say-done.ts';
import { useTyped } from '../kit/use-typed.ts';
import type { Row } from '../saving/use-document.ts';
import type { VersionEditor } from '../saving/version-editor.ts';

interface DifferentProps {
  readonly cook: Row<Cook>;
  readonly editor: VersionEditor;
  /** The version that says how it was cooked. */
  readonly version: Version;
  readonly count: VersionCount;
  readonly onDiffered: (cook: Row<Cook>, of: Version) => Promise<void>;
}

/** What was different from the recipe this time: other amounts, forgotten, more, not eaten. It is counted at once. */
export function Different({ cook, editor, version, count, onDiffered }: DifferentProps) {
  const { household } = useHousehold();
  const { page, kitchen, food, title } = useOpenRecipe();
  const eaters = useCounting();
  const index = usePantryIndex(household.id);
  const lines = useLines(editor, version, index ?? null);
  const { head, change } = useRecipeHead();
  const [losing, setLosing] = useState<Line | null>(null);
  const from = page.versions.find((v) => v.id === cook.fromId);
  if (cook.versionId === cook.fromId) {
    return (
      <section aria-label="What was different">
        <h3 className="text-xl">Was it different this time?</h3>
        <p className="text-soft">
          More of something, another package, forgotten, fat poured off: the recipe stays as it is.
        </p>
        <button type="button" className="btn mt-2" onClick={() => void onDiffered(cook, version)}>
          I made it, this was different
        </button>
      </section>
    );
  }
  const before =
    from === undefined
      ? null
      : countVersion(
          from,
          kitchen,
          eaters.map((e) => e.counter),
        );
  return (
    <section aria-label="What was different">
      <h3 className="text-xl">What was different</h3>
      <p className="text-soft">Write each line as it really was. The recipe itself stays as it is.</p>
      {before && (
        <p className="mt-1">
          A serving:{' '}
          {eaters.map((e, i) => (
            <span key={e.key} className="mr-4 whitespace-nowrap">
              <span className="mark mr-1.5">{e.program.mark}</span>
              {formatPoints(before.counts[i]!.points)} by the recipe,{' '}
              <strong>{formatPoints(count.counts[i]!.points)}</strong> as cooked
            </span>
          ))}
        </p>
      )}
      <ul className="mt-2 border-rule border-t">
        {version.lines.map((l) => (
          <li key={l.id} className="flex flex-wrap items-center gap-2 border-rule border-b py-1.5">
            <LineAsCooked key={l.text} line={l} onRewrite={(text) => lines.rewrite(l, text)} />
            <button
              type="button"
              className="btn btn-plain btn-small"
              onClick={() =>
                lines.change(l, { ...l, leftOut: !l.leftOut }, l.leftOut ? `${l.item} was in it` : `Forgot ${l.item}`)
              }
            >
              {l.leftOut ? 'It was in it' : 'Forgotten'}
            </button>
            {!l.leftOut && l.food.kind === 'food' && l.weight !== null && (
              <button type="button" className="btn btn-plain btn-small" onClick={() => setLosing(l)}>
                {l.loss === null ? 'Not all eaten' : 'What is not eaten'}
              </button>
            )}
          </li>
        ))}
      </ul>
      <AddLine label="Something that went in besides" placeholder="such as 50 g butter" onAdd={lines.add} />
      <button
        type="button"
        className="btn btn-small"
        disabled={head.shownVersionId === version.id}
        onClick={() => {
          const was = head.shownVersionId;
          void change('Make it the recipe', { shownVersionId: version.id });
          sayDone('It is the recipe from now on.', () => change('Not the recipe after all', { shownVersionId: was }));
        }}
      >
        {head.shownVersionId === version.id ? 'It is the recipe now' : 'Make it the recipe from now on'}
      </button>
      {losing && (
        <LossDialog
          line={losing}
          expected={expectedLoss(losing, version, food, title)}
          onClose={() => setLosing(null)}
          onTake={(loss) => {
            setLosing(null);
            lines.change(losing, { ...losing, loss }, `What of ${losing.item} is not eaten`);
          }}
        />
      )}
    </section>
  );
}

interface LineAsCookedProps {
  readonly line: Line;
  readonly onRewrite: (text: string) => void;
}

const textTyped = (text: string): string | undefined => text.trim() || undefined;

function LineAsCooked({ line, onRewrite }: LineAsCookedProps) {
  const { field } = useTyped(line.text, textTyped, onRewrite);
  return (
    <input
      aria-label={`As it was: ${line.item || line.text}`}
      className={`field min-w-[min(16rem,100%)] flex-1 ${line.leftOut ? 'text-soft line-through' : ''}`}
      disabled={line.leftOut}
      {...field}
    />
  );
}
