import { Link } from 'react-router'
import { clock } from '../../quantity/units'
import { KIND } from './movements'
import { useTraced } from './useStock'

/** What no drawer is called may be the number on a plate or a lot: where that piece was, the newest first. @param none what to say where there is neither */
export function Trace({ text, onPart, none }: { text: string; onPart: (number: string) => void; none: string }) {
  const traced = useTraced(text).data ?? []
  if (traced.length === 0) return <p className="px-3 py-4 text-soft">{none}</p>
  return (
    <section aria-label={`Number ${text}`} className="m-3 border-l-[5px] border-petrol pl-3">
      <h2 className="text-[16px]">
        “{text}” is the number of {traced[0]!.lot.toLowerCase() === text.toLowerCase() ? 'a lot' : 'a piece'}
      </h2>
      <ul className="text-[13.5px]">
        {traced.map((t, i) => (
          <li key={i} className="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1.5">
            <span className="figure w-[92px] text-soft">{clock(t.at)}</span>
            <span>
              {KIND[t.kind]}{' '}
              {t.job !== undefined && (
                <Link to={`/jobs/${t.job}/bill`} className="figure underline underline-offset-2">
                  job {t.job}
                </Link>
              )}
              {t.customer && `, ${t.customer}`}
            </span>
            <button type="button" onClick={() => onPart(t.part)} className="underline underline-offset-2">
              {t.name}
            </button>
            <span className="text-soft">
              {t.note} {t.serial && `no. ${t.serial}`} {t.lot && `lot ${t.lot}`} · {t.by}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
