import type { QueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from './client'
import { keep } from './kept'

export type StandAnswer = Schemas['StandAnswer']
export type StandNow = Schemas['StandNow']

/** Lays where a job stands now over its list; a list that was rearranged meanwhile is read again as a whole. */
export function putNow(queries: QueryClient, now: StandNow) {
  const key = ['steps', now.job.number]
  const list = queries.getQueryData<StandAnswer>(key)
  if (list && list.steps.map((s) => s.key).join() === now.steps.map((s) => s.key).join()) {
    queries.setQueryData<StandAnswer>(key, { ...list, now })
    keep(`steps.${now.job.number}`, { ...list, now })
  } else {
    void queries.invalidateQueries({ queryKey: key })
  }
}

/** Jobs that are being asked for; true for those where hands were at it once more meanwhile. */
const asking = new Map<number, boolean>()

/** Hands were at a job's steps: a stand that shows them asks where they stand, everything else asks when it is looked at. */
export async function stepsMoved(queries: QueryClient, job: number) {
  const key = ['steps', job]
  if (!queries.getQueryCache().find({ queryKey: key })?.isActive()) {
    void queries.invalidateQueries({ queryKey: key })
    return
  }
  if (asking.has(job)) {
    asking.set(job, true)
    return
  }
  do {
    asking.set(job, false)
    // Without a network the list stays as it is; the greeting of the next stream reads everything again.
    await answered(api.GET('/api/jobs/{number}/steps/now', { params: { path: { number: job } } })).then(
      (now) => putNow(queries, now),
      () => undefined,
    )
  } while (asking.get(job))
  asking.delete(job)
}
