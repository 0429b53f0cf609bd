import { useState } from 'react'
import { Typed } from './Typed'
import { faultAt, typed, useRollOut } from './useBench'

/** A wheel rolled along a chalk line, and what the display makes of it. */
export function RollOutMat() {
  const [bead, setBead] = useState('622')
  const [width, setWidth] = useState('47')
  const [rolled, setRolled] = useState('')
  const [turns, setTurns] = useState('3')
  const [set, setSet] = useState('')
  const [b, w, n] = [typed(bead), typed(width), typed(turns)]
  const whole = (x: number | undefined): x is number => x !== undefined && Number.isInteger(x)
  const optional = (text: string) => (text.trim() === '' ? undefined : typed(text))
  const given =
    whole(b) &&
    whole(w) &&
    whole(n) &&
    (rolled.trim() === '' || typed(rolled) !== undefined) &&
    (set.trim() === '' || typed(set) !== undefined)
      ? { beadSeat: b, width: w, turns: n, rolled: optional(rolled), set: optional(set) }
      : undefined
  const wheel = useRollOut(given)
  const answer = wheel.data
  const wrong = (field: string) => faultAt(wheel.error, field)
  const radius = (((b ?? 622) + 2 * (w ?? 47)) / 2) * 0.2
  const rim = ((b ?? 622) / 2) * 0.2
  return (
    <>
      <h2 className="text-[22px]">How far a wheel rolls in a turn</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        Chalk on tyre and floor, rider on, usual pressure, straight on for some turns. The tyre’s marking alone is right to about two in a
        hundred.
      </p>
      <svg viewBox="0 0 760 220" className="mt-3 w-full max-w-[900px]" aria-hidden="true">
        <path d="M20 190H740" stroke="var(--color-ink)" strokeWidth="2.4" />
        <circle
          cx="110"
          cy={190 - radius}
          r={radius - (radius - rim) / 2}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={Math.max(2, radius - rim)}
        />
        <circle cx="110" cy={190 - radius} r="5" fill="var(--color-ink)" />
        <circle
          cx="650"
          cy={190 - radius}
          r={radius - (radius - rim) / 2}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={Math.max(2, radius - rim)}
          opacity="0.25"
        />
        <path d="M110 178V204M650 178V204" stroke="var(--color-vermilion)" strokeWidth="3" />
        <text x="380" y="212" textAnchor="middle" fontSize="15" fill="var(--color-ink)">
          {rolled.trim() === '' ? 'not rolled yet' : `${rolled} mm in ${turns} turns`}
        </text>
      </svg>
      <div className="mt-2 flex flex-wrap gap-6">
        <Typed label="Rim, bead seat" unit="mm" value={bead} fault={wrong('beadSeat')} onChange={setBead} />
        <Typed label="Tyre, as marked" unit="mm" value={width} fault={wrong('width')} onChange={setWidth} />
        <Typed label="Rolled along the floor" unit="mm" value={rolled} fault={wrong('rolled')} optional onChange={setRolled} />
        <Typed label="in" unit="turns" value={turns} fault={wrong('turns')} onChange={setTurns} />
        <Typed label="Set in the display" unit="mm" value={set} fault={wrong('set')} optional onChange={setSet} />
      </div>
      {answer && (
        <div aria-live="polite" className="sheet mt-5 max-w-[640px] px-6 py-4">
          <p className="text-[20px] font-semibold">
            <span className="figure">{Math.round(answer.circumference)} mm</span> a turn
            {answer.measured ? ', as rolled' : ', by the tyre’s marking'}.
          </p>
          {answer.measured && (
            <p className="mt-1 text-[15px]">
              By the marking it would be <span className="figure">{Math.round(answer.marked)} mm</span>.
            </p>
          )}
          {answer.speedError !== undefined && (
            <p className="mt-1 text-[15px]">
              {Math.abs(answer.speedError) < 0.05
                ? 'The display tells the true speed.'
                : `The display tells ${Math.abs(answer.speedError).toFixed(1)} % ${answer.speedError > 0 ? 'more' : 'less'} than the true speed: at 25 km/h shown it is ${(25 / (1 + answer.speedError / 100)).toFixed(1)} km/h. Set it to ${Math.round(answer.circumference)} mm.`}
            </p>
          )}
          <p className="mt-2 text-[13px] text-soft">
            By the marking: π × (bead seat + 2 × width) × 0.99. The legal cut-off speed hangs on it.
          </p>
        </div>
      )}
    </>
  )
}
