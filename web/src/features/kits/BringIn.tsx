import { useId, useState } from 'react'
import type { ProblemError } from '../../api/client'
import { useToast } from '../../ui/toastContext'
import { read } from './json'
import { useSaveBattery, useSaveSheet, useSetPrices, useShelf } from './useKits'

/** Files brought in: a kit's sheet, a battery's sheet, a price list. Each is taken whole or refused whole. */
export function BringIn({ onSheet }: { onSheet: (code: string) => void }) {
  const id = useId()
  const toast = useToast()
  const shelf = useShelf()
  const sheet = useSaveSheet()
  const battery = useSaveBattery()
  const prices = useSetPrices()
  const [refused, setRefused] = useState<string>()
  const failed = { onError: (e: ProblemError) => setRefused(e.message) }
  const take = async (file: File) => {
    setRefused(undefined)
    const text = await file.text()
    const root = read(text)
    const facts: Record<string, unknown> = typeof root === 'object' && root !== null && !Array.isArray(root) ? { ...root } : {}
    const code = typeof facts.code === 'string' ? facts.code : ''
    if (file.name.toLowerCase().endsWith('.csv')) {
      prices.mutate(text, { ...failed, onSuccess: (set) => toast.done(`${set.count} prices set.`) })
    } else if ('cellsInSeries' in facts) {
      battery.mutate(
        { text, reason: `brought in from ${file.name}`.slice(0, 400) },
        { ...failed, onSuccess: (b) => toast.done(`Battery ${b.code} is in.`) },
      )
    } else if (shelf.data?.sheets.some((s) => s.code === code)) {
      setRefused(`Sheet ${code} is here already: open it and change it there, so that nobody's work is written over. Nothing was saved.`)
    } else {
      sheet.mutate(
        { text, reason: `brought in from ${file.name}`.slice(0, 400) },
        {
          ...failed,
          onSuccess: (s) => {
            toast.done(`Sheet ${s.code} is in; it is matched from now on.`)
            onSheet(s.code)
          },
        },
      )
    }
  }
  return (
    <div className="mt-4">
      <label
        htmlFor={id}
        className="flex min-h-12 cursor-pointer items-center justify-center border border-dashed border-ink/60 px-3 text-[13.5px] hover:bg-paint-pale has-focus-visible:outline-3 has-focus-visible:outline-ink"
      >
        <input
          id={id}
          type="file"
          accept=".json,.csv,application/json,text/csv"
          className="sr-only"
          aria-label="Bring in a sheet or a price list"
          onChange={(e) => {
            const file = e.target.files?.[0]
            if (file) void take(file)
            e.target.value = ''
          }}
        />
        + Bring in a kit’s or battery’s sheet (JSON), or prices (CSV)
      </label>
      <p className="mt-1 text-[12.5px] text-soft">
        <a href="/api/prices" download className="underline underline-offset-2">
          Price list as CSV
        </a>
        : change it in a table and bring it in again.
      </p>
      {refused && (
        <p role="alert" className="mt-2 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-2 text-[13.5px] whitespace-pre-line">
          {refused}
        </p>
      )}
    </div>
  )
}
