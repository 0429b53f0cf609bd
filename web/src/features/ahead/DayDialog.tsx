import { Link } from 'react-router'
import { date, minutes } from '../../quantity/units'
import { Dialog } from '../../ui/Dialog'
import { Button } from '../../ui/Button'
import { worked } from './floor'
import type { Ahead, AheadDay, JobAhead } from './useAhead'

/** A day unfolded to hours: who does what where, and what is on the stands. */
export function DayDialog({
  ahead,
  day,
  jobs,
  onClose,
}: {
  ahead: Ahead
  day: AheadDay
  jobs: Map<number, JobAhead>
  onClose: () => void
}) {
  const rests = day.standing.filter((b) => b.hands.length === 0)
  return (
    <Dialog open onClose={onClose} title={date(day.date)} hint={day.open ? '' : day.why || 'The shop is closed.'} wide>
      {ahead.people
        .map((p) => ({ ...p, does: worked(ahead, day.date, p.name), own: p.days.find((d) => d.date === day.date) }))
        .filter((p) => p.does.length > 0 || p.own?.away)
        .map((p) => (
          <section key={p.name} className="mb-3">
            <h3 className="flex items-baseline justify-between border-b border-ink text-[15px]">
              {p.name}
              <span className="text-[13px] font-normal text-soft">
                {p.own?.away ? `away: ${p.own.away}` : `${minutes(p.own?.planned ?? 0)} of ${minutes(p.own?.minutes ?? 0)}`}
              </span>
            </h3>
            <table className="w-full text-[13.5px]">
              <tbody>
                {p.does.map(({ leg, from, to }) => (
                  <tr key={`${leg.job} ${leg.ordinal}`} className="border-b border-manila-line/60">
                    <td className="w-[110px] py-[3px] figure">
                      {from}–{to}
                    </td>
                    <td className="w-[230px]">
                      <Link to={`/stand/${leg.job}`} className="hover:underline">
                        <b className="figure">{leg.job}</b> {jobs.get(leg.job)?.bike}
                      </Link>
                    </td>
                    <td>{leg.title}</td>
                    <td className="w-[190px] text-right text-soft">
                      {leg.stand ? `stand ${leg.stand}` : leg.placeLabel}
                      {leg.hold && ', hold point'}
                      {leg.learner && ', second look'}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        ))}
      {rests.length > 0 && (
        <section className="mb-3">
          <h3 className="border-b border-ink text-[15px]">On a stand, in nobody’s hands</h3>
          <ul className="text-[13.5px]">
            {rests.map((b) => (
              <li key={`${b.stand} ${b.job}`} className="py-[2px]">
                stand {b.stand}: <b className="figure">{b.job}</b> {jobs.get(b.job)?.bike}
                {b.waits && `, waits for ${b.waits.what}${b.waits.known ? '' : ' (nobody said until when)'}`}
              </li>
            ))}
          </ul>
        </section>
      )}
      {day.open && ahead.legs.every((l) => l.worked.every((s) => !s.from.startsWith(day.date))) && rests.length === 0 && (
        <p className="mb-3 text-soft">Nothing is planned for this day yet.</p>
      )}
      <Button look="quiet" onClick={onClose}>
        Close
      </Button>
    </Dialog>
  )
}
