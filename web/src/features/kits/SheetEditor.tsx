import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { SheetBody } from './SheetBody'
import { read, written } from './json'
import { useForms } from './useForms'
import { useSaveBattery, useSaveSheet } from './useKits'

/** One sheet: its figures as a form, or its text; saved whole with a reason, refused whole with line and reason. */
export function SheetEditor({ sheet, of = 'kit' }: { sheet: Schemas['SheetText']; of?: 'kit' | 'battery' }) {
  const may = useMay()
  const toast = useToast()
  const [text, setText] = useState(sheet.text)
  const [asText, setAsText] = useState(false)
  const [reason, setReason] = useState('')
  const saveKit = useSaveSheet()
  const saveBattery = useSaveBattery()
  const save = of === 'kit' ? saveKit : saveBattery
  const changed = text !== sheet.text
  const forms = useForms()
  const download = () => {
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
    link.download = `${sheet.code}.json`
    link.click()
    URL.revokeObjectURL(link.href)
  }
  return (
    <section aria-label={`Sheet ${sheet.code}`} className="min-w-0">
      <div className="flex items-end gap-3">
        <h2 className="text-[22px]">
          {of === 'kit' ? 'Sheet' : 'Battery'} <span className="figure">{sheet.code}</span>{' '}
          <span className="text-[14px] font-normal text-soft">version {sheet.version}</span>
        </h2>
        <span className="ml-auto flex gap-1 text-[13.5px]" role="radiogroup" aria-label="Shown as">
          {(
            [
              ['Form', false],
              ['Text', true],
            ] as const
          ).map(([name, on]) => (
            <button
              key={name}
              type="button"
              role="radio"
              aria-checked={asText === on}
              onClick={() => setAsText(on)}
              className={cx('min-h-9 px-3', asText === on ? 'bg-ink font-semibold text-paper' : 'hover:bg-ink/10')}
            >
              {name}
            </button>
          ))}
        </span>
        <Button look="quiet" className="min-h-9 py-1" onClick={download}>
          Export
        </Button>
        <a
          href={of === 'kit' ? '/api/kit-schema' : '/api/battery-schema'}
          target="_blank"
          rel="noreferrer"
          className="py-1.5 text-[13.5px] underline underline-offset-2"
        >
          Schema
        </a>
      </div>
      {may('KEEP_SHEETS') && (
        <form
          className={cx('sticky top-0 z-10 mt-2 flex items-end gap-3 px-4 py-2.5', changed ? 'bg-paint-pale' : 'bg-edge')}
          onSubmit={(e) => {
            e.preventDefault()
            save.mutate(
              { text, seen: sheet.version, reason },
              { onSuccess: (s) => toast.done(`Sheet ${s.code} saved as version ${s.version}; every match is counted anew.`) },
            )
          }}
        >
          <Field
            label="Reason for the change"
            hint="kept with the version"
            value={reason}
            maxLength={400}
            onChange={(e) => setReason(e.target.value)}
            className="flex-1"
          />
          <Button type="submit" disabled={!changed || reason.trim() === '' || save.isPending}>
            Save the sheet
          </Button>
          <Button look="quiet" disabled={!changed} onClick={() => setText(sheet.text)}>
            As it was
          </Button>
        </form>
      )}
      {sheet.contradictions.length > 0 && (
        <ul aria-label="Contradictions" className="mt-2 border-l-[5px] border-paint bg-paint-pale px-3 py-2 text-[13.5px]">
          {sheet.contradictions.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      )}
      {save.error && (
        <p role="alert" className="mt-2 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 text-[13.5px] whitespace-pre-line">
          {save.error.message}
        </p>
      )}
      {asText || read(text) === undefined ? (
        <textarea
          aria-label="The sheet’s text"
          value={text}
          spellCheck={false}
          readOnly={!may('KEEP_SHEETS')}
          onChange={(e) => setText(e.target.value)}
          className="figure mt-3 h-[520px] w-full resize-y bg-paper px-4 py-3 text-[13px] leading-[1.45]"
        />
      ) : (
        <Loaded query={forms} what="The form">
          {(all) => (
            <SheetBody
              form={of === 'kit' ? all.kit : all.battery}
              text={text}
              mayEdit={may('KEEP_SHEETS')}
              tried={of === 'kit'}
              onChange={(v) => setText(written(v))}
            />
          )}
        </Loaded>
      )}
      {sheet.history.length > 0 && (
        <details className="mt-3 text-[13.5px]">
          <summary className="cursor-pointer font-semibold">History</summary>
          <ul>
            {sheet.history.map((c) => (
              <li key={c.version} className="border-b border-line py-1">
                <b className="figure">{c.version}</b> {c.reason}{' '}
                <span className="text-soft">
                  {c.by}, {clock(c.at)}
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  )
}
