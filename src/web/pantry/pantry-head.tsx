import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { useHousehold } from '../context/household-context.ts';
import { PageTitle } from '../kit/page-title.tsx';

const PANTRY_PAGES = [
  { to: '', name: 'Foods' },
  { to: '/stock', name: 'In the house' },
  { to: '/boxes', name: 'Boxes' },
  { to: '/swaps', name: 'Swaps' },
  { to: '/plate', name: 'A plate' },
  { to: '/compare', name: 'Side by side' },
  { to: '/files', name: 'In and out' },
] as const;

/** The head of every page of the pantry: its title, its shelves, what can be done on it. */
export function PantryHead({ title, about, children }: { title: string; about: string; children?: ReactNode }) {
  const { household } = useHousehold();
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <PageTitle of={[title, title === 'Pantry' ? null : 'Pantry']} />
          <h1 className="text-3xl">{title}</h1>
          <p className="text-soft">{about}</p>
        </div>
        <div className="flex flex-wrap gap-2">{children}</div>
      </div>
      <nav aria-label="Shelves of the pantry" className="mt-3 flex flex-wrap gap-x-4 gap-y-1 border-ink border-b">
        {PANTRY_PAGES.map((s) => (
          <NavLink
            key={s.to}
            to={`/h/${household.id}/pantry${s.to}`}
            end
            className="-mb-px border-transparent border-b-4 px-1 py-1.5 hover:border-rule aria-[current=page]:border-beet aria-[current=page]:font-semibold"
          >
            {s.name}
          </NavLink>
        ))}
      </nav>
    </>
  );
}
