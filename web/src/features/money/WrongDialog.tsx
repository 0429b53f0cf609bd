import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { useWrong } from './useMoney'

/** An entry that was wrong is taken back by another; both stay to be read. */
export function WrongDialog({ job, receipt, onClose }: { job: number; receipt: string; onClose: () => void }) {
  const toast = useToast()
  const wrong = useWrong(job)
  const [reason, setReason] = useState('')
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Receipt ${receipt} is wrong`}
      hint="For an entry that never was like this. Money that really goes back to the customer is given back instead."
    >
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          wrong.mutate(
            { receipt, reason: reason.trim() },
            {
              onSuccess: () => {
                toast.done(`Receipt ${receipt} is taken back.`)
                onClose()
              },
            },
          )
        }}
      >
        <Field label="What was wrong" value={reason} maxLength={200} autoFocus onChange={(e) => setReason(e.target.value)} />
        {wrong.error && (
          <p role="alert" className="text-[13.5px] font-semibold text-vermilion">
            {wrong.error.message}
          </p>
        )}
        <div className="flex gap-2">
          <Button type="submit" look="danger" disabled={reason.trim() === '' || wrong.isPending}>
            Take it back
          </Button>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
