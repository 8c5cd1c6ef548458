import { BookOpen, Printer } from 'lucide-react';
import { useState } from 'react';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import { BOOKLET_API } from '../../contract/booklet-api.ts';
import { FindDish } from '../components/find-dish.tsx';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { askBytes } from '../data/ask-bytes.ts';
import { Check } from '../kit/check.tsx';
import { PageTitle } from '../kit/page-title.tsx';
import { saveFile } from '../kit/save-file.ts';
import { sayError } from '../kit/say-error.ts';
import { BookletView } from './booklet-view.tsx';

/** So many recipes are offered at once. */
const MOST_RECIPES_OFFERED = 100;

/** Recipes bound together: chosen here, saved as a book to read or printed. */
export function BookletPage() {
  const { household } = useHousehold();
  const h = household.id;
  const [id] = useState(() => uuid());
  const [title, setTitle] = useState(`The recipes of ${household.name}`);
  const [words, setWords] = useState('');
  const [chosen, setChosen] = useState<readonly { readonly id: string; readonly title: string }[]>([]);
  const [busy, setBusy] = useState(false);
  const wish = { id, title: title.trim() || 'Recipes', words, recipes: chosen.map((c) => c.id) };
  const { data: bound } = useSWR(
    chosen.length === 0 ? null : ['booklet', h, wish],
    () => ask(BOOKLET_API.previewBooklet, { h, body: wish }),
    { keepPreviousData: true, revalidateOnFocus: false },
  );
  const save = async () => {
    setBusy(true);
    try {
      const { blob } = await askBytes(BOOKLET_API.epub, { h, body: wish });
      saveFile(`${wish.title.replace(/[\\/:*?"<>|]+/g, ' ').trim()}.epub`, blob, blob.type);
    } catch (e) {
      sayError(e);
    }
    setBusy(false);
  };
  return (
    <main className="page print:p-0">
      <PageTitle of={['Booklets']} />
      <div className="no-print">
        <h1 className="text-3xl">Booklets</h1>
        <p className="text-soft">
          Recipes bound together, each as its card goes out: with contents, an index by points and by ingredient, and a
          page on how points were counted.
        </p>
        <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 desk:grid-cols-2">
          <section aria-label="Which recipes">
            <FindDish label="Find a recipe" most={MOST_RECIPES_OFFERED}>
              {({ id: dish, title: name }) => (
                <Check
                  checked={chosen.some((c) => c.id === dish)}
                  onCheck={(on) =>
                    setChosen(on ? [...chosen, { id: dish, title: name }] : chosen.filter((c) => c.id !== dish))
                  }
                >
                  {name}
                </Check>
              )}
            </FindDish>
          </section>
          <section aria-label="The booklet">
            <label className="block">
              <span className="label">What it is called</span>
              <input className="field" maxLength={200} value={title} onChange={(e) => setTitle(e.target.value)} />
            </label>
            <label className="mt-2 block">
              <span className="label">Your own words, at the front</span>
              <textarea
                className="field"
                rows={3}
                maxLength={2000}
                value={words}
                onChange={(e) => setWords(e.target.value)}
              />
            </label>
            <p className="mt-2" role="status">
              {chosen.length === 0
                ? 'No recipe is chosen yet.'
                : `${chosen.length} ${chosen.length === 1 ? 'recipe' : 'recipes'}, in the order in which they were chosen.`}
            </p>
            <div className="mt-2 flex flex-wrap gap-2">
              <button
                type="button"
                className="btn btn-main"
                disabled={chosen.length === 0 || busy}
                onClick={() => void save()}
              >
                <BookOpen size={20} aria-hidden="true" /> Save as a book (EPUB)
              </button>
              <button type="button" className="btn" disabled={bound === undefined} onClick={() => window.print()}>
                <Printer size={18} aria-hidden="true" /> Print
              </button>
            </div>
          </section>
        </div>
      </div>
      {bound !== undefined && chosen.length > 0 && <BookletView booklet={bound} />}
    </main>
  );
}
