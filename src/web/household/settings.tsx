import { useState } from 'react';
import { useNavigate } from 'react-router';
import { SYSTEM_WORDS, SYSTEMS } from '../../core/quantity/measure-system.ts';
import { REGION_WORDS, REGIONS } from '../../core/region/region.ts';
import { readOvenOff } from '../../core/stove/oven-off.ts';
import { useHousehold } from '../context/household-context.ts';
import { useHouseholds } from '../data/queries.ts';
import { Picker } from '../kit/picker.tsx';
import { useTyped } from '../kit/use-typed.ts';
import { chooseTheme, chosenTheme, type Theme } from '../shell/theme.ts';

/** The household's name and measures, the look on this device, and the way to another household. */
export function Settings() {
  const { household, changeHousehold } = useHousehold();
  return (
    <section aria-label="Settings" className="mt-8 grid grid-cols-1 gap-4 sm:grid-cols-2">
      <h2 className="text-xl sm:col-span-2">Settings</h2>
      <NameOfHousehold />
      <div>
        <Picker
          label="Cups and spoons"
          value={household.system}
          choices={SYSTEMS.map((s) => ({ value: s, words: SYSTEM_WORDS[s] }))}
          onPick={(system) => changeHousehold({ system })}
        />
        <p className="mt-1 text-sm text-soft">
          Holds for lines that are read from now on; what was read keeps its grams.
        </p>
      </div>
      <RegionField />
      <OvenField />
      <ThemeField />
      <OtherHousehold />
    </section>
  );
}

function RegionField() {
  const { household, changeHousehold } = useHousehold();
  return (
    <div>
      <Picker
        label="Words"
        value={household.region}
        choices={REGIONS.map((r) => ({ value: r, words: REGION_WORDS[r].name }))}
        onPick={(region) => changeHousehold({ region })}
      />
      <p className="mt-1 text-sm text-soft">
        {REGION_WORDS[household.region].example}. Both are always read, and what was written stays as it is.
      </p>
    </div>
  );
}

function OvenField() {
  const { household, changeHousehold } = useHousehold();
  const { field } = useTyped(
    household.ovenRunsHot === null ? '' : String(household.ovenRunsHot),
    readOvenOff,
    (ovenRunsHot) => changeHousehold({ ovenRunsHot }),
  );
  return (
    <div>
      <label className="label" htmlFor="oven-runs-hot">
        The oven is too hot by, °C
      </label>
      <input id="oven-runs-hot" className="field" placeholder="nobody measured" {...field} />
      <p className="mt-1 text-sm text-soft">Below 0 where it is too cold. Every step at the stove says what to set.</p>
    </div>
  );
}

const householdNameTyped = (text: string): string | undefined => text.trim() || undefined;

function NameOfHousehold() {
  const { household, changeHousehold } = useHousehold();
  const { field } = useTyped(household.name, householdNameTyped, (name) => changeHousehold({ name }));
  return (
    <div>
      <label className="label" htmlFor="household-name">
        Name
      </label>
      <input id="household-name" className="field" maxLength={80} {...field} />
    </div>
  );
}

function ThemeField() {
  const [theme, setTheme] = useState<Theme>(chosenTheme);
  return (
    <div>
      <Picker
        label="Light or dark, on this device"
        value={theme}
        choices={[
          { value: 'system', words: 'as the device' },
          { value: 'light', words: 'light' },
          { value: 'dark', words: 'dark' },
        ]}
        onPick={(t: Theme) => {
          setTheme(t);
          chooseTheme(t);
        }}
      />
    </div>
  );
}

function OtherHousehold() {
  const { household } = useHousehold();
  const { data: households = [] } = useHouseholds();
  const navigate = useNavigate();
  if (households.length < 2) return null;
  return (
    <div>
      <Picker
        label="Go to another household"
        value={household.id as string}
        choices={households.map((h) => ({ value: h.id, words: h.demo ? `${h.name} (demo)` : h.name }))}
        onPick={(id) => navigate(`/h/${id}/recipes`)}
      />
    </div>
  );
}
