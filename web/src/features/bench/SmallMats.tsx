import { useState } from 'react'
import { Answered, KeptBefore } from './Answered'
import { MatField, Pick } from './Typed'
import { useAxle, useFastener, useMat, usePressure, useWire } from './useBench'

/** A tyre in section, standing on the floor under its load. */
export function PressureMat() {
  const mat = useMat('pressure', { beadSeat: '622', width: '47', load: '60', tyreMost: '4.5', rimMost: '' })
  const [beadSeat, width, load, tyreMost] = [mat.whole('beadSeat'), mat.num('width'), mat.num('load'), mat.num('tyreMost')]
  const rimMost = mat.optional('rimMost')
  const given =
    beadSeat !== undefined && width !== undefined && load !== undefined && tyreMost !== undefined && rimMost !== undefined
      ? { beadSeat, width, load, tyreMost, ...(rimMost !== null && { rimMost }) }
      : undefined
  const pressure = usePressure(given)
  const answer = given ? pressure.data : undefined
  const r = Math.max(24, Math.min(86, (width ?? 47) * 1.5))
  return (
    <>
      <h2 className="text-[22px]">Pressure of a tyre</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        A tyre that sinks by 15 % of its width rolls well and guards its rim. Never above the lower of the marks on tyre and rim.
      </p>
      <svg viewBox="0 0 760 220" className="mt-2 w-full max-w-[900px]" role="img" aria-label="The tyre in section under its load">
        <path d="M20 196H740" stroke="var(--color-ink)" strokeWidth="2.4" />
        <ellipse
          cx="200"
          cy={196 - r * 0.85}
          rx={r * 1.06}
          ry={r * 0.85}
          fill="var(--color-paper)"
          stroke="var(--color-ink)"
          strokeWidth={Math.max(4, r / 9)}
        />
        <path d={`M${200 - r * 0.62} ${196 - r * 1.66}h${r * 1.24}v-16h${-r * 1.24}z`} fill="var(--color-soft)" />
        <path d={`M${200 - r * 0.5} 196h${r}`} stroke="var(--color-vermilion)" strokeWidth="6" />
        <path d={`M200 ${Math.max(4, 196 - r * 1.66 - 46)}v24m-7 -9l7 9 7 -9`} stroke="var(--color-ink)" strokeWidth="2.4" fill="none" />
        <text x="216" y={Math.max(16, 196 - r * 1.66 - 30)} fontSize="15" fill="var(--color-ink)">
          {mat.text('load')} kg on this wheel
        </text>
        {answer && <Gauge wanted={answer.wanted} limit={answer.limit} pressure={answer.pressure} />}
      </svg>
      <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        <MatField mat={mat} field="beadSeat" label="Rim, bead seat" unit="mm" error={pressure.error} />
        <MatField mat={mat} field="width" label="Tyre’s width" unit="mm" error={pressure.error} />
        <MatField mat={mat} field="load" label="Load on this wheel" unit="kg" error={pressure.error} />
        <MatField mat={mat} field="tyreMost" label="Tyre’s mark, at most" unit="bar" error={pressure.error} />
        <MatField mat={mat} field="rimMost" label="Rim’s mark, at most" unit="bar" error={pressure.error} optional />
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={answer.overloaded}
          keep={given && { pressure: given }}
          how="Pressure = load ÷ half the ellipse that a tyre sunk by 15 % leaves on the road. Right to about a sixth; the makers’ tables come first. In front usually a tenth less."
        >
          <p className="mt-1 text-[15px]">
            <span className="figure">{(answer.pressure * 14.504).toFixed(0)} psi</span>. Limit of tyre and rim:{' '}
            <b className="figure">{answer.limit.toFixed(1)} bar</b>.
          </p>
        </Answered>
      )}
      <KeptBefore tool="pressure" />
    </>
  )
}

function Gauge({ wanted, limit, pressure }: { wanted: number; limit: number; pressure: number }) {
  const x = (bar: number) => 400 + Math.min(10, bar) * 32
  return (
    <g fontSize="13" fill="var(--color-ink)">
      <path d="M400 120H720" stroke="var(--color-ink)" strokeWidth="1.4" />
      {[0, 2, 4, 6, 8, 10].map((b) => (
        <g key={b}>
          <path d={`M${x(b)} 114v12`} stroke="var(--color-ink)" />
          <text x={x(b)} y="144" textAnchor="middle">
            {b === 10 ? '10 bar' : b}
          </text>
        </g>
      ))}
      <path d={`M${x(limit)} 84V120H${x(10)}V84z`} fill="var(--color-vermilion)" opacity="0.18" />
      <text x={x(limit) + 4} y="80" fill="var(--color-vermilion)">
        above the mark
      </text>
      <path d={`M${x(wanted)} 92V120`} stroke="var(--color-soft)" strokeWidth="2" strokeDasharray="4 3" />
      <path d={`M${x(pressure)} 120l-8 -18h16z`} fill="var(--color-petrol)" />
    </g>
  )
}

/** An axle's flat in its slot, and the triangle with which it presses. */
export function AxleMat() {
  const mat = useMat('axle', { torque: '60', plate: '6', flat: '10', arm: '100' })
  const [torque, plate, flat, arm] = ['torque', 'plate', 'flat', 'arm'].map(mat.num)
  const given =
    torque !== undefined && plate !== undefined && flat !== undefined && arm !== undefined ? { torque, plate, flat, arm } : undefined
  const axle = useAxle(given)
  const answer = given ? axle.data : undefined
  const h = Math.min(120, Math.max(40, (flat ?? 10) * 9))
  return (
    <>
      <h2 className="text-[22px]">What a hub’s axle does to its dropouts</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        The flat is a thin bar in a slot: at full torque it presses most at its ends. What a dropout bears is the shop’s rule by material.
      </p>
      <svg
        viewBox="0 0 760 220"
        className="mt-2 w-full max-w-[900px]"
        role="img"
        aria-label="The flat in the slot and what each material bears"
      >
        <path
          d={`M60 20H300V${110 - h / 2}H170V${110 + h / 2}H300V205H60z`}
          fill="var(--color-line)"
          stroke="var(--color-ink)"
          strokeWidth="1.6"
        />
        <path
          d={`M${172} ${110 - h / 2 + 3}H${250}V${110 + h / 2 - 3}H${172}z`}
          fill="var(--color-soft)"
          stroke="var(--color-ink)"
          transform="rotate(3 200 110)"
        />
        <path d={`M174 ${110 - h / 2}v-30l38 30z`} fill="var(--color-vermilion)" opacity="0.8" />
        <path d={`M250 ${110 + h / 2}v30l-38 -30z`} fill="var(--color-vermilion)" opacity="0.8" />
        {answer?.materials.map((m, i) => {
          const most = Math.max(answer.pressure, ...answer.materials.map((o) => o.bears)) || 1
          return (
            <g key={m.material} fontSize="13.5" fill="var(--color-ink)">
              <text x="392" y={36 + i * 34} textAnchor="end">
                {m.material}
              </text>
              <rect
                x="400"
                y={25 + i * 34}
                width={(m.bears / most) * 190}
                height="15"
                fill={m.holds ? 'var(--color-petrol)' : 'var(--color-pencil)'}
              />
              <text x="606" y={37 + i * 34}>
                {m.bears > 0 ? `${m.bears} N/mm²${m.holds ? '' : ', too little'}` : 'never'}
              </text>
            </g>
          )
        })}
        {answer && (
          <path
            d={`M${400 + (answer.pressure / (Math.max(answer.pressure, ...answer.materials.map((o) => o.bears)) || 1)) * 190} 14V196`}
            stroke="var(--color-vermilion)"
            strokeWidth="2"
          />
        )}
        {answer && (
          <text x="400" y="212" fontSize="13" fill="var(--color-vermilion)">
            the line: {answer.pressure.toFixed(0)} N/mm² pressed
          </text>
        )}
      </svg>
      <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        <MatField mat={mat} field="torque" label="Motor’s peak torque" unit="N·m" error={axle.error} />
        <MatField mat={mat} field="plate" label="Dropout’s thickness" unit="mm" error={axle.error} />
        <MatField mat={mat} field="flat" label="Flat inside the slot" unit="mm" error={axle.error} />
        <MatField mat={mat} field="arm" label="Arm to its tie" unit="mm" error={axle.error} />
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={answer.materials.every((m) => !m.holds)}
          keep={given && { axle: given }}
          how="6 × (torque ÷ 2) ÷ (thickness × flat²), two dropouts sharing. The match judges it with the shop’s policy for arms and the fork’s kind; this alone allows nothing. A fork of carbon or magnesium takes no motor without its maker’s word."
        />
      )}
      <KeptBefore tool="axle" />
    </>
  )
}

const SIZES = [
  ['3', 'M3'],
  ['4', 'M4'],
  ['5', 'M5'],
  ['6', 'M6'],
  ['8', 'M8'],
] as const
const INTO = [
  ['NUT', 'nut'],
  ['STEEL', 'steel'],
  ['ALUMINIUM', 'aluminium'],
  ['INSERT', 'rivet insert'],
] as const

/** A screw in section through what it clamps, to scale. */
export function FastenerMat() {
  const mat = useMat('fastener', { clamped: '8', depth: '' })
  const [size, setSize] = useState<(typeof SIZES)[number][0]>('5')
  const [into, setInto] = useState<(typeof INTO)[number][0]>('NUT')
  const [washer, setWasher] = useState(true)
  const [wet, setWet] = useState(true)
  const [clamped, depth] = [mat.num('clamped'), mat.optional('depth')]
  const thread = Number(size)
  const given = clamped !== undefined && depth !== undefined ? { thread, into, clamped, depth: depth ?? 0, washer, wet } : undefined
  const fastener = useFastener(given)
  const answer = given ? fastener.data : undefined
  const scale = Math.min(9, 560 / Math.max(30, (clamped ?? 8) + 30), 140 / (thread * 3.8))
  const x0 = 70
  const under = answer ? answer.washer * scale : 0
  const c = (clamped ?? 8) * scale
  const d = thread * scale
  const mid = 96
  const into0 = x0 + under + c
  const block = into === 'NUT' ? 0.8 * d : Math.max(1.8 * d, (depth ?? 0) * scale + 14)
  return (
    <>
      <h2 className="text-[22px]">A screw that is long enough and not too long</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        What lies between its head and the thread decides. Too short pulls its thread out, too long stands on the hole’s ground or in a
        spoke’s way.
      </p>
      <svg viewBox="0 0 760 210" className="mt-2 w-full max-w-[900px]" role="img" aria-label="The screw in section, to scale">
        <rect x={x0 + under} y={mid - d * 1.9} width={c} height={d * 3.8} fill="var(--color-line)" stroke="var(--color-ink)" />
        <rect
          x={into0}
          y={mid - d * (into === 'NUT' ? 0.9 : 1.9)}
          width={block}
          height={d * (into === 'NUT' ? 1.8 : 3.8)}
          fill="var(--color-paper)"
          stroke="var(--color-ink)"
        />
        {answer && (
          <>
            {answer.washer > 0 && (
              <rect
                x={x0}
                y={mid - (answer.washerOuter * scale) / 2}
                width={under}
                height={answer.washerOuter * scale}
                fill="var(--color-paint)"
                stroke="var(--color-ink)"
              />
            )}
            <path d={`M${x0} ${mid - d * 0.8}H${x0 - d * 0.9}v${d * 1.6}H${x0}z`} fill="var(--color-soft)" stroke="var(--color-ink)" />
            <rect
              x={x0}
              y={mid - d / 2}
              width={(answer.length || (clamped ?? 8) + answer.washer + answer.wanted) * scale}
              height={d}
              fill={answer.length > 0 ? 'var(--color-soft)' : 'none'}
              stroke={answer.length > 0 ? 'var(--color-ink)' : 'var(--color-vermilion)'}
              strokeDasharray={answer.length > 0 ? undefined : '6 4'}
              strokeWidth="1.6"
            />
            <path d={`M${into0} ${mid + d * 2.2}h${answer.wanted * scale}`} stroke="var(--color-vermilion)" strokeWidth="4" />
            <text x={into0} y={mid + d * 2.2 + 20} fontSize="13" fill="var(--color-ink)">
              {answer.wanted.toFixed(1)} mm have to hold
            </text>
          </>
        )}
        <text x={x0 + under + c / 2} y={mid - d * 1.9 - 6} textAnchor="middle" fontSize="13" fill="var(--color-soft)">
          {mat.text('clamped')} mm
        </text>
      </svg>
      <div className="mt-1 flex flex-wrap items-start gap-x-5 gap-y-2">
        <Pick label="Thread" options={SIZES} value={size} onChange={setSize} />
        <Pick label="Into" options={INTO} value={into} onChange={setInto} />
        <MatField mat={mat} field="clamped" label="Clamped, without washer" unit="mm" error={fastener.error} />
        <MatField mat={mat} field="depth" label="Hole’s depth, if blind" unit="mm" error={fastener.error} optional />
        <div className="self-center text-[14.5px]">
          <label className="flex cursor-pointer items-center gap-2">
            <input type="checkbox" className="size-4 accent-petrol" checked={washer} onChange={(e) => setWasher(e.target.checked)} />
            Washer under the head
          </label>
          <label className="mt-1 flex cursor-pointer items-center gap-2">
            <input type="checkbox" className="size-4 accent-petrol" checked={wet} onChange={(e) => setWet(e.target.checked)} />
            Lives in rain and shaking
          </label>
        </div>
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={answer.length === 0}
          keep={given && { fastener: given }}
          how={`Length = clamped + washer + thread that has to hold, up to the next that is sold. ${answer.limits.join(' ')}`}
        >
          <p className="mt-1 text-[15px]">
            Locker: <b>{answer.locker}</b>.{' '}
            {answer.length > 0 && (
              <>
                <span className="figure">{answer.engagement.toFixed(1)} mm</span> of thread hold.
              </>
            )}
          </p>
        </Answered>
      )}
      <KeptBefore tool="fastener" />
    </>
  )
}

/** Wire there and back, as thick as it has to be. */
export function WireMat() {
  const mat = useMat('wire', { amps: '20', metres: '0.8', volts: '48' })
  const [amps, metres, volts] = ['amps', 'metres', 'volts'].map(mat.num)
  const given = amps !== undefined && metres !== undefined && volts !== undefined ? { amps, metres, volts } : undefined
  const wire = useWire(given)
  const answer = given ? wire.data : undefined
  const thick = answer ? Math.max(2, (24 - answer.gauge) * 1.1) : 6
  return (
    <>
      <h2 className="text-[22px]">Which wire</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        The thinnest that carries the current in a bundle and loses no more than 2 % of the voltage, there and back.
      </p>
      <svg viewBox="0 0 760 150" className="mt-2 w-full max-w-[900px]" role="img" aria-label="Battery, wire and controller">
        <rect x="40" y="40" width="110" height="70" fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="1.8" />
        <rect x="610" y="40" width="110" height="70" fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="1.8" />
        <path d="M150 58C300 30 460 86 610 58" fill="none" stroke="var(--color-vermilion)" strokeWidth={thick} />
        <path d="M150 92C300 64 460 120 610 92" fill="none" stroke="var(--color-ink)" strokeWidth={thick} />
        <g fontSize="14" fill="var(--color-ink)" textAnchor="middle">
          <text x="95" y="80">
            {mat.text('volts')} V
          </text>
          <text x="665" y="80">
            {answer ? `${((volts ?? 0) - answer.drop).toFixed(1)} V` : ''}
          </text>
          <text x="380" y="26">
            {mat.text('metres')} m, {mat.text('amps')} A
          </text>
        </g>
      </svg>
      <div className="mt-1 flex flex-wrap gap-x-4">
        <MatField mat={mat} field="amps" label="Current for long" unit="A" error={wire.error} />
        <MatField mat={mat} field="metres" label="One way" unit="m" error={wire.error} />
        <MatField mat={mat} field="volts" label="Battery" unit="V" error={wire.error} />
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={answer.tooMuch}
          keep={given && { wire: given }}
          how={`Loss = 2 × length × current × resistance of copper at 20 °C: ${answer.drop.toFixed(2)} V. Plugs, switch and fuse each carry the same; the fuse is the weakest on purpose.`}
        />
      )}
      <KeptBefore tool="wire" />
    </>
  )
}
