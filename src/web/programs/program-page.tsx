import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import { copyOfProgram } from '../../core/program/copy-program.ts';
import { allowanceWords, methodWords, ruleWords, taughtWords, weekWords } from '../../core/program/program-words.ts';
import { useHousehold } from '../context/household-context.ts';
import { Page } from '../kit/page.tsx';
import { Picker } from '../kit/picker.tsx';
import { saveFile } from '../kit/save-file.ts';
import { EarlierStates } from './earlier-states.tsx';
import { ListRead } from './list-read.tsx';
import { ListTester } from './list-tester.tsx';
import { isShippedProgram } from './own-programs.ts';
import { programToFile } from './program-file.ts';
import { RemoveProgram } from './remove-program.tsx';
import { useProgramChanges } from './use-program-changes.ts';
import { WorkedExample } from './worked-example.tsx';

/** One program: its rule as a sentence, a food worked out, what it does not count, and who counts by it. */
export function ProgramPage() {
  const { program: id } = useParams();
  const { household, programs, eaters } = useHousehold();
  const changes = useProgramChanges();
  const navigate = useNavigate();
  const [removing, setRemoving] = useState(false);
  const places = `/h/${household.id}/programs`;
  const program = programs.find((p) => p.id === id);
  if (program === undefined) {
    return (
      <Page heading="No such program" of="Programs" about="It may have been removed.">
        <p className="mt-4">
          <Link to={places} className="btn">
            To the programs
          </Link>
        </p>
      </Page>
    );
  }
  const own = !isShippedProgram(program);
  const by = eaters.filter((e) => e.programId === program.id);
  const others = eaters.filter((e) => e.programId !== program.id);
  const copy = async () => {
    const made = copyOfProgram(
      program,
      uuid(),
      programs.map((p) => p.mark),
    );
    if (await changes.add(made)) navigate(`${places}/${made.id}/change`);
  };
  return (
    <Page
      heading={`${program.mark} · ${program.name}`}
      of="Programs"
      about={program.idea || (own ? null : 'Invented, to try Imbiss with.')}
      actions={
        <>
          {own && (
            <>
              <Link to="change" className="btn btn-main">
                Change it
              </Link>
              <Link to="teach" className="btn">
                {program.taught === null ? 'Teach it' : 'Teach it on'}
              </Link>
            </>
          )}
          <button type="button" className={own ? 'btn' : 'btn btn-main'} onClick={copy}>
            Copy it
          </button>
          <button
            type="button"
            className="btn"
            onClick={() => saveFile(`${program.mark}.program.json`, programToFile(program), 'application/json')}
          >
            Save as a file
          </button>
          {own && (
            <button type="button" className="btn btn-plain" onClick={() => setRemoving(true)}>
              Remove
            </button>
          )}
        </>
      }
    >
      <p className="mt-4 max-w-2xl text-lg">{ruleWords(program.rule)}</p>
      {program.taught !== null && (
        <p className="mt-1 max-w-2xl">
          {taughtWords(program.taught)}{' '}
          <Link to="teach" className="underline">
            See what is still open.
          </Link>
        </p>
      )}
      <p className="mt-1 text-soft">
        {methodWords(program.by)} {allowanceWords(program)}. {weekWords(program.week)}
      </p>
      <section aria-label="Who counts by it" className="mt-4 flex flex-wrap items-end gap-x-4 gap-y-2">
        <p className="pb-2">
          {by.length === 0
            ? 'Nobody counts by it yet.'
            : `${by.map((e) => e.name).join(', ')} ${by.length === 1 ? 'counts' : 'count'} by it.`}
        </p>
        {others.length > 0 && (
          <Picker
            label="Who shall count by it"
            labelled="unseen"
            className="w-56"
            value=""
            choices={[
              { value: '', words: 'Give it to…' },
              ...others.map((e) => {
                const now = programs.find((p) => p.id === e.programId);
                return {
                  value: e.id as string,
                  words: e.name,
                  about: now === undefined ? 'does not count yet' : `counts by ${now.name}`,
                };
              }),
            ]}
            onPick={(eaterId) => {
              const eater = others.find((e) => e.id === eaterId);
              if (eater) void changes.giveTo(program, eater);
            }}
          />
        )}
      </section>
      <div className="mt-6 grid gap-x-10 gap-y-8 desk:grid-cols-[minmax(0,1fr)_26rem] desk:items-start">
        <div className="grid gap-6">
          <ListTester program={program} />
          <ListRead program={program} />
        </div>
        <WorkedExample program={program} />
      </div>
      {own && <EarlierStates program={program} />}
      {removing && (
        <RemoveProgram
          program={program}
          by={by}
          others={programs.filter((p) => p.id !== program.id)}
          onClose={() => setRemoving(false)}
          onRemove={async (then) => {
            setRemoving(false);
            if (await changes.remove(program, then)) navigate(places);
          }}
        />
      )}
    </Page>
  );
}
