import { useState } from 'react'
import { faultOf } from '../../api/client'
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
  const toast = useToast()
  const choose = useChoosePin()
  const [password, setPassword] = useState('')
  const [pin, setPin] = useState('')
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        choose.mutate(
          { password, pin },
          {
            onSuccess: () => {
              toast.done('PIN saved.')
              onClose()
            },
          },
        )
      }}
    >
      <Field
        label="My password"
        type="password"
        autoComplete="current-password"
        autoFocus
        value={password}
        onChange={(e) => setPassword(e.target.value)}
        fault={choose.error && choose.error.status !== 422 ? choose.error.message : faultOf(choose.error, 'password')}
      />
      <Field
        label="New PIN"
        hint="four to eight digits"
        type="password"
        inputMode="numeric"
        autoComplete="off"
        value={pin}
        onChange={(e) => setPin(e.target.value)}
        fault={secretFault(choose.error?.faults, 'pin')}
      />
      <Buttons save="Save PIN" busy={choose.isPending} onClose={onClose} />
    </form>
  )
}

function NewPassword({ onClose }: { onClose: () => void }) {
  const toast = useToast()
  const choose = useChoosePassword()
  const [password, setPassword] = useState('')
  const [fresh, setFresh] = useState('')
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        choose.mutate(
          { password, fresh },
          {
            onSuccess: () => {
              toast.done('Password saved. Other devices are signed out.')
              onClose()
            },
          },
        )
      }}
    >
      <Field
        label="Password until now"
        type="password"
        autoComplete="current-password"
        autoFocus
        value={password}
        onChange={(e) => setPassword(e.target.value)}
        fault={choose.error && choose.error.status !== 422 ? choose.error.message : faultOf(choose.error, 'password')}
      />
      <Field
        label="New password"
        type="password"
        autoComplete="new-password"
        value={fresh}
        onChange={(e) => setFresh(e.target.value)}
        fault={secretFault(choose.error?.faults, 'fresh')}
      />
      <Buttons save="Save password" busy={choose.isPending} onClose={onClose} />
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
