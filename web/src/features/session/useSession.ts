import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'

/** Who is signed in; null while nobody is. */
export function useSession() {
  return useQuery({ queryKey: ['session'], queryFn: () => answered(api.GET('/api/session')), staleTime: Infinity })
}

export function useMay() {
  const role = useSession().data?.who?.role
  return { manage: role === 'MANAGER', work: role === 'MANAGER' || role === 'TECHNICIAN', keepStock: role === 'MANAGER' || role === 'STOCK_KEEPER' }
}

export function useSignIn() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (given: { username: string; password: string }) => answered(api.POST('/api/session', { body: given })),
    onSuccess: (session) => queries.setQueryData(['session'], session),
  })
}

export function useSignOut() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: () => answered(api.DELETE('/api/session')),
    onSuccess: () => {
      queries.clear()
      window.location.assign('/')
    },
  })
}
