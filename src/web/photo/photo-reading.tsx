import { useEffect, useRef, useState } from 'react';
import type { PhotoLine } from '../../core/photo/photo-lines.ts';
import type { WordDoubt } from '../../core/photo/word-doubts.ts';
import { loadedPicture } from './loaded-picture.ts';
import { PhotoLineRow } from './photo-line-row.tsx';
import { keptLines, type PhotoState, stillAsked } from './use-photo.ts';

interface PhotoReadingProps {
  readonly state: PhotoState;
  readonly onAnswer: (index: number, doubt: WordDoubt, word: string) => void;
  readonly onType: (index: number, text: string) => void;
  readonly onLeaveOut: (index: number, isLeftOut: boolean) => void;
  /** Takes the lines that stay. */
  readonly onTake: (lines: readonly PhotoLine[]) => void;
  readonly onClose: () => void;
}

/** A photograph while it is read, and its lines beside their strips once it is. */
export function PhotoReading({ state, onClose, ...rest }: PhotoReadingProps) {
  if (state.is === 'reading') {
    return (
      <section className="panel p-5" aria-label="Reading the photograph">
        <p role="status">Reading the photograph on this device. It takes a few seconds.</p>
        <progress className="mt-2 w-full accent-beet" max={1} value={state.share} aria-label="How much is read" />
        <button type="button" className="btn mt-3" onClick={onClose}>
          Stop
        </button>
      </section>
    );
  }
  if (state.is === 'failed') {
    return (
      <section className="panel p-5" aria-label="Reading the photograph">
        <p role="alert">
          This photograph could not be read. Take a JPEG, PNG or WebP picture, flat and in good light, or type what it
          says.
        </p>
        <button type="button" className="btn mt-3" onClick={onClose}>
          Back to the text
        </button>
      </section>
    );
  }
  return <LinesOfPhoto state={state} onClose={onClose} {...rest} />;
}

type ReadProps = Omit<PhotoReadingProps, 'state'> & { readonly state: Extract<PhotoState, { is: 'read' }> };

function LinesOfPhoto({ state: { lines, picture }, onAnswer, onType, onLeaveOut, onTake, onClose }: ReadProps) {
  const image = useImage(picture);
  const section = useRef<HTMLElement>(null);
  const open = stillAsked(lines);
  const kept = keptLines(lines);
  return (
    <section ref={section} aria-label="Lines of the photograph" className="panel p-5">
      <h2 className="text-xl">Compare each line with its strip</h2>
      <p className="text-soft" role="status">
        {kept.length === 0
          ? 'No line was read. Take the picture from above, flat and in good light, or type what it says.'
          : open === 0
            ? `${kept.length} lines. Nothing is open.`
            : `${kept.length} lines, ${open} with a question. What is small, such as ½, is often lost on a picture.`}
      </p>
      <ul className="mt-2">
        {image !== null &&
          lines.map((of, i) => (
            <PhotoLineRow
              key={i}
              picture={image}
              of={of}
              place={i + 1}
              onAnswer={(doubt, word) => onAnswer(i, doubt, word)}
              onType={(text) => onType(i, text)}
              onLeaveOut={(isLeftOut) => onLeaveOut(i, isLeftOut)}
            />
          ))}
      </ul>
      <div className="mt-4 flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-main"
          disabled={open > 0 || kept.length === 0}
          onClick={() => onTake(kept)}
        >
          Take these lines
        </button>
        <button type="button" className="btn" onClick={onClose}>
          Back to the text
        </button>
        {open > 0 && (
          <button
            type="button"
            className="btn btn-plain text-mustard"
            onClick={() => section.current?.querySelector<HTMLElement>('fieldset button')?.focus()}
          >
            {open === 1 ? 'One line is open: go to it' : `${open} lines are open: go to the next`}
          </button>
        )}
      </div>
    </section>
  );
}

/** A picture once it can be drawn from. */
function useImage(address: string): HTMLImageElement | null {
  const [image, setImage] = useState<HTMLImageElement | null>(null);
  useEffect(() => {
    let isWanted = true;
    void loadedPicture(address).then((picture) => isWanted && setImage(picture));
    return () => {
      isWanted = false;
    };
  }, [address]);
  return image;
}
