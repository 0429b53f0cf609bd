import { useDraggable, useDroppable } from '@dnd-kit/core'
import type { Schemas } from '../../api/client'
import { Bike } from '../../drawing/Bike'
import { minutes } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { DayFrame } from './DayFrame'
import { free, initials } from './floor'
import type { PointerEventHandler } from 'react'
import { WaitSign } from './Signs'
import type { Ahead, AheadDay, JobAhead } from './useAhead'

type Drawings = Map<number, Schemas['BikeDrawing']>
type Standing = Schemas['StandingView']

/** A full day of hands at one bike; the bar under it is drawn against that. */
const DAY_MINUTES = 480

/** Where a bike is carried to. */
export interface Spot {
  date: string
  stand: number
}

/** One day's floor, small: the stands with what is on them, and under it that day's rail. */
export function SmallFloor({
  ahead,
  day,
  drawings,
  jobs,
  chosen,
  today,
  onChoose,
  onOpen,
}: {
  ahead: Ahead
  day: AheadDay
  drawings: Drawings
  jobs: Map<number, JobAhead>
  chosen?: number
  today: boolean
  onChoose: (job: number) => void
  onOpen: () => void
}) {
  const across = ahead.stands.length <= 2 ? ahead.stands.length : ahead.stands.length <= 6 ? 3 : 4
  const down = Math.ceil(ahead.stands.length / across)
  const left = free(ahead, day)
  return (
    <DayFrame date={day.date} note={!day.open ? 'closed' : left === 0 ? 'full' : `${left} free`} today={today} onOpen={onOpen}>
      {day.open ? (
        <div
          className="grid min-h-0 flex-1 gap-[3px] px-1"
          style={{ gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`, gridTemplateRows: `repeat(${down}, minmax(0, 1fr))` }}
        >
          {ahead.stands.map((stand) => (
            <Stall
              key={stand}
              date={day.date}
              stand={stand}
              bikes={day.standing.filter((b) => b.stand === stand)}
              drawings={drawings}
              jobs={jobs}
              chosen={chosen}
              onChoose={onChoose}
              low={down > 2}
            />
          ))}
        </div>
      ) : (
        <p className="grid flex-1 place-items-center bg-[repeating-linear-gradient(135deg,transparent_0_7px,#c9d1c8_7px_8px)] px-2 text-center text-[12.5px] text-soft">
          <span className="bg-[#e7ebe5] px-2">{day.why || 'The shop is closed.'}</span>
        </p>
      )}
      <div className="mx-1 flex min-h-[24px] flex-wrap gap-1 border-t-2 border-[#6d7a73] pt-[3px] pb-[2px]">
        {day.promised.map((n) => {
          const late = jobs.get(n)?.late
          return (
            <button
              key={n}
              type="button"
              data-promised={n}
              onClick={() => onChoose(n)}
              aria-label={`Job ${n} is promised for this day${late ? ', and will be late' : ''}`}
              className={cx(
                'tag px-2.5 text-[12px] leading-[18px] font-bold',
                late && 'bg-vermilion! text-paper!',
                chosen === n && 'underline decoration-2 underline-offset-2',
              )}
            >
              <span className="figure">{n}</span>
              {late && ' !'}
            </button>
          )
        })}
      </div>
    </DayFrame>
  )
}

function Stall({
  date,
  stand,
  bikes,
  drawings,
  jobs,
  chosen,
  onChoose,
  low,
}: {
  date: string
  stand: number
  bikes: Standing[]
  drawings: Drawings
  jobs: Map<number, JobAhead>
  chosen?: number
  onChoose: (job: number) => void
  low: boolean
}) {
  const shown = bikes.slice(0, 2)
  const spot: Spot = { date, stand }
  const { setNodeRef, isOver } = useDroppable({ id: `${date} ${stand}`, data: { spot } })
  return (
    <div
      ref={setNodeRef}
      data-spot={`${date} ${stand}`}
      className={cx(
        'relative flex min-h-0 min-w-0 items-end justify-center gap-px border-x-2 border-t-2 border-paint/75',
        isOver ? 'bg-paint' : 'bg-[#eef1ea]',
      )}
    >
      <span className="absolute top-0 left-[3px] figure text-[10.5px] leading-3 text-soft">{stand}</span>
      {shown.map((b) => (
        <OnStand
          key={b.job}
          date={date}
          standing={b}
          drawing={drawings.get(b.job)}
          job={jobs.get(b.job)}
          chosen={chosen === b.job}
          dim={chosen !== undefined && chosen !== b.job}
          half={bikes.length > 1}
          low={low}
          onChoose={() => onChoose(b.job)}
        />
      ))}
      {bikes.length > 2 && (
        <span className="absolute top-0 right-0 bg-ink px-1 figure text-[10px] leading-3 text-paper">+{bikes.length - 2}</span>
      )}
    </div>
  )
}

function OnStand({
  date,
  standing,
  drawing,
  job,
  chosen,
  dim,
  half,
  low,
  onChoose,
}: {
  date: string
  standing: Standing
  drawing: Schemas['BikeDrawing'] | undefined
  job: JobAhead | undefined
  chosen: boolean
  dim: boolean
  half: boolean
  low: boolean
  onChoose: () => void
}) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({
    id: `${date} ${standing.stand} ${standing.job}`,
    data: { job: standing.job },
  })
  const rests = standing.hands.length === 0
  const what = rests
    ? standing.waits
      ? `waits for ${standing.waits.what}`
      : 'rests on its stand'
    : `${standing.hands.join(' and ')}, ${minutes(standing.minutes)}`
  return (
    <button
      type="button"
      ref={setNodeRef}
      onPointerDown={listeners?.onPointerDown as PointerEventHandler | undefined}
      style={isDragging && transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 20 } : undefined}
      data-way={standing.job}
      aria-pressed={chosen}
      aria-label={`Job ${standing.job}, ${job?.bike ?? ''}, stand ${standing.stand}: ${what}`}
      title={`${standing.job} ${job?.bike ?? ''}: ${what}${job?.since ? `; not as agreed: ${job.since}` : ''}`}
      onClick={onChoose}
      className={cx(
        'relative flex h-full min-w-0 flex-1 flex-col items-center justify-end px-[2px] pt-2.5 pb-[2px]',
        chosen ? 'bg-paint-pale' : 'hover:bg-paper',
        dim && 'opacity-55',
      )}
    >
      <span
        className={cx(
          'flex min-h-0 w-full flex-1 items-end justify-center [&_svg]:h-auto [&_svg]:max-h-full [&_svg]:max-w-full',
          rests && 'opacity-45',
        )}
      >
        {drawing && (
          <Bike
            drawing={drawing}
            paint={job?.paint ?? '#52605a'}
            scale={0.034}
            maxWidth={half ? 36 : 62}
            maxHeight={low ? 22 : 38}
            fine={false}
            label=""
          />
        )}
      </span>
      <span className="flex w-full items-center gap-[3px] text-[10.5px] leading-[11px]">
        <b className={cx('figure', job?.since && 'underline decoration-vermilion decoration-2 underline-offset-1')}>{standing.job}</b>
        {half && standing.hands[0] && <Initials name={standing.hands[0]} className="px-[2px] text-[9.5px] max-[1150px]:hidden" />}
        {!half && (
          <span className="h-[4px] flex-1 bg-line" aria-hidden="true">
            <span
              className="block h-full bg-ink"
              style={{ width: `${Math.min(100, Math.round((100 * standing.minutes) / DAY_MINUTES))}%` }}
            />
          </span>
        )}
      </span>
      <span aria-hidden="true" className="absolute top-0 right-0 flex">
        {(half ? [] : standing.hands).map((h) => (
          <Initials key={h} name={h} className="ml-px px-[3px] text-[10px] leading-[13px]" />
        ))}
        {!half && standing.waits && (
          <span className="bg-[#eef1ea] text-vermilion">
            <WaitSign kind={standing.waits.kind} />
          </span>
        )}
      </span>
    </button>
  )
}

/** Two letters for somebody whom the bike's name tells in full: drawn, not read aloud. */
function Initials({ name, className }: { name: string; className: string }) {
  return (
    <span
      data-initials={initials(name)}
      aria-hidden="true"
      className={cx('bg-petrol font-bold text-paper before:content-[attr(data-initials)]', className)}
    />
  )
}
