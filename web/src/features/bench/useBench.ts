import { useQuery } from '@tanstack/react-query'
import { answered, api, ProblemError, type Schemas } from '../../api/client'

export type Truing = Schemas['TruingView']

/** A number as it is typed, with point or comma; nothing while it is none. */
export function typed(text: string): number | undefined {
  const read = text.trim().replace(',', '.').replace('−', '-')
  return /^-?\d+(\.\d+)?$/.test(read) ? Number(read) : undefined
}

/** What was refused of a field, to be told beside it. */
export function faultAt(error: Error | null, field: string): { allowed: string } | undefined {
  return error instanceof ProblemError ? error.faults.find((f) => f.field.startsWith(field)) : undefined
}

/** Where readings are taken: at each bolt, or once more between each two; degrees from bolt 1. */
export function angles(bolts: number, between: boolean): number[] {
  const count = between ? bolts * 2 : bolts
  return Array.from({ length: count }, (_, i) => Math.round((3600 * i) / count) / 10)
}

export function useTruing(given: Schemas['TruingGiven'] | undefined) {
  return useQuery({
    queryKey: ['bench', 'truing', JSON.stringify(given)],
    queryFn: () => answered(api.POST('/api/bench/truing', { body: given! })),
    enabled: given !== undefined,
    retry: false,
  })
}

export function useWrench(given: Schemas['ExtensionGiven'] | undefined) {
  return useQuery({
    queryKey: ['bench', 'wrench', JSON.stringify(given)],
    queryFn: () => answered(api.POST('/api/bench/wrench', { body: given! })),
    enabled: given !== undefined,
    retry: false,
  })
}

export function useRollOut(given: Schemas['RollOutGiven'] | undefined) {
  return useQuery({
    queryKey: ['bench', 'roll-out', JSON.stringify(given)],
    queryFn: () => answered(api.POST('/api/bench/roll-out', { body: given! })),
    enabled: given !== undefined,
    retry: false,
  })
}
