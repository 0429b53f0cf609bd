import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { Scroller } from '../../ui/Scroller'
import { signed } from './amounts'
import { useCredit, type JobMoney } from './useMoney'

/** Takes lines of an invoice back by a credit note. */
export function CreditDialog({ job, invoice, onClose }: { job: number; invoice: NonNullable<JobMoney['invoice']>; onClose: () => void }) {
  const toast = useToast()
  const credit = useCredit(job)
  const left = invoice.lines.filter((l) => !l.credited)
  const [places, setPlaces] = useState<number[]>(left.map((l) => l.place))
  const [reason, setReason] = useState('')
  const all = places.length === left.length
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Credit invoice ${invoice.number}`}
      hint="The invoice stays as it is; the credit note takes these lines back. When all of them are credited, a new invoice can be written."
      wide
    >
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          credit.mutate(
            { invoice: invoice.number, places, reason: reason.trim() },
            {
              onSuccess: (now) => {
                toast.done(`${now.papers.at(-1)?.name ?? 'The credit note'} is written.`)
                onClose()
              },
            },
          )
        }}
      >
        <Scroller as="ul" className="max-h-[40vh] overflow-y-auto">
          {left.map((l) => (
            <li key={l.place} className="border-t border-manila-line">
              <label className="flex min-h-9 cursor-pointer items-center gap-3 text-[14px]">
                <input
                  type="checkbox"
                  className="size-4 accent-petrol"
                  checked={places.includes(l.place)}
                  onChange={(e) => setPlaces(e.target.checked ? [...places, l.place] : places.filter((p) => p !== l.place))}
                />
                <span className="min-w-0 flex-1">
                  <span className="figure">{l.count}</span> {l.text}
                </span>
                <span className="figure">{signed(l.sum)}</span>
              </label>
            </li>
          ))}
        </Scroller>
        <Field label="Why" hint="printed on the credit note" value={reason} maxLength={200} onChange={(e) => setReason(e.target.value)} />
        {credit.error && (
          <p role="alert" className="text-[13.5px] font-semibold text-vermilion">
            {credit.error.message}
          </p>
        )}
        <div className="flex gap-2">
          <Button type="submit" look="danger" disabled={places.length === 0 || reason.trim() === '' || credit.isPending}>
            {all ? 'Credit all of it' : places.length === 1 ? 'Credit 1 line' : `Credit ${places.length} lines`}
          </Button>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
