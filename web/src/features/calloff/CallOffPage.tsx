import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { JobHead } from '../../app/JobHead'
import { clock, minutes } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { Signature } from '../bill/SignaturePad'
import { StillToPay } from '../money/StillToPay'
import { useCurrency, useMay } from '../session/useSession'
import { useJobNumber } from '../survey/useSheet'
import { useCallOff, useGoOn, useHandBack, useReckoning, useSettle, type CallOff, type ReturnLine, type ReturnState } from './useCallOff'

/** A job that does not go on as agreed: what comes off, what goes back in which state, what is paid. */
export function CallOffPage() {
  const job = useJobNumber()
  return (
    <Loaded query={useCallOff(job)} what={`The call-off of job ${job}`}>
      {(callOff) => (
        <>
          <JobHead job={callOff.job}>
            <span />
          </JobHead>
          <div className="grid grid-cols-[minmax(0,1fr)_330px] items-start gap-5 px-6 pt-3 pb-6">
            {callOff.lastBill ? <Settled callOff={callOff} bill={callOff.lastBill} /> : <Open callOff={callOff} />}
          </div>
        </>
      )}
    </Loaded>
  )
}

function Why({ callOff }: { callOff: CallOff }) {
  return (
    <>
      <p className="text-[14px]">
        <b className="inline-block first-letter:uppercase">{callOff.whyLabel}</b>: {callOff.reason}
        {callOff.said && ` (${callOff.said})`}
      </p>
      {callOff.signature && <Signature path={callOff.signature} who={callOff.said} />}
      <p className="text-[12.5px] text-soft">
        {callOff.by}, {clock(callOff.at)}
      </p>
      {callOff.stays.length > 0 && (
        <div className="mt-2 border-l-[5px] border-petrol pl-3 text-[13.5px]">
          <p className="font-semibold">Changes that stay on the bike</p>
          {callOff.stays.map((s) => (
            <p key={s}>{s}</p>
          ))}
        </div>
      )}
    </>
  )
}

/** Still to be settled: every line that had left its drawer wants its state. */
function Open({ callOff }: { callOff: CallOff }) {
  const job = callOff.job.number
  const may = useMay()
  const navigate = useNavigate()
  const toast = useToast()
  const [states, setStates] = useState<Record<number, ReturnState>>({})
  const [charged, setCharged] = useState<string>()
  const [note, setNote] = useState('')
  const [claimed, setClaimed] = useState<Set<number>>(new Set())
  const [goingOn, setGoingOn] = useState(false)
  const settle = useSettle(job)
  const chosen = Object.fromEntries(callOff.lines.map((l) => [l.ordinal, states[l.ordinal] ?? l.proposed]))
  const worked = charged ?? String(callOff.workMinutes)
  const body = /^\d{1,5}$/.test(worked)
    ? {
        states: chosen,
        minutes: Number(worked),
        note: note.trim(),
        claimed: [...claimed].filter((ordinal) => chosen[ordinal] === 'DAMAGED'),
      }
    : undefined
  const sums = useReckoning(job, may('CALL_OFF') ? body : undefined)
  return (
    <>
      <section className="bg-paper px-5 pt-3 pb-4" aria-label="Returned parts">
        <h2 className="text-[19px]">Returned parts and their condition</h2>
        <p className="mb-2 text-[13.5px] text-soft">
          Parts that were never picked are back in stock already. The customer pays only for parts that are not returned.
        </p>
        {callOff.lines.length === 0 && <p className="text-[15px]">No parts were picked.</p>}
        <ul>
          {callOff.lines.map((l) => (
            <Line
              key={l.ordinal}
              line={l}
              chosen={chosen[l.ordinal]!}
              onChoose={may('CALL_OFF') ? (s) => setStates({ ...states, [l.ordinal]: s }) : undefined}
              claimed={claimed.has(l.ordinal)}
              onClaim={(on) => setClaimed(new Set(on ? [...claimed, l.ordinal] : [...claimed].filter((o) => o !== l.ordinal)))}
            />
          ))}
        </ul>
      </section>
      <aside className="sheet px-5 pt-4 pb-5" aria-label="Settlement">
        <h2 className="text-[18px]">Removing {callOff.kitName}</h2>
        <Why callOff={callOff} />
        {!callOff.maySettle.allowed && (
          <>
            <p className="mt-3 border-l-[5px] border-petrol pl-3 text-[14px] font-semibold text-petrol">{callOff.maySettle.reason}</p>
            <Button className="mt-2 w-full" onClick={() => void navigate(`/stand/${job}`)}>
              Open the steps
            </Button>
          </>
        )}
        {may('CALL_OFF') && (
          <form
            className="mt-3 grid gap-2"
            onSubmit={(e) => {
              e.preventDefault()
              if (body) settle.mutate(body, { onSuccess: (now) => toast.done(`Settled: ${now.lastBill?.said ?? ''}.`) })
            }}
          >
            <div className="grid grid-cols-2 gap-2">
              <Field
                label="Minutes charged"
                hint={`of ${callOff.workMinutes}`}
                inputMode="numeric"
                value={worked}
                onChange={(e) => setCharged(e.target.value)}
              />
              <p className="self-end pb-2 text-[13.5px]">
                <Link className="underline underline-offset-2" to={`/jobs/${job}/money`}>
                  Payments
                </Link>{' '}
                so far are taken off.
              </p>
            </div>
            <Field label="Note" hint="for the paper" value={note} maxLength={300} onChange={(e) => setNote(e.target.value)} />
            {sums.data && body && <Sums bill={sums.data} />}
            {(settle.error ?? sums.error) && (
              <p role="alert" className="font-semibold text-vermilion">
                {(settle.error ?? sums.error)?.message}
              </p>
            )}
            <Button type="submit" className="mt-1 min-h-12" disabled={!body || !callOff.maySettle.allowed || settle.isPending}>
              Settle
            </Button>
            {callOff.mayGoOn.allowed && (
              <Button look="quiet" onClick={() => setGoingOn(true)}>
                Resume the job
              </Button>
            )}
          </form>
        )}
        {goingOn && <GoOn job={job} onClose={() => setGoingOn(false)} />}
      </aside>
    </>
  )
}

function Line({
  line,
  chosen,
  onChoose,
  claimed,
  onClaim,
}: {
  line: ReturnLine
  chosen: ReturnState
  onChoose?: ((s: ReturnState) => void) | undefined
  claimed: boolean
  onClaim: (on: boolean) => void
}) {
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-3 border-t border-line py-1.5 text-[14px]">
      <span>
        <b className="figure">{line.count} ×</b> {line.name}{' '}
        <span className="text-[12.5px] text-soft">
          {line.part} · {line.price} each{line.stays ? ' · stays on the bike' : line.mounted ? ' · was fitted' : ''}
        </span>
      </span>
      <span role="radiogroup" aria-label={`Condition of ${line.name}`} className="flex">
        {line.states.map((s) => (
          <button
            key={s.state}
            type="button"
            role="radio"
            aria-checked={s.state === chosen}
            disabled={!s.may.allowed || !onChoose}
            title={s.may.reason}
            onClick={() => onChoose?.(s.state)}
            className={cx(
              'min-h-9 border border-ink/50 px-2 text-[12.5px] not-first:border-l-0',
              s.state === chosen ? 'bg-ink font-semibold text-paper' : s.may.allowed ? 'hover:bg-ink/10' : 'text-soft/70 line-through',
            )}
          >
            {s.label}
          </button>
        ))}
      </span>
      {chosen === 'DAMAGED' && onChoose && (
        <label className="col-span-2 -mt-1 flex min-h-8 cursor-pointer items-center justify-end gap-2 text-[13px]">
          <input type="checkbox" className="size-4 accent-petrol" checked={claimed} onChange={(e) => onClaim(e.target.checked)} />
          It came damaged: claim it from its supplier
        </label>
      )}
    </li>
  )
}

type LastBill = NonNullable<CallOff['lastBill']>

function Sums({ bill }: { bill: LastBill }) {
  const money = useCurrency()
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-3 border-t border-manila-line pt-2 text-[13.5px]">
      <dt>Parts not returned</dt>
      <dd className="figure text-right">{bill.parts}</dd>
      <dt>
        Labour, {minutes(bill.minutes)} at {money} {bill.anHour} an hour
      </dt>
      <dd className="figure text-right">{bill.labour}</dd>
      <dt>Tax, {bill.taxPercent} %</dt>
      <dd className="figure text-right">{bill.tax}</dd>
      <dt className="border-t border-ink pt-1">Total, {money}</dt>
      <dd className="figure border-t border-ink pt-1 text-right">{bill.total}</dd>
      <dt>Already paid</dt>
      <dd className="figure text-right">− {bill.deposit}</dd>
      <dd className="figure col-span-2 border-t border-ink pt-1 text-right text-[16px] font-bold">{bill.said}</dd>
    </dl>
  )
}

function Settled({ callOff, bill }: { callOff: CallOff; bill: LastBill }) {
  const may = useMay()
  const toast = useToast()
  const navigate = useNavigate()
  const handBack = useHandBack(callOff.job.number)
  return (
    <>
      <section className="bg-paper px-5 pt-3 pb-4" aria-label="Last bill">
        <h2 className="text-[19px]">Last bill: {callOff.kitName}</h2>
        {bill.lines.length === 0 && <p className="mt-1 text-[15px]">No parts were picked.</p>}
        <ul className="mt-1">
          {bill.lines.map((l, i) => (
            <li key={i} className="grid grid-cols-[minmax(0,1fr)_150px_90px] gap-3 border-t border-line py-1.5 text-[14px]">
              <span>
                <b className="figure">{l.count} ×</b> {l.name} <span className="text-[12.5px] text-soft">{l.part}</span>
              </span>
              <span>{l.state}</span>
              <span className="figure text-right">{l.sum || 'not charged'}</span>
            </li>
          ))}
        </ul>
      </section>
      <aside className="sheet px-5 pt-4 pb-5" aria-label="Settled">
        <h2 className="text-[18px]">Settled</h2>
        <Why callOff={callOff} />
        <Sums bill={bill} />
        {callOff.note && <p className="mt-2 text-[13.5px]">{callOff.note}</p>}
        <p className="mt-2 text-[12.5px] text-soft">
          {callOff.endedBy}
          {callOff.endedAt && `, ${clock(callOff.endedAt)}`}
        </p>
        <a href={`/api/jobs/${callOff.job.number}/call-off/last-bill.pdf`} target="_blank" rel="noreferrer" tabIndex={-1}>
          <Button className="mt-3 w-full">Last bill on paper</Button>
        </a>
        <div className="mt-3">
          <StillToPay job={callOff.job.number} />
        </div>
        {callOff.why === 'ANOTHER_KIT' ? (
          <p className="mt-3 text-[13.5px]">The job goes on: match another kit.</p>
        ) : callOff.job.place === 'GONE' ? (
          <p className="mt-3 text-[13.5px] font-semibold">The bike has been handed back.</p>
        ) : (
          may('CALL_OFF') && (
            <Button
              look="quiet"
              className="mt-2 w-full"
              disabled={handBack.isPending}
              onClick={() =>
                handBack.mutate(`${callOff.whyLabel}: ${callOff.reason}`, {
                  onSuccess: () => {
                    toast.done(`Job ${callOff.job.number} is with its customer.`)
                    void navigate('/')
                  },
                })
              }
            >
              Hand the bike back
            </Button>
          )
        )}
      </aside>
    </>
  )
}

function GoOn({ job, onClose }: { job: number; onClose: () => void }) {
  const navigate = useNavigate()
  const goOn = useGoOn(job)
  const [reason, setReason] = useState('')
  return (
    <Dialog
      open
      onClose={onClose}
      title="Resume the job"
      hint="The removal steps are dropped, unfinished steps are open again, and the parts are reserved again."
    >
      <form
        onSubmit={(e) => {
          e.preventDefault()
          goOn.mutate(reason.trim(), { onSuccess: () => void navigate(`/jobs/${job}/bill`) })
        }}
      >
        <Field label="Why" value={reason} maxLength={300} onChange={(e) => setReason(e.target.value)} autoFocus />
        {goOn.error && (
          <p role="alert" className="mt-2 font-semibold text-vermilion">
            {goOn.error.message}
          </p>
        )}
        <div className="mt-4 flex gap-2">
          <Button type="submit" disabled={reason.trim() === '' || goOn.isPending}>
            Go on
          </Button>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
