import { minutesSaid } from '../../core/quantity/minutes-said.ts';
import type { OpenPlan } from './use-plan.ts';

interface OrderSaidProps {
  readonly open: OpenPlan;
  readonly hasDishes: boolean;
  readonly isBegun: boolean;
  readonly onAnew: () => void;
  readonly onClose: () => void;
}

/** How good the order is: proved, still looked for, within so much, moved by hand. */
export function OrderSaid({
  open: { order, stop, isKept, plan },
  hasDishes,
  isBegun,
  onAnew,
  onClose,
}: OrderSaidProps) {
  if (!hasDishes) return null;
  if (isBegun) return null;
  if (isKept) {
    return (
      <p className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1 text-soft">
        The order was moved by hand.
        <button type="button" className="btn btn-plain btn-small" onClick={onClose}>
          Close the gaps
        </button>
        <button type="button" className="btn btn-plain btn-small" onClick={onAnew}>
          Work it out anew
        </button>
      </p>
    );
  }
  switch (order.kind) {
    case 'none':
      return null;
    case 'searching':
      return (
        <p className="mt-1 flex flex-wrap items-center gap-3 text-soft" role="status">
          Looking for a shorter order…
          {order.best !== null && (
            <button type="button" className="btn btn-small" onClick={stop}>
              This one will do
            </button>
          )}
        </p>
      );
    case 'found': {
      if (order.proved) return <p className="mt-1 text-soft">No order of these tasks is shorter: that is proved.</p>;
      const gap = plan === null ? 0 : plan.schedule.minutes - order.least;
      return <p className="mt-1 text-soft">At most {minutesSaid(gap)} longer than the shortest that can be.</p>;
    }
    case 'stopped':
      return <p className="mt-1 text-soft">Perhaps there is a shorter order: the search was ended.</p>;
    case 'impossible':
      return (
        <p className="note mt-2" role="alert">
          In this kitchen it does not work out: give it one more bowl or burner, or take a dish off.
        </p>
      );
    case 'failed':
      return (
        <p className="note mt-2" role="alert">
          The order could not be worked out. {order.words}
        </p>
      );
  }
}
