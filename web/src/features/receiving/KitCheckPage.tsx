import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { JobHead } from '../../app/JobHead'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { useJobNumber } from '../survey/useSheet'
import { Contents } from './Contents'
import { useCloseCheck, useKitCheck, useRun, useWriteNumber, type Sheet } from './useKitCheck'

export function KitCheckPage() {
  const job = useJobNumber()
  return (
    <Loaded query={useKitCheck(job)} what={`The kit check of job ${job}`}>
      {(sheet) => (
        <>
          <JobHead job={sheet.job}>
            <span />
          </JobHead>
          <Check sheet={sheet} />
        </>
      )}
    </Loaded>
  )
}

/** The box on the bench: its list on the left, numbers and the run on the right. */
function Check({ sheet }: { sheet: Sheet }) {
  const job = sheet.job.number
  const may = useMay()
  const navigate = useNavigate()
  const toast = useToast()
  const close = useCloseCheck(job)
  const looked = sheet.contents.filter((c) => c.good !== undefined).length
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_340px] items-start gap-5 px-6 pt-3 pb-6">
      <section aria-label="Contents" className="bg-paper px-4 pt-3 pb-3">
        <h2 className="flex items-baseline gap-3 text-[19px]">
          {sheet.kitName}
          <span className="figure text-[13px] font-normal text-soft">box {sheet.boxNumber}</span>
          <span className="figure ml-auto text-[15px]">
            {looked} of {sheet.contents.length}
          </span>
        </h2>
        <Contents job={job} sheet={sheet} />
      </section>
      <aside className="flex flex-col gap-4">
        <div className="sheet px-5 pt-4 pb-5">
          <h2 className="text-[18px]">Numbers</h2>
          {sheet.numbers.map((n) => (
            <Numbered key={n.what} job={job} n={n} locked={sheet.closed} />
          ))}
        </div>
        <Bench sheet={sheet} />
        <div className="bg-paper px-5 pt-3 pb-4">
          {sheet.closed ? (
            <p className="text-[15px] font-semibold">✓ The box is checked and the kit has run. The bike may go on a stand.</p>
          ) : (
            sheet.open.length > 0 && (
              <ul className="text-[13.5px]">
                {sheet.open.map((o) => (
                  <li key={o}>○ {o}</li>
                ))}
              </ul>
            )
          )}
          {!sheet.closed && may('CHECK_BOX') && (
            <Button
              className="mt-3 min-h-12 w-full text-[16px]"
              disabled={sheet.open.length > 0 || close.isPending}
              onClick={() => close.mutate(undefined, { onSuccess: () => toast.done('The box is checked.') })}
            >
              Close the check
            </Button>
          )}
          {sheet.closed && (
            <Button className="mt-3 min-h-12 w-full" onClick={() => void navigate(`/stand/${job}`)}>
              Open the steps
            </Button>
          )}
          <a
            href={`/api/jobs/${job}/kit-check/labels.pdf`}
            target="_blank"
            rel="noreferrer"
            className="mt-2 inline-flex min-h-12 w-full items-center justify-center border border-ink/70 px-4 text-[14px] font-semibold hover:bg-ink/5"
          >
            Labels for box, bag and key
          </a>
        </div>
      </aside>
    </div>
  )
}

function Numbered({ job, n, locked }: { job: number; n: Sheet['numbers'][number]; locked: boolean }) {
  const [text, setText] = useState('')
  const [again, setAgain] = useState(false)
  const write = useWriteNumber(job)
  if (n.written && !again) {
    return (
      <p className="flex min-h-12 items-center gap-2 border-b border-manila-line text-[15px]">
        <span className="flex-1">{n.label}</span>
        <b className="figure">{n.number || 'written down'}</b>
        {n.secret && !n.number && <span className="text-[12px] text-soft">the manager reads it</span>}
        {!locked && (
          <button
            type="button"
            aria-label={`${n.label}: write again`}
            className="min-h-12 px-1 text-[13px] underline underline-offset-2"
            onClick={() => setAgain(true)}
          >
            again
          </button>
        )}
      </p>
    )
  }
  return (
    <form
      className="border-b border-manila-line py-1.5"
      onSubmit={(e) => {
        e.preventDefault()
        write.mutate(
          { what: n.what, serial: text },
          {
            onSuccess: () => {
              setAgain(false)
              setText('')
            },
          },
        )
      }}
    >
      <span className="flex items-center gap-2">
        <input
          aria-label={`${n.label} number`}
          placeholder={`${n.label}: number`}
          maxLength={60}
          autoComplete="off"
          value={text}
          onChange={(e) => setText(e.target.value)}
          className="h-12 min-w-0 flex-1 border border-ink/60 bg-paper px-3 text-[16px]"
        />
        <Button type="submit" className="min-h-12" disabled={text.trim().length < 3 || write.isPending}>
          Write down
        </Button>
      </span>
      {write.error && (
        <p role="alert" className="mt-1 text-[13px] font-semibold text-vermilion">
          {write.error.message}
        </p>
      )}
    </form>
  )
}

function Bench({ sheet }: { sheet: Sheet }) {
  const job = sheet.job.number
  const queries = useQueryClient()
  const [volts, setVolts] = useState('')
  const [note, setNote] = useState('')
  const run = useRun(job)
  const send = (ran: boolean) =>
    run.mutate(
      { volts: Number(volts.replace(',', '.')), ran, note },
      {
        onSuccess: (a) => {
          queries.setQueryData(['kit-check', job], a.sheet)
          setVolts('')
        },
      },
    )
  const last = sheet.run
  return (
    <div className="bg-night px-5 pt-4 pb-5 text-night-text">
      <h2 className="text-[18px]">Run on the bench</h2>
      <p className="text-[13px] text-night-soft">
        Motor strapped down, hands and sleeves away. Meter at the battery’s plug first. Swollen, dented or wet: not connected, quarantine
        place.
      </p>
      {last && (
        <p className={cx('mt-2 border-l-[5px] pl-3 text-[15px]', last.passed ? 'border-paint' : 'border-vermilion')}>
          <b className="figure">{last.volts} V</b> {last.passed ? 'and it ran' : run.data?.ruling.reason || 'not proven'}{' '}
          <span className="text-[12.5px] text-night-soft">
            {last.by}, {clock(last.at)} {last.note}
          </span>
        </p>
      )}
      {!sheet.closed && (
        <>
          <div className="mt-3 flex items-center gap-2">
            <input
              aria-label="Volts at the plug"
              inputMode="decimal"
              placeholder="0.0"
              value={volts}
              onChange={(e) => setVolts(e.target.value.replace(/[^\d.,]/g, '').slice(0, 6))}
              className="figure h-14 w-[120px] border border-night-soft bg-night-deep px-3 text-right text-[24px] font-bold text-night-text"
            />
            <span className="text-[15px]">
              V <span className="block text-[12.5px] text-night-soft">{sheet.window}</span>
            </span>
          </div>
          <input
            aria-label="Note on the run"
            placeholder="note"
            maxLength={300}
            value={note}
            onChange={(e) => setNote(e.target.value)}
            className="mt-2 h-12 w-full border border-night-soft bg-night-deep px-3 text-night-text"
          />
          <div className="mt-2 grid grid-cols-2 gap-2">
            <button
              type="button"
              disabled={volts === '' || run.isPending}
              onClick={() => send(true)}
              className="min-h-14 bg-paint text-[16px] font-bold text-ink disabled:opacity-40"
            >
              It ran
            </button>
            <button
              type="button"
              disabled={volts === '' || run.isPending}
              onClick={() => send(false)}
              className="min-h-14 border border-night-soft text-[16px] font-bold disabled:opacity-40"
            >
              It did not
            </button>
          </div>
          {run.error && (
            <p role="alert" className="mt-2 text-[13px] font-semibold">
              {run.error.message}
            </p>
          )}
        </>
      )}
    </div>
  )
}
