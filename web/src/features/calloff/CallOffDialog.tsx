import { useState } from 'react'
import { useNavigate } from 'react-router'
import type { Schemas } from '../../api/client'
import { minutes } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { AgreementFields, given, nobodyYet } from '../bill/Agreement'
import { useAsk, useTakingOff } from './useCallOff'

/** A customer does not want it any more: why, who said so, and what it brings. */
export function CallOffDialog({ job, onClose }: { job: Schemas['JobCard']; onClose: () => void }) {
  const navigate = useNavigate()
  const ask = useAsk(job.number)
  const off = useTakingOff(job.number).data
  const [reason, setReason] = useState('')
  const [said, setSaid] = useState(nobodyYet(job.customer))
  const agreement = given(said)
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Call off job ${job.number}`}
      hint="Nothing more can be added. The steps remove what is fitted; then you record the returns and settle the last bill."
    >
      {off && (
        <div className="mb-3 border-l-[5px] border-petrol pl-3 text-[14px]">
          {!off.may.allowed ? (
            <p role="alert" className="font-semibold text-vermilion">
              {off.may.reason}
            </p>
          ) : off.steps === 0 ? (
            <p>Nothing on the bike was changed: you can settle it now.</p>
          ) : (
            <p>
              <b className="figure">{off.steps}</b> steps to remove the kit and restore the bike, about {minutes(off.minutes)} by the book.
            </p>
          )}
          {off.stays.length > 0 && <p className="mt-1">These changes stay: {off.stays.join(' ')}</p>}
        </div>
      )}
      <form
        onSubmit={(e) => {
          e.preventDefault()
          if (agreement)
            ask.mutate({ reason: reason.trim(), agreement }, { onSuccess: () => void navigate(`/jobs/${job.number}/call-off`) })
        }}
      >
        <Field label="The customer’s reason" value={reason} maxLength={300} onChange={(e) => setReason(e.target.value)} autoFocus />
        <AgreementFields whose="Who told us" value={said} onChange={setSaid} />
        {ask.error && (
          <p role="alert" className="mt-2 font-semibold text-vermilion">
            {ask.error.message}
          </p>
        )}
        <div className="mt-4 flex gap-2">
          <Button
            type="submit"
            look="danger"
            disabled={reason.trim() === '' || !agreement || !off?.may.allowed || ask.isPending}
            className="min-h-11"
          >
            Call it off
          </Button>
          <Button look="quiet" onClick={onClose} className="min-h-11">
            Cancel
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
