import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { forgetKept, keep, orKept } from '../../api/kept'
import { setZone } from '../../quantity/units'

/** Who is signed in; null while nobody is. */
export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: async () => {
      const session = await orKept('session', () => answered(api.GET('/api/session')))
      setZone(session.zone)
      return session
    },
    staleTime: Infinity,
    networkMode: 'always',
  })
}

export function useMay() {
  const role = useSession().data?.who?.role
  return {
    manage: role === 'MANAGER',
    work: role === 'MANAGER' || role === 'TECHNICIAN',
    keepStock: role === 'MANAGER' || role === 'STOCK_KEEPER',
  }
}

export function useSignIn() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (given: { username: string; password: string }) => answered(api.POST('/api/session', { body: given })),
    onSuccess: (session) => {
      keep('session', session)
      queries.setQueryData(['session'], session)
    },
  })
}

export function useSignOut() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: () => answered(api.DELETE('/api/session')),
    onSuccess: () => {
      forgetKept()
      queries.clear()
      window.location.assign('/')
    },
  })
}
