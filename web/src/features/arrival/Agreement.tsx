import { useState } from 'react'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { useArrivalCommands, type ArrivalSheet } from './useArrival'

/** What was there already, agreed with who brought the bike. */
export function Agreement({ sheet, mayWork }: { sheet: ArrivalSheet; mayWork: boolean }) {
  const { agree } = useArrivalCommands(sheet.job.number)
  const toast = useToast()
  const [changing, setChanging] = useState(false)
  const [form, setForm] = useState({
    odometerKm: sheet.agreed?.odometerKm?.toString() ?? '',
    frameNumber: sheet.agreed?.frameNumber ?? '',
    damage: sheet.agreed?.damage ?? '',
    agreedBy: sheet.agreed?.agreedBy ?? sheet.job.customer,
  })
  const fault = (field: string) => {
    const f = agree.error?.faults.find((one) => one.field.startsWith(field))
    return f && `${f.allowed}.`
  }
  if (sheet.agreed && !changing) {
    const a = sheet.agreed
    return (
      <section aria-label="Agreed" className="text-[13.5px]">
        <h2 className="text-[17px]">Agreed when it came</h2>
        <dl className="mt-1 grid grid-cols-[92px_1fr] gap-y-0.5">
          <dt className="text-[#5f5535]">Odometer</dt>
          <dd className="figure">{a.odometerKm === undefined ? 'none' : `${a.odometerKm} km`}</dd>
          <dt className="text-[#5f5535]">Frame</dt>
          <dd>{a.frameNumber || 'without number'}</dd>
          <dt className="text-[#5f5535]">Damage</dt>
          <dd>{a.damage || 'none'}</dd>
          <dt className="text-[#5f5535]">Agreed by</dt>
          <dd>
            {a.agreedBy}{' '}
            <span className="text-[#5f5535]">
              ({a.by}, {clock(a.at)})
            </span>
          </dd>
        </dl>
        {mayWork && (
          <button type="button" onClick={() => setChanging(true)} className="mt-1 min-h-8 font-semibold text-petrol underline">
            Note it again
          </button>
        )}
      </section>
    )
  }
  return (
    <form
      aria-label="Agreement"
      className="flex flex-col gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        agree.mutate(
          {
            odometerKm: form.odometerKm === '' ? undefined : Number(form.odometerKm),
            frameNumber: form.frameNumber,
            damage: form.damage,
            agreedBy: form.agreedBy,
          },
          {
            onSuccess: () => {
              setChanging(false)
              toast.done('Noted as agreed.')
            },
          },
        )
      }}
    >
      <h2 className="text-[17px]">Agree what is there already</h2>
      <div className="grid grid-cols-[96px_1fr] gap-2">
        <Field
          label="Odometer"
          hint="km"
          inputMode="numeric"
          value={form.odometerKm}
          onChange={(e) => setForm({ ...form, odometerKm: e.target.value.replace(/\D/g, '') })}
          fault={fault('odometerKm')}
        />
        <Field
          label="Frame number read"
          value={form.frameNumber}
          onChange={(e) => setForm({ ...form, frameNumber: e.target.value })}
          fault={fault('frameNumber')}
        />
      </div>
      <Field
        label="Damage"
        hint="scratches, dents, torn saddle"
        value={form.damage}
        onChange={(e) => setForm({ ...form, damage: e.target.value })}
        fault={fault('damage')}
      />
      <Field
        label="Agreed by"
        value={form.agreedBy}
        onChange={(e) => setForm({ ...form, agreedBy: e.target.value })}
        fault={fault('agreedBy')}
      />
      <Button type="submit" look="quiet" disabled={!mayWork || agree.isPending}>
        Note as agreed
      </Button>
    </form>
  )
}
