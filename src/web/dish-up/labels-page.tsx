import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { type BoxLabel, boxLabel } from '../../core/cook/box-label.ts';
import { foodsOf } from '../../core/counting/foods-of.ts';
import { isHeated } from '../../core/yield/cooked-share.ts';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { saveFile } from '../kit/save-file.ts';
import { sayError } from '../kit/say-error.ts';
import { labelPicture } from './label-picture.ts';
import { useCooks } from './use-cook.ts';

const LABEL_SIZES = { large: 'large, 2 a row', small: 'small, 3 a row' } as const;
type Size = keyof typeof LABEL_SIZES;

/** What is stuck on boxes: what, whose, what it counts, until when, how to heat it, what is in it. A sheet, or pictures. */
export function LabelsPage() {
  const { household, eaters } = useHousehold();
  const { page, asWritten } = useOpenRecipe();
  const [params] = useSearchParams();
  const { cooks, boxes, kinds } = useCooks(page.recipe.id);
  const [size, setSize] = useState<Size>('large');
  const cook = cooks.find((c) => c.id === params.get('cook')) ?? cooks[0];
  const version = page.versions.find((v) => v.id === cook?.versionId) ?? asWritten;
  const { count } = useCount(version);
  const foods = foodsOf(count);

  const own = boxes.filter((b) => b.cookId === cook?.id && b.taken === null);
  const labels = own.map((b) => ({
    id: b.id,
    label: boxLabel(b, {
      whose: eaters.find((e) => e.id === b.eaterId)?.name ?? null,
      foods,
      isHeated: isHeated(version),
      microwave: kinds.find((k) => k.id === b.kindId)?.microwave ?? null,
    }),
  }));
  const saveAll = async () => {
    try {
      for (const [i, { label }] of labels.entries())
        saveFile(`label ${i + 1} ${label.title}.png`, await labelPicture(label));
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <main className="px-edge pt-4 pb-10 desk:col-span-2 print:p-0">
      <div className="no-print flex flex-wrap items-center gap-3">
        <h2 className="text-2xl">Labels</h2>
        <OneOfFew
          label="How large"
          value={size}
          choices={(Object.keys(LABEL_SIZES) as Size[]).map((s) => ({ value: s, words: LABEL_SIZES[s] }))}
          onPick={setSize}
        />
        <button type="button" className="btn btn-main" disabled={own.length === 0} onClick={() => window.print()}>
          Print them
        </button>
        <button type="button" className="btn" disabled={own.length === 0} onClick={() => void saveAll()}>
          As pictures for a label printer
        </button>
        <Link className="btn" to={`/h/${household.id}/recipes/${page.recipe.id}/dish-up?cook=${cook?.id ?? ''}`}>
          Back
        </Link>
      </div>
      {own.length === 0 && <p className="mt-3 text-soft">No box of this is there: pack some first.</p>}
      <ul
        className={`mt-4 grid grid-cols-1 gap-3 print:mt-0 print:gap-2 ${
          size === 'large' ? 'sm:grid-cols-2 print:grid-cols-2' : 'sm:grid-cols-3 print:grid-cols-3'
        }`}
      >
        {labels.map(({ id, label }) => (
          <OneLabel key={id} label={label} small={size === 'small'} />
        ))}
      </ul>
    </main>
  );
}

function OneLabel({ label, small }: { readonly label: BoxLabel; readonly small: boolean }) {
  return (
    <li className={`break-inside-avoid rounded-lg border-2 border-ink bg-sheet ${small ? 'p-2 text-sm' : 'p-3'}`}>
      <p className="flex flex-wrap items-baseline justify-between gap-x-3">
        <strong className={`font-head ${small ? 'text-base' : 'text-xl'}`}>{label.title}</strong>
        <span>{label.whose}</span>
      </p>
      <p className="mt-1 flex flex-wrap gap-x-4">
        {label.counts.map((c) => (
          <strong key={c} className="font-head">
            {c}
          </strong>
        ))}
        <span>{label.about}</span>
      </p>
      <p className="mt-1 font-semibold text-sm">{label.dates}</p>
      <p className="text-sm">{label.heat}</p>
      {label.apart.map((a) => (
        <p key={a} className="text-sm">
          {a}
        </p>
      ))}
      {/* On the smallest there is no room for more than what has to be there: allergens are. */}
      <p className="text-sm">{label.allergens}</p>
    </li>
  );
}
