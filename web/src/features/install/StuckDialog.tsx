import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'

const USUAL = ['Does not align', 'A part is missing', 'A part is damaged', 'Wrong part', 'The customer must decide']

/** What stops it? One tap, or in words. */
export function StuckDialog({ open, onClose, onStuck }: { open: boolean; onClose: () => void; onStuck: (reason: string) => void }) {
  const [reason, setReason] = useState('')
  return (
    <Dialog open={open} onClose={onClose} title="What stops it?" hint="The manager sees it at once. What is done stays done.">
      <div className="flex flex-wrap gap-2">
        {USUAL.map((u) => (
          <button key={u} type="button" onClick={() => setReason((r) => (r ? `${u}: ${r}` : u))} className="min-h-12 border border-ink/60 bg-paper px-3.5 font-semibold">
            {u}
          </button>
        ))}
      </div>
      <form
        className="mt-3"
        onSubmit={(e) => {
          e.preventDefault()
          onStuck(reason)
        }}
      >
        <Field label="In words" value={reason} onChange={(e) => setReason(e.target.value)} maxLength={400} />
        <div className="mt-4 flex gap-2">
          <Button type="submit" look="danger" disabled={reason.trim() === ''} className="min-h-12">
            Mark it stuck
          </Button>
          <Button look="quiet" onClick={onClose} className="min-h-12">
            Not stuck
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
