import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type ArrivalSheet = Schemas['ArrivalSheet']
export type PointView = Schemas['PointView']
export type Grade = Schemas['GradeIn']['grade']

export function useArrival(job: number) {
  return useQuery({
    queryKey: ['arrival', job],
    queryFn: () => answered(api.GET('/api/jobs/{number}/arrival', { params: { path: { number: job } } })),
  })
}

export function useArrivalCommands(job: number) {
  const answers = { answers: () => ['arrival', job] }
  const path = { number: job }
  return {
    grade: useCommand(
      (g: { point: string; grade: Grade; note: string; seen: number }) =>
        answered(
          api.POST('/api/jobs/{number}/arrival/points/{point}', {
            params: { path: { number: job, point: g.point } },
            body: { grade: g.grade, note: g.note, seen: g.seen },
          }),
        ),
      { ...answers, quiet: true },
    ),
    restGood: useCommand(() => answered(api.POST('/api/jobs/{number}/arrival/rest-good', { params: { path } })), answers),
    lift: useCommand(
      (l: { point: string; lift: Schemas['LiftIn']['lift']; reason: string }) =>
        answered(
          api.POST('/api/jobs/{number}/arrival/points/{point}/lift', {
            params: { path: { number: job, point: l.point } },
            body: { lift: l.lift, reason: l.reason },
          }),
        ),
      { ...answers, quiet: true },
    ),
    agree: useCommand((body: Schemas['AgreedIn']) => answered(api.POST('/api/jobs/{number}/arrival/agreed', { params: { path }, body })), {
      ...answers,
      quiet: true,
    }),
  }
}
