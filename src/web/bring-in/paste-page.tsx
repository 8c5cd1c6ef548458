import { type DragEvent, useState } from 'react';
import { photoText } from '../../core/photo/photo-text.ts';
import { decodeText } from '../../core/quantity/decode-text.ts';
import { PageTitle } from '../kit/page-title.tsx';
import { sayError } from '../kit/say-error.ts';
import { PhotoReading } from '../photo/photo-reading.tsx';
import { TakePhoto } from '../photo/take-photo.tsx';
import { usePhoto } from '../photo/use-photo.ts';
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

/** Files that hold words: a saved page, a mail, notes, data, a photograph. */
const ACCEPTED = '.txt,.md,.html,.htm,.json,.eml,text/*,application/json,image/*';

/** Where a recipe is pasted, dropped or typed as it is written. */
export function PastePage() {
  const paste = usePaste();
  const { text, setText, problem, sending } = paste;
  const [over, setOver] = useState(false);
  const photo = usePhoto();
  const open = async (file: File | undefined) => {
    if (file === undefined) return;
    if (file.type.startsWith('image/')) return photo.open(file);
    const read = decodeText(new Uint8Array(await file.arrayBuffer()));
    if (read === null) sayError(new Error(`${file.name} is no text. Save the page as text or HTML first.`));
    else setText(read);
  };
  const drop = (e: DragEvent) => {
    e.preventDefault();
    setOver(false);
    void open(e.dataTransfer.files[0]);
  };
  const reading = photo.state;
  if (reading !== null) {
    return (
      <main className="page">
        <PageTitle of={['Bring in a photograph']} />
        <h1 className="mb-3 text-3xl">Bring in a photograph</h1>
        <PhotoReading
          state={reading}
          onAnswer={photo.answer}
          onType={photo.type}
          onLeaveOut={photo.leaveOut}
          onClose={photo.putAway}
          onTake={(lines) => {
            if (reading.is === 'read') paste.takePhoto(photoText(lines), reading);
            photo.end();
          }}
        />
      </main>
    );
  }
  return (
    <main className="page grid gap-6 lg:grid-cols-[1fr_24rem]">
      <div className="min-w-0">
        <PageTitle of={['Bring in a recipe']} />
        <h1 className="text-3xl">Bring in a recipe</h1>
        <label htmlFor="paste" className="mt-1 mb-3 block text-soft">
          Paste it as you found it: a page, a mail, a note, the back of a box. Or type it, one ingredient a line, or
          drop a file here.
        </label>
        <div className={paste.pages.length > 0 ? 'grid gap-4 lg:grid-cols-2' : ''}>
          {paste.pages.length > 0 && (
            <div>
              {paste.pages.map((page, i) => (
                <PageBeside
                  key={page.picture}
                  picture={page.picture}
                  place={paste.pages.length > 1 ? i + 1 : null}
                  onRemove={() => paste.removePage(page)}
                />
              ))}
            </div>
          )}
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
        </div>
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
          <TakePhoto words="Photograph a page" onPhoto={photo.open} />
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

interface PageBesideProps {
  readonly picture: string;
  readonly place: number | null;
  readonly onRemove: () => void;
}

/** A photographed page beside its text: it is kept with the recipe. */
function PageBeside({ picture, place, onRemove }: PageBesideProps) {
  const name = place === null ? 'The photographed page' : `Photographed page ${place}`;
  return (
    <figure className="mb-3">
      <div className="max-h-80 overflow-auto lg:max-h-[calc(100dvh-18rem)] rounded-lg border border-rule">
        <img src={picture} alt={name} className="w-full" />
      </div>
      <figcaption className="mt-1 flex items-center justify-between gap-2 text-soft text-sm">
        {name}, kept with the recipe.
        <button type="button" className="btn btn-plain btn-small" onClick={onRemove}>
          Do not keep it
        </button>
      </figcaption>
    </figure>
  );
}
