import { useState } from 'react'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { serials } from './movements'
import { useMove, type Row, type Way } from './useStock'

const WAYS: [Way, string, string, string][] = [
  ['receipts', 'Delivery in', 'received', 'delivery note'],
  ['put-backs', 'Put back', 'put back', 'from where'],
  ['hand-overs', 'To a customer', 'handed over', 'spare, what is left of a pair'],
  ['scraps', 'Throw away', 'thrown away', 'why'],
]

/** What goes into the drawer or out of it without a job. */
export function MoveForm({ row }: { row: Row }) {
  const toast = useToast()
  const [way, setWay] = useState<Way>('receipts')
  const [count, setCount] = useState('')
  const [note, setNote] = useState('')
  const [lot, setLot] = useState('')
  const [numbers, setNumbers] = useState('')
  const [job, setJob] = useState('')
  const move = useMove(row.number)
  const [, , done, hint] = WAYS.find(([w]) => w === way)!
  return (
    <form
      className="mt-3 grid grid-cols-[auto_84px_minmax(0,1fr)_120px_auto] items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        move.mutate(
          { way, count: Number(count), note, lot, serials: way === 'receipts' ? serials(numbers) : [], job: Number(job) },
          {
            onSuccess: () => {
              toast.done(`${count} × ${row.name} ${done}.`)
              setCount('')
              setNote('')
              setNumbers('')
            },
          },
        )
      }}
    >
      <span className="flex h-10 text-[13.5px]" role="radiogroup" aria-label="Which way">
        {WAYS.map(([w, name]) => (
          <button
            key={w}
            type="button"
            role="radio"
            aria-checked={way === w}
            onClick={() => setWay(w)}
            className={cx(
              'border border-ink/60 px-2.5 not-first:border-l-0',
              way === w ? 'bg-ink font-semibold text-paper' : 'hover:bg-ink/10',
            )}
          >
            {name}
          </button>
        ))}
      </span>
      <Field
        label="How many"
        inputMode="numeric"
        value={count}
        onChange={(e) => setCount(e.target.value.replace(/\D/g, '').slice(0, 4))}
        autoFocus
      />
      <Field label="Note" hint={hint} maxLength={200} value={note} onChange={(e) => setNote(e.target.value)} />
      {way === 'receipts' ? (
        <Field label="Lot" maxLength={40} value={lot} onChange={(e) => setLot(e.target.value)} />
      ) : way === 'hand-overs' ? (
        <Field label="With job" inputMode="numeric" value={job} onChange={(e) => setJob(e.target.value.replace(/\D/g, '').slice(0, 9))} />
      ) : (
        <span />
      )}
      <Button
        type="submit"
        hotkey="↵"
        look={way === 'scraps' ? 'danger' : 'act'}
        disabled={count === '' || (way === 'hand-overs' && job === '') || (way === 'scraps' && note.trim() === '') || move.isPending}
      >
        {way === 'receipts' ? 'Take in' : way === 'scraps' ? 'Throw away' : way === 'hand-overs' ? 'Hand over' : 'Put back'}
      </Button>
      {way === 'receipts' && (
        <div className="col-span-5 -mt-1">
          <Field
            label="Serial numbers"
            hint="motors, batteries, displays: one for each piece, parted by commas; or none at all"
            value={numbers}
            onChange={(e) => setNumbers(e.target.value)}
          />
        </div>
      )}
      {move.error && (
        <p role="alert" className="col-span-5 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 text-[13.5px]">
          {move.error.message}
        </p>
      )}
    </form>
  )
}
