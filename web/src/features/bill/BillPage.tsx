import { useState } from 'react'
import { Link } from 'react-router'
import { JobHead } from '../../app/JobHead'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Loaded } from '../../ui/Loaded'
import { useCurrency, useMay } from '../session/useSession'
import { useJobNumber } from '../survey/useSheet'
import { BillAside } from './BillAside'
import { BillLines } from './BillLines'
import { Signature } from './SignaturePad'
import { ChangeDialog } from './ChangeDialog'
import { Notices } from './Notices'
import { Proposal } from './Proposal'
import { Quotes } from './Quotes'
import { Revisions } from './Revisions'
import { useBill, type Answer, type Bill, type Line } from './useBill'

export function BillPage() {
  const job = useJobNumber()
  return (
    <Loaded query={useBill(job)} what={`The bill of job ${job}`}>
      {(answer) => (
        <>
          <JobHead job={answer.job}>
            <span />
          </JobHead>
          <Notices job={job} notices={answer.notices} />
          {answer.bill ? <Sheet answer={answer} bill={answer.bill} /> : <NoBill answer={answer} />}
        </>
      )}
    </Loaded>
  )
}

function NoBill({ answer }: { answer: Answer }) {
  const money = useCurrency()
  const quote = answer.quotes.findLast((q) => !q.withdrawn && !q.lapsed)
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_310px] items-start gap-5 px-6 pt-3 pb-6">
      <div className="bg-paper px-5 pt-4 pb-5">
        <h2 className="text-[20px]">{answer.quotes.length > 0 ? 'Quoted, not approved yet' : 'There is no bill yet'}</h2>
        <p className="mt-1 mb-4 max-w-[640px] text-soft">
          A bill is made from a match: it lists what the chosen kit brings, what the bike asks for beside it, what it costs, and holds the
          parts for this job. A quote says the same and holds nothing.
        </p>
        <Link to={`/jobs/${answer.job.number}/hinge`}>
          <Button tabIndex={-1} look={answer.quotes.length > 0 ? 'quiet' : 'act'} hotkey="2">
            {answer.quotes.length > 0 ? 'Match another kit' : 'Match a kit'}
          </Button>
        </Link>
        {quote && (
          <>
            <h3 className="mt-5 flex items-baseline border-b-2 border-paint pb-1 text-[17px]">
              Quote {quote.ordinal}: {quote.kitName}
              <span className="figure ml-auto text-[13.5px] font-normal">
                parts {quote.charges.parts} · labour {quote.charges.labour} · tax {quote.charges.tax} ·{' '}
                <b>
                  {money} {quote.total}
                </b>
              </span>
            </h3>
            <BillLines job={answer.job.number} lines={quote.lines} heldTitle="Would be held" />
          </>
        )}
        <Revisions revisions={answer.revisions} />
      </div>
      <Quotes job={answer.job} quotes={answer.quotes} />
    </div>
  )
}

function Sheet({ answer, bill }: { answer: Answer; bill: Bill }) {
  const may = useMay()
  const [changing, setChanging] = useState<Line | 'new'>()
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_290px] items-start gap-5 px-6 pt-3 pb-6 print:block">
      <div className="bg-paper px-5 pt-3 pb-4">
        <h2 className="flex items-baseline gap-3 text-[19px]">
          Bill of materials, revision {bill.revision}
          <span className="text-[13px] font-normal text-soft [font-stretch:100%]">
            {bill.kitName} · {bill.madeBy}, {clock(bill.madeAt)}
            {bill.agreed && ` · agreed: ${bill.agreed}`}
          </span>
        </h2>
        {bill.signature && (
          <p className="mt-1">
            <Signature path={bill.signature} who={bill.agreed} />
          </p>
        )}
        {bill.proposal && <Proposal job={answer.job} proposal={bill.proposal} total={bill.charges?.total} />}
        <BillLines
          job={answer.job.number}
          lines={bill.lines}
          held={!answer.job.calledOff && answer.job.place !== 'RAIL' && answer.job.place !== 'GONE'}
          onChange={may('MAKE_BILL') && !answer.job.calledOff ? setChanging : undefined}
        />
        {may('MAKE_BILL') && !answer.job.calledOff && bill.mounting.length > 0 && (
          <Button look="quiet" className="mt-3 print:hidden" onClick={() => setChanging('new')}>
            Add a part
          </Button>
        )}
        <Revisions revisions={answer.revisions} />
        {changing && (
          <ChangeDialog
            job={answer.job.number}
            line={changing === 'new' ? undefined : changing}
            mounting={bill.mounting}
            onClose={() => setChanging(undefined)}
          />
        )}
      </div>
      <div className="flex flex-col gap-4 print:hidden">
        <BillAside answer={answer} bill={bill} />
        <Quotes job={answer.job} quotes={answer.quotes} />
      </div>
    </div>
  )
}
