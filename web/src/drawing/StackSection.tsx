import { useId } from 'react'
import type { Schemas } from '../api/client'
import { inUnits, useUnits } from '../quantity/units'

type Section = Schemas['StackSection']
type Layer = Section['layers'][number]
type Span = Section['spans'][number]

const INK = '#14211D'
const FILL: Record<Layer['role'], string> = {
  BODY: '#A9B5AC',
  SPACER: '#E2B437',
  FRAME: '#D3DCD4',
  PLATE: '#8FA096',
  NUT: '#6b7d75',
  APART: '#F7F8F3',
}
const SPAN: Record<Span['kind'], string> = { WANTED: '#0F5C63', WORST_CASE: INK, ROOT_SQUARES: '#5b6b64' }
const SPAN_ROW = 17
/** Bodies larger than this are cut off at a break line: what matters lies near the axle. Micrometres of radius. */
const CUT = 31_000

/** Puts labels side by side without overlap, as near to what they name as there is room. */
function spread(wanted: number[], widths: number[], from: number, to: number): number[] {
  const half = (i: number) => (widths[i] ?? 0) / 2
  const at = wanted.map((x, i) => Math.max(from + half(i), Math.min(to - half(i), x)))
  for (let round = 0; round < 80; round++) {
    let moved = false
    for (let i = 1; i < at.length; i++) {
      const lack = half(i - 1) + half(i) + 14 - ((at[i] ?? 0) - (at[i - 1] ?? 0))
      if (lack > 0.1) {
        at[i - 1] = Math.max(from + half(i - 1), (at[i - 1] ?? 0) - lack / 2)
        at[i] = Math.min(to - half(i), (at[i] ?? 0) + lack / 2)
        moved = true
      }
    }
    if (!moved) break
  }
  return at
}

/** A stack in half section above its axle's centreline, to scale; labels hang on leaders so that thin pieces keep theirs. */
export function StackSection({ section, width = 880, highlight }: { section: Section; width?: number; highlight?: Layer['role'] }) {
  const hatch = useId()
  const units = useUnits()
  const least = Math.min(section.axleFrom, ...section.layers.map((l) => l.from))
  const greatest = Math.max(section.axleTo, ...section.layers.map((l) => l.from + l.thickness))
  const pad = 14
  const reach = Math.min(CUT, Math.max(...section.layers.map((l) => l.outer / 2)))
  const s = Math.min((width - 2 * pad) / (greatest - least), 150 / reach)
  const top = 26 + section.spans.length * SPAN_ROW
  const base = top + reach * s
  const height = base + 52
  const left = (width - (greatest - least) * s) / 2
  const x = (um: number) => left + (um - least) * s
  const axleTop = base - (section.axle / 2) * s
  const bore = section.layers[0]?.role === 'BODY' ? 0 : section.axleFrom
  const named = section.layers.filter((l) => l.name !== 'gearbox' && l.role !== 'APART')
  const texts = named.map((l) => [inUnits(units, l.name, l.nameInInches), l.place].filter(Boolean).join(', '))
  const places = spread(
    named.map((l) => x(l.from + l.thickness / 2)),
    texts.map((t) => t.length * 6.7),
    4,
    width - 4,
  )
  return (
    <svg
      role="img"
      aria-label={`${section.title}. ${inUnits(units, section.note, section.noteInInches)}`}
      viewBox={`0 0 ${width} ${height}`}
      className="block w-full"
    >
      <defs>
        <pattern id={hatch} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="7" height="7" fill="transparent" />
          <rect width="1" height="7" fill={INK} opacity="0.28" />
        </pattern>
      </defs>
      <rect
        x={x(bore)}
        y={axleTop}
        width={(section.axleTo - bore) * s}
        height={base - axleTop}
        fill="#F7F8F3"
        stroke={INK}
        strokeWidth={1.1}
      />
      <path
        d={threadTeeth(x(Math.max(bore, section.threadFrom)), x(section.axleTo), axleTop)}
        fill="none"
        stroke={INK}
        strokeWidth={0.8}
        opacity={section.marks.length > 0 ? 0.7 : 0}
      />
      {section.layers.map((l, i) => {
        const on = highlight === undefined ? l.role === 'SPACER' : l.role === highlight
        const cut = l.outer / 2 > CUT
        const y = base - Math.min(CUT, l.outer / 2) * s
        const foot = l.role === 'BODY' || l.role === 'APART' ? base : axleTop
        if (l.role === 'APART')
          return <rect key={i} x={x(l.from) + 1} y={y} width={l.thickness * s - 2} height={base - y} fill={FILL.APART} />
        const box = { x: x(l.from), y, width: l.thickness * s, height: foot - y }
        return (
          <g key={i}>
            <rect
              {...box}
              fill={highlight !== undefined && on ? '#E2B437' : highlight !== undefined && l.role === 'SPACER' ? '#D9C68A' : FILL[l.role]}
              stroke={INK}
              strokeWidth={on ? 1.7 : 1}
            />
            {l.role !== 'BODY' && <rect {...box} fill={`url(#${hatch})`} />}
            {cut && <path d={breakLine(box.x, box.x + box.width, y)} fill="#F7F8F3" stroke={INK} strokeWidth={1.1} />}
            {l.name === 'gearbox' && (
              <text x={box.x + box.width / 2} y={(y + foot) / 2 + 4} textAnchor="middle" fontSize={13} fontWeight={600} fill={INK}>
                gearbox
              </text>
            )}
          </g>
        )
      })}
      <path d={`M${x(least) - 8} ${base}H${x(greatest) + 8}`} stroke={INK} strokeWidth={0.9} strokeDasharray="14 4 3 4" />
      {section.marks.map((m) => (
        <g key={m.name}>
          <path d={`M${x(m.at)} 20V${base + 4}`} stroke="#A83215" strokeWidth={1.2} strokeDasharray="4 3" />
          <text x={x(m.at) - 5} y={15} textAnchor="end" fontSize={12} fill="#8A2A11">
            {m.name}
          </text>
        </g>
      ))}
      {section.spans.map((span, i) => (
        <SpanRow
          key={i}
          span={span}
          said={inUnits(units, span.name, span.nameInInches)}
          from={x(span.from)}
          to={x(span.to)}
          y={27 + i * SPAN_ROW}
          foot={base}
          width={width}
        />
      ))}
      {named.map((l, i) => {
        const cx = x(l.from + l.thickness / 2)
        const from = l.role === 'BODY' ? base - 6 : axleTop - Math.min(10, (axleTop - (base - Math.min(CUT, l.outer / 2) * s)) / 2)
        return (
          <g key={i}>
            <circle cx={cx} cy={from} r={1.8} fill={INK} />
            <path d={`M${cx} ${from}V${base + 9}L${places[i]} ${base + 30}`} fill="none" stroke={INK} strokeWidth={0.9} />
            <text
              x={places[i]}
              y={base + 43}
              textAnchor="middle"
              fontSize={13}
              fill={INK}
              className="figure"
              fontWeight={l.role === 'SPACER' ? 700 : 500}
            >
              {texts[i]}
            </text>
          </g>
        )
      })}
    </svg>
  )
}

/** Where the pieces may end, or do: a bar at its place with what is said of it beside it, on the side where there is room. */
function SpanRow({
  span,
  said,
  from,
  to,
  y,
  foot,
  width,
}: {
  span: Span
  said: string
  from: number
  to: number
  y: number
  foot: number
  width: number
}) {
  const colour = SPAN[span.kind]
  const wanted = span.kind === 'WANTED'
  const left = from - 8 - said.length * 6.3 > 0
  return (
    <g>
      {wanted && <path d={`M${from} ${y}V${foot}M${to} ${y}V${foot}`} stroke={colour} strokeWidth={0.9} strokeDasharray="2 3" />}
      <rect
        x={Math.min(from, (from + to) / 2 - 1)}
        y={y - 3}
        width={Math.max(2, to - from)}
        height={6}
        fill={colour}
        fillOpacity={wanted ? 0.35 : 1}
        stroke={colour}
        strokeWidth={1}
      />
      <text
        x={left ? from - 8 : Math.min(to + 8, width)}
        y={y + 4}
        textAnchor={left ? 'end' : 'start'}
        fontSize={12}
        fill={colour}
        fontWeight={wanted ? 600 : 400}
        paintOrder="stroke"
        stroke="#F7F8F3"
        strokeWidth={4}
      >
        {said}
      </text>
    </g>
  )
}

function breakLine(from: number, to: number, y: number): string {
  const n = Math.max(2, Math.round((to - from) / 14))
  let path = `M${from - 1} ${y - 4}`
  for (let i = 0; i <= n; i++) path += `L${from + ((to - from) * i) / n} ${y + (i % 2 === 0 ? 4 : -2)}`
  return `${path}L${to + 1} ${y - 4}Z`
}

function threadTeeth(from: number, to: number, y: number): string {
  let path = `M${from} ${y}`
  for (let x = from; x + 4 <= to; x += 4) path += `L${x + 2} ${y + 3}L${x + 4} ${y}`
  return path
}
