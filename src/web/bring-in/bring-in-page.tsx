import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { v7 as uuid } from 'uuid';
import { describeGrams } from '../../core/food/describe-grams.ts';
import { matchFood } from '../../core/food/match-food.ts';
import { formatShare } from '../../core/program/format-points.ts';
import { byEyeIsFine } from '../../core/program/slack.ts';
import { lineChange } from '../../core/version/entry.ts';
import { lineOf } from '../../core/version/line-of.ts';
import { readingOfLine } from '../../core/version/reading-of-line.ts';
import { isOpen, type Line } from '../../core/version/version.ts';
import { readIngredient, resolveReading } from '../../core/weighing/read-ingredient.ts';
import { AddLine } from '../components/add-line.tsx';
import { CountPanel } from '../components/count-panel.tsx';
import { FoodPicker } from '../components/food-picker.tsx';
import { HistoryBar } from '../components/history-bar.tsx';
import { StepsEditor } from '../components/steps-editor.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { usePantryIndex } from '../data/use-pantry-index.ts';
import { useDocument } from '../saving/use-document.ts';
import type { ShownVersion, VersionEditor } from '../saving/version-editor.ts';
import { ClaimsNote } from './claims-note.tsx';
import { RecipeHeadForm } from './recipe-head.tsx';
import { RemoveRecipe } from './remove-recipe.tsx';
import { StepDoubts } from './step-doubts.tsx';

/** The words as written beside what they were read as; open questions first. */
export function BringInPage() {
  const { household } = useHousehold();
  const { asWritten } = useOpenRecipe();
  const open = useDocument(household.id, 'versions', asWritten.id);
  const index = usePantryIndex(household.id);
  if (!open || !index) {
    return (
      <p className="p-6 text-soft" role="status">
        Reading…
      </p>
    );
  }
  return <BringIn key={asWritten.id} editor={open.saved} shown={open.shown} />;
}

function BringIn({ editor, shown }: { editor: VersionEditor; shown: ShownVersion }) {
  const version = shown.document;
  const { household } = useHousehold();
  const { page, kitchen } = useOpenRecipe();
  const index = usePantryIndex(household.id);
  const { count, places, eaters } = useCount(version);
  const [asking, setAsking] = useState<string | null>(null);
  const fine = useMemo(
    () =>
      byEyeIsFine(
        count.lines,
        eaters.map((e) => e.counter),
        { servings: count.servings },
      ),
    [count, eaters],
  );
  const openLines = version.lines.filter(isOpen);
  const others = version.lines.filter((l) => !isOpen(l));
  const asked = version.lines.find((l) => l.id === asking);

  const change = (line: Line, after: Line | null, label: string) =>
    editor.do(label, [lineChange(version, line.id, after)]);
  const rewrite = (line: Line, text: string) => {
    if (text.trim() === '' || text === line.text || index === null) return;
    const read = lineOf(readIngredient(text, line.group, index, household.system), line.id, line.originLineId);
    change(line, read, `Rewrite ${line.item || line.text}`);
  };
  const instead = (line: Line, item: string) => {
    const food = index === null ? undefined : matchFood(index, item, line.note, 1)[0]?.food;
    if (!food) return;
    const read = resolveReading(readingOfLine(line), [{ food, confidence: 1 }], household.system);
    change(
      line,
      { ...line, item, food: read.food, weight: read.weight, role: food.roles[0] ?? null, warnings: read.warnings },
      `${item} instead of ${line.item}`,
    );
  };
  const add = (text: string) => {
    if (index === null) return;
    const id = uuid();
    const line = lineOf(readIngredient(text, null, index, household.system), id);
    editor.do(`Add ${line.item}`, [
      { kind: 'line', lineId: id, before: null, after: line, index: version.lines.length },
    ]);
  };
  const row = (line: Line) => (
    <LineRow
      key={line.id}
      line={line}
      raw={count.counts.map((c) => c.lines.find((l) => l.id === line.id)?.raw ?? null)}
      marks={eaters.map((e) => e.program.mark)}
      byEye={fine.has(line.id)}
      onRewrite={(text) => rewrite(line, text)}
      onAsk={() => setAsking(line.id)}
      onInstead={(item) => instead(line, item)}
      onRemove={() => change(line, null, `Remove ${line.item || line.text}`)}
      foodName={
        line.food.kind === 'food'
          ? (kitchen.food(line.food.foodId, line.food.revision)?.name ?? null)
          : (page.inner.find((i) => line.food.kind === 'recipe' && i.version.id === line.food.versionId)?.title ?? null)
      }
    />
  );
  return (
    <>
      <main className="min-w-0 px-4 py-4 md:px-6">
        <HistoryBar editor={editor} shown={shown} />
        <RecipeHeadForm editor={editor} version={version} />
        <StepDoubts version={version} index={index} />
        {openLines.length > 0 && (
          <section aria-label="Open questions" className="mt-4">
            <h2 className="text-lg text-mustard">
              {openLines.length === 1 ? 'One line to answer' : `${openLines.length} lines to answer`}
            </h2>
            <ul>{openLines.map(row)}</ul>
          </section>
        )}
        <section aria-label="Ingredients" className="mt-4">
          <h2 className="text-lg">{openLines.length > 0 ? 'Read' : 'Ingredients'}</h2>
          <ul>{others.map(row)}</ul>
          <AddLine label="Another ingredient" placeholder="Another ingredient, such as 2 tbsp oil" onAdd={add} />
        </section>
        <StepsEditor editor={editor} version={version} />
        {page.recipe.notes !== '' && (
          <section aria-label="Notes" className="mt-6">
            <h2 className="text-lg">Notes from the source</h2>
            <p className="whitespace-pre-wrap text-soft">{page.recipe.notes}</p>
          </section>
        )}
        <RemoveRecipe />
      </main>
      <CountPanel version={version} count={count} places={places} eaters={eaters}>
        <ClaimsNote count={count} />
        <Link to="../lighten" relative="path" className="btn btn-main mt-2 w-full">
          Lighten it
        </Link>
      </CountPanel>
      {asked && (
        <FoodPicker
          line={asked}
          onClose={() => setAsking(null)}
          onPick={(after, label) => {
            setAsking(null);
            change(asked, after, label);
          }}
        />
      )}
    </>
  );
}

interface LineRowProps {
  readonly line: Line;
  readonly raw: readonly (number | null)[];
  readonly marks: readonly string[];
  readonly byEye: boolean;
  readonly foodName: string | null;
  readonly onRewrite: (text: string) => void;
  readonly onAsk: () => void;
  /** Takes another food that the line names: "kale or chard". */
  readonly onInstead: (item: string) => void;
  readonly onRemove: () => void;
}

function LineRow({ line, raw, marks, byEye, foodName, onRewrite, onAsk, onInstead, onRemove }: LineRowProps) {
  const open = isOpen(line);
  const weight = line.weight;
  const { alternatives } = useMemo(() => readingOfLine(line), [line]);
  const reading =
    line.food.kind === 'open'
      ? 'What is it?'
      : line.food.kind === 'nothing'
        ? `nothing to count: ${line.food.why}`
        : weight === null
          ? `${foodName ?? 'unknown'}: how much?`
          : `${foodName ?? 'another recipe'}, ${describeGrams(null, weight.grams, 'us')}`;
  return (
    <li
      className={`grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-4 gap-y-1 border-rule border-t py-2 sm:grid-cols-[minmax(0,5fr)_minmax(0,6fr)_auto] ${open ? 'bg-mustard-wash px-2' : ''}`}
    >
      <div className="min-w-0">
        {line.group && <span className="tag mr-1">{line.group}</span>}
        <LineText text={line.text} onRewrite={onRewrite} />
      </div>
      <div className="col-start-1 min-w-0 sm:col-start-2">
        <button
          type="button"
          onClick={onAsk}
          className={`rounded-md text-left underline decoration-rule decoration-2 underline-offset-4 hover:text-beet ${open ? 'font-semibold text-mustard' : ''}`}
        >
          {reading}
        </button>
        <span className="block text-sm text-soft">
          {line.amount?.quantityMax != null && weight && (
            <span>
              counted at the middle of {Math.round(weight.low)} to {Math.round(weight.high)} g ·{' '}
            </span>
          )}
          {weight?.from === 'estimate' && line.amount?.quantityMax == null && (
            <span className="text-mustard">
              an estimate, {Math.round(weight.low)} to {Math.round(weight.high)} g ·{' '}
            </span>
          )}
          {!open &&
            line.food.kind !== 'nothing' &&
            raw.map((r, i) => `${marks[i]} ${r === null ? '?' : formatShare(r)}`).join('  ')}
          {!open && byEye && line.food.kind !== 'nothing' && <span className="tag ml-2">by eye is fine</span>}
        </span>
        {alternatives.length > 0 && (
          <p className="text-sm">
            <span className="text-soft">It offers another:</span>{' '}
            {alternatives.map((a) => (
              <button key={a} type="button" className="btn btn-plain btn-small" onClick={() => onInstead(a)}>
                {a} instead
              </button>
            ))}
          </p>
        )}
        {line.warnings.map((w) => (
          <p key={w} className="text-mustard text-sm">
            {w}
          </p>
        ))}
      </div>
      <button
        type="button"
        className="btn btn-plain btn-small col-start-2 row-start-1 justify-self-end sm:col-start-3"
        onClick={onRemove}
        aria-label={`Remove ${line.text.slice(0, 60)}`}
      >
        Remove
      </button>
    </li>
  );
}

/** The words of a line, to be rewritten in place; a new reading follows. */
function LineText({ text, onRewrite }: { text: string; onRewrite: (text: string) => void }) {
  const [draft, setDraft] = useState<string | null>(null);
  const shown = draft ?? text;
  return (
    <input
      aria-label="The line as written"
      className="w-full rounded-md border-transparent border-b-2 bg-transparent px-1 py-0.5 hover:border-rule focus:border-beet"
      value={shown}
      title={text.length > 60 ? text : undefined}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={() => {
        if (draft !== null) onRewrite(draft);
        setDraft(null);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') setDraft(null);
      }}
    />
  );
}
