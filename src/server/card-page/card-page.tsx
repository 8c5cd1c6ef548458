import type { Card } from '../../core/card/card.ts';
import { creditWords, servingWords } from '../../core/card/card-text.ts';
import { certaintyWords, formatDay, formatPoints, formatShare } from '../../core/card/format-points.ts';
import { MEDICAL_CAUTION } from '../../core/caution/cautions.ts';

/** A card as a page of its own: no script, one style sheet. Counts come ready-made with the card. */
export function CardPage({ card }: { card: Card }) {
  const credit = creditWords(card);
  const each = card.servings === null ? 'the whole' : 'a serving';
  const names = card.programs.map((p) => p.name).join(' · ');
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="robots" content="noindex, nofollow" />
        <meta name="referrer" content="no-referrer" />
        <meta name="color-scheme" content="light dark" />
        <title>{card.title}</title>
        <link rel="stylesheet" href="/card-assets/card.css" />
      </head>
      <body>
        <main>
          <p className="meta">
            <span>{servingWords(card)}</span>
            <span>counted {formatDay(card.countedOn)}</span>
          </p>
          <h1>{card.title}</h1>
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
                <h2>Ingredients</h2>
                <span>points: {names}</span>
              </div>
              <table>
                <thead className="hidden">
                  <tr>
                    <th scope="col">Amount</th>
                    <th scope="col">Ingredient</th>
                    <th scope="col">Points {each}: {names}</th>
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
              <h2>Steps</h2>
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
          {card.changes.length > 0 && (
            <section>
              <h2>What was changed</h2>
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
              <h2>With the regular ingredient</h2>
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
            <h2>Mind</h2>
            {card.allergens.length > 0 && <p>Contains {card.allergens.join(', ')}.</p>}
            <ul>
              {card.cautions.map((c) => (
                <li key={c.id}>{c.words}</li>
              ))}
            </ul>
            <p>{MEDICAL_CAUTION}</p>
          </section>
        </main>
      </body>
    </html>
  );
}

/** What stands under a link that was withdrawn, or never was. */
export function NoCardPage() {
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="robots" content="noindex, nofollow" />
        <title>No card here</title>
        <link rel="stylesheet" href="/card-assets/card.css" />
      </head>
      <body>
        <main>
          <h1>There is no card here</h1>
          <p className="intro">The link was withdrawn, or a letter of it got lost. Ask the cook who sent it for a new one.</p>
        </main>
      </body>
    </html>
  );
}
