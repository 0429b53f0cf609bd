import type { Schemas } from '../../api/client'
import { cx } from '../../ui/cx'

type Day = Schemas['BookingDayView']

const WEEKDAY = ['S', 'M', 'T', 'W', 'T', 'F', 'S']

/** How many stands are free that morning: a full square for each, a hollow one for each that is taken. */
export function FreeStands({ free, stands, small }: { free: number; stands: number; small?: boolean }) {
  return (
    <span className="grid grid-cols-3 justify-center gap-[2px]" aria-hidden="true">
      {Array.from({ length: stands }, (_, i) => (
        <span key={i} className={cx(small ? 'size-[6px]' : 'size-[8px]', i < free ? 'bg-ink' : 'border border-ink/45')} />
      ))}
    </span>
  )
}

/** The next four weeks: each day says whether a bike that comes then reaches a stand. */
export function DayStrip({ days, chosen, onChoose }: { days: Day[]; chosen: string; onChoose: (date: string) => void }) {
  const open = days.filter((d) => d.outlook !== 'CLOSED')
  return (
    <div role="radiogroup" aria-label="Arrives on" className="flex gap-1">
      {open.map((d, i) => {
        const date = new Date(`${d.date}T12:00:00`)
        const on = d.date === chosen
        const newWeek = i > 0 && date.getDay() <= new Date(`${open[i - 1]!.date}T12:00:00`).getDay()
        return (
          <button
            key={d.date}
            type="button"
            role="radio"
            aria-checked={on}
            data-day={d.date}
            title={d.sentence}
            aria-label={`${date.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })}: ${d.sentence} ${d.freeStands} of ${d.stands} stands free, ${d.arrivals} bikes awaited.`}
            onClick={() => onChoose(d.date)}
            className={cx(
              'flex min-w-0 flex-1 flex-col items-center gap-[3px] border-2 px-0.5 pt-1 pb-1',
              newWeek && 'ml-2',
              on ? 'border-paint bg-paint-pale' : 'border-line bg-paper hover:border-ink/50',
            )}
          >
            <span className="text-[11.5px] text-soft">{WEEKDAY[date.getDay()]}</span>
            <b className="figure text-[15px] leading-none">{date.getDate()}</b>
            <FreeStands free={d.freeStands} stands={d.stands} />
            <span
              className={cx(
                'text-[11.5px] leading-none',
                d.outlook === 'FULL' ? 'font-bold text-vermilion' : d.outlook === 'THIN' ? 'font-bold text-ink' : 'text-soft',
              )}
            >
              {d.outlook === 'GOOD' ? 'good' : d.outlook === 'THIN' ? 'thin' : 'full'}
            </span>
          </button>
        )
      })}
    </div>
  )
}
