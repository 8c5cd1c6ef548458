/** Whether a key goes into a field, or stands for itself in a dialog or menu. */
export function isTyping(event: KeyboardEvent): boolean {
  const at = event.target as HTMLElement | null;
  return at?.closest?.('input, textarea, select, [contenteditable], [role=dialog], [role=menu], [cmdk-root]') != null;
}
