import { useEffect, useRef, useState } from 'react'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { useMeasure, type MeasureField } from './useSheet'

/** One measure being taken: how, with what, usual values by one tap; Enter saves and goes to the next open one. */
export function MeasureEditor({ job, field, onSaved }: { job: number; field: MeasureField; onSaved: () => void }) {
  const [text, setText] = useState('')
  const [tool, setTool] = useState(field.tool)
  const measure = useMeasure(job)
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    input.current?.focus()
  }, [field.key])
  const save = (value: string) => {
    if (value.trim() === '') return
    measure.mutate({ key: field.key, text: value, tool, seen: field.taken?.id ?? 0 }, { onSuccess: onSaved })
  }
  return (
    <div className="border-t-2 border-paint bg-paint-pale px-4 pt-2.5 pb-3">
      <p className="text-[13.5px]">{field.how}</p>
      <div className="mt-2 flex flex-wrap gap-1.5">
        {field.options.map((o) => (
          <button key={o.code} type="button" onClick={() => save(o.code)} className={cx('min-h-9 border border-ink/50 bg-paper px-3 hover:bg-ink hover:text-paper', !field.choice && 'figure')}>
            {o.label}
          </button>
        ))}
      </div>
      {!field.choice && (
        <form
          className="mt-2 flex items-center gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            save(text)
          }}
        >
          <input
            ref={input}
            aria-label={`${field.title}, value`}
            aria-invalid={measure.isError || undefined}
            value={text}
            onChange={(e) => setText(e.target.value)}
            placeholder={field.taken?.text ?? '27.2 or 1 3/8 in'}
            className={cx('figure h-10 w-[150px] border bg-paper px-2.5 text-[16px]', measure.isError ? 'border-2 border-vermilion' : 'border-ink/60')}
          />
          <select aria-label="measured with" value={tool} onChange={(e) => setTool(e.target.value as typeof tool)} className="h-10 min-w-0 flex-1 border border-ink/60 bg-paper px-2">
            {field.tools.map((t) => (
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
        <p role="alert" className="mt-1.5 text-[13.5px] font-semibold text-vermilion">
          {measure.error.message}
        </p>
      )}
      {field.earlier.length > 0 && (
        <p className="mt-2 text-[12.5px] text-soft">
          Before: {field.earlier.slice(-3).map((t) => `${t.text} (${t.by}, ${clock(t.at)})`).join(' · ')}
        </p>
      )}
    </div>
  )
}
