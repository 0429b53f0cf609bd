import { useSearchParams } from 'react-router'
import { cx } from '../../ui/cx'
import { RollOutMat } from './RollOutMat'
import { Rotor } from './Rotor'
import { WrenchMat } from './WrenchMat'

const TOOLS = [
  ['truing', 'Dial gauge', 'Rotor on stand-offs: which one to shorten, by how much'],
  ['wrench', 'Torque wrench', 'With an extension: what it is set to'],
  ['roll-out', 'Chalk on the floor', 'How far a wheel rolls, and what the display makes of it'],
] as const
type Tool = (typeof TOOLS)[number][0]

/** The calculators technicians reach for: a rack of the tools, and on the mat the workpiece. */
export function BenchPage() {
  const [search, setSearch] = useSearchParams()
  const tool: Tool = TOOLS.find(([t]) => t === search.get('tool'))?.[0] ?? 'truing'
  return (
    <div className="grid flex-1 grid-cols-[270px_minmax(0,1fr)] max-[900px]:grid-cols-1">
      <nav aria-label="Tools" className="bg-[#d2d9d1] px-5 pt-4">
        <h1 className="text-[26px]">Bench</h1>
        <ul className="mt-3 border-t-[5px] border-[#6d7a73]">
          {TOOLS.map(([t, name, what]) => (
            <li key={t}>
              <button
                type="button"
                aria-current={t === tool ? 'page' : undefined}
                onClick={() => setSearch({ tool: t }, { replace: true })}
                className={cx(
                  'grid w-full grid-cols-[34px_1fr] items-start gap-2 px-2 py-2.5 text-left',
                  t === tool ? 'bg-paper' : 'hover:bg-paper/60',
                )}
              >
                <Sign tool={t} />
                <span>
                  <b className="block text-[16px] leading-tight">{name}</b>
                  <span className="text-[13px] leading-tight text-soft">{what}</span>
                </span>
              </button>
            </li>
          ))}
        </ul>
        <p className="mt-4 text-[13px] text-soft">Nothing typed here is kept. The maker’s own figures come first.</p>
      </nav>
      <div className="min-w-0 px-7 pt-4 pb-8">{tool === 'truing' ? <Rotor /> : tool === 'wrench' ? <WrenchMat /> : <RollOutMat />}</div>
    </div>
  )
}

/** The tool each of them replaces, hanging on the rack. */
function Sign({ tool }: { tool: Tool }) {
  return (
    <svg width="30" height="34" viewBox="0 0 30 34" fill="none" stroke="currentColor" strokeWidth="1.8" aria-hidden="true">
      {tool === 'truing' && <path d="M15 4a9 9 0 1 1 0 18 9 9 0 0 1 0-18zM15 13l5-5M15 22v9M12 31h6" />}
      {tool === 'wrench' && <path d="M4 6a4 4 0 0 1 7-2l0 4 4 0a4 4 0 0 1-5 4L10 30a2.5 2.5 0 0 1-5 0L6 12a5 5 0 0 1-2-6z" />}
      {tool === 'roll-out' && <path d="M15 3a11 11 0 1 1 0 22 11 11 0 0 1 0-22zM15 10a4 4 0 1 1 0 8 4 4 0 0 1 0-8zM1 30h28M15 27v6" />}
    </svg>
  )
}
