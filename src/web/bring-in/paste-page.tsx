import { type DragEvent, useState } from 'react';
import { decodeText } from '../../core/quantity/decode-text.ts';
import { PageTitle } from '../kit/page-title.tsx';
import { sayError } from '../kit/say-error.ts';
import { ReadSoFar } from './read-so-far.tsx';
import { usePaste } from './use-paste.ts';

const EXAMPLE = `Grandmother's plum dumplings
Serves 4

Ingredients
500 g potatoes
1 cup flour
1 egg
…

Steps
1. Boil the potatoes…`;

/** Files that hold words: a saved page, a mail, notes, data. */
const ACCEPTED = '.txt,.md,.html,.htm,.json,.eml,text/*,application/json';

/** Where a recipe is pasted, dropped or typed as it is written. */
export function PastePage() {
  const paste = usePaste();
  const { text, setText, problem, sending } = paste;
  const [over, setOver] = useState(false);
  const open = async (file: File | undefined) => {
    if (file === undefined) return;
    const read = decodeText(new Uint8Array(await file.arrayBuffer()));
    if (read === null) sayError(new Error(`${file.name} is no text. Save the page as text or HTML first.`));
    else setText(read);
  };
  const drop = (e: DragEvent) => {
    e.preventDefault();
    setOver(false);
    void open(e.dataTransfer.files[0]);
  };
  return (
    <main className="page grid gap-6 lg:grid-cols-[1fr_24rem]">
      <div className="min-w-0">
        <PageTitle of={['Bring in a recipe']} />
        <h1 className="text-3xl">Bring in a recipe</h1>
        <label htmlFor="paste" className="mt-1 mb-3 block text-soft">
          Paste it as you found it: a page, a mail, a note, the back of a box. Or type it, one ingredient a line, or
          drop a file here.
        </label>
        <textarea
          id="paste"
          className={`field plain-text min-h-[16rem] font-sans text-[1.05rem] leading-relaxed lg:min-h-[calc(100dvh-16rem)] ${over ? 'border-beet' : ''}`}
          placeholder={EXAMPLE}
          value={text}
          onChange={(e) => setText(e.target.value)}
          onDragOver={(e) => {
            e.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={(e) => (e.dataTransfer.files.length > 0 ? drop(e) : undefined)}
          spellCheck={false}
          aria-describedby="paste-problem"
          aria-invalid={problem !== null}
        />
        <p id="paste-problem" role="alert" className={problem ? 'note mt-3' : ''}>
          {problem}
        </p>
        <div className="mt-3 flex flex-wrap gap-2">
          <button type="button" className="btn btn-main" onClick={paste.bringIn} disabled={sending || !paste.ready}>
            {sending ? 'Bringing it in…' : 'Bring it in'}
          </button>
          <label className="btn cursor-pointer focus-within:outline-2 focus-within:outline-beet">
            Open a file
            <input
              type="file"
              className="sr-only"
              accept={ACCEPTED}
              onChange={(e) => {
                void open(e.target.files?.[0]);
                e.target.value = '';
              }}
            />
          </label>
          {text !== '' && (
            <button type="button" className="btn" onClick={() => setText('')}>
              Clear
            </button>
          )}
        </div>
      </div>
      <ReadSoFar
        page={paste.page}
        recipe={paste.recipe}
        meant={paste.meant}
        onChoose={paste.choose}
        servings={paste.servings}
        onServings={paste.setServings}
      />
    </main>
  );
}
