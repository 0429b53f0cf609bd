import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { useKeepSupplier, useSuppliers } from './useOrders'

type Supplier = Schemas['Supplier']

/** Who sells to the shop: how long they take, how they kept their word, what is still open with them. */
export function Suppliers({ has }: { has: (said: string) => boolean }) {
  const may = useMay()
  const all = (useSuppliers().data ?? []).filter((s) => has(s.name))
  const [open, setOpen] = useState<Supplier>()
  if (all.length === 0) return null
  return (
    <section aria-label="Suppliers" className="mt-5 bg-paper px-5 pt-3 pb-4">
      <h2 className="text-[18px]">Suppliers</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(340px,1fr))] gap-x-7 text-[13.5px]">
        {all.map((s) => (
          <li key={s.name} data-supplier={s.name} className="border-t border-line py-1.5">
            <p className="flex items-baseline gap-2">
              <b className="min-w-0 flex-1">{s.name}</b>
              <span className="figure whitespace-nowrap">{s.leadDays > 0 ? `${s.leadDays} working days` : 'by the part'}</span>
              {may('ORDER') && (
                <button
                  type="button"
                  aria-label={`change ${s.name}`}
                  onClick={() => setOpen(s)}
                  className="min-h-8 underline underline-offset-2"
                >
                  change
                </button>
              )}
            </p>
            <p className="text-[12.5px] text-soft">
              {s.parts} {s.parts === 1 ? 'part' : 'parts'}
              {s.openOrders > 0 && `, ${s.openOrders} ${s.openOrders === 1 ? 'order' : 'orders'} open`}
              {s.openClaims > 0 && (
                <b className="text-vermilion">
                  , {s.openClaims} {s.openClaims === 1 ? 'claim' : 'claims'} open
                </b>
              )}
              . {s.record}
            </p>
            {s.note && <p className="text-[12.5px]">{s.note}</p>}
          </li>
        ))}
      </ul>
      {open && <SupplierDialog key={open.name} supplier={open} onClose={() => setOpen(undefined)} />}
    </section>
  )
}

function SupplierDialog({ supplier, onClose }: { supplier: Supplier; onClose: () => void }) {
  const toast = useToast()
  const keep = useKeepSupplier()
  const [lead, setLead] = useState(supplier.leadDays > 0 ? String(supplier.leadDays) : '')
  const [note, setNote] = useState(supplier.note)
  return (
    <Dialog
      open
      onClose={onClose}
      title={supplier.name}
      hint="The time holds for every part of theirs whose sheet names none of its own; dates and promises follow it."
    >
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          keep.mutate(
            { name: supplier.name, leadDays: Number(lead), note, seen: supplier.version },
            {
              onSuccess: () => {
                toast.done(`${supplier.name} saved.`)
                onClose()
              },
            },
          )
        }}
      >
        <Field
          label="Comes in, working days"
          hint="0 to 365; empty: each part’s own time"
          inputMode="numeric"
          autoFocus
          value={lead}
          onChange={(e) => setLead(e.target.value.replace(/\D/g, '').slice(0, 3))}
        />
        <Field
          label="Note"
          hint="whom to ask, least order, what to look at when it comes"
          maxLength={400}
          value={note}
          onChange={(e) => setNote(e.target.value)}
        />
        {supplier.changedAt && (
          <p className="text-[12.5px] text-soft">
            Last changed by {supplier.changedBy}, {clock(supplier.changedAt)}.
          </p>
        )}
        {keep.error && (
          <p role="alert" className="border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 text-[13.5px]">
            {keep.error.message}
          </p>
        )}
        <Button type="submit" hotkey="↵" className="justify-self-start" disabled={keep.isPending}>
          Save
        </Button>
      </form>
    </Dialog>
  )
}
