import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { cx } from '../../ui/cx'
import { useToast } from '../../ui/toastContext'
import { Changes } from './SayDialog'
import { useAgree, type Ahead } from './useAhead'

/** What the computer would do otherwise, in sentences; the manager accepts it or leaves it. */
export function Proposal({ ahead, onClose }: { ahead: Ahead; onClose: () => void }) {
  const agree = useAgree()
  const toast = useToast()
  const first = ahead.agreed === undefined
  const nothing = !first && ahead.proposal.moved.length === 0
  const agreed = ahead.agreed && `Agreed by ${ahead.agreed.by}, ${clock(ahead.agreed.at)}.`
  return (
    <Dialog
      open
      onClose={onClose}
      title={first ? 'Agree on this plan' : nothing ? 'No better plan was found' : 'A better plan is proposed'}
      hint={
        first
          ? 'So far the plan is a proposal, made anew with everything that happens. Once it is agreed, hands and stands stay as they are until you accept something else.'
          : nothing
            ? `${agreed} Everybody works by it.`
            : `${agreed} Until you accept it, everybody works by what was agreed.`
      }
      wide
    >
      {!first && !nothing && <Changes outcome={{ moved: ahead.proposal.moved, lacks: [], faults: [] }} error={undefined} asking={false} />}
      {ahead.since.length > 0 && (
        <>
          <h3 className="mt-3 text-[15px]">What came otherwise since it was agreed</h3>
          <ul className="mt-1 max-h-[30vh] space-y-1 overflow-y-auto text-[13.5px]">
            {ahead.since.map((m) => (
              <li key={m.job} className={cx('border-l-4 pl-2', m.breaks ? 'border-vermilion font-semibold' : 'border-line')}>
                {m.sentence}
              </li>
            ))}
          </ul>
        </>
      )}
      <div className="mt-4 flex gap-3">
        {!nothing && (
          <Button
            disabled={agree.isPending}
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
        )}
        <Button look="quiet" onClick={onClose}>
          {nothing ? 'Close' : 'Cancel'}
        </Button>
      </div>
    </Dialog>
  )
}
