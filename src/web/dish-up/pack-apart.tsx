import { APART_HOW, APART_WORDS, type ApartHow, type PackedApart } from '../../core/cook/packed-apart.ts';
import type { Version } from '../../core/version/version.ts';
import { Picker } from '../kit/picker.tsx';

interface PackApartProps {
  readonly version: Version;
  readonly apart: readonly PackedApart[];
  readonly isKit: boolean;
  readonly onApart: (apart: readonly PackedApart[]) => void;
}

const PACKED_IN = 'in';

/** What goes in now, what in a cup of its own, what stays frozen, what is added on the day. */
export function PackApart({ version, apart, isKit, onApart }: PackApartProps) {
  const rest = [...new Set(version.lines.filter((l) => !l.leftOut).map((l) => l.item))].filter(
    (item) => item !== '' && !apart.some((a) => a.label === item),
  );
  const hows = APART_HOW.filter((h) => isKit || h !== 'frozen');
  return (
    <details className="mt-2" open={apart.length > 0}>
      <summary className="cursor-pointer py-1.5 font-semibold">
        {apart.length === 0 ? 'All of it goes in together' : 'Packed apart'}
      </summary>
      <ul>
        {apart.map((a) => (
          <li key={a.label} className="flex flex-wrap items-center gap-3 py-1">
            <span className="min-w-32">{a.label}</span>
            <Picker
              label={`How ${a.label} is packed`}
              labelled="unseen"
              className="w-56 max-w-full"
              value={a.how as string}
              choices={[
                ...hows.map((h) => ({ value: h as string, words: APART_WORDS[h] })),
                { value: PACKED_IN, words: 'goes in with the rest' },
              ]}
              onPick={(how) =>
                onApart(
                  how === PACKED_IN
                    ? apart.filter((x) => x !== a)
                    : apart.map((x) => (x === a ? { ...a, how: how as ApartHow } : x)),
                )
              }
            />
          </li>
        ))}
      </ul>
      {rest.length > 0 && (
        <Picker
          label="Something else apart"
          labelled="unseen"
          className="mt-1 w-56 max-w-full"
          value=""
          choices={[
            { value: '', words: 'something else apart…' },
            ...rest.map((item) => ({ value: item, words: item })),
          ]}
          onPick={(item) => item !== '' && onApart([...apart, { label: item, how: isKit ? 'onTheDay' : 'cup' }])}
        />
      )}
    </details>
  );
}
