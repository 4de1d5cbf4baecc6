export type Theme = 'light' | 'dark';
const KEY = 'hodsman:theme';

/** The theme that was chosen, else the one that the system asks for. */
export function storedTheme(): Theme {
  const chosen = localStorage.getItem(KEY);
  if (chosen === 'light' || chosen === 'dark') return chosen;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

/** Puts a theme on the page. */
export function applyTheme(theme: Theme): void {
  document.documentElement.dataset['theme'] = theme;
}

/** Puts a theme on the page and keeps it for the next time. */
export function chooseTheme(theme: Theme): void {
  localStorage.setItem(KEY, theme);
  applyTheme(theme);
}
