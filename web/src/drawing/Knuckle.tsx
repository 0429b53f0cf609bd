import type { Schemas } from '../api/client'

export type Verdict = Schemas['CheckView']['verdict']

/** How a strip writes its verdicts. */
const LETTERS: Record<string, Verdict | undefined> = { F: 'FITS', W: 'FITS_WITH', T: 'TRADE_OFF', M: 'MEASURE', N: 'NO_FIT' }

export const WORDS: Record<Verdict, string> = {
  FITS: 'fits',
  FITS_WITH: 'fits with parts or work',
  TRADE_OFF: 'a trade-off',
  MEASURE: 'measure first',
  NO_FIT: 'does not fit',
}

/**
 * How two leaves meet at one knuckle. Shape first: meshed; meshed with a shim between; meshed with a notch taken out; one leaf
 * missing; leaves apart.
 */
export function Knuckle({
  verdict,
  width = 132,
  height = 44,
  bold = false,
  onDark = false,
}: {
  verdict: Verdict
  width?: number
  height?: number
  bold?: boolean
  onDark?: boolean
}) {
  const c = width / 2
  const u = height / 44
  const t = 6 * u
  const b = height - t
  const m1 = 14 * u
  const m2 = height - m1
  const reach = Math.min(13 * u, width / 5)
  const line = { stroke: onDark ? '#4d6058' : '#14211D', strokeWidth: bold ? 1.5 : 1.6, strokeLinejoin: 'miter' as const }
  const bikeFill = onDark ? '#26352F' : '#F7F8F3'
  const kitFill = onDark ? '#1d2b26' : '#C6D2C9'
  const leafL = `M0 ${t}H${c - reach}V${m1}H${c + reach}V${m2}H${c - reach}V${b}H0`
  const slotR = `M${width} ${t}H${c - reach + 3 * u}V${m1 - 3 * u}H${c + reach + 3 * u}V${m2 + 3 * u}H${c - reach + 3 * u}V${b}H${width}`
  return (
    <svg role="img" aria-label={WORDS[verdict]} width={width} height={height} viewBox={`0 0 ${width} ${height}`} className="block">
      {verdict === 'FITS' && (
        <>
          <path d={slotR} fill={kitFill} {...line} />
          <path d={leafL} fill={bikeFill} {...line} />
          <circle cx={c} cy={height / 2} r={4.4 * u} fill="#14211D" />
        </>
      )}
      {verdict === 'FITS_WITH' && (
        <>
          <path d={`M0 ${t}H${c - 8 * u}V${b}H0`} fill={bikeFill} {...line} />
          <path d={`M${width} ${t}H${c + 8 * u}V${b}H${width}`} fill={kitFill} {...line} />
          <rect x={c - 8 * u} y={1} width={16 * u} height={height - 2} fill="#E2B437" {...line} />
          <circle cx={c} cy={height / 2} r={4.4 * u} fill="#14211D" />
        </>
      )}
      {verdict === 'TRADE_OFF' && (
        <>
          <path
            d={`M${width} ${t}H${c + 34 * u}L${c + 25 * u} ${t + 14 * u}L${c + 16 * u} ${t}H${c - reach + 3 * u}V${m1 - 3 * u}H${c + reach + 3 * u}V${m2 + 3 * u}H${c - reach + 3 * u}V${b}H${width}`}
            fill={kitFill}
            {...line}
          />
          <path d={leafL} fill={bikeFill} {...line} />
          <circle cx={c} cy={height / 2} r={4.2 * u} fill="#F7F8F3" stroke="#14211D" strokeWidth={1.8} />
          <path d={`M${c + 34 * u} ${t}L${c + 25 * u} ${t + 14 * u}L${c + 16 * u} ${t}`} fill="none" stroke="#E2B437" strokeWidth={2.6} />
        </>
      )}
      {verdict === 'MEASURE' && (
        <>
          <path
            d={`M0 ${t}H${c - 12 * u}V${b}H0`}
            fill="none"
            stroke={onDark ? '#6fa8b3' : '#0B5563'}
            strokeWidth={1.6}
            strokeDasharray="4 3"
          />
          {height > 20 && (
            <text
              x={c - 34 * u}
              y={height / 2 + 6}
              fontSize={17}
              fontWeight={800}
              fill={onDark ? '#6fa8b3' : '#0B5563'}
              textAnchor="middle"
            >
              ?
            </text>
          )}
          <path d={slotR} fill={kitFill} {...line} />
        </>
      )}
      {verdict === 'NO_FIT' && (
        <>
          <path d={`M0 ${t}H${c - 26 * u}V${m1}H${c - 12 * u}V${m2}H${c - 26 * u}V${b}H0`} fill={bikeFill} {...line} />
          <path d={`M${width} ${t}H${c + 16 * u}V${b}H${width}`} fill={kitFill} {...line} />
          <path d={`M${c - 12 * u} ${m1}V${m2}M${c + 16 * u} ${t}V${b}`} stroke="#A83215" strokeWidth={3} />
        </>
      )}
    </svg>
  )
}

/** A kit's whole hinge, lying: what fits is a thin closed joint, everything else shows its shape. */
export function HingeStrip({ checks, strip }: { checks: Schemas['CheckHead'][]; strip: string }) {
  const knuckles = checks.flatMap((c, i) => {
    const verdict = LETTERS[strip[i] ?? '.']
    return verdict ? [{ ...c, verdict }] : []
  })
  const fits = knuckles.filter((k) => k.verdict === 'FITS').length
  return (
    <span
      role="img"
      aria-label={`${fits} of ${knuckles.length} checks fit as they are`}
      className="flex flex-wrap items-center gap-x-[2px] gap-y-1"
    >
      {knuckles.map((k) =>
        k.verdict === 'FITS' ? (
          <span key={k.checkId} title={`${k.title}: ${WORDS.FITS}`} className="h-[16px] w-[4px] border-x border-ink bg-[#C6D2C9]" />
        ) : (
          <span key={k.checkId} title={`${k.title}: ${WORDS[k.verdict]}`} className="mx-[1px]">
            <Knuckle verdict={k.verdict} width={k.verdict === 'TRADE_OFF' ? 46 : 30} height={k.verdict === 'TRADE_OFF' ? 22 : 18} bold />
          </span>
        ),
      )}
    </span>
  )
}
