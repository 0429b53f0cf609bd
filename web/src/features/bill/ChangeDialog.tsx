import { useState } from 'react'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { useDrawers } from '../stock/useStock'
import { useChange, type Bill, type Line } from './useBill'

type Kind = Line['changes'][number]

const WAYS: Record<Kind, [label: string, hint: string]> = {
  OTHER_PART: ['Another part', 'It goes on instead.'],
  OTHER_COUNT: ['Another count', 'The same part, more of it or fewer.'],
  LEFT_OUT: ['Leave it out', 'It stays on the bill with your reason, and costs nothing.'],
  ADDED: ['Add a part', 'It goes on with the step you choose.'],
}
const SHOWN = 6

/** The manager changes a line by hand, or adds a part. Steps that a changed part took part in are to be done again. */
export function ChangeDialog({
  job,
  line,
  mounting,
  onClose,
}: {
  job: number
  line?: Line
  mounting: Bill['mounting']
  onClose: () => void
}) {
  const ways: Kind[] = line ? line.changes : ['ADDED']
  const change = useChange(job)
  const toast = useToast()
  const [kind, setKind] = useState<Kind>(ways[0]!)
  const [part, setPart] = useState('')
  const [count, setCount] = useState(String(line?.count ?? 1))
  const [step, setStep] = useState('')
  const [reason, setReason] = useState('')
  const names = kind === 'OTHER_PART' || kind === 'ADDED'
  const counts = kind === 'OTHER_COUNT' || kind === 'ADDED'
  const ready =
    reason.trim() !== '' && (!names || part !== '') && (!counts || /^[1-9]\d?$/.test(count)) && (kind !== 'ADDED' || step !== '')
  return (
    <Dialog
      open
      onClose={onClose}
      title={line ? `Change: ${line.name}` : 'Add a part'}
      hint="It becomes the bill’s next revision. Whatever the part took part in is to be done again."
    >
      {line && (
        <div role="radiogroup" aria-label="What is changed" className="grid grid-cols-3 gap-2">
          {ways.map((k) => (
            <button
              key={k}
              type="button"
              role="radio"
              aria-checked={k === kind}
              onClick={() => setKind(k)}
              className={cx('min-h-11 border border-ink/60 px-2 font-semibold', k === kind ? 'bg-ink text-paper' : 'bg-paper')}
            >
              {WAYS[k][0]}
            </button>
          ))}
        </div>
      )}
      <p className="mt-2 text-[14px] text-soft">
        {kind === 'OTHER_PART' && line?.source === 'FROM_KIT'
          ? 'It goes on instead; what lay in the box for it goes back in the drawer.'
          : WAYS[kind][1]}
      </p>
      <form
        className="mt-3 grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          change.mutate(
            {
              kind,
              ordinal: line?.ordinal,
              reason: reason.trim(),
              ...(names && { part }),
              ...(counts && { count: Number(count) }),
              ...(kind === 'ADDED' && { step }),
            },
            {
              onSuccess: (answer) => {
                toast.done(`Revision ${answer.bill?.revision ?? ''} is made; parts and steps follow it.`)
                onClose()
              },
            },
          )
        }}
      >
        {names && <PickPart picked={part} onPick={setPart} />}
        <div className="grid grid-cols-[110px_minmax(0,1fr)] gap-3">
          {counts && <Field label="How many" inputMode="numeric" value={count} onChange={(e) => setCount(e.target.value)} />}
          {kind === 'ADDED' && (
            <label className="label block text-[14px]">
              Goes on with
              <select
                value={step}
                onChange={(e) => setStep(e.target.value)}
                className="mt-0.5 h-10 w-full border border-soft/60 bg-paper px-2 text-[15px] font-normal"
              >
                <option value="">choose a step…</option>
                {mounting.map((s) => (
                  <option key={s.key} value={s.key}>
                    {s.title}
                  </option>
                ))}
              </select>
            </label>
          )}
        </div>
        <Field label="Why" value={reason} maxLength={200} onChange={(e) => setReason(e.target.value)} />
        {change.error && (
          <p role="alert" className="font-semibold text-vermilion">
            {change.error.message}
          </p>
        )}
        <div className="flex gap-2">
          <Button type="submit" disabled={!ready || change.isPending} className="min-h-11">
            {line ? WAYS[kind][0] : 'Add it'}
          </Button>
          <Button look="quiet" onClick={onClose} className="min-h-11">
            Leave it as it is
          </Button>
        </div>
      </form>
    </Dialog>
  )
}

/** A part of the drawers, by a word of its name or its number. */
function PickPart({ picked, onPick }: { picked: string; onPick: (part: string) => void }) {
  const rows = useDrawers().data ?? []
  const [text, setText] = useState('')
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const found =
    words.length === 0
      ? []
      : rows.filter((r) => words.every((w) => `${r.number} ${r.name} ${r.usedAs}`.toLowerCase().includes(w))).slice(0, SHOWN)
  const chosen = rows.find((r) => r.number === picked)
  return (
    <div>
      <Field label="Which part" hint="a word of its name, or its number" autoFocus value={text} onChange={(e) => setText(e.target.value)} />
      {text === '' && chosen === undefined ? null : (
        <ul role="radiogroup" aria-label="Parts found" className="mt-1 border border-soft/40">
          {found.length === 0 && (
            <li className="px-2.5 py-1.5 text-[14px] text-soft">
              {words.length === 0 ? `${chosen?.name} goes on.` : 'Nothing in the drawers is called that.'}
            </li>
          )}
          {found.map((r) => (
            <li key={r.number}>
              <button
                type="button"
                role="radio"
                aria-checked={r.number === picked}
                onClick={() => onPick(r.number)}
                className={cx(
                  'flex min-h-9 w-full items-baseline gap-3 px-2.5 py-1 text-left text-[14px]',
                  r.number === picked ? 'bg-ink text-paper' : 'hover:bg-ink/10',
                )}
              >
                <span className="flex-1">{r.name}</span>
                <span className="figure text-[12.5px] opacity-80">
                  {r.number} · {r.free} free
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}
