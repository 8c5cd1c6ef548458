import { useEffect, useRef, useState } from 'react';
import type { UseFormSetValue } from 'react-hook-form';
import { type PanelField, type PanelValue, readPanel } from '../../core/photo/read-panel.ts';
import { loadedPicture } from '../photo/loaded-picture.ts';
import type { Printed, TypedLabel } from './label-fields.ts';

/** A photographed panel: what it said, and the picture to compare it with. */
interface SeenPanel {
  readonly fields: ReadonlyMap<PanelField, PanelValue>;
  readonly picture: HTMLImageElement;
}

export type PanelState =
  | { readonly is: 'reading'; readonly share: number }
  | { readonly is: 'failed' }
  | { readonly is: 'none' }
  | ({ readonly is: 'seen' } & SeenPanel);

/** The fields of the form that a panel's fields are. */
const FORM_FIELDS: Readonly<Partial<Record<PanelField, 'basisGrams' | 'household.quantity' | 'household.unit'>>> = {
  basisGrams: 'basisGrams',
  quantity: 'household.quantity',
  unit: 'household.unit',
};

/** A nutrition panel from a photograph: what is sure goes into the form, and what is not waits beside its strip. */
export function usePanel(setValue: UseFormSetValue<TypedLabel>) {
  const [state, setState] = useState<PanelState | null>(null);
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);
  const put = (field: PanelField, value: string) =>
    setValue(FORM_FIELDS[field] ?? `printed.${field as Printed}`, value, { shouldDirty: true });
  const open = async (photo: Blob) => {
    running.current?.abort();
    const { signal } = (running.current = new AbortController());
    const show = (next: PanelState) => !signal.aborted && setState(next);
    show({ is: 'reading', share: 0 });
    try {
      const { readPhoto } = await import('../photo/read-photo.ts');
      const { lines, picture } = await readPhoto(photo, (share) => show({ is: 'reading', share }), signal);
      const { rules, fields } = readPanel(lines);
      if (fields.size === 0) return void show({ is: 'none' });
      const image = await loadedPicture(picture);
      if (signal.aborted) return;
      if (rules !== null) setValue('rules', rules);
      // Of what the label does not say for sure, nothing old stays.
      for (const [field, { value }] of fields) put(field, value ?? '');
      show({ is: 'seen', fields, picture: image });
    } catch (e) {
      if (!signal.aborted) console.warn('The photograph could not be read:', e);
      show({ is: 'failed' });
    }
  };
  return { state, open, put };
}
export type Panel = ReturnType<typeof usePanel>;
