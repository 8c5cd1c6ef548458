export type Theme = 'system' | 'light' | 'dark';

const THEME_KEY = 'imbiss-theme';
const dark = window.matchMedia('(prefers-color-scheme: dark)');

/** The theme the cook chose on this device; the system's when none. */
export function chosenTheme(): Theme {
  const t = localStorage.getItem(THEME_KEY);
  return t === 'light' || t === 'dark' ? t : 'system';
}

function apply(): void {
  const t = chosenTheme();
  document.documentElement.dataset.theme = t === 'system' ? (dark.matches ? 'dark' : 'light') : t;
}

export function chooseTheme(theme: Theme): void {
  localStorage.setItem(THEME_KEY, theme);
  apply();
}

/** Applies the theme and follows the system's. */
export function startTheme(): void {
  apply();
  dark.addEventListener('change', apply);
}
