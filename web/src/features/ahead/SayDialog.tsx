import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { date } from '../../quantity/units'
import { useToast } from '../../ui/toastContext'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { cx } from '../../ui/cx'
import type { Spot } from './SmallFloor'
import { useOutcome, useSay, type Ahead, type JobAhead, type Outcome } from './useAhead'
import { Scroller } from '../../ui/Scroller'

/** What the customer is told, and where, by whom and from when it is done; what that would change is told before it is saved. */
export function SayDialog({
  ahead,
  job,
  carriedTo,
  onClose,
}: {
  ahead: Ahead
  job: JobAhead
  /** Where it was carried on the floors; nothing of it is saved before it is said here. */
  carriedTo?: Spot
  onClose: () => void
}) {
  const toast = useToast()
  const say = useSay(job.job)
  // It builds on what stood there when it was begun.
  const [seen] = useState(job.said)
  const [said, setSaid] = useState<Schemas['SaidGiven']>({
    version: seen.version,
    promised: seen.promised,
    stand: carriedTo?.stand ?? seen.stand,
    person: seen.person,
    notBefore: carriedTo?.date ?? seen.notBefore,
    notOn: seen.notOn,
    notBy: seen.notBy,
  })
  const moved = (['stand', 'person', 'notBefore', 'notOn', 'notBy'] as const).some((part) => said[part] !== seen[part])
  const outcome = useOutcome(moved ? { said: { job: job.job, said } } : undefined)
  const change = (part: Partial<Schemas['SaidGiven']>) => setSaid({ ...said, ...part })
  const fault = (field: string) => {
    const found = say.error?.faults.find((f) => f.field === field)
    return found && `${found.given}: ${found.allowed}`
  }
  return (
    <Dialog open onClose={onClose} title={`${job.job} ${job.bike}`} hint="Every plan from now on goes by what is said here." wide>
      <form
        noValidate
        onSubmit={(e) => {
          e.preventDefault()
          say.mutate(said, {
            onSuccess: () => {
              toast.done(`Job ${job.job}: saved. The plan goes by it.`)
              onClose()
            },
          })
        }}
      >
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)] gap-8">
          <div className="space-y-3">
            <Field
              label="Promised to the customer for"
              type="date"
              autoFocus
              value={said.promised ?? ''}
              fault={fault('promised')}
              onChange={(e) => change({ promised: e.target.value || undefined })}
            >
              {job.safe && (
                <p className="mt-1 flex items-center gap-2 text-[13px] text-soft">
                  Safe to promise: {date(job.safe)}, most likely {job.likely && date(job.likely)}.
                  {said.promised !== job.safe && (
                    <button type="button" className="underline underline-offset-2" onClick={() => change({ promised: job.safe })}>
                      Take {date(job.safe)}
                    </button>
                  )}
                </p>
              )}
            </Field>
            <Field
              label="Not before"
              type="date"
              value={said.notBefore ?? ''}
              fault={fault('notBefore')}
              onChange={(e) => change({ notBefore: e.target.value || undefined })}
            />
            <Choice
              label="In the hands of"
              any="whoever is free first"
              value={said.person}
              all={ahead.people.map((p) => [p.name, p.name])}
              onChoose={(person) => change({ person })}
            />
            <Choice
              label="On stand"
              any="any that carries it"
              value={said.stand === undefined ? undefined : String(said.stand)}
              all={ahead.stands.map((s) => [String(s), String(s)])}
              onChoose={(stand) => change({ stand: stand === undefined ? undefined : Number(stand) })}
            />
            <div className="grid grid-cols-2 gap-4">
              <Never
                label="Never in the hands of"
                none="nobody is ruled out"
                value={said.notBy}
                all={ahead.people.map((p) => [p.name, p.name])}
                fault={fault('notBy')}
                onChoose={(notBy) => change({ notBy })}
              />
              <Never
                label="Never on stand"
                none="none is ruled out"
                value={said.notOn === undefined ? undefined : String(said.notOn)}
                all={ahead.stands.map((s) => [String(s), `stand ${s}`])}
                fault={fault('notOn')}
                onChoose={(stand) => change({ notOn: stand === undefined ? undefined : Number(stand) })}
              />
            </div>
          </div>
          <div>
            <h3 className="text-[15px]">What that changes</h3>
            {moved ? (
              <Changes outcome={outcome.data} error={outcome.error?.message} asking={outcome.isFetching} />
            ) : (
              <p className="mt-1 text-[13.5px] text-soft">
                A promise alone moves nothing before the next proposal. Name a day, hands or a stand, and what it breaks and costs is told
                here before anything is saved.
              </p>
            )}
          </div>
        </div>
        {say.error && !['promised', 'notBefore', 'notBy', 'notOn'].some(fault) && (
          <p role="alert" className="mt-3 font-semibold text-vermilion">
            {say.error.message}
          </p>
        )}
        <div className="mt-4 flex gap-3">
          <Button type="submit" disabled={say.isPending}>
            Save
          </Button>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
        </div>
      </form>
    </Dialog>
  )
}

/** What is ruled out: said seldom, so it takes no more room than a line. */
function Never({
  label,
  none,
  value,
  all,
  fault,
  onChoose,
}: {
  label: string
  none: string
  value: string | undefined
  all: [string, string][]
  fault: string | undefined
  onChoose: (value: string | undefined) => void
}) {
  return (
    <label className="block">
      <span className="label text-[14px]">{label}</span>
      <select
        value={value ?? ''}
        aria-invalid={fault ? true : undefined}
        onChange={(e) => onChoose(e.target.value || undefined)}
        className={cx('mt-0.5 h-9 w-full border bg-paper px-2 text-[14px]', fault ? 'border-2 border-vermilion' : 'border-soft/60')}
      >
        <option value="">{none}</option>
        {all.map(([v, name]) => (
          <option key={v} value={v}>
            {name}
          </option>
        ))}
      </select>
      {fault && (
        <span role="alert" className="text-[13px] font-semibold text-vermilion">
          {fault}
        </span>
      )}
    </label>
  )
}

function Choice({
  label,
  any,
  value,
  all,
  onChoose,
}: {
  label: string
  any: string
  value: string | undefined
  all: [string, string][]
  onChoose: (value: string | undefined) => void
}) {
  return (
    <fieldset>
      <legend className="label text-[14px]">{label}</legend>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {([[undefined, any], ...all] as [string | undefined, string][]).map(([v, name]) => (
          <button
            key={name}
            type="button"
            aria-pressed={value === v}
            onClick={() => onChoose(v)}
            className={cx('min-h-9 border px-3 text-[14px]', value === v ? 'border-ink bg-ink text-paper' : 'border-soft/60 bg-paper')}
          >
            {name}
          </button>
        ))}
      </div>
    </fieldset>
  )
}

/** What a supposition would change, the worst first. */
export function Changes({ outcome, error, asking }: { outcome: Outcome | undefined; error: string | undefined; asking: boolean }) {
  if (error)
    return (
      <p role="alert" className="mt-1 font-semibold text-vermilion">
        {error}
      </p>
    )
  if (!outcome) return <p className="mt-1 text-[13.5px] text-soft">Planning with it …</p>
  const nothing = outcome.moved.length === 0 && outcome.lacks.length === 0 && outcome.faults.length === 0
  return (
    <Scroller
      as="ul"
      aria-live="polite"
      className={cx('mt-1 max-h-[46vh] space-y-1 overflow-y-auto text-[13.5px]', asking && 'opacity-60')}
    >
      {[...outcome.faults, ...outcome.lacks].map((s) => (
        <li key={s} className="border-l-4 border-vermilion pl-2 font-semibold">
          {s}
        </li>
      ))}
      {outcome.moved.map((m) => (
        <li
          key={m.job}
          className={cx('border-l-4 pl-2', m.breaks ? 'border-vermilion font-semibold' : m.days > 0 ? 'border-paint' : 'border-line')}
        >
          {m.sentence}
        </li>
      ))}
      {nothing && <li className="text-soft">Nothing: no job is finished on another day, on another stand or in other hands.</li>}
      {!nothing && <li className="text-soft">Nobody else moves.</li>}
    </Scroller>
  )
}
