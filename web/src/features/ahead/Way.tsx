import { useLayoutEffect, useState, type RefObject } from 'react'

/** A chosen bike's way through the days: from floor to floor in its own paint, ending at its promised tag. */
export function Way({
  within,
  job,
  colour,
  seen,
}: {
  within: RefObject<HTMLDivElement | null>
  job: number
  colour: string
  /** Draws anew when it changes. */
  seen: unknown
}) {
  const [points, setPoints] = useState<[number, number][]>([])
  useLayoutEffect(() => {
    const box = within.current
    if (!box) return
    const measure = () => {
      const at = box.getBoundingClientRect()
      const middle = (e: Element): [number, number] => {
        const r = e.getBoundingClientRect()
        return [r.x + r.width / 2 - at.x, r.y + r.height / 2 - at.y]
      }
      setPoints([
        ...[...box.querySelectorAll(`[data-way="${job}"]`)].map(middle),
        ...[...box.querySelectorAll(`[data-promised="${job}"]`)].map(middle),
      ])
    }
    measure()
    const watch = new ResizeObserver(measure)
    watch.observe(box)
    return () => watch.disconnect()
  }, [within, job, seen])
  if (points.length < 2) return null
  const path = points.map(([x, y], i) => {
    const before = points[i - 1]
    if (!before) return `M${x} ${y}`
    // Over the bikes between rather than through them.
    const over = Math.min(26, Math.abs(x - before[0]) / 6)
    return `C${before[0] + (x - before[0]) / 3} ${before[1] - over} ${before[0] + (2 * (x - before[0])) / 3} ${y - over} ${x} ${y}`
  })
  return (
    <svg className="pointer-events-none absolute inset-0 size-full" aria-hidden="true">
      <path d={path.join(' ')} fill="none" stroke="#f7f8f3" strokeWidth="5" />
      <path d={path.join(' ')} fill="none" stroke={colour} strokeWidth="2.6" />
      {points.map(([x, y], i) => (
        <circle key={i} cx={x} cy={y} r="4.5" fill={colour} stroke="#f7f8f3" strokeWidth="1.5" />
      ))}
    </svg>
  )
}
