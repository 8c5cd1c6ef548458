import { readLine } from '../reading/read-line.ts';
import type { Reading } from '../reading/reading.ts';
import type { PageLine } from './page-line.ts';

const VERBS =
  /^(?:(?:first|then|next|now|finally|meanwhile|carefully|gently|to make)[ ,]{1,2})?(?:preheat|heat|mix|stir|combine|whisk|beat|cook|bake|boil|bring|simmer|add|pour|place|put|cut|slice|chop|peel|wash|drain|melt|fry|saut[eé]|brown|cover|serve|spread|layer|fold|season|sprinkle|transfer|remove|let|leave|in an? |in the |while|when|once|using|grease|line|make|roll|knead|divide|shape|form|set|turn|toss|blend|puree|purée|mash|soak|rinse|grate|roast|grill|broil|reduce|return|top (?=with|the|each|it)|arrange|spoon|stuff|fill|split|scatter|rub|wrap|soften|warm|prepare|dissolve|sift|cream|separate|dust|brush|garnish|cool|chill|store|steam|poach|press|squeeze|strain|finish|taste|assemble|spray|coat|dip|repeat|after|drop|lay|flake|shred|scramble|break|crack|take|toast|blanch|marinate|sear|deglaze|stir-fry|microwave|freeze|refrigerate|rest|keep|shake|pull|use|open|unmold|unmould|wilt|thicken|dry (?=the|well|them)|pat|core (?=the|and)|trim|halve|crush|pulse|process|work|punch|proof|braise|baste|skim|swirl|tip|pop|start|begin|continue|salt (?=the|and drain|them)|carve|discard|pipe|push|pinch|score|throw|get|go)(?!\w)(?! (?:sugar|rice|cheese|bread|lentils|mustard|of tartar|of (?:mushroom|chicken|celery|coconut)|powder|yeast|chocolate|seasoning)\b)(?!, ?\d| ?[-:\u2013(] ?\d)/i;

/** Whether a line begins as an instruction does. */
export const beginsAsStep = (line: string): boolean => VERBS.test(line.replace(PART_AHEAD, ''));

/** "Crust: mix and press in a pan." */
const PART_AHEAD = /^[A-Za-z][\w ]{2,20}: (?=\S)/;

/** What is longer is no ingredient, and nobody has to read it as one. */
const LONGEST_INGREDIENT = 160;

/** What lines of a page are; each is read once, however often it is asked about. */
export class LineKinds {
  private readonly known = new Map<string, Reading>();

  read(line: string): Reading {
    const known = this.known.get(line);
    if (known !== undefined) return known;
    const read = readLine(line);
    this.known.set(line, read);
    return read;
  }

  /** Whether a line has an amount and a name, is short with a bullet before it, or is to taste. */
  isIngredient({ text, mark }: PageLine): boolean {
    if (text.length > LONGEST_INGREDIENT || beginsAsStep(text)) return false;
    const r = this.read(text);
    return (
      (r.quantity !== null && r.confidence > 0.4 && r.item !== '') ||
      (mark === 'bullet' && text.length < 80) ||
      r.modifiers.includes('to taste')
    );
  }

  /** Whether a line is surely an ingredient: its amount has a unit, or a bare number stands before one or two words. */
  isPlainIngredient(line: PageLine): boolean {
    if (!this.isIngredient(line) || /[.!?]$/.test(line.text)) return false;
    const r = this.read(line.text);
    return r.quantity !== null && (r.unit !== null || r.item.split(' ').length <= 4);
  }

  /** Whether a line is an instruction; one without a number or a stop has to stand apart. */
  isStep({ text, mark, gap }: PageLine): boolean {
    if (mark === 'number' && text.length > 20 && (beginsAsStep(text) || /[.!]$/.test(text))) return true;
    if (beginsAsStep(text) && (/[.!]$/.test(text) || (text.length > 30 && this.read(text).quantity === null)))
      return true;
    // A sentence without an amount in front, in whatever language.
    if (text.length > 40 && /[a-zäöüß)][.!]$/i.test(text) && text.split(' ').length >= 6 && mark !== 'bullet')
      return this.read(text).quantity === null;
    return text.length > 90 && /[.!]$/.test(text) && gap;
  }
}
