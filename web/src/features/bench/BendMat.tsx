import { Link } from 'react-router'
import { Answered, KeptBefore } from './Answered'
import { MatField } from './Typed'
import { typed, useBend, useMat } from './useBench'

const LEFT = 96
const MID = 150

/** Washers as they are typed: thickness × count, with blanks between. */
function washers(text: string): { thickness: number; count: number }[] | undefined {
  const parts = text
    .split(/\s*[;+]\s*|\s{1,}(?=\d)/)
    .map((p) => p.trim())
    .filter((p) => p !== '')
  const read = parts.map((p) => {
    const [thick, count] = p.split(/\s*[x×]\s*/)
    const [t, c] = [typed(thick ?? ''), count === undefined ? 1 : typed(count)]
    return t !== undefined && c !== undefined && Number.isInteger(c) ? { thickness: t, count: c } : undefined
  })
  return read.every((w) => w !== undefined) ? read : undefined
}

/** A torque arm beside its blade, seen from above and to scale: where it is bent, how far, and what washers take away first. */
export function BendMat() {
  const mat = useMat('bend', { step: '10', tie: '100', thickness: '4', washer: '24', spare: '0', washers: '' })
  const [step, tie, thickness, washer, spare] = ['step', 'tie', 'thickness', 'washer', 'spare'].map(mat.num)
  const pack = washers(mat.text('washers'))
  const given =
    step !== undefined && tie !== undefined && thickness !== undefined && washer !== undefined && spare !== undefined && pack
      ? { step, tie, thickness, washer, spare, washers: pack }
      : undefined
  const bend = useBend(given)
  const answer = given ? bend.data : undefined
  const scale = 570 / Math.max(60, tie ?? 100)
  const x = (mm: number) => LEFT + mm * scale
  const y = (mm: number) => MID - mm * scale
  const t = (thickness ?? 4) * scale
  return (
    <>
      <h2 className="text-[22px]">A torque arm bent to its blade</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        Straight edge on the dropout’s clamping face: how far does the blade stand off it, where the arm will be tied?
      </p>
      <svg viewBox="0 0 760 230" className="mt-2 w-full max-w-[900px]" role="img" aria-label="The arm and the blade from above, to scale">
        <path d={`M${x(-6)} ${MID + t / 2}H${x((washer ?? 24) / 2 + 8)}v26H${x(-6)}z`} fill="var(--color-line)" stroke="var(--color-ink)" />
        <path d={`M${x(0)} ${MID + 34}V${MID - 30}`} stroke="var(--color-soft)" strokeDasharray="9 3 2 3" />
        <text x={x(2)} y={MID + t / 2 + 18} fontSize="13" fill="var(--color-soft)">
          dropout
        </text>
        {answer && (
          <>
            {answer.packed > 0 && (
              <rect
                x={x(-(washer ?? 24) / 2)}
                y={y(answer.packed) + t / 2}
                width={(washer ?? 24) * scale}
                height={answer.packed * scale}
                fill="var(--color-paint)"
                stroke="var(--color-ink)"
              />
            )}
            <path
              d={`M${x(-(washer ?? 24) / 2)} ${y(answer.packed)}H${x(answer.advice === 'STRAIGHT' ? (tie ?? 100) : answer.line)}${
                answer.advice === 'STRAIGHT' ? '' : `L${x(tie ?? 100)} ${y(step ?? 0)}`
              }`}
              fill="none"
              stroke={answer.advice === 'ADJUSTABLE' ? 'var(--color-vermilion)' : 'var(--color-ink)'}
              strokeWidth={t}
              strokeLinejoin="miter"
            />
            {answer.advice === 'BEND' && (
              <g stroke="var(--color-vermilion)" strokeWidth="1.6" fill="var(--color-ink)" fontSize="14">
                <path d={`M${x(answer.line)} ${MID + t / 2 + 4}V${MID - 74}`} />
                <path d={`M${x(answer.vice)} ${MID + t / 2 + 4}V${MID - 46}`} strokeDasharray="6 4" />
                <text x={x(answer.line) + 6} y={MID - 64} stroke="none">
                  bend {answer.line.toFixed(1)} mm
                </text>
                <text x={x(answer.vice) - 6} y={MID - 46} stroke="none" textAnchor="end">
                  vice {answer.vice.toFixed(1)} mm
                </text>
              </g>
            )}
          </>
        )}
        <path
          d={`M${x(tie ?? 100)} ${y(step ?? 0) + t / 2}V${MID + t / 2}`}
          stroke="var(--color-soft)"
          strokeWidth="1.2"
          strokeDasharray="3 3"
        />
        <rect
          x={x(tie ?? 100) - 26}
          y={y(step ?? 0) + t / 2}
          width="52"
          height="16"
          fill="var(--color-paper)"
          stroke="var(--color-ink)"
          strokeWidth="1.6"
        />
        <text x={x(tie ?? 100) - 8} y={y(step ?? 0) + t / 2 + 33} textAnchor="end" fontSize="13" fill="var(--color-soft)">
          blade, {mat.text('step')} mm off
        </text>
        <path
          d={`M${x(0)} ${MID + 62}V${MID + 72}M${x(tie ?? 100)} ${MID + 62}V${MID + 72}M${x(0)} ${MID + 67}H${x(tie ?? 100)}`}
          stroke="var(--color-soft)"
        />
        <text x={(x(0) + x(tie ?? 100)) / 2} y={MID + 64} textAnchor="middle" fontSize="13" fill="var(--color-ink)">
          {mat.text('tie')} mm from the axle to the tie
        </text>
      </svg>
      <div className="mt-1 flex flex-wrap gap-5">
        <MatField mat={mat} field="step" label="Step to the blade" unit="mm" error={bend.error} />
        <MatField mat={mat} field="tie" label="Axle to the tie" unit="mm" error={bend.error} />
        <MatField mat={mat} field="thickness" label="Arm’s thickness" unit="mm" error={bend.error} />
        <MatField mat={mat} field="washer" label="Washer, across" unit="mm" error={bend.error} />
        <MatField mat={mat} field="spare" label="Thread to spare" unit="mm" error={bend.error} />
        <MatField mat={mat} field="washers" label="Washers for under it, as 1.5×3 2×1" unit="mm" error={bend.error} optional wide />
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={answer.advice === 'ADJUSTABLE'}
          keep={given && { bend: given }}
          how="Angle = atan(step left ÷ way from the bend to the tie). The bend lies at the washer’s edge plus the arm’s thickness: nearer, and the nut does not seat flat. In the vice three thicknesses short of it, as a bend creeps to the nut. Bend once, never to and fro; a cracked arm is scrap."
        >
          {answer.advice === 'BEND' && (
            <p className="mt-1 text-[15px]">
              In the vice to <b className="figure">{answer.bendTo.toFixed(1)}°</b>, as it springs back to {answer.angle.toFixed(1)}°; the
              arm is <b className="figure">{answer.length.toFixed(0)} mm</b> long to its tie.{' '}
              <Link
                className="underline underline-offset-2"
                to={`/bench?tool=sheet&kind=bend-strip&of-step=${answer.left.toFixed(2)}&of-tie=${tie}&of-thickness=${thickness}&of-washer=${washer}`}
              >
                Print the strip at its true size
              </Link>
            </p>
          )}
        </Answered>
      )}
      <KeptBefore tool="bend" />
    </>
  )
}
