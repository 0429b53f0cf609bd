import type { ReactNode } from 'react'
import { cx } from '../../ui/cx'

/** One of the coming days: its head opens it to hours. */
export function DayFrame({
  date,
  note,
  today,
  onOpen,
  children,
}: {
  date: string
  note: string
  today: boolean
  onOpen: () => void
  children: ReactNode
}) {
  const at = new Date(`${date}T12:00:00`)
  return (
    <section
      aria-label={at.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })}
      className={cx('flex min-h-0 min-w-0 flex-col border-2 bg-[#e7ebe5]', today ? 'border-paint' : 'border-line')}
    >
      <button type="button" onClick={onOpen} className="flex items-baseline justify-between px-1.5 pt-0.5 text-left hover:bg-paint-pale">
        <b className="text-[13.5px] [font-stretch:84%]">
          {at.toLocaleDateString('en-GB', { weekday: 'short' })} <span className="figure">{at.getDate()}</span>
        </b>
        <span className="text-[12px] text-soft">{note}</span>
      </button>
      {children}
    </section>
  )
}
