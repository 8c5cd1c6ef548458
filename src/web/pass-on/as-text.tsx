import { Copy, Share2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { Card } from '../../core/card/card.ts';
import { lengthOf, type PostWish, postText } from '../../core/card/post-text.ts';
import { namedTogether } from '../../core/quantity/named-together.ts';
import { Check } from '../kit/check.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { copyToClipboard } from './copy-to-clipboard.ts';
import { shareSheet } from './share-sheet.ts';

interface AsTextProps {
  readonly card: Card;
  /** The link of this version that leads to it; null where there is none. */
  readonly url: string | null;
}

/** The card as text for under a post: short or long, with or without steps, within a length. */
export function AsText({ card, url }: AsTextProps) {
  const [length, setLength] = useState<PostWish['length']>('long');
  const [steps, setSteps] = useState(true);
  const [most, setMost] = useState<number | null>(null);
  const within = most !== null && most >= 1 ? Math.floor(most) : null;
  const { text, left, over } = useMemo(
    () => postText(card, { length, steps, most: within, url }),
    [card, length, steps, within, url],
  );
  return (
    <section aria-label="As text" className="mt-6">
      <h3 className="text-base">As text</h3>
      <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
        <OneOfFew
          label="How long"
          value={length}
          choices={[
            { value: 'short', words: 'short' },
            { value: 'long', words: 'long' },
          ]}
          onPick={setLength}
        />
        <Check checked={steps} onCheck={setSteps}>
          with steps
        </Check>
      </div>
      <NumberField label="at most so many characters" value={most} onValue={setMost} className="mt-1 w-full" />
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
          <Copy size={18} aria-hidden="true" /> Copy as text
        </button>
        {shareSheet !== null && (
          <button type="button" className="btn" onClick={() => shareSheet?.({ title: card.title, text })}>
            <Share2 size={18} aria-hidden="true" /> Share
          </button>
        )}
      </div>
    </section>
  );
}
