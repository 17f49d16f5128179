const YEAR_S = 365 * 24 * 3600;

/** Keeps a preference in a cookie, where the server finds it, so that the next page is drawn with it. */
export function keepPreference(name: 'units' | 'theme' | 'keys' | 'view', value: string): void {
  document.cookie = `${name}=${encodeURIComponent(value)}; path=/; max-age=${YEAR_S}; samesite=lax`;
}
