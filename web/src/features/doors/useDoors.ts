import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { useCommand } from '../../api/useCommand'

/** Who is signed in where, who has to wait, what happened at the doors. */
export function useDoors() {
  return useQuery({ queryKey: ['doors'], queryFn: () => answered(api.GET('/api/doors')), refetchInterval: 15_000 })
}

export function useEndSession() {
  const queries = useQueryClient()
  return useCommand(async (handle: string) => {
    await answered(api.DELETE('/api/doors/sessions/{handle}', { params: { path: { handle } } }))
    await queries.invalidateQueries({ queryKey: ['doors'] })
  })
}

export function useUnlock() {
  const queries = useQueryClient()
  return useCommand(async (username: string) => {
    await answered(api.DELETE('/api/doors/locks/{username}', { params: { path: { username } } }))
    await queries.invalidateQueries({ queryKey: ['doors'] })
  })
}
