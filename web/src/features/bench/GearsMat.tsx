import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { Answered, KeptBefore } from './Answered'
import { MatField } from './Typed'
import { typedRow, useGears, useMat } from './useBench'

/** Cogs as a job knows them: the smallest, the largest and how many, in even ratios between. */
function between(smallest: number | undefined, largest: number | undefined, count: number | undefined): string | undefined {
  if (!smallest || !largest || !count) return undefined
  if (count === 1) return String(smallest)
  return Array.from({ length: count }, (_, i) => Math.round(smallest * (largest / smallest) ** (i / (count - 1)))).join(' ')
}

/** Chain and cogs from above: a fan of chain lines, with those the chainline loses. */
export function GearsMat() {
  const mat = useMat('gears', {
    ring: '44',
    cogs: '11 13 15 18 21 24 28 32',
    chainstay: '440',
    circumference: '2200',
    cadence: '70',
    ringPlane: '48',
    outerCog: '60',
    bend: '2.5',
  })
  const [derailleur, setDerailleur] = useState(true)
  const known = between(mat.whole('smallest'), mat.whole('largest'), mat.whole('count'))
  const [cogsTyped, setCogs] = useState<string>()
  const text = cogsTyped ?? known ?? mat.text('cogs')
  const cogs = typedRow(text)
  const [ring, cadence] = [mat.whole('ring'), mat.whole('cadence')]
  const [chainstay, circumference, ringPlane, outerCog, bend] = ['chainstay', 'circumference', 'ringPlane', 'outerCog', 'bend'].map(mat.num)
  const given =
    cogs &&
    ring !== undefined &&
    cadence !== undefined &&
    chainstay !== undefined &&
    circumference !== undefined &&
    ringPlane !== undefined &&
    outerCog !== undefined &&
    bend !== undefined
      ? { ring, cogs, chainstay, circumference, cadence, derailleur, ringPlane, outerCog, bend }
      : undefined
  const gears = useGears(given)
  const answer = given ? gears.data : undefined
  const rowMat = {
    ...mat,
    text: (f: string) => (f === 'cogs' ? text : mat.text(f)),
    set: (f: string) => (f === 'cogs' ? setCogs : mat.set(f)),
    origin: (f: string) =>
      f === 'cogs' ? (cogsTyped === undefined && known ? 'smallest, largest and count measured; even between' : undefined) : mat.origin(f),
  }
  return (
    <>
      <h2 className="text-[22px]">Chain and gears</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        From above: the chainring on the left, the cogs on the right, each where it lies beside the frame’s middle. Sideways everything is
        drawn eight times as large.
      </p>
      {answer && given && <Fan gears={answer.gears} ringPlane={given.ringPlane} outer={given.outerCog} cadence={given.cadence} />}
      <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        <MatField mat={mat} field="ring" label="Chainring" unit="teeth" error={gears.error} />
        <MatField mat={rowMat} field="cogs" label="Cogs, smallest first" unit="teeth" error={gears.error} wide />
        <MatField mat={mat} field="chainstay" label="Chainstay" unit="mm" error={gears.error} />
        <MatField mat={mat} field="circumference" label="A wheel’s turn" unit="mm" error={gears.error} />
        <MatField mat={mat} field="cadence" label="Cadence" unit="/min" error={gears.error} />
        <MatField mat={mat} field="ringPlane" label="Ring from the middle" unit="mm" error={gears.error} />
        <MatField mat={mat} field="outerCog" label="Smallest cog from it" unit="mm" error={gears.error} />
        <MatField mat={mat} field="bend" label="Chain bends up to" unit="°" error={gears.error} />
        <label className="flex cursor-pointer items-center gap-2 self-center text-[14.5px]">
          <input type="checkbox" className="size-4 accent-petrol" checked={derailleur} onChange={(e) => setDerailleur(e.target.checked)} />
          With a derailleur
        </label>
      </div>
      {answer && (
        <Answered
          sentence={answer.sentence}
          warn={answer.gears.some((g) => !g.kept)}
          keep={given && { gears: given }}
          how={`Round ring and largest cog the chain is ${answer.wrapped.toFixed(0)} mm; links come in pairs${derailleur ? ', and one pair more for the derailleur' : ''}. Speed = cadence × circumference × ring ÷ cog. Count the links once more at the bike before any is driven out.`}
        />
      )}
      <KeptBefore tool="gears" />
    </>
  )
}

const SIDE = 8

function Fan({ gears, ringPlane, outer, cadence }: { gears: Schemas['GearView'][]; ringPlane: number; outer: number; cadence: number }) {
  const apart = gears.length > 1 ? Math.max(14, Math.min(30, 240 / gears.length)) : 0
  const spacing = gears.length > 1 ? apart / SIDE : 0
  const middle = 150
  const ringY = middle + (outer - (spacing * (gears.length - 1)) / 2 - ringPlane) * SIDE
  const top = middle - (apart * (gears.length - 1)) / 2
  return (
    <svg viewBox="0 0 760 300" className="mt-1 w-full max-w-[900px]" role="img" aria-label="The chain's lines to each cog, from above">
      <path d={`M90 ${Math.max(24, Math.min(276, ringY)) - 22}v44`} stroke="var(--color-ink)" strokeWidth="6" />
      <text x="80" y={Math.max(24, Math.min(276, ringY)) + 5} textAnchor="end" fontSize="14" fill="var(--color-ink)">
        ring
      </text>
      {gears.map((g, i) => {
        const y = top + i * apart
        return (
          <g key={g.teeth}>
            <path
              d={`M90 ${Math.max(24, Math.min(276, ringY))}L470 ${y}`}
              stroke={g.kept ? 'var(--color-ink)' : 'var(--color-vermilion)'}
              strokeWidth={g.kept ? 2.4 : 1.8}
              strokeDasharray={g.kept ? undefined : '6 5'}
            />
            <path
              d={`M474 ${y - Math.min(11, apart / 2.4)}v${Math.min(22, apart / 1.2)}`}
              stroke="var(--color-ink)"
              strokeWidth={3 + g.teeth / 9}
            />
            <text x="492" y={y + 5} fontSize="14" fill={g.kept ? 'var(--color-ink)' : 'var(--color-vermilion)'}>
              {g.teeth}
              {g.kept ? '' : ', left out'} · {g.speed.toFixed(1)} km/h · {g.metres.toFixed(1)} m a turn · {g.bent.toFixed(1)}°
            </text>
          </g>
        )
      })}
      <text x="492" y={Math.max(14, top - 16)} fontSize="12.5" fill="var(--color-soft)">
        teeth · speed at {cadence} turns a minute
      </text>
    </svg>
  )
}
