import type { Schemas } from '../../api/client'
import { Answered, KeptBefore } from './Answered'
import { MatField, Pick } from './Typed'
import { useMat, useRange } from './useBench'

const DRIVES = [
  ['gears', 'through the gears'],
  ['hub', 'in the hub'],
] as const
const PEDALS = [
  ['none', 'pedals'],
  ['only', 'throttle only'],
] as const

/** How far a ride goes: both methods as a band over the speed, the ride that is wanted across it. */
export function RangeMat() {
  const mat = useMat('range', {
    mass: '110',
    km: '30',
    climb: '200',
    speed: '22',
    riderWatts: '60',
    assist: '1.5',
    wind: '3',
    stops: '1',
    wattHours: '500',
    ratedWatts: '250',
    peakTorque: '60',
    noLoadSpeed: '30',
    circumference: '2200',
    cutOffSpeed: '25',
    drive: 'gears',
    throttle: 'none',
  })
  const throughGears = mat.text('drive') === 'gears'
  const throttleOnly = mat.text('throttle') === 'only'
  const fields = [
    'mass',
    'km',
    'climb',
    'speed',
    'riderWatts',
    'assist',
    'wind',
    'stops',
    'wattHours',
    'peakTorque',
    'circumference',
  ] as const
  const read = fields.map(mat.num)
  const [ratedWatts, cutOffSpeed, noLoadSpeed] = [mat.whole('ratedWatts'), mat.whole('cutOffSpeed'), mat.num('noLoadSpeed')]
  const given: Schemas['RangeGiven'] | undefined =
    read.every((n) => n !== undefined) &&
    ratedWatts !== undefined &&
    cutOffSpeed !== undefined &&
    (throughGears || noLoadSpeed !== undefined)
      ? ({
          ...Object.fromEntries(fields.map((f, i) => [f, read[i]])),
          ratedWatts,
          cutOffSpeed,
          throughGears,
          throttleOnly,
          ...(throughGears ? {} : { noLoadSpeed }),
        } as Schemas['RangeGiven'])
      : undefined
  const range = useRange(given)
  const answer = given ? range.data : undefined
  return (
    <>
      <h2 className="text-[22px]">How far a ride goes</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        Rule of thumb and forces, neither of them the truth: the rider is told the span between. On a job the same figures as in the
        shortlist and the guide.
      </p>
      {answer && given && <Band answer={answer} km={given.km} speed={given.speed} cutOff={given.cutOffSpeed} />}
      {answer && given && <Power answer={answer} cutOff={given.cutOffSpeed} />}
      <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        <MatField mat={mat} field="km" label="The ride" unit="km" error={range.error} />
        <MatField mat={mat} field="climb" label="Climb" unit="m" error={range.error} />
        <MatField mat={mat} field="speed" label="On the level" unit="km/h" error={range.error} />
        <MatField mat={mat} field="mass" label="All together" unit="kg" error={range.error} />
        <MatField mat={mat} field="riderWatts" label="Rider gives" unit="W" error={range.error} />
        <MatField mat={mat} field="assist" label="Motor adds" unit="times" error={range.error} />
        <MatField mat={mat} field="wind" label="Wind" unit="m/s" error={range.error} />
        <MatField mat={mat} field="stops" label="Stops" unit="a km" error={range.error} />
        <MatField mat={mat} field="wattHours" label="Battery" unit="Wh" error={range.error} />
        <MatField mat={mat} field="ratedWatts" label="Motor, for long" unit="W" error={range.error} />
        <MatField mat={mat} field="peakTorque" label="Its peak torque" unit="N·m" error={range.error} />
        <MatField mat={mat} field="cutOffSpeed" label="It ends at" unit="km/h" error={range.error} />
        <MatField mat={mat} field="circumference" label="A wheel’s turn" unit="mm" error={range.error} />
        {!throughGears && <MatField mat={mat} field="noLoadSpeed" label="Wheel free, full" unit="km/h" error={range.error} />}
        <Pick label="Motor" options={DRIVES} value={throughGears ? 'gears' : 'hub'} onChange={mat.set('drive')} />
        <Pick label="Rider" options={PEDALS} value={throttleOnly ? 'only' : 'none'} onChange={mat.set('throttle')} />
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={!answer.enough}
          keep={given && { range: given }}
          how="Thumb: 6 to 12 Wh/km by speed, 16 by throttle alone, by the root of mass over 100 kg. Forces: air, rolling, slope and stops at the wheel, less what the rider gives, over the drive’s efficiency; half the way against the wind. Nine tenths of the battery are used. An old battery gives less."
        >
          <p className="mt-1 text-[15px]">
            Thumb <b className="figure">{answer.thumb.toFixed(0)} km</b> at {answer.thumbPerKm.toFixed(1)} Wh/km, forces{' '}
            <b className="figure">{answer.physics.toFixed(0)} km</b> at {answer.physicsPerKm.toFixed(1)} Wh/km, at −10 °C{' '}
            <b className="figure">{answer.cold.toFixed(0)} km</b>. On the level up to{' '}
            <span className="figure">{answer.topSpeed.toFixed(0)} km/h</span>; slopes up to{' '}
            <span className="figure">{answer.climb.toFixed(0)} %</span> at 8 km/h.
          </p>
        </Answered>
      )}
      <KeptBefore tool="range" />
    </>
  )
}

const X0 = 56
const X1 = 744
const Y0 = 14
const Y1 = 176

function Band({ answer, km, speed, cutOff }: { answer: Schemas['RangeView']; km: number; speed: number; cutOff: number }) {
  const all = answer.over
  const most = Math.min(3 * km + 60, Math.max(km * 1.2, ...all.map((a) => Math.max(a.thumb, a.physics))))
  const x = (kmh: number) => X0 + ((X1 - X0) * (kmh - all[0]!.speed)) / (all[all.length - 1]!.speed - all[0]!.speed)
  const y = (far: number) => Y1 - ((Y1 - Y0) * Math.min(far, most)) / most
  const line = (of: (a: (typeof all)[number]) => number) =>
    all.map((a, i) => `${i ? 'L' : 'M'}${x(a.speed).toFixed(1)} ${y(of(a)).toFixed(1)}`).join('')
  const band = `${line((a) => Math.max(a.thumb, a.physics))}${[...all]
    .reverse()
    .map((a) => `L${x(a.speed).toFixed(1)} ${y(Math.min(a.thumb, a.physics)).toFixed(1)}`)
    .join('')}Z`
  return (
    <svg
      viewBox="0 0 760 204"
      className="mt-1 w-full max-w-[900px]"
      role="img"
      aria-label={`Range over speed; the ride of ${km} km across it`}
    >
      {[12, 16, 20, 24, 28, 32, 36].map((v) => (
        <g key={v}>
          <path d={`M${x(v)} ${Y0}V${Y1}`} stroke="var(--color-line)" />
          <text x={x(v)} y="196" textAnchor={v === 36 ? 'end' : 'middle'} fontSize="12.5" fill="var(--color-soft)">
            {v === 36 ? '36 km/h' : v}
          </text>
        </g>
      ))}
      <rect
        x={x(Math.min(36, cutOff))}
        y={Y0}
        width={Math.max(0, X1 - x(Math.min(36, cutOff)))}
        height={Y1 - Y0}
        fill="var(--color-line)"
        opacity="0.55"
      />
      <path d={band} fill="var(--color-paint)" opacity="0.55" />
      <path d={line((a) => a.physics)} fill="none" stroke="var(--color-ink)" strokeWidth="2.2" />
      <path d={line((a) => a.thumb)} fill="none" stroke="var(--color-petrol)" strokeWidth="2.2" strokeDasharray="8 4" />
      <path d={line((a) => a.cold)} fill="none" stroke="var(--color-soft)" strokeWidth="1.4" strokeDasharray="2 4" />
      <path d={`M${X0} ${y(km)}H${X1}`} stroke="var(--color-vermilion)" strokeWidth="2" />
      <path d={`M${x(Math.max(12, Math.min(36, speed)))} ${Y0}V${Y1}`} stroke="var(--color-ink)" strokeDasharray="3 3" />
      <g fontSize="12.5" fill="var(--color-ink)">
        <text x={X0 - 6} y={Y0 + 8} textAnchor="end">
          {most.toFixed(0)} km
        </text>
        <text x={X1 - 4} y={y(km) - 5} textAnchor="end" fill="var(--color-vermilion)">
          the ride, {km} km
        </text>
        <text x={X0 + 6} y={Y1 - 8}>
          solid: forces · dashed: thumb · dotted: frost · grey: above the motor’s end
        </text>
      </g>
      <path d={`M${X0} ${Y0}V${Y1}H${X1}`} fill="none" stroke="var(--color-ink)" />
    </svg>
  )
}

const PY0 = 10
const PY1 = 96

/** What the level asks of the wheel, and what motor and rider give for long: where they meet is as fast as it goes. */
function Power({ answer, cutOff }: { answer: Schemas['RangeView']; cutOff: number }) {
  const all = answer.over
  const most = Math.max(...all.map((a) => a.gives)) * 1.25
  const x = (kmh: number) => X0 + ((X1 - X0) * (kmh - all[0]!.speed)) / (all[all.length - 1]!.speed - all[0]!.speed)
  const y = (watts: number) => PY1 - ((PY1 - PY0) * Math.max(0, Math.min(watts, most))) / most
  const line = (of: (a: (typeof all)[number]) => number) =>
    all.map((a, i) => `${i ? 'L' : 'M'}${x(a.speed).toFixed(1)} ${y(of(a)).toFixed(1)}`).join('')
  const top = Math.min(36, answer.topSpeed)
  const drawn = top > all[0]!.speed && answer.topSpeed <= 36
  return (
    <svg
      viewBox="0 0 760 104"
      className="w-full max-w-[900px]"
      role="img"
      aria-label={`Power over speed: on the level up to ${answer.topSpeed.toFixed(0)} km/h, the motor ends at ${cutOff} km/h`}
    >
      <path d={line((a) => a.needs)} fill="none" stroke="var(--color-ink)" strokeWidth="2.2" />
      <path d={line((a) => a.gives)} fill="none" stroke="var(--color-petrol)" strokeWidth="2.2" strokeDasharray="8 4" />
      {drawn && <path d={`M${x(top)} ${PY0}V${PY1}`} stroke="var(--color-vermilion)" strokeWidth="2" />}
      <g fontSize="12.5" fill="var(--color-ink)">
        <text x={X0 - 6} y={PY0 + 8} textAnchor="end">
          {most.toFixed(0)} W
        </text>
        {drawn && (
          <text x={x(top) + (top > 30 ? -5 : 5)} y={PY0 + 10} textAnchor={top > 30 ? 'end' : 'start'} fill="var(--color-vermilion)">
            {answer.topSpeed.toFixed(0)} km/h on the level
          </text>
        )}
        <text x={X0 + 6} y={PY0 + 10}>
          solid: the level asks · dashed: motor and rider give
        </text>
      </g>
      <path d={`M${X0} ${PY0}V${PY1}H${X1}`} fill="none" stroke="var(--color-ink)" />
    </svg>
  )
}
