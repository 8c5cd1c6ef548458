import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion, shippedFood } from '../../tests/support/test-version.ts';
import { makeCard } from '../core/card/card.ts';
import { USUAL_PASS_ON } from '../core/card/pass-on.ts';
import { SWAPS } from '../core/swap/library.ts';
import { CardView } from './card-view.tsx';

const version = readVersion(['4 to 6 slices bacon', '2 eggs', 'salt'], {
  servings: 2,
  steps: [{ id: 's', text: 'Fry the bacon, add the eggs.' }],
});
const card = makeCard({
  title: 'Bacon & "eggs"',
  credit: { author: null, url: null, whose: 'family' },
  version,
  asWritten: version,
  kitchen: kitchenOf(),
  programs: FIXTURE_PROGRAMS,
  pins: [],
  swaps: SWAPS,
  system: 'us',
  region: 'us',
  countedOn: '2026-11-25',
  weighed: null,
  passOn: USUAL_PASS_ON,
  picture: null,
  food: shippedFood,
});
const html = renderToStaticMarkup(<CardView card={card} />);

describe('a card drawn', () => {
  it('shows every program by name with its points', () => {
    for (const p of card.programs) expect(html).toContain(`<span class="letters">${p.mark}</span> ${p.name}</span>`);
    expect(html).toContain('<span class="letters">a serving</span> kcal</span>');
  });
  it('says "maybe" where the slices leave it open', () => {
    expect(card.programs[0]!.certainty).not.toBe('exact');
    expect(html).toMatch(/class="sure">(maybe|\d)/);
  });
  it('escapes what cooks write', () => expect(html).toContain('Bacon &amp; &quot;eggs&quot;'));
  it('has its own title on its page, and a lower one inside the application', () => {
    expect(html).toContain('<h1 class="title">');
    expect(renderToStaticMarkup(<CardView card={card} inside />)).toContain('<h2 class="title">');
  });
  it('names in what a step adds whose points they are, for who hears it', () => {
    for (const { mark } of card.programs)
      expect(html).toMatch(new RegExp(`class="adds">adds.*<span class="unseen">${mark} </span>\\d`));
  });
  it('shows no section without content', () => {
    expect(html).not.toContain('What was changed');
    expect(html).not.toContain('With the regular ingredient');
    expect(html).toContain('Ingredients');
    expect(html).toContain('no medical advice');
  });
});
