import type { Card } from '../core/card/card.ts';
import type { CardForReader } from '../core/card/card-for-reader.ts';
import { certaintyWords, formatPoints } from '../core/program/format-points.ts';
import { formatAmount } from '../core/quantity/format-amount.ts';

interface ReaderFormProps {
  readonly card: Card;
  readonly reader: CardForReader;
  /** What is wrong about what was written; null where nothing is. */
  readonly wrong: string | null;
  readonly Sub: 'h2' | 'h3';
}

/** For whom cooks for others, or eats another portion: a plain form, and what it comes to; the card's own stays above. */
export function ReaderForm({ card, reader, wrong, Sub }: ReaderFormProps) {
  const isAsked = reader.portion !== null;
  return (
    <section className={isAsked ? 'reader asked' : 'reader'}>
      <Sub className="sub">For you</Sub>
      <form method="get">
        {card.servings !== null && (
          <label>
            <span>amounts for</span>
            <input
              name="for"
              inputMode="decimal"
              autoComplete="off"
              defaultValue={formatAmount(reader.servings ?? card.servings)}
            />
          </label>
        )}
        <label>
          <span>{card.servings === null ? 'how much of it, 1 is the whole' : 'your portion, in servings'}</span>
          <input
            name="portion"
            inputMode="decimal"
            autoComplete="off"
            defaultValue={formatAmount(reader.portion ?? 1)}
          />
        </label>
        <button type="submit">Count it</button>
      </form>
      {wrong !== null && (
        <p className="wrong" role="alert">
          {wrong}
        </p>
      )}
      {isAsked && (
        <p className="comes">
          {formatAmount(reader.portion!)}{' '}
          {card.servings === null ? 'of it' : reader.portion! > 1 ? 'servings' : 'serving'}:{' '}
          {reader.programs.map((p, n) => {
            const sure = p.points === null ? '' : certaintyWords({ ...p, points: p.points, pointsRange: p });
            return (
              <span key={p.mark}>
                {n > 0 && ' · '}
                <span className="letters">{p.mark}</span>{' '}
                {p.points === null ? 'cannot be said from here' : <strong>{formatPoints(p.points)}</strong>}
                {sure && ` ${sure}`}
              </span>
            );
          })}
          {reader.kcal !== null && ` · ${Math.round(reader.kcal)} kcal`}
        </p>
      )}
    </section>
  );
}
