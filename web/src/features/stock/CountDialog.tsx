import { useState, type KeyboardEvent } from 'react'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { useToast } from '../../ui/toastContext'
import { useCount, type Row } from './useStock'

/**
 * One drawer counted without a look at what it should be: the number typed first, then what the ledger says. Enter goes to the next part; a difference is
 * explained before it counts.
 */
export function CountDialog({ place, rows, onClose }: { place: string; rows: Row[]; onClose: () => void }) {
  const toast = useToast()
  // What the drawers said when the count began: what moves meanwhile is not written over.
  const [begun] = useState(rows)
  const [counted, setCounted] = useState<Record<string, string>>({})
  const [why, setWhy] = useState<Record<string, string>>({})
  const save = useCount(place)
  const done = begun.filter((r) => (counted[r.number] ?? '') !== '')
  const differs = (r: Row) => Number(counted[r.number]) !== r.onHand
  const unexplained = done.filter((r) => differs(r) && !why[r.number]?.trim())
  const ready = done.length > 0 && unexplained.length === 0
  const send = () =>
    ready &&
    save.mutate(
      done.map((r) => ({ part: r.number, seen: r.onHand, counted: Number(counted[r.number]), reason: why[r.number]?.trim() ?? '' })),
      {
        onSuccess: (answer) => {
          const lost = answer.lost.map((l) => `job ${l.job} lost ${l.part}`).join(', ')
          if (lost) toast.refused(`Counted. Not there any more: ${lost}; to order now.`)
          else toast.done(`Drawer ${place} counted, ${done.length} of ${begun.length} ${begun.length === 1 ? 'part' : 'parts'}.`)
          onClose()
        },
      },
    )
  const next = (e: KeyboardEvent<HTMLInputElement>) => {
    if (e.key !== 'Enter') return
    e.preventDefault()
    if (e.ctrlKey) return void send()
    const fields = [...e.currentTarget.closest('form')!.querySelectorAll<HTMLElement>('input, button[type=submit]')]
    fields[fields.indexOf(e.currentTarget) + 1]?.focus()
  }
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title={`Count drawer ${place}`}
      hint="Type what lies there. Enter goes on, Ctrl Enter saves; what is left empty is not counted."
    >
      <form
        onSubmit={(e) => {
          e.preventDefault()
          send()
        }}
      >
        <ul className="border-t border-manila-line">
          {begun.map((r, i) => {
            const typed = (counted[r.number] ?? '') !== ''
            const off = typed && differs(r)
            return (
              <li
                key={r.number}
                className="grid grid-cols-[minmax(0,1fr)_92px_minmax(0,1.1fr)] items-center gap-4 border-b border-manila-line py-1.5"
              >
                <span>
                  <b>{r.name}</b> <span className="figure text-[12.5px] text-soft">{r.size || r.number}</span>
                </span>
                <input
                  aria-label={`How many ${r.name}`}
                  inputMode="numeric"
                  autoFocus={i === 0}
                  value={counted[r.number] ?? ''}
                  onKeyDown={next}
                  onChange={(e) => setCounted({ ...counted, [r.number]: e.target.value.replace(/\D/g, '').slice(0, 4) })}
                  className="figure h-11 border border-ink/60 bg-paper px-2.5 text-right text-[18px] font-semibold"
                />
                {off ? (
                  <span className="flex items-center gap-2">
                    <span className="figure text-[13px] font-semibold whitespace-nowrap text-vermilion">{r.onHand} expected</span>
                    <input
                      aria-label={`Why ${r.name} differs`}
                      placeholder="why: broken, lent, miscounted…"
                      maxLength={200}
                      value={why[r.number] ?? ''}
                      onKeyDown={next}
                      onChange={(e) => setWhy({ ...why, [r.number]: e.target.value })}
                      className="h-11 min-w-0 flex-1 border border-ink/60 bg-paper px-2.5"
                    />
                  </span>
                ) : (
                  <span className={cx('text-[13px]', typed ? 'text-petrol' : 'text-soft')}>
                    {typed ? 'as expected' : r.reserved > 0 ? `${r.reserved} held for jobs` : ''}
                  </span>
                )}
              </li>
            )
          })}
        </ul>
        {begun.length === 0 && <p className="py-3 text-soft">Nothing lies in this drawer.</p>}
        {save.error && (
          <p role="alert" className="mt-3 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 text-[13.5px]">
            {save.error.message}
          </p>
        )}
        <div className="mt-4 flex items-center gap-2">
          <Button type="submit" disabled={!ready || save.isPending}>
            Save the count
          </Button>
          <Button look="quiet" onClick={onClose}>
            Leave
          </Button>
          <span className="ml-2 text-[13px] text-soft">
            {unexplained.length > 0
              ? `${unexplained.length === 1 ? 'One difference is' : `${unexplained.length} differences are`} not explained yet.`
              : `${done.length} of ${begun.length} counted`}
          </span>
        </div>
      </form>
    </Dialog>
  )
}
