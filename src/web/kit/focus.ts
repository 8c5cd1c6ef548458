/** What is typed into, chosen or moved: a dialog opens on the first of them. */
const FIELD =
  'input:not([type="hidden"]):not([type="file"]):not(:disabled), select:not(:disabled), textarea:not(:disabled), [role="slider"]';

/** Whether fingers are what the page is touched with: a field that gets the focus raises a keyboard over half of it. */
const byTouch = (): boolean => window.matchMedia?.('(pointer: coarse)').matches ?? false;

/** Puts the focus on the first field of a dialog; on its heading where there is none, or fingers are used. */
export function focusFirst(dialog: HTMLElement, heading: HTMLElement | null): void {
  const field = byTouch() ? null : dialog.querySelector<HTMLElement>(FIELD);
  (field ?? heading ?? dialog).focus();
}

/**
 * What gets the focus back from a dialog: what had it when the dialog opened; of an item of a menu the button that opened
 * the menu, for the menu is gone by then.
 */
export function givesBack(active: Element | null): HTMLElement | null {
  const menu = active?.closest('[role="menu"]');
  const button = menu?.getAttribute('aria-labelledby');
  if (button != null) return givesBack(document.getElementById(button));
  return active instanceof HTMLElement && active !== document.body ? active : null;
}

/** Gives the focus back to what had it; to the page's own part where that is gone, and never to nothing. */
export function giveBack(opener: HTMLElement | null): void {
  if (opener?.isConnected) {
    opener.focus();
    return;
  }
  const main = document.querySelector<HTMLElement>('main');
  if (main === null) return;
  main.tabIndex = -1;
  main.focus();
}

/**
 * Puts the focus on what came of an action, once it is there: after the page is drawn anew, and after a dialog that closes
 * has given the focus back.
 */
export function focusSoon(selector: string): void {
  setTimeout(() => {
    const found = document.querySelector<HTMLElement>(selector);
    if (found === null) return;
    if (found.tabIndex < 0 && !found.hasAttribute('tabindex')) found.tabIndex = -1;
    found.focus({ preventScroll: true });
    found.scrollIntoView({ block: 'nearest' });
  }, 60);
}
