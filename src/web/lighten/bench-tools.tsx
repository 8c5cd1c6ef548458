import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { memo, useState } from 'react';
import { Link } from 'react-router';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { Version } from '../../core/version/version.ts';
import { HistoryBar } from '../components/history-bar.tsx';
import { Menu } from '../kit/menu.tsx';
import { Picker } from '../kit/picker.tsx';
import type { OpenDocument } from '../saving/use-document.ts';
import { ChangesDialog } from './changes-dialog.tsx';
import { ScaleDialog } from './scale-dialog.tsx';
import { VersionNameDialog } from './version-name-dialog.tsx';

interface BenchToolsProps extends OpenDocument<'versions'> {
  readonly version: Version;
  /** The version that it stands beside. */
  readonly parent: Version;
  /** All versions of the recipe, and the lightened ones to choose from. */
  readonly all: readonly Version[];
  readonly versions: readonly Version[];
  readonly starting: boolean;
  readonly actions: BenchActions;
}

/** What is done with a version as a whole. */
export interface BenchActions {
  readonly choose: (id: string) => void;
  readonly find: () => void;
  /** Makes another version of this one. */
  readonly start: (from: Version) => void;
  readonly standBeside: (id: string) => void;
  readonly remove: () => void;
}

/** What is done with a version as a whole, in one line above its lines: what is seldom done is behind the menu. */
export const BenchTools = memo(function BenchTools(props: BenchToolsProps) {
  const { saved, shown, version, parent, all, versions, starting, actions } = props;
  const [tool, setTool] = useState<'scale' | 'name' | 'changes' | null>(null);
  const asWritten = all.find((v) => v.kind === 'asWritten');
  const isMade = !saved.isOnlyBegun;
  const others = all.filter((v) => v.id !== version.id);
  return (
    <div className="no-print flex flex-wrap items-center justify-between gap-x-3 gap-y-2">
      <div className="flex min-w-0 flex-1 items-center gap-2">
        {versions.length > 1 ? (
          <Picker
            label="Version"
            labelled="unseen"
            className="w-full max-w-72"
            value={version.id}
            choices={versions.map((v) => ({ value: v.id, words: v.name }))}
            onPick={actions.choose}
          />
        ) : (
          <h2 className="truncate text-lg">{isMade ? version.name : 'Make it lighter'}</h2>
        )}
        <Menu
          button={<Ellipsis size={22} aria-hidden="true" />}
          buttonClass="btn btn-plain btn-small px-2"
          label="More about this version"
          disabled={starting}
          className="w-80"
        >
          <DropdownMenu.Item className="menu-item" onSelect={() => setTool('scale')}>
            {version.servings === null ? 'Make more or less' : `Make more or less: for ${trimmed(version.servings, 2)}`}
          </DropdownMenu.Item>
          {isMade && (
            <>
              <DropdownMenu.Item className="menu-item" onSelect={() => setTool('changes')}>
                What was changed
              </DropdownMenu.Item>
              <DropdownMenu.Item className="menu-item" onSelect={() => setTool('name')}>
                Rename it
              </DropdownMenu.Item>
              <DropdownMenu.Item className="menu-item" onSelect={() => actions.start(version)}>
                Another version, from this one
              </DropdownMenu.Item>
              {asWritten && (
                <DropdownMenu.Item className="menu-item" onSelect={() => actions.start(asWritten)}>
                  Another version, from the one as written
                </DropdownMenu.Item>
              )}
              <DropdownMenu.Item asChild>
                <Link className="menu-item" to={`compare?left=${parent.id}&right=${version.id}`}>
                  Side by side with {parent.name}
                </Link>
              </DropdownMenu.Item>
            </>
          )}
          {others.length > 1 && (
            <DropdownMenu.RadioGroup value={parent.id} onValueChange={actions.standBeside}>
              <DropdownMenu.Label className="border-rule border-t px-3 pt-2 text-soft text-sm">
                The lines stand beside
              </DropdownMenu.Label>
              {others.map((v) => (
                <DropdownMenu.RadioItem key={v.id} value={v.id} className="menu-item">
                  {v.name}
                  <DropdownMenu.ItemIndicator> ✓</DropdownMenu.ItemIndicator>
                </DropdownMenu.RadioItem>
              ))}
            </DropdownMenu.RadioGroup>
          )}
          {isMade && (
            <>
              <DropdownMenu.Separator className="my-1 border-rule border-t" />
              <DropdownMenu.Item className="menu-item" onSelect={actions.remove}>
                Remove this version
              </DropdownMenu.Item>
            </>
          )}
        </Menu>
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <HistoryBar editor={saved} shown={shown} isUndoAtFoot />
        <button type="button" className="btn btn-main btn-small max-desk:hidden" onClick={actions.find}>
          Find a way
        </button>
      </div>
      {tool === 'scale' && <ScaleDialog editor={saved} version={version} onClose={() => setTool(null)} />}
      {tool === 'changes' && <ChangesDialog editor={saved} shown={shown} onClose={() => setTool(null)} />}
      {tool === 'name' && <VersionNameDialog editor={saved} version={version} onClose={() => setTool(null)} />}
    </div>
  );
});
