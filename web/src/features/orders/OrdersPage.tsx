import { useState } from 'react'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useMay } from '../session/useSession'
import { Claims } from './Claims'
import { DeliveryDialog } from './DeliveryDialog'
import { OnTheWay } from './OnTheWay'
import { Suppliers } from './Suppliers'
import { ToOrder } from './ToOrder'
import { ToMake, Unnamed, Waiting } from './Waiting'
import { useOrders, type Order } from './useOrders'
import type { Schemas } from '../../api/client'
import { useKeys } from '../../ui/useKeys'

export function OrdersPage() {
  return (
    <Loaded query={useOrders()} what="The orders">
      {(all) => <Orders all={all} />}
    </Loaded>
  )
}

/** What is wanted, what is on its way day by day, and who waits for it. */
function Orders({ all }: { all: Schemas['OrdersAnswer'] }) {
  const may = useMay()
  const [text, setText] = useState('')
  const [closed, setClosed] = useState(false)
  const [delivery, setDelivery] = useState<Order>()
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const has = (said: string) => words.every((w) => said.toLowerCase().includes(w))
  const shown = all.orders.filter(
    (o) => (closed || !o.closed) && has(`${o.number} ${o.supplier} ${o.lines.map((l) => `${l.part} ${l.name}`).join(' ')}`),
  )
  const open = all.orders.filter((o) => !o.closed)
  useKeys('f', () => document.getElementById('orders-find')?.focus())
  useKeys('t', () => open.length > 0 && may('ORDER') && setDelivery(shown.find((o) => !o.closed) ?? open[0]))
  return (
    <div className="px-6 pt-4 pb-8">
      <div className="flex items-end gap-6">
        <h1 className="text-[26px]">Orders</h1>
        <input
          id="orders-find"
          aria-label="Filter the orders"
          placeholder="Type to filter: supplier, part …"
          value={text}
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => e.key === 'Escape' && e.currentTarget.blur()}
          className="h-10 w-[300px] border border-soft/60 bg-paper px-3 text-[15px]"
        />
        <label className="flex min-h-10 cursor-pointer items-center gap-2 text-[14px]">
          <input type="checkbox" className="size-4 accent-petrol" checked={closed} onChange={(e) => setClosed(e.target.checked)} /> Finished
          ones too
        </label>
        {may('ORDER') && open.length > 0 && (
          <Button className="ml-auto" hotkey="T" onClick={() => setDelivery(shown.find((o) => !o.closed) ?? open[0])}>
            Take a delivery in
          </Button>
        )}
      </div>
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)_360px] items-start gap-5">
        <div className={cx('flex flex-col gap-4')}>
          <OnTheWay orders={shown} none={open.length === 0} onDelivery={setDelivery} />
          <Waiting waiting={all.waiting.filter((w) => has(`${w.job} ${w.customer} ${w.part} ${w.name}`))} />
          <Claims />
        </div>
        <div className="flex flex-col gap-4">
          <Unnamed lines={all.unnumbered} />
          <ToMake parts={all.toMake.filter((p) => has(`${p.job} ${p.name}`))} />
          <ToOrder
            proposals={all.proposals
              .map((p) => ({ ...p, lines: p.lines.filter((l) => has(`${p.supplier} ${l.part} ${l.name}`)) }))
              .filter((p) => p.lines.length > 0)}
          />
        </div>
      </div>
      <Suppliers has={has} />
      {delivery && (
        <DeliveryDialog key={delivery.number} first={delivery} orders={open} onOrder={setDelivery} onClose={() => setDelivery(undefined)} />
      )}
    </div>
  )
}
