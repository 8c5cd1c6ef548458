import { useState } from 'react';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { formatPoints, formatTarget } from '../../core/program/format-points.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { Version } from '../../core/version/version.ts';
import { firstTarget } from '../../core/ways/least-points.ts';
import type { LineChoice } from '../../core/ways/line-choices.ts';
import type { OtherWay } from '../../core/ways/other-ways.ts';
import { readWithout } from '../../core/ways/without.ts';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { Modal } from '../kit/modal.tsx';
import { numberTyped } from '../kit/number-typed.ts';
import { OtherWays } from '../ways/other-ways-list.tsx';
import { SearchBar } from '../ways/search-bar.tsx';
import { useSearchContext } from '../ways/use-search-context.ts';
import { useAroundWays, useWays } from '../ways/use-ways.ts';
import { WaysFound } from '../ways/ways-found.tsx';
import type { WaysQuestion } from '../ways/ways-worker.ts';
import { HouseOnly, VaryingSelect, WishField } from '../ways/wish-fields.tsx';

interface FindWayProps {
  readonly version: Version;
  readonly count: VersionCount;
  readonly eaters: readonly CountingEater[];
  readonly onTake: (changes: readonly LineChoice[], label: string) => void;
  /** Takes what is lighter in another way. */
  readonly onOther: (way: OtherWay) => void;
  readonly onClose: () => void;
}

/** Asks for the least that has to change for a target, and shows the ways, the frontier, and what stands in the way. */
export function FindWay({ version, count, eaters, onTake, onOther, onClose }: FindWayProps) {
  const { eaters: people } = useHousehold();
  const { page, foods } = useOpenRecipe();
  const context = useSearchContext(foods);
  const { state, find, cancel } = useWays();
  /** What was typed; null where the target is still the one to begin with. */
  const [typed, setTyped] = useState<readonly (string | null)[]>(() => count.counts.map(() => null));
  const [kcal, setKcal] = useState('');
  const [protein, setProtein] = useState('');
  const [sodium, setSodium] = useState('');
  const [changes, setChanges] = useState('');
  const [without, setWithout] = useState('');
  const [grams, setGrams] = useState('');
  const [onlyHouse, setOnlyHouse] = useState(false);
  const [varying, setVarying] = useState(0);
  const lacking = context.stock.filter((s) => s.lacking && s.foodId !== null);
  const questionFor = (points: readonly (number | null)[]): WaysQuestion => {
    const asked = readWithout(without.split(','));
    return {
      ...context.shared([version], page.foods, onlyHouse),
      subject: {
        kind: 'dish',
        version,
        title: page.recipe.title,
        without: {
          allergies: [...asked.allergies, ...people.flatMap((p) => p.allergies)],
          avoids: [...asked.avoids, ...people.flatMap((p) => p.avoids)],
          notOnTop: people.flatMap((p) => p.notOnTop),
          people: [...people, { name: 'Asked for', ...asked }],
        },
      },
      aim: {
        points,
        kcal: numberTyped(kcal),
        protein: numberTyped(protein),
        sodium: numberTyped(sodium),
        grams: numberTyped(grams),
        changes: numberTyped(changes),
      },
      inner: page.inner.map((i) => i.version),
      counters: eaters.map((e) => e.counter),
      frontierOf: varying,
    };
  };
  const around = useAroundWays(() => questionFor(eaters.map(() => null)));
  const least = around?.least ?? null;
  const targets = typed.map((t, i): string => {
    if (t !== null) return t;
    if (i > 0 || least === null) return '';
    return formatTarget(firstTarget(count.counts[i]!.points, least[i]!, eaters[i]!.program.rule.step));
  });
  const kept = version.lines.filter((l) => l.kept && !l.leftOut);
  const search = () => find(questionFor(targets.map(numberTyped)));
  return (
    <Modal title="Find a way" wide onClose={onClose}>
      <form
        className="grid gap-x-4 gap-y-3 sm:grid-cols-3"
        onSubmit={(e) => {
          e.preventDefault();
          search();
        }}
      >
        {eaters.map((e, i) => (
          <WishField
            key={e.eater.id}
            label={
              <>
                At most, {e.eater.name} <span className="mark">{e.program.mark}</span>
              </>
            }
            hint={`now ${formatPoints(count.counts[i]!.points)}${least === null ? '' : `, at least ${formatPoints(least[i]!)}`}`}
            value={targets[i]!}
            onChange={(v) => setTyped(typed.map((t, n) => (n === i ? v : t)))}
          />
        ))}
        <WishField
          label="Calories at most"
          hint={count.perServing.kcal.value === null ? '' : `now ${Math.round(count.perServing.kcal.value)}`}
          value={kcal}
          onChange={setKcal}
        />
        <WishField
          label="Protein at least, g"
          hint={count.perServing.protein.value === null ? '' : `now ${trimmed(count.perServing.protein.value, 0)}`}
          value={protein}
          onChange={setProtein}
        />
        <WishField
          label="Sodium at most, mg"
          hint={count.perServing.sodium.value === null ? '' : `now ${Math.round(count.perServing.sodium.value)}`}
          value={sodium}
          onChange={setSodium}
        />
        <WishField label="Lines to change at most" hint="" value={changes} onChange={setChanges} />
        <WishField label="Without" hint="nuts, coriander …" value={without} onChange={setWithout} text />
        <VaryingSelect eaters={eaters} value={varying} onChange={setVarying} />
        <WishField
          label="A serving weighs at least, g"
          hint={`now ${Math.round(count.servingGrams)}`}
          value={grams}
          onChange={setGrams}
        />
        <HouseOnly stock={context.stock} value={onlyHouse} onChange={setOnlyHouse} />
        {kept.length > 0 && (
          <p className="col-span-full text-sm">
            Kept, and not touched: <strong className="font-normal">{kept.map((l) => l.text).join(' · ')}</strong>
          </p>
        )}
        <SearchBar state={state} onCancel={cancel}>
          {lacking.length > 0 && (
            <span className="text-soft text-sm">Cannot be had: {lacking.map((s) => s.name).join(', ')}.</span>
          )}
        </SearchBar>
      </form>
      {state.kind === 'found' && (
        <WaysFound
          answer={state.answer}
          from={
            version.lines.some((l) => l.swapId !== null || l.leftOut)
              ? ', beyond what is changed already'
              : ' from the family’s dish'
          }
          varying={varying}
          words={{ eaters, each: 'a serving', grams: count.servingGrams, toGet: context.toGet, onTake }}
        />
      )}
      {around && around.others.length > 0 && (
        <OtherWays others={around.others} count={count} eaters={eaters} onTake={onOther} />
      )}
    </Modal>
  );
}
