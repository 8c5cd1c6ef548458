import { ROLES } from '../../core/food/food.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import { SWAP_KINDS } from '../../core/swap/swap.ts';
import { KIND_WORDS, roleWords } from '../../core/swap/swap-words.ts';
import { Modal } from '../kit/modal.tsx';
import { Picker } from '../kit/picker.tsx';
import { FreeNumberField } from './free-number-field.tsx';
import { FoodsFrom, FoodsInto } from './swap-foods.tsx';
import { type SwapFormState, useSwapForm } from './use-swap-form.ts';

interface SwapFormProps {
  readonly title: string;
  readonly swap: OwnSwap;
  /** Called when the server has it. */
  readonly onKept: (swap: OwnSwap) => void;
  readonly onClose: () => void;
}

/** A swap of one's own: for which foods and which part they play, what comes in, how much, how far it departs. */
export function SwapForm({ title, swap, onKept, onClose }: SwapFormProps) {
  const form = useSwapForm(swap, onKept);
  const { kind } = form.fields;
  return (
    <Modal title={title} wide onClose={onClose}>
      <form onSubmit={form.submit} noValidate className="grid gap-4 sm:grid-cols-2">
        <label>
          <span className="label">Name</span>
          <input className="field" placeholder="quark for half of the butter" {...form.register('name')} />
        </label>
        <KindAndPart form={form} />
        <FoodsFrom form={form} />
        {kind !== 'leaveOut' && kind !== 'toPlate' && <FoodsInto form={form} />}
        {kind === 'part' && <HowMuchOfTheLine form={form} />}
        <HowItTurnsOut form={form} />
        <div className="flex flex-wrap items-center gap-3 sm:col-span-2">
          <button type="submit" className="btn btn-main" disabled={form.busy}>
            Keep the swap
          </button>
          <p role="alert" className="text-beet">
            {form.wrong}
          </p>
        </div>
      </form>
    </Modal>
  );
}

function KindAndPart({ form }: { readonly form: SwapFormState }) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <Picker
        label="Kind"
        value={form.fields.kind}
        choices={SWAP_KINDS.map((k) => ({ value: k, words: KIND_WORDS[k] }))}
        onPick={form.chooseKind}
      />
      <Picker
        label="For the part it plays"
        value={form.fields.role}
        choices={ROLES.map((r) => ({ value: r, words: roleWords(r) }))}
        onPick={(role) => form.set({ role })}
      />
    </div>
  );
}

function HowMuchOfTheLine({ form }: { readonly form: SwapFormState }) {
  const { share, mostShare, stays } = form.fields;
  return (
    <div className="flex flex-wrap items-center gap-2 sm:col-span-2">
      <FreeNumberField label="Percent of the line" value={share * 100} onValue={(v) => form.set({ share: v / 100 })} />%
      of the line, at most
      <FreeNumberField
        label="At most percent of the line"
        value={mostShare * 100}
        onValue={(v) => form.set({ mostShare: v / 100 })}
      />
      %, and
      <FreeNumberField label="Grams that have to stay" value={stays} onValue={(v) => form.set({ stays: v })} />g have to
      stay
    </div>
  );
}

const orNull = (text: string | null): string | null => ((text ?? '').trim() === '' ? null : (text ?? '').trim());

function HowItTurnsOut({ form }: { readonly form: SwapFormState }) {
  return (
    <>
      <div>
        <FreeNumberField
          label="Departure, 0 to 100"
          shown
          value={form.fields.departure}
          onValue={(v) => form.set({ departure: Math.round(v * 10) / 10 })}
        />
        <p className="mt-1 text-soft text-sm">5 nobody notices, 15 a little, 30 clearly, 50 another dish.</p>
      </div>
      <label>
        <span className="label">What changes in the method</span>
        <textarea
          className="field"
          rows={2}
          placeholder="stir it in off the heat"
          {...form.register('method', { setValueAs: orNull })}
        />
      </label>
      <label>
        <span className="label">What to watch</span>
        <input
          className="field"
          placeholder="curdles when it boils"
          {...form.register('watch', { setValueAs: orNull })}
        />
      </label>
      <label>
        <span className="label">Why it works</span>
        <input className="field" {...form.register('why')} />
      </label>
    </>
  );
}
