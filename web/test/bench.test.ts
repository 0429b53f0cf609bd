import { describe, expect, it } from 'vitest'
import { angles, typed } from '../src/features/bench/useBench'

describe('what is typed at the bench', () => {
  it.each([
    ['0.25', 0.25],
    ['0,25', 0.25],
    ['−0.3', -0.3],
    [' 7 ', 7],
    ['', undefined],
    ['-', undefined],
    ['1e9', undefined],
    ['0.1.2', undefined],
  ])('%s is %s', (text, number) => expect(typed(text)).toBe(number))

  it('readings stand at the bolts, and between them where that is wanted', () => {
    expect(angles(6, false)).toEqual([0, 60, 120, 180, 240, 300])
    expect(angles(3, true)).toEqual([0, 60, 120, 180, 240, 300])
    expect(angles(5, true)).toHaveLength(10)
    expect(angles(5, true)[1]).toBe(36)
    expect(new Set(angles(6, true)).size).toBe(12)
  })
})
