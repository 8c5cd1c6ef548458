import { useMemo, useState } from 'react';
import type { FoodIndex } from '../../core/food/match-food.ts';
import { doubtsOf } from '../../core/sense/doubts-of.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { expectedLoss } from '../../core/yield/expected-loss.ts';
import { LossDialog } from '../components/loss-dialog.tsx';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useRecipeHead } from '../context/use-recipe-head.ts';
import { DoubtList } from './doubt-list.tsx';

interface StepDoubtsProps {
  readonly version: Version;
  readonly index: FoodIndex | null;
  /** Adds a line that is missing. */
  readonly onAdd: (text: string) => void;
  readonly onChange: (line: Line, after: Line, label: string) => void;
}

/** Where list and steps disagree, before anything is counted on. What is no trouble is put aside, and stays so. */
export function StepDoubts({ version, index, onAdd, onChange }: StepDoubtsProps) {
  const { page, food, title } = useOpenRecipe();
  const { makes } = page.recipe.facts;
  const [lossOf, setLossOf] = useState<string | null>(null);
  const asked = version.lines.find((l) => l.id === lossOf);
  const { head, change } = useRecipeHead();
  const doubts = useMemo(() => doubtsOf(version, makes, index), [version, makes, index]);
  const told = new Set(doubts.map((d) => d.words));
  return (
    <>
      {asked && (
        <LossDialog
          line={asked}
          expected={expectedLoss(asked, version, food, title)}
          onClose={() => setLossOf(null)}
          onTake={(loss) => {
            setLossOf(null);
            onChange(asked, { ...asked, loss }, `What of ${asked.item} is not eaten`);
          }}
        />
      )}
      <DoubtList
        onLoss={setLossOf}
        doubts={doubts}
        settled={head.settled}
        onAdd={onAdd}
        onAside={(words) => void change('Put a doubt aside', { settled: [...head.settled, words] })}
        onBringBack={() =>
          void change('Show what was put aside', { settled: head.settled.filter((s) => !told.has(s)) })
        }
      />
    </>
  );
}
