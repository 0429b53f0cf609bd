import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { server, type Asked } from './server'

type Client = typeof import('../src/api/client')
type Intent = typeof import('../src/api/intent')

/** Both modules as a page that was just loaded has them. */
async function loaded(): Promise<Client & Intent> {
  vi.resetModules()
  return { ...(await import('../src/api/client')), ...(await import('../src/api/intent')) }
}

const keys = (asked: Asked[]) => asked.filter((a) => a.method === 'POST').map((a) => a.headers.get('Idempotency-Key'))

function receive({ api, answered }: Client, count: number) {
  return answered(api.POST('/api/drawers/{part}/receipts', { params: { path: { part: 'BS-600' } }, body: { count, note: '', lot: '' } }))
}

beforeEach(() => {
  sessionStorage.clear()
  vi.useFakeTimers()
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function settle<T>(promise: Promise<T>): Promise<T | Error> {
  const caught = promise.catch((e: unknown) => e as Error)
  await vi.advanceTimersByTimeAsync(2_500)
  return caught
}

describe('a command', () => {
  it('that got no answer is repeated with its key, and nobody is bothered', async () => {
    const asked = server((_, nth) => (nth < 3 ? 'away' : { status: 200, body: { done: true } }))
    const yard = await loaded()
    expect(await settle(receive(yard, 1))).toEqual({ done: true })
    expect(new Set(keys(asked)).size).toBe(1)
    expect(keys(asked)).toHaveLength(3)
  })

  it('keeps its key over a new press and a new page until it is answered', async () => {
    let away = true
    const asked = server((a) => (away || a.method === 'PUT' ? 'away' : { status: 200 }))
    let yard = await loaded()
    const lost = await settle(receive(yard, 1))
    expect((lost as Error).message).toContain('not known yet whether this was saved')
    yard = await loaded()
    away = false
    await settle(receive(yard, 1))
    expect(new Set(keys(asked)).size).toBe(1)
    await settle(receive(yard, 1))
    expect(new Set(keys(asked)).size).toBe(2)
  })

  it.each([409, 422])('that was refused with %s is over: the next is another', async (status) => {
    const asked = server(() => ({ status, body: { detail: 'No.' } }))
    const yard = await loaded()
    await settle(receive(yard, 1))
    await settle(receive(yard, 1))
    expect(new Set(keys(asked)).size).toBe(2)
  })

  it('of other content is another command', async () => {
    const asked = server(() => 'away')
    const yard = await loaded()
    await settle(receive(yard, 1))
    await settle(receive(yard, 2))
    expect(new Set(keys(asked)).size).toBe(2)
  })

  it.each([true, false])('is asked for by its key until the server says whether it was saved: %s', async (saved) => {
    let away = true
    const asked = server((a) => (away ? 'away' : a.method === 'PUT' ? { status: 200, body: { saved } } : { status: 200 }))
    const yard = await loaded()
    const told: boolean[] = []
    yard.onSettled((was) => told.push(was))
    await settle(receive(yard, 1))
    await vi.advanceTimersByTimeAsync(6_000)
    expect(told).toEqual([])
    away = false
    await vi.advanceTimersByTimeAsync(6_000)
    expect(told).toEqual([saved])
    expect(asked.filter((a) => a.method === 'PUT').at(-1)?.path).toBe(`/api/receipts/${keys(asked)[0]}`)
    await settle(receive(yard, 1))
    expect(new Set(keys(asked)).size).toBe(2)
  })
})
