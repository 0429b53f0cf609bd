import { useState } from 'react'
import { Dialog } from '../../ui/Dialog'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Changes } from './SayDialog'
import { useOutcome, type Ahead, type Supposition } from './useAhead'

/** Tries what may happen, without saving anything. */
export function WhatIf({ ahead, onClose }: { ahead: Ahead; onClose: () => void }) {
  const nextOpen = ahead.days.find((d) => d.open && d.date > ahead.now.slice(0, 10))?.date ?? ahead.now.slice(0, 10)
  const [chosen, setChosen] = useState<[string, Supposition]>()
  const outcome = useOutcome(chosen?.[1])
  const ideas: [string, [string, Supposition][]][] = [
    [
      'Ill on the next working day',
      ahead.people
        .filter((p) => p.does)
        .map((p) => [p.name, { away: { person: p.name, from: nextOpen, to: nextOpen } }] as [string, Supposition]),
    ],
    ['A stand is out of use', ahead.stands.map((s) => [`stand ${s}`, { closedStand: s }] as [string, Supposition])],
    [
      'Done before all others',
      ahead.jobs.filter((j) => j.lacks === '').map((j) => [String(j.job), { first: j.job }] as [string, Supposition]),
    ],
  ]
  return (
    <Dialog open onClose={onClose} title="What if …" hint="Tried on the plan as it is. Nothing of it is saved." wide>
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)] gap-8">
        <div className="space-y-3">
          {ideas.map(([title, all]) => (
            <fieldset key={title}>
              <legend className="label text-[14px]">{title}</legend>
              <div className="mt-1 flex max-h-[150px] flex-wrap gap-1.5 overflow-y-auto">
                {all.map(([name, supposition]) => (
                  <button
                    key={name}
                    type="button"
                    aria-pressed={chosen?.[0] === `${title} ${name}`}
                    onClick={() => setChosen([`${title} ${name}`, supposition])}
                    className={cx(
                      'min-h-9 border px-2.5 text-[14px]',
                      chosen?.[0] === `${title} ${name}` ? 'border-ink bg-ink text-paper' : 'border-soft/60 bg-paper',
                    )}
                  >
                    <span className="figure">{name}</span>
                  </button>
                ))}
              </div>
            </fieldset>
          ))}
        </div>
        <div>
          <h3 className="text-[15px]">What would come of it</h3>
          {chosen ? (
            <Changes outcome={outcome.data} error={outcome.error?.message} asking={outcome.isFetching} />
          ) : (
            <p className="mt-1 text-[13.5px] text-soft">Choose something on the left.</p>
          )}
        </div>
      </div>
      <Button look="quiet" className="mt-4" onClick={onClose}>
        Close
      </Button>
    </Dialog>
  )
}
