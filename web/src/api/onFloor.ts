import type { QueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from './client'

/** A floor at full stretch ticks many steps a second; a screen asks for those of a moment at once. */
const GATHERED_MS = 250
const moved = new Set<number>()
let later: ReturnType<typeof setTimeout> | undefined

/** Hands were at these jobs' bikes: a yard that is looked at asks how they stand, in place of reading the whole floor. */
export function bikesMoved(queries: QueryClient, jobs: Iterable<number>) {
  for (const job of jobs) moved.add(job)
  later = later ?? setTimeout(() => void ask(queries), GATHERED_MS)
}

async function ask(queries: QueryClient) {
  later = undefined
  const job = [...moved]
  moved.clear()
  if (
    !queries
      .getQueryCache()
      .find({ queryKey: ['yard'] })
      ?.isActive()
  ) {
    void queries.invalidateQueries({ queryKey: ['yard'] })
    return
  }
  // Without a network the floor stays as it is; the greeting of the next stream reads everything again.
  const now = await answered(api.GET('/api/yard/standings', { params: { query: { job } } })).catch(() => undefined)
  const floor = queries.getQueryData<Schemas['Floor']>(['yard'])
  if (!now || !floor) return
  const told = new Map(now.standings.map((s) => [s.job, s]))
  const drawnAnew = floor.bikes.some(({ job: { number }, standing }) => {
    const at = told.get(number)
    return at && (at.motor !== standing.motor || at.battery !== standing.battery)
  })
  if (drawnAnew) void queries.invalidateQueries({ queryKey: ['yard'] })
  queries.setQueryData<Schemas['Floor']>(['yard'], {
    ...floor,
    now: now.now,
    bikes: floor.bikes.map((b) => ({ ...b, standing: told.get(b.job.number) ?? b.standing })),
  })
}
