/** The mark: a stair with a bite taken out. */
export function Mark({ className = 'size-8' }: { className?: string }) {
  return (
    <svg viewBox="0 0 32 32" className={className} aria-hidden="true">
      <path fill="currentColor" d="M2 28V5h9a3.2 3.2 0 0 0 2.2 4.6A3.4 3.4 0 0 0 14 14h4v6h8a4 4 0 0 1 4 4v4z" />
    </svg>
  );
}
