import { afterEach, describe, expect, it, vi } from 'vitest'
import {
  asSentence,
  clock,
  date,
  day,
  length,
  minutes,
  moment,
  onUnits,
  setUnits,
  setZone,
  since,
  today,
  units,
} from '../src/quantity/units'

afterEach(() => {
  vi.useRealTimers()
  localStorage.clear()
})

describe('lengths', () => {
  it.each([
    [73_000, '73 mm', '2.874 in'],
    [2_500, '2.5 mm', '0.098 in'],
    [-300, '-0.3 mm', '-0.012 in'],
    [0, '0 mm', '0.000 in'],
  ])('%i µm', (um, metric, imperial) => {
    expect(length(um, 'metric')).toBe(metric)
    expect(length(um, 'imperial')).toBe(imperial)
  })
})

describe('units', () => {
  it('are kept, and told to whoever listens', () => {
    const heard = vi.fn()
    const end = onUnits(heard)
    expect(units()).toBe('metric')
    setUnits('imperial')
    expect(units()).toBe('imperial')
    end()
    setUnits('metric')
    expect(heard).toHaveBeenCalledTimes(1)
  })
})

describe('minutes', () => {
  it.each([
    [0, '0 min'],
    [59, '59 min'],
    [60, '1 h'],
    [65, '1 h 05'],
    [130, '2 h 10'],
  ])('%i', (n, said) => expect(minutes(n)).toBe(said))
  it('never says less than none', () => expect(since('2026-11-30T10:05:00Z', '2026-11-30T10:00:00Z')).toBe('0 min'))
})

describe('the shop’s clock', () => {
  it('tells the shop’s hour, wherever the screen is', () => {
    vi.useFakeTimers({ now: new Date('2026-11-30T12:00:00Z') })
    setZone('Pacific/Auckland')
    expect(clock('2026-11-30T10:30:00Z')).toBe('Mon 23:30')
    expect(clock('2026-10-30T10:30:00Z')).toBe('30 Oct, 23:30')
    expect(clock('2025-10-30T10:30:00Z')).toBe('30 Oct 2025, 23:30')
    expect(moment('2026-11-30T10:30:00Z')).toBe('30 Nov, 23:30')
    expect(today()).toBe('2026-12-01')
    setZone('America/St_Johns')
    expect(today()).toBe('2026-11-30')
    expect(clock('2026-11-30T10:30:00Z')).toBe('Mon 07:00')
  })

  it('goes over a change of the hour', () => {
    vi.useFakeTimers({ now: new Date('2027-03-28T02:30:00Z') })
    setZone('Europe/Berlin')
    expect(clock('2027-03-28T00:59:00Z')).toBe('Sun 01:59')
    expect(clock('2027-03-28T01:00:00Z')).toBe('Sun 03:00')
    expect(since('2027-03-28T00:59:00Z', '2027-03-28T01:01:00Z')).toBe('2 min')
  })

  it('names days', () => {
    expect(day('2026-12-09')).toBe('Wed 9')
    expect(date('2026-12-09')).toBe('Wed 9 Dec')
  })
})

describe('what somebody typed', () => {
  it.each([
    ['Lug under the shell', 'Lug under the shell.'],
    ['Lug under the shell. ', 'Lug under the shell.'],
    ['Why?', 'Why?'],
  ])('ends as a sentence: %s', (typed, said) => {
    expect(asSentence(typed)).toBe(said)
  })
})
