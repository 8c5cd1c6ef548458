import { DropdownMenu } from 'radix-ui';
import { type KeyboardEvent, type ReactNode, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { countVersion } from '../../core/counting/count-version.ts';
import { dishKindOf } from '../../core/dish/dish-kind.ts';
import { TECHNIQUE_SAID, whyPart } from '../../core/dish/part-words.ts';
import { useOfLine } from '../../core/dish/technique.ts';
import { ROLES, type Role } from '../../core/food/food.ts';
import { gainWords } from '../../core/program/format-points.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
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
import { type CountingEater, useCounting, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { Menu } from '../kit/menu.tsx';
import { MenuBack } from '../kit/menu-back.tsx';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import { OneOf } from './one-of.tsx';
import { useSwapDeparture } from './use-swap-departure.ts';

/** What the menu of a line does. */
export interface LineMenuActions {
  readonly swap: (line: Line, swap: Swap) => void;
  readonly amount: (line: Line) => void;
  readonly howMuch: (line: Line) => void;
  readonly role: (line: Line, role: Role) => void;
  readonly technique: (line: Line, technique: Technique) => void;
  /** Says the points that the cook knows of its food. */
  readonly points: (line: Line) => void;
  /** Says what of it is not eaten. */
  readonly loss: (line: Line) => void;
  /** Says that the line's weight is of another recipe cooked, of which all weighed so many grams; null for raw. */
  readonly cooked: (line: Line, grams: number | null) => void;
  readonly keep: (line: Line) => void;
  readonly leaveOut: (line: Line) => void;
  /** Puts the line back as it was. */
  readonly restore: (line: Line) => void;
  /** Keeps what was changed by hand as a swap for next time. */
  readonly keepAsSwap: (line: Line) => void;
  readonly writeSwap: (line: Line) => void;
}

interface LineMenuProps {
  readonly line: Line;
  /** The version it is in; null while the menu is closed. */
  readonly version: Version | null;
  readonly canRestore: boolean;
  readonly canKeepAsSwap: boolean;
  readonly actions: LineMenuActions & { readonly openMenu: (lineId: string | null) => void };
  /** The row that opens it, where the whole row is what is pressed. */
  readonly row?: { readonly content: ReactNode; readonly onKeyDown: (e: KeyboardEvent<HTMLElement>) => void };
}

/** How far a swap departs, and whether verdicts have moved that. */
function departsWords(corrected: number, own: number, far: number): string {
  const judged = corrected === own ? '' : `, ${corrected < own ? 'liked' : 'not liked'} here (was ${own})`;
  return `departs ${departureSaid(far)}${judged}`;
}

/** What can be done about a line: the swaps for its food, each with what it would count for everyone. */
export function LineMenu(props: LineMenuProps) {
  const { line, version, actions, row } = props;
  const { household } = useHousehold();
  const { offered } = useSwapShelf(household.id);
  const words = line.kept
    ? 'Kept'
    : line.food.kind === 'food' && swapsFor(line.food.foodId, offered).length > 0
      ? 'Swap'
      : 'More';
  return (
    <Menu
      open={version !== null}
      onOpenChange={(open) => actions.openMenu(open ? line.id : null)}
      align="end"
      className="w-96"
      {...(row
        ? {
            button: row.content,
            buttonClass: 'block min-h-14 w-full px-2 py-2.5 text-left hover:bg-beet-wash',
            onKeyDown: row.onKeyDown,
            line: line.id,
          }
        : { button: words, buttonClass: 'btn btn-small', label: `Change ${line.item || line.text}` })}
    >
      {version && <Items {...props} version={version} />}
    </Menu>
  );
}

function Items({ line, version, canRestore, canKeepAsSwap, actions }: LineMenuProps & { readonly version: Version }) {
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
  const [page, setPage] = useState<'all' | 'more' | 'role' | 'technique'>('all');
  /** Opens in place: a menu beside the menu has no room on a phone. */
  const inside = (e: Event, to: 'more' | 'role' | 'technique') => {
    e.preventDefault();
    setPage(to);
  };
  const withPantry = withNewest(kitchen, food);
  const counters = eaters.map((e) => e.counter);
  const before = countVersion(version, withPantry, counters);
  const after = (swap: Swap): { gains: string[]; effect: string | null } | null => {
    try {
      const changes = applySwap(version, line.id, swap, { food, title, system: household.system, newId: () => uuid() });
      const next = applyEntry(version, { id: 'look', label: 'look', changes, undoes: null });
      const counted = countVersion(next, withPantry, counters);
      return {
        gains: counted.counts.map((c, i) => gainWords(before.counts[i]!, c)),
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
        onBack={() => setPage('more')}
      />
    );
  if (page === 'technique')
    return (
      <OneOf
        legend={`${line.item}: a step`}
        options={TECHNIQUES.map((t) => ({ key: t, words: TECHNIQUE_SAID[t], chosen: t === technique }))}
        onChoose={(t) => actions.technique(line, t)}
        onBack={() => setPage('more')}
      />
    );
  if (page === 'more')
    return (
      <MoreOfLine
        {...{ line, version, canRestore, canKeepAsSwap, actions }}
        inside={inside}
        onBack={() => setPage('all')}
        role={role}
      />
    );
  return (
    <>
      <DropdownMenu.Label className="px-3 pt-1.5 pb-1 text-soft text-sm" dir="auto">
        {line.text}
      </DropdownMenu.Label>
      {swaps.map((s) => {
        const then = after(s);
        const corrected = departureOf(s, placeOf(role));
        const far = departureOfSwap(s, s.share, corrected, { line, version, title, food });
        return (
          <DropdownMenu.Item key={s.id} className="menu-item flex gap-3" onSelect={() => actions.swap(line, s)}>
            <span className="min-w-0 flex-1">
              <span className="block font-semibold leading-tight">{s.name}</span>
              <span className="block text-sm text-soft">{departsWords(corrected, s.departure, far)}</span>
              {then?.effect && <span className="block text-mustard text-sm">{then.effect}</span>}
            </span>
            {then && <Gains gains={then.gains} eaters={eaters} />}
          </DropdownMenu.Item>
        );
      })}
      {swaps.length > 0 && <DropdownMenu.Separator className="my-1 border-rule border-t" />}
      <DropdownMenu.Item
        className="menu-item"
        disabled={line.weight === null || line.leftOut || isLeftBehind(line.loss)}
        onSelect={() => actions.howMuch(line)}
      >
        How much may stay?
      </DropdownMenu.Item>
      <DropdownMenu.Item
        className="menu-item"
        disabled={line.kept || line.weight === null}
        onSelect={() => actions.amount(line)}
      >
        Another amount
      </DropdownMenu.Item>
      <DropdownMenu.Item className="menu-item" onSelect={() => actions.keep(line)}>
        {line.kept ? 'Let it go: swaps may touch it' : 'Keep it: no swap may touch it'}
      </DropdownMenu.Item>
      <DropdownMenu.Item className="menu-item" disabled={line.kept} onSelect={() => actions.leaveOut(line)}>
        {line.leftOut ? 'Put it back' : 'Leave it out'}
      </DropdownMenu.Item>
      {canRestore && (
        <DropdownMenu.Item className="menu-item" onSelect={() => actions.restore(line)}>
          As written again
        </DropdownMenu.Item>
      )}
      <DropdownMenu.Item className="menu-item" onSelect={(e) => inside(e, 'more')}>
        More: its part in the dish, what is not eaten, an own swap
      </DropdownMenu.Item>
    </>
  );
}

/** What a swap gains everyone, in columns as the lines have them. */
function Gains({ gains, eaters }: { readonly gains: readonly string[]; readonly eaters: readonly CountingEater[] }) {
  return (
    <span className="flex shrink-0 items-start gap-2 text-right">
      {gains.map((gain, i) => (
        <span key={eaters[i]!.key} className="min-w-9">
          <span className="block text-mark text-soft leading-tight">{eaters[i]!.program.mark}</span>
          <strong className={`font-head ${gain === 'same' ? 'font-normal text-sm' : 'text-[1.375rem]'} leading-none`}>
            {gain}
          </strong>
        </span>
      ))}
    </span>
  );
}

interface MoreOfLineProps extends Pick<LineMenuProps, 'line' | 'canRestore' | 'canKeepAsSwap' | 'actions'> {
  readonly version: Version;
  readonly role: Role | null;
  readonly inside: (e: Event, to: 'role' | 'technique') => void;
  readonly onBack: () => void;
}

/** What is seldom said of a line: its part, what a step does with it, what is not eaten, a swap of one's own. */
function MoreOfLine({ line, version, canKeepAsSwap, actions, role, inside, onBack }: MoreOfLineProps) {
  const { food, title, page } = useOpenRecipe();
  const takenFrom = line.food.kind === 'recipe' ? line.food.versionId : null;
  const weighed = page.inner.find((i) => i.version.id === takenFrom)?.weighed;
  return (
    <>
      <MenuBack onBack={onBack} />
      <DropdownMenu.Item className="menu-item" onSelect={(e) => inside(e, 'role')}>
        <span className="block">It is here for {roleWords(role)}</span>
        <span className="block text-soft text-sm">{whyPart(line, version, food, title)}</span>
      </DropdownMenu.Item>
      <DropdownMenu.Item className="menu-item" onSelect={(e) => inside(e, 'technique')}>
        What a step does with it
      </DropdownMenu.Item>
      <DropdownMenu.Item
        className="menu-item"
        disabled={line.food.kind !== 'food'}
        onSelect={() => actions.points(line)}
      >
        I know its points
      </DropdownMenu.Item>
      <DropdownMenu.Item
        className="menu-item"
        disabled={line.weight === null || line.food.kind !== 'food'}
        onSelect={() => actions.loss(line)}
      >
        <span className="block">Not all of it is eaten</span>
        {line.loss && <span className="block text-soft text-sm">{lossWords(line.loss)}</span>}
      </DropdownMenu.Item>
      {line.food.kind === 'recipe' && weighed != null && (
        <DropdownMenu.Item
          className="menu-item"
          onSelect={() =>
            actions.cooked(line, line.food.kind === 'recipe' && line.food.cooked === undefined ? weighed : null)
          }
        >
          <span className="block">
            {line.food.cooked === undefined ? 'Its weight is of it cooked' : 'Its weight is of it raw'}
          </span>
          <span className="block text-soft text-sm">All of it came out as {formatGrams(weighed)}</span>
        </DropdownMenu.Item>
      )}
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
    </>
  );
}
