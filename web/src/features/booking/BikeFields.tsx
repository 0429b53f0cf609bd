import { Bike } from '../../drawing/Bike'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { PAINTS, type BikeDetails, type Form } from './draft'

/** The bike itself: its kind by outline, maker, size, frame and paint. */
export function BikeFields({
  choices,
  bike,
  known,
  fault,
  onChange,
}: {
  choices: Form
  bike: BikeDetails
  known: boolean
  fault: (field: string) => string | undefined
  onChange: (bike: BikeDetails) => void
}) {
  const set = (change: Partial<BikeDetails>) => onChange({ ...bike, ...change })
  return (
    <>
      <fieldset className="mt-3" disabled={known}>
        <legend className="label text-[14px]">What kind of bike is it?</legend>
        <div className="mt-1 grid grid-cols-6 gap-1.5">
          {choices.kinds.map((k) => (
            <label
              key={k.kind}
              className={cx(
                'flex h-[116px] cursor-pointer flex-col items-center justify-end gap-0.5 border-2 px-1 pb-1 has-disabled:cursor-default has-focus-visible:outline-3 has-focus-visible:outline-ink',
                bike.kind === k.kind ? 'border-paint bg-paint-pale' : 'border-line bg-paper has-disabled:opacity-50',
              )}
            >
              <input
                type="radio"
                name="kind"
                value={k.kind}
                checked={bike.kind === k.kind}
                onChange={() => set({ kind: k.kind })}
                className="sr-only"
              />
              <Bike drawing={k.drawing} paint={bike.paint} scale={0.066} maxWidth={118} maxHeight={82} fine={false} label={k.label} />
              <span className="text-center text-[12px] leading-[1.1] font-semibold">{k.label}</span>
            </label>
          ))}
        </div>
      </fieldset>
      <div className="mt-3 grid grid-cols-[1fr_92px_170px_auto] items-end gap-3">
        <Field
          label="Maker and model"
          value={bike.model}
          disabled={known}
          onChange={(e) => set({ model: e.target.value })}
          fault={fault('bike.model')}
        />
        <Field label="Size" value={bike.size} onChange={(e) => set({ size: e.target.value })} fault={fault('bike.size')} />
        <Field
          label="Frame number"
          value={bike.frameNumber}
          onChange={(e) => set({ frameNumber: e.target.value })}
          fault={fault('bike.frameNumber')}
        />
        <div>
          <span className="label block text-[14px]">Colour</span>
          <div className="mt-0.5 grid grid-cols-5 gap-1" role="radiogroup" aria-label="Colour of the frame">
            {PAINTS.map((p) => (
              <button
                key={p}
                type="button"
                role="radio"
                aria-checked={bike.paint === p}
                aria-label={`colour ${p}`}
                onClick={() => set({ paint: p })}
                className={cx('h-[18px] w-[26px]', bike.paint === p && 'outline-[3px] outline-offset-1 outline-paint')}
                style={{ background: p }}
              />
            ))}
          </div>
        </div>
      </div>
    </>
  )
}
