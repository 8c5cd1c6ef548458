import { useState } from 'react';
import type { Cook } from '../../core/cook/cook.ts';
import { scaleTheRest } from '../../core/stove/scale-the-rest.ts';
import type { Line, Version } from '../../core/version/version.ts';
import type { Cooks } from '../dish-up/use-cook.ts';
import { Modal } from '../kit/modal.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { sayDone } from '../kit/say-done.ts';
import type { Row } from '../saving/use-document.ts';
import { useAsCooked } from './use-as-cooked.ts';

interface RestDialogProps {
  readonly cook: Row<Cook>;
  readonly cooks: Cooks;
  readonly version: Version;
  readonly told: Version;
  readonly onClose: () => void;
}

const FACTORS = { half: 0.5, 'two thirds': 2 / 3, 'one and a half': 1.5, twice: 2 } as const;
type Factor = keyof typeof FACTORS;

/** Another amount that is thought of too late: what is in stays, the rest is less or more, and it is counted as it is. */
export function RestDialog({ cook, cooks, version, told, onClose }: RestDialogProps) {
  const [factor, setFactor] = useState<Factor>('half');
  const change = useAsCooked(cook, version, cooks);
  const isIn = (l: Line): boolean =>
    Object.keys(cook.ticks).some((key) => key.endsWith(`~${l.originLineId}`)) ||
    cook.weighed[l.originLineId] !== undefined;
  const inside = told.lines.filter((l) => !l.leftOut && isIn(l));
  const rest = told.lines.filter((l) => !l.leftOut && !isIn(l));
  return (
    <Modal title="Half of the rest, or another amount" onClose={onClose}>
      <OneOfFew
        label="How much of it"
        value={factor}
        choices={(Object.keys(FACTORS) as Factor[]).map((f) => ({ value: f, words: f }))}
        onPick={setFactor}
      />
      {inside.length > 0 && (
        <p className="note mt-3">
          In already, and stays as it went in: {inside.map((l) => l.text).join('; ')}. Take the same part of it out
          where you can, and write what is left of it under "Something was different".
        </p>
      )}
      <p className="mt-3">
        {rest.length === 0 ? 'Everything is in already.' : `Changed: ${rest.map((l) => l.text).join('; ')}.`}
      </p>
      <p className="mt-2 text-soft text-sm">
        Less in the same pan lies thinner: look after two thirds of the time. More takes longer.
      </p>
      <button
        type="button"
        className="btn btn-main mt-4"
        disabled={rest.length === 0}
        onClick={() => {
          const origins = new Set(inside.map((l) => l.originLineId));
          void change(`${factor} of the rest`, (own) =>
            scaleTheRest(own, (l) => origins.has(l.originLineId), FACTORS[factor]),
          ).then((undo) => sayDone(`The rest is ${factor} now.`, undo));
          onClose();
        }}
      >
        Take {factor} of the rest
      </button>
    </Modal>
  );
}
