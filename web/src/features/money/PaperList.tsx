import { Link } from 'react-router'
import { date } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { signed } from './amounts'
import type { Paper } from './useMoney'

/** Closed documents, each opened as it was handed over. */
export function PaperList({ papers, jobs = false }: { papers: Paper[]; jobs?: boolean }) {
  return (
    <table className="w-full text-[14px]">
      <tbody>
        {papers.map((p) => (
          <tr key={p.number} data-paper={p.number} className="border-t border-line align-baseline">
            <td className="py-1.5 pr-3 whitespace-nowrap">
              <a className="underline underline-offset-2" href={`/api/money/papers/${p.number}/pdf`} target="_blank" rel="noreferrer">
                {p.name}
              </a>
            </td>
            <td className="py-1.5 pr-3 whitespace-nowrap text-soft">{date(p.on)}</td>
            {jobs && (
              <td className="w-full py-1.5 pr-3">
                <Link className="underline underline-offset-2" to={`/jobs/${p.job}/money`}>
                  <span className="figure">{p.job}</span> {p.customer}
                </Link>
              </td>
            )}
            <td className={cx('py-1.5 pr-3 text-[13px] text-soft', jobs ? 'min-w-[130px]' : 'w-full')}>
              {p.corrects && (p.kind === 'CREDIT_NOTE' ? `of invoice ${p.corrects}: ` : `${p.corrects} was wrong: `)}
              {p.reason}
            </td>
            <td className={cx('figure py-1.5 text-right whitespace-nowrap', p.amount.startsWith('-') && 'text-vermilion')}>
              {signed(p.amount)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
