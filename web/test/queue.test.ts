import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { server, type Asked } from './server'
import type { StepView, Tap } from '../src/features/install/queue'

type Queue = typeof import('../src/features/install/queue')

const tap = (id: string, job: number, step = 'a', what: Tap['what'] = 'start'): Tap => ({
  id,
  job,
  step,
  title: step,
  what,
  body: {},
  by: 'Tova',
  at: '2026-11-30T10:00:00Z',
})
const now = (job: number) => ({ status: 200, body: { job: { number: job }, steps: [] } })
const jobOf = (a: Asked) => Number(a.path.split('/')[3])
const sent = (asked: Asked[]) => asked.filter((a) => a.method === 'POST').map((a) => a.headers.get('Idempotency-Key'))

/** The module as a page that was just loaded has it. */
async function loaded(): Promise<Queue> {
  vi.resetModules()
  return import('../src/features/install/queue')
}

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers()
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('a tap', () => {
  it('is sent at once with its own key', async () => {
    const asked = server((a) => now(jobOf(a)))
    const { tapped, taps } = await loaded()
    expect(await tapped(tap('k1', 7), () => undefined)).toMatchObject({ job: { number: 7 } })
    expect(sent(asked)).toEqual(['k1'])
    expect(asked[0]?.headers.get('Yard-Tapped-At')).toBeNull()
    expect(taps.now().waiting).toEqual([])
  })

  it('waits after eight seconds without an answer, and goes out with the same key', async () => {
    const asked = server((a, nth) => (nth === 1 ? 'hangs' : now(jobOf(a))))
    const { tapped, taps } = await loaded()
    const done = tapped(tap('k1', 7), () => undefined)
    await vi.advanceTimersByTimeAsync(7_900)
    expect(taps.now().waiting).toEqual([])
    await vi.advanceTimersByTimeAsync(200)
    expect(await done).toBeUndefined()
    expect(taps.now().waiting.map((t) => t.id)).toEqual(['k1'])
    await vi.advanceTimersByTimeAsync(2_500)
    expect(sent(asked)).toEqual(['k1', 'k1'])
    expect(taps.now().waiting).toEqual([])
  })

  it('that was not answered yet is not lost by a page that is loaded anew, and goes out with the same key', async () => {
    server(() => 'hangs')
    const first = await loaded()
    void first.tapped(tap('k1', 7), () => undefined)
    await vi.advanceTimersByTimeAsync(100)
    const second = await loaded()
    expect(second.taps.now().waiting.map((t) => t.id)).toEqual(['k1'])
    const asked = server((a) => now(jobOf(a)))
    await second.flush(() => undefined)
    expect(sent(asked)).toEqual(['k1'])
    // Once it was answered it is nobody's any more.
    expect((await loaded()).taps.now().waiting).toEqual([])
  })

  it('that was answered is not sent again by a page that is loaded anew', async () => {
    server((a) => now(jobOf(a)))
    const first = await loaded()
    await first.tapped(tap('k1', 7), () => undefined)
    expect((await loaded()).taps.now().waiting).toEqual([])
  })

  it('is refused at once, and does not wait', async () => {
    server(() => ({ status: 409, body: { detail: 'Not yet.' } }))
    const { tapped, taps } = await loaded()
    await expect(tapped(tap('k1', 7), () => undefined)).rejects.toThrow('Not yet.')
    expect(taps.now().waiting).toEqual([])
  })

  it('is refused at once where nobody is signed in', async () => {
    server(() => ({ status: 401 }))
    const { tapped, taps } = await loaded()
    await expect(tapped(tap('k1', 7), () => undefined)).rejects.toMatchObject({ status: 401 })
    expect(taps.now().waiting).toEqual([])
  })

  it.each(['away', 502, 503, 504] as const)('waits while the answer is %s, and goes out with the same key', async (how) => {
    let away = true
    const asked = server((a) => (away ? (how === 'away' ? 'away' : { status: how }) : now(jobOf(a))))
    const { tapped, taps } = await loaded()
    const answers: number[] = []
    expect(await tapped(tap('k1', 7), (n) => answers.push(n.job.number))).toBeUndefined()
    expect(taps.now().waiting).toHaveLength(1)
    away = false
    await vi.advanceTimersByTimeAsync(2_500)
    expect(taps.now().waiting).toEqual([])
    expect(answers).toEqual([7])
    expect(sent(asked)).toEqual(['k1', 'k1'])
  })

  it('stays through a reload', async () => {
    let away = true
    const asked = server((a) => (away ? 'away' : now(jobOf(a))))
    const before = await loaded()
    await before.tapped(tap('k1', 7), () => undefined)
    vi.clearAllTimers()
    const after = await loaded()
    expect(after.taps.now().waiting.map((t) => t.id)).toEqual(['k1'])
    away = false
    await after.flush(() => undefined)
    expect(after.taps.now().waiting).toEqual([])
    expect(sent(asked)).toEqual(['k1', 'k1'])
  })

  it('goes behind those that wait', async () => {
    let away = true
    const asked = server((a) => (away ? 'away' : now(jobOf(a))))
    const { tapped, flush } = await loaded()
    await tapped(tap('k1', 7, 'a', 'start'), () => undefined)
    await tapped(tap('k2', 7, 'a', 'tick'), () => undefined)
    await vi.advanceTimersByTimeAsync(0)
    away = false
    await flush(() => undefined)
    expect(sent(asked).slice(-2)).toEqual(['k1', 'k2'])
  })
})

describe('a server that breaks over one tap', () => {
  it('holds up that bike only, and is told after four tries', async () => {
    const asked = server((a) =>
      a.method === 'GET' ? now(jobOf(a)) : jobOf(a) === 7 ? { status: 500, body: { detail: 'broke' } } : now(jobOf(a)),
    )
    const { tapped, taps } = await loaded()
    await tapped(tap('bad', 7, 'a', 'start'), () => undefined)
    await tapped(tap('behind', 7, 'a', 'tick'), () => undefined)
    await tapped(tap('other', 8), () => undefined)
    await vi.advanceTimersByTimeAsync(1)
    expect(sent(asked)).toContain('other')
    expect(sent(asked)).not.toContain('behind')
    expect(taps.now().waiting.map((t) => t.id)).toEqual(['bad', 'behind'])
    await vi.advanceTimersByTimeAsync(120_000)
    expect(sent(asked).filter((k) => k === 'bad')).toHaveLength(4)
    expect(taps.now().turned.map((t) => t.tap.id)).toContain('bad')
    expect(taps.now().turned[0]!.why).toContain('may or may not have been saved')
    expect(sent(asked)).toContain('behind')
  })

  it('is tried again more and more seldom', async () => {
    const times: number[] = []
    server((a) => {
      if (a.method === 'POST') times.push(Date.now())
      return 'away'
    })
    const { tapped } = await loaded()
    await tapped(tap('k1', 7), () => undefined)
    await vi.advanceTimersByTimeAsync(400_000)
    const gaps = times.slice(1).map((t, i) => t - times[i]!)
    expect(gaps.slice(0, 6)).toEqual([2_500, 2_500, 2_500, 2_500, 5_000, 10_000])
    expect(Math.max(...gaps)).toBe(60_000)
  })
})

describe('what is refused out of the queue', () => {
  it('is told with its reason and does not stop the rest', async () => {
    let away = true
    server((a) =>
      away
        ? 'away'
        : a.method === 'GET' || !a.path.includes('/x/')
          ? now(jobOf(a))
          : { status: 409, body: { detail: 'Somebody else did it.' } },
    )
    const { tapped, taps, flush } = await loaded()
    await tapped(tap('k1', 7, 'x'), () => undefined)
    await tapped(tap('k2', 7, 'y'), () => undefined)
    await vi.advanceTimersByTimeAsync(0)
    away = false
    await flush(() => undefined)
    expect(taps.now().waiting).toEqual([])
    expect(taps.now().turned).toMatchObject([{ tap: { id: 'k1' }, why: 'Somebody else did it.' }])
    taps.seen('k1')
    expect(taps.now().turned).toEqual([])
  })

  it('waits for whoever signs in again', async () => {
    let status = 0
    server((a) => (status === 0 ? 'away' : status === 401 ? { status } : now(jobOf(a))))
    const { tapped, taps, flush } = await loaded()
    await tapped(tap('k1', 7), () => undefined)
    status = 401
    await flush(() => undefined)
    expect(taps.now().waiting).toHaveLength(1)
    expect(taps.now().turned).toEqual([])
    status = 200
    await flush(() => undefined)
    expect(taps.now().waiting).toEqual([])
  })
})

describe('the list while taps wait', () => {
  const no = { allowed: false, reason: '' }
  const step = (key: string, more: Partial<StepView> = {}) =>
    ({
      key,
      state: 'OPEN',
      hold: false,
      alone: { allowed: true, reason: '' },
      waitsFor: [],
      figures: [],
      start: no,
      undo: no,
      skip: no,
      ...more,
    }) as unknown as StepView

  it('shows what was tapped as done, and what that frees', async () => {
    const { withTaps } = await loaded()
    const steps = [step('a'), step('b', { waitsFor: ['a'] }), step('c', { waitsFor: ['b'] })]
    const laid = withTaps(steps, 7, [
      tap('1', 7, 'a', 'start'),
      { ...tap('2', 7, 'a', 'tick'), body: { figures: {} } },
      tap('3', 8, 'b', 'start'),
    ])
    expect(laid.map((s) => s.state)).toEqual(['DONE', 'OPEN', 'OPEN'])
    expect(laid.map((s) => s.start.allowed)).toEqual([false, true, false])
    expect(withTaps(steps, 9, [tap('1', 7)])).toBe(steps)
  })

  it('is stuck where a figure lies outside its window', async () => {
    const { withTaps } = await loaded()
    const steps = [
      step('a', { figures: [{ key: 'torque', name: 'Torque', unit: 'N·m', least: 8, greatest: 10, window: '8 to 10 N·m' }] as never }),
    ]
    const ticked = (torque: number) => withTaps(steps, 7, [{ ...tap('1', 7, 'a', 'tick'), body: { figures: { torque } } }])[0]!
    expect(ticked(10).state).toBe('DONE')
    expect(ticked(11)).toMatchObject({ state: 'STUCK', stuckReason: 'Torque reads 11 N·m; 8 to 10 N·m passes.' })
    expect(ticked(7).state).toBe('STUCK')
  })

  it('does not free what waits for a hold point before it was inspected', async () => {
    const { withTaps } = await loaded()
    const steps = [step('a', { hold: 'a second person looks' }), step('b', { waitsFor: ['a'] })]
    const tick = { ...tap('1', 7, 'a', 'tick'), body: { figures: {} } }
    expect(withTaps(steps, 7, [tick])[1]!.start.allowed).toBe(false)
    expect(withTaps(steps, 7, [tick, tap('2', 7, 'a', 'inspect')])[1]!.start.allowed).toBe(true)
  })

  it('does not free what waits for a step of somebody who is still learning it', async () => {
    const { withTaps } = await loaded()
    const learns = { alone: { allowed: false, reason: 'Learning electrics.' }, skill: 'electrics' }
    const tick = { ...tap('2', 7, 'a', 'tick'), body: { figures: {} } }
    const laid = withTaps([step('a', learns), step('b', { waitsFor: ['a'] })], 7, [tap('1', 7), tick])
    expect(laid[0]).toMatchObject({ state: 'DONE', second: { skill: 'electrics' } })
    expect(laid[1]!.start.allowed).toBe(false)
    const alone = withTaps([step('a'), step('b', { waitsFor: ['a'] })], 7, [tap('1', 7), tick])
    expect(alone[1]!.start.allowed).toBe(true)
    // What was begun by somebody who learns it stays so, whoever ticks it.
    const begun = withTaps([step('a', { second: { skill: 'electrics', who: '' } }), step('b', { waitsFor: ['a'] })], 7, [tap('1', 7), tick])
    expect(begun[1]!.start.allowed).toBe(false)
  })

  it.each([
    ['pause', { note: 'lunch' }, { state: 'PAUSED', handover: 'Tova: lunch' }],
    ['stuck', { reason: 'no screw' }, { state: 'STUCK', stuckReason: 'no screw' }],
    ['undo', {}, { state: 'OPEN', doer: undefined }],
    ['inspect', {}, { state: 'INSPECTED', inspectedBy: 'Tova' }],
    ['skip', {}, { state: 'SKIPPED' }],
  ] as const)('lays a %s over its step', async (what, body, laid) => {
    const { withTaps } = await loaded()
    expect(withTaps([step('a')], 7, [{ ...tap('1', 7, 'a', what), body }])[0]).toMatchObject(laid)
  })
})

describe('what somebody else tapped', () => {
  const theirs = (id: string, job: number, who: string, by: string): Tap => ({ ...tap(id, job), who, by })
  const rian = { username: 'rian', displayName: 'Rian' }
  const tova = { username: 'tova', displayName: 'Tova' }

  it('waits for them, holds up its own bike, and goes out when they are back', async () => {
    localStorage.setItem('yard.taps', JSON.stringify({ waiting: [theirs('k1', 7, 'tova', 'Tova'), theirs('k2', 8, 'rian', 'Rian')] }))
    const asked = server((a) => now(jobOf(a)))
    const { tapped, flush, setHands, taps } = await loaded()
    setHands(rian)
    await flush(() => undefined)
    expect(sent(asked)).toEqual(['k2'])
    // Behind hers on the same bike his waits too; on another bike it goes out at once.
    expect(await tapped(theirs('k3', 7, 'rian', 'Rian'), () => undefined)).toBeUndefined()
    expect(await tapped(theirs('k4', 9, 'rian', 'Rian'), () => undefined)).toMatchObject({ job: { number: 9 } })
    expect(sent(asked)).toEqual(['k2', 'k4'])
    setHands(tova)
    await flush(() => undefined)
    expect(asked.find((a) => a.headers.get('Idempotency-Key') === 'k1')?.headers.get('Yard-Tapped-At')).toBe('2026-11-30T10:00:00Z')
    setHands(rian)
    await flush(() => undefined)
    expect(sent(asked)).toEqual(['k2', 'k4', 'k1', 'k3'])
    expect(taps.now().waiting).toEqual([])
  })

  it('says to the server whose it is, and stays where the server says that somebody else is signed in', async () => {
    localStorage.setItem('yard.taps', JSON.stringify({ waiting: [theirs('k1', 7, 'tova', 'Tova')] }))
    const asked = server((a) =>
      a.headers.get('Yard-Tapped-By') === 'tova' ? { status: 412, body: { detail: 'tova tapped this' } } : now(7),
    )
    const { flush, taps } = await loaded()
    await flush(() => undefined)
    expect(sent(asked)).toEqual(['k1'])
    expect(taps.now()).toMatchObject({ waiting: [{ id: 'k1' }], turned: [] })
  })

  it('is told by name where it was kept before taps said whose account it was', async () => {
    const { isOurs } = await loaded()
    expect(isOurs(tap('k1', 7), tova)).toBe(true)
    expect(isOurs(tap('k1', 7), rian)).toBe(false)
    expect(isOurs(theirs('k1', 7, 'tova', 'Rian'), rian)).toBe(false)
    expect(isOurs(theirs('k1', 7, 'tova', 'Rian'), undefined)).toBe(true)
  })
})
