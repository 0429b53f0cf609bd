import type { ReactNode } from 'react'
import { Link, NavLink, useNavigate } from 'react-router'
import type { Schemas } from '../api/client'
import { Bike } from '../drawing/Bike'
import { useMay } from '../features/session/useSession'
import { useSheet } from '../features/survey/useSheet'
import { useUnits } from '../quantity/units'
import { cx } from '../ui/cx'
import { useKeys } from '../ui/useKeys'

const PLACES = {
  GATE: 'awaited at the gate',
  RACK: 'in the rack',
  STRIP: 'on the test strip',
  RAIL: 'on the rail',
  GONE: 'with its customer',
  STAND: '',
} as const

function where(job: Schemas['JobCard']): string {
  return job.stand ? `on stand ${job.stand}` : PLACES[job.place]
}

/** The head of every view of one job: its bike to scale, who and what, and the way through its papers. */
export function JobHead({ job, drawing, children }: { job: Schemas['JobCard']; drawing?: Schemas['BikeDrawing']; children?: ReactNode }) {
  const navigate = useNavigate()
  const units = useUnits()
  const may = useMay()
  const sheet = useSheet(job.number)
  const shown = drawing ?? sheet.data?.drawing
  const views: [string, string, string][] = [
    ['A', `/jobs/${job.number}/arrival`, 'Arrival'],
    ['1', `/jobs/${job.number}/sheet`, 'Bike sheet'],
    [
      '2',
      job.work
        ? `/jobs/${job.number}/hinge/${job.work}`
        : job.kitCode
          ? `/jobs/${job.number}/hinge/${encodeURIComponent(job.kitCode)}`
          : `/jobs/${job.number}/hinge`,
      job.work ? 'Work' : 'Hinge',
    ],
    ['3', `/jobs/${job.number}/bill`, 'Bill'],
    ...((job.kitCode && !job.work ? [['4', `/jobs/${job.number}/kit-check`, 'Kit check']] : []) as [string, string, string][]),
    ...((job.kitCode ? [['5', `/jobs/${job.number}/settings`, job.work ? 'Papers' : 'Settings']] : []) as [string, string, string][]),
    ...((job.calledOff ? [['6', `/jobs/${job.number}/call-off`, job.calledOff === 'OVER' ? 'Called off' : 'Removal']] : []) as [
      string,
      string,
      string,
    ][]),
    ...((may('KEEP_MONEY') ? [['7', `/jobs/${job.number}/money`, 'Money']] : []) as [string, string, string][]),
  ]
  useKeys('a,1,2,3,4,5,6,7', (_, keys) => {
    const view = views.find(([key]) => key.toLowerCase() === keys.hotkey)
    if (view) void navigate(view[1])
  })
  return (
    <div className="flex items-end gap-5 px-6 pt-3">
      {shown && <Bike drawing={shown} paint={job.paint} scale={0.062} maxWidth={150} fine={false} label={`${job.kindLabel}, to scale`} />}
      <div className="min-w-0 flex-1">
        <h1 className="truncate text-[23px]">
          <span className="figure mr-2 font-bold">{job.number}</span>
          <Link to={`/bikes/${job.bikeId}`} className="hover:underline">
            {job.bike}
          </Link>{' '}
          <span className="font-normal text-soft">
            of{' '}
            {may('SEE_CUSTOMERS') ? (
              <Link to={`/customers/${job.customerId}`} className="underline decoration-soft/50 underline-offset-4 hover:decoration-ink">
                {job.customer}
              </Link>
            ) : (
              job.customer
            )}
          </span>
        </h1>
        <p className="truncate text-[14px] text-soft" title={job.need}>
          {job.calledOff && <b className="text-vermilion">{job.calledOff === 'OVER' ? 'called off' : 'its kit is being removed'} · </b>}
          {job.jobKindLabel} · {job.kindLabel} · <span className={cx(job.frameDiffers && 'font-semibold text-vermilion')}>{job.frame}</span>
          {job.wish && ` · ${job.wish}`}
          {job.need && ` · ${units === 'imperial' ? job.needImperial : job.need}`} · {where(job)}
        </p>
        <nav aria-label="This job" className="no-print mt-1.5 flex flex-wrap gap-x-1 whitespace-nowrap">
          {views.map(([key, to, name]) => (
            <NavLink
              key={to}
              to={to}
              className={({ isActive }) =>
                cx('px-3 py-1.5 text-[14px] font-semibold', isActive ? 'bg-ink text-paper' : 'text-ink hover:bg-ink/10')
              }
            >
              {name} <span className="figure ml-1 text-[11px] opacity-60">{key}</span>
            </NavLink>
          ))}
          {(job.kitCode || job.calledOff) && (
            <NavLink to={`/stand/${job.number}`} className="px-3 py-1.5 text-[14px] font-semibold text-ink hover:bg-ink/10">
              Steps
            </NavLink>
          )}
          {job.place !== 'GONE' && job.place !== 'RAIL' && (
            <Link to={`/ahead?job=${job.number}`} className="px-3 py-1.5 text-[14px] font-semibold text-ink hover:bg-ink/10">
              Ahead
            </Link>
          )}
          {job.place !== 'GONE' && (
            <Link to={`/bench?job=${job.number}`} className="px-3 py-1.5 text-[14px] font-semibold text-ink hover:bg-ink/10">
              Bench
            </Link>
          )}
          {may('BOOK_IN') && job.place !== 'GONE' && (
            <NavLink
              to={`/jobs/${job.number}/booking`}
              className={({ isActive }) =>
                cx('px-3 py-1.5 text-[14px] font-semibold', isActive ? 'bg-ink text-paper' : 'text-ink hover:bg-ink/10')
              }
            >
              Booking
            </NavLink>
          )}
          <a
            href={`/api/jobs/${job.number}/tag.pdf`}
            target="_blank"
            rel="noreferrer"
            className="px-3 py-1.5 text-[14px] font-semibold text-ink hover:bg-ink/10"
          >
            Tag
          </a>
        </nav>
      </div>
      {children}
    </div>
  )
}
