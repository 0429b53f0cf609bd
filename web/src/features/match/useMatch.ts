import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { useUnits } from '../../quantity/units'

export type Match = Schemas['Match']
export type Check = Schemas['CheckView']
export type Row = Schemas['Row']
export type FitNote = Schemas['FitNote']

/** What is supposed to be otherwise; nothing of it is saved. */
export interface Supposed {
  measures: Record<string, string>
  without: string[]
}

export const NOTHING: Supposed = { measures: {}, without: [] }

export function isSupposing(s: Supposed): boolean {
  return s.without.length > 0 || Object.values(s.measures).some((v) => v.trim() !== '')
}

/** The address of one kit's hinge. */
export function hingeOf(job: number, kit: string): string {
  return `/jobs/${job}/hinge/${encodeURIComponent(kit)}`
}

export function useShortlist(job: number) {
  return useQuery({
    queryKey: ['shortlist', job],
    queryFn: () => answered(api.GET('/api/jobs/{number}/shortlist', { params: { path: { number: job } } })),
  })
}

export function useMatch(job: number, kit: string) {
  return useQuery({
    queryKey: ['match', job, kit, useUnits()],
    queryFn: () => answered(api.GET('/api/jobs/{number}/match/{kit}', { params: { path: { number: job, kit } } })),
  })
}

/** The match as it would be. What was answered before stays until the next answer is there. */
export function useWhatIf(job: number, kit: string, supposed: Supposed) {
  const measures = Object.fromEntries(Object.entries(supposed.measures).filter(([, v]) => v.trim() !== ''))
  return useQuery({
    queryKey: ['what-if', job, kit, useUnits(), measures, supposed.without],
    queryFn: () =>
      answered(
        api.POST('/api/jobs/{number}/match/{kit}/what-if', {
          params: { path: { number: job, kit } },
          body: { measures, without: supposed.without },
        }),
      ),
    enabled: isSupposing(supposed),
    placeholderData: keepPreviousData,
    retry: false,
  })
}

function useMatchCommand<A>(job: number, kit: string, run: (argument: A) => Promise<Match>) {
  const units = useUnits()
  const queries = useQueryClient()
  return useCommand(
    async (argument: A) => {
      const match = await run(argument)
      void queries.invalidateQueries({ queryKey: ['shortlist', job] })
      return match
    },
    { answers: () => ['match', job, kit, units] },
  )
}

export function useOverride(job: number, kit: string) {
  return useMatchCommand(job, kit, (word: { checkId: string; reason: string }) =>
    answered(api.POST('/api/jobs/{number}/match/{kit}/overrides', { params: { path: { number: job, kit } }, body: word })),
  )
}

export function useTakeBack(job: number, kit: string) {
  return useMatchCommand(job, kit, (check: string) =>
    answered(api.POST('/api/jobs/{number}/match/{kit}/overrides/{check}/take-back', { params: { path: { number: job, kit, check } } })),
  )
}

export function useWriteNote(job: number, kit: string) {
  return useMatchCommand(job, kit, (note: Schemas['NewNote']) =>
    answered(api.POST('/api/jobs/{number}/match/{kit}/notes', { params: { path: { number: job, kit } }, body: note })),
  )
}

export function useRemoveNote(job: number, kit: string) {
  return useMatchCommand(job, kit, (note: number) =>
    answered(api.POST('/api/jobs/{number}/match/{kit}/notes/{note}/remove', { params: { path: { number: job, kit, note } } })),
  )
}
