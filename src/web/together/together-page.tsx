import { Copy, ImageDown, Link2, Printer, Share2 } from 'lucide-react';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { SheetView } from '../../card-view/sheet-view.tsx';
import { addressOf } from '../../contract/route.ts';
import { SHEET_API } from '../../contract/sheet.ts';
import type { SheetKind } from '../../core/card/sheet.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { readAnew, readRecipePage } from '../data/queries.ts';
import { Check } from '../kit/check.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { PageTitle } from '../kit/page-title.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { copyToClipboard } from '../pass-on/copy-to-clipboard.ts';
import { LINK_TIMES, type LinkTime, lastDayOf } from '../pass-on/link-time.ts';
import { savePicture } from '../pass-on/save-picture.ts';
import { shareSheet } from '../pass-on/share-sheet.ts';
import { AddToSheet } from './add-to-sheet.tsx';
import { SheetLinks } from './sheet-links.tsx';
import { SheetThings } from './sheet-things.tsx';
import { useSheet } from './use-sheet.ts';
import '../../card-view/card-view.css';

const ABOUT_SHEET: Readonly<Record<SheetKind, string>> = {
  plate: 'Some dishes on one plate, counted together.',
  feast: 'A feast, each dish for itself and the plate together.',
  day: 'A day as somebody eats it.',
  week: 'A week as somebody eats it, day by day.',
  prep: 'What is cooked in one go, dish by dish.',
};

/** Several dishes put together and passed on as one: a text, a page, a print. */
export function TogetherPage() {
  const { household, eaters, programs } = useHousehold();
  const h = household.id;
  const { wish, counted, error, change, changeThing, moveThing } = useSheet();
  const [adding, setAdding] = useState(false);
  const [time, setTime] = useState<LinkTime>('always');
  const [busy, setBusy] = useState(false);
  if (wish === null)
    return (
      <main className="page">
        <PageTitle of={['Several at once']} />
        <h1 className="text-3xl">Several at once</h1>
        {error ? (
          <p className="note mt-4" role="alert">
            {error.message}
          </p>
        ) : (
          <p className="mt-4 text-soft" role="status">
            Looking…
          </p>
        )}
      </main>
    );
  const text = counted?.text ?? null;
  const chosen = wish.programs ?? programs.filter((p) => eaters.some((e) => e.programId === p.id)).map((p) => p.id);
  const publish = async () => {
    setBusy(true);
    try {
      const until = lastDayOf(time, dayIn(new Date(), household.zone));
      const link = await ask(SHEET_API.addSheet, { h, body: { wish, until } });
      await readAnew(addressOf(SHEET_API.sheets, { h }));
      const copied = await navigator.clipboard.writeText(link.url).then(
        () => true,
        () => false,
      );
      sayDone(copied ? 'The link is made and copied.' : 'The link is made.', async () => {
        await ask(SHEET_API.withdrawSheet, { h, id: link.id });
        await readAnew(addressOf(SHEET_API.sheets, { h }));
      });
    } catch (e) {
      sayError(e);
    }
    setBusy(false);
  };
  const addRecipe = (recipeId: string, title: string, versionId: string) => {
    setAdding(false);
    const last = wish.things[wish.things.length - 1];
    const what = { kind: 'version' as const, recipeId, versionId };
    change({
      things: [...wish.things, { id: uuid(), heading: last?.heading ?? '', what, words: title, portion: 1, note: '' }],
    });
  };
  return (
    <main className="page print:p-0">
      <PageTitle of={['Several at once']} />
      <div className="no-print">
        <h1 className="text-3xl">Several at once</h1>
        <p className="text-soft">{ABOUT_SHEET[wish.kind]}</p>
      </div>
      <div className="mt-4 flex flex-wrap items-start gap-x-8 gap-y-6 print:block">
        <div className="min-w-0 flex-1 basis-80 sm:max-w-2xl print:max-w-none">
          {wish.things.length === 0 ? (
            <p className="rounded-xl border-[1.5px] border-rule p-6 text-soft">
              Nothing stands on it yet. Add a dish; each comes with its points for every program.
            </p>
          ) : counted ? (
            <div className="rounded-xl border-[1.5px] border-ink bg-sheet p-5 sm:p-7 print:border-0 print:p-0">
              <SheetView sheet={counted.sheet} inside />
            </div>
          ) : (
            <p className="text-soft" role="status">
              Counting…
            </p>
          )}
        </div>
        <section aria-label="Put it together" className="no-print w-full min-w-0 desk:w-96">
          <TitleField key={wish.title} title={wish.title} onTitle={(title) => change({ title })} />
          <label className="mt-2 block">
            <span className="label">Your own words, at the top</span>
            <textarea
              className="field"
              rows={2}
              maxLength={2000}
              defaultValue={wish.words}
              onBlur={(e) => e.target.value !== wish.words && change({ words: e.target.value })}
            />
          </label>
          <h2 className="mt-4 text-xl">On it</h2>
          <SheetThings
            wish={wish}
            onChange={changeThing}
            onMove={moveThing}
            onRemove={(id) => {
              const before = wish.things;
              change({ things: before.filter((t) => t.id !== id) });
              sayDone('It is off the sheet.', async () => change({ things: before }));
            }}
          />
          <button type="button" className="btn mt-2" onClick={() => setAdding(true)}>
            Add a dish
          </button>
          <fieldset className="mt-4">
            <legend className="font-semibold">Points for</legend>
            {programs.map((p) => (
              <Check
                key={p.id}
                checked={chosen.includes(p.id)}
                onCheck={(goes) =>
                  change({
                    programs: programs.filter((q) => (q.id === p.id ? goes : chosen.includes(q.id))).map((q) => q.id),
                  })
                }
              >
                {p.name}
              </Check>
            ))}
          </fieldset>
          <Check checked={wish.sums} onCheck={(sums) => change({ sums })}>
            summed
          </Check>
          <Check checked={wish.cards} onCheck={(cards) => change({ cards })}>
            with how each is made
          </Check>
          <OneOfFew
            label="For how long a link holds"
            className="mt-3"
            value={time}
            choices={LINK_TIMES}
            onPick={setTime}
          />
          <div className="mt-2 flex flex-wrap gap-2">
            <button
              type="button"
              className="btn btn-main w-full"
              disabled={busy || wish.things.length === 0}
              onClick={() => void publish()}
            >
              <Link2 size={20} aria-hidden="true" /> Make a link
            </button>
            <button
              type="button"
              className="btn"
              disabled={text === null}
              onClick={() => text !== null && void copyToClipboard(text, 'Copied as text.', null)}
            >
              <Copy size={18} aria-hidden="true" /> Copy as text
            </button>
            <button
              type="button"
              className="btn"
              disabled={wish.things.length === 0}
              onClick={() => void savePicture(SHEET_API.sheetPicture, { h, body: wish }, wish.title)}
            >
              <ImageDown size={18} aria-hidden="true" /> Picture
            </button>
            <button type="button" className="btn" onClick={() => window.print()}>
              <Printer size={18} aria-hidden="true" /> Print
            </button>
            {shareSheet !== null && (
              <button
                type="button"
                className="btn"
                disabled={text === null}
                onClick={() => text !== null && shareSheet?.({ title: wish.title, text })}
              >
                <Share2 size={18} aria-hidden="true" /> Share
              </button>
            )}
          </div>
          <SheetLinks />
        </section>
      </div>
      {adding && (
        <AddToSheet
          onClose={() => setAdding(false)}
          onAdd={async (id, title) => {
            try {
              const { versions, recipe } = await readRecipePage(h, id);
              const version = versions.find((v) => v.id === recipe.shownVersionId) ?? versions[versions.length - 1];
              if (version !== undefined) addRecipe(id, title, version.id);
            } catch (e) {
              sayError(e);
            }
          }}
        />
      )}
    </main>
  );
}

function TitleField({ title, onTitle }: { title: string; onTitle: (title: string) => void }) {
  const [text, setText] = useState(title);
  return (
    <label className="block">
      <span className="label">What it is called</span>
      <input
        className="field"
        maxLength={200}
        value={text}
        aria-invalid={text.trim() === ''}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => (text.trim() === '' ? setText(title) : text !== title && onTitle(text))}
      />
    </label>
  );
}
