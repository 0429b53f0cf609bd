import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type ProblemError, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { useMay } from '../session/useSession'

export type OpeningForm = Schemas['OpeningForm']
export type OpeningGiven = Schemas['OpeningGiven']
export type Missing = Schemas['StillMissing']
export type Face = Schemas['FaceView']

export function useOpeningForm() {
  return useQuery({ queryKey: ['opening'], queryFn: () => answered(api.GET('/api/opening')), staleTime: Infinity })
}

/** Opens the shop, and then its manager is signed in. */
export function useOpenShop() {
  const queries = useQueryClient()
  return useMutation<void, ProblemError, OpeningGiven>({
    mutationFn: async (given) => {
      await answered(api.POST('/api/opening', { body: given }))
      const { username, fresh } = given.manager
      queries.setQueryData(['session'], await answered(api.POST('/api/session', { body: { username, password: fresh } })))
    },
  })
}

/** What a first bike would still stop at; asked for by whoever can do something about it. */
export function useMissing() {
  const may = useMay()
  return useQuery({
    queryKey: ['shop', 'missing'],
    queryFn: () => answered(api.GET('/api/opening/missing')),
    enabled: may('KEEP_SHOP'),
    // It hangs on half the shop: whoever comes to look sees it as it is now.
    staleTime: 0,
    refetchOnMount: 'always',
  })
}

export function useStarter() {
  const queries = useQueryClient()
  return useCommand((set: Missing['sets'][number]) => answered(api.POST('/api/opening/starter/{set}', { params: { path: { set } } })), {
    onDone: (brought) => {
      queries.setQueryData(['shop', 'missing'], brought.still)
      void queries.invalidateQueries({ queryKey: ['drawers'] })
      void queries.invalidateQueries({ queryKey: ['kits'] })
    },
  })
}

export function useFace() {
  return useQuery({ queryKey: ['shop', 'face'], queryFn: () => answered(api.GET('/api/shop/face')) })
}

const FACE = { answers: () => ['shop', 'face'], quiet: true }

export function useChangeFace() {
  const queries = useQueryClient()
  return useCommand((given: Schemas['FaceGiven']) => answered(api.PUT('/api/shop/face', { body: given })), {
    ...FACE,
    onDone: () => void queries.invalidateQueries({ queryKey: ['session'] }),
  })
}

export function useHangSign() {
  return useCommand((file: File) => {
    const body = new FormData()
    body.append('file', file)
    return answered(api.POST('/api/shop/face/sign', { body: body as never }))
  }, FACE)
}

export function useTakeSignDown() {
  return useCommand(() => answered(api.DELETE('/api/shop/face/sign')), FACE)
}
