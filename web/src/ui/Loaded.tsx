import type { UseQueryResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Button } from './Button'

/** A view's data: a line while it loads, what went wrong and a way to try again, or the view. */
export function Loaded<T>({ query, what, children }: { query: UseQueryResult<T, Error>; what: string; children: (data: T) => ReactNode }) {
  if (query.data !== undefined) return <>{children(query.data)}</>
  if (query.isError) {
    return (
      <div role="alert" className="m-8 max-w-xl border-l-[6px] border-vermilion bg-paper p-6">
        <h2 className="text-[20px]">{what} could not be loaded</h2>
        <p className="mt-1 mb-4 text-soft">{query.error.message}</p>
        <Button onClick={() => void query.refetch()}>Try again</Button>
      </div>
    )
  }
  return (
    <p className="m-8 text-soft" aria-busy="true">
      Fetching {what.toLowerCase()} …
    </p>
  )
}
