import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { Cook } from '../../core/cook/cook.ts';
import type { StepTime } from '../../core/stove/step-times.ts';
import type { StepAtStove } from '../../core/stove/steps-at-stove.ts';
import type { Version } from '../../core/version/version.ts';
import { useCount } from '../context/recipe-context.ts';
import { Different } from '../dish-up/different.tsx';
import type { Cooks } from '../dish-up/use-cook.ts';
import { Menu } from '../kit/menu.tsx';
import { Modal } from '../kit/modal.tsx';
import type { Row } from '../saving/use-document.ts';
import type { VersionEditor } from '../saving/version-editor.ts';
import { CookedIn } from './cooked-in.tsx';
import { OvenDialog } from './oven-dialog.tsx';
import { OwnTimerDialog } from './own-timer-dialog.tsx';
import { RestDialog } from './rest-dialog.tsx';
import { UsesDialog } from './uses-dialog.tsx';

interface StepChangeProps {
  readonly cook: Row<Cook>;
  readonly cooks: Cooks;
  readonly editor: VersionEditor;
  readonly version: Version;
  /** The version in the words of what is in it now. */
  readonly told: Version;
  readonly step: StepAtStove;
  readonly onTimer: (time: Omit<StepTime, 'said'>) => void;
}

const CHANGES_ASKED = {
  uses: 'What goes in here',
  different: 'Something was different',
  rest: 'Half of the rest, or another amount',
  timer: 'A timer of my own',
  way: 'Cook it another way',
  oven: 'My oven runs hot or cold',
} as const;
type ChangeAsked = keyof typeof CHANGES_ASKED;

/** What is not as the step says: what goes in, how much, how it is cooked. */
export function StepChange({ cook, cooks, editor, version, told, step, onTimer }: StepChangeProps) {
  const [asked, setAsked] = useState<ChangeAsked | null>(null);
  const close = (): void => setAsked(null);
  return (
    <>
      <Menu button="Change" buttonClass="btn min-h-16 px-4 text-lg sm:px-5" side="top" align="start">
        {(Object.keys(CHANGES_ASKED) as ChangeAsked[]).map((a) => (
          <DropdownMenu.Item key={a} className="menu-item" onSelect={() => setAsked(a)}>
            {CHANGES_ASKED[a]}
          </DropdownMenu.Item>
        ))}
      </Menu>
      {asked === 'uses' && <UsesDialog editor={editor} version={version} told={told} step={step} onClose={close} />}
      {asked === 'different' && (
        <Modal title={CHANGES_ASKED.different} wide onClose={close}>
          <DifferentHere cook={cook} cooks={cooks} editor={editor} version={version} />
        </Modal>
      )}
      {asked === 'rest' && <RestDialog cook={cook} cooks={cooks} version={version} told={told} onClose={close} />}
      {asked === 'timer' && (
        <OwnTimerDialog
          onStart={(time) => {
            onTimer(time);
            close();
          }}
          onClose={close}
        />
      )}
      {asked === 'way' && (
        <Modal title={CHANGES_ASKED.way} wide onClose={close}>
          <CookedIn
            version={told}
            chosen={cook.otherWay}
            onChoose={(id) => void cooks.change(cook, { otherWay: id }, 'Another way of cooking it')}
          />
          <p className="mt-3 text-soft text-sm">Where nothing stands here, it is cooked only as its steps say.</p>
        </Modal>
      )}
      {asked === 'oven' && <OvenDialog onClose={close} />}
    </>
  );
}

/** The count is made only where it is asked for. */
function DifferentHere({
  cook,
  cooks,
  editor,
  version,
}: Pick<StepChangeProps, 'cook' | 'cooks' | 'editor' | 'version'>) {
  const { count } = useCount(version);
  return <Different cook={cook} editor={editor} version={version} count={count} onDiffered={cooks.differed} />;
}
