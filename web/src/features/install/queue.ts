import { answered, api, ProblemError, type Schemas } from '../../api/client'

/** A step as a stand shows it: what it is, and where it stands. */
export type StepView = Schemas['PlannedStep'] & Schemas['StepNow']

/** What hands did at a stand, in the order they did it. Kept in the browser until the server has it; a key of its own makes sure it has it once. */
export interface Tap {
  id: string
  job: number
  step: string
  title: string
  what: 'start' | 'tick' | 'pause' | 'stuck' | 'undo' | 'inspect' | 'skip'
  body: Record<string, unknown>
  by: string
  at: string
}

/** A tap that the server did not carry out, with its reason. */
export interface Turned {
  tap: Tap
  why: string
}

interface State {
  waiting: Tap[]
  turned: Turned[]
}

const KEPT = 'yard.taps'
const AGAIN_AFTER = 2_500
const listeners = new Set<() => void>()
let state: State = read()
let sending = false
let later: ReturnType<typeof setTimeout> | undefined

function read(): State {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<State>
    return { waiting: kept.waiting ?? [], turned: kept.turned ?? [] }
  } catch {
    return { waiting: [], turned: [] }
  }
}

function keep(next: State) {
  state = next
  localStorage.setItem(KEPT, JSON.stringify(next))
  listeners.forEach((tell) => tell())
}

export const taps = {
  subscribe: (tell: () => void) => {
    listeners.add(tell)
    return () => {
      listeners.delete(tell)
    }
  },
  now: () => state,
  seen: (id: string) => keep({ ...state, turned: state.turned.filter((t) => t.tap.id !== id) }),
}

type StandNow = Schemas['StandNow']

/** Whether the network is away or the server does not answer for now: the tap waits. */
function away(error: unknown): boolean {
  return error instanceof ProblemError && (error.status === 0 || error.status >= 500)
}

function send(tap: Tap): Promise<StandNow> {
  const params = { path: { number: tap.job, key: tap.step }, header: { 'Idempotency-Key': tap.id } }
  const body = tap.body as never
  switch (tap.what) {
    case 'start':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/start', { params }))
    case 'inspect':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/inspect', { params }))
    case 'tick':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/tick', { params, body }))
    case 'pause':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/pause', { params, body }))
    case 'stuck':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/stuck', { params, body }))
    case 'undo':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/undo', { params, body }))
    case 'skip':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/skip', { params, body }))
  }
}

/**
 * Carries a tap out, or keeps it for later when the network is away. Answers the job's steps, or nothing when it waits.
 *
 * @throws ProblemError when the server refuses it at once
 */
export async function tapped(tap: Tap, onAnswer: (now: StandNow) => void): Promise<StandNow | undefined> {
  if (state.waiting.length > 0) {
    // What was tapped before comes first.
    keep({ ...state, waiting: [...state.waiting, tap] })
    void flush(onAnswer)
    return undefined
  }
  try {
    return await send(tap)
  } catch (error) {
    if (!away(error)) throw error
    keep({ ...state, waiting: [...state.waiting, tap] })
    later = later ?? setTimeout(() => void flush(onAnswer), AGAIN_AFTER)
    return undefined
  }
}

/** Sends what waits, in its order, until the network is away again. What is refused is told with its reason and does not stop the rest. */
export async function flush(onAnswer: (now: StandNow) => void): Promise<void> {
  clearTimeout(later)
  later = undefined
  if (sending) return
  sending = true
  try {
    while (state.waiting.length > 0) {
      const tap = state.waiting[0]!
      try {
        const answer = await send(tap)
        keep({ ...state, waiting: state.waiting.slice(1) })
        onAnswer(answer)
      } catch (error) {
        if (away(error) || (error instanceof ProblemError && error.status === 401)) {
          later = setTimeout(() => void flush(onAnswer), AGAIN_AFTER)
          return
        }
        keep({ waiting: state.waiting.slice(1), turned: [...state.turned, { tap, why: (error as Error).message }] })
        // Whatever stands there instead is shown at once.
        await answered(api.GET('/api/jobs/{number}/steps/now', { params: { path: { number: tap.job } } })).then(onAnswer, () => undefined)
      }
    }
  } finally {
    sending = false
  }
}

/** The steps as they will be once what waits has been carried out; the server has the last word. */
export function withTaps(steps: StepView[], job: number, waiting: Tap[]): StepView[] {
  const mine = waiting.filter((t) => t.job === job)
  if (mine.length === 0) return steps
  let laid = steps
  for (const tap of mine) laid = laid.map((s) => (s.key === tap.step ? after(s, tap) : s))
  const done = new Set(laid.filter((s) => s.state === 'INSPECTED' || s.state === 'SKIPPED' || (s.state === 'DONE' && !s.hold)).map((s) => s.key))
  return laid.map((s) => (s.state === 'OPEN' && s.waitsFor.every((k) => done.has(k)) ? { ...s, start: { ...s.start, allowed: true } } : s))
}

function after(step: StepView, tap: Tap): StepView {
  const nothing = { start: { ...step.start, allowed: false }, undo: { ...step.undo, allowed: false }, skip: { ...step.skip, allowed: false } }
  switch (tap.what) {
    case 'start':
      return { ...step, ...nothing, state: 'RUNNING', doer: tap.by, startedAt: tap.at, stuckReason: undefined }
    case 'tick': {
      const figures = tap.body.figures as Record<string, number>
      const outside = step.figures.find((f) => figures[f.key]! < f.least || figures[f.key]! > f.greatest)
      return outside
        ? { ...step, ...nothing, state: 'STUCK', stuckReason: `${outside.name} reads ${figures[outside.key]} ${outside.unit}; ${outside.window} passes.` }
        : { ...step, ...nothing, state: 'DONE', doneAt: tap.at, handover: undefined }
    }
    case 'pause':
      return { ...step, ...nothing, state: 'PAUSED', handover: `${tap.by}: ${String(tap.body.note)}` }
    case 'stuck':
      return { ...step, ...nothing, state: 'STUCK', stuckReason: String(tap.body.reason) }
    case 'undo':
      return { ...step, ...nothing, state: 'OPEN', doer: undefined }
    case 'inspect':
      return { ...step, ...nothing, state: 'INSPECTED', inspectedBy: tap.by }
    case 'skip':
      return { ...step, ...nothing, state: 'SKIPPED' }
  }
}
