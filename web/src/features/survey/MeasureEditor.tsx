import { useEffect, useRef, useState } from 'react'
import { MeasureSketch } from '../../drawing/MeasureSketch'
import { clock, length, type Units } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { useMeasure, type Catalogue, type MeasureField } from './useSheet'

/** One measure being taken: how, where, with what, usual values by one tap; Enter saves and goes to the next open one. */
export function MeasureEditor({
  job,
  field,
  catalogue,
  units,
  onSaved,
}: {
  job: number
  field: MeasureField
  catalogue: Catalogue
  units: Units
  onSaved: () => void
}) {
  const { card, taken } = field
  const [text, setText] = useState('')
  const [tool, setTool] = useState(card.tool)
  const measure = useMeasure(job)
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const input = box.current?.querySelector<HTMLElement>('input') ?? box.current?.querySelector<HTMLElement>('button')
    input?.focus({ preventScroll: true })
    box.current?.scrollIntoView({ block: 'nearest' })
  }, [field.key])
  const save = (value: string, sure = false) => {
    if (value.trim() === '') return
    setText(value)
    measure.mutate({ key: field.key, text: value, tool, seen: taken?.id ?? 0, sure }, { onSuccess: onSaved })
  }
  const choice = card.answer === 'CHOICE'
  const sketch = catalogue.sketches.find((s) => s.view === card.view)
  const doubt = measure.error?.faults.some((f) => f.field === 'sure')
  return (
    <div ref={box} className="border-t-2 border-paint bg-paint-pale px-4 pt-2.5 pb-3">
      <div className="flex gap-3">
        <div className="min-w-0 flex-1">
          <p className="text-[13.5px]">{card.how}</p>
          {field.holdsUp.length > 0 && <p className="mt-0.5 text-[12.5px] text-petrol">Holds up {field.holdsUp.join(', ')}.</p>}
          <div className="mt-2 flex flex-wrap gap-1.5">
            {card.options.map((o) => (
              <button
                key={o.code}
                type="button"
                data-option={o.code}
                onClick={() => save(o.code)}
                className={cx('min-h-9 border border-ink/50 bg-paper px-3 hover:bg-ink hover:text-paper', !choice && 'figure')}
              >
                {o.length !== undefined && units === 'imperial' ? length(o.length, units) : o.label}
              </button>
            ))}
          </div>
        </div>
        {sketch && <MeasureSketch sketch={sketch.drawing} from={card.from} to={card.to} label={card.title} width={132} height={136} />}
      </div>
      {!choice && (
        <form
          className="mt-2 flex items-center gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            save(text)
          }}
        >
          <input
            aria-label={`${card.title}, value`}
            aria-invalid={measure.isError || undefined}
            value={text}
            onChange={(e) => {
              setText(e.target.value)
              measure.reset()
            }}
            placeholder={taken?.text ?? card.example}
            title={`Possible: ${card.possible}`}
            className={cx(
              'figure h-10 w-[150px] border bg-paper px-2.5 text-[16px]',
              measure.isError ? 'border-2 border-vermilion' : 'border-ink/60',
            )}
          />
          <select
            aria-label="measured with"
            value={tool}
            onChange={(e) => setTool(e.target.value as typeof tool)}
            className="h-10 min-w-0 flex-1 border border-ink/60 bg-paper px-2"
          >
            {card.tools.map((t) => (
              <option key={t.tool} value={t.tool}>
                {t.label} {t.uncertainty}
              </option>
            ))}
          </select>
          <Button type="submit" hotkey="↵" disabled={text.trim() === '' || measure.isPending}>
            Save
          </Button>
        </form>
      )}
      {measure.isError && (
        <div role="alert" className={cx('mt-1.5 text-[13.5px] font-semibold', doubt ? 'text-ink' : 'text-vermilion')}>
          {measure.error.message}
          {doubt && (
            <Button look="quiet" className="mt-1.5 block" onClick={() => save(text, true)}>
              Yes, {text} it is
            </Button>
          )}
        </div>
      )}
      {taken?.confirm && (
        <p className="mt-2 flex items-center gap-3 text-[13.5px]">
          <span>
            Another bike of this frame had <b>{taken.text}</b>. It counts once it is confirmed on this one.
          </span>
          <Button look="quiet" disabled={measure.isPending} onClick={() => save(taken.code)}>
            Confirm {taken.text}
          </Button>
        </p>
      )}
      {(taken || field.earlier.length > 0) && (
        <p className="mt-2 text-[12.5px] text-soft">
          {taken && `Now: ${taken.text}, ${taken.quality} (${taken.by}, ${clock(taken.at)}). `}
          {field.earlier.length > 0 &&
            `Before: ${field.earlier
              .slice(-4)
              .reverse()
              .map((t) => `${t.text}, ${t.quality} (${t.by}, ${clock(t.at)})`)
              .join(' · ')}`}
        </p>
      )}
    </div>
  )
}
