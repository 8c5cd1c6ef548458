import { useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';
import { allowanceWords, entryWords, ruleWords } from '../../core/program/program-words.ts';
import { useHousehold } from '../context/household-context.ts';
import { useFoods } from '../data/queries.ts';

/** The programs that can be counted by, what each follows, and that they are made up. */
export function ProgramsList() {
  const { household, programs } = useHousehold();
  const { hash } = useLocation();
  const section = useRef<HTMLElement>(null);
  useEffect(() => {
    if (hash === '#programs') section.current?.scrollIntoView();
  }, [hash]);
  return (
    <section ref={section} id="programs" aria-label="Programs" className="mt-8 scroll-mt-4">
      <h2 className="text-xl">Programs to try it with</h2>
      <p className="mt-1 text-soft">
        All of them are invented: they are no advice and nobody’s real program. Points that you know of a food can be
        pinned to it.
      </p>
      {programs.some((p) => p.revision > 1) && <DrawnAnew key={household.id} household={household.id} />}
      <ul className="mt-2 border-rule border-t">
        {programs.map((p) => (
          <li key={p.id} className="flex gap-3 border-rule border-b py-2.5">
            <span className="mark mt-0.5 self-start">{p.mark}</span>
            <span className="min-w-0 flex-1">
              <span className="font-bold">{p.name}</span> <span className="text-soft">{p.idea}</span>
              <span className="block text-sm text-soft">{allowanceWords(p)}</span>
              <ListOfProgram programId={p.id} />
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The rule and the uncounted list of a program, opened when somebody wants to know. */
function ListOfProgram({ programId }: { readonly programId: string }) {
  const { household, programs } = useHousehold();
  const [open, setOpen] = useState(false);
  const program = programs.find((p) => p.id === programId)!;
  const { data: foods } = useFoods(household.id, open ? program.list.entries.flatMap((e) => e.foods) : []);
  const nameOf = (id: string): string | null => foods?.find((f) => f.id === id)?.name ?? null;
  return (
    <details className="mt-1" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer py-1 text-sm underline decoration-rule underline-offset-4">
        Its rule and its list
      </summary>
      <p className="mt-1">{ruleWords(program.rule)}</p>
      <p className="mt-2 font-semibold">Not counted</p>
      <ul className="list-disc pl-5">
        {program.list.entries.map((e) => (
          <li key={e.words}>{entryWords(e, nameOf)}</li>
        ))}
      </ul>
      <p className="mt-2 text-soft">
        Counted whatever the list says: {program.list.exclusions.map((x) => x.words).join(', ')}.
      </p>
    </details>
  );
}

/** Said once, where recipes were counted by the lists from before. */
function DrawnAnew({ household }: { readonly household: string }) {
  const key = `imbiss-drawn-anew:${household}`;
  const [told, setTold] = useState(() => localStorage.getItem(key) !== null);
  if (told) return null;
  const close = () => {
    localStorage.setItem(key, 'told');
    setTold(true);
  };
  return (
    <p className="note mt-3 flex flex-wrap items-center gap-3" role="status">
      The lists of these programs were drawn anew, and your recipes are counted by them. Targets, pinned points and
      everyone’s exceptions are as they were; cards show what they showed.
      <button type="button" className="btn btn-small" onClick={close}>
        All right
      </button>
    </p>
  );
}
