export type Theme = 'system' | 'light' | 'dark';

const KEY = 'imbiss-theme';
const dark = window.matchMedia('(prefers-color-scheme: dark)');

/** The theme the cook chose on this device; the system's when none. */
export function chosenTheme(): Theme {
  const t = localStorage.getItem(KEY);
  return t === 'light' || t === 'dark' ? t : 'system';
}

function apply(): void {
  const t = chosenTheme();
  document.documentElement.dataset.theme = t === 'system' ? (dark.matches ? 'dark' : 'light') : t;
}

export function chooseTheme(theme: Theme): void {
  localStorage.setItem(KEY, theme);
  apply();
}

/** Applies the theme and follows the system's. */
export function startTheme(): void {
  apply();
  dark.addEventListener('change', apply);
}
