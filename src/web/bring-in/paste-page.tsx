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

/** Where a recipe is pasted or typed as it is written. */
export function PastePage() {
  const paste = usePaste();
  const { text, setText, problem, sending } = paste;
  return (
    <main className="mx-auto grid max-w-6xl gap-6 px-4 py-5 md:px-8 lg:grid-cols-[1fr_21rem]">
      <div>
        <h1 className="text-3xl">Bring in a recipe</h1>
        <label htmlFor="paste" className="mt-1 mb-3 block text-soft">
          Paste it as it is written, or type it: title, servings, ingredients one a line, steps, where it is from.
        </label>
        <textarea
          id="paste"
          className="field plain-text min-h-[24rem] font-sans text-[1.05rem] leading-relaxed lg:min-h-[calc(100dvh-16rem)]"
          placeholder={EXAMPLE}
          value={text}
          onChange={(e) => setText(e.target.value)}
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
          {text !== '' && (
            <button type="button" className="btn" onClick={() => setText('')}>
              Clear
            </button>
          )}
        </div>
      </div>
      <ReadSoFar read={paste.read} lines={paste.lines} tooLong={paste.tooLong} />
    </main>
  );
}
