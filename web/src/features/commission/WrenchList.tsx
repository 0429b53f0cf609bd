import { useState } from 'react'
import { faultOf } from '../../api/client'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { useKeepWrench, useWrenches, type WrenchGiven } from './useCommission'

const NEW: WrenchGiven = { code: '', name: '', leastNm: 2, mostNm: 25, calibratedOn: '', dueOn: '' }

/** The shop's torque wrenches with the day each is due; one that is overdue still reads, and its readings say so for ever. */
export function WrenchList() {
  const [open, setOpen] = useState<WrenchGiven>()
  const may = useMay()
  return (
    <section className="mt-6">
      <div className="flex items-baseline gap-4">
        <h2 className="text-[20px]">Torque wrenches</h2>
        <p className="flex-1 text-[13.5px] text-soft">
          A reading taken with an overdue one is kept, and marked so in the history and on the papers.
        </p>
        {may('KEEP_WRENCHES') && (
          <Button look="quiet" onClick={() => setOpen(NEW)}>
            Add a wrench
          </Button>
        )}
      </div>
      <Loaded query={useWrenches()} what="The wrenches">
        {({ wrenches }) => (
          <ul className="mt-2 border-t border-ink">
            {wrenches.map((w) => (
              <li
                key={w.code}
                data-wrench={w.code}
                className={cx(
                  'grid grid-cols-[64px_minmax(0,1fr)_130px_150px_170px_92px] items-center gap-3 border-b border-line py-2',
                  w.overdue && 'bg-vermilion-pale',
                )}
              >
                <b className="figure pl-3 text-[17px]">{w.code}</b>
                <span>{w.name}</span>
                <span className="figure">
                  {w.leastNm}–{w.mostNm} N·m
                </span>
                <span className="text-[13.5px] text-soft">calibrated {day(w.calibratedOn)}</span>
                <span className={cx('text-[13.5px]', w.overdue ? 'font-bold text-vermilion' : 'text-soft')}>
                  {w.overdue ? 'overdue since' : 'due'} {day(w.dueOn)}
                </span>
                {may('KEEP_WRENCHES') && (
                  <Button
                    look="quiet"
                    onClick={() =>
                      setOpen({
                        code: w.code,
                        name: w.name,
                        leastNm: w.leastNm,
                        mostNm: w.mostNm,
                        calibratedOn: w.calibratedOn,
                        dueOn: w.dueOn,
                      })
                    }
                  >
                    Change
                  </Button>
                )}
              </li>
            ))}
            {wrenches.length === 0 && (
              <li className="py-3 text-soft">None yet. Without one, torques are still recorded, but not with what they were read.</li>
            )}
          </ul>
        )}
      </Loaded>
      {open && <WrenchDialog wrench={open} isNew={open === NEW} onClose={() => setOpen(undefined)} />}
    </section>
  )
}

function WrenchDialog({ wrench, isNew, onClose }: { wrench: WrenchGiven; isNew: boolean; onClose: () => void }) {
  const [draft, setDraft] = useState({ ...wrench, leastNm: String(wrench.leastNm), mostNm: String(wrench.mostNm) })
  const toast = useToast()
  const keep = useKeepWrench()
  const put = (change: Partial<typeof draft>) => setDraft({ ...draft, ...change })
  const fault = (field: string) => faultOf(keep.error, field)
  const complete =
    draft.code.trim() && draft.name.trim() && draft.calibratedOn && draft.dueOn && Number(draft.leastNm) > 0 && Number(draft.mostNm) > 0
  return (
    <Dialog
      open
      onClose={onClose}
      title={isNew ? 'A torque wrench' : `Wrench ${wrench.code}`}
      hint="As its paper says. What was read with it before stays as it was written."
    >
      <form
        className="grid grid-cols-2 gap-x-4 gap-y-3"
        onSubmit={(e) => {
          e.preventDefault()
          keep.mutate(
            { ...draft, code: draft.code.trim(), leastNm: Number(draft.leastNm), mostNm: Number(draft.mostNm) },
            {
              onSuccess: () => {
                toast.done(`Wrench ${draft.code.trim()} is written down.`)
                onClose()
              },
            },
          )
        }}
      >
        <Field
          label="Mark"
          value={draft.code}
          disabled={!isNew}
          maxLength={12}
          onChange={(e) => put({ code: e.target.value })}
          fault={fault('code')}
        />
        <Field label="Name" value={draft.name} maxLength={80} onChange={(e) => put({ name: e.target.value })} fault={fault('name')} />
        <Field
          label="Reads from"
          hint="N·m"
          inputMode="decimal"
          value={draft.leastNm}
          onChange={(e) => put({ leastNm: e.target.value })}
          fault={fault('least') ?? fault('leastNm')}
        />
        <Field
          label="to"
          hint="N·m"
          inputMode="decimal"
          value={draft.mostNm}
          onChange={(e) => put({ mostNm: e.target.value })}
          fault={fault('most') ?? fault('mostNm')}
        />
        <Field
          label="Calibrated on"
          type="date"
          value={draft.calibratedOn}
          onChange={(e) => put({ calibratedOn: e.target.value })}
          fault={fault('calibratedOn')}
        />
        <Field
          label="Due again on"
          type="date"
          value={draft.dueOn}
          onChange={(e) => put({ dueOn: e.target.value })}
          fault={fault('due') ?? fault('dueOn')}
        />
        <div className="col-span-2 mt-2 flex gap-2">
          <Button type="submit" disabled={!complete || keep.isPending}>
            Write it down
          </Button>
          <Button look="quiet" onClick={onClose}>
            Leave it
          </Button>
        </div>
      </form>
    </Dialog>
  )
}

function day(date: string): string {
  return new Date(`${date}T12:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
}
