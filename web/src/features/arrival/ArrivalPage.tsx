import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { JobHead } from '../../app/JobHead'
import { minutes } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Loaded } from '../../ui/Loaded'
import { PhotoStrip } from '../photo/PhotoStrip'
import { useMay } from '../session/useSession'
import { useJobNumber } from '../survey/useSheet'
import { Agreement } from './Agreement'
import { ConditionRow } from './ConditionRow'
import { LiftDialog } from './LiftDialog'
import { useArrival, useArrivalCommands, type ArrivalSheet, type PointView } from './useArrival'
import { useKeys } from '../../ui/useKeys'

export function ArrivalPage() {
  const job = useJobNumber()
  return (
    <Loaded query={useArrival(job)} what={`The arrival sheet of job ${job}`}>
      {(sheet) => <Arrival key={job} sheet={sheet} />}
    </Loaded>
  )
}

function Arrival({ sheet }: { sheet: ArrivalSheet }) {
  const job = sheet.job.number
  const may = useMay()
  const { restGood } = useArrivalCommands(job)
  const [at, setAt] = useState<string | undefined>(sheet.points.find((p) => !p.now)?.key)
  const [lifting, setLifting] = useState<PointView>()
  const stops = sheet.points.filter((p) => p.now?.grade === 'STOPS' && !p.now.lift)
  // What head and banner take from the window's height.
  const room = stops.length > 0 ? 185 + 46 * stops.length : 170
  const next = (after: string) => {
    const here = sheet.points.findIndex((p) => p.key === after)
    setAt([...sheet.points.slice(here + 1), ...sheet.points.slice(0, here)].find((p) => !p.now)?.key)
  }
  const press = (index: number) => {
    const row = document.querySelector(`[data-point='${at}']`)
    row?.querySelectorAll<HTMLButtonElement>('[role=group] button')[index]?.click()
  }
  const step = (by: number) => {
    const here = sheet.points.findIndex((p) => p.key === at)
    setAt(sheet.points[Math.max(0, Math.min(sheet.points.length - 1, here + by))]?.key)
  }
  useKeys('g', () => press(0))
  useKeys('w', () => press(1))
  useKeys('x', () => press(2))
  useHotkeys('down', () => step(1), { preventDefault: true })
  useHotkeys('up', () => step(-1), { preventDefault: true })
  return (
    <>
      <JobHead job={sheet.job}>
        <div className="pb-2 text-right">
          <p className="text-[18px] font-bold">
            {sheet.open === 0 ? 'Every point is looked at' : sheet.open === 1 ? 'One point is open' : `${sheet.open} points are open`}
          </p>
          {sheet.open > 0 && may('CHECK_IN') && (
            <Button look="quiet" className="mt-1" disabled={restGood.isPending} onClick={() => restGood.mutate(undefined)}>
              The rest is good
            </Button>
          )}
        </div>
      </JobHead>
      {stops.length > 0 && (
        <div role="alert" className="mx-6 mt-3 border-l-[8px] border-vermilion bg-vermilion-pale px-4 py-2">
          {stops.map((p) => (
            <div key={p.key} className="flex items-center gap-4">
              <p className="flex-1 text-[15px]">
                <b className="text-[#8a2a11]">{p.title} stops this job:</b> {p.now?.note}.{' '}
                <span className="text-soft">No bill, no stand, no step until it is lifted.</span>
              </p>
              {may('CLEAR_HOLD') ? (
                <Button look="quiet" onClick={() => setLifting(p)}>
                  Lift it …
                </Button>
              ) : (
                <span className="text-soft">The manager can lift it.</span>
              )}
            </div>
          ))}
        </div>
      )}
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_340px] gap-5 px-6 pt-3 pb-4">
        <section aria-label="Condition" className="overflow-y-auto bg-paper" style={{ maxHeight: `calc(100vh - ${room}px)` }} tabIndex={-1}>
          {sheet.points.map((p) => (
            <ConditionRow
              key={p.key}
              job={job}
              point={p}
              open={at === p.key}
              mayWork={may('CHECK_IN')}
              onOpen={() => setAt(p.key)}
              onDone={() => next(p.key)}
            />
          ))}
          <p className="px-4 py-2 text-[12.5px] text-soft">
            Keys: <kbd className="figure">↑ ↓</kbd> from point to point, <kbd className="figure">G</kbd> good,{' '}
            <kbd className="figure">W</kbd> with the job, <kbd className="figure">X</kbd> stops it.
          </p>
        </section>
        <aside
          className="sheet flex flex-col gap-4 self-start overflow-y-auto px-6 pt-4 pb-5"
          style={{ maxHeight: `calc(100vh - ${room}px)` }}
          aria-label="What it adds"
        >
          <section>
            <h2 className="text-[17px]">Goes on the bill</h2>
            {sheet.work.length === 0 ? (
              <p className="mt-1 text-[13.5px] text-[#5f5535]">Nothing yet. What is graded “with the job” adds its parts and time here.</p>
            ) : (
              <ul className="mt-1 text-[13.5px]">
                {sheet.work.map((w) => (
                  <li key={w.point} className="flex gap-3 border-b border-manila-line py-1 last:border-0">
                    <span className="flex-1">
                      {w.what}
                      {w.parts && <span className="text-[#5f5535]"> · {w.parts}</span>}
                    </span>
                    <span className="figure">{w.minutes > 0 ? minutes(w.minutes) : ''}</span>
                  </li>
                ))}
                <li className="figure flex justify-between pt-1 font-bold">
                  <span>Together</span>
                  <span>{minutes(sheet.workMinutes)}</span>
                </li>
              </ul>
            )}
          </section>
          <Agreement key={sheet.agreed?.at ?? 'open'} sheet={sheet} mayWork={may('CHECK_IN')} />
          <section>
            <h2 className="mb-1 text-[17px]">As it came</h2>
            <PhotoStrip job={job} photos={sheet.photos} subject="bike" what="photo of the bike" mayAdd={may('TAKE_PHOTO')} height={62} />
          </section>
          <p className="text-[12.5px] text-[#5f5535]">
            A swollen, dropped or wet battery is not charged: it goes to the quarantine place. What is not sure to hold does not get a
            motor.
          </p>
        </aside>
      </div>
      <LiftDialog job={job} point={lifting} onClose={() => setLifting(undefined)} />
    </>
  )
}
