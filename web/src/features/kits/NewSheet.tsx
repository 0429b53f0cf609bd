import { useEffect, useState } from 'react'
import type { Schemas } from '../../api/client'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { copied, empty, type Form } from './form'
import { read, written } from './json'
import { SheetBody } from './SheetBody'
import { useForms } from './useForms'
import { useSaveSheet } from './useKits'

const KEPT = 'yard.kit-begun'

/** What was begun on this device and not saved yet. */
export function begun(): string | undefined {
  return localStorage.getItem(KEPT) ?? undefined
}

/** A kit's sheet made by hand: from nothing, for one of the drives, or from a copy of another. */
export function NewSheet({ shelf, onSaved, onLeave }: { shelf: Schemas['Shelf']; onSaved: (code: string) => void; onLeave: () => void }) {
  const forms = useForms()
  const [text, setText] = useState(begun)
  useEffect(() => {
    if (text === undefined) localStorage.removeItem(KEPT)
    else localStorage.setItem(KEPT, text)
  }, [text])
  return (
    <Loaded query={forms} what="The form">
      {({ kit }) =>
        text === undefined ? (
          <Begin form={kit} shelf={shelf} onBegin={setText} onLeave={onLeave} />
        ) : (
          <Filling
            form={kit}
            text={text}
            onText={setText}
            onSaved={(code) => {
              setText(undefined)
              localStorage.removeItem(KEPT)
              onSaved(code)
            }}
          />
        )
      }
    </Loaded>
  )
}

function Begin({
  form,
  shelf,
  onBegin,
  onLeave,
}: {
  form: Form
  shelf: Schemas['Shelf']
  onBegin: (text: string) => void
  onLeave: () => void
}) {
  const drives = form.fields.find((f) => f.name === 'drive')?.choices ?? []
  const copy = async (code: string) => {
    const sheet = await answered(api.GET('/api/kits/{sheet}', { params: { path: { sheet: code } } }))
    const value = read(sheet.text)
    if (value !== undefined) onBegin(written(copied(value)))
  }
  return (
    <section aria-label="A new kit" className="min-w-0">
      <h2 className="text-[22px]">A new kit</h2>
      <p className="mt-1 max-w-[640px] text-[14px] text-soft">
        A sheet holds what the maker publishes. Have the maker’s sheet at hand, and a calliper. What you fill in is kept on this device
        until you save it.
      </p>
      <h3 className="mt-4 text-[16px]">From nothing: what pushes the bike?</h3>
      <ul className="mt-1 grid max-w-[760px] grid-cols-2 gap-2">
        {drives.map((d) => (
          <li key={d.value}>
            <button
              type="button"
              className="min-h-12 w-full border border-ink/60 bg-paper px-3 text-left text-[14.5px] font-semibold hover:bg-paint-pale"
              onClick={() => onBegin(written(empty(form, d.value)))}
            >
              {d.label.charAt(0).toUpperCase() + d.label.slice(1)}
            </button>
          </li>
        ))}
      </ul>
      <label className="mt-4 block max-w-[500px]">
        <span className="label text-[16px]">Or from a copy of</span>
        <select
          value=""
          onChange={(e) => void copy(e.target.value)}
          className="mt-1 h-10 w-full border border-soft/60 bg-paper px-2 text-[15px]"
        >
          <option value="">choose a sheet</option>
          {shelf.sheets.map((s) => (
            <option key={s.code} value={s.code}>
              {s.code} {s.maker} {s.name}
            </option>
          ))}
        </select>
      </label>
      <Button look="quiet" className="mt-5" onClick={onLeave}>
        Cancel
      </Button>
    </section>
  )
}

function Filling({
  form,
  text,
  onText,
  onSaved,
}: {
  form: Form
  text: string
  onText: (text: string | undefined) => void
  onSaved: (code: string) => void
}) {
  const toast = useToast()
  const save = useSaveSheet()
  const [ready, setReady] = useState(false)
  const throwAway = () => {
    onText(undefined)
    toast.done('The sheet you began is thrown away.', { label: 'Undo', run: () => onText(text) })
  }
  return (
    <section aria-label="A new kit" className="min-w-0">
      <div className="sticky top-0 z-10 flex items-center gap-3 bg-edge px-4 py-2">
        <h2 className="flex-1 text-[22px]">A new kit</h2>
        <span className="text-[13px] text-soft">
          {ready ? 'Nothing is missing.' : 'Kept on this device; it can be saved as soon as nothing is missing or wrong.'}
        </span>
        <Button
          disabled={!ready || save.isPending}
          onClick={() =>
            save.mutate(
              { text, reason: 'made by hand' },
              {
                onSuccess: (s) => {
                  toast.done(`Sheet ${s.code} is in; it is matched from now on.`)
                  onSaved(s.code)
                },
              },
            )
          }
        >
          Save the sheet
        </Button>
        <Button look="quiet" onClick={throwAway}>
          Throw it away
        </Button>
      </div>
      {save.error && (
        <p role="alert" className="mt-2 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 text-[13.5px] whitespace-pre-line">
          {save.error.message}
        </p>
      )}
      <SheetBody form={form} text={text} mayEdit tried onReady={setReady} onChange={(v) => onText(written(v))} />
    </section>
  )
}
