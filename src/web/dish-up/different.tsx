import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { Cook } from '../../core/cook/cook.ts';
import { countVersion, type VersionCount } from '../../core/counting/count-version.ts';
import type { Food } from '../../core/food/food.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { scaleChangesBy } from '../../core/version/scale-version.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { expectedLoss } from '../../core/yield/expected-loss.ts';
import { lossWords } from '../../core/yield/loss-words.ts';
import { useLines } from '../bring-in/use-lines.ts';
import { AddLine } from '../components/add-line.tsx';
import { LossDialog } from '../components/loss-dialog.tsx';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useRecipeHead } from '../context/use-recipe-head.ts';
import { usePantryIndex } from '../data/use-pantry-index.ts';
import { Menu } from '../kit/menu.tsx';
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
  const { page, food, title, asWritten } = useOpenRecipe();
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
  const beside = [asWritten, from].filter((v, i, all) => v !== undefined && all.indexOf(v) === i) as Version[];
  const scale = (by: number, only: Line | null, label: string) => {
    const changes = scaleChangesBy(version, by).filter(
      (c) => only === null || (c.kind === 'line' && c.lineId === only.id),
    );
    if (changes.length > 0) void editor.do(label, changes);
  };
  return (
    <section aria-label="What was different">
      <h3 className="text-xl">What was different</h3>
      <p className="text-soft">
        Write each line as it really was, also another food or package. The recipe itself stays as it is.
      </p>
      <AsCookedBeside beside={beside} count={count} />
      <p className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn btn-small" onClick={() => scale(2, null, 'Twice of everything')}>
          Twice of everything
        </button>
        <button type="button" className="btn btn-small" onClick={() => scale(0.5, null, 'Half of everything')}>
          Half of everything
        </button>
      </p>
      <ul className="mt-2 border-rule border-t">
        {version.lines.map((l) => (
          <li key={l.id} className="flex flex-wrap items-center gap-2 border-rule border-b py-1.5">
            <LineAsCooked key={l.text} line={l} onRewrite={(text) => lines.rewrite(l, text)} />
            {l.loss !== null && l.loss.high > 0 && <span className="text-sm text-soft">{lossWords(l.loss)}</span>}
            <Menu
              button={<Ellipsis size={22} aria-hidden="true" />}
              buttonClass="btn btn-plain btn-small px-2"
              label={`What was different of ${l.item || l.text}`}
              align="end"
            >
              <DropdownMenu.Item
                className="menu-item"
                onSelect={() =>
                  lines.change(l, { ...l, leftOut: !l.leftOut }, l.leftOut ? `${l.item} was in it` : `Forgot ${l.item}`)
                }
              >
                {l.leftOut ? 'It was in it' : 'Forgotten'}
              </DropdownMenu.Item>
              <DropdownMenu.Item className="menu-item" onSelect={() => scale(2, l, `Twice as much ${l.item}`)}>
                Twice as much
              </DropdownMenu.Item>
              <DropdownMenu.Item className="menu-item" onSelect={() => scale(0.5, l, `Half of ${l.item}`)}>
                Half of it
              </DropdownMenu.Item>
              {!l.leftOut && l.food.kind === 'food' && l.weight !== null && (
                <DropdownMenu.Item className="menu-item" onSelect={() => setLosing(l)}>
                  Not all of it was eaten: poured off, reduced, trimmed, left over
                </DropdownMenu.Item>
              )}
            </Menu>
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
          alcohol={alcoholOf(losing, food)}
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

/** The alcohol in a line, g. */
function alcoholOf(line: Line, food: (id: string) => Food | null): number {
  const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
  return ((own?.per100g.alcohol.value ?? 0) * (line.weight?.grams ?? 0)) / 100;
}

interface AsCookedBesideProps {
  /** What it stands beside: as written, and the version that it was cooked by. */
  readonly beside: readonly Version[];
  readonly count: VersionCount;
}

/** What a serving counts as cooked, beside what it counts as written and by the version that it was cooked by. */
function AsCookedBeside({ beside, count }: AsCookedBesideProps) {
  const { kitchen } = useOpenRecipe();
  const eaters = useCounting();
  const counters = eaters.map((e) => e.counter);
  const columns = beside.map((v) => ({ id: v.id, name: v.name, count: countVersion(v, kitchen, counters) }));
  return (
    <table className="mt-2 text-left">
      <caption className="sr-only">Points of a serving</caption>
      <thead>
        <tr className="text-sm text-soft">
          <th className="pr-4 font-normal">a serving</th>
          {columns.map((c) => (
            <th key={c.id} className="pr-4 font-normal">
              {c.name}
            </th>
          ))}
          <th className="font-normal">as cooked</th>
        </tr>
      </thead>
      <tbody>
        {eaters.map((e, i) => (
          <tr key={e.key}>
            <th className="pr-4 font-normal">
              <span className="mark mr-1.5">{e.program.mark}</span>
              {e.eater.name}
            </th>
            {columns.map((c) => (
              <td key={c.id} className="pr-4">
                {formatPoints(c.count.counts[i]!.points)}
              </td>
            ))}
            <td className="font-bold font-head text-lg">{formatPoints(count.counts[i]!.points)}</td>
          </tr>
        ))}
      </tbody>
    </table>
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
