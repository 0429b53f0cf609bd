import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useArrivalCommands, type PointView } from './useArrival'

/** The manager lifts a stop, on one of two grounds and with a reason. */
export function LiftDialog({ job, point, onClose }: { job: number; point: PointView | undefined; onClose: () => void }) {
  const { lift } = useArrivalCommands(job)
  const [ground, setGround] = useState<'MENDED' | 'ACCEPTED'>('MENDED')
  const [reason, setReason] = useState('')
  return (
    <Dialog open={point !== undefined} onClose={onClose} title={`Lift: ${point?.title ?? ''}`} hint={point?.now?.note}>
      {point && (
        <form
          onSubmit={(e) => {
            e.preventDefault()
            lift.mutate(
              { point: point.key, lift: ground, reason },
              {
                onSuccess: () => {
                  setReason('')
                  onClose()
                },
              },
            )
          }}
        >
          <div role="radiogroup" aria-label="On what ground" className="mb-3 flex flex-col gap-1.5">
            {(
              [
                ['MENDED', 'Mended or replaced, and looked at again'],
                ['ACCEPTED', 'Looked at again and judged acceptable'],
              ] as const
            ).map(([value, label]) => (
              <label key={value} className="flex min-h-9 items-center gap-2">
                <input
                  type="radio"
                  name="ground"
                  value={value}
                  checked={ground === value}
                  disabled={value === 'ACCEPTED' && point.grave}
                  onChange={() => setGround(value)}
                  className="size-4 accent-petrol"
                />
                {label}
              </label>
            ))}
            {point.grave && <p className="text-[13px] text-soft">Somebody may be hurt by this: it is mended, never just accepted.</p>}
          </div>
          <Field
            label="Reason"
            hint="what was done, or who judged it"
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            fault={lift.error?.message}
          />
          <div className="mt-4 flex gap-2">
            <Button type="submit" disabled={lift.isPending || reason.trim() === ''}>
              Lift the stop
            </Button>
            <Button look="quiet" onClick={onClose}>
              Leave it
            </Button>
          </div>
        </form>
      )}
    </Dialog>
  )
}
