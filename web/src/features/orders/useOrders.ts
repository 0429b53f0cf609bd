import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type Order = Schemas['OrderView']
export type OrderLine = Schemas['OrderLineView']
export type Supplier = Schemas['SupplierProposal']
export type Mood = Schemas['Simulate']['mood']

const KEY = ['orders']

export function useOrders() {
  return useQuery({ queryKey: KEY, queryFn: () => answered(api.GET('/api/orders')) })
}

export function useClaims() {
  return useQuery({ queryKey: ['orders', 'claims'], queryFn: () => answered(api.GET('/api/claims')) })
}

const answers = () => KEY

export const useSend = () =>
  useCommand((body: Schemas['NewOrder']) => answered(api.POST('/api/orders', { body })), { answers, quiet: true })

/** Takes an answer in that came as a file. */
export const useAnswer = () =>
  useCommand(
    ({ number, json }: { number: number; json: string }) =>
      answered(api.POST('/api/orders/{number}/answers', { params: { path: { number } }, body: { json } })),
    { answers, quiet: true },
  )

export const useSimulate = () =>
  useCommand(({ number, mood }: { number: number; mood: Mood }) =>
    answered(api.POST('/api/orders/{number}/simulated-answer', { params: { path: { number } }, body: { mood } })),
  )

export const useCancel = () =>
  useCommand(
    ({ number, ...body }: Schemas['Cancel'] & { number: number }) =>
      answered(api.POST('/api/orders/{number}/cancellations', { params: { path: { number } }, body })),
    { answers },
  )

export function useSuppliers() {
  return useQuery({ queryKey: ['orders', 'suppliers'], queryFn: () => answered(api.GET('/api/suppliers')) })
}

export const useKeepSupplier = () =>
  useCommand(
    ({ name, ...body }: Schemas['SupplierGiven'] & { name: string }) =>
      answered(api.PUT('/api/suppliers/{name}', { params: { path: { name } }, body })),
    { answers: () => ['orders', 'suppliers'], quiet: true },
  )

/** A line of a delivery; good pieces have no fault. */
export interface Came {
  part: string
  count: number
  lot: string
  serials?: string[]
  fault?: NonNullable<Schemas['CameLine']['fault']>
  note: string
}

export const useDeliver = () =>
  useCommand(
    ({ number, lines }: { number: number; lines: Came[] }) =>
      answered(
        api.POST('/api/orders/{number}/deliveries', { params: { path: { number } }, body: { lines: lines as Schemas['CameLine'][] } }),
      ),
    { answers, quiet: true },
  )

export const useReallocate = () =>
  useCommand((body: Schemas['Reallocation']) => answered(api.POST('/api/orders/reallocations', { body })), { answers })

export function useName() {
  const queries = useQueryClient()
  return useCommand(
    async ({ job, ordinal, part }: { job: number; ordinal: number; part: string }) => {
      const bill = await answered(api.POST('/api/jobs/{number}/bill/names', { params: { path: { number: job } }, body: { ordinal, part } }))
      void queries.invalidateQueries({ queryKey: KEY })
      return bill
    },
    { quiet: true },
  )
}

/** A part that is made for a job lies there. */
export function useMade(job: number) {
  const queries = useQueryClient()
  return useCommand(async (body: Schemas['MadeLine']) => {
    const bill = await answered(api.POST('/api/jobs/{number}/bill/made', { params: { path: { number: job } }, body }))
    queries.setQueryData(['bill', job], bill)
    void queries.invalidateQueries({ queryKey: KEY })
    return bill
  })
}

export function useSettle() {
  return useCommand(
    ({ id, how }: { id: number; how: string }) =>
      answered(api.POST('/api/claims/{id}/settlement', { params: { path: { id } }, body: { how } })),
    { answers: () => ['orders', 'claims'] },
  )
}
