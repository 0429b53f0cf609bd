import type { Schemas } from '../api/client'
import { Bike } from './Bike'

/** The triangle with the battery in its place, to scale; the way it slides off is hatched behind a dashed edge. */
export function BayFigure({
  bay,
  paint,
  width = 660,
  height = 300,
  night = false,
}: {
  bay: Schemas['BayDrawing']
  paint: string
  width?: number
  height?: number
  night?: boolean
}) {
  const d = bay.drawing
  const s = Math.min(width / (d.right - d.left), height / (d.top - d.bottom))
  const points = bay.swept.map((p) => `${p[0]},${-(p[1] ?? 0)}`).join(' ')
  const w = (d.right - d.left) * s
  const h = (d.top - d.bottom) * s
  return (
    <div className="relative mx-auto my-2" style={{ width: w, height: h }}>
      <Bike drawing={d} paint={paint} scale={s} night={night} label={bay.title} />
      <svg
        viewBox={`${d.left} ${-d.top} ${d.right - d.left} ${d.top - d.bottom}`}
        width={w}
        height={h}
        className="absolute inset-0"
        aria-hidden="true"
      >
        {bay.reach.length > 0 && (
          <polygon
            points={bay.reach.map((p) => `${p[0]},${-(p[1] ?? 0)}`).join(' ')}
            fill="none"
            stroke={night ? '#F7F8F3' : '#14211D'}
            strokeWidth={1.5 / s}
            strokeLinecap="round"
            strokeDasharray={`${0.1 / s} ${4 / s}`}
          />
        )}
        <polygon
          points={points}
          fill="#E2B437"
          fillOpacity={0.22}
          stroke={night ? '#E2B437' : '#14211D'}
          strokeWidth={1.3 / s}
          strokeDasharray={`${5 / s} ${4 / s}`}
        />
      </svg>
    </div>
  )
}
