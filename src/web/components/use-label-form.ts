import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { API } from '../../contract/api.ts';
import type { Label } from '../../contract/food.ts';
import type { Food } from '../../core/food/food.ts';
import { labelContradictions } from '../../core/food/food-from-label.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { learnFoods } from '../data/learnt-foods.ts';
import { refresh } from '../data/queries.ts';
import { sayError } from '../kit/say-error.ts';
import { fieldsOfLabel, labelFromFields, type TypedLabel } from './label-fields.ts';

/**
 * A label while it is typed: its fields, the doubts about what was typed, and saving it as a food.
 *
 * @param known what a lookup already knows of the label; null to begin empty
 */
export function useLabelForm(name: string, known: Label | null, onDone: (food: Food) => void) {
  const { household } = useHousehold();
  const [doubts, setDoubts] = useState<readonly string[]>([]);
  const [confirmed, setConfirmed] = useState(false);
  const form = useForm<TypedLabel, unknown, Label>({
    resolver: zodResolver(labelFromFields(known)),
    defaultValues: fieldsOfLabel(name, known, household.system === 'metric' ? 'eu' : 'us'),
  });
  const submit = form.handleSubmit(async (label) => {
    const found = labelContradictions({ ...label, revision: 1 });
    setDoubts(found);
    // Doubts are shown once; who saves again has looked.
    if (found.length > 0 && !confirmed) return setConfirmed(true);
    try {
      const food = await ask(API.addFood, { h: household.id, body: label });
      learnFoods([food]);
      await refresh.pantry(household.id);
      onDone(food);
    } catch (e) {
      sayError(e);
    }
  });
  return { ...form, submit, doubts, mayBeSaved: confirmed && doubts.length > 0 };
}
