import { useState } from 'react'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { useCurrency, useMay } from '../session/useSession'
import { useSavePart, type PartView } from './useStock'

const FIELDS: [string, string, string, number][] = [
  ['name', 'Name', '', 6],
  ['used as', 'Used as', 'what checks look for', 3],
  ['place', 'Drawer', '', 3],
  ['thickness', 'Thickness', 'mm', 3],
  ['plus-minus', 'Tolerance ±', 'mm', 3],
  ['inner', 'Bore', 'mm', 3],
  ['outer', 'Outer Ø', 'mm', 3],
  ['length', 'Length', 'mm', 3],
  ['from', 'Takes from', 'mm', 3],
  ['to', 'Takes to', 'mm', 3],
  ['amperes', 'Carries', 'A', 3],
  ['plug', 'Plug', 'blade-pair 2 pins', 6],
  ['other plug', 'Other plug', '', 6],
  ['supplier', 'Bought from', '', 4],
  ['price', 'Price', 'each', 2],
  ['lead days', 'Comes in', 'days; 0 the supplier’s', 2],
  ['pack', 'Pack of', '', 2],
  ['minimum', 'At least', 'on hand', 2],
]

/** A part's sheet as fields; saved with a reason, every change kept. */
export function PartFields({ part, onSaved, onClose }: { part?: PartView; onSaved?: (number: string) => void; onClose?: () => void }) {
  const may = useMay()
  const money = useCurrency()
  const toast = useToast()
  const [number, setNumber] = useState('')
  const [cells, setCells] = useState<Record<string, string>>(part?.cells ?? {})
  const [reason, setReason] = useState('')
  const save = useSavePart()
  const changed = FIELDS.some(([cell]) => (cells[cell] ?? '') !== (part?.cells[cell] ?? ''))
  const faulty = save.error?.faults[0]?.field
  return (
    <form
      className="mt-3"
      onSubmit={(e) => {
        e.preventDefault()
        save.mutate(
          { number: part?.row.number ?? number.trim(), cells, seen: part?.version, reason },
          {
            onSuccess: (saved) => {
              toast.done(`${saved.row.name} saved.`)
              onSaved?.(saved.row.number)
            },
          },
        )
      }}
    >
      <div className="grid grid-cols-12 gap-x-4 gap-y-2">
        {!part && (
          <Field
            label="Number"
            value={number}
            maxLength={40}
            autoFocus
            onChange={(e) => setNumber(e.target.value)}
            className="col-span-3"
          />
        )}
        {FIELDS.map(([cell, label, hint, span]) => (
          <Field
            key={cell}
            label={label}
            hint={cell === 'price' ? `each, ${money}` : hint}
            readOnly={!may('KEEP_DRAWERS')}
            value={cells[cell] ?? ''}
            onChange={(e) => setCells({ ...cells, [cell]: e.target.value })}
            fault={faulty === cell ? save.error?.message : undefined}
            className={cx(
              span === 6
                ? 'col-span-6'
                : span === 4
                  ? 'col-span-4'
                  : span === 2
                    ? 'col-span-2'
                    : !part && cell === 'name'
                      ? 'col-span-9'
                      : 'col-span-3',
            )}
          />
        ))}
      </div>
      {save.error && (faulty === undefined || !FIELDS.some(([c]) => c === faulty)) && (
        <p role="alert" className="mt-3 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 text-[13.5px]">
          {save.error.message}
        </p>
      )}
      {may('KEEP_DRAWERS') && (
        <div className="mt-4 flex items-end gap-3">
          <Field
            label="Reason"
            hint="kept with the change"
            value={reason}
            maxLength={400}
            onChange={(e) => setReason(e.target.value)}
            className="flex-1"
          />
          <Button type="submit" disabled={!changed || reason.trim() === '' || (!part && number.trim() === '') || save.isPending}>
            Save the part
          </Button>
          {onClose && (
            <Button look="quiet" onClick={onClose}>
              Leave
            </Button>
          )}
        </div>
      )}
      {part && part.changes.length > 0 && (
        <ul className="mt-4 border-t border-manila-line text-[13px]" aria-label="Changes">
          {part.changes.map((c, i) => (
            <li key={i} className="border-b border-manila-line py-1">
              {c.changes} <b>{c.reason}</b>{' '}
              <span className="text-soft">
                {c.by}, {clock(c.at)}
              </span>
            </li>
          ))}
        </ul>
      )}
    </form>
  )
}
