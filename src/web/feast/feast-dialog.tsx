import { useState } from 'react';
import type { Feast, Guest } from '../../core/feast/feast.ts';
import { AllergenBoxes } from '../components/allergen-boxes.tsx';
import { useHousehold } from '../context/household-context.ts';
import { Modal } from '../kit/modal.tsx';
import type { OpenFeast } from './use-feast.ts';

interface FeastDialogProps {
  readonly feast: Feast;
  readonly change: OpenFeast['change'];
  readonly onClose: () => void;
}

/** What a feast is called, when it is, for how many, and who comes from elsewhere with what they must not eat. */
export function FeastDialog({ feast, change, onClose }: FeastDialogProps) {
  const { eaters } = useHousehold();
  const [name, setName] = useState(feast.name);
  const [day, setDay] = useState(feast.day ?? '');
  const [people, setPeople] = useState(String(feast.people));
  const [guests, setGuests] = useState<readonly Guest[]>(feast.guests);
  const known = eaters.length + guests.length;
  const count = /^\d{1,3}$/.test(people.trim()) ? Number(people) : 0;
  const wrong =
    count < 1 || count > 500
      ? 'Say for how many, 1 to 500.'
      : new Set(guests.map((g) => g.name.trim())).size < guests.length || guests.some((g) => g.name.trim() === '')
        ? 'Every guest has a name of their own.'
        : null;
  const set = (at: number, next: Partial<Guest>) => setGuests(guests.map((g, i) => (i === at ? { ...g, ...next } : g)));
  return (
    <Modal title="Name, day, guests" onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (wrong !== null) return;
          change('Change the feast', {
            name: name.trim().slice(0, 120) || feast.name,
            day: day === '' ? null : day,
            guests: guests.map((g) => ({ ...g, name: g.name.trim() })),
            people: Math.max(count, known),
          });
          onClose();
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <label className="col-span-2">
            <span className="label">Feast</span>
            <input className="field" maxLength={120} value={name} onChange={(e) => setName(e.target.value)} />
          </label>
          <label>
            <span className="label">Day</span>
            <input type="date" className="field" value={day} onChange={(e) => setDay(e.target.value)} />
          </label>
          <label>
            <span className="label">For how many</span>
            <input inputMode="numeric" className="field" value={people} onChange={(e) => setPeople(e.target.value)} />
          </label>
        </div>
        <h3 className="mt-5 text-lg">Guests</h3>
        <p className="text-soft text-sm">
          Whoever must not eat something has a name here. Everybody else is only counted.
        </p>
        <ul>
          {guests.map((g, i) => (
            <li key={i} className="border-rule border-b py-3">
              <div className="flex gap-2">
                <input
                  className="field"
                  aria-label="Name of the guest"
                  placeholder="Aunt Berthe"
                  maxLength={80}
                  value={g.name}
                  onChange={(e) => set(i, { name: e.target.value })}
                />
                <button
                  type="button"
                  className="btn btn-plain"
                  onClick={() => setGuests(guests.filter((_, n) => n !== i))}
                >
                  Remove
                </button>
              </div>
              <details className="mt-1">
                <summary className="min-h-touch cursor-pointer py-2.5">
                  {g.allergies.length + g.avoids.length === 0 ? 'eats everything' : guestSaid(g)}
                </summary>
                <AllergenBoxes
                  legend="Allergic to"
                  chosen={g.allergies}
                  onChange={(allergies) => set(i, { allergies })}
                />
                <label className="mt-2 block">
                  <span className="label">Does not eat</span>
                  <input
                    className="field"
                    placeholder="liver, coriander leaf"
                    defaultValue={g.avoids.join(', ')}
                    onChange={(e) =>
                      set(i, {
                        avoids: e.target.value
                          .split(',')
                          .map((w) => w.trim())
                          .filter(Boolean)
                          .slice(0, 60),
                      })
                    }
                  />
                </label>
              </details>
            </li>
          ))}
        </ul>
        <button
          type="button"
          className="btn mt-3"
          onClick={() => setGuests([...guests, { name: '', allergies: [], avoids: [] }])}
        >
          One more guest
        </button>
        <p role="alert" className="mt-3 text-beet">
          {wrong}
        </p>
        <button type="submit" className="btn btn-main mt-2" disabled={wrong !== null}>
          Save
        </button>
      </form>
    </Modal>
  );
}

const guestSaid = (g: Guest): string =>
  [
    g.allergies.length > 0 && `${g.allergies.length === 1 ? 'an allergy' : `${g.allergies.length} allergies`}`,
    g.avoids.length > 0 && `no ${g.avoids.join(', no ')}`,
  ]
    .filter(Boolean)
    .join(', ');
