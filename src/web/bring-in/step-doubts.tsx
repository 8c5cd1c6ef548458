import { useMemo } from 'react';
import type { FoodIndex } from '../../core/food/match-food.ts';
import { doubtsOf } from '../../core/sense/doubts-of.ts';
import type { Version } from '../../core/version/version.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { DoubtList } from './doubt-list.tsx';
import { useRecipeHead } from './use-recipe-head.ts';

interface StepDoubtsProps {
  readonly version: Version;
  readonly index: FoodIndex | null;
  /** Adds a line that is missing. */
  readonly onAdd: (text: string) => void;
}

/** Where list and steps disagree, before anything is counted on. What is no trouble is put aside, and stays so. */
export function StepDoubts({ version, index, onAdd }: StepDoubtsProps) {
  const { makes } = useOpenRecipe().page.recipe.facts;
  const { head, change } = useRecipeHead();
  const doubts = useMemo(() => doubtsOf(version, makes, index), [version, makes, index]);
  const told = new Set(doubts.map((d) => d.words));
  return (
    <DoubtList
      doubts={doubts}
      settled={head.settled}
      onAdd={onAdd}
      onAside={(words) => void change('Put a doubt aside', { settled: [...head.settled, words] })}
      onBringBack={() => void change('Show what was put aside', { settled: head.settled.filter((s) => !told.has(s)) })}
    />
  );
}
