import { PageTitle } from '../kit/page-title.tsx';
import { Carrying } from './carrying.tsx';
import { DaysSettings } from './days-settings.tsx';
import { DemoAndOwn } from './demo-and-own.tsx';
import { EatersList } from './eaters-list.tsx';
import { Keeping } from './keeping.tsx';
import { OnAPhone } from './on-a-phone.tsx';
import { Settings } from './settings.tsx';

/** Who eats here and how the household keeps house. */
export function HouseholdPage() {
  return (
    <main className="page">
      <PageTitle of={['Household']} />
      <h1 className="text-3xl">Household</h1>
      <EatersList />
      <Settings />
      <DaysSettings />
      <DemoAndOwn />
      <OnAPhone />
      <Carrying />
      <Keeping />
    </main>
  );
}
