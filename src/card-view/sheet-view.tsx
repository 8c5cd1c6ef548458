import { countedWords } from '../core/card/card-words.ts';
import type { Sheet } from '../core/card/sheet.ts';
import { portionWords, togetherWords } from '../core/card/sheet-text.ts';
import { MEDICAL_CAUTION } from '../core/caution/cautions.ts';
import { certaintyWords, formatPoints } from '../core/program/format-points.ts';
import { CardView } from './card-view.tsx';

/** Several dishes as people see them: each with its points for every program, summed, and how each is made. */
export function SheetView({ sheet, inside = false }: { readonly sheet: Sheet; readonly inside?: boolean }) {
  const Title = inside ? 'h2' : 'h1';
  const Sub = inside ? 'h3' : 'h2';
  return (
    <>
      <article className="card sheet-of-dishes" aria-label="The sheet">
        <p className="meta">
          <span>{countedWords(sheet)}</span>
        </p>
        <Title className="title" dir="auto">
          {sheet.title}
        </Title>
        {sheet.words?.split(/\n+/).map((words, n) => (
          <p key={n} className="words" dir="auto">
            {words}
          </p>
        ))}
        {sheet.parts.map((part, n) => (
          <section key={n}>
            {part.heading !== null && <Sub className="sub">{part.heading}</Sub>}
            {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys */}
            <section className="scrolls" tabIndex={0} aria-label={part.heading ?? sheet.title}>
              <table>
                <thead>
                  <tr>
                    <th scope="col">
                      <span className="unseen">Dish</span>
                    </th>
                    {sheet.programs.map((p) => (
                      <th key={p.mark} scope="col" className="share" title={p.name}>
                        {p.mark}
                      </th>
                    ))}
                    <th scope="col" className="share">
                      kcal
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {part.things.map((t, i) => (
                    <tr key={i}>
                      <td dir="auto">
                        {t.words}
                        {portionWords(t.portion) !== null && <span className="adds">{portionWords(t.portion)}</span>}
                        {t.note?.split(/\n+/).map((words, k) => (
                          <span key={k} className="asks">
                            {words}
                          </span>
                        ))}
                      </td>
                      {t.points.map((p, k) => (
                        <td key={k} className="share">
                          {p === null ? '?' : formatPoints(p.points)}
                          {p !== null && certaintyWords({ ...p, pointsRange: p }) && (
                            <span className="adds">{certaintyWords({ ...p, pointsRange: p })}</span>
                          )}
                        </td>
                      ))}
                      <td className="share">{t.kcal === null ? '?' : Math.round(t.kcal)}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </section>
            {togetherWords(part, sheet) !== null && <p className="together">{togetherWords(part, sheet)}</p>}
          </section>
        ))}
        {sheet.parts.some((p) => p.things.some((t) => t.points.includes(null))) && (
          <p className="intro">Where a “?” stands, nobody knows the number.</p>
        )}
        <p className="intro">{sheet.programs.map((p) => `${p.mark} is ${p.name}`).join(', ')}.</p>
        <section className="cautions">
          {sheet.allergens.length > 0 && <p>Contains {sheet.allergens.join(', ')}.</p>}
          <p>{MEDICAL_CAUTION}</p>
        </section>
      </article>
      {sheet.cards.map((card, n) => (
        <div key={n} className="next-card">
          <CardView card={card} inside />
        </div>
      ))}
    </>
  );
}
