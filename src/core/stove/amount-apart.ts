/**
 * What goes in, with its amount apart, so that both are read across a kitchen.
 *
 * @param item what the line is read as
 * @example amountApart('300 g evaporated milk', 'evaporated milk') // { amount: '300 g', rest: 'evaporated milk' }
 */
export function amountApart(words: string, item: string): { readonly amount: string; readonly rest: string } {
  const head = item.split(',')[0]!.trim().toLowerCase();
  const at = head === '' ? -1 : words.toLowerCase().indexOf(head);
  const before = at > 0 ? words.slice(0, at).trim() : '';
  // Only what counts or measures stands apart: "salt, a pinch" does not begin with an amount.
  if (before === '' || !/^[\d½⅓⅔¼¾⅛(]|^an? |^the rest/i.test(before)) return { amount: '', rest: words };
  return { amount: before.replace(/\s+(?:of|the)$/i, ''), rest: words.slice(at) };
}
