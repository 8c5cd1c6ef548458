import { useRef } from 'react';
import { Link, useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { copyOfProgram } from '../../core/program/copy-program.ts';
import type { Program } from '../../core/program/program.ts';
import { allowanceWords, ruleWords } from '../../core/program/program-words.ts';
import { useHousehold } from '../context/household-context.ts';
import { useRemovedPrograms } from '../data/queries.ts';
import { Page } from '../kit/page.tsx';
import { sayError } from '../kit/say-error.ts';
import { ListsDrawnAnew } from './lists-drawn-anew.tsx';
import { isShippedProgram } from './own-programs.ts';
import { programFromFile } from './program-file.ts';
import { useProgramChanges } from './use-program-changes.ts';

/** The programs of a household: its own first, then those to try it with. */
export function ProgramsPage() {
  const { household, programs } = useHousehold();
  const { data: removed = [] } = useRemovedPrograms(household.id);
  const changes = useProgramChanges();
  const navigate = useNavigate();
  const file = useRef<HTMLInputElement>(null);
  const own = programs.filter((p) => !isShippedProgram(p));
  const shipped = programs.filter(isShippedProgram);
  const take = async (chosen: File) => {
    try {
      const program = programFromFile(await chosen.text(), uuid(), programs);
      if (await changes.add(program)) navigate(program.id);
    } catch (e) {
      sayError(e);
    }
  };
  const begin = async (how: 'change' | 'teach') => {
    const copy = copyOfProgram(
      shipped[0]!,
      uuid(),
      programs.map((p) => p.mark),
    );
    if (await changes.add(copy)) navigate(`${copy.id}/${how}`);
  };
  return (
    <Page
      heading="Programs"
      about="A program says what counts how much, what does not count, and how much there is a day."
      actions={
        <>
          <button type="button" className="btn btn-main" onClick={() => begin('change')}>
            Enter your own
          </button>
          <button type="button" className="btn" onClick={() => begin('teach')}>
            Teach one
          </button>
          <button type="button" className="btn" onClick={() => file.current?.click()}>
            From a file
          </button>
          <input
            ref={file}
            type="file"
            accept="application/json,.json"
            className="hidden"
            tabIndex={-1}
            onChange={(e) => {
              const [chosen] = e.target.files ?? [];
              e.target.value = '';
              if (chosen) void take(chosen);
            }}
          />
        </>
      }
    >
      {programs.some((p) => isShippedProgram(p) && p.revision > 1) && (
        <ListsDrawnAnew key={household.id} household={household.id} />
      )}
      <section aria-label="Your own" className="mt-6">
        <h2 className="text-xl">Your own</h2>
        {own.length === 0 ? (
          <p className="mt-1 max-w-xl text-soft">
            None yet. Have the booklet of your program at hand: you enter what a point is, what does not count, and what
            there is a day. It takes some minutes, and every recipe is counted by it from then on.
          </p>
        ) : (
          <ProgramRows programs={own} />
        )}
        {removed.length > 0 && (
          <p className="mt-3 flex flex-wrap items-center gap-2 text-soft">
            Removed:
            {removed.map((p) => (
              <button key={p.id} type="button" className="btn btn-small" onClick={() => changes.restore(p)}>
                Bring back {p.name}
              </button>
            ))}
          </p>
        )}
      </section>
      <section aria-label="To try it with" className="mt-8">
        <h2 className="text-xl">To try it with</h2>
        <p className="mt-1 text-soft">All of these are invented: they are no advice and nobody’s real program.</p>
        <ProgramRows programs={shipped} />
      </section>
      <p className="mt-6">
        <Link to="moved" className="press underline">
          What changes have moved: recipes, pins and cards
        </Link>
      </p>
      {programs.length > 1 && (
        <p className="mt-2">
          <Link to="compare" className="press underline">
            Two programs side by side, over the whole pantry
          </Link>
        </p>
      )}
    </Page>
  );
}

function ProgramRows({ programs }: { readonly programs: readonly Program[] }) {
  const { eaters } = useHousehold();
  return (
    <ul className="mt-2 border-rule border-t">
      {programs.map((p) => {
        const by = eaters.filter((e) => e.programId === p.id).map((e) => e.name);
        return (
          <li key={p.id} className="border-rule border-b">
            <Link to={p.id} className="flex gap-3 px-2 py-3 hover:bg-beet-wash">
              <span className="mark mt-0.5 self-start">{p.mark}</span>
              <span className="min-w-0 flex-1">
                <span className="font-bold font-head text-lg" dir="auto">
                  {p.name}
                </span>{' '}
                <span className="text-soft">{p.idea}</span>
                <span className="block text-sm">{ruleWords(p.rule)}</span>
                <span className="block text-sm text-soft">
                  {allowanceWords(p)}
                  {by.length > 0 && ` · ${by.join(', ')} ${by.length === 1 ? 'counts' : 'count'} by it`}
                </span>
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
