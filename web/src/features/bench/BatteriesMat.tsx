import type { Schemas } from '../../api/client'
import { Answered, KeptBefore } from './Answered'
import { MatField } from './Typed'
import { useBatteries, useMat, type Mat } from './useBench'

/** A pack of a mat, while all of its fields are numbers. */
function pack(mat: Mat, side: string): Schemas['PackGiven'] | undefined {
  const [series, ampHours, charge, rated] = [
    mat.whole(`${side}.series`),
    mat.num(`${side}.ampHours`),
    mat.num(`${side}.charge`),
    mat.num(`${side}.rated`),
  ]
  const ohms = mat.optional(`${side}.ohms`)
  if (series === undefined || ampHours === undefined || charge === undefined || rated === undefined || ohms === undefined) return undefined
  return { series, ampHours, charge, rated, ...(ohms !== null && { ohms }) }
}

/** Two packs above one time line: who feeds when, at which volts, and where it ends. */
export function BatteriesMat() {
  const mat = useMat('batteries', {
    'first.series': '13',
    'first.ampHours': '14',
    'first.charge': '100',
    'first.ohms': '',
    'first.rated': '25',
    'second.series': '13',
    'second.ampHours': '10',
    'second.charge': '70',
    'second.ohms': '',
    'second.rated': '20',
    cutOffVolts: '39',
    combiner: '30',
    watts: '220',
    minutes: '300',
  })
  const [first, second] = [pack(mat, 'first'), pack(mat, 'second')]
  const [cutOffVolts, combiner, watts, minutes] = ['cutOffVolts', 'combiner', 'watts', 'minutes'].map(mat.num)
  const given =
    first && second && cutOffVolts !== undefined && combiner !== undefined && watts !== undefined && minutes !== undefined
      ? { first, second, cutOffVolts, combiner, ride: [{ minutes, watts }] }
      : undefined
  const batteries = useBatteries(given)
  const answer = given ? batteries.data : undefined
  return (
    <>
      <h2 className="text-[22px]">Two batteries on a combiner</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        Never in plain parallel: two packs of different volts charge one another with nothing to limit the current. Behind ideal diodes the
        higher one feeds alone until levels meet.
      </p>
      {answer && given && <Plot answer={answer} cutOff={given.cutOffVolts} />}
      <div className="mt-1 grid max-w-[1000px] grid-cols-2 gap-x-8 max-[1000px]:grid-cols-1">
        {(['first', 'second'] as const).map((side) => (
          <fieldset key={side}>
            <legend className="flex items-center gap-2 text-[16px] font-semibold">
              <Swatch side={side} /> {side === 'first' ? 'First battery' : 'Second battery'}
            </legend>
            <div className="flex flex-wrap gap-x-4 gap-y-1">
              <MatField mat={mat} field={`${side}.series`} label="Cells in series" unit="cells" error={batteries.error} />
              <MatField mat={mat} field={`${side}.ampHours`} label="Capacity" unit="A·h" error={batteries.error} />
              <MatField mat={mat} field={`${side}.charge`} label="Charge" unit="%" error={batteries.error} />
              <MatField mat={mat} field={`${side}.rated`} label="Gives for long" unit="A" error={batteries.error} />
              <MatField mat={mat} field={`${side}.ohms`} label="Inside, if known" unit="Ω" error={batteries.error} optional />
            </div>
          </fieldset>
        ))}
      </div>
      <div className="mt-2 flex flex-wrap gap-x-4">
        <MatField mat={mat} field="watts" label="The ride draws" unit="W" error={batteries.error} />
        <MatField mat={mat} field="minutes" label="for" unit="minutes" error={batteries.error} />
        <MatField mat={mat} field="cutOffVolts" label="Controller stops at" unit="V" error={batteries.error} />
        <MatField mat={mat} field="combiner" label="Combiner carries" unit="A" error={batteries.error} />
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={answer.warnings.length > 0}
          keep={given && { batteries: given }}
          how="Rest volts by charge of usual cells; 0.10 Ω for 13 cells of 10 A·h where nobody measured; diodes lose 0.03 V. The display sees the output, not the packs."
        >
          {answer.warnings.map((w) => (
            <p key={w} className="mt-1 text-[15px] font-semibold text-vermilion">
              {w}
            </p>
          ))}
          <p className="mt-1 text-[15px]">
            The first gives <b className="figure">{answer.firstWattHours.toFixed(0)} Wh</b>, the second{' '}
            <b className="figure">{answer.secondWattHours.toFixed(0)} Wh</b>;{' '}
            <span className="figure">{answer.lostWattHours.toFixed(0)} Wh</span> stay inside as heat. At most{' '}
            <span className="figure">{answer.mostFirst.toFixed(1)} A</span>,{' '}
            <span className="figure">{answer.mostSecond.toFixed(1)} A</span> and{' '}
            <span className="figure">{answer.mostTogether.toFixed(1)} A</span> through the combiner.
          </p>
        </Answered>
      )}
      <KeptBefore tool="batteries" />
    </>
  )
}

const FILLS = { first: 'var(--color-petrol)', second: 'var(--color-paint)' }

function Swatch({ side }: { side: 'first' | 'second' }) {
  return (
    <svg width="22" height="14" aria-hidden="true">
      <rect width="22" height="14" fill={FILLS[side]} />
      {side === 'second' && <path d="M0 14L14 0M8 14L22 0" stroke="var(--color-ink)" strokeWidth="1.5" />}
    </svg>
  )
}

const W = 760
const X0 = 52
const X1 = W - 14
const VOLTS = [14, 112] as const
const AMPS = [134, 220] as const

/** Volts above, currents stacked below, over the minutes of the ride. */
function Plot({ answer, cutOff }: { answer: Schemas['BatteriesView']; cutOff: number }) {
  const s = answer.samples
  const end = Math.max(1, answer.minutes)
  const top = Math.max(...s.map((p) => p.volts), cutOff + 1)
  const low = Math.min(cutOff, ...s.map((p) => p.volts)) - 1
  const most = Math.max(1, ...s.map((p) => p.first + p.second))
  const x = (minute: number) => X0 + ((X1 - X0) * minute) / end
  const v = (volts: number) => VOLTS[1] - ((VOLTS[1] - VOLTS[0]) * (volts - low)) / (top - low)
  const a = (amps: number) => AMPS[1] - ((AMPS[1] - AMPS[0]) * amps) / most
  const line = (points: [number, number][]) => points.map(([px, py], i) => `${i ? 'L' : 'M'}${px.toFixed(1)} ${py.toFixed(1)}`).join('')
  const area = (from: (p: (typeof s)[number]) => number, to: (p: (typeof s)[number]) => number) =>
    line([
      ...s.map((p): [number, number] => [x(p.minute), a(to(p))]),
      ...[...s].reverse().map((p): [number, number] => [x(p.minute), a(from(p))]),
    ]) + 'Z'
  const every = end > 240 ? 60 : end > 90 ? 30 : end > 30 ? 10 : 5
  return (
    <svg
      viewBox={`0 0 ${W} 244`}
      className="mt-2 w-full max-w-[900px]"
      role="img"
      aria-label={`Volts at the plug and the current of each battery over ${Math.round(end)} minutes`}
    >
      <defs>
        <pattern id="second-battery" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="8" height="8" fill={FILLS.second} />
          <path d="M0 0V8" stroke="var(--color-ink)" strokeWidth="1.4" />
        </pattern>
      </defs>
      {Array.from({ length: Math.floor(end / every) + 1 }, (_, i) => (
        <g key={i}>
          <path d={`M${x(i * every)} ${VOLTS[0]}V${AMPS[1]}`} stroke="var(--color-line)" />
          <text x={x(i * every)} y="236" textAnchor="middle" fontSize="12.5" fill="var(--color-soft)">
            {i * every === 0 ? 'start' : `${i * every} min`}
          </text>
        </g>
      ))}
      <path d={`M${X0} ${v(cutOff)}H${X1}`} stroke="var(--color-vermilion)" strokeDasharray="6 4" />
      <text x={X0 + 6} y={v(cutOff) - 4} fontSize="12.5" fill="var(--color-vermilion)">
        controller stops
      </text>
      <path d={line(s.map((p) => [x(p.minute), v(p.volts)]))} fill="none" stroke="var(--color-ink)" strokeWidth="2.2" />
      <path
        d={area(
          () => 0,
          (p) => p.first,
        )}
        fill={FILLS.first}
      />
      <path
        d={area(
          (p) => p.first,
          (p) => p.first + p.second,
        )}
        fill="url(#second-battery)"
      />
      <path d={`M${X0} ${AMPS[1]}H${X1}M${X0} ${VOLTS[0]}V${AMPS[1]}`} stroke="var(--color-ink)" fill="none" />
      {answer.together !== undefined && answer.together > 0 && (
        <>
          <path d={`M${x(answer.together)} ${VOLTS[0]}V${AMPS[1]}`} stroke="var(--color-ink)" strokeWidth="1.6" />
          <text x={x(answer.together) + 5} y={VOLTS[0] + 10} fontSize="12.5" fill="var(--color-ink)">
            levels meet, {Math.round(answer.together)} min
          </text>
        </>
      )}
      <g fontSize="12.5" fill="var(--color-ink)" textAnchor="end">
        <text x={X0 - 6} y={VOLTS[0] + 8}>
          {top.toFixed(0)} V
        </text>
        <text x={X0 - 6} y={VOLTS[1]}>
          {low.toFixed(0)} V
        </text>
        <text x={X0 - 6} y={AMPS[0] + 6}>
          {most.toFixed(0)} A
        </text>
      </g>
    </svg>
  )
}
