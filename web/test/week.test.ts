import { describe, expect, it } from 'vitest'
import { dayName, weekInWords } from '../src/features/shop/Week'
import type { DayHours } from '../src/features/shop/useShop'

const on = (day: DayHours['day'], from = '08:00', to = '17:00'): DayHours => ({ day, from, to })

describe('a week in words', () => {
  it.each([
    [[], ''],
    [[on('FRIDAY')], 'Fri 08:00–17:00'],
    [[on('MONDAY'), on('TUESDAY'), on('WEDNESDAY')], 'Mon–Wed 08:00–17:00'],
    [[on('TUESDAY'), on('MONDAY')], 'Mon–Tue 08:00–17:00'],
    [[on('MONDAY'), on('WEDNESDAY')], 'Mon 08:00–17:00, Wed 08:00–17:00'],
    [[on('THURSDAY'), on('FRIDAY', '08:00', '12:00')], 'Thu 08:00–17:00, Fri 08:00–12:00'],
  ])('tells %j', (hours, words) => {
    expect(weekInWords(hours)).toBe(words)
  })

  it('writes a day as one does', () => {
    expect(dayName('SUNDAY')).toBe('Sunday')
  })
})
