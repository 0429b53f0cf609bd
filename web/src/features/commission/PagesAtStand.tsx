import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { cx } from '../../ui/cx'
import type { useCommissionCommands } from './useCommission'

/** The display's pages at the stand: what each is to be, and that it is. Codes are asked of the customer and shown to nobody. */
export function PagesAtStand({
  pages,
  editable,
  set,
}: {
  pages: Schemas['SettingView'][]
  editable: boolean
  set: Pick<ReturnType<typeof useCommissionCommands>, 'set' | 'asShown'>
}) {
  const [at, setAt] = useState<string>()
  const [value, setValue] = useState('')
  const open = pages.filter((p) => !p.by)
  const busy = set.set.isPending || set.asShown.isPending
  return (
    <section aria-label="Pages of the display" className="mt-3 bg-night-panel px-4 py-2.5">
      <div className="flex items-center gap-3">
        <h3 className="flex-1 text-[13px] font-normal text-night-soft">
          display, page by page · <b className="text-night-text">{pages.length - open.length}</b> of {pages.length} written down
        </h3>
        {editable && open.filter((p) => !p.hidden).length > 1 && (
          <button
            type="button"
            disabled={busy}
            onClick={() => set.asShown.mutate(undefined)}
            className="min-h-11 border border-night-soft px-3 text-[15px] font-semibold"
          >
            All set as shown
          </button>
        )}
      </div>
      <ul>
        {pages.map((p) => (
          <li key={p.page} data-page={p.page} className="flex min-h-13 items-center gap-4 border-t border-night py-1">
            <b className="figure w-9 text-[20px]">{p.page}</b>
            <p className="min-w-0 flex-1 text-[17px] leading-tight">
              {p.meaning}
              <span className="block text-[13px] text-night-soft">
                takes {p.allowed} · {p.ground}
              </span>
            </p>
            {at === p.page ? (
              <form
                className="flex gap-1.5"
                onSubmit={(e) => {
                  e.preventDefault()
                  set.set.mutate({ page: p.page, value }, { onSuccess: () => setAt(undefined) })
                }}
              >
                <input
                  aria-label={p.meaning}
                  autoFocus
                  maxLength={120}
                  value={value}
                  onChange={(e) => setValue(e.target.value)}
                  onKeyDown={(e) => e.key === 'Escape' && setAt(undefined)}
                  className="h-12 w-36 bg-paper px-2 text-[18px] text-ink"
                />
                <button
                  type="submit"
                  disabled={value.trim() === '' || busy}
                  className="min-h-12 bg-paint px-3.5 text-[16px] font-bold text-ink disabled:opacity-40"
                >
                  Set
                </button>
              </form>
            ) : (
              <>
                <button
                  type="button"
                  disabled={!editable}
                  aria-label={`other value: ${p.meaning}`}
                  onClick={() => {
                    setAt(p.page)
                    setValue(p.hidden ? '' : p.value)
                  }}
                  className="min-h-12 min-w-28 border-b border-night-soft px-2 text-right text-[19px] font-bold disabled:border-transparent"
                >
                  {p.hidden && !p.by ? 'enter it' : p.value}
                </button>
                {p.by ? (
                  <span className="w-24 text-[13px] text-night-soft">set by {p.by}</span>
                ) : (
                  <button
                    type="button"
                    aria-label={`it is set: ${p.meaning}`}
                    disabled={!editable || busy || p.hidden}
                    onClick={() => set.set.mutate({ page: p.page, value: p.value })}
                    className={cx('min-h-12 w-24 bg-paint text-[16px] font-bold text-ink disabled:opacity-40', p.hidden && 'invisible')}
                  >
                    It is set
                  </button>
                )}
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
