import { cookingWays } from '../../core/stove/cooking-ways.ts';
import { timeWords } from '../../core/stove/time-words.ts';
import type { Version } from '../../core/version/version.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';

const AS_SAID = 'as-said';

interface CookedInProps {
  readonly version: Version;
  /** The id of the chosen way; null for that of the steps. */
  readonly chosen: string | null;
  readonly onChoose: (id: string | null) => void;
}

/** Another way of cooking it: in what, how long, with how much liquid, and what to mind. */
export function CookedIn({ version, chosen, onChoose }: CookedInProps) {
  const { food } = useOpenRecipe();
  const ways = cookingWays(version, food);
  if (ways.length === 0) return null;
  const way = ways.find((w) => w.id === chosen);
  return (
    <section aria-label="Another way of cooking it">
      <h3 className="text-xl">Cooked in</h3>
      <OneOfFew
        label="How it is cooked"
        className="mt-2"
        value={way?.id ?? AS_SAID}
        choices={[
          { value: AS_SAID, words: 'As the steps say' },
          ...ways.map((w) => ({ value: w.id as string, words: w.name })),
        ]}
        onPick={(id) => onChoose(id === AS_SAID ? null : id)}
      />
      {way && (
        <div className="mt-2 space-y-1">
          <p className="font-semibold">{way.times.map((t) => `${t.name} ${timeWords(t.from, t.to)}`).join(', or ')}</p>
          {way.liquid !== null && <p>{way.liquid}</p>}
          {way.words.map((w) => (
            <p key={w}>{w}</p>
          ))}
          {way.cautions.map((c) => (
            <p key={c.id} className="text-mustard">
              {c.words} <span className="text-sm">({c.source})</span>
            </p>
          ))}
          <p className="text-soft text-sm">{way.source}</p>
        </div>
      )}
    </section>
  );
}
