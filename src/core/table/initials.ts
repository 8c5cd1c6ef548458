const letters = new Intl.Segmenter('en', { granularity: 'grapheme' });

/**
 * Names as short as tells them apart: the first letter, or as many as it takes.
 *
 * @example initialsOf(['Marta', 'Milena', 'Tomas']) // ['Ma', 'Mi', 'T']
 */
export function initialsOf(names: readonly string[]): string[] {
  const split = names.map((n) => [...letters.segment(n.trim())].map((s) => s.segment));
  return split.map((own, i) => {
    for (let take = 1; take <= own.length; take++) {
      const short = said(own.slice(0, take));
      const alike = split.some((other, n) => n !== i && said(other.slice(0, take)) === short);
      const same = split.some((other, n) => n !== i && said(other) === said(own));
      if (!alike || same) return short;
    }
    return said(own) || '?';
  });
}

const said = (own: readonly string[]): string =>
  own.length === 0 ? '' : own[0]!.toLocaleUpperCase('en') + own.slice(1).join('');
