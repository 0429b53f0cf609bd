import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type StopView = Schemas['StopView']

export function useBlockers() {
  return useQuery({ queryKey: ['blockers'], queryFn: () => answered(api.GET('/api/blockers')), refetchInterval: 60_000 })
}

export function useStopChoices(job: number) {
  return useQuery({
    queryKey: ['stop-choices', job],
    queryFn: () => answered(api.GET('/api/jobs/{number}/blockers/choices', { params: { path: { number: job } } })),
  })
}

export function useResolve() {
  return useCommand(
    (r: { job: number; id: number; body: Schemas['Resolve'] }) =>
      answered(api.POST('/api/jobs/{number}/blockers/{id}/resolve', { params: { path: { number: r.job, id: r.id } }, body: r.body })),
    { answers: () => ['blockers'] },
  )
}
