import { useState } from 'react'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/toastContext'
import { useCurrency, useMay } from '../session/useSession'
import { useSend, type Supplier } from './useOrders'

/** Slips, one for each supplier, with what the shop proposes to buy and why. */
export function ToOrder({ proposals }: { proposals: Supplier[] }) {
  return (
    <section aria-label="To order" className="flex flex-col gap-4">
      <h2 className="text-[18px]">To order</h2>
      {proposals.length === 0 && (
        <p className="bg-paper px-4 py-3 text-soft">Nothing is wanted: every job has its parts, no drawer is below its minimum.</p>
      )}
      {proposals.map((p) => (
        <Slip key={p.supplier} proposal={p} />
      ))}
      <Another />
    </section>
  )
}

function Slip({ proposal }: { proposal: Supplier }) {
  const money = useCurrency()
  const may = useMay()
  const toast = useToast()
  const send = useSend()
  const [counts, setCounts] = useState<Record<string, string>>({})
  const count = (part: string, proposed: number) => counts[part] ?? String(proposed)
  const lines = proposal.lines.map((l) => ({ part: l.part, count: Number(count(l.part, l.toOrder)) })).filter((l) => l.count > 0)
  const nobody = proposal.supplier === ''
  return (
    <form
      className="sheet px-5 pt-3 pb-4"
      aria-label={nobody ? 'No supplier named' : proposal.supplier}
      onSubmit={(e) => {
        e.preventDefault()
        send.mutate(
          { supplier: proposal.supplier, lines },
          {
            onError: (e) => toast.refused(e.message),
            onSuccess: () => {
              toast.done(`Order to ${proposal.supplier} is sent: ${lines.length} ${lines.length === 1 ? 'part' : 'parts'}.`)
              setCounts({})
            },
          },
        )
      }}
    >
      <h3 className="flex items-baseline text-[16px]">
        {nobody ? 'No supplier named' : proposal.supplier}
        <span className="figure ml-auto text-[14px]">
          {money} {proposal.total}
        </span>
      </h3>
      {nobody && <p className="text-[12.5px]">Name a supplier on the part’s sheet first.</p>}
      <ul className="mt-1 border-t border-manila-line">
        {proposal.lines.map((l) => (
          <li key={l.part} className="flex items-center gap-2.5 border-b border-manila-line py-1.5 text-[13.5px]">
            <input
              aria-label={`How many ${l.name}`}
              inputMode="numeric"
              disabled={!may('ORDER') || nobody}
              value={count(l.part, l.toOrder)}
              onChange={(e) => setCounts({ ...counts, [l.part]: e.target.value.replace(/\D/g, '').slice(0, 4) })}
              className="figure h-9 w-[58px] border border-ink/50 bg-paper px-1.5 text-right text-[15px] font-semibold disabled:bg-transparent"
            />
            <span className="min-w-0 flex-1">
              <b>{l.name}</b> <span className="figure text-[12px] text-soft">{l.part}</span>
              <span className="block text-[12.5px] text-[#5f5535]">{l.reason}</span>
            </span>
            <span className="figure w-[54px] text-right text-[12.5px]">
              {l.sum}
              <span className="block text-[11px] text-[#5f5535]">{l.leadDays} days</span>
            </span>
          </li>
        ))}
      </ul>
      {may('ORDER') && !nobody && (
        <Button type="submit" className="mt-3 w-full" disabled={lines.length === 0 || send.isPending}>
          Send the order
        </Button>
      )}
    </form>
  )
}

/** Any part of the drawers, wanted or not. */
function Another() {
  const may = useMay()
  const toast = useToast()
  const send = useSend()
  const [part, setPart] = useState('')
  const [count, setCount] = useState('')
  const [fault, setFault] = useState('')
  if (!may('ORDER')) return null
  const order = async () => {
    setFault('')
    try {
      const sheet = await answered(api.GET('/api/parts/{number}', { params: { path: { number: part.trim() } } }))
      send.mutate(
        { supplier: sheet.row.supplier, lines: [{ part: sheet.row.number, count: Number(count) }] },
        {
          onSuccess: () => {
            toast.done(`${count} × ${sheet.row.name} ordered from ${sheet.row.supplier}.`)
            setPart('')
            setCount('')
          },
          onError: (e) => setFault(e.message),
        },
      )
    } catch (e) {
      setFault((e as Error).message)
    }
  }
  return (
    <form
      aria-label="Order something else"
      className="bg-paper px-4 pt-3 pb-4"
      onSubmit={(e) => {
        e.preventDefault()
        void order()
      }}
    >
      <h3 className="text-[15px]">Something else</h3>
      <p className="mt-1 flex gap-2">
        <input
          aria-label="Part to order"
          placeholder="part’s number"
          maxLength={40}
          value={part}
          onChange={(e) => setPart(e.target.value)}
          className="h-10 min-w-0 flex-1 border border-ink/60 bg-paper px-2"
        />
        <input
          aria-label="Pieces to order"
          placeholder="how many"
          inputMode="numeric"
          value={count}
          onChange={(e) => setCount(e.target.value.replace(/\D/g, '').slice(0, 4))}
          className="figure h-10 w-[84px] border border-ink/60 bg-paper px-2 text-right"
        />
        <Button type="submit" disabled={part.trim() === '' || Number(count) < 1 || send.isPending}>
          Order
        </Button>
      </p>
      {fault && (
        <p role="alert" className="mt-1 text-[13px] font-semibold text-vermilion">
          {fault}
        </p>
      )}
    </form>
  )
}
