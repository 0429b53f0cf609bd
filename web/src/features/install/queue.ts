import { answered, api, ProblemError, type Schemas } from '../../api/client'

/** A step as a stand shows it: what it is, and where it stands. */
export type StepView = Schemas['PlannedStep'] & Schemas['StepNow']

/** What hands did at a stand, in the order they did it. Kept in the browser until the server has it; a key of its own makes sure it has it once. */
export interface Tap {
  id: string
  job: number
  step: string
  title: string
  what: 'start' | 'tick' | 'pause' | 'stuck' | 'undo' | 'inspect' | 'refuse' | 'skip'
  body: Record<string, unknown>
  by: string
  /** The account it was tapped with; what another person taps is never sent as theirs. Missing in taps kept by earlier versions. */
  who?: string
  at: string
  /** How often the server broke over it: a fault of ours is not a network that is away. */
  broke?: number
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
/** Taps that were sent and not answered yet: a page that is loaded anew just then sends them again, with their keys. */
const OUT = 'yard.taps.out'
const AGAIN_AFTER = 2_500
/** So often again it is tried at the same pace. */
const SOON = 3
/** Nobody asks more seldom than this. */
const AT_LEAST_EVERY = 60_000
/** After so many times the server's fault is told, and the tap is not sent again by itself. */
const BREAKS = 4
/** Whoever has their hands at this tablet. */
export interface Hands {
  username: string
  displayName: string
}

let hands: Hands | undefined
const listeners = new Set<() => void>()
let state: State = read()
let sending = false
let later: ReturnType<typeof setTimeout> | undefined
let failures = 0

function read(): State {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<State>
    const waiting = kept.waiting ?? []
    const known = { waiting: [...waiting, ...out().filter((t) => waiting.every((w) => w.id !== t.id))], turned: kept.turned ?? [] }
    localStorage.setItem(KEPT, JSON.stringify(known))
    localStorage.removeItem(OUT)
    return known
  } catch {
    return { waiting: [], turned: [] }
  }
}

function out(): Tap[] {
  return JSON.parse(localStorage.getItem(OUT) ?? '[]') as Tap[]
}

function isOut(tap: Tap, now: boolean) {
  const others = out().filter((t) => t.id !== tap.id)
  localStorage.setItem(OUT, JSON.stringify(now ? [...others, tap] : others))
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

/** Says who is signed in here now; what others tapped waits for them. */
export function setHands(now: Hands | undefined) {
  hands = now
}

/** Whether a tap may be sent by whoever is signed in; where that is not known yet, the server says so. */
export function isOurs(tap: Tap, now: Hands | undefined = hands): boolean {
  return now === undefined || (tap.who === undefined ? tap.by === now.displayName : tap.who === now.username)
}

type StandNow = Schemas['StandNow']

/** Whether somebody else is signed in than whoever tapped it. */
function others(error: unknown): boolean {
  return error instanceof ProblemError && error.status === 412
}

/** Whether the network, the server or its database is away, or nobody is signed in: everything waits. */
function away(error: unknown): boolean {
  return error instanceof ProblemError && [0, 401, 502, 503, 504].includes(error.status)
}

/** Whether the server broke over this one tap: it is tried again, and holds up only its own bike. */
function broken(error: unknown): boolean {
  return error instanceof ProblemError && error.status >= 500 && !away(error)
}

/** A moment's gap is bridged at once; the longer nothing comes of it, the more seldom it is tried. */
function again(onAnswer: (now: StandNow) => void) {
  clearTimeout(later)
  later = setTimeout(() => void flush(onAnswer), Math.min(AT_LEAST_EVERY, AGAIN_AFTER * 2 ** Math.max(0, failures - SOON)))
  failures++
}

/** @param waited what goes out at once happens now; only what waited says when it was tapped, by this tablet's clock */
function send(tap: Tap, waited: boolean): Promise<StandNow> {
  const params = { path: { number: tap.job, key: tap.step }, header: { 'Idempotency-Key': tap.id } }
  const headers = { ...(waited && { 'Yard-Tapped-At': tap.at }), ...(tap.who && { 'Yard-Tapped-By': tap.who }) }
  const body = tap.body as never
  switch (tap.what) {
    case 'start':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/start', { params, headers }))
    case 'inspect':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/inspect', { params, headers }))
    case 'refuse':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/refuse', { params, headers, body }))
    case 'tick':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/tick', { params, headers, body }))
    case 'pause':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/pause', { params, headers, body }))
    case 'stuck':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/stuck', { params, headers, body }))
    case 'undo':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/undo', { params, headers, body }))
    case 'skip':
      return answered(api.POST('/api/jobs/{number}/steps/{key}/skip', { params, headers, body }))
  }
}

/**
 * Carries a tap out, or keeps it for later when the network is away. Answers the job's steps, or nothing when it waits.
 *
 * @throws ProblemError when the server refuses it at once
 */
export async function tapped(tap: Tap, onAnswer: (now: StandNow) => void): Promise<StandNow | undefined> {
  if (next(new Set()) || state.waiting.some((t) => t.job === tap.job)) {
    // What was tapped before comes first.
    keep({ ...state, waiting: [...state.waiting, tap] })
    void flush(onAnswer)
    return undefined
  }
  isOut(tap, true)
  try {
    return await send(tap, false)
  } catch (error) {
    if (error instanceof ProblemError && error.status === 401) throw error
    if (!away(error) && !broken(error)) throw error
    keep({ ...state, waiting: [...state.waiting, { ...tap, ...(broken(error) && { broke: 1 }) }] })
    again(onAnswer)
    return undefined
  } finally {
    isOut(tap, false)
  }
}

/**
 * Sends what waits, each bike's taps in their order, until the network is away again. What is refused is told with its reason and does not stop the rest; what the
 * server breaks over holds up its own bike for a few tries, and is then told like a refusal.
 */
export async function flush(onAnswer: (now: StandNow) => void): Promise<void> {
  clearTimeout(later)
  later = undefined
  if (sending) return
  sending = true
  const heldUp = new Set<number>()
  try {
    for (let tap = next(heldUp); tap; tap = next(heldUp)) {
      try {
        const answer = await send(tap, true)
        failures = 0
        drop(tap)
        onAnswer(answer)
      } catch (error) {
        if (away(error)) {
          again(onAnswer)
          return
        }
        if (others(error)) {
          heldUp.add(tap.job)
          continue
        }
        const broke = (tap.broke ?? 0) + 1
        if (broken(error) && broke < BREAKS) {
          const { id } = tap
          keep({ ...state, waiting: state.waiting.map((t) => (t.id === id ? { ...t, broke } : t)) })
          heldUp.add(tap.job)
          continue
        }
        await turn(
          tap,
          broken(error)
            ? `The server broke over it ${broke} times: it may or may not have been saved. Look at the step, and tell whoever looks after the application.`
            : (error as Error).message,
          onAnswer,
        )
      }
    }
    if (next(new Set())) again(onAnswer)
  } finally {
    sending = false
  }
}

/** The first tap of a bike that nothing holds up: neither a fault nor what somebody else tapped before it. */
function next(heldUp: Set<number>): Tap | undefined {
  const behind = new Set(heldUp)
  return state.waiting.find((t) => {
    if (behind.has(t.job)) return false
    if (!isOurs(t)) behind.add(t.job)
    return isOurs(t)
  })
}

function drop(tap: Tap) {
  keep({ ...state, waiting: state.waiting.filter((t) => t.id !== tap.id) })
}

/** What was not carried out is told with its reason; whatever stands there instead is shown at once. */
async function turn(tap: Tap, why: string, onAnswer: (now: StandNow) => void) {
  keep({ waiting: state.waiting.filter((t) => t.id !== tap.id), turned: [...state.turned, { tap, why }] })
  await answered(api.GET('/api/jobs/{number}/steps/now', { params: { path: { number: tap.job } } })).then(onAnswer, () => undefined)
}

/** Whether a second person looks at it: a hold point, or what somebody did who is not skilled in it. */
export function wantsSecond(step: StepView): boolean {
  return !!step.hold || !!step.second
}

/** The steps as they will be once what waits has been carried out; the server has the last word. */
export function withTaps(steps: StepView[], job: number, waiting: Tap[]): StepView[] {
  const mine = waiting.filter((t) => t.job === job)
  if (mine.length === 0) return steps
  let laid = steps
  for (const tap of mine) laid = laid.map((s) => (s.key === tap.step ? after(s, tap) : s))
  const done = new Set(
    laid.filter((s) => s.state === 'INSPECTED' || s.state === 'SKIPPED' || (s.state === 'DONE' && !wantsSecond(s))).map((s) => s.key),
  )
  return laid.map((s) => (s.state === 'OPEN' && s.waitsFor.every((k) => done.has(k)) ? { ...s, start: { ...s.start, allowed: true } } : s))
}

function after(step: StepView, tap: Tap): StepView {
  const no = { allowed: false, reason: 'Waits for the network.' }
  const nothing = { start: no, undo: no, skip: no, inspect: no }
  switch (tap.what) {
    case 'start':
      return {
        ...step,
        ...nothing,
        state: 'RUNNING',
        doer: tap.by,
        startedAt: tap.at,
        stuckReason: undefined,
        second: step.second ?? (step.alone.allowed ? undefined : { skill: step.skill, who: '' }),
      }
    case 'tick': {
      const figures = tap.body.figures as Record<string, number>
      const outside = step.figures.find((f) => figures[f.key]! < f.least || figures[f.key]! > f.greatest)
      return outside
        ? {
            ...step,
            ...nothing,
            state: 'STUCK',
            stuckReason: `${outside.name} reads ${figures[outside.key]} ${outside.unit}; ${outside.window} passes.`,
          }
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
    case 'refuse':
      return { ...step, ...nothing, state: 'STUCK', stuckReason: `${tap.by} does not accept it: ${String(tap.body.found)}` }
    case 'skip':
      return { ...step, ...nothing, state: 'SKIPPED' }
  }
}
