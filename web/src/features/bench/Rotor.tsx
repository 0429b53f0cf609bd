import { useState } from 'react'
import { Link } from 'react-router'
import { inUnits, length, useUnits } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { KeepOn, KeptBefore } from './Answered'
import { angles, faultAt, typed, useMat, useOnJob, useTruing, type Truing } from './useBench'

const SIZE = 560
const MID = SIZE / 2
/** Radius at which the gauge touches, in the drawing; everything else is to its scale. */
const TOUCH = 168
const LABELS = 236
/** The largest runout is drawn so far out. */
const SHOWN = 26

const at = (angle: number, radius: number): [number, number] => {
  const phi = ((angle - 90) * Math.PI) / 180
  return [MID + radius * Math.cos(phi), MID + radius * Math.sin(phi)]
}
const closed = (points: [number, number][]) =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('') + 'Z'

/** A rotor on stand-offs: readings stand round it where the gauge took them, and each stand-off says what comes off it. */
export function Rotor() {
  const units = useUnits()
  const [bolts, setBolts] = useState(6)
  const [between, setBetween] = useState(true)
  const { job } = useOnJob()
  const mat = useMat('truing', { boltCircle: '44', readAt: '150' })
  const [texts, setTexts] = useState<Record<string, string>>({})
  const where = angles(bolts, between)
  const read = where.map((angle) => ({ angle, mm: typed(texts[angle] ?? '') }))
  const known = read.filter((r): r is { angle: number; mm: number } => r.mm !== undefined)
  const boltCircle = mat.num('boltCircle')
  const touch = mat.num('readAt')
  const whole = known.length === where.length && boltCircle !== undefined && touch !== undefined
  const given = whole ? { bolts, boltCircle, readAt: touch, readings: known } : undefined
  const truing = useTruing(given)
  const answer = given ? truing.data : undefined
  const wrong = (field: string) => faultAt(truing.error, field)
  const mm = (n: number) => length(Math.round(n * 100) * 10, units)
  return (
    <>
      <h2 className="text-[22px]">A rotor on stand-offs, made to run true</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        Gauge on the outer side; the reading grows where the rotor comes towards it. Bolts tight in a star. Turn from bolt 1 and write down
        each reading where it was taken, in millimetres.
      </p>
      <div className="mt-2 flex flex-wrap items-start gap-x-8">
        <div className="relative" style={{ width: SIZE, height: SIZE }}>
          <Drawing bolts={bolts} ratio={boltCircle && touch ? boltCircle / touch : 0.3} read={known} answer={answer} cut={mm} />
          {where.map((angle, i) => {
            const [x, y] = at(angle, LABELS)
            const text = texts[angle] ?? ''
            const bolt = bolts > 0 && i % (between ? 2 : 1) === 0 ? i / (between ? 2 : 1) + 1 : undefined
            return (
              <label key={angle} className="absolute -translate-x-1/2 -translate-y-1/2 text-center" style={{ left: x, top: y }}>
                <span className="block text-[11.5px] leading-4 text-soft">{bolt ? `bolt ${bolt}` : 'between'}</span>
                <input
                  inputMode="decimal"
                  aria-label={`Reading at ${angle}°, mm`}
                  value={text}
                  aria-invalid={text !== '' && typed(text) === undefined ? true : undefined}
                  onChange={(e) => setTexts({ ...texts, [angle]: e.target.value })}
                  className={cx(
                    'h-9 w-[66px] border bg-paper text-center figure text-[15px]',
                    text !== '' && typed(text) === undefined ? 'border-2 border-vermilion' : 'border-soft/60',
                  )}
                />
              </label>
            )
          })}
        </div>
        <div className="max-w-[400px] min-w-[280px] flex-1 pt-2">
          <div className="flex flex-wrap gap-4">
            <fieldset>
              <legend className="label text-[14px]">Bolts</legend>
              <div className="mt-0.5 flex border border-ink">
                {[3, 4, 5, 6].map((n) => (
                  <button
                    key={n}
                    type="button"
                    aria-pressed={bolts === n}
                    onClick={() => setBolts(n)}
                    className={cx('h-9 w-10 figure font-semibold', bolts === n ? 'bg-ink text-paper' : 'bg-paper hover:bg-ink/10')}
                  >
                    {n}
                  </button>
                ))}
              </div>
            </fieldset>
            <Diameter
              label="Bolt circle, mm"
              value={mat.text('boltCircle')}
              origin={mat.origin('boltCircle')}
              fault={wrong('boltCircle')}
              onChange={mat.set('boltCircle')}
            />
            <Diameter
              label="Gauge at, mm across"
              value={mat.text('readAt')}
              origin={mat.origin('readAt')}
              fault={wrong('readAt')}
              onChange={mat.set('readAt')}
            />
          </div>
          <label className="mt-3 flex cursor-pointer items-center gap-2 text-[14.5px]">
            <input type="checkbox" className="size-4 accent-petrol" checked={between} onChange={(e) => setBetween(e.target.checked)} />
            Read between the bolts, too
          </label>
          <div aria-live="polite" className="mt-4">
            {answer ? (
              <div className={cx('sheet px-6 py-4', answer.verdict === 'WARPED' && 'border-l-[6px] border-vermilion')}>
                <p className="text-[18px] leading-snug font-semibold">{answer.sentence}</p>
                <dl className="mt-3 grid grid-cols-[1fr_auto] gap-x-6 gap-y-1 text-[14.5px]">
                  <dt>Runout as read</dt>
                  <dd className="figure font-bold">{mm(answer.before)}</dd>
                  <dt>of it tilt, highest at {Math.round(answer.highAt)}°</dt>
                  <dd className="figure">{mm(answer.tilt)}</dd>
                  <dt>left when that is gone</dt>
                  <dd className="figure">{mm(answer.after)}</dd>
                  <dt>allowed</dt>
                  <dd className="figure">{mm(0.3)}</dd>
                </dl>
                <p className="mt-3 text-[13px] text-soft">
                  {answer.limits.join(' ')} The tilt is the plane nearest to all readings (least squares); at the bolts it is smaller by
                  bolt circle over gauge circle. Material only comes off: the lowest stand-off stays.
                </p>
                {job !== undefined && given && <KeepOn job={job} keep={{ truing: given }} />}
              </div>
            ) : wrong('readings') ? (
              <p role="alert" className="font-semibold text-vermilion">
                Readings: {wrong('readings')!.allowed}
              </p>
            ) : (
              <p className="text-[15px] text-soft">
                {known.length === 0
                  ? 'Type the readings round the rotor; the answer comes with the last one.'
                  : whole
                    ? truing.isFetching
                      ? 'Working it out …'
                      : ''
                    : `${known.length} of ${where.length} readings.`}
              </p>
            )}
            {inUnits(units, false, true) && (
              <p className="mt-2 text-[13px] text-soft">Readings are typed in millimetres, as on the gauge; answers are in inches.</p>
            )}
          </div>
          <p className="mt-3 text-[14px]">
            <Link
              className="underline underline-offset-2"
              to={`/bench?tool=sheet&kind=hub-holes&of-bolts=${bolts}&of-circle=${mat.text('boltCircle')}`}
            >
              The holes in the hub, as a sheet at true size
            </Link>
          </p>
          {known.length > 0 && (
            <button type="button" className="mt-3 text-[14px] underline underline-offset-2" onClick={() => setTexts({})}>
              Clear the readings for the next round
            </button>
          )}
        </div>
      </div>
      <KeptBefore tool="truing" />
    </>
  )
}

function Diameter({
  label,
  value,
  fault,
  origin,
  onChange,
}: {
  label: string
  value: string
  fault: { allowed: string } | undefined
  origin: string | undefined
  onChange: (value: string) => void
}) {
  const bad = fault !== undefined || typed(value) === undefined
  return (
    <label className="block">
      <span className="label text-[14px]">{label}</span>
      <input
        inputMode="decimal"
        value={value}
        aria-invalid={bad ? true : undefined}
        onChange={(e) => onChange(e.target.value)}
        className={cx('mt-0.5 block h-9 w-[92px] border bg-paper px-2 figure', bad ? 'border-2 border-vermilion' : 'border-soft/60')}
      />
      {fault && (
        <span role="alert" className="block max-w-[150px] text-[12.5px] font-semibold text-vermilion">
          {fault.allowed}
        </span>
      )}
      {!fault && origin && <span className="block max-w-[150px] text-[12.5px] leading-tight text-soft">{origin}</span>}
    </label>
  )
}

/** Rotor and bolts to one scale; the runout far larger than it is, the tilt alone as a broken line. */
function Drawing({
  bolts,
  ratio,
  read,
  answer,
  cut,
}: {
  bolts: number
  ratio: number
  read: { angle: number; mm: number }[]
  answer: Truing | undefined
  cut: (mm: number) => string
}) {
  const mean = read.length === 0 ? 0 : read.reduce((sum, r) => sum + r.mm, 0) / read.length
  const most = Math.max(0.05, ...read.map((r) => Math.abs(r.mm - mean)))
  const trace = read.map((r) => at(r.angle, TOUCH + ((r.mm - mean) / most) * SHOWN))
  const tilted =
    answer && read.length === answer.fitted.length ? read.map((r, i) => at(r.angle, TOUCH + (answer.fitted[i]! / most) * SHOWN)) : []
  const circle = TOUCH * Math.min(0.9, ratio)
  return (
    <svg viewBox={`0 0 ${SIZE} ${SIZE}`} className="absolute inset-0 size-full" aria-hidden="true">
      <circle cx={MID} cy={MID} r={TOUCH + 14} fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="1.6" />
      <circle cx={MID} cy={MID} r={TOUCH - 16} fill="none" stroke="var(--color-line)" strokeWidth="1.2" />
      <circle cx={MID} cy={MID} r={TOUCH} fill="none" stroke="var(--color-soft)" strokeWidth="0.8" strokeDasharray="2 5" />
      <circle cx={MID} cy={MID} r={circle + 26} fill="none" stroke="var(--color-line)" strokeWidth="1.2" />
      <circle cx={MID} cy={MID} r={11} fill="none" stroke="var(--color-ink)" strokeWidth="1.4" />
      {trace.length > 2 && (
        <path d={closed(trace)} fill="var(--color-paint)" fillOpacity="0.22" stroke="var(--color-ink)" strokeWidth="2" />
      )}
      {tilted.length > 2 && <path d={closed(tilted)} fill="none" stroke="var(--color-petrol)" strokeWidth="2" strokeDasharray="7 5" />}
      {trace.map(([x, y], i) => (
        <circle key={i} cx={x} cy={y} r="3" fill="var(--color-ink)" />
      ))}
      {Array.from({ length: bolts }, (_, i) => {
        const angle = (360 / bolts) * i
        const [x, y] = at(angle, circle)
        const [tx, ty] = at(angle, circle + 34)
        const off = answer?.verdict === 'SHORTEN' ? answer.cuts[i]?.mm : undefined
        return (
          <g key={i}>
            <circle cx={x} cy={y} r="9" fill={off ? 'var(--color-vermilion)' : 'var(--color-ink)'} />
            <text x={x} y={y + 4} textAnchor="middle" fontSize="11" fontWeight="700" fill="var(--color-paper)">
              {i + 1}
            </text>
            {off !== undefined && (
              <text
                x={tx}
                y={ty + 4}
                textAnchor="middle"
                fontSize="12.5"
                fontWeight="700"
                fill={off ? 'var(--color-vermilion)' : 'var(--color-soft)'}
              >
                {off ? `−${cut(off)}` : 'stays'}
              </text>
            )}
          </g>
        )
      })}
    </svg>
  )
}
