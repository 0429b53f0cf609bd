import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type Ahead = Schemas['AheadView']
export type AheadDay = Schemas['DayOnFloor']
export type JobAhead = Schemas['JobAhead']
export type Leg = Schemas['LegView']
export type Colleague = Schemas['Colleague']
export type Outcome = Schemas['WhatIfAnswer']
export type Supposition = Schemas['Supposition']

/** Who does what where on the coming days. */
export function useAhead() {
  return useQuery({ queryKey: ['plan'], queryFn: () => answered(api.GET('/api/plan')) })
}

/** What these jobs' bikes look like. */
export function useDrawings(jobs: number[]) {
  const job = [...jobs].sort((a, b) => a - b)
  return useQuery({
    queryKey: ['plan-drawings', job.join()],
    queryFn: async () =>
      new Map(
        job.length === 0
          ? []
          : (await answered(api.GET('/api/yard/drawings', { params: { query: { job } } }))).map((d) => [d.job, d.drawing] as const),
      ),
    placeholderData: (before) => before,
  })
}

export function useWhy(job: number) {
  return useQuery({
    queryKey: ['plan', 'why', job],
    queryFn: () => answered(api.GET('/api/plan/jobs/{number}/why', { params: { path: { number: job } } })),
  })
}

export function useHelps(job: number) {
  return useQuery({
    queryKey: ['plan', 'helps', job],
    queryFn: () => answered(api.GET('/api/plan/jobs/{number}/helps', { params: { path: { number: job } } })),
  })
}

export function useSay(job: number) {
  const queries = useQueryClient()
  return useCommand(
    (said: Schemas['SaidGiven']) => answered(api.PUT('/api/jobs/{number}/plan', { params: { path: { number: job } }, body: said })),
    { quiet: true, onDone: () => void queries.invalidateQueries({ queryKey: ['plan'] }) },
  )
}

/** What would come of something; nothing is saved. */
export function useOutcome(given: Supposition | undefined) {
  return useQuery({
    queryKey: ['plan', 'what-if', JSON.stringify(given)],
    queryFn: () => answered(api.POST('/api/plan/what-if', { body: given! })),
    enabled: given !== undefined,
    placeholderData: (before) => before,
  })
}

export function useAgree() {
  return useCommand((given: Schemas['PlanAgreement']) => answered(api.POST('/api/plan/agreement', { body: given })), {
    answers: () => ['plan'],
  })
}
