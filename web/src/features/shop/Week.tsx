import type { DayHours } from './useShop'

export const WEEK = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const

const SHORT = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']

/** A day of the week as it is written. */
export function dayName(day: DayHours['day']): string {
  return day[0] + day.slice(1).toLowerCase()
}

/** Days that follow one another and have the same hours, in one go: Mon–Thu 08:00–17:00, Fri 08:00–12:00. */
export function weekInWords(hours: DayHours[]): string {
  const runs: { first: number; last: number; span: string }[] = []
  for (const h of [...hours].sort((a, b) => WEEK.indexOf(a.day) - WEEK.indexOf(b.day))) {
    const at = WEEK.indexOf(h.day)
    const span = `${h.from}–${h.to}`
    const run = runs.at(-1)
    if (run?.span === span && run.last === at - 1) run.last = at
    else runs.push({ first: at, last: at, span })
  }
  return runs.map((r) => `${SHORT[r.first]}${r.last > r.first ? `–${SHORT[r.last]}` : ''} ${r.span}`).join(', ')
}

/** The hours of a week, each day on or off. @param of whose, for whoever hears the fields; @param off what a day without hours is */
export function WeekFields({
  hours,
  of,
  off,
  onChange,
}: {
  hours: DayHours[]
  of: string
  off: string
  onChange: (hours: DayHours[]) => void
}) {
  const put = (day: DayHours['day'], to: DayHours | undefined) =>
    onChange([...hours.filter((h) => h.day !== day), ...(to ? [to] : [])].sort((a, b) => WEEK.indexOf(a.day) - WEEK.indexOf(b.day)))
  return (
    <div
      role="group"
      aria-label={`Hours of ${of}`}
      className="grid w-fit grid-cols-[auto_auto_auto] items-center gap-x-3 gap-y-1 text-[14px]"
    >
      {WEEK.map((day, i) => {
        const on = hours.find((h) => h.day === day)
        return (
          <div key={day} className="contents">
            <label className="flex min-h-9 cursor-pointer items-center gap-2">
              <input
                type="checkbox"
                className="size-4 accent-petrol"
                checked={!!on}
                onChange={(e) => put(day, e.target.checked ? { day, from: '08:00', to: '17:00' } : undefined)}
              />
              {SHORT[i]}
            </label>
            {on ? (
              <>
                <Time label={`${dayName(day)} from`} value={on.from} onChange={(from) => put(day, { ...on, from })} />
                <Time label={`${dayName(day)} to`} value={on.to} onChange={(to) => put(day, { ...on, to })} />
              </>
            ) : (
              <span className="col-span-2 text-soft">{off}</span>
            )}
          </div>
        )
      })}
    </div>
  )
}

function Time({ label, value, onChange }: { label: string; value: string; onChange: (value: string) => void }) {
  return (
    <input
      aria-label={label}
      inputMode="numeric"
      placeholder="08:00"
      maxLength={5}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      className="figure h-9 w-[68px] border border-soft/60 bg-paper px-2"
    />
  )
}
