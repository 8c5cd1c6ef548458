import type { ReactNode } from 'react';
import type { AnyDocument } from '../saving/documents.ts';
import { SAVE_WORDS } from '../saving/save-words.ts';
import type { Shown } from '../saving/saved-document.ts';
import { sayError } from './say-error.ts';

/** Whether a document is saved, in a word. */
export function SaveState({ shown }: { shown: Pick<Shown<unknown, unknown>, 'save'> }) {
  return (
    <span role="status" className={`text-sm ${shown.save === 'offline' ? 'text-mustard' : 'text-soft'}`}>
      {SAVE_WORDS[shown.save]}
    </span>
  );
}

interface SaveQuestionProps {
  readonly saved: AnyDocument;
  readonly shown: Shown<unknown, unknown>;
  /** What it is: "This version", "Anna". */
  readonly what: string;
  /** Further answers, such as keeping both. */
  readonly children?: ReactNode;
}

/** What the cook has to know or decide about saving: a refusal, or a question that says what differs. */
export function SaveQuestion({ saved, shown, what, children }: SaveQuestionProps) {
  const attempt = (work: Promise<void>) => void work.catch(sayError);
  if (shown.save === 'refused') {
    return (
      <div role="alert" className="note mt-2 flex flex-wrap items-center gap-3">
        <span>
          {what} could not be changed. {shown.refusal}
        </span>
        <button type="button" className="btn btn-small" onClick={() => saved.forgetRefusal()}>
          Good
        </button>
      </div>
    );
  }
  if (shown.save !== 'conflict') return null;
  return (
    <div className="note mt-2" role="alert">
      <p>{what} was changed elsewhere in the meantime. Nothing of yours is lost.</p>
      <ul className="mt-1 list-disc pl-5">
        {shown.differences.map((d) => (
          <li key={`${d.what} ${d.here} ${d.there}`}>
            {d.what}: here {d.here}, there {d.there}
          </li>
        ))}
      </ul>
      <p className="mt-2 flex flex-wrap gap-2">
        {children}
        <button type="button" className="btn btn-small" onClick={() => attempt(saved.putMine())}>
          Mine holds
        </button>
        <button type="button" className="btn btn-small" onClick={() => attempt(saved.takeTheirs())}>
          The other holds
        </button>
      </p>
    </div>
  );
}
