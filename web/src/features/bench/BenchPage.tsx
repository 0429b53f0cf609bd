import { Link, useSearchParams } from 'react-router'
import { cx } from '../../ui/cx'
import { BatteriesMat } from './BatteriesMat'
import { BendMat } from './BendMat'
import { GearsMat } from './GearsMat'
import { MadeMat, SheetMat } from './MadeMats'
import { RangeMat } from './RangeMat'
import { RideMat } from './RideMat'
import { RollOutMat } from './RollOutMat'
import { Rotor } from './Rotor'
import { AxleMat, FastenerMat, PressureMat, WireMat } from './SmallMats'
import { StackMat } from './StackMat'
import { useBenchOfJob, useOnJob } from './useBench'
import { WrenchMat } from './WrenchMat'

/** The rack: each tool with what it replaces, its sign and its mat. */
const TOOLS = [
  ['truing', 'Dial gauge', 'rotor on stand-offs', 'M15 4a9 9 0 1 1 0 18 9 9 0 0 1 0-18zM15 13l5-5M15 22v9M12 31h6', Rotor],
  ['bend', 'Vice', 'torque arm to its blade', 'M3 12h13v14H3zM27 12h-8v14h8zM16 16h3M16 22h3M8 26v6M22 26v6M18 4l-2 8', BendMat],
  ['batteries', 'Two meters', 'second battery', 'M3 8h10v20H3zM17 8h10v20H17zM6 8V5h4v3M20 8V5h4v3M8 14v8M22 14v8', BatteriesMat],
  ['range', 'Map and watch', 'how far a ride goes', 'M4 8l8-3 7 3 7-3v20l-7 3-7-3-8 3zM12 5v20M19 8v20', RangeMat],
  ['ride', 'Receiver on the bars', 'a ride read back', 'M8 6h14v22H8zM12 10h6v6h-6zM12 21h2M17 21h2M12 25h7', RideMat],
  [
    'wrench',
    'Torque wrench',
    'with an extension',
    'M4 6a4 4 0 0 1 7-2l0 4 4 0a4 4 0 0 1-5 4L10 30a2.5 2.5 0 0 1-5 0L6 12a5 5 0 0 1-2-6z',
    WrenchMat,
  ],
  [
    'fastener',
    'Screw gauge',
    'length, torque, locker',
    'M5 5h12v6H5zM8 11h6v20H8zM8 16h6M8 21h6M8 26h6M22 11v20M20 11h4M20 31h4',
    FastenerMat,
  ],
  ['stack', 'Feeler gauge', 'a gap filled from the drawers', 'M4 6h5v24H4zM21 6h5v24h-5zM12 10h3v16h-3zM17 12h1.5v12H17z', StackMat],
  ['axle', 'Spanner on the axle', 'flats against dropouts', 'M15 6l9 5v10l-9 5-9-5V11zM10 13h10v6H10z', AxleMat],
  [
    'gears',
    'Chain tool',
    'chain, speeds, lost cogs',
    'M6 10a4 4 0 1 1 0 8 4 4 0 0 1 0-8zM24 10a4 4 0 1 1 0 8 4 4 0 0 1 0-8zM6 10h18M6 18h18M15 20v10',
    GearsMat,
  ],
  [
    'roll-out',
    'Chalk on the floor',
    'roll-out and the display',
    'M15 3a11 11 0 1 1 0 22 11 11 0 0 1 0-22zM15 10a4 4 0 1 1 0 8 4 4 0 0 1 0-8zM1 30h28M15 27v6',
    RollOutMat,
  ],
  ['pressure', 'Pump with gauge', 'pressure of a tyre', 'M11 4h8v20h-8zM15 24v8M9 32h12M15 4V1M19 12h6v4h-6', PressureMat],
  ['wire', 'Wire strippers', 'how thick a wire', 'M5 4l8 14M25 4l-8 14M13 18l-6 13M17 18l6 13M11 18h8', WireMat],
  ['made', 'Printer and lathe', 'rings, sleeves, blocks', 'M4 28h22M6 28V8h18v20M10 8V4h10v4M15 12v6M11 22h8', MadeMat],
  [
    'sheet',
    'Scissors and card',
    'templates at true size',
    'M8 24a4 4 0 1 1 0 8 4 4 0 0 1 0-8zM22 24a4 4 0 1 1 0 8 4 4 0 0 1 0-8zM10 25L22 4M20 25L8 4',
    SheetMat,
  ],
] as const

/** The calculators technicians reach for: a rack of the tools, and on the mat the workpiece. */
export function BenchPage() {
  const [search, setSearch] = useSearchParams()
  const [tool, , , , Mat] = TOOLS.find(([t]) => t === search.get('tool')) ?? TOOLS[0]
  const { job, step } = useOnJob()
  const card = useBenchOfJob(job).data?.job
  return (
    <div className="grid flex-1 grid-cols-[250px_minmax(0,1fr)] max-[900px]:grid-cols-1">
      <nav aria-label="Tools" className="bg-[#d2d9d1] px-4 pt-3 pb-4">
        <h1 className="text-[24px]">Bench</h1>
        {job !== undefined && (
          <p className="mt-0.5 text-[14px] leading-snug">
            on job{' '}
            <Link to={`/jobs/${job}/sheet`} className="underline underline-offset-2">
              <b className="figure">{job}</b>
            </Link>
            {card && <>, {card.bike}</>}
            <br />
            <Link to={`/stand/${job}`} className="underline underline-offset-2">
              {step ? 'back to the step' : 'to its stand'}
            </Link>{' '}
            ·{' '}
            <Link to={`/bench?tool=${tool}`} className="underline underline-offset-2">
              without a job
            </Link>
          </p>
        )}
        <ul className="mt-2 border-t-[5px] border-[#6d7a73]">
          {TOOLS.map(([t, name, what, sign]) => (
            <li key={t}>
              <button
                type="button"
                aria-current={t === tool ? 'page' : undefined}
                onClick={() => setSearch(job === undefined ? { tool: t } : { tool: t, job: String(job) }, { replace: true })}
                className={cx(
                  'grid w-full grid-cols-[28px_1fr] items-center gap-2 px-2 py-[3px] text-left',
                  t === tool ? 'bg-paper' : 'hover:bg-paper/60',
                )}
              >
                <svg width="24" height="28" viewBox="0 0 30 34" fill="none" stroke="currentColor" strokeWidth="1.8" aria-hidden="true">
                  <path d={sign} />
                </svg>
                <span>
                  <b className="block text-[15px] leading-tight">{name}</b>
                  <span className="block text-[12.5px] leading-tight text-soft">{what}</span>
                </span>
              </button>
            </li>
          ))}
        </ul>
        <p className="mt-2 text-[12.5px] text-soft">
          {job === undefined ? 'Nothing typed here is kept.' : 'What you keep stands on the job with your name.'} The maker’s own figures
          come first.
        </p>
      </nav>
      <div className="min-w-0 px-7 pt-3 pb-8">
        <Mat key={`${tool} ${job ?? ''}`} />
      </div>
    </div>
  )
}
