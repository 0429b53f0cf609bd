import { Link } from 'react-router'
import { minutes, since } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { FloorBikeCard, pathOf } from './FloorBikeCard'
import { DropSpot } from './Spots'
import type { FloorBike, FloorView } from './useYard'

/** A stand between its painted lines: the bike, who is at it, what runs, what is left. */
export function StandBay({
  number,
  stand,
  bike,
  waiting,
  now,
  onMove,
}: {
  number: number
  stand: Pick<FloorView['stands'][number], 'holds' | 'name' | 'ratedKg'>
  bike: FloorBike | undefined
  waiting: FloorBike | undefined
  now: string
  onMove: (bike: FloorBike) => void
}) {
  const stuck = bike?.tone === 'STUCK'
  return (
    <DropSpot
      spot={{ to: 'STAND', stand: number }}
      aria-label={`Stand ${number}`}
      className={cx(
        'relative flex min-h-0 min-w-0 flex-col border-[3px] border-b-0',
        stuck ? 'border-vermilion bg-vermilion-pale' : 'border-paint bg-[#e6eae3]',
      )}
    >
      <span
        aria-hidden="true"
        className={cx(
          'absolute top-0.5 left-2.5 text-[28px] leading-none font-extrabold [font-stretch:72%]',
          stuck ? 'text-vermilion/60' : 'text-[#b58d1d]/70',
        )}
      >
        {number}
      </span>
      {bike ? (
        <>
          <FloorBikeCard
            bike={bike}
            scale={0.118}
            maxWidth={255}
            fine
            onMove={onMove}
            className="flex min-h-0 min-w-0 flex-1 items-end justify-center pb-1 [&_svg]:max-h-full [&_svg]:max-w-full"
          />
          <Link
            to={pathOf(bike)}
            className={cx('block border-t px-3 pt-1 pb-1.5', stuck ? 'border-vermilion/40 bg-[#fbeae3]' : 'border-line bg-paper')}
          >
            <span className="flex items-baseline gap-2 text-[13px]">
              <b>
                <span className="figure">{bike.job.number}</span> {bike.hands.join(' + ') || bike.job.bike}
              </b>
              <span className="figure ml-auto text-[12.5px]">
                {stuck && bike.stuckSince ? (
                  <b className="text-vermilion">stuck {since(bike.stuckSince, now)}</b>
                ) : (
                  bike.minutesLeft !== undefined && `${minutes(bike.minutesLeft)} left`
                )}
              </span>
            </span>
            <span
              className={cx(
                'block truncate text-[13px]',
                stuck
                  ? 'text-[#8a2a11]'
                  : bike.tone === 'ASKS'
                    ? 'font-semibold text-petrol'
                    : bike.tone === 'READY'
                      ? 'font-semibold'
                      : 'text-soft',
              )}
              title={bike.line}
            >
              {bike.line}
            </span>
            <Progress done={bike.stepsDone} all={bike.steps} stuck={stuck} />
          </Link>
        </>
      ) : (
        <div className="flex flex-1 flex-col justify-end px-3 pb-2 text-[13px]">
          <b>free</b>
          <span className="text-soft">
            {[stand.holds, stand.name].filter(Boolean).join(', ')}
            {stand.ratedKg !== undefined && (
              <>
                , up to <span className="figure">{stand.ratedKg} kg</span>
              </>
            )}
          </span>
          <span className="text-soft">
            {waiting ? `next: ${waiting.job.number} ${waiting.job.bike}, its parts are held` : 'a bike with a bill can go here'}
          </span>
        </div>
      )}
    </DropSpot>
  )
}

function Progress({ done, all, stuck }: { done: number; all: number; stuck: boolean }) {
  return (
    <span className="mt-1 flex h-[5px] gap-px" role="img" aria-label={`${done} of ${all} steps finished`}>
      {Array.from({ length: all }, (_, i) => (
        <span key={i} className={cx('flex-1', i < done ? 'bg-ink' : stuck && i === done ? 'bg-vermilion' : 'bg-line')} />
      ))}
    </span>
  )
}
