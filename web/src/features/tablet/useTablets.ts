import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type TabletsView = Schemas['TabletsView']

/** How tablets reach the shop, and which it knows; a code may be used at a tablet at any moment. */
export function useTablets() {
  return useQuery({ queryKey: ['tablets'], queryFn: () => answered(api.GET('/api/tablets')), refetchInterval: 5_000 })
}

function useAndRead<A, R>(send: (given: A) => Promise<R>) {
  const queries = useQueryClient()
  return useCommand(
    async (given: A) => {
      const answer = await send(given)
      await queries.invalidateQueries({ queryKey: ['tablets'] })
      return answer
    },
    { quiet: true },
  )
}

export function useTabletCode() {
  return useAndRead((given: Schemas['TabletGiven']) => answered(api.POST('/api/tablets/codes', { body: given })))
}

export function useForgetTabletCode() {
  return useAndRead((name: string) => answered(api.DELETE('/api/tablets/codes/{name}', { params: { path: { name } } })))
}

export function useLetTabletGo() {
  return useAndRead((tablet: number) => answered(api.DELETE('/api/tablets/{tablet}', { params: { path: { tablet } } })))
}

/** At the tablet itself: from then on the shop knows it. */
export function usePair() {
  const queries = useQueryClient()
  return useCommand(
    async (code: string) => {
      const paired = await answered(api.POST('/api/tablets/pair', { body: { code } }))
      await queries.invalidateQueries({ queryKey: ['session'] })
      return paired
    },
    { quiet: true },
  )
}
