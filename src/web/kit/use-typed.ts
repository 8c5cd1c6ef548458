import { type ChangeEvent, type KeyboardEvent, useState } from 'react';

/**
 * A field that is taken when it is left, or by Enter: what is typed stands in it until then. What cannot be read is
 * marked and not taken; an emptied one goes back to what it was.
 *
 * @param read what the text says; undefined where it says nothing that could be taken
 */
export function useTyped<T>(start: string, read: (text: string) => T | undefined, take: (value: T) => void) {
  const [text, setText] = useState(start);
  const value = read(text);
  const done = () => {
    if (value !== undefined) text !== start && take(value);
    else if (text.trim() === '') setText(start);
  };
  return {
    field: {
      value: text,
      'aria-invalid': value === undefined,
      onChange: (e: ChangeEvent<HTMLInputElement>) => setText(e.target.value),
      onBlur: done,
      onKeyDown: (e: KeyboardEvent) => {
        if (e.key === 'Enter') done();
      },
    },
  };
}
