import { describe, expect, it } from 'vitest'
import { amountOf, monthOf, signed } from '../src/features/money/amounts'

describe('amounts of money', () => {
  it.each([
    ['12.50', 12.5],
    ['12,5', 12.5],
    [' 1000 ', 1000],
    ['0', 0],
    ['12.505', undefined],
    ['1.000,50', undefined],
    ['-5', undefined],
    ['12345678', undefined],
    ['', undefined],
    ['1e3', undefined],
    ['.5', undefined],
  ])('reads %s', (text, amount) => expect(amountOf(text)).toBe(amount))

  it.each([
    ['-5', -5],
    ['− 5,25', -5.25],
    ['5', 5],
    ['--5', undefined],
  ])('reads %s where it may take off', (text, amount) => expect(amountOf(text, true)).toBe(amount))

  it('says what goes out with a minus of its own', () => {
    expect(signed('-12.50')).toBe('− 12.50')
    expect(signed('12.50')).toBe('12.50')
  })

  it.each([
    ['2026-12-01', '2026-12-31'],
    ['2028-02-29', '2028-02-29'],
    ['2026-02-03', '2026-02-28'],
    ['2026-11-30', '2026-11-30'],
  ])('knows the month of %s', (day, last) => expect(monthOf(day)).toEqual([`${day.slice(0, 7)}-01`, last]))
})
