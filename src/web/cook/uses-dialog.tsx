import { stepShares } from '../../core/steps/step-shares.ts';
import { correctedUses } from '../../core/stove/corrected-uses.ts';
import type { StepAtStove } from '../../core/stove/steps-at-stove.ts';
import type { Version } from '../../core/version/version.ts';
import { Check } from '../kit/check.tsx';
import { Modal } from '../kit/modal.tsx';
import type { VersionEditor } from '../saving/version-editor.ts';

interface UsesDialogProps {
  readonly editor: VersionEditor;
  readonly version: Version;
  readonly told: Version;
  readonly step: StepAtStove;
  readonly onClose: () => void;
}

/** Which lines go in at a step, where the words do not say it right. It holds for the next time, too. */
export function UsesDialog({ editor, version, told, step, onClose }: UsesDialogProps) {
  const shares = stepShares(told.steps, told.lines);
  const stepsOf = (lineId: string): string[] =>
    told.steps.flatMap((s, i) => (shares[i]!.some((u) => u.lineId === lineId) ? [s.id] : []));
  const own = (id: string): string => id.replace(/-after$/, '');
  const here = own(step.step.id);
  return (
    <Modal title="What goes in here" onClose={onClose}>
      <p className="text-soft">A line that is in several steps goes in there in equal parts.</p>
      <ul className="mt-2">
        {told.lines
          .filter((l) => !l.leftOut)
          .map((l) => {
            const at = stepsOf(l.id).map(own);
            const others = told.steps.flatMap((s, i) => (at.includes(own(s.id)) && own(s.id) !== here ? [i + 1] : []));
            return (
              <li key={l.id} className="border-rule border-b">
                <Check
                  checked={at.includes(here)}
                  className="min-h-12 py-1"
                  onCheck={(is) => {
                    const after = is ? [...at, here] : at.filter((id) => id !== here);
                    const steps = correctedUses(version, l.originLineId, [...new Set(after)]);
                    void editor.do(`${l.item || l.text} goes in ${is ? 'here' : 'elsewhere'}`.slice(0, 200), [
                      { kind: 'steps', before: version.steps, after: steps },
                    ]);
                  }}
                >
                  <span dir="auto">{l.text}</span>
                  {others.length > 0 && <span className="text-soft text-sm"> (step {others.join(', ')})</span>}
                </Check>
              </li>
            );
          })}
      </ul>
      <button type="button" className="btn btn-main mt-4" onClick={onClose}>
        Done
      </button>
    </Modal>
  );
}
