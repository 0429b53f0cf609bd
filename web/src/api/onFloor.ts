import type { QueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from './client'

/** A bike with the drawing its floor names. */
export type DrawnBike = Schemas['FloorBike'] & { drawn: Schemas['BikeDrawing'] | undefined }
export type DrawnFloor = Omit<Schemas['Floor'], 'bikes'> & { bikes: DrawnBike[] }

/** What the bikes of the floor look like, by job: a drawing is asked for once, until another takes its place. */
const drawings = new Map<number, Schemas['FloorDrawing']>()

/** These bikes with their drawings; those that are not known yet are asked for at once. */
export async function drawn(bikes: Schemas['FloorBike'][]): Promise<DrawnBike[]> {
  const job = bikes.filter((b) => drawings.get(b.job.number)?.key !== b.drawing).map((b) => b.job.number)
  if (job.length > 0) {
    const answer = await answered(api.GET('/api/yard/drawings', { params: { query: { job } } }))
    for (const one of answer) drawings.set(one.job, one)
  }
  return bikes.map((b) => ({ ...b, drawn: drawings.get(b.job.number)?.drawing }))
}

export async function readFloor(): Promise<DrawnFloor> {
  const floor = await answered(api.GET('/api/yard'))
  const here = new Set(floor.bikes.map((b) => b.job.number))
  for (const job of [...drawings.keys()]) if (!here.has(job)) drawings.delete(job)
  return { ...floor, bikes: await drawn(floor.bikes) }
}

/** The floor with what a move changed; other bikes that it concerns are told by the live stream. */
export function afterMove(floor: DrawnFloor, job: number, moved: Schemas['Moved']): DrawnFloor {
  const bike = moved.bike
  return {
    ...floor,
    now: moved.now,
    days: moved.days,
    bikes: bike
      ? floor.bikes.map((b) => (b.job.number === job ? { ...bike, drawn: b.drawn } : b))
      : floor.bikes.filter((b) => b.job.number !== job),
  }
}

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
  const floor = queries.getQueryData<DrawnFloor>(['yard'])
  if (!now || !floor) return
  const told = new Map(now.standings.map((s) => [s.job, s]))
  const drawnAnew = floor.bikes.some(({ job: { number }, standing }) => {
    const at = told.get(number)
    return at && (at.motor !== standing.motor || at.battery !== standing.battery)
  })
  if (drawnAnew) void queries.invalidateQueries({ queryKey: ['yard'] })
  queries.setQueryData<DrawnFloor>(['yard'], {
    ...floor,
    now: now.now,
    bikes: floor.bikes.map((b) => ({ ...b, standing: told.get(b.job.number) ?? b.standing })),
  })
}
