import type { UseQueryResult } from '@tanstack/react-query'
import { useEffect, type ReactNode } from 'react'
import { ProblemError } from '../api/client'
import { Button } from './Button'

/** The server is there, its database is not, for the moment. */
const isAway = (error: Error) => error instanceof ProblemError && error.status === 503
/** What somebody may not see, or what is not there, is no other the next time. */
const isRefused = (error: Error) => error instanceof ProblemError && [403, 404].includes(error.status)
const ASKED_AGAIN_AFTER = 2_000

/** Asks again until the database answers: nobody has to stand by. */
function Away({ again }: { again: () => Promise<unknown> }) {
  useEffect(() => {
    const timer = setInterval(() => void again(), ASKED_AGAIN_AFTER)
    return () => clearInterval(timer)
  })
  return (
    <div role="status" className="m-8 max-w-xl border-l-[6px] border-paint bg-paper p-6">
      <h2 className="text-[20px]">The shop’s database does not answer just now</h2>
      <p className="mt-1 text-soft">
        What was saved is safe. This page asks again every two seconds and goes on by itself; taps at a stand wait on the tablet.
      </p>
    </div>
  )
}

/** A view's data: a line while it loads, what went wrong and a way to try again, or the view. */
export function Loaded<T>({ query, what, children }: { query: UseQueryResult<T, Error>; what: string; children: (data: T) => ReactNode }) {
  if (query.data !== undefined) return <>{children(query.data)}</>
  if (query.isError) {
    return isAway(query.error) ? (
      <Away again={() => query.refetch()} />
    ) : (
      <div role="alert" className="m-8 max-w-xl border-l-[6px] border-vermilion bg-paper p-6">
        <h2 className="text-[20px]">{what} could not be loaded</h2>
        <p className="mt-1 mb-4 text-soft">{query.error.message}</p>
        {!isRefused(query.error) && <Button onClick={() => void query.refetch()}>Try again</Button>}
      </div>
    )
  }
  return (
    <p className="m-8 text-soft" aria-busy="true">
      Fetching {what.toLowerCase()} …
    </p>
  )
}
