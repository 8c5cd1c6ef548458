import { useState } from 'react';
import { Link } from 'react-router';
import { v7 as uuid } from 'uuid';
import { boxCounts } from '../../core/cook/box-of.ts';
import { BOX_PLACES, type Box, type BoxPlace, type Cook } from '../../core/cook/cook.ts';
import { cookProblems } from '../../core/cook/cook-problems.ts';
import type { Outcome } from '../../core/cook/divide.ts';
import type { Frozen } from '../../core/cook/frozen.ts';
import { keepUntil, storageOf } from '../../core/cook/keep-until.ts';
import { shareOfAmount, takenWords } from '../../core/cook/outcome-words.ts';
import type { Food } from '../../core/food/food.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { NumberField } from '../kit/number-field.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { Picker } from '../kit/picker.tsx';
import type { Row } from '../saving/use-document.ts';

interface PackBoxesProps {
  readonly cook: Cook;
  readonly frozen: Frozen;
  readonly out: Outcome;
  readonly title: string;
  readonly servings: number;
  /** The share that is still in the pot. */
  readonly left: number;
  readonly boxes: readonly Row<Box>[];
  /** What was learnt of how boxes of it had kept; null where too few have said. */
  readonly learnt: string | null;
  readonly foods: readonly Food[];
  readonly onPack: (boxes: readonly Box[]) => Promise<void>;
  readonly onUnpack: (box: Row<Box>) => Promise<void>;
}

const PLACE_WORDS: Readonly<Record<BoxPlace, string>> = { fridge: 'the fridge', freezer: 'the freezer' };
const EACH_WORDS: Readonly<Record<Outcome['by'], string>> = {
  grams: 'g in each',
  pieces: 'pieces in each',
  cups: 'cups in each',
};
const MOST_BOXES = 40;

/** What goes into boxes for the coming days: how many, how much, whose, and where they stand. */
export function PackBoxes(props: PackBoxesProps) {
  const { cook, frozen, out, title, servings, left, boxes, learnt, foods, onPack, onUnpack } = props;
  const { eaters } = useHousehold();
  const portion = Math.min(left, 1 / Math.max(1, servings));
  const usual = Number((portion * out.amount).toFixed(out.by === 'grams' ? 0 : 2));
  const [many, setMany] = useState<number | null>(1);
  const [each, setEach] = useState<number | null>(null);
  const [eaterId, setEaterId] = useState('');
  const [place, setPlace] = useState<BoxPlace>('fridge');
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const nameOf = (id: string | null): string => eaters.find((e) => e.id === id)?.name ?? 'anybody';
  const pack = () => {
    const amount = each ?? usual;
    const share = amount > 0 ? shareOfAmount(out, amount) : Number.NaN;
    const n = many ?? Number.NaN;
    if (!(Number.isInteger(n) && n >= 1 && n <= MOST_BOXES) || !(share > 0))
      return setWrong([`Write how many boxes (1 to ${MOST_BOXES}) and how much is in each, as numbers above 0.`]);
    // The last grams of a pot that was divided by rounded numbers go along.
    const fits = share * n <= left + 1e-9 || share * n - left < 0.5 / out.amount;
    const problems = fits ? [] : cookProblems({ out, gross: null, tare: null, taken: [1 - left, share * n] });
    setWrong(problems);
    if (problems.length > 0) return;
    const own = Math.min(share, left / n);
    void onPack(
      Array.from(
        { length: n },
        (): Box => ({
          id: uuid(),
          cookId: cook.id,
          recipeId: cook.recipeId,
          title,
          share: own,
          grams: out.grams === null ? null : out.grams * own,
          eaterId: eaterId === '' ? null : eaterId,
          place,
          packed: cook.day,
          keepUntil: keepUntil(cook.day, place, foods),
          ...boxCounts(frozen, own),
          taken: null,
          kept: null,
        }),
      ),
    );
    setEach(null);
  };
  const limit = storageOf(place, foods);
  return (
    <section aria-label="Boxes">
      <h3 className="text-xl">Boxes</h3>
      {left > 1e-6 ? (
        <>
          <div className="mt-2 flex flex-wrap items-end gap-3">
            <NumberField label="boxes" className="w-20" value={many} onValue={setMany} />
            <NumberField
              key={`${out.by} ${usual} ${boxes.length}`}
              label={EACH_WORDS[out.by]}
              className="w-32"
              value={usual}
              onValue={setEach}
            />
            <Picker
              label="whose"
              className="w-44"
              value={eaterId}
              choices={[
                { value: '', words: 'anybody' },
                ...eaters.map((e) => ({ value: e.id as string, words: e.name })),
              ]}
              onPick={setEaterId}
            />
            <OneOfFew
              label="Where they stand"
              value={place}
              choices={BOX_PLACES.map((p) => ({ value: p, words: PLACE_WORDS[p] }))}
              onPick={setPlace}
            />
          </div>
          <p className="mt-1 text-sm text-soft">
            {limit.words} ({limit.source}){learnt !== null && place === 'fridge' && ` By your own boxes: ${learnt}`}
          </p>
          {wrong.length > 0 && (
            <ul className="note mt-2" role="alert">
              {wrong.map((w) => (
                <li key={w}>{w}</li>
              ))}
            </ul>
          )}
          <button type="button" className="btn mt-2" onClick={pack}>
            Pack {many === 1 ? 'a box' : 'the boxes'}
          </button>
        </>
      ) : (
        <p className="text-soft">Nothing is left to pack.</p>
      )}
      {boxes.some((b) => b.taken === null) && (
        <p className="mt-3">
          <Link className="btn btn-small" to={`labels?cook=${cook.id}`}>
            Labels to print
          </Link>
        </p>
      )}
      {boxes.length > 0 && (
        <ul className="mt-3 border-rule border-t">
          {boxes.map((b) => (
            <li key={b.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-rule border-b py-2">
              <span className="min-w-40 flex-1">
                {takenWords(out, b.share)} for {nameOf(b.eaterId)}
                <span className="block text-sm text-soft">
                  {b.taken === null
                    ? `in ${PLACE_WORDS[b.place]}, until ${formatDay(b.keepUntil)}`
                    : `taken by ${b.taken.name}`}
                </span>
              </span>
              <span className="flex gap-3">
                {b.counts.map((c) => (
                  <span key={c.key} className="whitespace-nowrap">
                    <span className="text-sm text-soft">{c.mark}</span> <strong>{formatPoints(c.points)}</strong>
                  </span>
                ))}
              </span>
              {b.taken === null && (
                <button type="button" className="btn btn-plain btn-small" onClick={() => void onUnpack(b)}>
                  Unpack
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
