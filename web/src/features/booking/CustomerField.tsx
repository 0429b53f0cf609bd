import { useState } from 'react'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { useKnown, type KnownCustomer } from './useBooking'

/** Who is on the phone: a known customer is found by name, phone, bike or frame number while one types. */
export function CustomerField({
  value,
  known,
  fault,
  onType,
  onChoose,
}: {
  value: string
  known: KnownCustomer | undefined
  fault: string | undefined
  onType: (text: string) => void
  onChoose: (customer: KnownCustomer) => void
}) {
  const [open, setOpen] = useState(false)
  const [at, setAt] = useState(-1)
  const found = useKnown(value, open && !known)
  const list = open && !known && value.trim().length > 1 ? (found.data ?? []) : []
  const choose = (customer: KnownCustomer | undefined) => {
    if (!customer) return
    onChoose(customer)
    setOpen(false)
    setAt(-1)
  }
  return (
    <div className="relative">
      <Field
        label="Customer"
        hint="name, phone, bike or frame number"
        role="combobox"
        aria-expanded={list.length > 0}
        aria-controls="known-customers"
        aria-autocomplete="list"
        autoComplete="off"
        autoFocus
        value={value}
        fault={fault}
        onChange={(e) => {
          onType(e.target.value)
          setOpen(true)
          setAt(-1)
        }}
        onBlur={() => setTimeout(() => setOpen(false), 150)}
        onKeyDown={(e) => {
          if (list.length === 0) return
          if (e.key === 'ArrowDown') setAt((i) => Math.min(i + 1, list.length - 1))
          else if (e.key === 'ArrowUp') setAt((i) => Math.max(i - 1, -1))
          else if (e.key === 'Enter' && at >= 0) {
            e.preventDefault()
            choose(list[at])
          } else if (e.key === 'Escape') {
            e.stopPropagation()
            setOpen(false)
          }
        }}
      />
      {list.length > 0 && (
        <ul
          id="known-customers"
          role="listbox"
          aria-label="Known customers"
          className="absolute top-full right-0 left-0 z-20 bg-paper ring-1 ring-ink"
        >
          {list.map((c, i) => (
            <li key={c.customerId} role="option" aria-selected={i === at}>
              <button
                type="button"
                tabIndex={-1}
                onMouseDown={() => choose(c)}
                className={cx('block w-full px-3 py-1.5 text-left hover:bg-paint-pale', i === at && 'bg-paint-pale')}
              >
                <b>{c.name}</b> <span className="text-soft">{c.contact}</span>
                <span className="block truncate text-[12.5px] text-soft">
                  {c.bikes.map((b) => `${b.bike} ${b.size}`.trim()).join(' · ') || 'no bike yet'}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}
