const KEY = 'fluidframe.rehearsed';

/** What was rehearsed last on this device: the query of its address and its name. */
export function remembered(): { search: string; name: string } | null {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as { search?: unknown; name?: unknown } | null;
    return kept && typeof kept.search === 'string' && typeof kept.name === 'string'
      ? { search: kept.search, name: kept.name }
      : null;
  } catch {
    return null;
  }
}

export function remember(search: string, name: string) {
  localStorage.setItem(KEY, JSON.stringify({ search, name }));
}
