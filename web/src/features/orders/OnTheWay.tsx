import { useRef, useState } from 'react'
import { clock, date } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { DayStrip } from './DayStrip'
import { useAnswer, useCancel, useSimulate, type Mood, type Order, type OrderLine } from './useOrders'

const MOODS: [Mood, string][] = [
  ['AS_ORDERED', 'as ordered'],
  ['IN_PART', 'in two parts'],
  ['LATE', 'a week late'],
  ['ONLY_HALF', 'only half'],
  ['OTHER_PART', 'another part'],
]

/** Orders that are out, their pieces drawn on the days they come. */
export function OnTheWay({ orders, none, onDelivery }: { orders: Order[]; none: boolean; onDelivery: (order: Order) => void }) {
  return (
    <section aria-label="On the way" className="bg-paper px-5 pt-3 pb-4">
      <h2 className="text-[18px]">On the way</h2>
      {orders.length === 0 && (
        <p className="mt-1 text-soft">
          {none ? 'Nothing is on order. Send an order from the slips on the right.' : 'No order matches what you typed.'}
        </p>
      )}
      {orders.map((o) => (
        <One key={o.number} order={o} onDelivery={onDelivery} />
      ))}
    </section>
  )
}

function One({ order, onDelivery }: { order: Order; onDelivery: (order: Order) => void }) {
  const may = useMay()
  const [open, setOpen] = useState(false)
  return (
    <article aria-label={`Order ${order.number}`} className="mt-2 border-t-2 border-ink pt-1">
      <div className="flex items-center gap-3">
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="flex min-h-9 flex-1 items-baseline gap-3 text-left"
        >
          <b className="figure text-[16px]">{order.number}</b>
          <b className="text-[15px]">{order.supplier}</b>
          <span className="text-[12.5px] text-soft">
            {order.madeBy}, {clock(order.madeAt)}
          </span>
          <span className="text-[12.5px] text-soft">{open ? '▾ fold' : '▸ what happened'}</span>
        </button>
        <a href={`/api/orders/${order.number}/order.json`} download className="text-[13px] underline underline-offset-2">
          Order as file
        </a>
        {may('ORDER') && !order.closed && (
          <Button look="quiet" className="min-h-8 px-2.5 py-0 text-[13px]" onClick={() => onDelivery(order)}>
            Take in
          </Button>
        )}
      </div>
      {order.lines.map((l) => (
        <Line key={l.part} order={order} line={l} open={open} />
      ))}
      {open && may('ORDER') && !order.closed && <AnswerIn order={order} />}
    </article>
  )
}

function Line({ order, line, open }: { order: Order; line: OrderLine; open: boolean }) {
  const may = useMay()
  const cancel = useCancel()
  const bad = line.state === 'OTHER_OFFERED' || line.unpromised > 0
  return (
    <div className="border-t border-line py-1" data-part={line.part}>
      <div className="grid grid-cols-[210px_minmax(0,1fr)_128px] items-center gap-3 text-[13.5px]">
        <span className="min-w-0">
          <b className="block truncate" title={line.name}>
            {line.name}
          </b>
          <span className="figure text-[12px] text-soft">
            {line.part} · {line.received} of {line.ordered} here
          </span>
        </span>
        <DayStrip line={line} />
        <span className={cx('text-right text-[12.5px] font-semibold', bad && 'text-vermilion')}>
          {line.stateLabel}
          {line.daysLate > 0 && (
            <span className="block text-vermilion">{line.daysLate === 1 ? '1 day' : `${line.daysLate} days`} late</span>
          )}
        </span>
      </div>
      {open && (
        <ul className="mt-1 text-[12.5px] text-soft">
          <li>ordered because: {line.reason}</li>
          {line.happened.map((h, i) => (
            <li key={i}>
              {h.by}, {clock(h.at)}: {WHAT[h.kind]} {h.count > 0 && <span className="figure">{h.count}</span>}{' '}
              {h.on && h.kind !== 'RECEIVED' && `for ${date(h.on)}`} {h.note}
            </li>
          ))}
        </ul>
      )}
      {may('ORDER') && line.unpromised > 0 && (
        <p className="mt-1 flex items-center gap-3 text-[12.5px]">
          {line.unpromised} without a day: order elsewhere, then
          <button
            type="button"
            disabled={cancel.isPending}
            className="min-h-8 font-semibold underline underline-offset-2"
            onClick={() =>
              cancel.mutate({ number: order.number, part: line.part, count: line.unpromised, reason: 'no day from the supplier' })
            }
          >
            cancel {line.unpromised} here
          </button>
        </p>
      )}
    </div>
  )
}

const WHAT = { ORDERED: 'ordered', CONFIRMED: 'promised', OTHER_OFFERED: '', RECEIVED: 'took in', CANCELLED: 'cancelled' } as const

/** A supplier's answer: as a file, or from the simulated supplier. */
function AnswerIn({ order }: { order: Order }) {
  const toast = useToast()
  const file = useRef<HTMLInputElement>(null)
  const take = useAnswer()
  const simulate = useSimulate()
  const takeIn = (json: string) =>
    take.mutate({ number: order.number, json }, { onSuccess: () => toast.done(`The answer to order ${order.number} is taken in.`) })
  return (
    <div className="mt-2 border-t border-line pt-2 text-[13px]">
      <p className="flex flex-wrap items-center gap-2">
        <b>Supplier’s answer:</b>
        <input
          ref={file}
          type="file"
          accept=".json,application/json"
          aria-label={`Answer to order ${order.number}`}
          className="sr-only"
          onChange={(e) => {
            void e.target.files?.[0]?.text().then(takeIn)
            e.target.value = ''
          }}
        />
        <Button look="quiet" className="min-h-8 px-2.5 py-0 text-[13px]" onClick={() => file.current?.click()}>
          From a file
        </Button>
        <span className="ml-2 text-soft">or let the simulated supplier answer</span>
        {MOODS.map(([mood, name]) => (
          <button
            key={mood}
            type="button"
            disabled={simulate.isPending || take.isPending}
            className="min-h-8 underline underline-offset-2"
            onClick={() => simulate.mutate({ number: order.number, mood }, { onSuccess: (a) => takeIn(a.json) })}
          >
            {name}
          </button>
        ))}
      </p>
      {take.error && (
        <p role="alert" className="mt-2 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 whitespace-pre-line">
          {take.error.message}
        </p>
      )}
    </div>
  )
}
