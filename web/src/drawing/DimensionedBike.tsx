import type { Schemas } from '../api/client'
import { Bike } from './Bike'

type Drawing = Schemas['BikeDrawing']

/** The bike with its dimension lines; a click on one opens its measure. The list beside it offers the same to the keyboard. */
export function DimensionedBike({
  drawing,
  paint,
  width,
  height,
  label,
  selected,
  read,
  title,
  onPick,
}: {
  drawing: Drawing
  paint: string
  width: number
  height: number
  label: string
  selected: string | undefined
  /** What a measure says, with its unit. */
  read: (key: string) => string | undefined
  title: (key: string) => string
  onPick: (key: string) => void
}) {
  const room = 150
  const left = drawing.left - room
  const top = drawing.top + room * 0.75
  const w = drawing.right - drawing.left + 2 * room
  const h = drawing.top - drawing.bottom + room * 0.75 + room
  const scale = Math.min(width / w, height / h)
  return (
    <div className="relative" style={{ width: w * scale, height: h * scale }}>
      <div className="absolute" style={{ left: room * scale, top: room * 0.75 * scale }}>
        <Bike drawing={drawing} paint={paint} scale={scale} label={label} />
      </div>
      <svg viewBox={`${left} ${-top} ${w} ${h}`} width={w * scale} height={h * scale} className="absolute inset-0" aria-hidden="true">
        {drawing.dimensions.map((d) => {
          const [ax, ay] = [d.from[0] ?? 0, -(d.from[1] ?? 0)]
          const [bx, by] = [d.to[0] ?? 0, -(d.to[1] ?? 0)]
          const long = Math.hypot(bx - ax, by - ay) || 1
          const [nx, ny] = [(by - ay) / long, -(bx - ax) / long]
          const off = d.offset
          const [x1, y1, x2, y2] = [ax + nx * off, ay + ny * off, bx + nx * off, by + ny * off]
          const angle = (Math.atan2(y2 - y1, x2 - x1) * 180) / Math.PI
          const upright = angle > 91 || angle < -89 ? angle + 180 : angle
          const on = d.measureKey === selected
          const ink = on ? '#0B5563' : d.measured ? '#14211D' : '#4A5852'
          const value = read(d.measureKey)
          const size = 12.5 / scale
          return (
            <g
              key={d.measureKey}
              aria-hidden="true"
              data-dimension={d.measureKey}
              onClick={() => onPick(d.measureKey)}
              className="cursor-pointer"
            >
              <path d={`M${ax} ${ay}L${x1} ${y1}M${bx} ${by}L${x2} ${y2}`} stroke={ink} strokeWidth={0.7 / scale} opacity={0.55} />
              <path
                d={`M${x1} ${y1}L${x2} ${y2}`}
                stroke={ink}
                strokeWidth={(on ? 2.4 : 1.2) / scale}
                strokeDasharray={d.measured ? undefined : `${5 / scale} ${4 / scale}`}
              />
              <path d={`M${x1} ${y1}L${x2} ${y2}`} stroke="transparent" strokeWidth={16 / scale} />
              <g transform={`translate(${(x1 + x2) / 2} ${(y1 + y2) / 2}) rotate(${upright})`}>
                <text
                  textAnchor="middle"
                  y={-4 / scale}
                  fontSize={size}
                  fill={ink}
                  fontWeight={on ? 700 : 500}
                  stroke="#DCE1DA"
                  strokeWidth={4 / scale}
                  paintOrder="stroke"
                  className={d.measured ? 'figure' : ''}
                >
                  {value ?? `${title(d.measureKey)} ?`}
                </text>
              </g>
            </g>
          )
        })}
      </svg>
    </div>
  )
}
