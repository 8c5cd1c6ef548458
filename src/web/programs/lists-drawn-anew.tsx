import { useState } from 'react';

/** Said once, where recipes were counted by the lists from before. */
export function ListsDrawnAnew({ household }: { readonly household: string }) {
  const key = `imbiss-drawn-anew:${household}`;
  const [told, setTold] = useState(() => localStorage.getItem(key) !== null);
  if (told) return null;
  const close = () => {
    localStorage.setItem(key, 'told');
    setTold(true);
  };
  return (
    <p className="note mt-3 flex flex-wrap items-center gap-3" role="status">
      The lists of the invented programs were drawn anew, and your recipes are counted by them. Targets, pinned points
      and everyone’s exceptions are as they were; cards show what they showed.
      <button type="button" className="btn btn-small" onClick={close}>
        All right
      </button>
    </p>
  );
}
