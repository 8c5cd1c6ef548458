import { Search } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { NavLink, Outlet, useLocation, useParams } from 'react-router';
import { HouseholdContext } from '../context/household-context.ts';
import { isTyping } from '../kit/is-typing.ts';
import { useChanges } from '../saving/use-changes.ts';
import { AtTheTable } from './at-the-table.tsx';
import { rememberHousehold } from './last-household.ts';
import { Mark } from './mark.tsx';
import { needsPassphrase, Passphrase } from './passphrase.tsx';
import { Unsettled } from './unsettled.tsx';
import { useFocusOfPage } from './use-focus-of-page.ts';
import { useOpenHousehold } from './use-open-household.ts';

const LazyCommandMenu = lazy(() => import('./command-menu.tsx'));
// Nobody waits for it: the page is there first.
const LazyTimers = lazy(() => import('../cook/timers-everywhere.tsx'));
// What is said in passing comes with its place: nothing is to be said before the first screen.
const LazyToaster = lazy(async () => ({ default: (await import('sonner')).Toaster }));
const LazyKeysDialog = lazy(() => import('./keys-dialog.tsx'));

const PLACES = [
  { to: 'recipes', name: 'Recipes' },
  { to: 'week', name: 'Week' },
  { to: 'pantry', name: 'Pantry' },
  { to: 'programs', name: 'Programs' },
  { to: 'booklets', name: 'Booklets' },
  { to: 'household', name: 'Household' },
] as const;

/** The rail with the places, the eaters at the table, and the place that is open. */
export function HouseholdLayout() {
  const { household = '' } = useParams();
  const { open: table, error } = useOpenHousehold(household);
  const { pathname } = useLocation();
  useChanges(household);
  useFocusOfPage(pathname);
  // Led step by step: nothing else is on the page.
  const atStove = /\/cook\/[^/]+$/.test(pathname);
  const [menu, setMenu] = useState(false);
  const [keys, setKeys] = useState(false);
  useEffect(() => {
    if (table) rememberHousehold(table.household.id);
  }, [table]);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'k') {
        e.preventDefault();
        setMenu((open) => !open);
      } else if (e.key === '?' && !isTyping(e)) setKeys(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  if (needsPassphrase(error)) return <Passphrase />;
  if (error && !table) throw error;
  if (!table) {
    return (
      <p className="p-10 text-soft" role="status">
        Setting the table…
      </p>
    );
  }
  return (
    <HouseholdContext value={table}>
      <a href="#place" className="btn sr-only focus:not-sr-only focus:absolute focus:z-50">
        To the content
      </a>
      <div className={`min-h-dvh print:block! print:min-h-0 ${atStove ? '' : 'md:grid md:grid-cols-[9.25rem_1fr]'}`}>
        <header
          className={`no-print ${atStove ? 'hidden' : 'flex'} items-center border-ink border-b px-1.5 py-1.5 sm:gap-x-1 sm:px-3 md:sticky md:top-0 md:h-dvh md:flex-col md:items-stretch md:border-r md:border-b-0 md:px-3.5 md:py-5`}
        >
          <NavLink
            to={`/h/${household}/recipes`}
            className="press flex items-center justify-center gap-2 max-[26rem]:hidden md:mb-6 md:justify-start"
            aria-label="Imbiss, to the recipes"
          >
            <Mark className="size-7 md:size-8" />
            <span className="hidden font-bold font-head text-[1.65rem] leading-none tracking-tight md:inline">
              Imbiss
            </span>
          </NavLink>
          <nav aria-label="Places" className="flex min-w-0 flex-1 flex-wrap sm:gap-1 md:flex-none md:flex-col">
            {PLACES.map((p) => (
              <NavLink
                key={p.to}
                to={`/h/${household}/${p.to}`}
                className="rounded-lg px-[min(2vw,0.625rem)] py-1.5 hover:bg-beet-wash aria-[current=page]:bg-ink aria-[current=page]:text-paper"
              >
                {p.name}
              </NavLink>
            ))}
          </nav>
          <button
            type="button"
            className="rounded-lg px-[min(2vw,0.625rem)] py-1.5 text-left text-soft hover:bg-beet-wash"
            onClick={() => setMenu(true)}
          >
            <Search size={20} className="sm:hidden" aria-hidden="true" />
            <span className="max-sm:sr-only">
              Find <span className="hidden text-sm md:inline">Ctrl K</span>
            </span>
          </button>
          <div className="mt-auto hidden md:block">
            <AtTheTable table={table} />
          </div>
        </header>
        <div id="place" className="min-w-0">
          <Suspense>
            <LazyTimers />
          </Suspense>
          <Unsettled householdId={household} path={pathname} />
          <Outlet />
        </div>
      </div>
      <Suspense>
        {menu && <LazyCommandMenu onClose={() => setMenu(false)} onKeys={() => setKeys(true)} />}
        {keys && <LazyKeysDialog onClose={() => setKeys(false)} />}
      </Suspense>
      <Suspense>
        <LazyToaster
          // At the stove the foot of the page is pressed with wet hands: what was done is said above it.
          position={atStove ? 'top-center' : 'bottom-center'}
          // Above the bar with the points, which stays in sight.
          mobileOffset={{ bottom: '4.5rem' }}
          toastOptions={{
            style: {
              background: 'var(--ink)',
              color: 'var(--paper)',
              border: 'none',
              fontFamily: 'var(--font-sans)',
              fontSize: '1rem',
            },
            // The way back is pressed with flour on the thumb.
            actionButtonStyle: {
              height: '2.75rem',
              padding: '0 1rem',
              fontSize: '1rem',
              background: 'var(--paper)',
              color: 'var(--ink)',
            },
          }}
        />
      </Suspense>
    </HouseholdContext>
  );
}
