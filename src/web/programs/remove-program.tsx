import { useState } from 'react';
import type { Program } from '../../core/program/program.ts';
import type { Eater } from '../../core/table/table.ts';
import { Modal } from '../kit/modal.tsx';
import { Picker } from '../kit/picker.tsx';

interface RemoveProgramProps {
  readonly program: Program;
  /** Who counts by it. */
  readonly by: readonly Eater[];
  readonly others: readonly Program[];
  readonly onRemove: (then: ReadonlyMap<string, string | null>) => void;
  readonly onClose: () => void;
}

/** Removes a program; whoever counts by it is asked what they count by then. */
export function RemoveProgram({ program, by, others, onRemove, onClose }: RemoveProgramProps) {
  const [then, setThen] = useState<ReadonlyMap<string, string | null>>(
    new Map(by.map((e) => [e.id, others[0]?.id ?? null])),
  );
  return (
    <Modal title={`Remove ${program.name}?`} onClose={onClose}>
      <p className="text-soft">Cards and records keep what they showed. It can be had back.</p>
      <div className="mt-3 grid gap-3">
        {by.map((e) => (
          <Picker
            key={e.id}
            label={`What ${e.name} counts by then`}
            value={then.get(e.id) ?? ''}
            choices={[
              ...others.map((p) => ({ value: p.id as string, words: `${p.mark} · ${p.name}` })),
              { value: '', words: 'does not count' },
            ]}
            onPick={(id) => setThen(new Map(then).set(e.id, id || null))}
          />
        ))}
      </div>
      <div className="mt-5 flex gap-2">
        <button type="button" className="btn btn-main" onClick={() => onRemove(then)}>
          Remove it
        </button>
        <button type="button" className="btn" onClick={onClose}>
          Keep it
        </button>
      </div>
    </Modal>
  );
}
