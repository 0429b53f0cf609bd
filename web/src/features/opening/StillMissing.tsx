import { useState } from 'react'
import { Link } from 'react-router'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/toastContext'
import { cx } from '../../ui/cx'
import { useMissing, useStarter, type Missing } from './useOpening'

const WHERE: Record<Missing['missing'][number]['key'], string> = {
  KITS: '/kits',
  PARTS: '/drawers',
  COUNTED: '/drawers',
  BOXES: '/drawers',
  SUPPLIERS: '/orders',
  TECHNICIANS: '/shop',
  HOURS: '/shop',
  SECOND_PERSON: '/shop',
  CODES: '/shop',
  WRENCHES: '/devices',
  ADDRESS: '/shop',
}
const SETS: Record<Missing['sets'][number], [string, string]> = {
  PARTS: ['Bring the starter parts', 'Washers, spacers, screws and ties in usual sizes: yours to count and price.'],
  KITS: ['Bring the example kits', 'Three sheets that nobody sells, to try with and to copy.'],
}
const LATER = 'yard.missing.later'

/** What a first bike would still stop at, each where it is done. @param always stays even where it was put off */
export function StillMissing({ always }: { always?: boolean }) {
  const found = useMissing().data
  const [later, setLater] = useState(localStorage.getItem(LATER) === 'yes')
  const starter = useStarter()
  const toast = useToast()
  if (!found || found.missing.length === 0 || (later && !always)) return null
  const about = (set: Missing['sets'][number]) => found.missing.some((m) => (set === 'KITS' ? m.key === 'KITS' : m.key === 'PARTS'))
  const sets = found.sets.filter(about)
  const stops = found.missing.filter((m) => m.stops).length
  return (
    <section aria-label="Before the first bike" className="mb-4 border-l-4 border-paint bg-paper px-4 pt-2.5 pb-3">
      <div className="flex items-baseline gap-4">
        <h2 className="text-[19px]">Before the first bike</h2>
        <p className="text-[13.5px] text-soft">
          {stops === 0
            ? 'Nothing stops it; these make it go better.'
            : `A bike would stop at ${stops} of these ${found.missing.length}; the others make it go better.`}
        </p>
        {!always && (
          <button
            type="button"
            className="ml-auto min-h-8 text-[13px] underline underline-offset-2"
            onClick={() => {
              localStorage.setItem(LATER, 'yes')
              setLater(true)
            }}
          >
            Later: it stays under People, stands and days
          </button>
        )}
      </div>
      <ol className="mt-1 grid grid-cols-2 gap-x-8 max-lg:grid-cols-1">
        {found.missing.map((m) => (
          <li key={m.key} className="flex min-h-11 items-center gap-3 border-t border-line py-1.5 text-[14px]">
            <span className={cx('label w-[52px] shrink-0 text-[12.5px]', m.stops ? 'text-vermilion' : 'text-soft')}>
              {m.stops ? 'needed' : 'useful'}
            </span>
            <span className="min-w-0">
              <Link to={WHERE[m.key]} className="font-semibold text-petrol underline underline-offset-2">
                {m.what}
              </Link>
              <span className="block text-[13px] text-soft">{m.why}</span>
            </span>
          </li>
        ))}
      </ol>
      {sets.length > 0 && (
        <div className="mt-2 flex flex-wrap gap-6 border-t border-line pt-2.5">
          {sets.map((set) => (
            <span key={set} className="flex items-center gap-3 text-[13px] text-soft">
              <Button
                look="quiet"
                className="min-h-9 py-1"
                disabled={starter.isPending}
                onClick={() =>
                  starter.mutate(set, {
                    onSuccess: (b) =>
                      toast.done(
                        set === 'PARTS' ? `${b.brought} kinds of parts are in the drawers’ list.` : `${b.brought} example kits came.`,
                      ),
                  })
                }
              >
                {SETS[set][0]}
              </Button>
              <span className="max-w-[34ch]">{SETS[set][1]}</span>
            </span>
          ))}
        </div>
      )}
    </section>
  )
}
