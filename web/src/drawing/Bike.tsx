import { useId } from 'react'
import type { Schemas } from '../api/client'

type Drawing = Schemas['BikeDrawing']
type Shape = Schemas['Shape']
type Point = number[]

const INK = '#14211D'
const PENCIL = '#98A39C'
const VERMILION = '#A83215'

const at = (p: Point) => `${p[0]},${-(p[1] ?? 0)}`

function colour(shape: Shape, paint: string, night: boolean): string {
  if (shape.ink === 'PENCIL') return night ? '#6d7a73' : PENCIL
  const ink = night ? '#EEF1EA' : INK
  switch (shape.part) {
    case 'frame':
    case 'box':
      return paint
    case 'spoke':
      return night ? '#5c6963' : '#9aa59e'
    case 'rim':
    case 'shock':
      return '#76847d'
    default:
      return ink
  }
}

function Piece({ shape, paint, hatch, night }: { shape: Shape; paint: string; hatch: string; night: boolean }) {
  const kit = shape.part === 'motor' || shape.part === 'battery'
  const stroke = colour(shape, paint, night)
  const ink = night ? '#EEF1EA' : INK
  const fill = shape.ink === 'FITTED' ? ink : shape.ink === 'STUCK' ? `url(#${hatch})` : night ? '#26352F' : '#EDF0EA'
  const kitLook = kit
    ? {
        fill,
        stroke: shape.ink === 'STUCK' ? VERMILION : ink,
        strokeWidth: 9,
        strokeDasharray: shape.ink === 'PLANNED' ? '30 20' : undefined,
      }
    : undefined
  const [first] = shape.points
  if (shape.form === 'CIRCLE' && first) {
    const round = { cx: first[0], cy: -(first[1] ?? 0), r: shape.radius }
    if (kitLook) return <circle {...round} {...kitLook} />
    return shape.width === 0 ? (
      <circle {...round} fill={stroke} />
    ) : (
      <circle {...round} fill="none" stroke={stroke} strokeWidth={shape.width} />
    )
  }
  const points = shape.points.map(at).join(' ')
  if (shape.form === 'AREA') {
    return kitLook ? (
      <polygon points={points} {...kitLook} strokeLinejoin="round" />
    ) : (
      <polygon
        points={points}
        fill={stroke}
        fillOpacity={shape.ink === 'PENCIL' ? 0.15 : 0.3}
        stroke={stroke}
        strokeWidth={14}
        strokeLinejoin="round"
      />
    )
  }
  const round = shape.part !== 'hinge'
  return (
    <polyline
      points={points}
      fill="none"
      stroke={stroke}
      strokeWidth={shape.width}
      strokeLinecap={round ? 'round' : 'butt'}
      strokeLinejoin="round"
    />
  )
}

/**
 * A side elevation to scale, from what the core computed.
 *
 * @param scale pixels per millimetre; `fit` draws as large as the box allows
 * @param label what it shows; empty where what stands beside it says so already
 */
export function Bike({
  drawing,
  paint,
  scale,
  maxWidth,
  maxHeight,
  fine = true,
  night = false,
  label,
}: {
  drawing: Drawing
  paint: string
  scale: number
  maxWidth?: number
  maxHeight?: number
  fine?: boolean
  night?: boolean
  label: string
}) {
  const hatch = useId()
  const width = drawing.right - drawing.left
  const height = drawing.top - drawing.bottom
  const s = Math.min(scale, (maxWidth ?? Infinity) / width, (maxHeight ?? Infinity) / height)
  return (
    <svg
      role={label === '' ? undefined : 'img'}
      aria-label={label === '' ? undefined : label}
      aria-hidden={label === '' ? true : undefined}
      viewBox={`${drawing.left} ${-drawing.top} ${width} ${height}`}
      width={Math.round(width * s)}
      height={Math.round(height * s)}
      className="block shrink-0"
    >
      <defs>
        <pattern id={hatch} width="26" height="26" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="26" height="26" fill="#F6E0D8" />
          <rect width="10" height="26" fill={VERMILION} />
        </pattern>
      </defs>
      {drawing.shapes
        .filter((shape) => fine || shape.part !== 'spoke')
        .map((shape, i) => (
          <Piece key={i} shape={shape} paint={paint} hatch={hatch} night={night} />
        ))}
    </svg>
  )
}
