import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import type { z } from 'zod';
import { EaterSchema } from '../../contract/household.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { allowanceWords, ruleWords } from '../../core/program/program-words.ts';
import type { Eater } from '../../core/table/table.ts';
import { AllergenBoxes } from '../components/allergen-boxes.tsx';
import { useHousehold } from '../context/household-context.ts';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { Picker } from '../kit/picker.tsx';
import { ListRead } from '../programs/list-read.tsx';
import { AvoidFields } from './avoid-fields.tsx';
import { ExceptionFields } from './exception-fields.tsx';

interface EaterDialogProps {
  readonly eater: Eater;
  readonly onSave: (eater: Eater) => void;
  readonly onClose: () => void;
}

/** An eater: name, program, own exceptions from its list, allergies, things avoided. */
export function EaterDialog({ eater, onSave, onClose }: EaterDialogProps) {
  const { programs } = useHousehold();
  const form = useForm<z.input<typeof EaterSchema>>({
    resolver: zodResolver(EaterSchema),
    defaultValues: eater as z.input<typeof EaterSchema>,
  });
  const programId = form.watch('programId');
  const program = programs.find((p) => p.id === programId);
  const [exceptions, allowance = null, allergies, avoids, ratherNot = [], notOnTop = []] = form.watch([
    'exceptions',
    'allowance',
    'allergies',
    'avoids',
    'ratherNot',
    'notOnTop',
  ]);
  const { errors } = form.formState;
  return (
    <Modal title={eater.name === '' ? 'Another eater' : eater.name} onClose={onClose}>
      <form onSubmit={form.handleSubmit((e) => onSave(EaterSchema.parse(e)))} noValidate>
        <div className="grid gap-3 sm:grid-cols-2">
          <div>
            <label className="label" htmlFor="eater-name">
              Name
            </label>
            <input
              id="eater-name"
              className="field"
              {...form.register('name')}
              aria-invalid={!!errors.name}
              aria-describedby="eater-name-wrong"
            />
            <p id="eater-name-wrong" role="alert" className="text-beet text-sm">
              {errors.name && `The name ${errors.name.message}.`}
            </p>
          </div>
          <Picker
            label="Program"
            value={programId ?? ''}
            choices={[
              ...programs.map((p) => ({ value: p.id as string, words: `${p.mark} · ${p.name}`, about: p.idea })),
              { value: '', words: 'does not count' },
            ]}
            onPick={(id) => form.setValue('programId', id || null)}
          />
        </div>
        {program && (
          <>
            <p className="mt-2 text-soft text-sm">
              {ruleWords(program.rule)} {allowanceWords(program)}
            </p>
            <details className="mt-1">
              <summary className="cursor-pointer py-1 text-sm underline decoration-rule underline-offset-4">
                What it does not count
              </summary>
              <ListRead program={program} />
            </details>
            <NumberField
              label="Points a day, if they are others"
              className="mt-3 max-w-60"
              placeholder={formatPoints(program.allowance)}
              value={allowance}
              onValue={(points) => form.setValue('allowance', points)}
            />
            {errors.allowance && (
              <p role="alert" className="text-beet text-sm">
                Points a day: {errors.allowance.message}.
              </p>
            )}
            <ExceptionFields
              program={program}
              exceptions={exceptions}
              onChange={(x) => form.setValue('exceptions', x)}
            />
          </>
        )}
        <AllergenBoxes legend="Allergic to" chosen={allergies} onChange={(a) => form.setValue('allergies', a)} />
        <p className="text-sm text-soft">
          Imbiss warns by the pantry's allergens. The package in your hand has the last word.
        </p>
        <AvoidFields
          avoided={{ avoids, ratherNot, notOnTop }}
          onChange={(grade, words) => form.setValue(grade, words)}
        />
        <div className="mt-5 flex gap-2">
          <button type="submit" className="btn btn-main">
            Save
          </button>
          <button type="button" className="btn" onClick={onClose}>
            Cancel
          </button>
        </div>
      </form>
    </Modal>
  );
}
