import { useEffect, useRef, useState } from 'react'

const W = 460
const H = 320

/** A body in three dimensions, turned by dragging or by the arrow keys: flat faces, lit from the upper left. */
export function Body({ points, triangles, label }: { points: number[]; triangles: number[]; label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const [turn, setTurn] = useState(0.6)
  const [tilt, setTilt] = useState(1.05)
  const dragged = useRef<{ x: number; y: number }>(undefined)
  useEffect(() => {
    const surface = canvas.current?.getContext('2d')
    if (surface) draw(surface, points, triangles, turn, tilt)
  }, [points, triangles, turn, tilt])
  const move = (dx: number, dy: number) => {
    setTurn((t) => t + dx)
    setTilt((t) => Math.max(0, Math.min(Math.PI, t + dy)))
  }
  return (
    <canvas
      ref={canvas}
      width={W * 2}
      height={H * 2}
      tabIndex={0}
      role="img"
      aria-label={`${label}; arrow keys turn it`}
      className="h-[320px] w-[460px] cursor-grab touch-none border border-line bg-paper"
      onPointerDown={(e) => {
        dragged.current = { x: e.clientX, y: e.clientY }
        e.currentTarget.setPointerCapture(e.pointerId)
      }}
      onPointerMove={(e) => {
        if (!dragged.current) return
        move((e.clientX - dragged.current.x) / 90, (dragged.current.y - e.clientY) / 90)
        dragged.current = { x: e.clientX, y: e.clientY }
      }}
      onPointerUp={() => (dragged.current = undefined)}
      onKeyDown={(e) => {
        const by = { ArrowLeft: [-0.2, 0], ArrowRight: [0.2, 0], ArrowUp: [0, 0.2], ArrowDown: [0, -0.2] }[e.key]
        if (!by) return
        e.preventDefault()
        move(by[0]!, by[1]!)
      }}
    />
  )
}

function draw(surface: CanvasRenderingContext2D, flat: number[], triangles: number[], turn: number, tilt: number) {
  const count = flat.length / 3
  const middle = [0, 1, 2].map((axis) => {
    let [least, most] = [Infinity, -Infinity]
    for (let i = 0; i < count; i++) {
      least = Math.min(least, flat[3 * i + axis]!)
      most = Math.max(most, flat[3 * i + axis]!)
    }
    return (least + most) / 2
  })
  const [ct, st, cl, sl] = [Math.cos(turn), Math.sin(turn), Math.cos(tilt), Math.sin(tilt)]
  let reach = 1
  const seen = Array.from({ length: count }, (_, i) => {
    const [x, y, z] = [0, 1, 2].map((axis) => flat[3 * i + axis]! - middle[axis]!) as [number, number, number]
    const across = x * ct - y * st
    const deep = x * st + y * ct
    const point = [across, deep * cl + z * sl, z * cl - deep * sl] as const
    reach = Math.max(reach, Math.hypot(...point))
    return point
  })
  const scale = (Math.min(W, H) - 20) / reach
  surface.clearRect(0, 0, 2 * W, 2 * H)
  const faces: { depth: number; light: number; corners: (readonly [number, number, number])[] }[] = []
  for (let i = 0; i < triangles.length; i += 3) {
    const corners = [seen[triangles[i]!]!, seen[triangles[i + 1]!]!, seen[triangles[i + 2]!]!]
    const [a, b, c] = corners as [readonly [number, number, number], readonly [number, number, number], readonly [number, number, number]]
    const u = [b[0] - a[0], b[1] - a[1], b[2] - a[2]] as const
    const v = [c[0] - a[0], c[1] - a[1], c[2] - a[2]] as const
    const n = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]] as const
    // Towards the eye is the third axis; what looks away is not drawn.
    if (n[2] <= 0) continue
    const length = Math.hypot(...n)
    faces.push({ depth: a[2] + b[2] + c[2], light: Math.max(0, (n[2] * 0.75 + n[1] * 0.55 - n[0] * 0.35) / length), corners })
  }
  faces.sort((p, q) => p.depth - q.depth)
  for (const face of faces) {
    const tone = Math.round(70 + 135 * face.light)
    surface.fillStyle = surface.strokeStyle = `rgb(${tone},${tone - 6},${Math.round(tone * 0.72)})`
    surface.beginPath()
    face.corners.forEach(([x, y], i) => surface[i === 0 ? 'moveTo' : 'lineTo'](W + x * scale, H - y * scale))
    surface.closePath()
    surface.fill()
    surface.stroke()
  }
}
