import { Fragment } from 'react';
import type { Card } from '../core/card/card.ts';
import { cardForReader, type WrittenWish } from '../core/card/card-for-reader.ts';
import { labelRows } from '../core/card/card-label.ts';
import {
  countedWords,
  creditWords,
  offerWords,
  servingWords,
  spanWords,
  wasWords,
  whoseWords,
} from '../core/card/card-words.ts';
import { correctedWords } from '../core/card/correction.ts';
import { MEDICAL_CAUTION } from '../core/caution/cautions.ts';
import { certaintyWords, formatPoints, formatShare } from '../core/program/format-points.ts';
import { formatAmount } from '../core/quantity/format-amount.ts';
import { ReaderForm } from './reader-form.tsx';

/** A card as people see it: on its own page, inside the application and on paper. Draws what the core counted. */
export function CardView({
  card,
  inside = false,
  wish = null,
  pictureUrl = null,
}: {
  card: Card /** Inside the application, below the recipe's own title. */;
  inside?: boolean /** What its reader asked for, on its own page; null inside. */;
  wish?: WrittenWish | null /** Where its picture is; null where it has none. */;
  pictureUrl?: string | null;
}) {
  const reader = wish === null ? null : cardForReader(card, wish);
  const Title = inside ? 'h2' : 'h1';
  const Sub = inside ? 'h3' : 'h2';
  const credit = creditWords(card);
  const corrected = correctedWords(card);
  const whose = whoseWords(card);
  const withPoints = card.ingredients.some((i) => i.raw.length > 0);
  const marks = card.programs.map((p) => p.mark);
  const each = card.servings === null ? 'the whole' : 'a serving';
  return (
    <article className="card" aria-label="The card">
      <p className="meta">
        <span>{servingWords(card)}</span>
        <span>{countedWords(card)}</span>
      </p>
      <Title className="title">{card.title}</Title>
      {card.changes.length > 0 && <p className="version">{card.versionName}</p>}
      {card.picture !== null && pictureUrl !== null && (
        <img
          className="picture"
          src={pictureUrl}
          alt={card.title}
          width={card.picture.width}
          height={card.picture.height}
        />
      )}
      {corrected !== null && <p className="corrected">{corrected}</p>}
      {card.words?.split(/\n+/).map((words, n) => (
        <p key={n} className="words" dir="auto">
          {words}
        </p>
      ))}
      <ul className="points" aria-label={`Points and calories ${each}`}>
        {card.programs.map((p) => {
          const sure = certaintyWords({ ...p, pointsRange: { low: p.low, high: p.high } });
          return (
            <li key={p.mark}>
              <span className="name">
                <span className="letters">{p.mark}</span> {p.name}
              </span>
              <span className="number">
                <strong>{formatPoints(p.points)}</strong>
                {sure && <span className="sure">{sure}</span>}
              </span>
            </li>
          );
        })}
        {card.kcal !== null && (
          <li className="kcal">
            <span className="name">
              <span className="letters">{each}</span> kcal
            </span>
            <span className="number">
              <strong>{Math.round(card.kcal)}</strong>
            </span>
          </li>
        )}
      </ul>
      {card.programs.map(
        (p) =>
          p.span && (
            <p key={p.mark} className="intro">
              <span className="letters">{p.mark}</span> {spanWords(p.span)}
            </p>
          ),
      )}
      <p className="intro">
        {whose && <>{whose} </>}
        {credit && whose === null && <>{credit}. </>}
        {wasWords(card)}
        {card.credit.url && (
          <>
            {' '}
            <a href={card.credit.url} rel="noreferrer nofollow">
              The recipe as its author wrote it
            </a>
          </>
        )}
      </p>
      {reader !== null && <ReaderForm card={card} reader={reader} wrong={wish?.wrong ?? null} Sub={Sub} />}
      {card.ingredients.length > 0 && (
        <section className="list">
          <Sub className="sub">Ingredients{reader?.servings != null && `, for ${formatAmount(reader.servings)}`}</Sub>
          <table>
            <thead>
              <tr>
                <th scope="col">
                  <span className="unseen">Amount</span>
                </th>
                <th scope="col">
                  <span className="unseen">Ingredient</span>
                </th>
                {withPoints && <Marks programs={card.programs} />}
              </tr>
            </thead>
            <tbody>
              {card.ingredients.map((i, n) => (
                <tr key={n}>
                  <td className="amount">{(reader?.ingredients[n] ?? i).amount}</td>
                  <td>
                    {(reader?.ingredients[n] ?? i).name}
                    {i.any !== null && <span className="any"> ({i.any})</span>}
                    {i.offers.map((o) => (
                      <span key={o.words} className="adds">
                        or {offerWords(o, marks)}
                      </span>
                    ))}
                    {i.asks !== null && <span className="asks">{i.asks}</span>}
                  </td>
                  <Shares values={i.raw} say={formatShare} />
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {card.steps.length > 0 && (
        <section className="method">
          <Sub className="sub">Steps</Sub>
          {reader?.servings != null && card.servings !== null && reader.servings !== card.servings && (
            <p className="intro">Amounts that stand in the steps are those for {formatAmount(card.servings)}.</p>
          )}
          <ol>
            {card.steps.map((s, n) => (
              <li key={n}>
                {s.text}
                {s.adds.some((a) => Math.abs(a) >= 0.05) && (
                  <span className="adds">
                    adds{' '}
                    {s.adds.map((a, i) => (
                      <Fragment key={marks[i]}>
                        {i > 0 && ' · '}
                        <span className="unseen">{marks[i]} </span>
                        {formatShare(a)}
                      </Fragment>
                    ))}
                  </span>
                )}
              </li>
            ))}
          </ol>
        </section>
      )}
      {card.options.length > 0 && (
        <section>
          <Sub className="sub">On the plate, as you like</Sub>
          <table>
            <thead>
              <tr>
                <th scope="col">points with it</th>
                <Marks programs={card.programs} />
              </tr>
            </thead>
            <tbody>
              {card.options.map((o, n) => (
                <tr key={n}>
                  <td>{o.words}</td>
                  <Shares values={o.points} say={formatPoints} />
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {card.changes.length > 0 && (
        <section className="changed">
          <Sub className="sub">What was changed</Sub>
          <ul className="changes">
            {card.changes.map((c, n) => (
              <li key={n}>
                <s>{c.from}</s> <span aria-hidden="true">→</span> <span className="unseen">became </span>
                {c.to}
                {c.why && <span className="adds">{c.why}</span>}
              </li>
            ))}
          </ul>
        </section>
      )}
      {card.regular.length > 0 && (
        <section className="regular">
          <Sub className="sub">With the regular ingredient</Sub>
          <table>
            <thead>
              <tr>
                <th scope="col">points with it</th>
                <Marks programs={card.programs} />
              </tr>
            </thead>
            <tbody>
              {card.regular.map((r, n) => (
                <tr key={n}>
                  <td>{r.words}</td>
                  <Shares values={r.points} say={formatPoints} />
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {card.label !== null && (
        <section className="label">
          <Sub className="sub">Nutrition</Sub>
          <table>
            <thead>
              <tr>
                <th scope="col">
                  <span className="unseen">Of what</span>
                </th>
                <th scope="col" className="share">
                  100 g {card.label.of === 'raw' ? 'before it is cooked' : 'as dished up'}
                </th>
                <th scope="col" className="share">
                  {each}
                </th>
              </tr>
            </thead>
            <tbody>
              {labelRows(card.label).map((r) => (
                <tr key={r.name}>
                  <td>{r.name}</td>
                  <td className="share">{r.per100}</td>
                  <td className="share">{r.serving}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      <section className="cautions">
        <Sub className="sub">Before you cook and eat</Sub>
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

/** The programs' letters over their columns. */
function Marks({ programs }: { readonly programs: Card['programs'] }) {
  return programs.map((p) => (
    <th key={p.mark} scope="col" className="share" title={p.name}>
      {p.mark}
    </th>
  ));
}

/** A number for each program, each in its column. */
function Shares({ values, say }: { readonly values: readonly number[]; readonly say: (n: number) => string }) {
  return values.map((v, n) => (
    <td key={n} className="share">
      {say(v)}
    </td>
  ));
}
