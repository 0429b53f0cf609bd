import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'

type Row = Schemas['DrawerRow']

export function DrawersPage() {
  const query = useQuery({ queryKey: ['drawers'], queryFn: () => answered(api.GET('/api/drawers')) })
  return (
    <Loaded query={query} what="The drawers">
      {(rows) => <Cabinet rows={rows} />}
    </Loaded>
  )
}

function Cabinet({ rows }: { rows: Row[] }) {
  const may = useMay()
  const [text, setText] = useState('')
  const [receiving, setReceiving] = useState<Row>()
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const shown = rows.filter((r) => words.every((w) => `${r.place} ${r.number} ${r.name}`.toLowerCase().includes(w)))
  const most = Math.max(1, ...rows.map((r) => r.onHand))
  return (
    <div className="px-6 pt-4 pb-6">
      <div className="flex items-end gap-6">
        <h1 className="text-[26px]">Drawers</h1>
        <input aria-label="Filter the drawers" autoFocus placeholder="Type to filter: spacer, C12, washer …" value={text} onChange={(e) => setText(e.target.value)} className="h-10 w-[360px] border border-soft/60 bg-paper px-3 text-[15px]" />
        <p className="pb-1 text-[13px] text-soft">
          <span className="mr-1 inline-block size-3 bg-ink align-[-1px]" /> free <span className="mr-1 ml-3 inline-block size-3 bg-paint align-[-1px]" /> held for a job
        </p>
      </div>
      <table className="mt-4 w-full bg-paper text-[14px]">
        <thead>
          <tr className="border-b-2 border-ink text-left text-[13px] [font-stretch:84%]">
            {['Drawer', 'Part', 'Number', 'Level', 'On hand', 'Held', 'Free', ''].map((h, i) => (
              <th key={i} className={cx('px-3 py-1.5', i >= 4 && i < 7 && 'text-right')}>
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map((r) => (
            <tr key={r.number} className="border-b border-line" data-part={r.number}>
              <td className="figure px-3 py-1.5 font-semibold">{r.place}</td>
              <td className="px-3 py-1.5">{r.name}</td>
              <td className="figure px-3 py-1.5 text-[12.5px] text-soft">{r.number}</td>
              <td className="w-[220px] px-3 py-1.5">
                <span className="flex h-3.5 bg-floor" role="img" aria-label={`${r.free} free, ${r.reserved} held`}>
                  <span className="bg-ink" style={{ width: `${(Math.max(0, r.free) / most) * 100}%` }} />
                  <span className="bg-paint" style={{ width: `${(r.reserved / most) * 100}%` }} />
                </span>
              </td>
              {[r.onHand, r.reserved, r.free].map((n, i) => (
                <td key={i} className={cx('figure px-3 py-1.5 text-right', i === 2 && 'font-bold', i === 2 && n <= 0 && 'text-vermilion')}>
                  {n}
                </td>
              ))}
              <td className="w-[110px] px-3 py-1 text-right">
                {may.keepStock && (
                  <button type="button" onClick={() => setReceiving(r)} className="min-h-8 border border-ink/60 px-2.5 text-[13px] font-semibold hover:bg-ink hover:text-paper">
                    Receive
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {shown.length === 0 && <p className="bg-paper px-3 py-4 text-soft">{rows.length === 0 ? 'No drawer is set up yet.' : `Nothing is called “${text}”.`}</p>}
      {receiving && <Receive key={receiving.number} row={receiving} onClose={() => setReceiving(undefined)} />}
    </div>
  )
}

function Receive({ row, onClose }: { row: Row; onClose: () => void }) {
  const toast = useToast()
  const [count, setCount] = useState('')
  const [note, setNote] = useState('')
  const receive = useCommand(() => answered(api.POST('/api/drawers/{part}/receipts', { params: { path: { part: row.number } }, body: { count: Number(count), note } })), {
    answers: () => ['drawers'],
    quiet: true,
  })
  return (
    <Dialog open onClose={onClose} title={`Into drawer ${row.place}`} hint={`${row.name}, ${row.onHand} on hand`}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          receive.mutate(undefined, {
            onSuccess: () => {
              toast.done(`${count} × ${row.name} received.`)
              onClose()
            },
          })
        }}
      >
        <Field label="How many" inputMode="numeric" value={count} onChange={(e) => setCount(e.target.value.replace(/\D/g, ''))} autoFocus fault={receive.error?.message} />
        <Field label="Note" hint="delivery, supplier" value={note} onChange={(e) => setNote(e.target.value)} />
        <div className="flex gap-2">
          <Button type="submit" hotkey="↵" disabled={count === ''}>
            Receive
          </Button>
          <Button look="quiet" onClick={onClose}>
            Leave
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
