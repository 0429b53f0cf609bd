import { describe, expect, it } from 'vitest'
import { complete, fromAnswer, guessRings, NOTHING, RING_MARKS, ringPath, type Marks } from '../src/features/photo/marks'
import { serials } from '../src/features/stock/movements'

const at = (x: number, y: number) => ({ x, y })
const points = {
  rearAxle: at(0, 0),
  frontAxle: at(1000, 0),
  bracket: at(400, 50),
  headBottom: at(900, -300),
  headTop: at(890, -420),
  seatCluster: at(300, -450),
}

describe('marks on a photo', () => {
  it('are sent once every point is set', () => {
    expect(complete(NOTHING)).toBeUndefined()
    for (const missing of Object.keys(points)) expect(complete({ ...NOTHING, points: { ...points, [missing]: undefined } })).toBeUndefined()
    const whole: Marks = { points, rings: { rearRim: [at(1, 2)], frontRim: [] } }
    expect(complete(whole)).toEqual({ ...points, rearRim: [at(1, 2)], frontRim: [] })
    expect(fromAnswer(complete(whole)!)).toEqual(whole)
  })

  it('guess rims around the axles', () => {
    expect(guessRings(NOTHING)).toEqual(NOTHING.rings)
    const { rearRim, frontRim } = guessRings({ ...NOTHING, points })
    expect(rearRim).toHaveLength(RING_MARKS)
    for (const p of rearRim) expect(Math.hypot(p.x, p.y)).toBeCloseTo(300, 0)
    expect(frontRim.map((p, i) => p.x - rearRim[i]!.x)).toEqual(rearRim.map(() => 1000))
  })

  it('draw a ring that is all but a circle', () => {
    expect(ringPath([])).toBe('')
    const ring = Array.from({ length: 5 }, (_, i) => at(1000 * Math.cos((2 * Math.PI * i) / 5), 1000 * Math.sin((2 * Math.PI * i) / 5)))
    const numbers = ringPath(ring)
      .match(/-?\d+(\.\d+)?(e-?\d+)?/g)!
      .map(Number)
    // Middle of the first Bézier piece: (p0 + 3·p1 + 3·p2 + p3) / 8.
    const [x0, y0, x1, y1, x2, y2, x3, y3] = numbers as [number, number, number, number, number, number, number, number]
    expect(Math.hypot((x0 + 3 * x1 + 3 * x2 + x3) / 8, (y0 + 3 * y1 + 3 * y2 + y3) / 8)).toBeCloseTo(1000, -1)
  })
})

describe('serial numbers', () => {
  it.each([
    ['A1, A2;A3\nA4', ['A1', 'A2', 'A3', 'A4']],
    [' A 1 ,,\n\n', ['A 1']],
    ['', []],
  ])('%j', (text, numbers) => expect(serials(text)).toEqual(numbers))
})
