import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { byEyeIsFine } from '../../core/program/slack.ts';
import { needsConfirming } from '../../core/version/line-doubt.ts';
import { isOpen, type Line } from '../../core/version/version.ts';
import { AddLine } from '../components/add-line.tsx';
import { CountPanel } from '../components/count-panel.tsx';
import { FoodPicker } from '../components/food-picker.tsx';
import { HistoryBar } from '../components/history-bar.tsx';
import { Pictures } from '../components/pictures.tsx';
import { StepsEditor } from '../components/steps-editor.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { usePantryIndex } from '../data/use-pantry-index.ts';
import { useDocument } from '../saving/use-document.ts';
import type { ShownVersion, VersionEditor } from '../saving/version-editor.ts';
import { ClaimsNote } from './claims-note.tsx';
import { FactsLine } from './facts-line.tsx';
import { KeptPages } from './kept-pages.tsx';
import { LineToRead } from './line-to-read.tsx';
import { RecipeHeadForm } from './recipe-head.tsx';
import { RemoveRecipe } from './remove-recipe.tsx';
import { StepDoubts } from './step-doubts.tsx';
import { useLines } from './use-lines.ts';

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
  const { count, places, eaters, cooked } = useCount(version);
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
  const unsure = version.lines.filter((l) => !isOpen(l) && needsConfirming(l));
  const others = version.lines.filter((l) => !isOpen(l) && !needsConfirming(l));
  const asked = version.lines.find((l) => l.id === asking);
  const lines = useLines(editor, version, index);
  const row = (line: Line) => (
    <LineToRead
      key={line.id}
      line={line}
      raw={count.counts.map((c) => c.lines.find((l) => l.id === line.id)?.raw ?? null)}
      marks={eaters.map((e) => e.program.mark)}
      byEye={fine.has(line.id)}
      onRewrite={(text) => lines.rewrite(line, text)}
      onAsk={() => setAsking(line.id)}
      onConfirm={() => lines.confirm(line)}
      onPick={(after, label) => lines.change(line, after, label)}
      onInstead={(item) => lines.instead(line, item)}
      onRemove={() => lines.change(line, null, `Remove ${line.item || line.text}`)}
      foodName={
        line.food.kind === 'food'
          ? (kitchen.food(line.food.foodId, line.food.revision)?.name ?? null)
          : (page.inner.find((i) => line.food.kind === 'recipe' && i.version.id === line.food.versionId)?.title ?? null)
      }
    />
  );
  return (
    <>
      <main className="min-w-0 px-edge py-4">
        <HistoryBar editor={editor} shown={shown} />
        <RecipeHeadForm editor={editor} version={version} />
        <FactsLine facts={page.recipe.facts} />
        <KeptPages pictures={page.pictures} isAsked={openLines.length > 0} />
        <StepDoubts version={version} index={index} onAdd={lines.add} onChange={lines.change} />
        {openLines.length > 0 && (
          <section aria-label="Open questions" className="mt-4">
            <h2 className="text-lg text-mustard">
              {openLines.length === 1 ? 'One line to answer' : `${openLines.length} lines to answer`}
            </h2>
            <ul>{openLines.map(row)}</ul>
          </section>
        )}
        {unsure.length > 0 && (
          <section aria-label="Read as this, right?" className="mt-4">
            <h2 className="text-lg">
              {unsure.length === 1 ? 'One line to confirm' : `${unsure.length} lines to confirm`}
            </h2>
            <ul>{unsure.map(row)}</ul>
          </section>
        )}
        <section aria-label="Ingredients" className="mt-4">
          <h2 className="text-lg">{openLines.length + unsure.length > 0 ? 'Read' : 'Ingredients'}</h2>
          <ul>{others.map(row)}</ul>
          <AddLine label="Another ingredient" placeholder="Another ingredient, such as 2 tbsp oil" onAdd={lines.add} />
        </section>
        <StepsEditor editor={editor} version={version} />
        {page.recipe.notes !== '' && (
          <section aria-label="Notes" className="mt-6">
            <h2 className="text-lg">Notes from the source</h2>
            <p className="whitespace-pre-wrap text-soft">{page.recipe.notes}</p>
          </section>
        )}
        <div className="mt-6">
          <Pictures recipeId={page.recipe.id} title={page.recipe.title} pictures={page.pictures} kind="page" />
        </div>
        <RemoveRecipe />
      </main>
      <CountPanel version={version} count={count} places={places} eaters={eaters} cooked={cooked}>
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
            lines.answer(asked, after, label);
          }}
        />
      )}
    </>
  );
}
