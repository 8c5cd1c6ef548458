import { Modal } from '../kit/modal.tsx';

const KEYS: ReadonlyArray<readonly [string, string]> = [
  ['Ctrl K or ⌘ K', 'Find a recipe or a place'],
  ['?', 'These keys'],
  ['Ctrl Z or ⌘ Z', 'Undo'],
  ['Ctrl Shift Z or ⌘ ⇧ Z', 'Redo'],
  ['↑ ↓', 'In Lighten: from line to line, once one of them has the focus'],
  ['S', 'In Lighten, with the focus anywhere in a line: its swaps'],
  ['K', 'In Lighten: keep the line, or let it go'],
  ['A', 'In Lighten: its amount'],
  ['X', 'In Lighten: leave the line out, or put it back'],
  ['M', 'In Lighten: how much of it may stay'],
  ['→ or Space', 'At the stove: this step is done, and the next one'],
  ['←', 'At the stove: the step before'],
];

/** What the keyboard can do. */
export default function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Modal title="Keys" onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="whitespace-nowrap font-semibold">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
