import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { clock } from '../../quantity/units'
import { Changes } from './Proposal'

/** What came before: every revision with what it changed; folded until somebody asks. */
export function Revisions({ revisions }: { revisions: Schemas['RevisionView'][] }) {
  const [open, setOpen] = useState(false)
  const before = revisions.filter((r) => !r.inForce || r.changes.length > 0)
  if (before.length === 0) return null
  return (
    <section className="mt-5 print:hidden">
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="flex w-full items-baseline gap-2 border-b-2 border-ink pb-0.5 text-left"
      >
        <h3 className="text-[14.5px]">{open ? '▾' : '▸'} Revisions</h3>
        <span className="text-[13px] text-soft">{revisions.map((r) => r.revision).join(', ')}</span>
      </button>
      {open &&
        [...revisions].reverse().map((r) => (
          <div key={r.revision} className="grid grid-cols-[44px_minmax(0,1fr)] border-b border-line py-2 text-[13.5px]">
            <b className="text-[20px] leading-none">{r.revision}</b>
            <div>
              <p>
                {r.kitName} · {r.madeBy}, {clock(r.madeAt)} {r.agreed && `· agreed: ${r.agreed}`}{' '}
                {r.inForce && <b className="tag ml-1 bg-paint px-2 text-[12px]">in force</b>}
              </p>
              {r.reason && <p className="font-semibold">{r.reason}</p>}
              {r.withdrawn && <p className="text-soft">Until: {r.withdrawn}</p>}
              <Changes changes={r.changes} />
            </div>
          </div>
        ))}
    </section>
  )
}
