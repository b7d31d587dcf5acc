export type Theme = 'system' | 'lichen' | 'walnut' | 'noon';

const KEY = 'juglans-theme';

export function chosenTheme(): Theme {
  const kept = localStorage.getItem(KEY);
  return kept === 'lichen' || kept === 'walnut' || kept === 'noon' ? kept : 'system';
}

/** Light, dark, for bright sun, or as the device has it. */
export function applyTheme(theme: Theme = chosenTheme()): void {
  localStorage.setItem(KEY, theme);
  if (theme === 'system') delete document.documentElement.dataset.theme;
  else document.documentElement.dataset.theme = theme;
}
