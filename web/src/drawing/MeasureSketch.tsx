import type { Schemas } from '../api/client'
import { Bike } from './Bike'

/** A small drawing of where a measure is taken: the place in grey, the measure in petrol from face to face, or a ring at one spot. */
export function MeasureSketch({
  sketch,
  from,
  to,
  label,
  width,
  height,
}: {
  sketch: Schemas['BikeDrawing']
  from: number[]
  to: number[]
  label: string
  width: number
  height: number
}) {
  const pad = 0.09 * Math.max(sketch.right - sketch.left, sketch.top - sketch.bottom)
  const [w, h] = [sketch.right - sketch.left + 2 * pad, sketch.top - sketch.bottom + 2 * pad]
  const scale = Math.min(width / w, height / h)
  const [x1, y1, x2, y2] = [from[0] ?? 0, -(from[1] ?? 0), to[0] ?? 0, -(to[1] ?? 0)]
  const long = Math.hypot(x2 - x1, y2 - y1)
  const [nx, ny] = long > 0 ? [-(y2 - y1) / long, (x2 - x1) / long] : [0, 0]
  const tick = 7 / scale
  return (
    <div className="relative shrink-0 bg-paper" style={{ width: w * scale, height: h * scale }}>
      <div className="absolute opacity-45" style={{ left: pad * scale, top: pad * scale }} aria-hidden="true">
        <Bike drawing={sketch} paint="#5f6c66" scale={scale} label="" />
      </div>
      <svg
        role="img"
        aria-label={`Where: ${label}`}
        viewBox={`${sketch.left - pad} ${-sketch.top - pad} ${w} ${h}`}
        width={w * scale}
        height={h * scale}
        className="absolute inset-0"
      >
        {long > 0 ? (
          <g stroke="#0B5563" strokeWidth={2.4 / scale} fill="none">
            <path d={`M${x1} ${y1}L${x2} ${y2}`} />
            <path
              d={`M${x1 - nx * tick} ${y1 - ny * tick}L${x1 + nx * tick} ${y1 + ny * tick}M${x2 - nx * tick} ${y2 - ny * tick}L${x2 + nx * tick} ${y2 + ny * tick}`}
            />
          </g>
        ) : (
          <circle cx={x1} cy={y1} r={9 / scale} fill="none" stroke="#0B5563" strokeWidth={2.6 / scale} />
        )}
      </svg>
    </div>
  )
}
