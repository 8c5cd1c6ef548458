import { Link } from 'react-router';
import type { FitsAnswer } from '../../contract/week-api.ts';
import { useHousehold } from '../context/household-context.ts';

/** What may fit, but is not wholly read: nobody can say what it comes to, nor what is in it. */
export function FitsNotRead({ unread: { inAll, first } }: Pick<FitsAnswer, 'unread'>) {
  const { household } = useHousehold();
  if (inAll === 0) return null;
  return (
    <p className="mt-2 text-soft text-sm">
      {inAll === 1 ? 'One more may fit' : `${inAll} more may fit`}, but a line of {inAll === 1 ? 'it' : 'each'} is not
      read, so nobody can say what {inAll === 1 ? 'it comes' : 'they come'} to, nor what is in{' '}
      {inAll === 1 ? 'it' : 'them'}. Answer it first:{' '}
      {first.map((r, i) => (
        <span key={`${r.recipeId} ${r.title}`}>
          {i > 0 && ', '}
          <Link className="underline" to={`/h/${household.id}/recipes/${r.recipeId}/bring-in`}>
            {r.title}
          </Link>
        </span>
      ))}
      {inAll > first.length && ` and ${inAll - first.length} more`}.
    </p>
  );
}
