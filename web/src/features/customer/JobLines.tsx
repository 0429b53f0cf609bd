import { Link } from 'react-router'
import { date } from '../../quantity/units'
import type { JobLine } from './useCustomer'

/** What a bike was and is here for, newest first, with the way to its measures, its match, its bill and its papers. */
export function JobLines({ jobs, none }: { jobs: JobLine[]; none: string }) {
  if (jobs.length === 0) return <p className="py-2 text-soft">{none}</p>
  return (
    <ul>
      {jobs.map((j) => (
        <li
          key={j.number}
          className="grid grid-cols-[64px_minmax(0,1fr)_auto] items-baseline gap-x-4 border-b border-line py-2 last:border-0"
        >
          <Link to={`/jobs/${j.number}/sheet`} className="figure text-[17px] font-bold underline underline-offset-2">
            {j.number}
          </Link>
          <span className="min-w-0">
            <b>{j.kind}</b>{' '}
            <span className="text-soft">
              {date(j.arrivesOn)}, {j.place}
            </span>
            {j.wish && <span className="block truncate text-[13.5px] text-soft">{j.wish}</span>}
          </span>
          <span className="flex gap-4 text-[14px] font-semibold whitespace-nowrap">
            <Link
              to={`/jobs/${j.number}/hinge${j.kitCode ? `/${encodeURIComponent(j.kitCode)}` : ''}`}
              className="text-petrol underline underline-offset-2"
            >
              {j.kitCode ? `kit ${j.kitCode}` : 'kits'}
            </Link>
            {j.kitCode && (
              <>
                <Link to={`/jobs/${j.number}/bill`} className="text-petrol underline underline-offset-2">
                  bill
                </Link>
                <Link to={`/jobs/${j.number}/settings`} className="text-petrol underline underline-offset-2">
                  papers
                </Link>
              </>
            )}
          </span>
        </li>
      ))}
    </ul>
  )
}
