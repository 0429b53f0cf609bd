import type { Schemas } from '../../api/client'

export type Spot = Schemas['Spot']
export type MarksAnswer = Schemas['Marks']
export type PointKey = 'rearAxle' | 'frontAxle' | 'bracket' | 'headBottom' | 'headTop' | 'seatCluster'
export type RingKey = 'rearRim' | 'frontRim'

export const POINTS: [PointKey, string, string][] = [
  ['rearAxle', 'Rear axle', 'Middle of the rear hub.'],
  ['frontAxle', 'Front axle', 'Middle of the front hub.'],
  ['bracket', 'Bracket', 'Middle of the crank’s bolt.'],
  ['headBottom', 'Head tube, bottom', 'Where the head tube ends above the fork.'],
  ['headTop', 'Head tube, top', 'Where the head tube ends below the stem.'],
  ['seatCluster', 'Seat cluster', 'Where top tube and seat tube meet, middle to middle.'],
]

export const RING_MARKS = 5

/** What is set so far; a ring is empty or whole. */
export interface Marks {
  points: Partial<Record<PointKey, Spot>>
  rings: Record<RingKey, Spot[]>
}

export const NOTHING: Marks = { points: {}, rings: { rearRim: [], frontRim: [] } }

export function fromAnswer(m: MarksAnswer): Marks {
  const { rearRim, frontRim, ...points } = m
  return { points, rings: { rearRim, frontRim } }
}

/** The marks as they are sent, once every point is set. */
export function complete(marks: Marks): MarksAnswer | undefined {
  const { rearAxle, frontAxle, bracket, headBottom, headTop, seatCluster } = marks.points
  if (!rearAxle || !frontAxle || !bracket || !headBottom || !headTop || !seatCluster) return undefined
  return { rearAxle, frontAxle, bracket, headBottom, headTop, seatCluster, ...marks.rings }
}

/** Where the rims may be, to be dragged to their edge: a first guess for the hand, not a measure. */
export function guessRings(marks: Marks): Record<RingKey, Spot[]> {
  const { rearAxle, frontAxle } = marks.points
  if (!rearAxle || !frontAxle) return marks.rings
  const radius = 0.3 * Math.hypot(frontAxle.x - rearAxle.x, frontAxle.y - rearAxle.y)
  const ring = (axle: Spot) =>
    Array.from({ length: RING_MARKS }, (_, i) => {
      const angle = Math.PI / 2 + (i * 2 * Math.PI) / RING_MARKS
      return { x: Math.round(axle.x + radius * Math.cos(angle)), y: Math.round(axle.y - radius * Math.sin(angle)) }
    })
  return { rearRim: ring(rearAxle), frontRim: ring(frontAxle) }
}

/** A closed smooth line through the marks of a ring. */
export function ringPath(ring: Spot[]): string {
  const n = ring.length
  if (n === 0) return ''
  const at = (i: number) => ring[(i + n) % n]!
  // For a circle cut in n parts the handles are 4/3·tan(π/2n) of the radius; from the neighbours' chord that is this share.
  const share = ((4 / 3) * Math.tan(Math.PI / (2 * n))) / (2 * Math.sin((2 * Math.PI) / n))
  return (
    `M${at(0).x} ${at(0).y}` +
    Array.from({ length: n }, (_, i) => {
      const [a, b, c, d] = [at(i - 1), at(i), at(i + 1), at(i + 2)]
      return `C${b.x + (c.x - a.x) * share} ${b.y + (c.y - a.y) * share} ${c.x - (d.x - b.x) * share} ${c.y - (d.y - b.y) * share} ${c.x} ${c.y}`
    }).join('')
  )
}
