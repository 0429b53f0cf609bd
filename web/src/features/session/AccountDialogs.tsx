import { useState } from 'react'
import { faultOf, type ProblemError } from '../../api/client'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { cx } from '../../ui/cx'
import { useChoosePassword, useChoosePin } from './useSession'

/** One's own password or PIN, each against the password as it is. */
export function OwnSecrets({ onClose }: { onClose: () => void }) {
  const [what, setWhat] = useState<'PIN' | 'password'>('PIN')
  return (
    <Dialog
      open
      onClose={onClose}
      title="My PIN and password"
      hint={
        what === 'PIN'
          ? 'The PIN hands a tablet over that somebody signed in at. It opens nothing else.'
          : 'At least 12 signs; four words in a row are easy to keep and hard to guess. Every other device you are signed in at is signed out.'
      }
    >
      <div role="radiogroup" aria-label="Change" className="mb-3 flex">
        {(['PIN', 'password'] as const).map((w) => (
          <button
            key={w}
            type="button"
            role="radio"
            aria-checked={what === w}
            onClick={() => setWhat(w)}
            className={cx('min-h-10 flex-1 border border-ink', what === w ? 'bg-ink font-semibold text-paper' : 'bg-paper')}
          >
            {w === 'PIN' ? 'PIN' : 'Password'}
          </button>
        ))}
      </div>
      {what === 'PIN' ? <NewPin key="pin" onClose={onClose} /> : <NewPassword key="password" onClose={onClose} />}
    </Dialog>
  )
}

/** A PIN of one’s own, for changing hands at one tablet. */
export function NewPin({ onClose }: { onClose: () => void }) {
  const choose = useChoosePin()
  return (
    <NewSecret
      field="pin"
      labels={{ now: 'My password', fresh: 'New PIN', hint: 'four to eight digits', save: 'Save PIN', done: 'PIN saved.' }}
      digits
      error={choose.error}
      busy={choose.isPending}
      onChoose={(password, pin, onSuccess) => choose.mutate({ password, pin }, { onSuccess })}
      onClose={onClose}
    />
  )
}

function NewPassword({ onClose }: { onClose: () => void }) {
  const choose = useChoosePassword()
  return (
    <NewSecret
      field="fresh"
      labels={{
        now: 'Password until now',
        fresh: 'New password',
        save: 'Save password',
        done: 'Password saved. Other devices are signed out.',
      }}
      error={choose.error}
      busy={choose.isPending}
      onChoose={(password, fresh, onSuccess) => choose.mutate({ password, fresh }, { onSuccess })}
      onClose={onClose}
    />
  )
}

/** Something secret is chosen against the password as it is. @param field as the server calls it */
function NewSecret({
  field,
  labels,
  digits,
  error,
  busy,
  onChoose,
  onClose,
}: {
  field: string
  labels: { now: string; fresh: string; hint?: string; save: string; done: string }
  digits?: boolean
  error: ProblemError | null
  busy: boolean
  onChoose: (password: string, fresh: string, onSuccess: () => void) => void
  onClose: () => void
}) {
  const toast = useToast()
  const [password, setPassword] = useState('')
  const [fresh, setFresh] = useState('')
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        onChoose(password, fresh, () => {
          toast.done(labels.done)
          onClose()
        })
      }}
    >
      <Field
        label={labels.now}
        type="password"
        autoComplete="current-password"
        autoFocus
        value={password}
        onChange={(e) => setPassword(e.target.value)}
        fault={error && error.status !== 422 ? error.message : faultOf(error, 'password')}
      />
      <Field
        label={labels.fresh}
        {...(labels.hint ? { hint: labels.hint } : {})}
        type="password"
        {...(digits ? { inputMode: 'numeric' as const } : {})}
        autoComplete={digits ? 'off' : 'new-password'}
        value={fresh}
        onChange={(e) => setFresh(e.target.value)}
        fault={secretFault(error?.faults, field)}
      />
      <Buttons save={labels.save} busy={busy} onClose={onClose} />
    </form>
  )
}

/** What was typed is never shown again, not in a fault either. */
function secretFault(faults: { field: string; allowed: string }[] | undefined, field: string) {
  const fault = faults?.find((f) => f.field === field)
  return fault && `Not possible: ${fault.allowed}.`
}

function Buttons({ save, busy, onClose }: { save: string; busy: boolean; onClose: () => void }) {
  return (
    <div className="flex gap-2">
      <Button type="submit" disabled={busy}>
        {save}
      </Button>
      <Button type="button" look="quiet" onClick={onClose}>
        Cancel
      </Button>
    </div>
  )
}
