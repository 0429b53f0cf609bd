import { describe, expect, it } from 'vitest'
import type { Ahead, AheadDay, JobAhead, Leg } from '../src/features/ahead/useAhead'
import { free, inDanger, toLookAt, turns, weeks, worked } from '../src/features/ahead/floor'

const day = (date: string, open: boolean, why = ''): AheadDay => ({
  date,
  open,
  why,
  standing: [],
  beside: [],
  promised: [],
  finished: [],
})

/** Days from a date on, closed at weekends. */
function days(from: string, count: number): AheadDay[] {
  return Array.from({ length: count }, (_, i) => {
    const date = new Date(`${from}T12:00:00Z`)
    date.setUTCDate(date.getUTCDate() + i)
    return day(date.toISOString().slice(0, 10), ![0, 6].includes(date.getUTCDay()))
  })
}

const job = (number: number, more: Partial<JobAhead> = {}): JobAhead => ({
  job: number,
  bike: 'Quay tourer',
  customer: 'Somebody',
  paint: '#123456',
  kindLabel: 'diamond',
  priority: 'USUAL',
  said: { version: 0, by: '' },
  between: [],
  late: false,
  lacks: '',
  cure: '',
  ...more,
})

const leg = (number: number, ordinal: number, person: string, from: string, to: string): Leg => ({
  job: number,
  ordinal,
  title: `leg ${ordinal}`,
  place: 'STAND',
  placeLabel: 'on a stand',
  person,
  stand: 1,
  worked: [{ from, to }],
  looked: to,
  hold: false,
  learner: false,
  minutes: 60,
  waits: [],
})

describe('the weeks', () => {
  it('are rows of the days on which the shop is ever open', () => {
    const rows = weeks(days('2026-12-01', 21))
    expect(rows.map((r) => r.map((d) => d?.date.slice(8)))).toEqual([
      [undefined, '01', '02', '03', '04'],
      ['07', '08', '09', '10', '11'],
      ['14', '15', '16', '17', '18'],
    ])
  })

  it('keep a day that is closed for a reason', () => {
    const all = days('2026-12-01', 14).map((d) => (d.date === '2026-12-08' ? { ...d, open: false, why: 'stocktaking' } : d))
    expect(weeks(all)[1]!.map((d) => d?.why)).toEqual(['', 'stocktaking', '', '', ''])
  })

  it('have a column more where the shop is open on Saturdays', () => {
    const all = days('2026-12-01', 14).map((d) => (new Date(`${d.date}T12:00:00`).getDay() === 6 ? { ...d, open: true } : d))
    expect(weeks(all).map((r) => r.length)).toEqual([6, 6, 6])
  })
})

describe('what asks for a look', () => {
  it('is what cannot be planned, then what is late, then what may be', () => {
    const danger = job(1, { said: { version: 1, by: '', promised: '2026-12-03' }, safe: '2026-12-04' })
    const late = job(2, { late: true, said: { version: 1, by: '', promised: '2026-12-02' } })
    const lacks = job(3, { lacks: 'Nobody here does welding.' })
    const fine = job(4, { said: { version: 1, by: '', promised: '2026-12-05' }, safe: '2026-12-05' })
    expect(toLookAt([danger, fine, late, lacks]).map((j) => j.job)).toEqual([3, 2, 1])
    expect(inDanger(late)).toBe(false)
    expect(inDanger(job(5, { safe: '2026-12-05' }))).toBe(false)
  })
})

describe("somebody's day", () => {
  const ahead = {
    stands: [1, 2, 3],
    legs: [
      leg(405, 0, 'Ned', '2026-12-01T10:00:00', '2026-12-01T11:30:00'),
      leg(405, 1, 'Ned', '2026-12-01T11:30:00', '2026-12-01T12:00:00'),
      leg(404, 0, 'Ned', '2026-12-01T08:00:00', '2026-12-01T10:00:00'),
      leg(404, 1, 'Ned', '2026-12-02T08:00:00', '2026-12-02T10:00:00'),
      leg(406, 0, 'Tova', '2026-12-01T08:00:00', '2026-12-01T09:00:00'),
    ],
  } as unknown as Ahead

  it('is in order, and legs of one bike that follow one another are one turn', () => {
    const done = worked(ahead, '2026-12-01', 'Ned')
    expect(done.map((d) => d.from)).toEqual(['08:00', '10:00', '11:30'])
    expect(turns(done)).toEqual([
      { job: 404, from: '08:00', to: '10:00', minutes: 120, titles: ['leg 0'] },
      { job: 405, from: '10:00', to: '12:00', minutes: 120, titles: ['leg 0', 'leg 1'] },
    ])
    expect(worked(ahead, '2026-12-03', 'Ned')).toEqual([])
  })

  it('leaves stands free on which nothing stands', () => {
    const standing = { stand: 2, job: 404, hands: [], minutes: 0 }
    expect(free(ahead, { ...day('2026-12-01', true), standing: [standing, { ...standing, job: 405 }] })).toBe(2)
  })
})
