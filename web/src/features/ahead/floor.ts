import type { Ahead, AheadDay, JobAhead, Leg } from './useAhead'

/** The two letters that stand for somebody on a small floor. */
export const initials = (name: string) => name.slice(0, 2)

/** The weeks as rows of days: days of the week on which the shop is never open are left out. */
export function weeks(days: AheadDay[]): (AheadDay | undefined)[][] {
  const weekday = (d: AheadDay) => (new Date(`${d.date}T12:00:00`).getDay() + 6) % 7
  const columns = [...new Set(days.filter((d) => d.open || d.why !== '').map(weekday))].sort()
  const rows: (AheadDay | undefined)[][] = []
  for (const day of days) {
    const column = columns.indexOf(weekday(day))
    if (column < 0) continue
    if (rows.length === 0 || rows.at(-1)![column] !== undefined || rows.at(-1)!.slice(column).some(Boolean))
      rows.push(columns.map(() => undefined))
    rows.at(-1)![column] = day
  }
  return rows.slice(0, 3)
}

/** Hours by the clock, as the shop tells them: 08:34. */
export const hour = (at: string) => at.slice(11, 16)
export const dayOf = (at: string) => at.slice(0, 10)

/** What is told of a job in one line. */
export function inDanger(job: JobAhead): boolean {
  return !job.late && job.said.promised !== undefined && job.safe !== undefined && job.safe > job.said.promised
}

/** Those that ask for a look, the worst first. */
export function toLookAt(jobs: JobAhead[]): JobAhead[] {
  const rank = (j: JobAhead) => (j.lacks !== '' ? 0 : j.late ? 1 : inDanger(j) ? 2 : 3)
  return jobs.filter((j) => rank(j) < 3).sort((a, b) => rank(a) - rank(b) || a.job - b.job)
}

/** Everything somebody does on a day, in order. */
export function worked(ahead: Ahead, date: string, person?: string): { leg: Leg; from: string; to: string }[] {
  return ahead.legs
    .filter((l) => person === undefined || l.person === person)
    .flatMap((leg) => leg.worked.filter((s) => dayOf(s.from) === date).map((s) => ({ leg, from: hour(s.from), to: hour(s.to) })))
    .sort((a, b) => a.from.localeCompare(b.from) || a.leg.person.localeCompare(b.leg.person))
}

/** How many stands nothing stands on that day. */
export const free = (ahead: Ahead, day: AheadDay) => ahead.stands.filter((s) => !day.standing.some((b) => b.stand === s)).length

/** What one pair of hands does at one bike without another between. */
export interface Turn {
  job: number
  from: string
  to: string
  minutes: number
  titles: string[]
}

const inMinutes = (at: string) => Number(at.slice(0, 2)) * 60 + Number(at.slice(3))

/** Legs of one bike that follow one another are one turn. */
export function turns(done: ReturnType<typeof worked>): Turn[] {
  const all: Turn[] = []
  for (const { leg, from, to } of done) {
    const last = all.at(-1)
    const took = inMinutes(to) - inMinutes(from)
    if (last?.job === leg.job) {
      last.to = to
      last.minutes += took
      last.titles.push(leg.title)
    } else all.push({ job: leg.job, from, to, minutes: took, titles: [leg.title] })
  }
  return all
}
