import type { ReactNode } from 'react';
import type { Label } from '../../contract/food.ts';
import type { Food } from '../../core/food/food.ts';
import { NUTRIENT_WORDS } from '../../core/food/nutrients.ts';
import { Picker } from '../kit/picker.tsx';
import { AllergenBoxes } from './allergen-boxes.tsx';
import { AS_KNOWN, LABEL_SORTS, PRINTED, sortOf, wrongWithField } from './label-fields.ts';
import { PanelPhoto, SeenInPanel } from './panel-photo.tsx';
import { useLabelForm } from './use-label-form.ts';
import { type Panel, usePanel } from './use-panel.ts';

interface LabelFormProps {
  readonly name: string;
  /** What a lookup already knows of the label; null to begin empty. */
  readonly printed?: Label | null;
  readonly onDone: (food: Food) => void;
  readonly onCancel: () => void;
}

/** Adds a food from its label: what is left empty is unknown, not zero. */
export function LabelForm({ name, printed = null, onDone, onCancel }: LabelFormProps) {
  const form = useLabelForm(name, printed, onDone);
  const { register, submit, doubts, mayBeSaved } = form;
  const panel = usePanel(form.setValue);
  return (
    <form onSubmit={submit} noValidate>
      <FieldOfLabel id="label-name" words="Name" wrong={form.formState.errors.name?.message}>
        {(said) => <input className="field" {...register('name')} {...said} />}
      </FieldOfLabel>
      <PanelPhoto panel={panel} />
      <Serving form={form} panel={panel} />
      <PrintedValues form={form} panel={panel} />
      <Picker
        label="It is"
        className="mt-4"
        value={String(form.watch('sort'))}
        choices={[
          ...(printed && sortOf(printed.kinds) === AS_KNOWN
            ? [{ value: String(AS_KNOWN), words: 'as the lookup knows it' }]
            : []),
          ...LABEL_SORTS.map(([words], i) => ({ value: String(i), words })),
        ]}
        onPick={(sort) => form.setValue('sort', sort)}
      />
      <AllergenBoxes
        legend="Contains"
        chosen={form.watch('allergens')}
        onChange={(chosen) => form.setValue('allergens', chosen)}
      />
      {doubts.length > 0 && (
        <div className="note mt-4" role="alert">
          {doubts.map((p) => (
            <p key={p}>{p}</p>
          ))}
          <p className="font-semibold">Check the label, or save it as it is.</p>
        </div>
      )}
      <div className="mt-5 flex gap-2">
        <button type="submit" className="btn btn-main">
          {mayBeSaved ? 'Save it as it is' : 'Save the food'}
        </button>
        <button type="button" className="btn" onClick={onCancel}>
          Back
        </button>
      </div>
    </form>
  );
}

interface FieldOfLabelProps {
  readonly id: string;
  readonly words: string;
  readonly wrong: string | undefined;
  readonly small?: boolean;
  /** What a photograph shows of it. */
  readonly seen?: ReactNode;
  /** Draws the field, which takes these attributes. */
  readonly children: (said: { id: string; 'aria-invalid': boolean }) => ReactNode;
}

/** A field with its words, and what is wrong with it. */
function FieldOfLabel({ id, words, wrong, small = false, seen, children }: FieldOfLabelProps) {
  return (
    <div>
      <label className={small ? 'text-sm text-soft' : 'label'} htmlFor={id}>
        {words}
      </label>
      {children({ id, 'aria-invalid': wrong !== undefined })}
      {seen}
      {wrong !== undefined && (
        <p role="alert" className="mt-1 text-beet text-sm">
          {wrongWithField(wrong)}
        </p>
      )}
    </div>
  );
}

type LabelFormState = ReturnType<typeof useLabelForm>;

/** What the values are for. */
function Serving({ form, panel }: { readonly form: LabelFormState; readonly panel: Panel }) {
  const { register } = form;
  const seen = (field: 'basisGrams' | 'quantity', now: string) => <SeenInPanel panel={panel} field={field} now={now} />;
  const { errors } = form.formState;
  const ofHousehold = errors.household?.quantity?.message ?? errors.household?.unit?.message;
  return (
    <div className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
      <FieldOfLabel
        id="label-basis"
        words="Values are for, g"
        wrong={errors.basisGrams?.message}
        seen={seen('basisGrams', form.watch('basisGrams'))}
      >
        {(said) => <input inputMode="decimal" className="field" {...register('basisGrams')} {...said} />}
      </FieldOfLabel>
      <FieldOfLabel
        id="label-quantity"
        words="that is, if it says so"
        wrong={ofHousehold}
        seen={seen('quantity', form.watch('household.quantity'))}
      >
        {(said) => (
          <div className="flex gap-1">
            <input
              inputMode="decimal"
              className="field w-16"
              placeholder="2"
              {...register('household.quantity')}
              {...said}
            />
            <input
              aria-label="Household measure"
              className="field"
              placeholder="tablespoon"
              {...register('household.unit')}
            />
          </div>
        )}
      </FieldOfLabel>
      <div>
        <Picker
          label="Rounded as in"
          value={form.watch('rules')}
          choices={[
            { value: 'us', words: 'the United States' },
            { value: 'eu', words: 'the European Union' },
            { value: 'exact', words: 'not rounded' },
          ]}
          onPick={(rules) => form.setValue('rules', rules)}
        />
      </div>
    </div>
  );
}

function PrintedValues({ form, panel }: { readonly form: LabelFormState; readonly panel: Panel }) {
  const european = form.watch('rules') === 'eu';
  const { errors } = form.formState;
  return (
    <fieldset className="mt-4">
      <legend className="label">As printed; leave empty what it does not say</legend>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
        {PRINTED.map((n) => (
          <FieldOfLabel
            key={n}
            id={`label-${n}`}
            words={n === 'sodium' && european ? 'salt, g' : `${NUTRIENT_WORDS[n].name}, ${NUTRIENT_WORDS[n].unit}`}
            wrong={errors.printed?.[n]?.message}
            small
            seen={<SeenInPanel panel={panel} field={n} now={form.watch(`printed.${n}`)} />}
          >
            {(said) => <input inputMode="decimal" className="field" {...form.register(`printed.${n}`)} {...said} />}
          </FieldOfLabel>
        ))}
      </div>
    </fieldset>
  );
}
