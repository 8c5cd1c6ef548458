import { Scale } from 'lucide-react';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { kindProblems } from '../../core/cook/box-kind.ts';
import { boxCounts } from '../../core/cook/box-of.ts';
import { BOX_PLACES, type Box, type BoxPlace, type Cook } from '../../core/cook/cook.ts';
import { cookProblems } from '../../core/cook/cook-problems.ts';
import type { Outcome } from '../../core/cook/divide.ts';
import type { Frozen } from '../../core/cook/frozen.ts';
import { keepUntil, limitOf } from '../../core/cook/keep-until.ts';
import { notForEater } from '../../core/cook/not-for-eater.ts';
import { shareOfAmount } from '../../core/cook/outcome-words.ts';
import { apartSuggestions, type PackedApart } from '../../core/cook/packed-apart.ts';
import type { Food } from '../../core/food/food.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { NumberField } from '../kit/number-field.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { Picker } from '../kit/picker.tsx';
import type { Row } from '../saving/use-document.ts';
import { FillByScale } from '../scale/fill-by-scale.tsx';
import { BoxKinds } from './box-kinds.tsx';
import { PackApart } from './pack-apart.tsx';
import { PackedBoxes, PLACE_WORDS } from './packed-boxes.tsx';
import type { Cooks } from './use-cook.ts';

interface PackBoxesProps {
  readonly cook: Cook;
  readonly version: Version;
  readonly frozen: Frozen;
  readonly out: Outcome;
  readonly servings: number;
  /** The share that is still in the pot. */
  readonly left: number;
  readonly boxes: readonly Row<Box>[];
  /** What was learnt of how boxes of it had kept; null where too few have said. */
  readonly learnt: string | null;
  readonly foods: readonly Food[];
  readonly cooks: Cooks;
}

const EACH_WORDS: Readonly<Record<Outcome['by'], string>> = {
  grams: 'g in each',
  pieces: 'pieces in each',
  cups: 'cups in each',
};
const MOST_BOXES = 40;
const NEW_KIND = 'new';

/** What goes into boxes for the coming days: how many, how much, whose, of which kind, and where they stand. */
export function PackBoxes(props: PackBoxesProps) {
  const { cook, version, frozen, out, servings, left, boxes, learnt, foods, cooks } = props;
  const { eaters } = useHousehold();
  const { page, food } = useOpenRecipe();
  const isKit = cook.as === 'kits';
  const portion = isKit ? 1 / out.amount : Math.min(left, 1 / Math.max(1, servings));
  const usual = Number((portion * out.amount).toFixed(out.by === 'grams' ? 0 : 2));
  const [many, setMany] = useState<number | null>(isKit ? Math.round(left * out.amount) : 1);
  const [each, setEach] = useState<number | null>(null);
  const [eaterId, setEaterId] = useState('');
  const [kindId, setKindId] = useState('');
  const [place, setPlace] = useState<BoxPlace>(isKit ? 'freezer' : 'fridge');
  const [apart, setApart] = useState<readonly PackedApart[]>(() =>
    apartSuggestions(version, food, isKit ? 'kit' : 'cooked'),
  );
  const [filling, setFilling] = useState(false);
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const kind = cooks.kinds.find((k) => k.id === kindId) ?? null;
  const whose = eaters.find((e) => e.id === eaterId);
  const harm = whose === undefined ? null : notForEater(whose, foods);
  const amount = each ?? usual;
  const share = amount > 0 ? shareOfAmount(out, amount) : Number.NaN;
  const grams = out.grams === null || !(share > 0) ? null : out.grams * share;
  const boxOf = (own: number): Box => ({
    id: uuid(),
    cookId: cook.id,
    recipeId: cook.recipeId,
    title: page.recipe.title,
    share: own,
    grams: out.grams === null ? null : out.grams * own,
    eaterId: eaterId === '' ? null : eaterId,
    kindId: kind?.id ?? null,
    as: cook.as,
    apart,
    place,
    packed: cook.day,
    keepUntil: keepUntil(cook.day, cook.as, place, foods),
    ...boxCounts(frozen, own),
    taken: null,
    kept: null,
  });
  const pack = () => {
    const n = many ?? Number.NaN;
    if (!(Number.isInteger(n) && n >= 1 && n <= MOST_BOXES) || !(share > 0))
      return setWrong([`Write how many boxes (1 to ${MOST_BOXES}) and how much is in each, as numbers above 0.`]);
    // The last grams of a pot that was divided by rounded numbers go along.
    const fits = share * n <= left + 1e-9 || share * n - left < 0.5 / out.amount;
    const problems = fits ? [] : cookProblems({ out, gross: null, tare: null, taken: [1 - left, share * n] });
    setWrong(problems);
    if (problems.length > 0) return;
    const own = Math.min(share, left / n);
    void cooks.pack(Array.from({ length: n }, () => boxOf(own)));
    setEach(null);
  };
  const limit = limitOf(cook.as, place, foods);
  return (
    <section aria-label={isKit ? 'Kits' : 'Boxes'}>
      <h3 className="text-xl">{isKit ? 'Raw kits' : 'Boxes'}</h3>
      {left > 1e-6 ? (
        <>
          <div className="mt-2 flex flex-wrap items-end gap-3">
            <NumberField label={isKit ? 'kits' : 'boxes'} className="w-20" value={many} onValue={setMany} />
            {!isKit && (
              <NumberField
                key={`${out.by} ${usual} ${boxes.length}`}
                label={EACH_WORDS[out.by]}
                className="w-32"
                value={usual}
                onValue={setEach}
              />
            )}
            <Picker
              label="whose"
              className="w-44 max-w-full"
              value={eaterId}
              choices={[
                { value: '', words: 'anybody' },
                ...eaters.map((e) => ({ value: e.id as string, words: e.name })),
              ]}
              onPick={setEaterId}
            />
            <Picker
              label="kind of box"
              className="w-48 max-w-full"
              value={kindId}
              choices={[
                { value: '', words: 'any box' },
                ...cooks.kinds.map((k) => ({ value: k.id as string, words: k.name })),
                { value: NEW_KIND, words: 'our boxes…' },
              ]}
              onPick={setKindId}
            />
            <OneOfFew
              label="Where they stand"
              value={place}
              choices={BOX_PLACES.map((p) => ({ value: p, words: PLACE_WORDS[p] }))}
              onPick={setPlace}
            />
          </div>
          {kindId === NEW_KIND && (
            <BoxKinds
              kinds={cooks.kinds}
              onKeep={(k) => setKindId(cooks.keepKind(k))}
              onRemove={cooks.removeKind}
              onClose={() => setKindId('')}
            />
          )}
          {kind !== null && grams !== null && kind.grams !== null && (
            <p className="mt-1 text-sm text-soft">
              On the scale, with its box, each shows {formatGrams(grams + kind.grams)}.
            </p>
          )}
          {kind !== null &&
            kindProblems(kind, place, grams).map((p) => (
              <p key={p} className="note mt-2">
                {p}
              </p>
            ))}
          {harm !== null && <p className="note mt-2">{harm}</p>}
          <PackApart version={version} apart={apart} isKit={isKit} onApart={setApart} />
          <p className="mt-1 text-sm text-soft">
            {limit.words} ({limit.source})
            {learnt !== null && place === 'fridge' && !isKit && ` By your own boxes: ${learnt}`}
          </p>
          {wrong.length > 0 && (
            <ul className="note mt-2" role="alert">
              {wrong.map((w) => (
                <li key={w}>{w}</li>
              ))}
            </ul>
          )}
          <button type="button" className="btn mt-2" onClick={pack}>
            Pack {isKit ? (many === 1 ? 'the kit' : 'the kits') : many === 1 ? 'a box' : 'the boxes'}
          </button>
          {!isKit && out.grams !== null && (
            <button type="button" className="btn mt-2 ml-2" onClick={() => setFilling(true)}>
              <Scale size={20} aria-hidden="true" /> Fill them on the scale
            </button>
          )}
        </>
      ) : (
        <p className="text-soft">Nothing is left to pack.</p>
      )}
      {filling && out.grams !== null && (
        <FillByScale
          frozen={frozen}
          ofGrams={out.grams}
          left={out.grams * left}
          filled={boxes.length}
          notFor={eaters.flatMap((e) => notForEater(e, foods) ?? [])}
          onFull={(g) => void cooks.pack([boxOf(Math.min(left, g / out.grams!))])}
          onClose={() => setFilling(false)}
        />
      )}
      <PackedBoxes out={out} cookId={cook.id} boxes={boxes} kinds={cooks.kinds} onUnpack={cooks.unpack} />
    </section>
  );
}
