import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { useToast } from '../../ui/toastContext'
import { Changes } from './SayDialog'
import { useAgree, type Ahead } from './useAhead'

/** What the computer would do otherwise, in sentences; the manager accepts it or leaves it. */
export function Proposal({ ahead, onClose }: { ahead: Ahead; onClose: () => void }) {
  const agree = useAgree()
  const toast = useToast()
  const first = ahead.agreed === undefined
  const agreed = ahead.agreed && `Agreed by ${ahead.agreed.by}, ${clock(ahead.agreed.at)}.`
  return (
    <Dialog
      open
      onClose={onClose}
      title={first ? 'Agree on this plan' : 'A better plan is proposed'}
      hint={
        first
          ? 'So far the plan is a proposal, made anew with everything that happens. Once it is agreed, hands and stands stay as they are until you accept something else.'
          : `${agreed} Until you accept it, everybody works by what was agreed.`
      }
      wide
    >
      {!first && <Changes outcome={{ moved: ahead.proposal.moved, lacks: [], faults: [] }} error={undefined} asking={false} />}
      <div className="mt-4 flex gap-3">
        <Button
          disabled={agree.isPending || (!first && ahead.proposal.moved.length === 0)}
          onClick={() =>
            agree.mutate(ahead.proposal.key, {
              onSuccess: () => {
                toast.done('The plan is agreed.')
                onClose()
              },
            })
          }
        >
          Accept it
        </Button>
        <Button look="quiet" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </Dialog>
  )
}
