import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type Row = Schemas['DrawerRow']
export type PartView = Schemas['PartView']
export type Count = Schemas['Counted']

export function useDrawers() {
  return useQuery({ queryKey: ['drawers'], queryFn: () => answered(api.GET('/api/drawers')) })
}

/** How many of each part are on their way. */
export function useComing() {
  return useQuery({ queryKey: ['orders', 'coming'], queryFn: () => answered(api.GET('/api/orders/coming')) })
}

export function usePart(number: string) {
  return useQuery({
    queryKey: ['drawers', 'part', number],
    queryFn: () => answered(api.GET('/api/parts/{number}', { params: { path: { number } } })),
  })
}

/** Where a piece or a lot of this number was. */
export function useTraced(text: string) {
  return useQuery({
    queryKey: ['drawers', 'numbers', text],
    enabled: text.trim().length > 2,
    queryFn: () => answered(api.GET('/api/parts/numbers', { params: { query: { text } } })),
  })
}

/** After a movement the drawers are asked again. */
function useMoved<A, T>(run: (argument: A) => Promise<T>) {
  const queries = useQueryClient()
  return useCommand(
    async (argument: A) => {
      const answer = await run(argument)
      void queries.invalidateQueries({ queryKey: ['drawers'] })
      return answer
    },
    { quiet: true },
  )
}

export type Way = 'receipts' | 'scraps' | 'put-backs' | 'hand-overs'

export function useMove(part: string) {
  const path = { path: { part } }
  return useMoved((m: { way: Way; count: number; note: string; lot: string; serials: string[]; job: number }) => {
    if (m.way === 'hand-overs')
      return answered(api.POST('/api/drawers/{part}/hand-overs', { params: path, body: { count: m.count, job: m.job, note: m.note } }))
    if (m.way === 'scraps')
      return answered(api.POST('/api/drawers/{part}/scraps', { params: path, body: { count: m.count, reason: m.note } }))
    const body = { count: m.count, note: m.note, lot: m.lot, ...(m.serials.length > 0 && { serials: m.serials }) }
    return answered(
      m.way === 'receipts'
        ? api.POST('/api/drawers/{part}/receipts', { params: path, body })
        : api.POST('/api/drawers/{part}/put-backs', { params: path, body }),
    )
  })
}

export function useCount(place: string) {
  return useMoved((counts: Count[]) =>
    answered(api.POST('/api/drawers/places/{place}/counts', { params: { path: { place } }, body: { counts } })),
  )
}

export function useSavePart() {
  return useMoved((e: { number: string; cells: Record<string, string>; seen?: number; reason: string }) =>
    answered(
      api.PUT('/api/parts/{number}', { params: { path: { number: e.number } }, body: { cells: e.cells, seen: e.seen, reason: e.reason } }),
    ),
  )
}

export function useStandIn(number: string) {
  return useMoved((other: { number: string; when: string }) =>
    answered(api.POST('/api/parts/{number}/alternatives', { params: { path: { number } }, body: other })),
  )
}

export function useNoStandIn(number: string) {
  return useMoved((other: string) =>
    answered(api.DELETE('/api/parts/{number}/alternatives/{other}', { params: { path: { number, other } } })),
  )
}

export function useBringIn() {
  return useMoved((list: { csv: string; dryRun: boolean; reason: string }) => answered(api.POST('/api/parts/list', { body: list })))
}
