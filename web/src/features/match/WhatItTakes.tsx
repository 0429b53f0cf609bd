import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { minutes } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/toastContext'
import { AgreementFields, given, nobodyYet } from '../bill/Agreement'
import { Takes, notTaken, type Left } from './Takes'
import { useKeys } from '../../ui/useKeys'

/** What this match takes: parts, work, consents, measures; and the bill at its end. */
export function WhatItTakes({ job, match }: { job: Schemas['JobCard']; match: Schemas['Match'] }) {
  const navigate = useNavigate()
  const toast = useToast()
  const [left, setLeft] = useState<Left>({})
  const [consented, setConsented] = useState<Record<string, boolean>>({})
  const [waits, setWaits] = useState(false)
  const [agreement, setAgreement] = useState(nobodyYet(job.customer))
  const remedies = match.findings.flatMap((f) => f.remedies.map((r) => ({ ...r, check: f })))
  const measures = remedies.filter((r) => r.kind === 'MEASURE')
  const others = remedies.filter((r) => r.kind === 'OTHER_KIT')
  const sheet = remedies.filter((r) => r.kind === 'SHEET')
  const tradeOffs = match.findings.filter((f) => f.verdict === 'TRADE_OFF')
  const open = tradeOffs.filter((f) => !consented[match.kitCode + f.checkId])
  const billed = job.kitCode !== undefined
  const off = notTaken(match, left)
  const unsaid = off.some((n) => n.reason === '')
  const make = useCommand(
    () =>
      answered(
        api.POST('/api/jobs/{number}/bill', {
          params: { path: { number: job.number } },
          body: {
            kitCode: match.kitCode,
            stamp: match.stamp,
            consented: tradeOffs.filter((f) => consented[match.kitCode + f.checkId]).map((f) => f.checkId),
            notTaken: off,
            waits,
            agreement: tradeOffs.length > 0 ? given(agreement) : undefined,
          },
        }),
      ),
    { answers: () => ['bill', job.number] },
  )
  const quote = useCommand(
    () =>
      answered(
        api.POST('/api/jobs/{number}/quotes', {
          params: { path: { number: job.number } },
          body: { kitCode: match.kitCode, stamp: match.stamp, notTaken: off },
        }),
      ),
    { answers: () => ['bill', job.number] },
  )
  const short = match.boxesFree < 1
  const said = tradeOffs.length === 0 || given(agreement) !== undefined
  // Whether it may be made at all is the server's to say; here is only what this form still wants.
  const missing =
    short && !waits
      ? 'No box of this kit is free.'
      : open.length > 0
        ? 'Consent is missing.'
        : !said
          ? 'Say who agreed, when and how.'
          : unsaid
            ? 'Say why it is left out.'
            : ''
  const why = match.mayBill.allowed ? missing : match.mayBill.reason
  const ready = match.mayBill.allowed && missing === ''
  const send = () =>
    make.mutate(undefined, {
      onSuccess: () => {
        toast.done(`Bill made, parts reserved for job ${job.number}.`)
        void navigate(`/jobs/${job.number}/bill`)
      },
    })
  const toMeasure = `/jobs/${job.number}/sheet?measure=${measures[0]?.measures[0] ?? ''}`
  useKeys('m', () => measures.length > 0 && void navigate(toMeasure))
  return (
    <aside className="sheet sticky top-4 flex flex-col self-start px-6 pt-4 pb-5" aria-label="What it takes">
      <h2 className="text-[18px]">What it takes</h2>
      <Takes match={match} left={left} onLeft={match.mayBill.allowed ? setLeft : undefined} />
      {tradeOffs.map((f) => (
        <div key={f.checkId} className="mt-3">
          <h3 className="text-[14px]">Trade-off to consent</h3>
          <p className="text-[13.5px]">{f.sentence}</p>
          {!billed && (
            <label className="mt-1.5 flex min-h-10 cursor-pointer items-center gap-2.5 border border-ink/60 bg-paper/60 px-3 text-[13.5px] font-semibold">
              <input
                type="checkbox"
                className="size-4 accent-petrol"
                checked={consented[match.kitCode + f.checkId] ?? false}
                onChange={(e) => setConsented({ ...consented, [match.kitCode + f.checkId]: e.target.checked })}
              />
              Agreed, I sign off
            </label>
          )}
        </div>
      ))}
      {tradeOffs.length > 0 && open.length === 0 && !billed && <AgreementFields value={agreement} onChange={setAgreement} />}
      {measures.length > 0 && (
        <div className="mt-3">
          <h3 className="text-[14px] text-petrol">Measure first</h3>
          {[...new Set(measures.map((r) => r.text))].map((text) => (
            <p key={text} className="text-[13.5px]">
              {text}
            </p>
          ))}
          <Link to={toMeasure}>
            <Button hotkey="M" tabIndex={-1} className="mt-2 w-full">
              Measure it now
            </Button>
          </Link>
        </div>
      )}
      {sheet.length > 0 && (
        <div className="mt-3">
          <h3 className="text-[14px] text-petrol">Missing in the kit’s sheet</h3>
          {[...new Set(sheet.map((r) => r.text))].map((text) => (
            <p key={text} className="text-[13.5px]">
              {text}
            </p>
          ))}
          <Link to="/kits" className="mt-1 inline-block text-[13.5px] font-semibold underline underline-offset-2">
            Open the kit sheets
          </Link>
        </div>
      )}
      {others.length > 0 && (
        <div className="mt-3">
          <h3 className="text-[14px]">What would make it a yes</h3>
          {[...new Set(others.map((r) => r.text))].map((text) => (
            <p key={text} className="text-[13.5px]">
              {text}
            </p>
          ))}
        </div>
      )}
      {match.minutes !== undefined && (
        <p className="mt-4">
          <span className="block text-[12.5px] text-soft">labour, from the steps</span>
          <span className="figure text-[20px] font-semibold">{minutes(match.minutes)}</span>
        </p>
      )}
      {!job.work && <p className="mt-4 text-[12.5px] text-[#5f5535]">{match.caution}</p>}
      {(short || job.work) && match.mayBill.allowed && (
        <label className="mt-3 flex min-h-10 cursor-pointer items-center gap-2.5 border border-ink/60 bg-paper/60 px-3 text-[13.5px] font-semibold">
          <input type="checkbox" className="size-4 accent-petrol" checked={waits} onChange={(e) => setWaits(e.target.checked)} />
          The job waits for what is short
        </label>
      )}
      <Button disabled={!ready || make.isPending} onClick={send} className="mt-3 min-h-12 w-full">
        Make the bill
      </Button>
      {match.mayBill.allowed && (
        <Button
          look="quiet"
          disabled={unsaid || quote.isPending}
          onClick={() =>
            quote.mutate(undefined, {
              onSuccess: () => {
                toast.done('The quote is written; nothing is held by it.')
                void navigate(`/jobs/${job.number}/bill`)
              },
            })
          }
          className="mt-2 w-full"
        >
          Write a quote
        </Button>
      )}
      {why && <p className="mt-1.5 text-center text-[12.5px] text-soft">{why}</p>}
    </aside>
  )
}
