/** A saved page of a shape that is met, and what has to be taken out of it. Every recipe is invented. */
export interface SavedPage {
  readonly shape: string;
  readonly html: string;
  /** Of each recipe: its title, servings, ingredients, and steps. */
  readonly recipes: readonly (readonly [string, number | null, readonly string[], readonly string[]])[];
}

const LINES = ['500 g leeks', '2 tbsp olive oil', '1/2 tsp salt'];
const STEPS = ['Slice the leeks.', 'Stew them in the oil for 20 minutes.'];
const LEEKS = ['Leek stew', 4, LINES, STEPS] as const;
const data = (json: unknown, type = 'application/ld+json'): string =>
  `<script type="${type}">${JSON.stringify(json)}</script>`;
const page = (head: string, body = '<h1>Welcome</h1><p>We write about leeks.</p>'): string =>
  `<!DOCTYPE html><html lang="en"><head><title>A page</title>${head}</head><body>${body}</body></html>`;
const recipe = (more: object = {}) => ({
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Leek stew',
  recipeYield: '4 servings',
  recipeIngredient: LINES,
  recipeInstructions: STEPS,
  ...more,
});
const howTo = (text: string) => ({ '@type': 'HowToStep', text });
const list = (items: readonly string[], tag = 'ul'): string =>
  `<${tag}>${items.map((i) => `<li>${i}</li>`).join('')}</${tag}>`;

export const SAVED_PAGES: readonly SavedPage[] = [
  { shape: 'data in the head', html: page(data(recipe())), recipes: [LEEKS] },
  { shape: 'data in the body', html: page('', `<p>Hello</p>${data(recipe())}`), recipes: [LEEKS] },
  { shape: 'a graph', html: page(data({ '@context': 'https://schema.org', '@graph': [{ '@type': 'WebPage', name: 'A page' }, recipe()] })), recipes: [LEEKS] },
  { shape: 'a list', html: page(data([{ '@type': 'Organization', name: 'Ours' }, recipe()])), recipes: [LEEKS] },
  { shape: 'two blocks of data', html: page(data({ '@type': 'WebSite', name: 'x' }) + data(recipe())), recipes: [LEEKS] },
  { shape: 'the same data twice', html: page(data(recipe()) + data(recipe())), recipes: [LEEKS] },
  { shape: 'what the page is about', html: page(data({ '@type': 'WebPage', mainEntity: recipe() })), recipes: [LEEKS] },
  { shape: 'a type that is a list', html: page(data(recipe({ '@type': ['Recipe', 'NewsArticle'] }))), recipes: [LEEKS] },
  { shape: 'steps with a type', html: page(data(recipe({ recipeInstructions: STEPS.map(howTo) }))), recipes: [LEEKS] },
  {
    shape: 'steps in sections',
    html: page(data(recipe({ recipeInstructions: [{ '@type': 'HowToSection', name: 'First', itemListElement: [howTo(STEPS[0]!)] }, { '@type': 'HowToSection', name: 'Then', itemListElement: [howTo(STEPS[1]!)] }] }))),
    recipes: [LEEKS],
  },
  { shape: 'steps in one list of items', html: page(data(recipe({ recipeInstructions: { '@type': 'ItemList', itemListElement: STEPS.map(howTo) } }))), recipes: [LEEKS] },
  { shape: 'steps in one text with breaks', html: page(data(recipe({ recipeInstructions: STEPS.join('\n') }))), recipes: [LEEKS] },
  { shape: 'steps in one text with markup', html: page(data(recipe({ recipeInstructions: `<ol>${STEPS.map((s) => `<li>${s}</li>`).join('')}</ol>` }))), recipes: [LEEKS] },
  { shape: 'markup that is written out', html: page(data(recipe({ recipeInstructions: STEPS.map((s) => `&lt;p&gt;${s}&lt;/p&gt;`) }))), recipes: [LEEKS] },
  { shape: 'a yield that is a number', html: page(data(recipe({ recipeYield: 4 }))), recipes: [LEEKS] },
  { shape: 'a yield that is a list', html: page(data(recipe({ recipeYield: ['4', '4 servings'] }))), recipes: [LEEKS] },
  { shape: 'a yield with words around', html: page(data(recipe({ recipeYield: 'Serves 4 hungry people' }))), recipes: [LEEKS] },
  { shape: 'no yield', html: page(data(recipe({ recipeYield: undefined }))), recipes: [['Leek stew', null, LINES, STEPS]] },
  { shape: 'the old word for ingredients', html: page(data(recipe({ recipeIngredient: undefined, ingredients: LINES }))), recipes: [LEEKS] },
  { shape: 'ingredients in one text', html: page(data(recipe({ recipeIngredient: [LINES.join('\n')] }))), recipes: [LEEKS] },
  { shape: 'character references', html: page(data(recipe({ name: 'Leek &amp; oil stew', recipeIngredient: ['&frac12; tsp salt', '500&nbsp;g leeks'] }))), recipes: [['Leek & oil stew', 4, ['½ tsp salt', '500 g leeks'], STEPS]] },
  { shape: 'a comment around the data', html: page(`<script type="application/ld+json"><!--\n${JSON.stringify(recipe())}\n--></script>`), recipes: [LEEKS] },
  { shape: 'character data around the data', html: page(`<script type="application/ld+json">//<![CDATA[\n${JSON.stringify(recipe())}\n//]]></script>`), recipes: [LEEKS] },
  { shape: 'line breaks inside strings', html: page(`<script type="application/ld+json">${JSON.stringify(recipe({ description: 'DESC' })).replace('DESC', 'two\nlines')}</script>`), recipes: [LEEKS] },
  { shape: 'a type with its charset, single quotes', html: page(`<script type='application/ld+json; charset=utf-8' class=x>${JSON.stringify(recipe())}</script>`), recipes: [LEEKS] },
  { shape: 'tags in capitals', html: `<HTML><HEAD><SCRIPT TYPE="application/ld+json">${JSON.stringify(recipe())}</SCRIPT></HEAD><BODY></BODY></HTML>`, recipes: [LEEKS] },
  { shape: 'broken data, and a good block behind it', html: page(`<script type="application/ld+json">{"@type":"Recipe",</script>${data(recipe())}`), recipes: [LEEKS] },
  {
    shape: 'two recipes',
    html: page(data([recipe(), recipe({ name: 'Leek pie', recipeYield: '8' })])),
    recipes: [LEEKS, ['Leek pie', 8, LINES, STEPS]],
  },
  { shape: 'a collection in a list of items', html: page(data({ '@type': 'ItemList', itemListElement: [{ '@type': 'ListItem', position: 1, item: recipe() }] })), recipes: [LEEKS] },
  { shape: 'slashes that are escaped', html: page(`<script type="application/ld+json">${JSON.stringify(recipe()).replaceAll('/', '\\/')}</script>`), recipes: [LEEKS] },
  { shape: 'letters that are escaped', html: page(data(recipe({ name: 'Cr\u00eape' })).replace('ê', '\\u00ea')), recipes: [['Crêpe', 4, LINES, STEPS]] },
  { shape: 'microdata', html: page('', `<div itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">Leek stew</h1><span itemprop="recipeYield">4 servings</span><h2>Ingredients</h2><ul>${LINES.map((l) => `<li itemprop="recipeIngredient">${l}</li>`).join('')}</ul><h2>Method</h2><ol itemprop="recipeInstructions">${STEPS.map((s) => `<li>${s}</li>`).join('')}</ol></div>`), recipes: [LEEKS] },
  { shape: 'no data, headings and lists', html: page('', `<h1>Leek stew</h1><p>Serves 4</p><h2>Ingredients</h2>${list(LINES)}<h2>Method</h2>${list(STEPS, 'ol')}`), recipes: [LEEKS] },
  { shape: 'no data, a menu and a foot around', html: page('', `<nav>${list(['Home', 'Recipes', 'About us'])}</nav><main><h1>Leek stew</h1><p>Serves 4</p><h2>Ingredients</h2>${list(LINES)}<h2>Method</h2>${list(STEPS, 'ol')}</main><footer><p>All rights reserved</p></footer>`), recipes: [LEEKS] },
  { shape: 'no data, a definition in tables', html: page('', `<h1>Leek stew</h1><p>Serves 4</p><h2>Ingredients</h2><table>${LINES.map((l) => `<tr><td>${l}</td></tr>`).join('')}</table><h2>Method</h2>${list(STEPS, 'ol')}`), recipes: [LEEKS] },
  { shape: 'no data, lines with breaks', html: page('', `<h1>Leek stew</h1><p>Serves 4</p><h3>Ingredients</h3><p>${LINES.join('<br>')}</p><h3>Directions</h3><p>${STEPS.join('<br/>')}</p>`), recipes: [LEEKS] },
  { shape: 'no data, bold words for headings', html: page('', `<h1>Leek stew</h1><p>Serves 4</p><p><b>Ingredients:</b></p>${list(LINES)}<p><strong>Method:</strong></p>${list(STEPS, 'ol')}`), recipes: [LEEKS] },
  { shape: 'no data, every line in parts', html: page('', `<h1>Leek stew</h1><p>Serves 4</p><h2>Ingredients</h2>${list(['<span>500</span> <span>g</span> <a href="#">leeks</a>', '<span>2</span> <span>tbsp</span> <span>olive oil</span>', '<span>1/2</span> <span>tsp</span> salt'])}<h2>Method</h2>${list(STEPS, 'ol')}`), recipes: [LEEKS] },
  { shape: 'no data, boxes to tick', html: page('', `<h1>Leek stew</h1><p>Serves 4</p><h2>Ingredients</h2><ul>${LINES.map((l) => `<li><input type="checkbox"><label>${l}</label></li>`).join('')}</ul><h2>Method</h2>${list(STEPS, 'ol')}`), recipes: [LEEKS] },
  { shape: 'styles, scripts and hidden words around', html: page('<style>.a{color:red}</style>', `<script>var a = "<li>1 cup sugar</li>";</script><h1>Leek stew</h1><p>Serves 4</p><h2>Ingredients</h2>${list(LINES)}<h2>Method</h2>${list(STEPS, 'ol')}<noscript>Turn it on</noscript><template><li>3 eggs</li></template>`), recipes: [LEEKS] },
  { shape: 'saved as one file by a browser, with a mark in front', html: `\ufeff<!-- saved from url=(0031)https://leeks.example/stew -->\r\n${page(data(recipe())).replaceAll('><', '>\r\n<')}`, recipes: [LEEKS] },
];
