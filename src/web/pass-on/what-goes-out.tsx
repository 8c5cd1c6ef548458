import { useState } from 'react';
import { CARD_PART_WORDS, CARD_PARTS, type CardPart, type PassOn } from '../../core/card/pass-on.ts';
import { programsInUse } from '../../core/table/table.ts';
import { pictureAt } from '../components/pictures.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { Check } from '../kit/check.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';

interface WhatGoesOutProps {
  readonly passOn: PassOn;
  readonly onChange: (label: string, change: Partial<PassOn>) => void;
  /** Whether the recipe is another author's. */
  readonly others: boolean;
}

/** What the cook passes on of a recipe; the card beside it shows what comes of it. */
export function WhatGoesOut({ passOn, onChange, others }: WhatGoesOutProps) {
  const { household, eaters, programs } = useHousehold();
  const { page, title } = useOpenRecipe();
  const chosen = passOn.programs ?? programsInUse({ eaters, programs }).map((p) => p.id);
  const pictures = page.pictures.filter((p) => p.kind === 'dish');
  const withProgram = (id: string, goes: boolean) =>
    onChange('Change the programs on the card', {
      programs: programs.filter((p) => (p.id === id ? goes : chosen.includes(p.id))).map((p) => p.id),
    });
  const withPart = (part: CardPart, goes: boolean) =>
    onChange('Change what is on the card', {
      hides: goes ? passOn.hides.filter((h) => h !== part) : [...passOn.hides, part],
    });
  return (
    <div className="space-y-4">
      {others && (
        <fieldset>
          <legend className="font-semibold">It is another author’s recipe</legend>
          <OneOfFew
            label="What of it goes out"
            className="mt-1"
            value={passOn.others}
            choices={[
              { value: 'changes', words: 'changes and counts' },
              { value: 'amounts', words: 'amounts as cooked' },
            ]}
            onPick={(picked) => onChange('Change what goes out of it', { others: picked })}
          />
          <p className="mt-1 text-soft text-sm">
            Credit and link go with it either way, the author’s own words with neither.
          </p>
          {passOn.others === 'amounts' && (
            <LongWords
              label="The steps in your own words, a line each"
              value={passOn.ownSteps}
              rows={5}
              most={20_000}
              onSave={(ownSteps) => onChange('Change the steps in own words', { ownSteps })}
            />
          )}
        </fieldset>
      )}
      <LongWords
        label="Your own words, at the top"
        value={passOn.words}
        rows={3}
        most={2000}
        onSave={(words) => onChange('Change the words on the card', { words })}
      />
      {pictures.length > 0 && (
        <fieldset>
          <legend className="font-semibold">Picture</legend>
          <div className="mt-1 flex flex-wrap gap-2">
            <button
              type="button"
              className="chip aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
              aria-pressed={passOn.pictureId === null}
              onClick={() => onChange('Take the picture off the card', { pictureId: null })}
            >
              none
            </button>
            {pictures.map((p, n) => (
              <button
                key={p.id}
                type="button"
                aria-pressed={passOn.pictureId === p.id}
                aria-label={`Picture ${n + 1} of ${title}`}
                className="overflow-hidden rounded-lg border-2 border-rule aria-pressed:border-beet"
                onClick={() => onChange('Put a picture on the card', { pictureId: p.id })}
              >
                <img src={pictureAt(household.id, p.id, 'small')} alt="" className="size-16 object-cover" />
              </button>
            ))}
          </div>
        </fieldset>
      )}
      <fieldset>
        <legend className="font-semibold">Points for</legend>
        {programs.map((p) => (
          <Check key={p.id} checked={chosen.includes(p.id)} onCheck={(goes) => withProgram(p.id, goes)}>
            {p.name}
          </Check>
        ))}
        {chosen.length === 0 && (
          <p className="text-soft text-sm">None is chosen: the card counts for those at the table.</p>
        )}
      </fieldset>
      <fieldset>
        <legend className="font-semibold">On the card</legend>
        {CARD_PARTS.map((part) => (
          <Check key={part} checked={!passOn.hides.includes(part)} onCheck={(goes) => withPart(part, goes)}>
            {CARD_PART_WORDS[part]}
          </Check>
        ))}
        <Check checked={passOn.label} onCheck={(label) => onChange('Change the label on the card', { label })}>
          a European label, with kJ and salt
        </Check>
        <p className="text-soft text-sm">Allergens, cautions and whose recipe it is always go with it.</p>
      </fieldset>
    </div>
  );
}

interface LongWordsProps {
  readonly label: string;
  readonly value: string;
  readonly rows: number;
  readonly most: number;
  readonly onSave: (value: string) => void;
}

/** Some lines of words, kept when the field is left. */
function LongWords({ label, value, rows, most, onSave }: LongWordsProps) {
  // What was kept elsewhere shows here, but never under the fingers.
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <label className="mt-2 block">
      <span className="font-semibold">{label}</span>
      <textarea
        className="field mt-1"
        rows={rows}
        maxLength={most}
        dir="auto"
        value={typed ?? value}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => {
          if (typed !== null && typed !== value) onSave(typed);
          setTyped(null);
        }}
      />
    </label>
  );
}
