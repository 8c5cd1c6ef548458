/** What in something its eater must not or will not eat, each in words. */
export function NotToBeEaten({ things }: { readonly things: readonly string[] }) {
  return things.map((words) => (
    <strong key={words} className="block text-mustard text-sm">
      Not to be eaten: {words}
    </strong>
  ));
}
