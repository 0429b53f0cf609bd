import type { UseQueryResult } from '@tanstack/react-query'
import type { ProblemError, Schemas } from '../../api/client'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { DayStrip } from './DayStrip'

const long = (date: string) => new Date(`${date}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })

/**
 * The day, and sending it off. Without days the bike is here already. Until it is worked out how full each is, and where that fails, a day can
 * be given all the same; none is taken for granted.
 */
export function WhenAndSend({
  days,
  arrivesOn,
  fault,
  error,
  pending,
  act,
  onDay,
  onLeave,
}: {
  days: UseQueryResult<Schemas['BookingDayView'][], Error> | undefined
  arrivesOn: string
  fault: string | undefined
  error: ProblemError | null
  pending: boolean
  act: string
  onDay: (date: string) => void
  onLeave: () => void
}) {
  const outlook = days?.data?.find((d) => d.date === arrivesOn)
  return (
    <div className="mt-3 grid grid-cols-[minmax(0,1fr)_400px] items-end gap-6">
      <div>
        {days && !days.data && (
          <div className="flex items-end gap-4">
            <Field label="Arrives on" type="date" className="w-[200px]" value={arrivesOn} onChange={(e) => onDay(e.target.value)} />
            <p className="min-h-10 flex-1 text-[13.5px] text-soft" role="status">
              {days.isError ? `How full each day is could not be worked out. ${days.error.message}` : 'Working out how full each day is …'}
            </p>
          </div>
        )}
        {days?.data && (
          <>
            <p className="mb-1 flex items-baseline gap-3">
              <span className="label text-[14px]">Arrives on</span>
              <span
                className={cx('text-[13.5px]', outlook?.outlook === 'FULL' ? 'font-semibold text-vermilion' : 'text-soft')}
                role="status"
              >
                {outlook ? `${long(arrivesOn)}. ${outlook.sentence}` : arrivesOn && long(arrivesOn)}
              </span>
            </p>
            <DayStrip days={days.data} chosen={arrivesOn} onChoose={onDay} />
          </>
        )}
        {fault && (
          <p role="alert" className="mt-1 text-[13px] font-semibold text-vermilion">
            {fault}
          </p>
        )}
      </div>
      <div>
        {error && (
          <p role="alert" className="mb-2 border-l-[5px] border-vermilion bg-paper px-3 py-2 text-[13.5px]">
            {error.status === 422 ? 'Not booked yet; nothing was saved. See the marked fields.' : error.message}
          </p>
        )}
        <div className="flex gap-3">
          <Button type="submit" disabled={pending || (days !== undefined && arrivesOn === '')} hotkey="↵" className="flex-1">
            {act}
          </Button>
          <Button look="quiet" hotkey="Esc" onClick={onLeave}>
            Leave it
          </Button>
        </div>
      </div>
    </div>
  )
}
