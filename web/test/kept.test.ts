import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ProblemError } from '../src/api/client'
import { forgetKept, keep, orKept } from '../src/api/kept'

beforeEach(() => localStorage.clear())
afterEach(() => vi.useRealTimers())
const never = () => undefined
const away = () => Promise.reject(new ProblemError(0, 'away'))

describe('what was answered last', () => {
  it('stands in while the server cannot be reached, and only then', async () => {
    expect(await orKept('yard', () => Promise.resolve({ n: 1 }), never)).toEqual({ n: 1 })
    expect(await orKept('yard', away, never)).toEqual({ n: 1 })
    await expect(orKept('yard', () => Promise.reject(new ProblemError(500, 'broke')), never)).rejects.toThrow('broke')
    await expect(orKept('other', away, never)).rejects.toThrow('away')
  })

  it('stands in for a server that says nothing, until its answer comes after all', async () => {
    vi.useFakeTimers()
    await orKept('yard', () => Promise.resolve('old'), never)
    let answer: (now: string) => void = never
    const late = vi.fn()
    const asked = orKept('yard', () => new Promise<string>((go) => (answer = go)), late)
    await vi.advanceTimersByTimeAsync(4_900)
    expect(late).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(200)
    expect(await asked).toBe('old')
    answer('new')
    await vi.advanceTimersByTimeAsync(0)
    expect(late).toHaveBeenCalledExactlyOnceWith('new')
    expect(await orKept('yard', away, never)).toBe('new')
  })

  it('is waited for where nothing was kept', async () => {
    vi.useFakeTimers()
    const asked = orKept('yard', () => new Promise<string>((go) => setTimeout(() => go('slow'), 9_000)), never)
    await vi.advanceTimersByTimeAsync(9_000)
    expect(await asked).toBe('slow')
  })

  it('keeps the steps of four bikes, the last looked at', async () => {
    for (let job = 1; job <= 6; job++) keep(`steps.${job}`, job)
    keep('session', 'who')
    const there = await Promise.all([1, 2, 3, 4, 5, 6].map((job) => orKept(`steps.${job}`, away, never).catch(() => undefined)))
    expect(there.filter((n) => n !== undefined)).toHaveLength(4)
    expect(there[5]).toBe(6)
    expect(await orKept('session', away, never)).toBe('who')
  })

  it('is forgotten by whoever signs out, and nothing else is', async () => {
    keep('session', 'who')
    localStorage.setItem('yard.units', 'imperial')
    forgetKept()
    await expect(orKept('session', away, never)).rejects.toThrow('away')
    expect(localStorage.getItem('yard.units')).toBe('imperial')
  })

  it('keeps nothing in a full browser, and does not fail', async () => {
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    expect(await orKept('yard', () => Promise.resolve(1), never)).toBe(1)
    full.mockRestore()
  })
})
