import type { Picture } from '../../contract/picture.ts';
import { pictureAt } from '../components/pictures.tsx';
import { useHousehold } from '../context/household-context.ts';

interface KeptPagesProps {
  readonly pictures: readonly Picture[];
  /** Whether something has to be looked up on it. */
  readonly isAsked: boolean;
}

/** The page that a recipe came from, large enough to be read beside its lines. */
export function KeptPages({ pictures, isAsked }: KeptPagesProps) {
  const { household } = useHousehold();
  const pages = pictures.filter((p) => p.kind === 'page');
  if (pages.length === 0) return null;
  return (
    <details className="mt-4" open={isAsked}>
      <summary className="cursor-pointer py-2 font-semibold">Look at the page that it came from</summary>
      {pages.map((p, i) => (
        <div key={p.id} className="mb-2 max-h-96 overflow-auto rounded-lg border border-rule">
          <img
            src={pictureAt(household.id, p.id, 'large')}
            alt={pages.length > 1 ? `Page ${i + 1} that it came from` : 'The page that it came from'}
            className="w-full"
          />
        </div>
      ))}
    </details>
  );
}
