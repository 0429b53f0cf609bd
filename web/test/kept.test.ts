import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ProblemError } from '../src/api/client'
import { forgetKept, keep, orKept } from '../src/api/kept'

beforeEach(() => localStorage.clear())
const away = () => Promise.reject(new ProblemError(0, 'away'))

describe('what was answered last', () => {
  it('stands in while the server cannot be reached, and only then', async () => {
    expect(await orKept('yard', () => Promise.resolve({ n: 1 }))).toEqual({ n: 1 })
    expect(await orKept('yard', away)).toEqual({ n: 1 })
    await expect(orKept('yard', () => Promise.reject(new ProblemError(500, 'broke')))).rejects.toThrow('broke')
    await expect(orKept('other', away)).rejects.toThrow('away')
  })

  it('keeps the steps of four bikes, the last looked at', async () => {
    for (let job = 1; job <= 6; job++) keep(`steps.${job}`, job)
    keep('session', 'who')
    const there = await Promise.all([1, 2, 3, 4, 5, 6].map((job) => orKept(`steps.${job}`, away).catch(() => undefined)))
    expect(there.filter((n) => n !== undefined)).toHaveLength(4)
    expect(there[5]).toBe(6)
    expect(await orKept('session', away)).toBe('who')
  })

  it('is forgotten by whoever signs out, and nothing else is', async () => {
    keep('session', 'who')
    localStorage.setItem('yard.units', 'imperial')
    forgetKept()
    await expect(orKept('session', away)).rejects.toThrow('away')
    expect(localStorage.getItem('yard.units')).toBe('imperial')
  })

  it('keeps nothing in a full browser, and does not fail', async () => {
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    expect(await orKept('yard', () => Promise.resolve(1))).toBe(1)
    full.mockRestore()
  })
})
