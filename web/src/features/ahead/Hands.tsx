import type { Schemas } from '../../api/client'
import { Bike } from '../../drawing/Bike'
import { minutes } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { DayFrame } from './DayFrame'
import { initials, turns, worked } from './floor'
import { EmptyChair } from './Signs'
import type { Ahead, AheadDay, JobAhead } from './useAhead'
import { Scroller } from '../../ui/Scroller'

/** One day as the people who are in: each one's bench with the bikes in order, an empty chair where somebody is away. */
export function HandsOfDay({
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
  drawings: Map<number, Schemas['BikeDrawing']>
  jobs: Map<number, JobAhead>
  chosen?: number
  today: boolean
  onChoose: (job: number) => void
  onOpen: () => void
}) {
  const people = ahead.people.filter((p) => p.does)
  return (
    <DayFrame date={day.date} note={day.open ? '' : day.why || 'closed'} today={today} onOpen={onOpen}>
      <Scroller as="ul" className="flex min-h-0 flex-1 flex-col justify-around overflow-y-auto px-1 pb-1">
        {people.map((p) => {
          const own = p.days.find((d) => d.date === day.date)
          const done = worked(ahead, day.date, p.name)
          return (
            <li key={p.name} className="flex items-center gap-1.5">
              <span
                title={p.name}
                className={cx(
                  'w-[23px] shrink-0 text-center text-[11px] leading-4 font-bold',
                  own?.away ? 'text-soft' : 'bg-petrol text-paper',
                )}
              >
                {initials(p.name)}
              </span>
              {own?.away ? (
                <span className="flex items-center gap-1.5 text-[12px] text-soft">
                  <EmptyChair /> {own.away}
                </span>
              ) : own?.minutes === 0 ? (
                <span className="text-[12px] text-soft">{day.open ? 'not in' : ''}</span>
              ) : (
                <span
                  role="group"
                  className="flex h-[40px] min-w-0 flex-1 items-end border-b-[3px] border-[#6d7a73]"
                  aria-label={`${p.name}: ${minutes(own?.planned ?? 0)} of ${minutes(own?.minutes ?? 0)}`}
                >
                  {turns(done).map((turn) => (
                    <button
                      key={turn.from}
                      type="button"
                      data-way={turn.job}
                      aria-pressed={chosen === turn.job}
                      aria-label={`${turn.from} to ${turn.to}: job ${turn.job}, ${turn.titles.join(', ')}`}
                      title={`${turn.from} to ${turn.to}: ${turn.job} ${jobs.get(turn.job)?.bike ?? ''}, ${turn.titles.join(', ')}`}
                      onClick={() => onChoose(turn.job)}
                      style={{ width: `${(100 * turn.minutes) / Math.max(own?.minutes ?? 480, 1)}%` }}
                      className={cx(
                        'flex h-full min-w-0 flex-col items-center justify-end overflow-hidden',
                        chosen === turn.job ? 'bg-paint-pale' : 'hover:bg-paper',
                        chosen !== undefined && chosen !== turn.job && 'opacity-50',
                      )}
                    >
                      <b className="figure text-[10px] leading-[11px]">{turn.minutes >= 45 ? turn.job : ''}</b>
                      <span className="min-h-0 [&_svg]:h-auto [&_svg]:max-w-full">
                        {drawings.get(turn.job) && (
                          <Bike
                            drawing={drawings.get(turn.job)!}
                            paint={jobs.get(turn.job)?.paint ?? '#52605a'}
                            scale={0.026}
                            maxWidth={46}
                            maxHeight={25}
                            fine={false}
                            label=""
                          />
                        )}
                      </span>
                    </button>
                  ))}
                </span>
              )}
            </li>
          )
        })}
      </Scroller>
    </DayFrame>
  )
}
