import { ROLES, type Role } from '../food/food.ts';
import { SWAP_KINDS, type Swap, type SwapKind, type SwapMethod } from './swap.ts';
import { readConditions } from './swap-condition.ts';

/**
 * Reads the swaps of a table, one a row:
 * id | name | kind | role | from | into (food ratio; …) | share | departure | fits | refuses | method | watch | why
 *
 * Ratios are g in for each g out. A method may be for some places, "[cream] Cream it. // Stir it in.". It belongs before the
 * first step that uses the line; with ">" behind all that cook it, with "_" before what goes in the oven. With "!" it says
 * itself when what comes in goes in, and with "=fry" it takes the place of where the line is fried in.
 *
 * @throws Error naming the row that has another form
 */
export const readSwapTable = (table: string): Swap[] => table.trim().split('\n').map(readRow);

function readRow(row: string): Swap {
  const cells = row.split('|').map((c) => c.trim());
  const [id, name, kind, role, from, into, share, departure, fits, refuses, method, watch, why] = cells as string[];
  const ok = cells.length === 13 && SWAP_KINDS.includes(kind as SwapKind) && ROLES.includes(role as Role);
  if (!ok) throw new Error(`Swap row "${id}" has the wrong form`);
  const targets = into!
    .split(';')
    .map((t) => t.trim())
    .filter(Boolean)
    .map((t) => {
      const [foodId, ratio] = t.split(' ');
      return { foodId: foodId!, ratio: Number(ratio) };
    });
  const methods = method!.split('//').flatMap((m) => readMethod(m.trim()));
  return {
    id: id!,
    name: name!,
    kind: kind as SwapKind,
    role: role as Role,
    from: from!.split(' '),
    // A ratio of 0 says that nothing comes in for what goes: "half of the bacon".
    into: targets.filter((t) => t.ratio > 0),
    ...readShare(share!),
    departure: Number(departure),
    fits: readConditions(fits!),
    refuses: readConditions(refuses!),
    method: methods.find((m) => m.at.length === 0)?.text ?? null,
    methods,
    watch: watch || null,
    why: why!,
  };
}

const INSTEAD = ['fry', 'line', 'grease', 'whip'] as const;

function readMethod(text: string): SwapMethod[] {
  if (text === '') return [];
  const [, at = '', rest] = /^(?:\[([^\]]*)\])?\s*(.*)$/s.exec(text)!;
  const [sign = '', place, over, instead] = /^([>_]?)(!?)(?:=([a-z]+))?/.exec(rest!) ?? [];
  const swaps = INSTEAD.find((i) => i === instead) ?? null;
  if (instead !== undefined && swaps === null) throw new Error(`"${instead}" is nothing that a method replaces`);
  return [
    {
      at: readConditions(at),
      text: rest!.slice(sign.length).trim(),
      place: place === '>' ? 'after' : place === '_' ? 'oven' : 'before',
      takesOver: over === '!',
      instead: swaps,
    },
  ];
}

/**
 * `0.5`, `0.5..0.75` up to three quarters, `0.5 stays 5` with 5 g left in any case or `stays 5 each` in every serving,
 * `1 also binder` where the line of another part goes with it, `also thickener 0.5` half of that.
 */
function readShare(cell: string): Pick<Swap, 'share' | 'mostShare' | 'stays' | 'staysEach' | 'also'> {
  const m = /^([\d.]+?)(?:\.\.([\d.]+))?(?: stays ([\d.]+)( each)?)?(?: also (.+))?$/.exec(cell);
  if (m === null) throw new Error(`Swap share "${cell}" has the wrong form`);
  const share = Number(m[1]);
  const stays = Number(m[3] ?? 0);
  const also = [...(m[5] ?? '').matchAll(/([a-z-]+)(?: ([\d.]+))?/g)].map((a) => {
    if (!ROLES.includes(a[1] as Role)) throw new Error(`Swap share "${cell}" names no part`);
    return { role: a[1] as Role, share: Number(a[2] ?? 1) };
  });
  return {
    share,
    mostShare: Number(m[2] ?? share),
    stays: m[4] === undefined ? stays : 0,
    ...(m[4] !== undefined && { staysEach: stays }),
    ...(also.length > 0 && { also }),
  };
}
