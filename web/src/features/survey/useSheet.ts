import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type MeasureField = Schemas['Field']

export function useJobNumber(): number {
  return Number(useParams().job)
}

export function useSheet(job: number) {
  return useQuery({ queryKey: ['sheet', job], queryFn: () => answered(api.GET('/api/jobs/{number}', { params: { path: { number: job } } })) })
}

export function useMeasure(job: number) {
  return useCommand(
    (m: { key: string; text: string; tool: Schemas['Measured']['tool']; seen: number }) =>
      answered(api.POST('/api/jobs/{number}/measures/{key}', { params: { path: { number: job, key: m.key } }, body: { text: m.text, tool: m.tool, seen: m.seen } })),
    { answers: () => ['sheet', job], quiet: true },
  )
}
