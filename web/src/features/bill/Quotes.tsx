import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { clock, date } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { AgreementFields, given, nobodyYet } from './Agreement'
import { useCurrency, useMay } from '../session/useSession'
import { useQuoteApproval, useQuoteWithdrawal } from './useBill'

type Quote = Schemas['QuoteView']

/** What was offered, and what came of it. */
export function Quotes({ job, quotes }: { job: Schemas['JobCard']; quotes: Quote[] }) {
  const money = useCurrency()
  const may = useMay()
  const [approving, setApproving] = useState<Quote>()
  const [back, setBack] = useState<Quote>()
  if (quotes.length === 0) return null
  return (
    <aside className="sheet px-6 pt-4 pb-5 print:hidden" aria-label="Quotes">
      <h2 className="text-[18px]">Quotes</h2>
      {[...quotes].reverse().map((q) => {
        const open = !q.revision && !q.withdrawn && !q.lapsed
        return (
          <div key={q.ordinal} className="border-b border-manila-line py-2 text-[13.5px]" data-quote={q.ordinal}>
            <p className="flex items-baseline gap-2">
              <b className="text-[15px]">Quote {q.ordinal}</b>
              <span className="figure ml-auto text-[16px] font-bold">
                {money} {q.total}
              </span>
            </p>
            <p>{q.kitName}</p>
            <p className="text-[12.5px] text-soft">
              {q.madeBy}, {clock(q.madeAt)}
            </p>
            {q.ready !== '' && open && <p className="text-[12.5px]">{q.ready}</p>}
            <p className="font-semibold">
              {q.revision
                ? `Approved: revision ${q.revision}`
                : q.withdrawn
                  ? `Taken back: ${q.withdrawn}`
                  : q.lapsed
                    ? `Stood until ${date(q.validUntil)}`
                    : `Stands until ${date(q.validUntil)}`}
            </p>
            <p className="mt-1 flex flex-wrap items-center gap-2">
              {may('MAKE_BILL') && open && !job.kitCode && (
                <Button className="min-h-9" onClick={() => setApproving(q)}>
                  Approved
                </Button>
              )}
              <a
                href={`/api/jobs/${job.number}/quotes/${q.ordinal}/quote.pdf`}
                target="_blank"
                rel="noreferrer"
                className="inline-flex min-h-9 items-center border border-ink/70 px-3 font-semibold hover:bg-ink/5"
              >
                Paper
              </a>
              {may('MAKE_BILL') && open && (
                <button type="button" className="min-h-9 px-1 underline underline-offset-2" onClick={() => setBack(q)}>
                  take back
                </button>
              )}
            </p>
          </div>
        )
      })}
      {approving && <Approve job={job} quote={approving} onClose={() => setApproving(undefined)} />}
      {back && <TakeBack job={job.number} quote={back} onClose={() => setBack(undefined)} />}
    </aside>
  )
}

function Approve({ job, quote, onClose }: { job: Schemas['JobCard']; quote: Quote; onClose: () => void }) {
  const toast = useToast()
  const [agreement, setAgreement] = useState(nobodyYet(job.customer))
  const [agreed, setAgreed] = useState<Record<string, boolean>>({})
  const [waits, setWaits] = useState(false)
  const approve = useQuoteApproval(job.number)
  const said = given(agreement)
  const open = quote.consents.some((c) => !agreed[c.checkId])
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title={`Quote ${quote.ordinal} is approved`}
      hint={`It becomes the bill, its parts are held, its steps planned. ${quote.total} in all.`}
    >
      {quote.consents.map((c) => (
        <label
          key={c.checkId}
          className="mt-2 flex min-h-10 cursor-pointer items-center gap-2.5 border border-ink/60 bg-paper/60 px-3 py-1.5 text-[13.5px]"
        >
          <input
            type="checkbox"
            className="size-4 accent-petrol"
            checked={agreed[c.checkId] ?? false}
            onChange={(e) => setAgreed({ ...agreed, [c.checkId]: e.target.checked })}
          />
          <span>
            <b>{c.text}.</b> {c.reason} <b>Agreed, I sign off.</b>
          </span>
        </label>
      ))}
      <label className="mt-2 flex min-h-10 cursor-pointer items-center gap-2.5 text-[13.5px]">
        <input type="checkbox" className="size-4 accent-petrol" checked={waits} onChange={(e) => setWaits(e.target.checked)} /> Where
        something is short by now, the job waits for it
      </label>
      <form
        className="mt-2 flex items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          if (!said) return
          approve.mutate(
            { ordinal: quote.ordinal, consented: quote.consents.map((c) => c.checkId), agreement: said, waits },
            {
              onSuccess: () => {
                onClose()
                toast.done(`Quote ${quote.ordinal} is the bill of job ${job.number} now.`)
              },
            },
          )
        }}
      >
        <div className="flex-1">
          <AgreementFields value={agreement} onChange={setAgreement} />
        </div>
        <Button type="submit" disabled={!said || open || approve.isPending}>
          Make it the bill
        </Button>
      </form>
    </Dialog>
  )
}

function TakeBack({ job, quote, onClose }: { job: number; quote: Quote; onClose: () => void }) {
  const [reason, setReason] = useState('')
  const withdraw = useQuoteWithdrawal(job)
  return (
    <Dialog open onClose={onClose} title={`Take quote ${quote.ordinal} back`} hint="It can no longer be approved. The reason is kept.">
      <form
        className="flex items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          withdraw.mutate({ ordinal: quote.ordinal, reason }, { onSuccess: onClose })
        }}
      >
        <Field label="Reason" maxLength={400} value={reason} onChange={(e) => setReason(e.target.value)} className="flex-1" autoFocus />
        <Button type="submit" disabled={reason.trim() === '' || withdraw.isPending}>
          Take it back
        </Button>
      </form>
    </Dialog>
  )
}
