import { useId, useState } from 'react'
import { faultOf } from '../../api/client'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { amountOf } from './amounts'
import { useInvoice, type JobMoney } from './useMoney'

interface Line {
  text: string
  count: string
  each: string
  tax: string
  /** Asked for by the bill: its text and count stay. */
  asked: boolean
}

/** The final invoice: whom it is for, what had no price, what comes on top or off. Then it is closed. */
export function InvoiceDialog({ money, onClose }: { money: JobMoney; onClose: () => void }) {
  const toast = useToast()
  const id = useId()
  const invoice = useInvoice(money.job.number)
  const [to, setTo] = useState(money.to)
  const [note, setNote] = useState('')
  const [further, setFurther] = useState<Line[]>(
    (money.owed?.unpriced ?? []).map((u) => ({ text: u.name, count: String(u.count), each: '', tax: money.taxPercent, asked: true })),
  )
  const set = (at: number, change: Partial<Line>) => setFurther(further.map((l, i) => (i === at ? { ...l, ...change } : l)))
  const read = further.map((l) => ({
    text: l.text.trim(),
    count: /^\d{1,3}$/.test(l.count) ? Number(l.count) : 0,
    each: amountOf(l.each, !l.asked),
    taxPercent: amountOf(l.tax),
  }))
  const whole = to.trim() !== '' && read.every((l) => l.text !== '' && l.count > 0 && l.each !== undefined && l.taxPercent !== undefined)
  const fault = faultOf(invoice.error, 'to')
  return (
    <Dialog
      open
      onClose={onClose}
      title="Write the invoice"
      hint={`With the ${money.owed?.lines.length ?? 0} lines of ${money.owed?.what ?? 'the bill'}. It gets the next number and never changes after that.`}
      wide
    >
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          if (whole)
            invoice.mutate(
              { to, note: note.trim(), further: read.map((l) => ({ ...l, each: l.each!, taxPercent: l.taxPercent! })) },
              {
                onSuccess: (now) => {
                  toast.done(`Invoice ${now.invoice?.number ?? ''} is written.`)
                  onClose()
                },
              },
            )
        }}
      >
        <div>
          <label htmlFor={id} className="label block text-[14px]">
            For <span className="font-normal text-soft">name and address, a line each</span>
          </label>
          <textarea
            id={id}
            rows={3}
            maxLength={300}
            value={to}
            aria-invalid={fault ? true : undefined}
            onChange={(e) => setTo(e.target.value)}
            className="mt-0.5 w-full max-w-[430px] border border-soft/60 bg-paper px-2.5 py-1.5 text-[15px]"
          />
          {fault && (
            <p role="alert" className="text-[13px] font-semibold text-vermilion">
              {fault}
            </p>
          )}
        </div>
        {further.map((l, i) => (
          <fieldset key={i} className="grid grid-cols-[minmax(0,1fr)_70px_120px_80px_auto] items-end gap-2">
            <legend className="sr-only">{l.asked ? l.text : `Further line ${i + 1}`}</legend>
            <Field label="What" value={l.text} readOnly={l.asked} maxLength={200} onChange={(e) => set(i, { text: e.target.value })} />
            <Field
              label="Count"
              inputMode="numeric"
              value={l.count}
              readOnly={l.asked}
              onChange={(e) => set(i, { count: e.target.value })}
            />
            <Field
              label="Each"
              hint={money.currency}
              inputMode="decimal"
              value={l.each}
              autoFocus={l.asked && i === 0}
              onChange={(e) => set(i, { each: e.target.value })}
            />
            <Field label="Tax" hint="%" inputMode="decimal" value={l.tax} onChange={(e) => set(i, { tax: e.target.value })} />
            {l.asked ? (
              <span />
            ) : (
              <Button
                look="quiet"
                aria-label={`Leave out ${l.text || `line ${i + 1}`}`}
                onClick={() => setFurther(further.filter((_, k) => k !== i))}
              >
                Leave out
              </Button>
            )}
          </fieldset>
        ))}
        <div>
          <Button
            look="quiet"
            disabled={further.length >= 60}
            onClick={() => setFurther([...further, { text: '', count: '1', each: '', tax: money.taxPercent, asked: false }])}
          >
            Add a line
          </Button>
          <span className="ml-3 text-[13px] text-soft">before tax; with a minus it takes off</span>
        </div>
        <Field label="Note on it" hint="may be empty" value={note} maxLength={300} onChange={(e) => setNote(e.target.value)} />
        {invoice.error && !fault && (
          <p role="alert" className="text-[13.5px] font-semibold text-vermilion">
            {invoice.error.message}
          </p>
        )}
        <div className="flex gap-2">
          <Button type="submit" disabled={!whole || invoice.isPending}>
            Write it
          </Button>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
