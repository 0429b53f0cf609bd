import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { date } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { MadeFiles } from '../bench/MadeFiles'
import { useMade, useName, useReallocate } from './useOrders'

type Wait = Schemas['WaitingView']

/** Which jobs wait for what, and until when. */
export function Waiting({ waiting }: { waiting: Wait[] }) {
  const may = useMay()
  const [taking, setTaking] = useState<Wait>()
  if (waiting.length === 0) return null
  return (
    <section aria-label="Jobs that wait" className="bg-paper px-5 pt-3 pb-4">
      <h2 className="text-[18px]">Jobs that wait</h2>
      <table className="mt-1 w-full text-[13.5px]">
        <tbody>
          {waiting.map((w, i) => (
            <tr key={i} className="border-t border-line align-baseline">
              <td className="w-[200px] py-1.5">
                <Link to={`/jobs/${w.job}/bill`} className="underline decoration-line underline-offset-2">
                  <b className="figure">{w.job}</b> {w.customer}
                </Link>
              </td>
              <td className="py-1.5 pr-3">
                <span className="figure">{w.count}</span> × {w.name} <span className="figure text-[12px] text-soft">{w.part}</span>
              </td>
              <td className="w-[170px] py-1.5">
                <b className="figure">{date(w.on)}</b>{' '}
                <span className="text-[12.5px] text-soft">{w.ground === 'ON_ORDER' ? `with order ${w.order}` : 'if ordered now'}</span>
              </td>
              <td className="w-[150px] py-1.5 text-right text-[12.5px]">
                {w.holders.length > 0 && may('REALLOCATE') && (
                  <button type="button" className="min-h-8 underline underline-offset-2" onClick={() => setTaking(w)}>
                    held by {w.holders.map((h) => h.job).join(', ')}: take over
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {taking && <TakeOver wait={taking} onClose={() => setTaking(undefined)} />}
    </section>
  )
}

function TakeOver({ wait, onClose }: { wait: Wait; onClose: () => void }) {
  const toast = useToast()
  const [from, setFrom] = useState(wait.holders[0]!.job)
  const [reason, setReason] = useState('')
  const reallocate = useReallocate()
  return (
    <Dialog open onClose={onClose} title={`${wait.name} for job ${wait.job}`} hint="The job that loses it waits instead and is told why.">
      <form
        onSubmit={(e) => {
          e.preventDefault()
          reallocate.mutate(
            { part: wait.part, from, to: wait.job, reason },
            {
              onSuccess: () => {
                toast.done(`Job ${wait.job} has it now; job ${from} is told.`)
                onClose()
              },
            },
          )
        }}
      >
        <div role="radiogroup" aria-label="Taken from">
          {wait.holders.map((h) => (
            <label key={h.job} className="flex min-h-10 cursor-pointer items-center gap-2 text-[14px]">
              <input type="radio" name="from" className="size-4 accent-petrol" checked={from === h.job} onChange={() => setFrom(h.job)} />{' '}
              from job {h.job}, which holds {h.count}
            </label>
          ))}
        </div>
        <Field label="Why" maxLength={300} value={reason} onChange={(e) => setReason(e.target.value)} autoFocus />
        <Button type="submit" className="mt-3" disabled={reason.trim() === '' || reallocate.isPending}>
          Take it over
        </Button>
      </form>
    </Dialog>
  )
}

/** Lines of bills that are to be bought, and nobody has said which part that is. */
export function Unnamed({ lines }: { lines: Schemas['Unnumbered'][] }) {
  if (lines.length === 0) return null
  return (
    <section aria-label="No part named" className="border-l-[6px] border-vermilion bg-paper px-4 pt-3 pb-3">
      <h2 className="text-[16px]">No part named yet</h2>
      {lines.map((l) => (
        <Name key={`${l.job} ${l.ordinal}`} line={l} />
      ))}
    </section>
  )
}

/** What the shop makes for a job, with its files, until somebody measured it and says that it lies there. */
export function ToMake({ parts }: { parts: Schemas['ToMake'][] }) {
  if (parts.length === 0) return null
  return (
    <section aria-label="To make here" className="bg-paper px-4 pt-3 pb-3">
      <h2 className="text-[16px]">To make here</h2>
      {parts.map((p) => (
        <Piece key={`${p.job} ${p.ordinal}`} piece={p} />
      ))}
    </section>
  )
}

function Piece({ piece }: { piece: Schemas['ToMake'] }) {
  const may = useMay()
  const toast = useToast()
  const made = useMade(piece.job)
  return (
    <div className="mt-2 border-t border-line pt-1.5 text-[13.5px]">
      <p>
        <Link to={`/jobs/${piece.job}/bill`} className="figure font-bold underline underline-offset-2">
          {piece.job}
        </Link>{' '}
        <span className="figure">{piece.count}</span> × {piece.name}
      </p>
      <p className="text-[12.5px] text-soft">{piece.said}</p>
      <p className="flex flex-wrap items-center gap-x-4">
        <MadeFiles kind={piece.kind} measures={piece.measures} job={piece.job} />
        {may('PICK') && (
          <Button
            look="quiet"
            className="min-h-9 px-2.5 py-0 text-[13px]"
            disabled={made.isPending}
            onClick={() =>
              made.mutate({ ordinal: piece.ordinal, there: true }, { onSuccess: () => toast.done(`${piece.name} lies there.`) })
            }
          >
            Made and measured
          </Button>
        )}
      </p>
    </div>
  )
}

function Name({ line }: { line: Schemas['Unnumbered'] }) {
  const may = useMay()
  const [part, setPart] = useState('')
  const name = useName()
  return (
    <form
      className="mt-2 border-t border-line pt-1.5 text-[13.5px]"
      onSubmit={(e) => {
        e.preventDefault()
        name.mutate({ job: line.job, ordinal: line.ordinal, part })
      }}
    >
      <p>
        <Link to={`/jobs/${line.job}/bill`} className="figure font-bold underline underline-offset-2">
          {line.job}
        </Link>{' '}
        <span className="figure">{line.count}</span> × {line.name}
      </p>
      {may('NAME_PART') && (
        <p className="mt-1 flex items-center gap-2">
          <input
            aria-label={`Part for ${line.name}`}
            placeholder="part’s number"
            maxLength={40}
            value={part}
            onChange={(e) => setPart(e.target.value)}
            className="h-9 w-[130px] border border-ink/60 bg-paper px-2"
          />
          <Button type="submit" look="quiet" className="min-h-9 px-2.5 py-0 text-[13px]" disabled={part.trim() === '' || name.isPending}>
            It is this part
          </Button>
        </p>
      )}
      {name.error && (
        <p role="alert" className="mt-1 text-[12.5px] font-semibold text-vermilion">
          {name.error.message}
        </p>
      )}
    </form>
  )
}
