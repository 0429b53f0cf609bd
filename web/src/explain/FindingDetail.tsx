import type { ReactNode } from 'react'
import type { Schemas } from '../api/client'

const ORIGIN: Record<Schemas['FigureSaid']['origin'], string> = {
  MEASURED: 'measured',
  PUBLISHED: 'published',
  COMPUTED: 'computed',
  LIMIT: 'limit',
  SHOP_RULE: 'shop rule',
}

/** Any finding in full: its sentence, every figure with where it came from, its remedies. */
export function FindingDetail({
  finding,
  onSuppose,
  children,
}: {
  finding: Schemas['CheckView']
  onSuppose?: (measure: string) => void
  children?: ReactNode
}) {
  return (
    <div className="grid grid-cols-[minmax(0,4fr)_minmax(0,6fr)] gap-6 border-t border-paint/60 bg-paint-pale px-4 pt-2.5 pb-3">
      <div>
        <p className="text-[14.5px]">{finding.sentence}</p>
        {finding.margin.flips && (
          <p className="mt-1.5 text-[13px] font-semibold text-petrol">The measuring uncertainty could turn this verdict.</p>
        )}
        {!finding.overridable && <p className="mt-1.5 text-[13px] font-semibold text-vermilion">Nobody may override this.</p>}
        <ul className="mt-1.5 space-y-0.5">
          {finding.remedies.map((r, i) => (
            <li key={i} className="flex gap-2 text-[13.5px]">
              <span aria-hidden="true" className="mt-[7px] size-[6px] shrink-0 bg-ink" />
              {r.text}
              {r.work && (
                <span className="text-soft">
                  {' '}
                  {r.work.minutes} min, {r.work.skill}
                </span>
              )}
            </li>
          ))}
        </ul>
      </div>
      <dl className="grid grid-cols-2 gap-x-6 self-start text-[13px]" aria-label="Figures">
        {finding.figures.map((f, i) => (
          <div key={i} className="flex items-baseline gap-2 border-b border-paint/40 py-[3px]">
            <dt className="min-w-0 flex-1 leading-tight">
              {f.label}
              <span className="text-[12px] text-soft" title={f.source}>
                {' '}
                {ORIGIN[f.origin]}
              </span>
            </dt>
            <dd className="figure font-semibold whitespace-nowrap">
              {f.text}
              {onSuppose && f.origin === 'MEASURED' && (
                <button
                  type="button"
                  onClick={() => onSuppose(f.source)}
                  aria-label={`What if ${f.label} were otherwise`}
                  className="no-print ml-1.5 border border-ink/40 px-1 text-[11px] font-normal hover:bg-ink hover:text-paper"
                >
                  what if
                </button>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {children}
    </div>
  )
}
