import { useMutation, useQuery, useQueryClient, type QueryKey } from '@tanstack/react-query'
import { answered, api, type ProblemError, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { forgetKept, keep, orKept } from '../../api/kept'
import { setZone } from '../../quantity/units'

/** Who is signed in; null while nobody is. */
export function useSession() {
  const queries = useQueryClient()
  return useQuery({
    queryKey: ['session'],
    queryFn: async () => {
      const session = await orKept(
        'session',
        () => answered(api.GET('/api/session')),
        (late) => queries.setQueryData(['session'], late),
      )
      setZone(session.zone)
      return session
    },
    staleTime: Infinity,
    networkMode: 'always',
  })
}

/** The code of the money that prices are in. */
export function useCurrency() {
  return useSession().data?.shop.currency ?? ''
}

export type Right = Schemas['RightRuling']['right']

/** Whether whoever is signed in may do a thing at all, by the shop's table of rights; a view says besides whether it may be done now. */
export function useMay() {
  const rights = useSession().data?.rights ?? []
  return (right: Right) => rights.some((r) => r.right === right && r.ruling.allowed)
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

/** Who may sign in by PIN at this tablet; nobody where the shop does not know it. */
export function usePins() {
  return useQuery({ queryKey: ['pins'], queryFn: () => answered(api.GET('/api/session/pins')), refetchOnMount: 'always' })
}

export function useSignInByPin() {
  const queries = useQueryClient()
  return useMutation<Schemas['SessionState'], ProblemError, { username: string; pin: string }>({
    mutationFn: (given) => answered(api.POST('/api/session/pin', { body: given })),
    onSuccess: (session) => {
      keep('session', session)
      queries.setQueryData(['session'], session)
    },
  })
}

/** A password of one’s own, by code. */
export function useComeByCode() {
  const queries = useQueryClient()
  return useMutation<Schemas['SessionState'], ProblemError, Schemas['CodeGiven']>({
    mutationFn: (given) => answered(api.POST('/api/session/code', { body: given })),
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

/** Everybody who may take this tablet over. */
export function useHands() {
  return useQuery({ queryKey: ['hands'], queryFn: () => answered(api.GET('/api/session/hands')) })
}

export function useTakeOver() {
  const queries = useQueryClient()
  return useCommand((given: { username: string; pin: string }) => answered(api.POST('/api/session/switch', { body: given })), {
    quiet: true,
    answers: (): QueryKey => ['session'],
    onDone: (session) => {
      keep('session', session)
      // What one may see is not what the next may see.
      void queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'session' })
    },
  })
}

export function useChoosePin() {
  return useCommand((given: { password: string; pin: string }) => answered(api.PUT('/api/session/pin', { body: given })), { quiet: true })
}

export function useChoosePassword() {
  return useCommand((given: { password: string; fresh: string }) => answered(api.PUT('/api/session/password', { body: given })), {
    quiet: true,
  })
}
