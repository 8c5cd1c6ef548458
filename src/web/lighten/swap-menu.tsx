import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { countVersion } from '../../core/counting/count-version.ts';
import { dishKindOf } from '../../core/dish/dish-kind.ts';
import { TECHNIQUE_SAID, whyPart } from '../../core/dish/part-words.ts';
import { useOfLine } from '../../core/dish/technique.ts';
import { ROLES, type Role } from '../../core/food/food.ts';
import { formatPoints, gainWords } from '../../core/program/format-points.ts';
import { applySwap } from '../../core/swap/apply-swap.ts';
import { departureOfSwap } from '../../core/swap/departure-of-swap.ts';
import { departureSaid } from '../../core/swap/departure-words.ts';
import { swapsFitting } from '../../core/swap/fits-line.ts';
import { swapsFor } from '../../core/swap/library.ts';
import { roleOfLine } from '../../core/swap/role-of-line.ts';
import type { Swap } from '../../core/swap/swap.ts';
import { effectWords, swapEffect } from '../../core/swap/swap-effect.ts';
import { roleWords } from '../../core/swap/swap-words.ts';
import { placeOf } from '../../core/swap/verdict.ts';
import { TECHNIQUES, type Technique } from '../../core/version/dish-words.ts';
import { applyEntry } from '../../core/version/entry.ts';
import { withNewest } from '../../core/version/kitchen.ts';
import { isLeftBehind } from '../../core/version/line-loss.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { lossWords } from '../../core/yield/loss-words.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import { OneOf } from './one-of.tsx';
import { useSwapDeparture } from './use-swap-departure.ts';

/** What the menu of a line does. */
export interface SwapMenuActions {
  readonly swap: (line: Line, swap: Swap) => void;
  readonly amount: (line: Line) => void;
  readonly howMuch: (line: Line) => void;
  readonly role: (line: Line, role: Role) => void;
  readonly technique: (line: Line, technique: Technique) => void;
  /** Says what of it is not eaten. */
  readonly loss: (line: Line) => void;
  readonly keep: (line: Line) => void;
  readonly leaveOut: (line: Line) => void;
  /** Puts the line back as it was. */
  readonly restore: (line: Line) => void;
  /** Keeps what was changed by hand as a swap for next time. */
  readonly keepAsSwap: (line: Line) => void;
  readonly writeSwap: (line: Line) => void;
}

interface SwapMenuProps {
  readonly line: Line;
  /** The version it is in; null while the menu is closed. */
  readonly version: Version | null;
  readonly canRestore: boolean;
  readonly canKeepAsSwap: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly actions: SwapMenuActions;
}

/** How far a swap departs, and whether verdicts have moved that. */
function departsWords(corrected: number, own: number, far: number): string {
  const judged = corrected === own ? '' : `, ${corrected < own ? 'liked' : 'not liked'} here (was ${own})`;
  return `departs ${departureSaid(far)}${judged}`;
}

/** What can be done about a line: the swaps for its food, each with what it would count for everyone. */
export function SwapMenu(props: SwapMenuProps) {
  const { line, version, onOpenChange } = props;
  const { household } = useHousehold();
  const { offered } = useSwapShelf(household.id);
  const words = line.kept
    ? 'Kept'
    : line.food.kind === 'food' && swapsFor(line.food.foodId, offered).length > 0
      ? 'Swap'
      : 'More';
  return (
    <DropdownMenu.Root modal={false} open={version !== null} onOpenChange={onOpenChange}>
      <DropdownMenu.Trigger className="btn btn-small" aria-label={`Change ${line.item || line.text}`}>
        {words}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={document.querySelector('main')}>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          // A long menu scrolls, so the keyboard must reach it.
          tabIndex={0}
          className="panel z-30 max-h-[min(88dvh,var(--radix-dropdown-menu-content-available-height))] w-80 overflow-auto p-1.5 shadow-lg"
        >
          {version && <Items {...props} version={version} />}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function Items({ line, version, canRestore, canKeepAsSwap, actions }: SwapMenuProps & { readonly version: Version }) {
  const { household, eaters: people } = useHousehold();
  const { food, kitchen, title } = useOpenRecipe();
  const eaters = useCounting();
  const departureOf = useSwapDeparture();
  const { offered } = useSwapShelf(household.id);
  const role = roleOfLine(line, version, food, title);
  const { technique } = useOfLine(line, version, dishKindOf(version, title, food), food);
  const swaps =
    line.food.kind === 'food' && !line.kept && !line.leftOut
      ? swapsFitting(swapsFor(line.food.foodId, offered), line, { version, title, role, food })
      : [];
  const [page, setPage] = useState<'all' | 'role' | 'technique'>('all');
  /** Opens in place: a menu beside the menu has no room on a phone. */
  const inside = (e: Event, to: 'role' | 'technique') => {
    e.preventDefault();
    setPage(to);
  };
  const withPantry = withNewest(kitchen, food);
  const counters = eaters.map((e) => e.counter);
  const before = countVersion(version, withPantry, counters);
  const after = (swap: Swap): { points: string; effect: string | null } | null => {
    try {
      const changes = applySwap(version, line.id, swap, { food, title, system: household.system, newId: () => uuid() });
      const next = applyEntry(version, { id: 'look', label: 'look', changes, undoes: null });
      const counted = countVersion(next, withPantry, counters);
      return {
        points: counted.counts
          .map((c, i) => {
            const gain = gainWords(before.counts[i]!, c);
            return `${eaters[i]!.program.mark} ${formatPoints(c.points)} (${gain})`;
          })
          .join(' · '),
        effect: effectWords(swapEffect(before, counted), people),
      };
    } catch {
      return null;
    }
  };
  if (page === 'role')
    return (
      <OneOf
        legend={`${line.item} is here for`}
        options={ROLES.map((r) => ({ key: r, words: roleWords(r), chosen: r === role }))}
        onChoose={(r) => actions.role(line, r)}
        onBack={() => setPage('all')}
      />
    );
  if (page === 'technique')
    return (
      <OneOf
        legend={`${line.item}: a step`}
        options={TECHNIQUES.map((t) => ({ key: t, words: TECHNIQUE_SAID[t], chosen: t === technique }))}
        onChoose={(t) => actions.technique(line, t)}
        onBack={() => setPage('all')}
      />
    );
  return (
    <>
      {swaps.map((s) => {
        const then = after(s);
        const corrected = departureOf(s, placeOf(role));
        const far = departureOfSwap(s, s.share, corrected, { line, version, title, food });
        return (
          <DropdownMenu.Item key={s.id} className="menu-item" onSelect={() => actions.swap(line, s)}>
            <span className="block font-semibold leading-tight">{s.name}</span>
            <span className="block text-sm">{then?.points}</span>
            <span className="block text-sm text-soft">{departsWords(corrected, s.departure, far)}</span>
            {then?.effect && <span className="block text-mustard text-sm">{then.effect}</span>}
          </DropdownMenu.Item>
        );
      })}
      {swaps.length > 0 && <DropdownMenu.Separator className="my-1 border-rule border-t" />}
      <DropdownMenu.Item
        className="menu-item"
        disabled={line.kept || line.weight === null}
        onSelect={() => actions.amount(line)}
      >
        Another amount
      </DropdownMenu.Item>
      <DropdownMenu.Item
        className="menu-item"
        disabled={line.weight === null || line.leftOut || isLeftBehind(line.loss)}
        onSelect={() => actions.howMuch(line)}
      >
        How much may stay?
      </DropdownMenu.Item>
      <DropdownMenu.Item className="menu-item" onSelect={(e) => inside(e, 'role')}>
        <span className="block">For {roleWords(role)}</span>
        <span className="block text-soft text-sm">{whyPart(line, version, food, title)}</span>
      </DropdownMenu.Item>
      <DropdownMenu.Item className="menu-item" onSelect={(e) => inside(e, 'technique')}>
        What a step does with it
      </DropdownMenu.Item>
      <DropdownMenu.Item
        className="menu-item"
        disabled={line.weight === null || line.food.kind !== 'food'}
        onSelect={() => actions.loss(line)}
      >
        <span className="block">Not all of it is eaten</span>
        {line.loss && <span className="block text-soft text-sm">{lossWords(line.loss)}</span>}
      </DropdownMenu.Item>
      <DropdownMenu.Item className="menu-item" onSelect={() => actions.keep(line)}>
        {line.kept ? 'Let it go: swaps may touch it' : 'Keep it: no swap may touch it'}
      </DropdownMenu.Item>
      <DropdownMenu.Item className="menu-item" disabled={line.kept} onSelect={() => actions.leaveOut(line)}>
        {line.leftOut ? 'Put it back' : 'Leave it out'}
      </DropdownMenu.Item>
      {canKeepAsSwap && (
        <DropdownMenu.Item className="menu-item" onSelect={() => actions.keepAsSwap(line)}>
          Keep this change as a swap
        </DropdownMenu.Item>
      )}
      <DropdownMenu.Item
        className="menu-item"
        disabled={line.food.kind !== 'food'}
        onSelect={() => actions.writeSwap(line)}
      >
        Write a swap for it
      </DropdownMenu.Item>
      {canRestore && (
        <DropdownMenu.Item className="menu-item" onSelect={() => actions.restore(line)}>
          As written again
        </DropdownMenu.Item>
      )}
    </>
  );
}
