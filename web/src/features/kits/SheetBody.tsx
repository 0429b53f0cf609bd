import { useEffect, useMemo, useState, type FocusEvent } from 'react'
import { DraftPanel, useDraft } from './DraftPanel'
import { FormFields, FormTelling } from './FormFields'
import { withField, type Form } from './form'
import { read, type Json } from './json'
import { titleAt } from './useForms'
import { Variants } from './Variants'

/** A sheet's figures as a form; beside it what is missing, what is wrong, and the kit tried on a bike. */
export function SheetBody({
  form,
  text,
  mayEdit,
  tried,
  onChange,
  onReady,
}: {
  form: Form
  text: string
  mayEdit: boolean
  tried: boolean
  onChange: (value: Json) => void
  /** Whether nothing is missing and nothing wrong, as far as was looked at. */
  onReady?: (ready: boolean) => void
}) {
  const [job, setJob] = useState<number>()
  const [at, setAt] = useState<{ title: string; uses: string }>()
  const look = (e: FocusEvent) => {
    const { title, uses } = e.target.closest<HTMLElement>('[data-uses]')?.dataset ?? {}
    if (title && uses) setAt({ title, uses })
  }
  const value = read(text) ?? {}
  const draft = useDraft(text, job, tried && mayEdit).data
  const ready = draft !== undefined && draft.gaps.length === 0 && draft.faults.length === 0
  useEffect(() => onReady?.(ready), [ready, onReady])
  const told = useMemo(
    () => ({
      mayEdit,
      faults: new Map(draft?.faults.map((f) => [f.path, f.reason])),
      keepsCode: onReady === undefined,
      missing: new Set(draft?.gaps.flatMap((g) => g.missing.map((m) => m.path))),
    }),
    [draft, mayEdit, onReady],
  )
  return (
    <div className={tried && mayEdit ? 'mt-3 grid grid-cols-[minmax(0,1fr)_290px] items-start gap-5' : 'mt-3'}>
      <div className="min-w-0 bg-paper px-4 py-3" onFocus={look}>
        <FormTelling told={told}>
          <FormFields form={form} value={value} path={[]} onChange={(v) => onChange(v ?? {})} />
          {tried && (
            <Variants form={form} sheet={value} mayEdit={mayEdit} onChange={(v) => onChange(withField(form, value, 'variants', v))} />
          )}
        </FormTelling>
      </div>
      {tried && mayEdit && (
        <aside
          aria-label="What the sheet says so far"
          className="sticky top-[92px] max-h-[calc(100vh-110px)] overflow-y-auto bg-paper px-3 py-2"
        >
          {at && (
            <p className="mb-2 border-b border-line pb-2 text-[13.5px]">
              <b>{at.title}</b> is for: {at.uses}.
            </p>
          )}
          <DraftPanel draft={draft} title={(path) => titleAt(form, value, path)} job={job} onJob={setJob} />
        </aside>
      )}
    </div>
  )
}
