import type { Card } from '../core/card/card.ts';
import { creditWords, servingWords } from '../core/card/card-text.ts';
import { MEDICAL_CAUTION } from '../core/caution/cautions.ts';
import { certaintyWords, formatPoints, formatShare } from '../core/program/format-points.ts';
import { formatDay } from '../core/quantity/format-day.ts';

/** A card as people see it: on its own page, inside the application and on paper. Draws what the core counted. */
export function CardView({
  card,
  inside = false,
}: {
  card: Card /** Inside the application, below the recipe's own title. */;
  inside?: boolean;
}) {
  const Title = inside ? 'h2' : 'h1';
  const Sub = inside ? 'h3' : 'h2';
  const credit = creditWords(card);
  const each = card.servings === null ? 'the whole' : 'a serving';
  const names = card.programs.map((p) => p.name).join(' · ');
  return (
    <article className="card" aria-label="The card">
      <p className="meta">
        <span>{servingWords(card)}</span>
        <span>counted {formatDay(card.countedOn)}</span>
      </p>
      <Title className="title">{card.title}</Title>
      {card.changes.length > 0 && <p className="version">{card.versionName}</p>}
      <ul className="points" aria-label={`Points and calories ${each}`}>
        {card.programs.map((p) => {
          const sure = certaintyWords({ ...p, pointsRange: { low: p.low, high: p.high } });
          return (
            <li key={p.mark}>
              <span className="name">{p.name}</span>
              <strong>{formatPoints(p.points)}</strong>
              {sure && <span className="sure">{sure}</span>}
            </li>
          );
        })}
        {card.kcal !== null && (
          <li className="kcal">
            <span className="name">kcal</span>
            <strong>{Math.round(card.kcal)}</strong>
          </li>
        )}
      </ul>
      <p className="intro">
        {credit && <>{credit}. </>}
        {card.kcalWas !== null && (
          <>
            As written it was {card.programs.map((p) => formatPoints(p.was ?? 0)).join(' · ')} points and{' '}
            {Math.round(card.kcalWas)} kcal {each}.
          </>
        )}
        {card.credit.url && (
          <>
            {' '}
            <a href={card.credit.url} rel="noreferrer nofollow">
              The recipe as its author wrote it
            </a>
          </>
        )}
      </p>
      {card.ingredients.length > 0 && (
        <section>
          <div className="head">
            <Sub className="sub">Ingredients</Sub>
            <span>points: {names}</span>
          </div>
          <table>
            <thead className="hidden">
              <tr>
                <th scope="col">Amount</th>
                <th scope="col">Ingredient</th>
                <th scope="col">
                  Points {each}: {names}
                </th>
              </tr>
            </thead>
            <tbody>
              {card.ingredients.map((i, n) => (
                <tr key={n}>
                  <td className="amount">{i.amount}</td>
                  <td>{i.name}</td>
                  <td className="share">{i.raw.map(formatShare).join(' · ')}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {card.steps.length > 0 && (
        <section>
          <Sub className="sub">Steps</Sub>
          <ol>
            {card.steps.map((s, n) => (
              <li key={n}>
                {s.text}
                {s.adds.some((a) => Math.abs(a) >= 0.05) && (
                  <span className="adds">adds {s.adds.map(formatShare).join(' · ')}</span>
                )}
              </li>
            ))}
          </ol>
        </section>
      )}
      {card.options.length > 0 && (
        <section>
          <div className="head">
            <Sub className="sub">On the plate, as you like</Sub>
            <span>points with it: {names}</span>
          </div>
          <table>
            <tbody>
              {card.options.map((o, n) => (
                <tr key={n}>
                  <td>{o.words}</td>
                  <td className="share">{o.points.map(formatPoints).join(' · ')}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {card.changes.length > 0 && (
        <section>
          <Sub className="sub">What was changed</Sub>
          <ul className="changes">
            {card.changes.map((c, n) => (
              <li key={n}>
                <s>{c.from}</s> <span aria-hidden="true">→</span> {c.to}
                {c.why && <span className="adds">{c.why}</span>}
              </li>
            ))}
          </ul>
        </section>
      )}
      {card.regular.length > 0 && (
        <section>
          <Sub className="sub">With the regular ingredient</Sub>
          <table>
            <tbody>
              {card.regular.map((r, n) => (
                <tr key={n}>
                  <td>{r.words}</td>
                  <td className="share">{r.points.map(formatPoints).join(' · ')}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      <section className="cautions">
        <Sub className="sub">Mind</Sub>
        {card.allergens.length > 0 && <p>Contains {card.allergens.join(', ')}.</p>}
        <ul>
          {card.cautions.map((c) => (
            <li key={c.id}>{c.words}</li>
          ))}
        </ul>
        <p>{MEDICAL_CAUTION}</p>
      </section>
    </article>
  );
}
