import { DropdownMenu } from 'radix-ui';
import { Link } from 'react-router';
import type { Version } from '../../core/version/version.ts';
import { HistoryBar } from '../components/history-bar.tsx';
import type { OpenDocument } from '../saving/use-document.ts';
import { ScaleField } from './scale-field.tsx';
import type { Bench } from './use-bench.ts';
import { VersionName } from './version-name.tsx';

interface BenchBarProps extends OpenDocument<'versions'> {
  readonly bench: Bench;
  /** The lightened versions to choose from. */
  readonly versions: readonly Version[];
  readonly onChoose: (id: string) => void;
  readonly onFind: () => void;
  /** Makes another version of this one. */
  readonly onStart: (from: Version) => void;
  readonly starting: boolean;
}

/** What is done with a version as a whole, above its lines. */
export function BenchBar({ saved, shown, bench, versions, onChoose, onFind, onStart, starting }: BenchBarProps) {
  const { version, parent, all } = bench;
  return (
    <div className="flex flex-wrap items-center justify-between gap-2">
      <HistoryBar editor={saved} shown={shown} />
      <div className="flex flex-wrap items-center gap-2">
        <label className="sr-only" htmlFor="version">
          Version
        </label>
        <VersionSelect id="version" className="max-w-56" versions={versions} chosen={version.id} onChoose={onChoose} />
        {all.length > 2 && (
          <span className="flex items-center gap-1.5 text-sm">
            <label htmlFor="beside">beside</label>
            <VersionSelect
              id="beside"
              className="max-w-48"
              versions={all.filter((v) => v.id !== version.id)}
              chosen={parent.id}
              onChoose={bench.setBesideId}
            />
          </span>
        )}
        <button type="button" className="btn btn-main btn-small" onClick={onFind}>
          Find a way
        </button>
        <ScaleField editor={saved} version={version} />
        <VersionName key={version.name} editor={saved} version={version} />
        <AnotherVersion version={version} all={all} onStart={onStart} starting={starting} />
        <Link to={`compare?left=${parent.id}&right=${version.id}`} className="btn btn-small">
          Side by side
        </Link>
        <button type="button" className="btn btn-plain btn-small" onClick={bench.remove}>
          Remove
        </button>
      </div>
    </div>
  );
}

interface AnotherVersionProps extends Pick<BenchBarProps, 'onStart' | 'starting'> {
  readonly version: Version;
  readonly all: readonly Version[];
}

/** Makes another version: of the one in sight, or from the family's own again. */
function AnotherVersion({ version, all, onStart, starting }: AnotherVersionProps) {
  const asWritten = all.find((v) => v.kind === 'asWritten');
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="btn btn-small" disabled={starting}>
        Another version
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={document.querySelector('main')}>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          className="panel z-30 w-72 p-1.5 shadow-lg"
        >
          <DropdownMenu.Item className="menu-item" onSelect={() => onStart(version)}>
            From this one: {version.name}
          </DropdownMenu.Item>
          {asWritten && (
            <DropdownMenu.Item className="menu-item" onSelect={() => onStart(asWritten)}>
              From the one as written
            </DropdownMenu.Item>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

interface VersionSelectProps {
  readonly id: string;
  readonly className: string;
  readonly versions: readonly Version[];
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
}

function VersionSelect({ id, className, versions, chosen, onChoose }: VersionSelectProps) {
  return (
    <select id={id} className={`field w-auto ${className}`} value={chosen} onChange={(e) => onChoose(e.target.value)}>
      {versions.map((v) => (
        <option key={v.id} value={v.id}>
          {v.name}
        </option>
      ))}
    </select>
  );
}
