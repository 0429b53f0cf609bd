import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type Answer = Schemas['BillAnswer']
export type Bill = Schemas['BillView']
export type Line = Schemas['Line']

const path = (number: number) => ({ path: { number } })

export function useBill(job: number) {
  return useQuery({ queryKey: ['bill', job], queryFn: () => answered(api.GET('/api/jobs/{number}/bill', { params: path(job) })) })
}

function useOn<A>(job: number, run: (argument: A) => Promise<Answer>) {
  return useCommand(run, { answers: () => ['bill', job] })
}

export const useWithdraw = (job: number) =>
  useOn(job, (reason: string) => answered(api.DELETE('/api/jobs/{number}/bill', { params: path(job), body: { reason } })))

export const usePick = (job: number) =>
  useOn(job, () => answered(api.POST('/api/jobs/{number}/bill/picks', { params: path(job), body: { parts: [] } })))

export const useRevise = (job: number) =>
  useOn(job, (body: Schemas['Revise']) => answered(api.POST('/api/jobs/{number}/bill/revisions', { params: path(job), body })))

/** A change by hand; what is refused is said in the dialog. */
export const useChange = (job: number) =>
  useCommand((body: Schemas['HandChange']) => answered(api.POST('/api/jobs/{number}/bill/changes', { params: path(job), body })), {
    answers: () => ['bill', job],
    quiet: true,
  })

export const useStandIn = (job: number) =>
  useOn(job, (body: Schemas['TakeStandIn']) => answered(api.POST('/api/jobs/{number}/bill/stand-ins', { params: path(job), body })))

export const useMade = (job: number) =>
  useOn(job, (body: Schemas['MadeLine']) => answered(api.POST('/api/jobs/{number}/bill/made', { params: path(job), body })))

export const useSeen = (job: number) =>
  useOn(job, (id: number) => answered(api.POST('/api/jobs/{number}/notices/{id}/seen', { params: { path: { number: job, id } } })))

export const useQuoteApproval = (job: number) =>
  useOn(job, ({ ordinal, ...body }: Schemas['Approval'] & { ordinal: number }) =>
    answered(api.POST('/api/jobs/{number}/quotes/{ordinal}/approval', { params: { path: { number: job, ordinal } }, body })),
  )

export const useQuoteWithdrawal = (job: number) =>
  useOn(job, ({ ordinal, reason }: { ordinal: number; reason: string }) =>
    answered(api.POST('/api/jobs/{number}/quotes/{ordinal}/withdrawal', { params: { path: { number: job, ordinal } }, body: { reason } })),
  )

export const useRank = (job: number) =>
  useOn(job, async (priority: Schemas['Ranking']['priority']) => {
    await answered(api.PUT('/api/jobs/{number}/priority', { params: path(job), body: { priority } }))
    return answered(api.GET('/api/jobs/{number}/bill', { params: path(job) }))
  })
