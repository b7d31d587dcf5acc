import type { QueryClient } from '@tanstack/react-query';

/**
 * Asks anew for everything shown, or for what begins with a key, after something was changed. A first answer that
 * was on its way may be from before the change: the query client keeps it as good, so it is asked for once more
 * when it is there.
 */
export async function askAnew(client: QueryClient, queryKey: readonly unknown[] = []): Promise<void> {
  const onTheirWay = client
    .getQueryCache()
    .findAll({ queryKey, fetchStatus: 'fetching', predicate: ({ state }) => state.data === undefined });
  await client.invalidateQueries({ queryKey });
  await Promise.all(
    onTheirWay.map(({ queryKey: exactly }) => client.invalidateQueries({ queryKey: exactly, exact: true })),
  );
}
