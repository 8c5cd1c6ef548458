import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { type FieldErrors, useForm } from 'react-hook-form';
import { OwnSwapSchema } from '../../contract/swap.ts';
import { ROLES } from '../../core/food/food.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { cupRatio } from '../../core/swap/cup-ratio.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import { SWAP_KINDS } from '../../core/swap/swap.ts';
import { KIND_WORDS, roleWords } from '../../core/swap/swap-words.ts';
import { Modal } from '../components/modal.tsx';
import { sayDone } from '../components/say-done.ts';
import { sayError } from '../components/say-error.ts';
import { useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { useOwnSwapRows } from '../kitchen/use-swap-shelf.ts';
import { FoodChooser } from '../pantry/food-chooser.tsx';
import { documents } from '../saving/use-document.ts';

interface SwapFormProps {
  readonly title: string;
  readonly swap: OwnSwap;
  /** Called when the server has it. */
  readonly onKept: (swap: OwnSwap) => void;
  readonly onClose: () => void;
}

const orNull = (text: string): string | null => (text.trim() === '' ? null : text.trim());

/** A swap of one's own: for which foods and which part they play, what comes in, how much, how far it departs. */
export function SwapForm({ title, swap, onKept, onClose }: SwapFormProps) {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const { rows, make, change } = useOwnSwapRows(household.id);
  const form = useForm<OwnSwap>({ resolver: zodResolver(OwnSwapSchema), defaultValues: swap });
  const [from, into, kind, share, mostShare] = form.watch(['from', 'into', 'kind', 'share', 'mostShare']);
  const nameOf = (id: string): string => pantry.find((f) => f.id === id)?.name ?? id;
  const foodOf = (id: string | undefined) => pantry.find((f) => f.id === id) ?? null;
  const alone = kind === 'leaveOut' || kind === 'toPlate';
  const keep = async (kept: OwnSwap) => {
    const seen = rows.find((s) => s.id === kept.id);
    await (seen === undefined ? make(kept.id, kept) : change(kept.id, seen, kept, `Change ${kept.name}`));
    const refusal = documents.peek({ householdId: household.id, name: 'swaps', id: kept.id })?.getShown()?.refusal;
    // What cannot be is said where it was typed, and the form stays.
    if (refusal) return sayError(refusal);
    sayDone(`Kept: ${kept.name}`);
    onKept(kept);
  };
  const set = <K extends keyof OwnSwap>(key: K, value: OwnSwap[K]) =>
    form.setValue(key as 'share', value as number, { shouldValidate: form.formState.isSubmitted });
  const byCup = (foodId: string) => (kind === 'bulkUp' ? null : cupRatio(foodOf(from[0]), foodOf(foodId)));
  const setRatio = (at: number, ratio: number) =>
    set(
      'into',
      into.map((t, n) => (n === at ? { ...t, ratio } : t)),
    );
  const chooseKind = (next: OwnSwap['kind']) => {
    set('kind', next);
    if (next === 'leaveOut' || next === 'toPlate') set('into', []);
    if (next === 'bulkUp') set('into', from[0] === undefined ? [] : [{ foodId: from[0], ratio: 1.5 }]);
    if (next !== 'part') {
      set('share', 1);
      set('mostShare', 1);
    }
  };
  const wrong = wrongWords(form.formState.errors);
  return (
    <Modal title={title} wide onClose={onClose}>
      <form onSubmit={form.handleSubmit(keep)} noValidate className="grid gap-4 sm:grid-cols-2">
        <label>
          <span className="label">Name</span>
          <input className="field" placeholder="quark for half of the butter" {...form.register('name')} />
        </label>
        <div className="grid grid-cols-2 gap-3">
          <label>
            <span className="label">Kind</span>
            <select
              className="field"
              value={kind}
              onChange={(e) => chooseKind(SWAP_KINDS.find((k) => k === e.target.value) ?? 'standIn')}
            >
              {SWAP_KINDS.map((k) => (
                <option key={k} value={k}>
                  {KIND_WORDS[k]}
                </option>
              ))}
            </select>
          </label>
          <label>
            <span className="label">For the part it plays</span>
            <select className="field" {...form.register('role')}>
              {ROLES.map((r) => (
                <option key={r} value={r}>
                  {roleWords(r)}
                </option>
              ))}
            </select>
          </label>
        </div>
        <fieldset>
          <legend className="sr-only">It is for</legend>
          <ul className="mb-2 flex flex-wrap gap-1.5">
            {from.map((id) => (
              <li key={id}>
                <button
                  type="button"
                  className="chip"
                  aria-label={`Not for ${nameOf(id)}`}
                  onClick={() =>
                    set(
                      'from',
                      from.filter((f) => f !== id),
                    )
                  }
                >
                  {nameOf(id)} ×
                </button>
              </li>
            ))}
          </ul>
          <FoodChooser
            label={from.length === 0 ? 'A food it is for' : 'Another food it is for'}
            food={null}
            onChoose={(f) => !from.includes(f.id) && set('from', [...from, f.id])}
          />
        </fieldset>
        {!alone && (
          <fieldset>
            <legend className="sr-only">{kind === 'bulkUp' ? 'So much of it' : 'What comes in'}</legend>
            <ul className="space-y-1.5">
              {into.map((t, i) => (
                <li key={t.foodId} className="flex flex-wrap items-center gap-2">
                  <NumberField
                    key={t.ratio === byCup(t.foodId) ? 'by the cup' : 'by weight'}
                    label={`Grams of ${nameOf(t.foodId)} for each 100 g`}
                    value={t.ratio * 100}
                    onValue={(v) => setRatio(i, v / 100)}
                  />
                  <span className="min-w-0 flex-1">g {nameOf(t.foodId)} for each 100 g</span>
                  {byCup(t.foodId) !== null && Math.abs(byCup(t.foodId)! - t.ratio) > 1e-9 && (
                    <button type="button" className="btn btn-small" onClick={() => setRatio(i, byCup(t.foodId)!)}>
                      Cup for cup
                    </button>
                  )}
                  {kind !== 'bulkUp' && (
                    <button
                      type="button"
                      className="btn btn-plain btn-small"
                      aria-label={`Without ${nameOf(t.foodId)}`}
                      onClick={() =>
                        set(
                          'into',
                          into.filter((x) => x !== t),
                        )
                      }
                    >
                      ×
                    </button>
                  )}
                </li>
              ))}
            </ul>
            {kind !== 'bulkUp' && (
              <div className="mt-2">
                <FoodChooser
                  label={into.length === 0 ? 'A food that comes in' : 'Another food that comes in'}
                  food={null}
                  onChoose={(f) =>
                    !into.some((t) => t.foodId === f.id) && set('into', [...into, { foodId: f.id, ratio: 1 }])
                  }
                />
              </div>
            )}
          </fieldset>
        )}
        {kind === 'part' && (
          <div className="flex flex-wrap items-center gap-2 sm:col-span-2">
            <NumberField label="Percent of the line" value={share * 100} onValue={(v) => set('share', v / 100)} /> % of
            the line, at most
            <NumberField
              label="At most percent of the line"
              value={mostShare * 100}
              onValue={(v) => set('mostShare', v / 100)}
            />
            %, and
            <NumberField label="Grams that have to stay" value={form.watch('stays')} onValue={(v) => set('stays', v)} />
            g have to stay
          </div>
        )}
        <div>
          <NumberField
            label="Departure, 0 to 100"
            shown
            value={form.watch('departure')}
            onValue={(v) => set('departure', Math.round(v * 10) / 10)}
          />
          <p className="mt-1 text-soft text-sm">5 nobody notices, 15 a little, 30 clearly, 50 another dish.</p>
        </div>
        <label>
          <span className="label">What changes in the method</span>
          <textarea
            className="field"
            rows={2}
            placeholder="stir it in off the heat"
            {...form.register('method', { setValueAs: (v: string | null) => orNull(v ?? '') })}
          />
        </label>
        <label>
          <span className="label">What to watch</span>
          <input
            className="field"
            placeholder="curdles when it boils"
            {...form.register('watch', { setValueAs: (v: string | null) => orNull(v ?? '') })}
          />
        </label>
        <label>
          <span className="label">Why it works</span>
          <input className="field" {...form.register('why')} />
        </label>
        <div className="flex flex-wrap items-center gap-3 sm:col-span-2">
          <button type="submit" className="btn btn-main" disabled={form.formState.isSubmitting}>
            Keep the swap
          </button>
          <p role="alert" className="text-beet">
            {wrong}
          </p>
        </div>
      </form>
    </Modal>
  );
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  name: 'The name',
  share: 'How much of the line',
  mostShare: 'The most of the line',
  stays: 'What has to stay',
  departure: 'The departure',
  into: 'What comes in',
  method: 'What changes in the method',
  watch: 'What to watch',
  why: 'Why it works',
};

/** The first thing that is wrong, in words; null when nothing is. */
function wrongWords(errors: FieldErrors<OwnSwap>): string | null {
  for (const [key, error] of Object.entries(errors)) {
    const message = messageOf(error);
    if (message === null) continue;
    return key === 'root' || key === '' ? message : `${FIELD_WORDS[key] ?? key} ${message}.`;
  }
  return null;
}

function messageOf(error: unknown): string | null {
  if (typeof error !== 'object' || error === null) return null;
  if ('message' in error && typeof error.message === 'string') return error.message;
  for (const inner of Object.values(error)) {
    const message = messageOf(inner);
    if (message !== null) return message;
  }
  return null;
}

interface NumberFieldProps {
  readonly label: string;
  readonly value: number;
  readonly onValue: (value: number) => void;
  /** Whether the label stands above the field; else it is for screen readers. */
  readonly shown?: boolean;
}

/** A number typed freely: what is no number reaches the form as such, and is said there. */
function NumberField({ label, value, onValue, shown = false }: NumberFieldProps) {
  const [text, setText] = useState(() => (Number.isFinite(value) ? trimmed(value, 1) : ''));
  return (
    <label>
      <span className={shown ? 'label' : 'sr-only'}>{label}</span>
      <input
        inputMode="decimal"
        className="field w-20"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          onValue(e.target.value.trim() === '' ? Number.NaN : Number(e.target.value.replace(',', '.')));
        }}
      />
    </label>
  );
}
