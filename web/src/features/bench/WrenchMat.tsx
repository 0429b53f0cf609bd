import { Answered, KeptBefore } from './Answered'
import { MatField } from './Typed'
import { useMat, useWrench } from './useBench'

/** A torque wrench with something between its square and the bolt, drawn to scale. */
export function WrenchMat() {
  const mat = useMat('wrench', { torque: '40', length: '400', extension: '60' })
  const [t, l, e] = ['torque', 'length', 'extension'].map(mat.num)
  const given = t !== undefined && l !== undefined && e !== undefined ? { torque: t, length: l, extension: e } : undefined
  const wrench = useWrench(given)
  const answer = given ? wrench.data : undefined
  const scale = 620 / Math.max(1, (l ?? 400) + (e ?? 0))
  const square = 60 + (e ?? 0) * scale
  return (
    <>
      <h2 className="text-[22px]">A torque wrench with an extension</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        For a crow’s foot or any piece in line with the handle. At a right angle to it the lever stays the same: then the extension is 0.
      </p>
      <svg viewBox="0 0 760 190" className="mt-3 w-full max-w-[900px]" aria-hidden="true">
        <path d={`M${square} 84H720V104H${square}z`} fill="var(--color-ink)" opacity="0.85" />
        <path d="M640 78h90v32h-90z" fill="var(--color-soft)" />
        {(e ?? 0) > 0 && <path d={`M60 88H${square}V100H60z`} fill="var(--color-paint)" stroke="var(--color-ink)" />}
        <circle cx={square} cy="94" r="15" fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="2.4" />
        <path d={`M${square - 7} 87h14v14h-14z`} fill="var(--color-ink)" />
        <path d="M60 76l15.6 9v18L60 112l-15.6-9V85z" fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="2.4" />
        <g stroke="var(--color-soft)" strokeWidth="1.2" fill="var(--color-ink)" fontSize="14">
          <path d={`M${square} 130V150M685 130V150M${square} 142H685`} fill="none" />
          <text x={(square + 685) / 2} y="166" textAnchor="middle" stroke="none">
            {mat.text('length')} mm, square to the middle of the grip
          </text>
          {(e ?? 0) > 0 && (
            <>
              <path d={`M60 36V58M${square} 36V70M60 46H${square}`} fill="none" />
              <text x={(60 + square) / 2} y="30" textAnchor="middle" stroke="none">
                {mat.text('extension')} mm
              </text>
            </>
          )}
        </g>
      </svg>
      <div className="mt-2 flex flex-wrap gap-6">
        <MatField mat={mat} field="torque" label="Torque at the bolt" unit="N·m" error={wrench.error} />
        <MatField mat={mat} field="length" label="Wrench" unit="mm" error={wrench.error} />
        <MatField mat={mat} field="extension" label="Extension" unit="mm" error={wrench.error} />
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          keep={given && { wrench: given }}
          how="Setting = torque × length ÷ (length + extension). Hold the grip at its middle; the wrench must be calibrated in this span."
        >
          <p className="mt-1 text-[15px]">
            <span className="figure">{answer.settingFootPounds.toFixed(1)} ft·lb</span>,{' '}
            <span className="figure">{answer.settingInchPounds.toFixed(0)} in·lb</span>. Set to {mat.text('torque')} N·m the bolt would get{' '}
            <b className="figure">{answer.uncorrected.toFixed(1)} N·m</b>.
          </p>
        </Answered>
      )}
      <KeptBefore tool="wrench" />
    </>
  )
}
