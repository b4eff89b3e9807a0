/** Without a server the page comes as it was kept: in the theme that was chosen since. */
export function applyTheme(): void {
  const chosen = /(?:^|; )theme=(light|dark)/.exec(document.cookie)?.[1];
  if (chosen) document.documentElement.dataset['theme'] = chosen;
}

/** Light or dark as the system says until somebody chooses; kept in a cookie so that the page comes in the right one. */
export function toggleTheme(): void {
  const root = document.documentElement;
  const shown = root.dataset['theme'] ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light');
  const next = shown === 'dark' ? 'light' : 'dark';
  root.dataset['theme'] = next;
  document.cookie = `theme=${next}; path=/; max-age=31536000; samesite=lax`;
}
