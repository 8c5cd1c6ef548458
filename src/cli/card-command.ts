import { writeFileSync } from 'node:fs';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { type Card, makeCard } from '../core/card/card.ts';
import { USUAL_PASS_ON } from '../core/card/pass-on.ts';
import { postText } from '../core/card/post-text.ts';
import { asJsonLd } from '../core/exchange/as-json-ld.ts';
import { toldOfCard } from '../core/exchange/told-recipe.ts';
import { CardPage } from '../server/card-page/card-page.tsx';
import { pictureOfCard } from '../server/pictures/card-picture.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import { regionFlag, systemOf } from './parse-command.ts';
import { programsAsked } from './program-flags.ts';
import { versionFromFile } from './version-from-file.ts';

/**
 * `card`: a recipe as a card, in one of its forms; a picture goes into a file.
 *
 * @param today YYYY-MM-DD, the day of the count
 */
export async function cardCommand(text: string, flags: Flags, today: string): Promise<string> {
  const card = cardOfFile(text, flags, today);
  const asked = (['text', 'html', 'jsonld', 'png'] as const).filter(
    (f) => flags[f] !== undefined && flags[f] !== false,
  );
  if (asked.length > 1)
    throw new CliError('A card has one form at a time.', 'Give one of --text, --html, --jsonld, --png.');
  switch (asked[0] ?? 'text') {
    case 'html':
      return `<!doctype html>${renderToStaticMarkup(createElement(CardPage, { card, newer: [], wish: NO_READER, pictureUrl: null }))}`;
    case 'jsonld':
      return JSON.stringify(asJsonLd(toldOfCard(card)), null, 2);
    case 'png': {
      const { png, undrawn } = await pictureOfCard(card, { steps: true });
      writeFileSync(flags.png!, png);
      const left = undrawn.length === 0 ? '' : ` It has no letters for ${undrawn.join('')}: they are left out.`;
      return `Drawn to ${flags.png}.${left}`;
    }
    case 'text':
      return postText(card, { length: 'long', steps: true, most: null, url: null }).text;
  }
}

const NO_READER = { servings: null, portion: null, wrong: null };

function cardOfFile(text: string, flags: Flags, today: string): Card {
  const { recipe, version, food } = versionFromFile(text, 'card', flags);
  const { author, url } = recipe;
  return makeCard({
    title: recipe.title ?? 'Untitled recipe',
    // Whoever makes a card of a file answers for it: whose words they are is known to them alone.
    credit: { author, url, whose: 'family' },
    version,
    asWritten: version,
    kitchen: { food, version: () => null },
    programs: programsAsked(flags),
    pins: [],
    swaps: [],
    system: systemOf(flags),
    region: regionFlag(flags),
    countedOn: today,
    weighed: null,
    passOn: USUAL_PASS_ON,
    picture: null,
    food,
  });
}
