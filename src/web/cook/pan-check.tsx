import { useState } from 'react';
import { COOK_API } from '../../contract/cook-api.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { batchVolume } from '../../core/stove/batch-volume.ts';
import { getOut } from '../../core/stove/get-out.ts';
import { panHolds, panVolume, usualPans } from '../../core/stove/pan-holds.ts';
import { panInSteps } from '../../core/version/pan.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Picker } from '../kit/picker.tsx';

const OTHER_SIZE = 'other';

/** Whether the batch goes into the pan, and whether that needs a lid. */
export function PanCheck({ version }: { readonly version: Version }) {
  const { household } = useHousehold();
  const { food, page } = useOpenRecipe();
  const { data: vessels = [] } = useAnswer(COOK_API.vessels, { h: household.id });
  const usual = usualPans(household.system === 'metric');
  const tools = getOut(version).map((t) => t.name);
  const said =
    panInSteps(version.steps) ??
    page.recipe.facts.pans[0]?.words ??
    usual.find((p) => tools.some((t) => p.includes(t.split(' ')[0]!) && /tin|form/.test(t))) ??
    null;
  const [picked, setPicked] = useState(said === null ? '' : said);
  const [typed, setTyped] = useState('');
  const batch = batchVolume(version, food);
  const lid = tools.includes('lid');
  const own = vessels.filter((v) => v.millilitres !== null);
  const vessel = own.find((v) => v.id === picked);
  const words = picked === OTHER_SIZE ? typed : picked;
  const ml = vessel?.millilitres ?? panVolume(words);
  const sizes = [...new Set([...(said === null ? [] : [said]), ...usual])];
  return (
    <section aria-label="The pan">
      <h3 className="text-xl">The pan</h3>
      <p className="mt-1">
        What goes in takes about {trimmed(batch.ml / 1000, 1)} l before it cooks down
        {batch.unknown.length > 0 && `, without ${batch.unknown.join('; ')}`}.{lid && ' It needs a lid.'}
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Picker
          label="which pan"
          className="w-60 max-w-full"
          value={picked}
          choices={[
            { value: '', words: 'say which' },
            ...own.map((v) => ({
              value: v.id as string,
              words: v.name,
              about: `${trimmed(v.millilitres! / 1000, 1)} l`,
            })),
            ...sizes.map((s) => ({
              value: s,
              words: s,
              ...(s === said && !usual.includes(s) ? { about: 'as the recipe says' } : {}),
            })),
            { value: OTHER_SIZE, words: 'another size…' },
          ]}
          onPick={setPicked}
        />
        {picked === OTHER_SIZE && (
          <label>
            <span className="label">its size</span>
            <input
              className="field w-44"
              maxLength={60}
              placeholder="such as 24 cm round, 3 l"
              value={typed}
              onChange={(e) => setTyped(e.target.value)}
            />
          </label>
        )}
      </div>
      <p className="mt-2" role="status">
        {ml !== null
          ? panHolds(batch.ml, ml).words
          : picked === OTHER_SIZE && typed !== ''
            ? 'Write its size, such as 24 cm round, 9 x 13 inch, or 3 l.'
            : ''}
      </p>
    </section>
  );
}
