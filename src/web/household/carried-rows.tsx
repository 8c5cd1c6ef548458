import type { TakeInAnswer } from '../../contract/exchange-api.ts';
import { Check } from '../kit/check.tsx';

type CarriedRow = TakeInAnswer['rows'][number];

/** What each kind is called; what only hangs on another is told with it. */
const CARRIED_KINDS: Readonly<Record<string, string>> = {
  household: 'how the household is set up',
  recipes: 'recipes',
  versions: 'versions of recipes',
  programs: 'programs',
  foods: 'foods',
  eaters: 'people',
  corrections: 'words and weights of foods',
  pins: 'points that are known',
  barcodes: 'barcodes',
  swaps: 'swaps',
  vessels: 'pots and dishes',
  'box-kinds': 'kinds of boxes',
  feasts: 'feasts',
  cooks: 'times that it was cooked',
  boxes: 'boxes',
  stock: 'what is in the house',
  verdicts: 'verdicts',
  observations: 'foods whose points are known',
  pots: 'pots that are planned',
  'day-entries': 'things on days',
  days: 'days',
  preps: 'prep days',
  trips: 'shopping trips',
  buying: 'where foods are bought',
  'outside-verdicts': 'verdicts from outside',
  pictures: 'pictures',
  files: 'files without a recipe',
};

const keyOfRow = (r: Pick<CarriedRow, 'kind' | 'id'>): string => `${r.kind}/${r.id}`;

interface CarriedRowsProps {
  readonly rows: readonly CarriedRow[];
  readonly theirs: ReadonlySet<string>;
  readonly without: ReadonlySet<string>;
  readonly onTheirs: (keys: ReadonlySet<string>) => void;
  readonly onWithout: (keys: ReadonlySet<string>) => void;
}

/** Every row of a file: what is new, what differs and which of the two stays, what cannot be, what is here already. */
export function CarriedRows({ rows, theirs, without, onTheirs, onWithout }: CarriedRowsProps) {
  const kinds = [...new Set(rows.map((r) => r.kind))];
  const toggled = (set: ReadonlySet<string>, key: string, on: boolean): ReadonlySet<string> =>
    new Set(on ? [...set, key] : [...set].filter((k) => k !== key));
  return (
    <div className="mt-3">
      <p>
        {rows.every((r) => r.state === 'same')
          ? 'Everything in it is here already, and the same.'
          : 'Nothing is taken in yet. This is what would become of it:'}
      </p>
      {kinds.map((kind) => {
        const own = rows.filter((r) => r.kind === kind);
        const count = (state: CarriedRow['state']) => own.filter((r) => r.state === state).length;
        const said = [
          count('new') > 0 && `${count('new')} new`,
          count('differs') > 0 && `${count('differs')} differ`,
          count('same') > 0 && `${count('same')} the same`,
          count('cannot') > 0 && `${count('cannot')} cannot be taken in`,
        ].filter(Boolean);
        // What is here already, the same, has nothing to be looked at.
        if (own.every((r) => r.state === 'same'))
          return (
            <p key={kind} className="border-rule border-t py-2">
              <strong>{CARRIED_KINDS[kind] ?? kind}</strong> <span className="text-soft">{said.join(', ')}</span>
            </p>
          );
        return (
          <details key={kind} className="border-rule border-t" open={own.some((r) => r.why !== null)}>
            <summary className="cursor-pointer py-2">
              <strong>{CARRIED_KINDS[kind] ?? kind}</strong> <span className="text-soft">{said.join(', ')}</span>
            </summary>
            {count('differs') > 1 && (
              <Check
                className="pl-2"
                checked={theirs.has(`${kind}/*`)}
                onCheck={(on) => onTheirs(toggled(theirs, `${kind}/*`, on))}
              >
                take the file’s of all {count('differs')}
              </Check>
            )}
            <ul className="max-h-80 overflow-auto pb-2 pl-2">
              {own
                .filter((r) => r.state !== 'same')
                .map((r) => (
                  <li key={keyOfRow(r)} className="flex flex-wrap items-center gap-x-4">
                    {r.state === 'new' ? (
                      <Check
                        checked={!without.has(keyOfRow(r))}
                        onCheck={(on) => onWithout(toggled(without, keyOfRow(r), !on))}
                      >
                        {r.title} {r.why !== null && <span className="text-soft text-sm">{r.why}</span>}
                      </Check>
                    ) : r.state === 'differs' ? (
                      <>
                        <span className="min-w-0 [overflow-wrap:anywhere]">
                          {r.title} <span className="text-soft text-sm">{r.why}</span>
                        </span>
                        <Check
                          checked={theirs.has(keyOfRow(r)) || theirs.has(`${kind}/*`)}
                          onCheck={(on) => onTheirs(toggled(theirs, keyOfRow(r), on))}
                        >
                          take the file’s
                        </Check>
                      </>
                    ) : (
                      <span className="min-w-0 py-1 [overflow-wrap:anywhere]">
                        {r.title}: <span className="text-mustard">{r.why}</span>
                      </span>
                    )}
                  </li>
                ))}
            </ul>
          </details>
        );
      })}
    </div>
  );
}
