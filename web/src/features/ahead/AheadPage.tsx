import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core'
import { useRef, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useSearchParams } from 'react-router'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useMay } from '../session/useSession'
import { at, Chosen, LookAt } from './Causes'
import { DayDialog } from './DayDialog'
import { weeks } from './floor'
import { HandsOfDay } from './Hands'
import { PlanTable } from './PlanTable'
import { Proposal } from './Proposal'
import { SayDialog } from './SayDialog'
import { SmallFloor, type Spot } from './SmallFloor'
import { useAhead, useDrawings, type Ahead } from './useAhead'
import { Way } from './Way'
import { WhatIf } from './WhatIf'
import { Scroller } from '../../ui/Scroller'
import { useKeys } from '../../ui/useKeys'

const FACES = ['places', 'hands', 'table'] as const
type Face = (typeof FACES)[number]

export function AheadPage() {
  return (
    <Loaded query={useAhead()} what="The plan">
      {(ahead) => <Days ahead={ahead} />}
    </Loaded>
  )
}

/** The floor on each of the coming days; a chosen bike draws its way through them. */
function Days({ ahead }: { ahead: Ahead }) {
  const may = useMay()
  const [search, setSearch] = useSearchParams()
  const face: Face = FACES.find((f) => f === search.get('face')) ?? 'places'
  const chosenNumber = Number(search.get('job')) || undefined
  const chosen = ahead.jobs.find((j) => j.job === chosenNumber)
  const jobs = new Map(ahead.jobs.map((j) => [j.job, j]))
  const drawings = useDrawings(ahead.jobs.map((j) => j.job)).data ?? new Map()
  const [open, setOpen] = useState<string>()
  const [asking, setAsking] = useState<'say' | 'if' | 'proposal'>()
  const [carried, setCarried] = useState<Spot>()
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }))
  const floors = useRef<HTMLDivElement>(null)
  const rows = weeks(ahead.days)
  const today = ahead.now.slice(0, 10)
  const put = (part: { face?: Face; job?: number | null }) =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(before)
        if (part.face) next.set('face', part.face)
        if (part.job === null) next.delete('job')
        else if (part.job !== undefined) next.set('job', String(part.job))
        return next
      },
      { replace: true },
    )
  const choose = (job: number) => put({ job: job === chosenNumber ? null : job })
  useKeys('p', () => setAsking('proposal'), { enabled: may('PLAN') })
  useKeys('w', () => setAsking('if'), { enabled: may('PLAN'), preventDefault: true })
  useKeys('m', () => setAsking('say'), { enabled: may('PLAN') && chosen !== undefined, preventDefault: true })
  useKeys('h', () => put({ face: FACES[(FACES.indexOf(face) + 1) % FACES.length] }))
  useHotkeys('esc', () => put({ job: null }), { enabled: asking === undefined && open === undefined })
  const dropped = (event: DragEndEvent) => {
    const spot = event.over?.data.current?.spot as Spot | undefined
    const job = event.active.data.current?.job as number | undefined
    const from = String(event.active.id).split(' ').slice(0, 2).join(' ')
    if (!spot || job === undefined || !may('PLAN') || from === `${spot.date} ${spot.stand}`) return
    put({ job })
    setCarried(spot)
    setAsking('say')
  }
  const closed = () => {
    setAsking(undefined)
    setCarried(undefined)
  }
  const proposed = ahead.proposal.moved.length
  const day = ahead.days.find((d) => d.date === open)
  return (
    <div
      className={cx(
        'flex h-[calc(100vh-50px)] min-h-[640px] flex-col gap-2 px-4 pt-2 pb-3 print:min-h-0 print:p-0',
        face === 'table' ? 'print:h-auto' : 'print:h-[96vh]',
      )}
    >
      <div className="flex items-center gap-4">
        <h1 className="text-[22px]">The floor, day by day</h1>
        <p className="min-w-0 flex-1 truncate text-[13px] text-soft">
          {ahead.agreed ? `Agreed by ${ahead.agreed.by}` : 'A proposal: nothing is agreed yet'}
          {ahead.since.length > 0 && `; ${ahead.since.length === 1 ? 'one job came' : `${ahead.since.length} jobs came`} otherwise since`}
        </p>
        <span className="no-print flex gap-4 text-[13.5px]">
          <a href="/api/plan/morning.pdf" target="_blank" rel="noreferrer" className="underline underline-offset-2">
            Today on paper
          </a>
          {face === 'table' && (
            <a href="/api/plan/plan.csv" download className="underline underline-offset-2">
              CSV
            </a>
          )}
        </span>
        <span className="hidden text-[13px] print:inline">As of {at(ahead.now)}</span>
        <div role="group" aria-label="Shown as" className="no-print flex border border-ink">
          {FACES.map((f) => (
            <button
              key={f}
              type="button"
              aria-pressed={face === f}
              onClick={() => put({ face: f })}
              className={cx('min-h-8 px-3.5 text-[13.5px] font-semibold', face === f ? 'bg-ink text-paper' : 'hover:bg-ink/10')}
            >
              {f}
            </button>
          ))}
        </div>
        {may('PLAN') && (
          <span className="no-print flex gap-4">
            <Button look="quiet" hotkey="W" className="min-h-8 py-0.5" onClick={() => setAsking('if')}>
              What if …
            </Button>
            <Button
              look={proposed > 0 || !ahead.agreed ? 'act' : 'quiet'}
              hotkey="P"
              className="min-h-8 py-0.5"
              onClick={() => setAsking('proposal')}
            >
              {!ahead.agreed
                ? 'Agree on it'
                : proposed === 0
                  ? 'Nothing better'
                  : proposed === 1
                    ? '1 change proposed'
                    : `${proposed} changes proposed`}
            </Button>
          </span>
        )}
      </div>
      {face === 'table' ? (
        <Scroller className="min-h-0 flex-1 overflow-y-auto print:overflow-visible">
          <PlanTable ahead={ahead} chosen={chosenNumber} onChoose={choose} />
        </Scroller>
      ) : (
        <DndContext sensors={sensors} onDragEnd={dropped}>
          <div ref={floors} className="relative flex min-h-0 flex-1 flex-col gap-1.5">
            {rows.map((row, i) => (
              <div key={i} className="grid min-h-0 flex-1 gap-1.5" style={{ gridTemplateColumns: `repeat(${row.length}, minmax(0, 1fr))` }}>
                {row.map((d, k) =>
                  d === undefined ? (
                    <span key={k} />
                  ) : face === 'places' ? (
                    <SmallFloor
                      key={k}
                      ahead={ahead}
                      day={d}
                      drawings={drawings}
                      jobs={jobs}
                      chosen={chosen?.job}
                      today={d.date === today}
                      onChoose={choose}
                      onOpen={() => setOpen(d.date)}
                    />
                  ) : (
                    <HandsOfDay
                      key={k}
                      ahead={ahead}
                      day={d}
                      drawings={drawings}
                      jobs={jobs}
                      chosen={chosen?.job}
                      today={d.date === today}
                      onChoose={choose}
                      onOpen={() => setOpen(d.date)}
                    />
                  ),
                )}
              </div>
            ))}
            {chosen && (
              <Way
                within={floors}
                job={chosen.job}
                colour={chosen.late || chosen.lacks !== '' ? 'var(--color-vermilion)' : chosen.paint}
                seen={`${face} ${ahead.now} ${drawings.size}`}
              />
            )}
          </div>
        </DndContext>
      )}
      {chosen ? (
        <Chosen
          ahead={ahead}
          job={chosen}
          maySay={may('PLAN')}
          onSay={() => setAsking('say')}
          onChoose={(job) => put({ job })}
          onLeave={() => put({ job: null })}
        />
      ) : (
        <LookAt ahead={ahead} onChoose={choose} />
      )}
      {asking === 'say' && chosen && <SayDialog key={chosen.job} ahead={ahead} job={chosen} carriedTo={carried} onClose={closed} />}
      {asking === 'if' && <WhatIf ahead={ahead} onClose={() => setAsking(undefined)} />}
      {asking === 'proposal' && <Proposal ahead={ahead} onClose={() => setAsking(undefined)} />}
      {day && <DayDialog ahead={ahead} day={day} jobs={jobs} onClose={() => setOpen(undefined)} />}
    </div>
  )
}
