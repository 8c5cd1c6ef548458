import { useMemo, useState } from 'react';
import { whilePouring } from '../../core/counting/while-pouring.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { targetWords } from '../../core/scale/target-words.ts';
import type { HowWeighed } from '../../core/scale/weighed-net.ts';
import type { StepUse } from '../../core/stove/steps-at-stove.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useCount } from '../context/recipe-context.ts';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { ScaleHead } from './scale-head.tsx';
import { StopMarks } from './stop-marks.tsx';
import { useWeighing } from './use-weighing.ts';

interface WeighLineProps {
  readonly use: StepUse;
  readonly version: Version;
  /** What went in at this step, g. */
  readonly onTake: (grams: number) => void;
  readonly onClose: () => void;
}

const WEIGHED_WORDS: Readonly<Record<HowWeighed, string>> = {
  'put in': 'Into the bowl',
  'taken from': 'Out of the tub',
  'left over': 'What is left over',
};
/** Weighs a line in, with everybody's points while it runs, and a mark where to stop. */
export function WeighLine({ use, version, onTake, onClose }: WeighLineProps) {
  const { household } = useHousehold();
  const [how, setHow] = useState<HowWeighed>('put in');
  const { scale, net, zero } = useWeighing(household.id, how);
  const [written, setWritten] = useState<number | null>(null);
  const { count, eaters } = useCount(version);
  const target = use.grams ?? 0;
  const weighed = written ?? net;
  const went = weighed === null ? null : how === 'left over' ? Math.max(0, target - weighed) : weighed;
  const line = version.lines.find((l) => l.id === use.lineId);
  const elsewhere = (line?.weight?.grams ?? 0) - target;
  const grams = Math.round(went ?? 0);
  const marks = useMemo(() => {
    const counters = eaters.map((e) => e.counter);
    const servings = count.hasServings ? count.servings : 1;
    return whilePouring(count.lines, use.lineId, elsewhere + grams, counters, { servings }).map((p, i) => ({
      ...p,
      oneMoreAt: p.oneMoreAt === null ? null : Math.round(p.oneMoreAt - elsewhere),
      oneLessAt: p.oneLessAt === null || p.oneLessAt < elsewhere ? null : Math.floor(p.oneLessAt - elsewhere),
      key: eaters[i]!.key,
      mark: eaters[i]!.program.mark,
      name: eaters[i]!.eater.name,
    }));
  }, [count, eaters, use.lineId, elsewhere, grams]);
  return (
    <Modal title={use.words} onClose={onClose}>
      <OneOfFew
        label="How it is weighed"
        value={how}
        choices={(Object.keys(WEIGHED_WORDS) as HowWeighed[]).map((h) => ({ value: h, words: WEIGHED_WORDS[h] }))}
        onPick={setHow}
      />
      <div className="mt-4">
        <ScaleHead scale={scale} net={net} />
      </div>
      <p className="mt-1 text-lg" role="status">
        {targetWords(target, went)}
      </p>
      {count.open.length > 0 && (
        <p className="mt-2 text-mustard">So far: a line of the dish is still open, and is not in these points.</p>
      )}
      <StopMarks grams={grams} target={target} marks={marks} />
      <div className="mt-4 flex flex-wrap items-end gap-3">
        <button type="button" className="btn min-h-14 px-5 text-lg" onClick={zero}>
          {how === 'taken from' ? 'The tub is on: zero' : 'Zero'}
        </button>
        <NumberField label="or write, g" className="w-32" value={written} onValue={setWritten} />
        <button
          type="button"
          className="btn btn-main min-h-14 flex-1 basis-full px-5 text-lg sm:basis-0"
          disabled={went === null}
          onClick={() => {
            onTake(Math.round(went! * 10) / 10);
            onClose();
          }}
        >
          {went === null ? 'Take it' : `${formatGrams(grams)} went in`}
        </button>
      </div>
    </Modal>
  );
}
