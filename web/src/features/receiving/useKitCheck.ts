import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type Sheet = Schemas['KitCheckView']

const path = (number: number) => ({ path: { number } })
const answers = (job: number) => () => ['kit-check', job]

export function useKitCheck(job: number) {
  return useQuery({ queryKey: ['kit-check', job], queryFn: () => answered(api.GET('/api/jobs/{number}/kit-check', { params: path(job) })) })
}

export const useMark = (job: number) =>
  useCommand((body: Schemas['MarkLine']) => answered(api.POST('/api/jobs/{number}/kit-check/marks', { params: path(job), body })), {
    answers: answers(job),
  })

export const useWriteNumber = (job: number) =>
  useCommand((body: Schemas['WriteNumber']) => answered(api.POST('/api/jobs/{number}/kit-check/numbers', { params: path(job), body })), {
    answers: answers(job),
    quiet: true,
  })

export const useRun = (job: number) =>
  useCommand((body: Schemas['BenchRun']) => answered(api.POST('/api/jobs/{number}/kit-check/runs', { params: path(job), body })), {
    quiet: true,
  })

export const useCloseCheck = (job: number) =>
  useCommand(() => answered(api.POST('/api/jobs/{number}/kit-check/closing', { params: path(job) })), { answers: answers(job) })
