/** Names the page in the window's title, so that tabs, history and screen readers tell pages apart. */
export const PageTitle = ({ of }: { readonly of: readonly (string | null | undefined)[] }) => (
  <title>{[...of.filter(Boolean), 'Imbiss'].join(' · ')}</title>
);
