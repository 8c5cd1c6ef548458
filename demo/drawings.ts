/** Drawings of the demo's dishes, made here of a few strokes: what a photo would be of a dish that is invented. */

const INK = '#2a211f';
const PAPER = '#f5ecdf';
const line = `stroke="${INK}" stroke-width="5" stroke-linecap="round" stroke-linejoin="round"`;
const shape = (d: string, fill = 'none'): string => `<path d="${d}" fill="${fill}" ${line}/>`;
const dot = (x: number, y: number, r: number, fill: string): string =>
  `<circle cx="${x}" cy="${y}" r="${r}" fill="${fill}" ${line}/>`;
const strew = (places: ReadonlyArray<readonly [number, number]>, r: number, fill: string): string =>
  places.map(([x, y]) => dot(x, y, r, fill)).join('');
const ON_TOP = [
  [300, 190],
  [350, 175],
  [400, 195],
  [450, 178],
  [500, 192],
  [330, 212],
  [425, 216],
  [475, 210],
] as const;
const STEAM = [320, 400, 480].map((x) => shape(`M${x} 130c-18 -22 18 -34 0 -58`)).join('');

const bowl = (fill: string, top: string, hot = true): string =>
  `${hot ? STEAM : ''}<ellipse cx="400" cy="200" rx="210" ry="62" fill="${fill}" ${line}/>${top}${shape('M190 200c8 150 100 210 210 210s202 -60 210 -210', '#fefaf0')}${shape('M320 412h160')}`;
const pot = (fill: string, top: string): string =>
  `${STEAM}<ellipse cx="400" cy="200" rx="200" ry="56" fill="${fill}" ${line}/>${top}${shape('M200 200v150c0 46 90 74 200 74s200 -28 200 -74V200', '#c9bba6')}${shape('M200 250h-46M600 250h46')}`;
const dish = (fill: string, top: string): string =>
  `${shape('M150 190h500l-46 190c-6 26 -24 34 -50 34H246c-26 0 -44 -8 -50 -34z', '#c9bba6')}<ellipse cx="400" cy="190" rx="250" ry="66" fill="${fill}" ${line}/>${top}`;
const plate = (top: string): string =>
  `<ellipse cx="400" cy="330" rx="280" ry="92" fill="#fefaf0" ${line}/><ellipse cx="400" cy="322" rx="190" ry="56" fill="none" ${line}/>${top}`;
const roll = (x: number, y: number, fill: string): string =>
  `<rect x="${x}" y="${y}" width="150" height="76" rx="38" fill="${fill}" ${line}/>${shape(`M${x + 34} ${y + 14}c26 16 30 34 10 52M${x + 84} ${y + 10}c26 18 30 38 10 58`)}`;
const piece = (x: number, y: number, fill: string): string =>
  `${shape(`M${x} ${y}l90 -34 104 30 -92 38z`, fill)}${shape(`M${x} ${y}v56l102 40v-62M${x + 194} ${y - 4}v52l-92 44`, '#e0b878')}`;

const BEET = '#8a1c4f';
const MUSTARD = '#e2b04a';
const GREEN = '#7c9a5c';
const BROWN = '#9a5b34';
const CREAM = '#f6e9cf';

/** By the title of the dish. */
export const DRAWINGS: Readonly<Record<string, string>> = {
  'Vegetable stock for the week': pot('#e6c46a', strew(ON_TOP.slice(0, 5), 12, GREEN)),
  'Potato and leek gratin': dish(MUSTARD, strew(ON_TOP, 17, CREAM)),
  'Beef goulash': pot('#a8442f', strew(ON_TOP, 16, BROWN)),
  'Buckwheat pancakes with mushrooms': plate(
    [300, 270, 240, 210].map((y) => `<ellipse cx="400" cy="${y}" rx="150" ry="34" fill="#c79a5b" ${line}/>`).join('') +
      strew(
        [
          [350, 196],
          [410, 188],
          [460, 200],
        ],
        15,
        BROWN,
      ),
  ),
  'Stuffed cabbage': plate(roll(240, 250, GREEN) + roll(400, 240, GREEN) + roll(320, 296, '#93ad74')),
  'Chicken paprika stew': pot('#d0662f', strew(ON_TOP.slice(1), 18, CREAM)),
  'Lentil and smoked-sausage pot': pot('#7d6a3c', strew(ON_TOP, 13, '#b5533c')),
  'Cucumber salad in soured cream': bowl(CREAM, strew(ON_TOP, 20, '#b9d095'), false),
  'Potato salad': bowl(CREAM, strew(ON_TOP, 19, MUSTARD), false),
  'Walnut and carrot loaf':
    shape('M170 250c0 -90 460 -90 460 0v130c0 20 -12 32 -32 32H202c-20 0 -32 -12 -32 -32z', '#c08a4a') +
    strew(
      [
        [260, 300],
        [340, 350],
        [420, 290],
        [500, 345],
        [560, 290],
      ],
      14,
      '#e08a3c',
    ),
  'Rice pudding with cherries': bowl(
    '#fefaf0',
    strew(
      [
        [350, 190],
        [400, 176],
        [450, 192],
        [400, 206],
      ],
      20,
      BEET,
    ),
  ),
  'Mushroom and barley soup': bowl('#d9c39a', strew(ON_TOP, 15, '#a98a63')),
  'Plum tray cake':
    piece(300, 210, '#efd9a8') +
    piece(200, 300, '#efd9a8') +
    piece(410, 296, '#efd9a8') +
    strew(
      [
        [390, 202],
        [300, 292],
        [500, 288],
      ],
      18,
      '#5a2f66',
    ),
  'Strudel dough': `${shape('M180 370c0 -150 440 -150 440 0c0 30 -440 30 -440 0z', CREAM)}${shape('M300 320c60 -30 130 -30 200 0')}`,
  'Apple and curd-cheese strudel':
    `<rect x="170" y="230" width="460" height="150" rx="74" fill="#d9a455" ${line}/>` +
    shape('M250 250l30 110M330 240l30 124M410 240l30 124M490 244l28 116') +
    strew([[610, 300]], 34, CREAM),
  'Beetroot and apple soup': bowl(
    BEET,
    strew(
      [
        [370, 188],
        [430, 196],
      ],
      22,
      CREAM,
    ),
  ),
};

/** A drawing as a picture of 1200 by 800 px: SVG. */
export const asSvg = (drawing: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="800" viewBox="0 0 800 533"><rect width="800" height="533" fill="${PAPER}"/><path d="M60 452h680" ${line} opacity="0.35"/>${drawing}</svg>`;
