import { lazy, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { useHouseholds } from '../data/queries.ts';
import { Modal } from '../kit/modal.tsx';

const LazyStartDialog = lazy(() => import('./start-dialog.tsx'));

/** The way to a household of one's own: asked once what is needed; whoever has one is led there, and asked twice. */
export function StartOwn({ className = 'btn btn-main' }: { className?: string }) {
  const { data: households = [] } = useHouseholds();
  const navigate = useNavigate();
  const [step, setStep] = useState<'closed' | 'had' | 'start'>('closed');
  const own = households.filter((h) => !h.demo);
  return (
    <>
      <button type="button" className={className} onClick={() => setStep(own.length > 0 ? 'had' : 'start')}>
        {own.length > 0 ? 'Start another household' : 'Start my own'}
      </button>
      {step === 'had' && (
        <Modal title="You have one already" onClose={() => setStep('closed')}>
          <p>Recipes, pantry and table of one household are not those of another.</p>
          <div className="mt-4 flex flex-wrap gap-2">
            {own.map((h) => (
              <button
                key={h.id}
                type="button"
                className="btn btn-main"
                onClick={() => {
                  setStep('closed');
                  navigate(`/h/${h.id}/recipes`);
                }}
              >
                Go to {h.name}
              </button>
            ))}
            <button type="button" className="btn" onClick={() => setStep('start')}>
              Start another one
            </button>
          </div>
        </Modal>
      )}
      {step === 'start' && (
        <Suspense>
          <LazyStartDialog taken={own.map((h) => h.name)} onClose={() => setStep('closed')} />
        </Suspense>
      )}
    </>
  );
}
