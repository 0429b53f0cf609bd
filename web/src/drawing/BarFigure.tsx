import type { Schemas } from '../api/client'
import { inUnits, length, useUnits, type Units } from '../quantity/units'

type Bars = Schemas['BarDrawing']
type Piece = Bars['left'][number]

const INK = '#14211D'
const PAD = 10
const BAR = 26
const TOP = 34
const GAP = 30
const LINE = 15
/** Where a lever may be furthest in. */
const LIMIT = '#A83215'

/** Both halves of the bar as the rider sees them, to one scale; what the kit brings in floor paint. The figures are widths along the bar. */
export function BarFigure({ bars, width = 880 }: { bars: Bars; width?: number }) {
  const units = useUnits()
  const half = (width - 2 * PAD - GAP) / 2
  const longest = Math.max(bars.straight, ...[bars.left, bars.right].map((side) => Math.max(0, ...side.map((p) => p.from + p.width))))
  const s = half / longest
  const deep = Math.max(labelRows(bars.left, s), labelRows(bars.right, s))
  const height = TOP + BAR + 18 + deep * LINE * 2
  const at = { left: (um: number) => PAD + um * s, right: (um: number) => width - PAD - um * s }
  return (
    <svg
      role="img"
      aria-label={`${bars.title}. Left: ${said(bars.left, units)}. Right: ${said(bars.right, units)}. ${inUnits(units, bars.note, bars.noteInInches)}`}
      viewBox={`0 0 ${width} ${height}`}
      className="block w-full"
    >
      {(['left', 'right'] as const).map((side) => {
        const x = at[side]
        const reach = x(bars.leverReach)
        return (
          <g key={side}>
            <rect
              x={Math.min(x(0), x(bars.straight))}
              y={TOP + 7}
              width={bars.straight * s}
              height={BAR - 14}
              fill="#F7F8F3"
              stroke={INK}
              strokeWidth={1.1}
            />
            {bars[side].map((p, i) => (
              <Held
                key={p.name + p.from}
                piece={p}
                x={Math.min(x(p.from), x(p.from + p.width))}
                width={p.width * s}
                row={i % Math.max(1, deep)}
              />
            ))}
            <text x={x(0)} y={15} fontSize={13} fontWeight={700} textAnchor={side === 'left' ? 'start' : 'end'} fill={INK}>
              {side}
            </text>
            {reach > PAD && reach < width - PAD && (
              <path d={`M${reach} ${TOP - 9}V${TOP + BAR + 9}`} stroke={LIMIT} strokeWidth={1.6} strokeDasharray="4 3" />
            )}
          </g>
        )
      })}
      <text x={width / 2} y={15} fontSize={12} textAnchor="middle" fill={LIMIT}>
        a lever’s clamp sits at most {length(bars.leverReach, units)} from the end
      </text>
      <path
        d={`M${width / 2 - GAP / 2} ${TOP + BAR / 2 - 6}v12M${width / 2 + GAP / 2} ${TOP + BAR / 2 - 6}v12`}
        stroke={INK}
        strokeWidth={1.4}
      />
    </svg>
  )
}

function Held({ piece, x, width, row }: { piece: Piece; x: number; width: number; row: number }) {
  const units = useUnits()
  const middle = x + width / 2
  const y = TOP + BAR + 18 + row * LINE * 2
  return (
    <g>
      <rect
        x={x}
        y={TOP}
        width={width}
        height={BAR}
        fill={piece.ofKit ? '#E2B437' : piece.name === 'grip' ? '#8FA096' : '#D3DCD4'}
        stroke={INK}
        strokeWidth={1.1}
      />
      <path d={`M${middle} ${TOP + BAR}V${y - 10}`} stroke={INK} strokeWidth={0.8} />
      <text
        x={middle}
        y={y}
        fontSize={12.5}
        textAnchor="middle"
        fill={INK}
        fontWeight={piece.ofKit ? 700 : 400}
        paintOrder="stroke"
        stroke="#FBFAF4"
        strokeWidth={3}
      >
        {piece.name}
      </text>
      <text
        x={middle}
        y={y + 13}
        fontSize={11.5}
        textAnchor="middle"
        fill="#4a5a54"
        className="figure"
        paintOrder="stroke"
        stroke="#FBFAF4"
        strokeWidth={3}
      >
        {length(piece.width, units)}
      </text>
    </g>
  )
}

/** Labels in as many rows as neighbours need to keep clear of one another: one, two or three. */
function labelRows(pieces: Piece[], s: number): number {
  const clear = (rows: number) =>
    pieces.every((p, i) => {
      const next = pieces[i + rows]
      return !next || Math.abs((p.from + p.width / 2 - next.from - next.width / 2) * s) > ((p.name.length + next.name.length) / 2) * 7 + 10
    })
  return [1, 2].find(clear) ?? 3
}

function said(pieces: Piece[], units: Units): string {
  return pieces.map((p) => `${p.name} ${length(p.width, units)}`).join(', ')
}
