import { useId, useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { useBringIn } from './useStock'
import type { Schemas } from '../../api/client'
import { Scroller } from '../../ui/Scroller'

/** The drawers as a list, out and in; what a list would change is shown before anything is. */
export function ListDialog({ onClose }: { onClose: () => void }) {
  const id = useId()
  const may = useMay()
  const toast = useToast()
  const [csv, setCsv] = useState('')
  const [tried, setTried] = useState<Schemas['ListAnswer']>()
  const [reason, setReason] = useState('')
  const bring = useBringIn()
  const take = async (file: File) => {
    const text = await file.text()
    setCsv(text)
    setTried(undefined)
    bring.mutate({ csv: text, dryRun: true, reason: '' }, { onSuccess: setTried })
  }
  return (
    <Dialog open wide onClose={onClose} title="Lists" hint="Every part with its drawer, dimensions and count, as a table.">
      <a
        href="/api/parts/parts.csv"
        download
        className="inline-flex min-h-10 items-center border border-ink/70 px-4 text-[14px] font-semibold hover:bg-ink/5"
      >
        All drawers as CSV
      </a>
      {may('KEEP_DRAWERS') && (
        <>
          <label
            htmlFor={id}
            className="mt-3 flex min-h-14 cursor-pointer items-center justify-center border border-dashed border-ink/60 px-3 text-[13.5px] hover:bg-paint-pale has-focus-visible:outline-3 has-focus-visible:outline-ink"
          >
            <input
              id={id}
              type="file"
              accept=".csv,text/csv"
              className="sr-only"
              aria-label="Bring in a list of parts"
              onChange={(e) => {
                const file = e.target.files?.[0]
                if (file) void take(file)
                e.target.value = ''
              }}
            />
            + Bring a list in: first it is only tried
          </label>
          {bring.error && (
            <p role="alert" className="mt-3 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 text-[13.5px] whitespace-pre-line">
              {bring.error.message}
            </p>
          )}
          {tried && !bring.error && (
            <>
              <p className="mt-3 font-semibold">
                {tried.changes.length === 0
                  ? `${tried.lines} lines, and nothing is different.`
                  : `${tried.changes.length} of ${tried.lines} parts would change. Nothing is saved yet.`}
              </p>
              <Scroller as="ul" className="mt-1 max-h-[42vh] overflow-y-auto border-t border-manila-line text-[13px]">
                {tried.changes.map((c) => (
                  <li key={c.number} className="border-b border-manila-line py-1">
                    <b className="figure">{c.number}</b> {c.name} {c.added && <b className="tag bg-paint px-2 text-[12px]">new</b>}
                    {c.cells.map((cell) => (
                      <span key={cell.cell} className="ml-3 whitespace-nowrap">
                        <span className="text-soft">{cell.cell}</span>{' '}
                        <span className="figure">
                          {cell.before || '–'} → {cell.after || '–'}
                        </span>
                      </span>
                    ))}
                  </li>
                ))}
              </Scroller>
              {tried.changes.length > 0 && (
                <form
                  className="mt-3 flex items-end gap-3"
                  onSubmit={(e) => {
                    e.preventDefault()
                    bring.mutate(
                      { csv, dryRun: false, reason },
                      {
                        onSuccess: () => {
                          toast.done(`${tried.changes.length} parts changed.`)
                          onClose()
                        },
                      },
                    )
                  }}
                >
                  <Field
                    label="Reason"
                    hint="kept with every change"
                    maxLength={200}
                    value={reason}
                    onChange={(e) => setReason(e.target.value)}
                    className="flex-1"
                  />
                  <Button type="submit" disabled={reason.trim() === '' || bring.isPending}>
                    Bring it in
                  </Button>
                </form>
              )}
            </>
          )}
        </>
      )}
    </Dialog>
  )
}
