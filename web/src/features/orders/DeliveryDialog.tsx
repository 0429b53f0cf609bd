import { useRef, useState } from 'react'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { useToast } from '../../ui/toastContext'
import { serials } from '../stock/movements'
import { useDeliver, type Came, type Order } from './useOrders'

type Fault = NonNullable<Came['fault']>

/** What a scanner types: a part's number, or the link of its drawer's label. */
const scanned = (text: string) => /[?&]part=([^&]+)/.exec(text)?.[1] ?? text.trim()

/** A delivery taken in: each scan counts one piece, or the counts are typed. What is wrong is claimed and stays out of the drawer. */
export function DeliveryDialog({
  first,
  orders,
  onOrder,
  onClose,
}: {
  first: Order
  orders: Order[]
  onOrder: (order: Order) => void
  onClose: () => void
}) {
  const order = orders.find((o) => o.number === first.number) ?? first
  const toast = useToast()
  const deliver = useDeliver()
  const [counts, setCounts] = useState<Record<string, string>>({})
  const [lots, setLots] = useState<Record<string, string>>({})
  const [numbers, setNumbers] = useState<Record<string, string>>({})
  const [wrong, setWrong] = useState<{ part: string; count: string; fault: Fault; note: string }[]>([])
  const [scan, setScan] = useState('')
  const [heard, setHeard] = useState('')
  const field = useRef<HTMLInputElement>(null)
  const open = order.lines.filter((l) => l.open > 0)
  const lines: Came[] = [
    ...open
      .filter((l) => Number(counts[l.part] ?? 0) > 0)
      .map((l) => ({
        part: l.part,
        count: Number(counts[l.part]),
        lot: lots[l.part] ?? '',
        ...(serials(numbers[l.part] ?? '').length > 0 && { serials: serials(numbers[l.part] ?? '') }),
        note: '',
      })),
    ...wrong
      .filter((w) => w.part.trim() !== '' && Number(w.count) > 0)
      .map((w) => ({ part: w.part, count: Number(w.count), lot: '', fault: w.fault, note: w.note })),
  ]
  const take = () => {
    const part = scanned(scan)
    setScan('')
    if (part === '') return
    const line = open.find((l) => l.part.toLowerCase() === part.toLowerCase())
    if (line) {
      const next = Number(counts[line.part] ?? 0) + 1
      setCounts({ ...counts, [line.part]: String(next) })
      setHeard(`${line.name}: ${next} of ${line.open}`)
    } else {
      setWrong([...wrong, { part, count: '1', fault: 'WRONG', note: '' }])
      setHeard(`${part} was not ordered: it is claimed as wrong`)
    }
  }
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title={`Delivery for order ${order.number}`}
      hint={`${order.supplier}. Scan the pieces one by one, or type how many came.`}
    >
      {orders.length > 1 && (
        <p className="mb-2 flex flex-wrap gap-1">
          {orders.map((o) => (
            <button
              key={o.number}
              type="button"
              aria-pressed={o.number === order.number}
              onClick={() => onOrder(o)}
              className={cx(
                'min-h-9 border border-ink/60 px-2.5 text-[13px]',
                o.number === order.number ? 'bg-ink font-semibold text-paper' : 'hover:bg-ink/10',
              )}
            >
              {o.number} {o.supplier}
            </button>
          ))}
        </p>
      )}
      <form
        className="flex items-center gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          take()
        }}
      >
        <input
          ref={field}
          aria-label="Scan"
          placeholder="Scan or type a part’s number, Enter"
          autoFocus
          value={scan}
          onChange={(e) => setScan(e.target.value)}
          className="h-12 w-[320px] border-2 border-ink bg-paper px-3 text-[17px]"
        />
        <span role="status" className="text-[15px] font-semibold">
          {heard}
        </span>
      </form>
      <table className="mt-3 w-full text-[14px]">
        <tbody>
          {open.map((l) => (
            <tr key={l.part} className="border-t border-manila-line">
              <td className="py-1.5 pr-3">
                <b>{l.name}</b>{' '}
                <span className="figure text-[12px] text-soft">
                  {l.part}, drawer {l.place}
                </span>
              </td>
              <td className="figure w-[110px] py-1.5 text-right">{l.open} open</td>
              <td className="w-[90px] py-1.5 pl-3">
                <input
                  aria-label={`Came: ${l.name}`}
                  inputMode="numeric"
                  value={counts[l.part] ?? ''}
                  placeholder="0"
                  onChange={(e) => setCounts({ ...counts, [l.part]: e.target.value.replace(/\D/g, '').slice(0, 4) })}
                  className="figure h-10 w-full border border-ink/60 bg-paper px-2 text-right text-[16px] font-semibold"
                />
              </td>
              <td className="w-[100px] py-1.5 pl-3">
                <input
                  aria-label={`Lot of ${l.name}`}
                  placeholder="lot"
                  maxLength={40}
                  value={lots[l.part] ?? ''}
                  onChange={(e) => setLots({ ...lots, [l.part]: e.target.value })}
                  className="h-10 w-full border border-ink/60 bg-paper px-2"
                />
              </td>
              <td className="w-[150px] py-1.5 pl-3">
                <input
                  aria-label={`Serial numbers of ${l.name}`}
                  placeholder="serials, parted by ,"
                  value={numbers[l.part] ?? ''}
                  onChange={(e) => setNumbers({ ...numbers, [l.part]: e.target.value })}
                  className="h-10 w-full border border-ink/60 bg-paper px-2"
                />
              </td>
              <td className="w-[50px] py-1.5 pl-3">
                <button
                  type="button"
                  className="min-h-10 underline underline-offset-2"
                  onClick={() => setCounts({ ...counts, [l.part]: String(l.open) })}
                >
                  all
                </button>
              </td>
            </tr>
          ))}
          {wrong.map((w, i) => {
            const change = (part: Partial<(typeof wrong)[number]>) => setWrong(wrong.map((x, n) => (n === i ? { ...x, ...part } : x)))
            return (
              <tr key={`w${i}`} className="border-t border-manila-line">
                <td className="py-1.5 pr-3">
                  <input
                    aria-label="What came wrong"
                    placeholder="part or what it is"
                    maxLength={40}
                    value={w.part}
                    onChange={(e) => change({ part: e.target.value })}
                    className="h-10 w-full border border-ink/60 bg-paper px-2"
                  />
                </td>
                <td className="w-[110px] py-1.5">
                  <span className="flex" role="radiogroup" aria-label="What is wrong">
                    {(['WRONG', 'DAMAGED'] as const).map((f) => (
                      <button
                        key={f}
                        type="button"
                        role="radio"
                        aria-checked={w.fault === f}
                        onClick={() => change({ fault: f })}
                        className={cx(
                          'h-10 flex-1 border border-ink/60 px-1 text-[12px] not-first:border-l-0',
                          w.fault === f ? 'bg-vermilion font-semibold text-paper' : '',
                        )}
                      >
                        {f.toLowerCase()}
                      </button>
                    ))}
                  </span>
                </td>
                <td className="py-1.5 pl-3">
                  <input
                    aria-label="How many are wrong"
                    inputMode="numeric"
                    value={w.count}
                    onChange={(e) => change({ count: e.target.value.replace(/\D/g, '').slice(0, 4) })}
                    className="figure h-10 w-full border border-ink/60 bg-paper px-2 text-right text-[16px] font-semibold"
                  />
                </td>
                <td className="py-1.5 pl-3" colSpan={3}>
                  <input
                    aria-label="Note to the supplier"
                    placeholder="note"
                    maxLength={300}
                    value={w.note}
                    onChange={(e) => change({ note: e.target.value })}
                    className="h-10 w-full border border-ink/60 bg-paper px-2"
                  />
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      {deliver.error && (
        <p role="alert" className="mt-3 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 text-[13.5px]">
          {deliver.error.message}
        </p>
      )}
      <div className="mt-4 flex gap-2">
        <Button
          disabled={lines.length === 0 || deliver.isPending}
          onClick={() =>
            deliver.mutate(
              { number: order.number, lines },
              {
                onSuccess: () => {
                  toast.done(`${lines.filter((l) => !l.fault).reduce((n, l) => n + l.count, 0)} pieces are in their drawers.`)
                  onClose()
                },
              },
            )
          }
        >
          Take in
        </Button>
        <Button look="quiet" onClick={() => setWrong([...wrong, { part: '', count: '1', fault: 'DAMAGED', note: '' }])}>
          Something is wrong or damaged
        </Button>
      </div>
    </Dialog>
  )
}
