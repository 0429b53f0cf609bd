import { date, minutes } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { hour, inDanger } from './floor'
import type { Ahead } from './useAhead'

/** The same plan as a table: to read aloud, to search with the eye, to print. */
export function PlanTable({ ahead, chosen, onChoose }: { ahead: Ahead; chosen?: number; onChoose: (job: number) => void }) {
  const rows = [...ahead.jobs].sort((a, b) => (a.finish ?? '~').localeCompare(b.finish ?? '~') || a.job - b.job)
  return (
    <div className="overflow-y-auto bg-paper print:overflow-visible">
      <table className="w-full text-[13.5px]">
        <thead className="sticky top-0 bg-paper">
          <tr className="border-b-2 border-ink text-left text-[13px] text-soft">
            {['Job', 'Next', 'Stand', 'Hands', 'Still takes', 'Planned to be finished', 'Safe to promise', 'Promised'].map((h) => (
              <th key={h} className="px-3 py-1.5 font-normal">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((j) => {
            const legs = ahead.legs.filter((l) => l.job === j.job).sort((a, b) => a.ordinal - b.ordinal)
            const next = legs[0]
            return (
              <tr key={j.job} className={cx('break-inside-avoid border-b border-line', chosen === j.job && 'bg-paint-pale')}>
                <th scope="row" className="px-3 py-1.5 text-left font-normal">
                  <button type="button" className="text-left hover:underline" onClick={() => onChoose(j.job)}>
                    <b className="figure">{j.job}</b> {j.bike}
                  </button>
                </th>
                <td className="px-3">
                  {next ? `${date(next.worked[0]!.from.slice(0, 10))} ${hour(next.worked[0]!.from)}, ${next.title}` : j.lacks}
                </td>
                <td className="px-3 figure">{[...new Set(legs.flatMap((l) => (l.stand ? [l.stand] : [])))].join(', ')}</td>
                <td className="px-3">{[...new Set(legs.map((l) => l.person))].join(', ')}</td>
                <td className="px-3 figure">{minutes(legs.reduce((sum, l) => sum + l.minutes, 0))}</td>
                <td className="px-3 figure">{j.finish ? `${date(j.finish.slice(0, 10))} ${hour(j.finish)}` : 'not planned'}</td>
                <td className="px-3 figure">{j.safe && date(j.safe)}</td>
                <td className={cx('px-3 figure', j.late && 'font-bold text-vermilion')}>
                  {j.said.promised && date(j.said.promised)}
                  {j.late ? ', late' : inDanger(j) ? ', in danger' : ''}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}
