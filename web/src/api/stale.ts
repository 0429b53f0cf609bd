import type { QueryClient, QueryKey } from '@tanstack/react-query'

/** First answers that are under way and will be asked for once more. */
const again = new WeakSet<Promise<unknown>>()

/**
 * Has what is shown read again. A first answer that is under way is waited for and then asked for once more: it may have been read before
 * what happened now, and the library takes it for current.
 */
export function stale(queries: QueryClient, queryKey?: QueryKey) {
  for (const query of queries.getQueryCache().findAll({ queryKey, fetchStatus: 'fetching' })) {
    const first = query.state.data === undefined ? query.promise : undefined
    if (first && !again.has(first)) {
      again.add(first)
      const anew = () => void queries.invalidateQueries({ queryKey: query.queryKey, exact: true })
      first.then(anew, () => undefined)
    }
  }
  void queries.invalidateQueries({ queryKey })
}
