import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

const at = (job: number) => ({ params: { path: { number: job } } })

export function useCommission(job: number, enabled = true) {
  return useQuery({ enabled, queryKey: ['commission', job], queryFn: () => answered(api.GET('/api/jobs/{number}/settings', at(job))) })
}

export function useCommissionCommands(job: number) {
  const answers = () => ['commission', job]
  return {
    set: useCommand(
      (s: { page: string; value: string }) =>
        answered(
          api.PUT('/api/jobs/{number}/settings/{page}', { params: { path: { number: job, page: s.page } }, body: { value: s.value } }),
        ),
      { answers },
    ),
    asShown: useCommand(() => answered(api.POST('/api/jobs/{number}/settings/as-shown', at(job))), { answers }),
    fault: useCommand(
      (f: { fault: Schemas['FaultView']['fault']; on: boolean }) =>
        answered(api.PUT('/api/jobs/{number}/controller/faults', { ...at(job), body: f })),
      { answers },
    ),
  }
}

/** Says what a stuck step's test failed for; the stop is of that kind from then on. */
export function useCause(job: number, step: string) {
  return useCommand((found: { symptom: string; cause?: string }) =>
    answered(api.POST('/api/jobs/{number}/steps/{key}/cause', { params: { path: { number: job, key: step } }, body: found })),
  )
}

export function useWrenches() {
  return useQuery({ queryKey: ['wrenches'], queryFn: () => answered(api.GET('/api/wrenches')) })
}

export type WrenchGiven = Schemas['WrenchGiven'] & { code: string }

export function useKeepWrench() {
  return useCommand(({ code, ...body }: WrenchGiven) => answered(api.PUT('/api/wrenches/{code}', { params: { path: { code } }, body })), {
    answers: () => ['wrenches'],
    quiet: true,
  })
}

/** Figures for a step from what can send them: the stand-in for the bike's controller, or the last reading of a wrench or meter. */
export async function fromController(job: number, step: string): Promise<Record<string, number>> {
  const answer = await answered(api.GET('/api/jobs/{number}/controller/{step}', { params: { path: { number: job, step } } }))
  return answer.figures
}

export async function fromDevice(device: 'wrench' | 'meter') {
  return (await answered(api.GET('/api/devices/{device}', { params: { path: { device } } }))).reading
}

export function useSymptoms() {
  return useQuery({ queryKey: ['symptoms'], queryFn: () => answered(api.GET('/api/symptoms')), staleTime: Infinity })
}
