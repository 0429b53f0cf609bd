import { useState } from 'react'
import { Link } from 'react-router'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { useMay } from '../session/useSession'
import { useClaims, useSettle } from './useOrders'

/** What suppliers owe: open ones first. */
export function Claims() {
  const may = useMay()
  const claims = useClaims().data ?? []
  const settle = useSettle()
  const [at, setAt] = useState<number>()
  const [how, setHow] = useState('')
  if (claims.length === 0) return null
  return (
    <section aria-label="Claims" className="bg-paper px-5 pt-3 pb-4">
      <h2 className="text-[18px]">Claims</h2>
      <ul className="text-[13.5px]">
        {claims.map((c) => (
          <li key={c.id} className={cx('flex flex-wrap items-baseline gap-x-3 border-t border-line py-1.5', c.settlement && 'text-soft')}>
            <b className="figure">{c.id}</b>
            <span className={cx('font-semibold', !c.settlement && c.blocks && 'text-vermilion')}>{c.text}</span>
            <span>
              {c.supplier}, {c.part}
              {c.job && (
                <>
                  ,{' '}
                  <Link to={`/jobs/${c.job}/kit-check`} className="underline underline-offset-2">
                    job {c.job}
                  </Link>
                </>
              )}
              {c.order && `, order ${c.order}`}
            </span>
            <span className="text-[12.5px] text-soft">
              {c.by}, {clock(c.at)} {c.note && `· ${c.note}`}
            </span>
            {c.settlement ? (
              <span className="ml-auto">
                {c.settlement} ({c.settledBy})
              </span>
            ) : may('SETTLE_CLAIM') && at !== c.id ? (
              <button
                type="button"
                className="ml-auto min-h-8 underline underline-offset-2"
                onClick={() => {
                  setAt(c.id)
                  setHow('')
                }}
              >
                settle
              </button>
            ) : null}
            {at === c.id && !c.settlement && (
              <form
                className="flex w-full items-center gap-2 pt-1"
                onSubmit={(e) => {
                  e.preventDefault()
                  settle.mutate({ id: c.id, how })
                }}
              >
                <input
                  aria-label="What came of it"
                  placeholder="what came of it: sent after, credited…"
                  maxLength={300}
                  autoFocus
                  value={how}
                  onChange={(e) => setHow(e.target.value)}
                  className="h-9 flex-1 border border-ink/60 bg-paper px-2"
                />
                <Button type="submit" className="min-h-9" disabled={how.trim() === '' || settle.isPending}>
                  Settled
                </Button>
              </form>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
