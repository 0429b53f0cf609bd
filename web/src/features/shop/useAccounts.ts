import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type AccountsView = Schemas['AccountsView']
export type Account = AccountsView['accounts'][number]
export type Role = Account['roles'][number]

export function useAccounts(on: boolean) {
  return useQuery({ queryKey: ['accounts'], queryFn: () => answered(api.GET('/api/accounts')), enabled: on })
}

const WHO = { answers: () => ['accounts'] }

/** What hangs on who works here is looked at again. */
function useAfter() {
  const queries = useQueryClient()
  return () => {
    void queries.invalidateQueries({ queryKey: ['people'] })
    void queries.invalidateQueries({ queryKey: ['shop'] })
    void queries.invalidateQueries({ queryKey: ['session'] })
  }
}

export function useAddAccount() {
  const after = useAfter()
  return useCommand((given: Schemas['AccountGiven']) => answered(api.POST('/api/accounts', { body: given })), {
    ...WHO,
    quiet: true,
    onDone: after,
  })
}

export function useRoles(username: string) {
  const after = useAfter()
  return useCommand(
    (roles: Role[]) => answered(api.PUT('/api/accounts/{username}/roles', { params: { path: { username } }, body: { roles } })),
    { ...WHO, quiet: true, onDone: after },
  )
}

export function useStanding(username: string) {
  const after = useAfter()
  return useCommand(
    (standing: Account['standing']) =>
      answered(api.PUT('/api/accounts/{username}/standing', { params: { path: { username } }, body: { standing } })),
    { ...WHO, quiet: true, onDone: after },
  )
}

/** A code for somebody: it is shown once. */
export function useCode() {
  const queries = useQueryClient()
  return useCommand((username: string) => answered(api.POST('/api/accounts/{username}/code', { params: { path: { username } } })), {
    onDone: () => void queries.invalidateQueries({ queryKey: ['accounts'] }),
  })
}
