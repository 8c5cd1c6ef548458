import { useState } from 'react';
import { useNavigate } from 'react-router';
import { REGION_WORDS, REGIONS } from '../../core/region/region.ts';
import type { Household } from '../../core/table/table.ts';
import { useHousehold } from '../context/household-context.ts';
import { useHouseholds } from '../data/queries.ts';
import { useTyped } from '../kit/use-typed.ts';
import { chooseTheme, chosenTheme, type Theme } from '../shell/theme.ts';

const SYSTEM_WORDS: Record<Household['system'], string> = {
  us: 'US customary: a cup of 236.6 ml',
  label: 'as on US labels: a cup of 240 ml',
  metric: 'metric: a cup of 250 ml',
};

/** The household's name and measures, the look on this device, and the way to another household. */
export function Settings() {
  const { household, changeHousehold } = useHousehold();
  return (
    <section aria-label="Settings" className="mt-8 grid gap-4 sm:grid-cols-2">
      <h2 className="text-xl sm:col-span-2">Settings</h2>
      <NameOfHousehold />
      <div>
        <label className="label" htmlFor="system">
          Cups and spoons
        </label>
        <select
          id="system"
          className="field"
          value={household.system}
          onChange={(e) => changeHousehold({ system: e.target.value as Household['system'] })}
        >
          {Object.entries(SYSTEM_WORDS).map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
        <p className="mt-1 text-sm text-soft">
          Holds for lines that are read from now on; what was read keeps its grams.
        </p>
      </div>
      <RegionField />
      <ThemeField />
      <OtherHousehold />
    </section>
  );
}

function RegionField() {
  const { household, changeHousehold } = useHousehold();
  return (
    <div>
      <label className="label" htmlFor="region">
        Words
      </label>
      <select
        id="region"
        className="field"
        value={household.region}
        onChange={(e) => changeHousehold({ region: e.target.value as Household['region'] })}
      >
        {REGIONS.map((r) => (
          <option key={r} value={r}>
            {REGION_WORDS[r].name}
          </option>
        ))}
      </select>
      <p className="mt-1 text-sm text-soft">
        {REGION_WORDS[household.region].example}. Both are always read, and what was written stays as it is.
      </p>
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
      <label className="label" htmlFor="theme">
        Light or dark, on this device
      </label>
      <select
        id="theme"
        className="field"
        value={theme}
        onChange={(e) => {
          const t = e.target.value as Theme;
          setTheme(t);
          chooseTheme(t);
        }}
      >
        <option value="system">as the device</option>
        <option value="light">light</option>
        <option value="dark">dark</option>
      </select>
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
      <label className="label" htmlFor="other">
        Go to another household
      </label>
      <select
        id="other"
        className="field"
        value={household.id}
        onChange={(e) => navigate(`/h/${e.target.value}/recipes`)}
      >
        {households.map((h) => (
          <option key={h.id} value={h.id}>
            {h.name}
            {h.demo ? ' (demo)' : ''}
          </option>
        ))}
      </select>
    </div>
  );
}
