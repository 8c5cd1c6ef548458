import { useMemo } from 'react';
import { isOutdated } from '../../core/cook/box-of.ts';
import type { Cook } from '../../core/cook/cook.ts';
import { countShare, wholeOf } from '../../core/cook/count-share.ts';
import { freeze } from '../../core/cook/freeze.ts';
import { keepsTooLong } from '../../core/cook/keep-until.ts';
import { learntDaysWords } from '../../core/cook/learnt-days.ts';
import { takenWords } from '../../core/cook/outcome-words.ts';
import { sameDish } from '../../core/cook/same-dish.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { TakeFromStock } from '../components/take-from-stock.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { type Row, useDocument } from '../saving/use-document.ts';
import type { ShownVersion, VersionEditor } from '../saving/version-editor.ts';
import { Different } from './different.tsx';
import { Division } from './division.tsx';
import { PackBoxes } from './pack-boxes.tsx';
import { PlatesOfCook } from './plates-of-cook.tsx';
import type { Cooks } from './use-cook.ts';
import { WhatCameOut } from './what-came-out.tsx';

interface CookOpenProps {
  readonly cook: Row<Cook>;
  readonly cooks: Cooks;
}

/** One cook on the table, with the version that says how it came to be. */
export function CookOpen({ cook, cooks }: CookOpenProps) {
  const { household } = useHousehold();
  const open = useDocument(household.id, 'versions', cook.versionId);
  if (!open) {
    return (
      <p className="text-soft" role="status">
        Opening…
      </p>
    );
  }
  return <OnTheTable cook={cook} cooks={cooks} editor={open.saved} shown={open.shown} />;
}

interface OnTheTableProps extends CookOpenProps {
  readonly editor: VersionEditor;
  readonly shown: ShownVersion;
}

function OnTheTable({ cook, cooks, editor, shown }: OnTheTableProps) {
  const { page } = useOpenRecipe();
  const version = shown.document;
  const { count, eaters } = useCount(version);
  const live = useMemo(
    () =>
      freeze(
        count,
        eaters.map(({ key, program, counter }) => ({ key, program, counter })),
        new Date().toISOString(),
      ),
    [count, eaters],
  );
  const boxes = cooks.boxes.filter((b) => b.cookId === cook.id);
  const plates = Object.values(cook.plates).reduce((a, b) => a + b, 0);
  const packed = boxes.reduce((sum, b) => sum + b.share, 0);
  const left = Math.max(0, 1 - plates - packed);
  const { frozen, out } = cook;
  // Programs that moved on, and a recipe that was changed later, leave a record as it is: only another word on how it was
  // cooked asks for another count.
  const moved = frozen !== null && cook.versionId !== cook.fromId && !sameDish(frozen, live);
  const outdated = frozen === null ? [] : boxes.filter((b) => isOutdated(b, frozen));
  const told = keepsTooLong([page.recipe.notes, ...version.steps.map((s) => s.text)].join('\n'));
  const kcal = wholeOf(frozen ?? live).kcal.value;
  return (
    <div className="grid gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,1fr)_24rem] desk:items-start">
      <div className="grid gap-8">
        <div className="flex flex-wrap items-baseline justify-between gap-3">
          <h2 className="text-2xl">Made {formatDay(cook.day)}</h2>
          <button type="button" className="btn btn-plain btn-small" onClick={() => void cooks.remove(cook)}>
            It was not made after all
          </button>
        </div>
        <WhatCameOut
          key={out === null ? 'not yet' : 'out'}
          cook={cook}
          servings={count.hasServings ? count.servings : null}
          vessels={cooks.vessels}
          taken={plates + packed}
          onKeepVessel={cooks.keepVessel}
          onOut={(after) => void cooks.change(cook, { ...after, frozen: frozen ?? live }, 'What came out')}
        />
        {moved && (
          <div className="note" role="alert">
            <p>What went into it was changed since it was counted.</p>
            <button
              type="button"
              className="btn btn-small mt-1"
              onClick={() => void cooks.change(cook, { frozen: live }, 'Count it anew')}
            >
              Count it anew
            </button>
          </div>
        )}
        {frozen !== null && !moved && outdated.length > 0 && (
          <OldBoxes
            there={outdated.filter((b) => b.taken === null).length}
            eaten={outdated.filter((b) => b.taken !== null).length}
            onThere={() =>
              void cooks.recount(
                outdated.filter((b) => b.taken === null),
                frozen,
              )
            }
            onEaten={() =>
              void cooks.recount(
                outdated.filter((b) => b.taken !== null),
                frozen,
              )
            }
          />
        )}
        {frozen !== null && out !== null && (
          <>
            <PlatesOfCook
              cook={cook}
              frozen={frozen}
              out={out}
              servings={count.servings}
              free={left}
              onPlates={(after) => void cooks.change(cook, { plates: after }, 'What a plate got')}
            />
            <PackBoxes
              cook={cook}
              frozen={frozen}
              out={out}
              title={page.recipe.title}
              servings={count.servings}
              left={left}
              boxes={boxes}
              learnt={learntDaysWords(cooks.boxes)}
              foods={count.lines.flatMap((l) => l.parts.map((p) => p.food))}
              onPack={cooks.pack}
              onUnpack={cooks.unpack}
            />
          </>
        )}
        <Different cook={cook} editor={editor} version={version} count={count} onDiffered={cooks.differed} />
      </div>
      <aside aria-label="All of it" className="grid gap-4 desk:sticky desk:top-4">
        {out !== null && frozen !== null && (
          <section aria-label="Where it went" className="panel p-4">
            <h3 className="text-lg">Where it went</h3>
            <Division out={out} plates={plates} boxes={packed} left={left} />
            <p className="mt-2 text-soft">
              {left > 1e-6 ? `${takenWords(out, left)} still in the pot.` : 'Nothing is left in the pot.'}
            </p>
            <ul className="mt-2">
              {frozen.counters.map((c) => (
                <li key={c.key} className="flex items-baseline justify-between border-rule border-t py-1.5">
                  <span>
                    <span className="mark mr-2">{c.mark}</span>
                    all of it
                  </span>
                  <strong className="font-head text-lg">{formatPoints(countShare(frozen, c.key, 1).points)}</strong>
                </li>
              ))}
              {kcal !== null && (
                <li className="flex items-baseline justify-between border-rule border-t py-1.5 text-soft">
                  <span>all of it</span>
                  <span>{Math.round(kcal)} kcal</span>
                </li>
              )}
            </ul>
          </section>
        )}
        <label className="block">
          <span className="label">For the next time</span>
          <textarea
            key={cook.note}
            className="field min-h-24"
            maxLength={4000}
            placeholder="less salt, five minutes longer"
            defaultValue={cook.note}
            onBlur={(e) => {
              if (e.target.value !== cook.note) void cooks.change(cook, { note: e.target.value }, 'A note');
            }}
          />
        </label>
        {told !== null && <p className="note">{told}</p>}
        <p>
          <TakeFromStock versionId={version.id} />
        </p>
        <p className="text-sm text-soft">
          Chill what is kept within 2 hours. Reheat to 165 °F (74 °C). What is carried needs a cold pack (USDA FSIS).
        </p>
      </aside>
    </div>
  );
}

interface OldBoxesProps {
  readonly there: number;
  readonly eaten: number;
  readonly onThere: () => void;
  readonly onEaten: () => void;
}

/** Boxes that were packed by an earlier count: those that are there, and, when asked, those that were eaten. */
function OldBoxes({ there, eaten, onThere, onEaten }: OldBoxesProps) {
  return (
    <div className="note" role="alert">
      <p>Boxes still have the count from before.</p>
      <div className="mt-1 flex flex-wrap gap-2">
        {there > 0 && (
          <button type="button" className="btn btn-small" onClick={onThere}>
            Count {there === 1 ? 'the box that is' : `the ${there} that are`} there anew
          </button>
        )}
        {eaten > 0 && (
          <button type="button" className="btn btn-small" onClick={onEaten}>
            And {eaten === 1 ? 'the one that was' : `the ${eaten} that were`} taken
          </button>
        )}
      </div>
    </div>
  );
}
