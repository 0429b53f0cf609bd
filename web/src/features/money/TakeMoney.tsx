import { useState } from 'react'
import { faultOf, type Schemas } from '../../api/client'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { cx } from '../../ui/cx'
import { amountOf } from './amounts'
import { usePay, type JobMoney } from './useMoney'

const WAYS: [Schemas['PaymentGiven']['how'], string][] = [
  ['CASH', 'cash'],
  ['CARD', 'card'],
  ['TRANSFER', 'transfer'],
  ['OTHER', 'other'],
]

/** Money comes in, or is given back where too much was paid; each writes its receipt. */
export function TakeMoney({ money }: { money: JobMoney }) {
  const back = money.left.startsWith('-')
  const toast = useToast()
  const pay = usePay(money.job.number)
  const [amount, setAmount] = useState(back ? money.left.slice(1) : money.due === '0.00' ? '' : money.due)
  const [how, setHow] = useState<Schemas['PaymentGiven']['how']>('CASH')
  const [on, setOn] = useState(money.today)
  const [note, setNote] = useState('')
  const sum = amountOf(amount)
  return (
    <form
      className="mt-3 grid gap-2 border-t border-manila-line pt-3"
      onSubmit={(e) => {
        e.preventDefault()
        if (sum)
          pay.mutate(
            { amount: sum, back, how, on, note: note.trim() },
            { onSuccess: (now) => toast.done(`Receipt ${now.payments.at(-1)?.receipt ?? ''} is written.`) },
          )
      }}
    >
      <div className="grid grid-cols-2 gap-2">
        <Field
          label={back ? 'Refund' : 'Amount'}
          hint={money.currency}
          inputMode="decimal"
          autoComplete="off"
          value={amount}
          fault={faultOf(pay.error, 'amount')}
          onChange={(e) => setAmount(e.target.value)}
        />
        <Field
          label="On"
          type="date"
          value={on}
          max={money.today}
          fault={faultOf(pay.error, 'on')}
          onChange={(e) => setOn(e.target.value)}
        />
      </div>
      <div role="radiogroup" aria-label="How" className="grid grid-cols-4 border border-soft/60">
        {WAYS.map(([way, name]) => (
          <button
            key={way}
            type="button"
            role="radio"
            aria-checked={how === way}
            onClick={() => setHow(way)}
            className={cx('min-h-10 text-[14px]', how === way ? 'bg-ink font-semibold text-paper' : 'bg-paper hover:bg-ink/5')}
          >
            {name}
          </button>
        ))}
      </div>
      <Field label="Note" hint="may be empty" value={note} maxLength={200} onChange={(e) => setNote(e.target.value)} />
      {pay.error && !faultOf(pay.error, 'amount') && !faultOf(pay.error, 'on') && (
        <p role="alert" className="text-[13.5px] font-semibold text-vermilion">
          {pay.error.message}
        </p>
      )}
      <Button type="submit" look={back ? 'danger' : 'act'} disabled={!sum || on === '' || pay.isPending}>
        {back ? 'Give refund' : 'Take payment'}
      </Button>
    </form>
  )
}
