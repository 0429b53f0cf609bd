import { Link } from 'react-router'
import { useMay } from '../session/useSession'
import { useJobMoney } from './useMoney'

/** What a customer owes who comes for the bike; nothing where nothing is open. */
export function StillToPay({ job }: { job: number }) {
  const may = useMay()('KEEP_MONEY')
  const money = useJobMoney(job, may).data
  if (!money || (money.left === '0.00' && money.invoice)) return null
  if (!money.owed && money.left === '0.00') return null
  return (
    <p className="mb-3 border-l-[5px] border-vermilion pl-3 text-[14px]">
      <b>
        {money.left === '0.00'
          ? 'Paid, and its invoice is not written'
          : money.left.startsWith('-')
            ? `${money.currency} ${money.left.slice(1)} to give back`
            : `${money.currency} ${money.left} still to pay`}
      </b>
      {money.left !== '0.00' && !money.invoice && ', its invoice is not written'}.{' '}
      <Link className="underline underline-offset-2" to={`/jobs/${job}/money`}>
        Money of job {job}
      </Link>
    </p>
  )
}
