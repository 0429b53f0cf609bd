import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { answered, api, ProblemError, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type Truing = Schemas['TruingView']
export type BenchOfJob = Schemas['BenchOfJob']

/** A number as it is typed, with point or comma; nothing while it is none. */
export function typed(text: string): number | undefined {
  const read = text.trim().replace(',', '.').replace('−', '-')
  return /^-?\d+(\.\d+)?$/.test(read) ? Number(read) : undefined
}

/** A whole number as it is typed. */
export function whole(text: string): number | undefined {
  const read = typed(text)
  return read !== undefined && Number.isInteger(read) ? read : undefined
}

/** Numbers in a row, with blanks, commas or dashes between; nothing while one of them is none. */
export function typedRow(text: string): number[] | undefined {
  const parts = text.split(/[\s,;–-]+/).filter((p) => p !== '')
  const read = parts.map(whole)
  return parts.length > 0 && read.every((n) => n !== undefined) ? read : undefined
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

/** The job a calculator stands on, and the step that asked for it, by the page's address. */
export function useOnJob() {
  const [search] = useSearchParams()
  const job = whole(search.get('job') ?? '')
  return { job, step: search.get('step') ?? undefined }
}

export function useBenchOfJob(job: number | undefined) {
  return useQuery({
    queryKey: ['bench-of', job],
    queryFn: () => answered(api.GET('/api/jobs/{number}/bench', { params: { path: { number: job! } } })),
    enabled: job !== undefined,
  })
}

/** Answers while one types; what was refused is kept beside its field until it is mended. */
export function useAnswer<G, A>(tool: string, given: G | undefined, ask: (given: G) => Promise<A>) {
  return useQuery({
    queryKey: ['bench', tool, JSON.stringify(given)],
    queryFn: () => ask(given!),
    enabled: given !== undefined,
    retry: false,
    placeholderData: keepPreviousData,
  })
}

/** A calculator's fields: what is typed, else what the link that led here says, else what the job knows, else what is usual. */
export function useMat(tool: string, usual: Record<string, string>, linked: Record<string, string> = {}) {
  const { job } = useOnJob()
  const fills = useBenchOfJob(job).data?.fills.filter((f) => f.tool === tool) ?? []
  const [mine, setMine] = useState<Record<string, string>>({})
  const fill = (field: string) => fills.find((f) => f.field === field)
  const text = (field: string) => mine[field] ?? linked[field] ?? fill(field)?.value ?? usual[field] ?? ''
  return {
    text,
    num: (field: string) => typed(text(field)),
    whole: (field: string) => whole(text(field)),
    /** A field that may stay empty: its number, nothing, or a fault. */
    optional: (field: string) => (text(field).trim() === '' ? null : typed(text(field))),
    origin: (field: string) => (mine[field] === undefined && linked[field] === undefined ? fill(field)?.from : undefined),
    set: (field: string) => (value: string) => setMine((all) => ({ ...all, [field]: value })),
  }
}
export type Mat = ReturnType<typeof useMat>

/** Keeps what a calculator finds on its job. */
export function useKeep(job: number) {
  return useCommand(
    (body: Omit<Schemas['BenchKeep'], 'step'> & { step?: string }) =>
      answered(api.POST('/api/jobs/{number}/bench', { params: { path: { number: job } }, body })),
    { answers: () => ['bench-of', job] },
  )
}

export function useRange(given: Schemas['RangeGiven'] | undefined) {
  return useAnswer('range', given, (body) => answered(api.POST('/api/bench/range', { body })))
}
export function useTruing(given: Schemas['TruingGiven'] | undefined) {
  return useAnswer('truing', given, (body) => answered(api.POST('/api/bench/truing', { body })))
}
export function useWrench(given: Schemas['ExtensionGiven'] | undefined) {
  return useAnswer('wrench', given, (body) => answered(api.POST('/api/bench/wrench', { body })))
}
export function useRollOut(given: Schemas['RollOutGiven'] | undefined) {
  return useAnswer('roll-out', given, (body) => answered(api.POST('/api/bench/roll-out', { body })))
}
export function useBend(given: Schemas['BendGiven'] | undefined) {
  return useAnswer('bend', given, (body) => answered(api.POST('/api/bench/bend', { body })))
}
export function useBatteries(given: Schemas['BatteriesGiven'] | undefined) {
  return useAnswer('batteries', given, (body) => answered(api.POST('/api/bench/batteries', { body })))
}
export function useGears(given: Schemas['GearsGiven'] | undefined) {
  return useAnswer('gears', given, (body) => answered(api.POST('/api/bench/gears', { body })))
}
export function usePressure(given: Schemas['PressureGiven'] | undefined) {
  return useAnswer('pressure', given, (body) => answered(api.POST('/api/bench/pressure', { body })))
}
export function useAxle(given: Schemas['AxleGiven'] | undefined) {
  return useAnswer('axle', given, (body) => answered(api.POST('/api/bench/axle', { body })))
}
export function useFastener(given: Schemas['FastenerGiven'] | undefined) {
  return useAnswer('fastener', given, (body) => answered(api.POST('/api/bench/fastener', { body })))
}
export function useWire(given: Schemas['WireGiven'] | undefined) {
  return useAnswer('wire', given, (body) => answered(api.POST('/api/bench/wire', { body })))
}
export function useStack(given: Schemas['StackGiven'] | undefined) {
  return useAnswer('stack', given, (body) => answered(api.POST('/api/bench/stack', { body })))
}
