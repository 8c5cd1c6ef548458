import { Command } from 'cmdk';
import { useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import { useHousehold } from '../context/household-context.ts';
import { useRecipeSearch } from '../data/queries.ts';
import { useFoodSearch } from '../data/use-food-search.ts';

/** Finds recipes and places by typing. */
export default function CommandMenu({ onClose, onKeys }: { onClose: () => void; onKeys: () => void }) {
  const { household, programs } = useHousehold();
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const asked = useDeferredValue(typed);
  const { data: recipes } = useRecipeSearch(household.id, asked, 20);
  const foods = useFoodSearch(household.id, asked, []);
  const go = (path: string) => {
    onClose();
    navigate(`/h/${household.id}/${path}`);
  };
  return (
    <Command.Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      label="Find anything"
      overlayClassName="fixed inset-0 z-40 bg-black/40"
      contentClassName="panel fixed left-1/2 top-24 z-50 w-[min(34rem,92vw)] -translate-x-1/2 overflow-hidden p-0"
    >
      <Command.Input
        autoFocus
        placeholder="A recipe, a food, a place…"
        value={typed}
        onValueChange={setTyped}
        className="w-full border-ink border-b-2 bg-transparent px-4 py-3 text-lg outline-none focus-visible:border-beet"
      />
      <Command.List className="max-h-[50vh] overflow-auto p-2 [&_[cmdk-item]]:rounded-lg [&_[cmdk-item]]:px-3 [&_[cmdk-item]]:py-2 [&_[cmdk-item][data-selected=true]]:bg-beet-wash [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft">
        <Command.Empty className="px-3 py-4 text-soft">Nothing of that name.</Command.Empty>
        <Command.Group heading="Places">
          <Command.Item onSelect={() => go('recipes')}>Recipes</Command.Item>
          <Command.Item onSelect={() => go('recipes/feasts')}>Feasts</Command.Item>
          <Command.Item
            onSelect={() => go('recipes/together?of=plate')}
            keywords={['plate', 'pass on', 'together', 'post']}
          >
            Several dishes at once
          </Command.Item>
          <Command.Item onSelect={() => go('booklets')} keywords={['book', 'epub', 'print', 'bind']}>
            Booklet
          </Command.Item>
          <Command.Item onSelect={() => go('week')} keywords={['day', 'today', 'allowance', 'eaten', 'meals']}>
            Week: a day
          </Command.Item>
          <Command.Item onSelect={() => go('week/plan')} keywords={['board', 'pots', 'calendar']}>
            Week: the plan
          </Command.Item>
          <Command.Item onSelect={() => go('week/shopping')} keywords={['shopping', 'list', 'buy']}>
            Week: what is to get
          </Command.Item>
          <Command.Item onSelect={() => go('week/back')} keywords={['history', 'charts']}>
            Week: looking back
          </Command.Item>
          <Command.Item onSelect={() => go('pantry')}>Pantry</Command.Item>
          <Command.Item onSelect={() => go('pantry/stock')}>In the house</Command.Item>
          <Command.Item onSelect={() => go('pantry/boxes')}>Boxes in the fridge and the freezer</Command.Item>
          <Command.Item onSelect={() => go('pantry/swaps')}>Swaps</Command.Item>
          <Command.Item onSelect={() => go('pantry/plate')}>A plate</Command.Item>
          <Command.Item onSelect={() => go('pantry/compare')}>Two foods side by side</Command.Item>
          <Command.Item onSelect={() => go('pantry/files')}>Foods in and out as files</Command.Item>
          <Command.Item
            onSelect={() => go('household')}
            keywords={['eaters', 'allergies', 'settings', 'dark', 'measures']}
          >
            Household
          </Command.Item>
          <Command.Item
            onSelect={() => go('programs')}
            keywords={[
              'points',
              'rule',
              'formula',
              'uncounted',
              'allowance',
              ...programs.flatMap((p) => [p.name, p.mark]),
            ]}
          >
            Programs: their rules and what they do not count
          </Command.Item>
          <Command.Item onSelect={() => go('programs/compare')}>Two programs side by side</Command.Item>
          <Command.Item onSelect={() => go('programs/moved')}>What changes have moved</Command.Item>
          <Command.Item onSelect={() => go('bring-in')}>Bring in a recipe</Command.Item>
          <Command.Item
            onSelect={() => {
              onClose();
              onKeys();
            }}
          >
            Keys
          </Command.Item>
        </Command.Group>
        {foods && foods.length > 0 && (
          <Command.Group heading="Foods">
            {foods.slice(0, 6).map((f) => (
              <Command.Item key={f.id} value={`${typed} ${f.name} ${f.id}`} onSelect={() => go(`pantry/${f.id}`)}>
                {f.name}
              </Command.Item>
            ))}
          </Command.Group>
        )}
        <Command.Group heading="Recipes">
          {(recipes?.rows ?? []).map((r) => (
            <Command.Item key={r.id} value={`${typed} ${r.title} ${r.id}`} onSelect={() => go(`recipes/${r.id}`)}>
              {r.title}
            </Command.Item>
          ))}
        </Command.Group>
      </Command.List>
    </Command.Dialog>
  );
}
