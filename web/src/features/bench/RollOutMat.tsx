import { Answered, KeptBefore } from './Answered'
import { MatField } from './Typed'
import { useMat, useRollOut } from './useBench'

/** A wheel rolled along a chalk line, and what the display makes of it. */
export function RollOutMat() {
  const mat = useMat('roll-out', { beadSeat: '622', width: '47', rolled: '', turns: '3', set: '' })
  const [b, w, turns] = ['beadSeat', 'width', 'turns'].map(mat.whole)
  const [rolled, set] = [mat.optional('rolled'), mat.optional('set')]
  const given =
    b !== undefined && w !== undefined && turns !== undefined && rolled !== undefined && set !== undefined
      ? { beadSeat: b, width: w, turns, ...(rolled !== null && { rolled }), ...(set !== null && { set }) }
      : undefined
  const wheel = useRollOut(given)
  const answer = given ? wheel.data : undefined
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
          {mat.text('rolled').trim() === '' ? 'not rolled yet' : `${mat.text('rolled')} mm in ${mat.text('turns')} turns`}
        </text>
      </svg>
      <div className="mt-2 flex flex-wrap gap-6">
        <MatField mat={mat} field="beadSeat" label="Rim, bead seat" unit="mm" error={wheel.error} />
        <MatField mat={mat} field="width" label="Tyre, as marked" unit="mm" error={wheel.error} />
        <MatField mat={mat} field="rolled" label="Rolled along the floor" unit="mm" error={wheel.error} optional />
        <MatField mat={mat} field="turns" label="in" unit="turns" error={wheel.error} />
        <MatField mat={mat} field="set" label="Set in the display" unit="mm" error={wheel.error} optional />
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={!answer.plausible}
          keep={given && answer.measured ? { rollOut: given } : undefined}
          how="By the marking: π × (bead seat + 2 × width) × 0.99. The legal cut-off speed hangs on it; on a job the display’s page takes what was rolled."
        >
          {answer.measured && answer.plausible && (
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
          <p className="mt-1 text-[15px]">
            A display with a list of sizes: <b className="figure">{answer.listed} in</b> comes nearest and tells{' '}
            {Math.abs(answer.listedOff) < 0.05
              ? 'the true speed'
              : `${Math.abs(answer.listedOff).toFixed(1)} % ${answer.listedOff > 0 ? 'more' : 'less'} than the true speed`}
            . One magnet counts <span className="figure">{Math.round(answer.pulses)}</span> pulses on a kilometre.
          </p>
        </Answered>
      )}
      <KeptBefore tool="roll-out" />
    </>
  )
}
