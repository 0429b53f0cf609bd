import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type CallOff = Schemas['CallOffView']
export type ReturnLine = Schemas['ReturnLine']
export type ReturnState = ReturnLine['proposed']

const path = (number: number) => ({ path: { number } })
const answers = (job: number) => () => ['call-off', job]

export function useCallOff(job: number) {
  return useQuery({ queryKey: ['call-off', job], queryFn: () => answered(api.GET('/api/jobs/{number}/call-off', { params: path(job) })) })
}

/** What calling it off now would bring. */
export function useTakingOff(job: number) {
  return useQuery({
    queryKey: ['call-off', job, 'taking-off'],
    queryFn: () => answered(api.GET('/api/jobs/{number}/call-off/taking-off', { params: path(job) })),
  })
}

export const useAsk = (job: number) =>
  useCommand((body: Schemas['CallOffAsked']) => answered(api.POST('/api/jobs/{number}/call-off', { params: path(job), body })), {
    answers: answers(job),
    quiet: true,
  })

export const useGoOn = (job: number) =>
  useCommand((reason: string) => answered(api.DELETE('/api/jobs/{number}/call-off', { params: path(job), body: { reason } })), {
    answers: answers(job),
    quiet: true,
  })

export const useSettle = (job: number) =>
  useCommand(
    (body: Schemas['CallOffSettlement']) => answered(api.POST('/api/jobs/{number}/call-off/settlement', { params: path(job), body })),
    {
      answers: answers(job),
      quiet: true,
    },
  )

/** Hand the bike back as it came. */
export const useHandBack = (job: number) =>
  useCommand((reason: string) => answered(api.POST('/api/jobs/{number}/place', { params: path(job), body: { to: 'GONE', reason } })))

/** What would be paid if it were settled so. */
export function useReckoning(job: number, body: Schemas['CallOffSettlement'] | undefined) {
  return useQuery({
    queryKey: ['call-off', job, 'reckoning', body],
    enabled: body !== undefined,
    placeholderData: keepPreviousData,
    queryFn: () => answered(api.POST('/api/jobs/{number}/call-off/reckoning', { params: path(job), body: body! })),
  })
}
