import { QueryClient, type QueryClientConfig, type QueryKey, type SetDataOptions } from '@tanstack/react-query'

/**
 * What the page knows. An answer to a write is newer than a question that was asked before it and is still on its way:
 * that one is called off, and asked anew, so that its answer cannot set the page back to what is over.
 */
export function knownQueries(config: QueryClientConfig = {}): QueryClient {
  const queries = new QueryClient(config)
  const keep = queries.setQueryData.bind(queries)
  const settle = (queryKey: QueryKey, updater: unknown, options?: SetDataOptions): unknown => {
    const same = { queryKey, exact: true }
    const asked = queries.isFetching(same) > 0
    if (asked) void queries.cancelQueries(same)
    const now = keep(queryKey, updater, options)
    if (asked) void queries.invalidateQueries(same)
    return now
  }
  queries.setQueryData = settle as QueryClient['setQueryData']
  return queries
}
