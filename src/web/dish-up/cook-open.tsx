import { useMemo } from 'react';
import { isOutdated } from '../../core/cook/box-of.ts';
import type { Cook } from '../../core/cook/cook.ts';
import { freeze } from '../../core/cook/freeze.ts';
import { freezeBeside } from '../../core/cook/freeze-beside.ts';
import { minutesAtStove } from '../../core/cook/is-at-stove.ts';
import { learntDaysWords } from '../../core/cook/learnt-days.ts';
import { measuredAnew } from '../../core/cook/measured-anew.ts';
import { notForEater } from '../../core/cook/not-for-eater.ts';
import { sameDish } from '../../core/cook/same-dish.ts';
import { foodsOf } from '../../core/counting/foods-of.ts';
import { plateLines } from '../../core/counting/plate-lines.ts';
import { useTakeFromStock } from '../components/take-from-stock.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { usePantryIndex } from '../data/use-pantry-index.ts';
import { type Row, useDocument } from '../saving/use-document.ts';
import type { ShownVersion, VersionEditor } from '../saving/version-editor.ts';
import { CookAside } from './cook-aside.tsx';
import { Different } from './different.tsx';
import { KitsMade } from './kits-made.tsx';
import { PackBoxes } from './pack-boxes.tsx';
import { PlatesOfCook } from './plates-of-cook.tsx';
import type { Cooks } from './use-cook.ts';
import { WhatCameOut } from './what-came-out.tsx';
import { WhenMade } from './when-made.tsx';

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
  const { household, eaters: people } = useHousehold();
  const { page } = useOpenRecipe();
  const index = usePantryIndex(household.id);
  const takeFromStock = useTakeFromStock();
  const version = shown.document;
  const { count, eaters } = useCount(version);
  const atTable = useMemo(() => eaters.map(({ key, program, counter }) => ({ key, program, counter })), [eaters]);
  const live = useMemo(() => freeze(count, atTable, new Date().toISOString()), [count, atTable]);
  const boxes = cooks.boxes.filter((b) => b.cookId === cook.id);
  const plates = Object.values(cook.plates).reduce((a, b) => a + b, 0);
  const packed = boxes.reduce((sum, b) => sum + b.share, 0);
  const left = Math.max(0, 1 - plates - packed);
  const { frozen, out } = cook;
  const foods = foodsOf(count);
  // Programs that moved on, and a recipe that was changed later, leave a record as it is: only another word on how it was
  // cooked asks for another count.
  const moved = frozen !== null && cook.versionId !== cook.fromId && !sameDish(frozen, live);
  const outdated = frozen === null ? [] : boxes.filter((b) => isOutdated(b, frozen));
  const cameOut = (after: Pick<Cook, 'out' | 'gross' | 'vesselId'>) => {
    const record = frozen ?? live;
    const shareOf = after.out === null ? (share: number) => share : measuredAnew(out, after.out);
    const onPlates = Object.fromEntries(Object.entries(cook.plates).map(([id, share]) => [id, shareOf(share)]));
    void cooks
      .change(
        cook,
        {
          ...after,
          plates: onPlates,
          frozen: record,
          tookStock: true,
          minutes: cook.minutes ?? minutesAtStove(cook, Date.now()),
        },
        'What came out',
      )
      .then(() => cooks.reshare(boxes, shareOf, after.out, record));
    // What is in the house goes down by every cook; where nothing of it is listed, nothing is said.
    if (!cook.tookStock) void takeFromStock(version.id, true);
  };
  const besideOf = async (eaterId: string, texts: readonly string[]): Promise<void> => {
    if (index === undefined || index === null) throw new Error('The pantry is still opening. Add it again.');
    const lines = plateLines(texts, index, household.system);
    const unknown = lines.find((l) => l.line.open);
    if (unknown !== undefined)
      throw new Error(`"${unknown.text}" is not known, or not how much. Write it as food with an amount.`);
    const eater = people.find((e) => e.id === eaterId);
    const harm =
      eater &&
      notForEater(
        eater,
        lines.flatMap((l) => l.food ?? []),
      );
    if (harm) throw new Error(harm);
    const { [eaterId]: _, ...others } = cook.beside;
    const own = freezeBeside(lines, atTable, new Date().toISOString());
    await cooks.change(
      cook,
      { beside: texts.length === 0 ? others : { ...others, [eaterId]: own } },
      'What lies beside it',
    );
  };
  return (
    <div className="grid gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,1fr)_24rem] desk:items-start">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8">
        <WhenMade cook={cook} onDay={(day) => void cooks.change(cook, { day }, 'The day')} onRemove={cooks.remove} />
        {cook.as === 'kits' ? (
          <KitsMade cook={cook} version={version} count={count} taken={packed} onOut={cameOut} />
        ) : (
          <WhatCameOut
            key={out === null ? 'not yet' : 'out'}
            cook={cook}
            servings={count.hasServings ? count.servings : null}
            vessels={cooks.vessels}
            takenOf={(next) => measuredAnew(out, next)(plates + packed)}
            onKeepVessel={cooks.keepVessel}
            onOut={cameOut}
          />
        )}
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
            {cook.as === 'cooked' && (
              <PlatesOfCook
                cook={cook}
                frozen={frozen}
                out={out}
                servings={count.servings}
                foods={foods}
                free={left}
                onPlates={(after) => void cooks.change(cook, { plates: after }, 'What a plate got')}
                onBeside={besideOf}
              />
            )}
            <PackBoxes
              key={`${out.by} ${out.amount}`}
              cook={cook}
              version={version}
              frozen={frozen}
              out={out}
              servings={count.servings}
              left={left}
              boxes={boxes}
              learnt={learntDaysWords(cooks.boxes)}
              foods={foods}
              cooks={cooks}
            />
          </>
        )}
        {cook.as === 'cooked' && (
          <Different cook={cook} editor={editor} version={version} count={count} onDiffered={cooks.differed} />
        )}
      </div>
      <CookAside
        cook={cook}
        version={version}
        title={page.recipe.title}
        live={live}
        boxes={boxes}
        left={left}
        foods={foods}
        onSaid={(eaterId, verdict) => {
          const { [eaterId]: _, ...others } = cook.verdicts;
          const verdicts = verdict === null ? others : { ...others, [eaterId]: verdict };
          void cooks.change(cook, { verdicts }, 'What was said of it');
        }}
        onMinutes={(minutes) => void cooks.change(cook, { minutes }, 'How long it took')}
        onNote={(note) => void cooks.change(cook, { note }, 'A note')}
      />
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
