import { describe, expect, it } from 'vitest'
import { arranged, type Order } from '../src/features/match/arranged'
import type { Row } from '../src/features/match/useMatch'

const row = (kitCode: string, more: Partial<Row> = {}) =>
  ({
    kitCode,
    kitName: `Kit ${kitCode}`,
    battery: '',
    family: 'mid',
    headline: '',
    legalClass: 'open',
    verdict: 'FITS',
    goesOn: true,
    readyInDays: 0,
    massGrams: 8000,
    minutes: 60,
    price: '100',
    dominatedBy: '',
    ...more,
  }) as Row
const codes = (rows: Row[], text = '', order: Order = 'need') => arranged(rows, text, order).goes.map((f) => f.row.kitCode)

describe('a shortlist', () => {
  it('stands in the server’s order unless another is asked for', () => {
    const rows = [row('B', { price: '300' }), row('A', { price: '200' }), row('C', { price: undefined })]
    expect(codes(rows)).toEqual(['B', 'A', 'C'])
    expect(codes(rows, '', 'price')).toEqual(['A', 'B', 'C'])
  })

  it.each([
    ['verdict', { verdict: 'TRADE_OFF' }, { verdict: 'FITS' }],
    ['ready', { readyInDays: 3 }, { readyInDays: 1 }],
    ['labour', { minutes: 90 }, { minutes: 30 }],
    ['labour', { minutes: undefined }, { minutes: 30 }],
    ['range', { range: { thumb: 50, physics: 20 } }, { range: { thumb: 30, physics: 30 } }],
    ['climb', { range: { climb: 8 } }, { range: { climb: 12 } }],
    ['mass', { massGrams: 9000 }, { massGrams: 7000 }],
  ] as [Order, Partial<Row>, Partial<Row>][])('by %s', (order, later, sooner) =>
    expect(codes([row('L', later), row('S', sooner)], '', order)).toEqual(['S', 'L']),
  )

  it('keeps what matches every word', () => {
    const rows = [row('A', { headline: 'fits with 2 spacers' }), row('B', { family: 'front hub' })]
    expect(codes(rows, 'SPACERS fits')).toEqual(['A'])
    expect(codes(rows, 'front spacers')).toEqual([])
  })

  it('parts what goes on, what is to be measured and what does not', () => {
    const groups = arranged(
      [row('A'), row('M', { goesOn: false, verdict: 'MEASURE' }), row('N', { goesOn: false, verdict: 'NO_FIT' })],
      '',
      'need',
    )
    expect(groups.goes.map((f) => f.row.kitCode)).toEqual(['A'])
    expect(groups.measure.map((f) => f.row.kitCode)).toEqual(['M'])
    expect(groups.not.map((f) => f.row.kitCode)).toEqual(['N'])
  })

  it('folds the lesser under the best of all, unless the best is filtered away', () => {
    const rows = [row('A'), row('B', { dominatedBy: 'A' }), row('C', { dominatedBy: 'B', headline: 'seen' })]
    expect(arranged(rows, '', 'need').goes).toMatchObject([{ row: { kitCode: 'A' }, under: [{ kitCode: 'B' }, { kitCode: 'C' }] }])
    expect(codes(rows, 'seen')).toEqual(['C'])
  })

  it('folds other batteries of a kit that does not go on under the first of the same verdict', () => {
    const not = { goesOn: false, verdict: 'NO_FIT' } as Partial<Row>
    const groups = arranged([row('K+1', not), row('K+2', not), row('K', { goesOn: false, verdict: 'MEASURE' })], '', 'need')
    expect(groups.not).toMatchObject([{ row: { kitCode: 'K+1' }, under: [{ kitCode: 'K+2' }] }])
    expect(groups.measure).toHaveLength(1)
  })
})
