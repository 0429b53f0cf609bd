import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { date, minutes } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { CallOffDialog } from '../calloff/CallOffDialog'
import { useCurrency, useMay } from '../session/useSession'
import { usePick, useRank, useWithdraw, type Answer, type Bill } from './useBill'

const RANKS = [
  ['FIRST', 'before others'],
  ['USUAL', 'in turn'],
  ['CAN_WAIT', 'can wait'],
] as const

/** What comes next, what holds it up, what it costs. */
export function BillAside({ answer, bill }: { answer: Answer; bill: Bill }) {
  const job = answer.job
  const may = useMay()
  const toast = useToast()
  const navigate = useNavigate()
  const [asking, setAsking] = useState<'back' | 'off'>()
  const pick = usePick(job.number)
  const rank = useRank(job.number)
  const inDrawers = bill.lines.filter((l) => (l.source === 'KIT_BOX' || l.source === 'FROM_DRAWER') && !l.onTray && !l.usedAt)
  const held = `/api/jobs/${job.number}/bill/bill`
  return (
    <aside className="sheet px-6 pt-4 pb-5" aria-label="Next">
      <h2 className="text-[18px]">Next</h2>
      {job.calledOff && (
        <Button look="danger" className="mt-2 w-full" onClick={() => void navigate(`/jobs/${job.number}/call-off`)}>
          Kit being removed: open
        </Button>
      )}
      {bill.heldUpBy && (
        <p className="mt-2 border-l-[5px] border-petrol pl-3 text-[13.5px] font-semibold text-petrol">
          {bill.readyOn ? `All parts on ${date(bill.readyOn)}. ` : 'Nobody knows yet when all parts are here. '}
          Held up by: {bill.heldUpBy}
        </p>
      )}
      {bill.claims.map((c) => (
        <p key={c} className="mt-2 border-l-[5px] border-vermilion pl-3 text-[13.5px] font-semibold text-vermilion">
          Claimed from the supplier: {c}
        </p>
      ))}
      <p className={cx('mt-2 text-[14px]', job.calledOff && 'hidden')}>
        <span className="figure font-semibold">{bill.stepsPlanned}</span> steps are planned from this bill.{' '}
        {job.place === 'STAND' || job.place === 'STRIP' ? '' : 'Put the bike on a stand to begin.'}
      </p>
      <Button
        className="mt-3 w-full"
        onClick={() => void navigate(bill.begun || job.work ? `/stand/${job.number}` : `/jobs/${job.number}/kit-check`)}
      >
        {bill.begun || job.work ? 'Open the steps' : 'Check the kit’s box'}
      </Button>
      {!bill.begun && !job.work && (
        <Button look="quiet" className="mt-2 w-full" onClick={() => void navigate(`/stand/${job.number}`)}>
          Open the steps
        </Button>
      )}
      {may('PICK') && !job.calledOff && inDrawers.length > 0 && (
        <Button
          look="quiet"
          className="mt-2 w-full"
          disabled={pick.isPending}
          onClick={() =>
            pick.mutate(undefined, { onSuccess: () => toast.done(`${inDrawers.length} lines lie on the tray of job ${job.number}.`) })
          }
        >
          Lay {inDrawers.length} {inDrawers.length === 1 ? 'line' : 'lines'} on the tray
        </Button>
      )}
      {bill.charges && <Costs job={job.number} charges={bill.charges} />}
      <p className="mt-3 flex flex-wrap gap-x-4 gap-y-1 text-[13.5px] font-semibold">
        {[
          ['pdf', 'Paper'],
          ['csv', 'Table'],
          ['json', 'Data'],
        ].map(([kind, name]) => (
          <a key={kind} href={`${held}.${kind}`} target="_blank" rel="noreferrer" className="underline underline-offset-2">
            {name}
          </a>
        ))}
      </p>
      {may('BOOK_IN') && !job.calledOff && (
        <div className="mt-3" role="radiogroup" aria-label="Who comes first">
          <span className="label text-[13px]">When parts are short, this job is served</span>
          <span className="mt-1 flex">
            {RANKS.map(([value, name]) => (
              <button
                key={value}
                type="button"
                role="radio"
                aria-checked={job.priority === value}
                onClick={() => rank.mutate(value)}
                className={cx(
                  'min-h-9 flex-1 border border-ink/60 px-1 text-[12.5px] not-first:border-l-0',
                  job.priority === value ? 'bg-ink font-semibold text-paper' : 'hover:bg-ink/10',
                )}
              >
                {name}
              </button>
            ))}
          </span>
        </div>
      )}
      {may('MAKE_BILL') && !bill.begun && !job.calledOff && (
        <Button look="quiet" className="mt-4 w-full" onClick={() => setAsking('back')}>
          Take the bill back
        </Button>
      )}
      {may('CALL_OFF') && !job.calledOff && job.place !== 'GONE' && (
        <Button look="quiet" className="mt-2 w-full" onClick={() => setAsking('off')}>
          Call the job off
        </Button>
      )}
      <p className="mt-4 text-[12.5px] text-[#5f5535]">
        Lithium battery: out and off for all work unless a step says in. Structural changes only where the frame maker allows.
      </p>
      {asking === 'back' && <TakeBack job={job.number} onClose={() => setAsking(undefined)} />}
      {asking === 'off' && <CallOffDialog job={job} onClose={() => setAsking(undefined)} />}
    </aside>
  )
}

function Costs({ job, charges }: { job: number; charges: NonNullable<Bill['charges']> }) {
  const may = useMay()
  const money = useCurrency()
  return (
    <dl className="mt-4 grid grid-cols-[1fr_auto] gap-x-3 border-t border-manila-line pt-2 text-[13.5px]">
      <dt>Kit and parts</dt>
      <dd className="figure text-right">{charges.parts}</dd>
      <dt>
        Labour, {minutes(charges.minutes)} at {money} {charges.anHour} an hour
      </dt>
      <dd className="figure text-right">{charges.labour}</dd>
      <dt>Tax, {charges.taxPercent} %</dt>
      <dd className="figure text-right">{charges.tax}</dd>
      <dt className="border-t border-ink pt-1 text-[16px] font-bold">Total, {money}</dt>
      <dd className="figure border-t border-ink pt-1 text-right text-[16px] font-bold">{charges.total}</dd>
      <dt className="text-soft">Deposit, {charges.depositPercent} %</dt>
      <dd className="figure text-right text-soft">{charges.deposit}</dd>
      {may('KEEP_MONEY') && (
        <dd className="col-span-2 mt-1 text-[13px]">
          <Link className="underline underline-offset-2" to={`/jobs/${job}/money`}>
            Payments and balance
          </Link>
        </dd>
      )}
      {charges.unpriced.length > 0 && (
        <dd className="col-span-2 mt-1 text-[12.5px]">Without a price yet, on top: {charges.unpriced.join(', ')}</dd>
      )}
    </dl>
  )
}

function TakeBack({ job, onClose }: { job: number; onClose: () => void }) {
  const toast = useToast()
  const [reason, setReason] = useState('')
  const withdraw = useWithdraw(job)
  return (
    <Dialog
      open
      onClose={onClose}
      title="Take the bill back"
      hint="Its parts are free again, but for a box that was opened. Its steps are dropped; the reason is kept."
    >
      <form
        onSubmit={(e) => {
          e.preventDefault()
          withdraw.mutate(reason, {
            onSuccess: () => {
              onClose()
              toast.done('The bill is taken back.')
            },
          })
        }}
      >
        <Field label="Reason" value={reason} onChange={(e) => setReason(e.target.value)} autoFocus />
        <div className="mt-4 flex gap-2">
          <Button type="submit" disabled={reason.trim() === ''}>
            Take it back
          </Button>
          <Button look="quiet" onClick={onClose}>
            Leave it
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
