import { useState } from 'react'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { cx } from '../../ui/cx'
import { useToast } from '../../ui/toastContext'
import { Changes } from './SayDialog'
import { useAgree, useOutcome, type Ahead } from './useAhead'
import { Scroller } from '../../ui/Scroller'

/** How many of each, in words. */
function inShort(moved: Ahead['proposal']['moved']): string {
  const of = (count: number, words: string) => (count === 0 ? [] : [`${count} ${words}`])
  return [
    ...of(moved.filter((m) => m.days < 0).length, 'finished earlier'),
    ...of(moved.filter((m) => m.days > 0).length, 'later'),
    ...of(moved.filter((m) => m.days === 0).length, 'on the same day with other hands or on another stand'),
  ].join(', ')
}

/** What the computer would do otherwise, a line for each job; the manager accepts all of it, some lines, or none. */
export function Proposal({ ahead, onClose }: { ahead: Ahead; onClose: () => void }) {
  const agree = useAgree()
  const toast = useToast()
  // What was seen is what is accepted: a newer proposal makes this one stale, and the server says so.
  const [seen] = useState(ahead.proposal)
  const [left, setLeft] = useState<number[]>([])
  const first = ahead.agreed === undefined
  const nothing = !first && seen.moved.length === 0
  const taken = seen.moved.map((m) => m.job).filter((n) => !left.includes(n))
  const some = !first && left.length > 0 && taken.length > 0
  const outcome = useOutcome(some ? { accepted: taken } : undefined)
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
      {!first && !nothing && (
        <div className={cx('grid gap-8', some && 'grid-cols-2')}>
          <fieldset className="min-w-0">
            <legend className="label text-[14px]">
              Accept: <span className="font-normal">{inShort(seen.moved)}</span>
            </legend>
            <Scroller as="ul" className="mt-1 max-h-[38vh] space-y-1 overflow-y-auto text-[13.5px]">
              {seen.moved.map((m) => (
                <li
                  key={m.job}
                  className={cx('border-l-4 pl-2', m.breaks ? 'border-vermilion' : m.days > 0 ? 'border-paint' : 'border-line')}
                >
                  <label className="flex cursor-pointer items-start gap-2">
                    <input
                      type="checkbox"
                      className="mt-0.5 size-4 shrink-0 accent-petrol"
                      checked={!left.includes(m.job)}
                      onChange={(e) => setLeft(e.target.checked ? left.filter((n) => n !== m.job) : [...left, m.job])}
                    />
                    <span className={cx(m.breaks && 'font-semibold', left.includes(m.job) && 'text-soft line-through')}>{m.sentence}</span>
                  </label>
                </li>
              ))}
            </Scroller>
          </fieldset>
          {some && (
            <div className="min-w-0">
              <h3 className="label text-[14px]">What then comes of it</h3>
              <Changes outcome={outcome.data} error={outcome.error?.message} asking={outcome.isFetching} />
            </div>
          )}
        </div>
      )}
      {ahead.since.length > 0 && (
        <>
          <h3 className="mt-3 text-[15px]">What came otherwise since it was agreed</h3>
          <Scroller as="ul" className="mt-1 max-h-[18vh] space-y-1 overflow-y-auto text-[13.5px]">
            {ahead.since.map((m) => (
              <li key={m.job} className={cx('border-l-4 pl-2', m.breaks ? 'border-vermilion font-semibold' : 'border-line')}>
                {m.sentence}
              </li>
            ))}
          </Scroller>
        </>
      )}
      <div className="mt-4 flex items-center gap-3">
        {!nothing && (
          <Button
            disabled={agree.isPending || (!first && taken.length === 0)}
            onClick={() =>
              agree.mutate(
                { key: seen.key, jobs: some ? taken : undefined },
                {
                  onSuccess: () => {
                    toast.done('The plan is agreed.')
                    onClose()
                  },
                },
              )
            }
          >
            {!some ? 'Accept it' : taken.length === 1 ? 'Accept this one' : `Accept these ${taken.length}`}
          </Button>
        )}
        <Button look="quiet" onClick={onClose}>
          {nothing ? 'Close' : 'Cancel'}
        </Button>
        {some && <span className="text-[13px] text-soft">What you leave out is proposed again as long as it is better.</span>}
      </div>
    </Dialog>
  )
}
