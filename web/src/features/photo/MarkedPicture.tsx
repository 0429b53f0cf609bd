import { useRef, useState, type PointerEvent } from 'react'
import { cx } from '../../ui/cx'
import { POINTS, ringPath, type Marks, type RingKey, type Spot } from './marks'

/** Which mark is held: one of the points, or one mark of a ring. */
export type Held = string

/** The picture with its marks: a click sets the next one, a drag or the arrow keys move one; a glass shows the spot three times as large. */
export function MarkedPicture({
  src,
  width,
  height,
  shown,
  marks,
  next,
  held,
  onHold,
  onMove,
  onSet,
}: {
  src: string
  width: number
  height: number
  shown: number
  marks: Marks
  next: string | undefined
  held: Held | undefined
  onHold: (held: Held | undefined) => void
  onMove: (held: Held, to: Spot) => void
  onSet: (at: Spot) => void
}) {
  const box = useRef<SVGSVGElement>(null)
  const [glass, setGlass] = useState<Spot>()
  const dragging = useRef<Held>(undefined)
  const scale = shown / width
  const spot = (e: PointerEvent): Spot => {
    const r = box.current!.getBoundingClientRect()
    const clamp = (v: number, most: number) => Math.max(0, Math.min(most, Math.round(v * 10) / 10))
    return { x: clamp((e.clientX - r.left) / scale, width), y: clamp((e.clientY - r.top) / scale, height) }
  }
  const handle = (key: Held, at: Spot, label: string, ring: boolean) => (
    <g
      key={key}
      tabIndex={0}
      role="slider"
      aria-label={label}
      aria-valuenow={Math.round(at.x)}
      aria-valuetext={`${Math.round(at.x)}, ${Math.round(at.y)}`}
      data-mark={key}
      className="cursor-grab outline-none"
      onFocus={() => onHold(key)}
      onPointerDown={(e) => {
        e.stopPropagation()
        dragging.current = key
        onHold(key)
        box.current?.setPointerCapture(e.pointerId)
      }}
      onKeyDown={(e) => {
        const by = e.shiftKey ? 10 : 1
        const move = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[e.key]
        if (!move) return
        e.preventDefault()
        const to = { x: at.x + move[0]!, y: at.y + move[1]! }
        onMove(key, to)
        setGlass(to)
      }}
    >
      <circle cx={at.x} cy={at.y} r={18 / scale} fill="transparent" />
      {ring ? (
        <circle cx={at.x} cy={at.y} r={6 / scale} fill={held === key ? '#E2B437' : '#F7F8F3'} stroke="#14211D" strokeWidth={2 / scale} />
      ) : (
        <g stroke={held === key ? '#E2B437' : '#F7F8F3'} strokeWidth={3 / scale}>
          <path
            d={`M${at.x - 13 / scale} ${at.y}h${26 / scale}M${at.x} ${at.y - 13 / scale}v${26 / scale}`}
            stroke="#14211D"
            strokeWidth={5 / scale}
          />
          <path d={`M${at.x - 13 / scale} ${at.y}h${26 / scale}M${at.x} ${at.y - 13 / scale}v${26 / scale}`} />
          <circle cx={at.x} cy={at.y} r={2.5 / scale} fill="#14211D" stroke="none" />
        </g>
      )}
    </g>
  )
  const zoom = 3
  return (
    <div className="relative select-none" style={{ width: shown, height: height * scale }}>
      <img
        src={src}
        alt="The bike from the side"
        width={shown}
        height={Math.round(height * scale)}
        draggable={false}
        className="absolute inset-0"
      />
      <svg
        ref={box}
        viewBox={`0 0 ${width} ${height}`}
        width={shown}
        height={height * scale}
        className={cx('absolute inset-0 touch-none', next && 'cursor-crosshair')}
        data-picture
        onPointerDown={(e) => next && onSet(spot(e))}
        onPointerMove={(e) => {
          const at = spot(e)
          setGlass(at)
          if (dragging.current) onMove(dragging.current, at)
        }}
        onPointerUp={() => {
          dragging.current = undefined
        }}
        onPointerLeave={() => setGlass(undefined)}
      >
        {(['rearRim', 'frontRim'] as RingKey[]).map((r) => (
          <path
            key={r}
            d={ringPath(marks.rings[r])}
            fill="none"
            stroke="#E2B437"
            strokeWidth={2 / scale}
            style={{ pointerEvents: 'none' }}
          />
        ))}
        {(['rearRim', 'frontRim'] as RingKey[]).flatMap((r) =>
          marks.rings[r].map((at, i) => handle(`${r}.${i}`, at, `${r === 'rearRim' ? 'Rear' : 'Front'} rim’s edge, mark ${i + 1}`, true)),
        )}
        {POINTS.map(([key, label]) => marks.points[key] && handle(key, marks.points[key], label, false))}
      </svg>
      {glass && (
        <div
          aria-hidden="true"
          className={cx(
            'pointer-events-none absolute top-2 size-[168px] border-[3px] border-ink bg-no-repeat',
            glass.x < width / 2 ? 'right-2' : 'left-2',
          )}
          style={{
            backgroundImage: `url(${src})`,
            backgroundSize: `${width * scale * zoom}px ${height * scale * zoom}px`,
            backgroundPosition: `${81 - glass.x * scale * zoom}px ${81 - glass.y * scale * zoom}px`,
          }}
        >
          <span className="absolute top-1/2 left-0 h-px w-full bg-paint" />
          <span className="absolute top-0 left-1/2 h-full w-px bg-paint" />
        </div>
      )}
    </div>
  )
}
