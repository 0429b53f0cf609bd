import { Bike } from '../../drawing/Bike'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { PAINTS, type Draft, type Form } from './draft'

/** The bike itself: its kind by outline, maker, size, frame and paint. */
export function BikeFields({ choices, draft, known, fault, onChange }: { choices: Form; draft: Draft; known: boolean; fault: (field: string) => string | undefined; onChange: (change: Partial<Draft>) => void }) {
  return (
    <>
      <fieldset className="mt-3" disabled={known}>
        <legend className="label text-[14px]">What kind of bike is it?</legend>
        <div className="mt-1 grid grid-cols-6 gap-1.5">
          {choices.kinds.map((k) => (
            <label key={k.kind} className={cx('flex h-[116px] cursor-pointer flex-col items-center justify-end gap-0.5 border-2 px-1 pb-1 has-disabled:cursor-default has-focus-visible:outline-3 has-focus-visible:outline-ink', draft.kind === k.kind ? 'border-paint bg-paint-pale' : 'border-line bg-paper has-disabled:opacity-50')}>
              <input type="radio" name="kind" value={k.kind} checked={draft.kind === k.kind} onChange={() => onChange({ kind: k.kind })} className="sr-only" />
              <Bike drawing={k.drawing} paint={draft.paint} scale={0.066} maxWidth={118} maxHeight={82} fine={false} label={k.label} />
              <span className="text-center text-[12px] leading-[1.1] font-semibold">{k.label}</span>
            </label>
          ))}
        </div>
      </fieldset>
      <div className="mt-3 grid grid-cols-[1fr_92px_170px_auto] items-end gap-3">
        <Field label="Maker and model" value={draft.bike} disabled={known} onChange={(e) => onChange({ bike: e.target.value })} fault={fault('bike')} />
        <Field label="Size" value={draft.size} onChange={(e) => onChange({ size: e.target.value })} fault={fault('size')} />
        <Field label="Frame number" value={draft.frameNumber} onChange={(e) => onChange({ frameNumber: e.target.value })} fault={fault('frameNumber')} />
        <div>
          <span className="label block text-[14px]">Colour</span>
          <div className="mt-0.5 grid grid-cols-5 gap-1" role="radiogroup" aria-label="Colour of the frame">
            {PAINTS.map((p) => (
              <button key={p} type="button" role="radio" aria-checked={draft.paint === p} aria-label={`colour ${p}`} onClick={() => onChange({ paint: p })} className={cx('h-[18px] w-[26px]', draft.paint === p && 'outline-[3px] outline-offset-1 outline-paint')} style={{ background: p }} />
            ))}
          </div>
        </div>
      </div>
    </>
  )
}
