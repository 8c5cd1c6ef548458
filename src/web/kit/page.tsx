import type { ReactNode } from 'react';
import { PageTitle } from './page-title.tsx';

interface PageProps {
  readonly heading: string;
  /** Where the page belongs, for its title: "Pantry". */
  readonly of?: string;
  /** What it is for, in a sentence. */
  readonly about?: ReactNode;
  /** What is done from its head. */
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}

/** A page of a place: its title, its heading, what can be done on it, and what it holds. */
export function Page({ heading, of, about, actions, children }: PageProps) {
  return (
    <main className="page">
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div className="min-w-0">
          <PageTitle of={[heading, of]} />
          <h1 className="text-3xl" dir="auto">
            {heading}
          </h1>
          {about && <p className="text-soft">{about}</p>}
        </div>
        {actions && <div className="no-print flex flex-wrap gap-2">{actions}</div>}
      </div>
      {children}
    </main>
  );
}
