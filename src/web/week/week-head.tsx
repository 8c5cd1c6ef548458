import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { useHousehold } from '../context/household-context.ts';
import { PageTitle } from '../kit/page-title.tsx';

const WEEK_PAGES = [
  { to: '', name: 'A day' },
  { to: '/plan', name: 'Plan' },
  { to: '/prep', name: 'Prep day' },
  { to: '/shopping', name: 'To get' },
  { to: '/back', name: 'Looking back' },
] as const;

/** The head of every page of the week: its title, its pages, what can be done on it. */
export function WeekHead({ title, about, children }: { title: string; about?: string; children?: ReactNode }) {
  const { household } = useHousehold();
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div className="min-w-0">
          <PageTitle of={[title, title === 'Week' ? null : 'Week']} />
          <h1 className="text-3xl">{title}</h1>
          {about && <p className="text-soft">{about}</p>}
        </div>
        <div className="no-print flex flex-wrap gap-2">{children}</div>
      </div>
      <nav aria-label="Pages of the week" className="no-print mt-3 flex flex-wrap gap-x-4 gap-y-1 border-ink border-b">
        {WEEK_PAGES.map((p) => (
          <NavLink
            key={p.to}
            to={`/h/${household.id}/week${p.to}`}
            end
            className="-mb-px border-transparent border-b-4 px-1 py-1.5 hover:border-rule aria-[current=page]:border-beet aria-[current=page]:font-semibold"
          >
            {p.name}
          </NavLink>
        ))}
      </nav>
    </>
  );
}
