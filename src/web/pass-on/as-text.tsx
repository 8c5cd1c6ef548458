import { Copy, ImageDown, Share2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { Card } from '../../core/card/card.ts';
import { lengthOf, type PostText, type PostWish, postText } from '../../core/card/post-text.ts';
import { namedTogether } from '../../core/quantity/named-together.ts';
import { Check } from '../kit/check.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { copyToClipboard } from './copy-to-clipboard.ts';
import { shareSheet } from './share-sheet.ts';

interface AsTextProps {
  readonly title: string;
  readonly post: Post;
  /** Saves the card as a picture, with or without steps. */
  readonly onPicture: (steps: boolean) => void;
}

/** A card as text, with how it is wanted. */
export interface Post {
  readonly wish: Omit<PostWish, 'url'>;
  readonly setWish: (wish: Omit<PostWish, 'url'>) => void;
  readonly said: PostText;
}

/** What is said of a card under a post; everything that copies or shares it as text takes this. */
export function usePost(card: Card | null, url: string | null): Post | null {
  const [wish, setWish] = useState<Omit<PostWish, 'url'>>({ length: 'long', steps: true, most: null });
  const said = useMemo(() => (card === null ? null : postText(card, { ...wish, url })), [card, wish, url]);
  return said === null ? null : { wish, setWish, said };
}

/** The card as text for under a post: short or long, with or without steps, within a length. */
export function AsText({ title, post: { wish, setWish, said }, onPicture }: AsTextProps) {
  const { text, left, over } = said;
  return (
    <section aria-label="As text" className="mt-6">
      <h3 className="text-base">As text</h3>
      <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
        <OneOfFew
          label="How long"
          value={wish.length}
          choices={[
            { value: 'short', words: 'short' },
            { value: 'long', words: 'long' },
          ]}
          onPick={(length) => setWish({ ...wish, length })}
        />
        <Check checked={wish.steps} onCheck={(steps) => setWish({ ...wish, steps })}>
          with steps
        </Check>
      </div>
      <NumberField
        label="at most so many characters"
        value={wish.most}
        onValue={(n) => setWish({ ...wish, most: n !== null && n >= 1 ? Math.floor(n) : null })}
        className="mt-1 w-full"
      />
      <textarea
        readOnly
        rows={8}
        className="field mt-2 text-sm"
        aria-label="The card as text"
        value={text}
        onFocus={(e) => e.currentTarget.select()}
      />
      <p className="text-soft text-sm" role="status">
        {lengthOf(text)} characters
        {left.length > 0 && `, without ${namedTogether(left)}`}
        {over > 0 && `: ${over} too many, and nothing more can be left out`}.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => void copyToClipboard(text, 'Copied as text.', null)}>
          <Copy size={18} aria-hidden="true" /> Copy this text
        </button>
        <button type="button" className="btn" onClick={() => onPicture(wish.steps)}>
          <ImageDown size={18} aria-hidden="true" /> As a picture
        </button>
        {shareSheet !== null && (
          <button type="button" className="btn" onClick={() => shareSheet?.({ title, text })}>
            <Share2 size={18} aria-hidden="true" /> Share
          </button>
        )}
      </div>
    </section>
  );
}
