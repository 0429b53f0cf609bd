import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { useUnits } from '../../quantity/units'

export type MeasureCard = Schemas['MeasureCard']
export type Catalogue = Schemas['Catalogue']
/** What can be measured, and what was. */
export type MeasureField = Schemas['Field'] & { card: MeasureCard }

export function useJobNumber(): number {
  return Number(useParams().job)
}

export function useSheet(job: number) {
  return useQuery({
    queryKey: ['sheet', job],
    queryFn: () => answered(api.GET('/api/jobs/{number}', { params: { path: { number: job } } })),
  })
}

/** The catalogue of measures; it does not change while the application runs. */
export function useCatalogue() {
  const units = useUnits()
  return useQuery({ queryKey: ['measures', units], queryFn: () => answered(api.GET('/api/measures')), staleTime: Infinity })
}

export function useMeasure(job: number) {
  return useCommand(
    (m: { key: string; text: string; tool: Schemas['Measured']['tool']; seen: number; sure: boolean }) =>
      answered(
        api.POST('/api/jobs/{number}/measures/{key}', {
          params: { path: { number: job, key: m.key } },
          body: { text: m.text, tool: m.tool, seen: m.seen, sure: m.sure },
        }),
      ),
    { answers: () => ['sheet', job], quiet: true },
  )
}

export function useAskedKits(job: number) {
  return useCommand(
    (kits: string[]) => answered(api.POST('/api/jobs/{number}/asked-kits', { params: { path: { number: job } }, body: { kits } })),
    { answers: () => ['sheet', job] },
  )
}
