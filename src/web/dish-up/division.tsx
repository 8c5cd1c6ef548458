import type { Box, Cook } from '../../core/cook/cook.ts';
import { NAMELESS_WORDS } from '../../core/cook/cook.ts';
import type { Outcome } from '../../core/cook/divide.ts';
import { takenWords } from '../../core/cook/outcome-words.ts';
import { useHousehold } from '../context/household-context.ts';

interface DivisionProps {
  readonly out: Outcome;
  readonly plates: Cook['plates'];
  readonly boxes: readonly Box[];
  /** The share that is still in the pot. */
  readonly left: number;
}

/** What a batch became: from the pot to plates, to boxes, and to who took them, as one bar and in words. */
export function Division({ out, plates, boxes, left }: DivisionProps) {
  const { eaters } = useHousehold();
  const nameOf = (id: string): string =>
    eaters.find((e) => e.id === id)?.name ?? (NAMELESS_WORDS as Readonly<Record<string, string>>)[id] ?? 'Others';
  const boxed = (which: readonly Box[]): number => which.reduce((sum, b) => sum + b.share, 0);
  const there = boxes.filter((b) => b.taken === null);
  const taken = new Map<string, Box[]>();
  for (const b of boxes) if (b.taken !== null) taken.set(b.taken.name, [...(taken.get(b.taken.name) ?? []), b]);
  const many = (n: number): string => `${n} ${n === 1 ? 'box' : 'boxes'}`;
  const parts = [
    ...Object.entries(plates).map(([id, share]) => ({ name: nameOf(id), share, look: 'bg-beet' })),
    ...[...taken].map(([name, own]) => ({
      name: `${many(own.length)} taken by ${name}`,
      share: boxed(own),
      look: 'bg-mustard',
    })),
    { name: `${many(there.length)} there`, share: boxed(there), look: 'bg-ink' },
    { name: 'pot', share: left, look: 'bg-rule' },
  ].filter((p) => p.share > 1e-6);
  return (
    <div className="mt-2">
      <div className="flex h-6 gap-px overflow-hidden rounded-md border border-ink bg-sheet" aria-hidden="true">
        {parts.map((p) => (
          <span key={p.name} className={p.look} style={{ width: `${p.share * 100}%` }} />
        ))}
      </div>
      <ul className="mt-1 text-sm">
        {parts.map((p) => (
          <li key={p.name} className="flex items-center gap-1.5">
            <span className={`size-3 rounded-sm border border-ink ${p.look}`} aria-hidden="true" />
            {p.name}, {takenWords(out, p.share)}
          </li>
        ))}
      </ul>
    </div>
  );
}
