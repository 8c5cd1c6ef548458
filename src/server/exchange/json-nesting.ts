const [QUOTE, BACKSLASH, OPEN, CLOSE, OPEN_LIST, CLOSE_LIST] = [...'"\\{}[]'].map((c) => c.charCodeAt(0)) as [
  number,
  number,
  number,
  number,
  number,
  number,
];

/** Nothing that Imbiss takes in is nested deeper than this. */
const DEEPEST_JSON = 40;

/** Whether JSON is nested deeper than anything that Imbiss takes in: told before it is parsed. */
export function nestsTooDeep(body: Uint8Array): boolean {
  let depth = 0;
  let inText = false;
  for (let i = 0; i < body.length; i++) {
    const c = body[i];
    if (inText) {
      if (c === BACKSLASH) i++;
      else if (c === QUOTE) inText = false;
    } else if (c === QUOTE) inText = true;
    else if (c === OPEN || c === OPEN_LIST) {
      if (++depth > DEEPEST_JSON) return true;
    } else if (c === CLOSE || c === CLOSE_LIST) depth--;
  }
  return false;
}
