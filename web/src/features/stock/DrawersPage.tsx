import { useCallback, useDeferredValue, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useSearchParams } from 'react-router'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useSteady } from '../../ui/useSteady'
import { useMay } from '../session/useSession'
import { Cabinet, ranksOf } from './Cabinet'
import { CountDialog } from './CountDialog'
import { ListDialog } from './ListDialog'
import { PartDialog } from './PartDialog'
import { COLUMNS, PartsTable } from './PartsTable'
import { Trace } from './Trace'
import { useComing, useDrawers, type Row } from './useStock'
import { useKeys } from '../../ui/useKeys'

const NOTHING: Record<string, number> = {}

export function DrawersPage() {
  return (
    <Loaded query={useDrawers()} what="The drawers">
      {(rows) => <Drawers rows={rows} />}
    </Loaded>
  )
}

/** The cabinet's front and everything in it as a table; both filtered as one types. */
function Drawers({ rows }: { rows: Row[] }) {
  const coming = useComing().data ?? NOTHING
  const may = useMay()
  const [search, setSearch] = useSearchParams()
  const [text, setText] = useState(search.get('find') ?? '')
  const [place, setPlace] = useState(search.get('place') ?? '')
  const [low, setLow] = useState(false)
  const [at, setAt] = useState(0)
  const [counting, setCounting] = useState<string>()
  const [list, setList] = useState(false)
  const open = search.get('part') ?? ''
  const setOpen = (part: string) => setSearch(part === '' ? {} : { part }, { replace: true })
  const sought = useDeferredValue(text)
  const said = useMemo(() => rows.map((r) => `${r.place} ${r.number} ${r.name} ${r.size} ${r.supplier} ${r.usedAs}`.toLowerCase()), [rows])
  const found = useMemo(() => {
    const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
    return rows.filter((r, i) => (!low || r.low) && words.every((w) => said[i]!.includes(w)))
  }, [rows, said, sought, low])
  // The cabinet follows the table: hands look at the table while they type.
  const inCabinet = useDeferredValue(found)
  const ranks = useMemo(() => ranksOf(rows), [rows])
  const shown = useMemo(() => (place === '' ? found : found.filter((r) => r.place === place)), [found, place])
  const choose = useCallback((p: string) => {
    setPlace(p)
    setAt(0)
  }, [])
  const here = Math.min(at, shown.length - 1)
  const go = (to: number) => setAt(Math.max(0, Math.min(shown.length - 1, to)))
  const keys = useSteady((e: KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowUp: -1, PageDown: 15, PageUp: -15 }[e.key]
    if (step !== undefined) {
      e.preventDefault()
      go(here + step)
    } else if (e.key === 'Enter' && shown[here]) {
      e.preventDefault()
      setOpen(shown[here].number)
    }
  })
  const pick = useSteady((to: number) => {
    setAt(to)
    if (shown[to]) setOpen(shown[to].number)
  })
  const none = useMemo(
    () => (
      <Trace
        text={sought.trim()}
        onPart={(part) => setSearch({ part }, { replace: true })}
        none={
          rows.length === 0
            ? 'No drawer is set up yet: bring a list in, or add the first part.'
            : low
              ? 'Nothing of this runs low.'
              : `Nothing is called “${sought}”${place && ` in drawer ${place}`}.`
        }
      />
    ),
    [sought, rows.length, low, place, setSearch],
  )
  const filter = useRef<HTMLInputElement>(null)
  useKeys('f', (e) => {
    e.preventDefault()
    filter.current?.focus()
  })
  const countHere = () => may('KEEP_DRAWERS') && shown[here] && setCounting(place || shown[here].place)
  useHotkeys('alt+c', countHere, { enableOnFormTags: true, preventDefault: true })
  const lowOnes = useMemo(() => rows.filter((r) => r.low).length, [rows])
  return (
    <div className="grid flex-1 grid-cols-[252px_minmax(0,1fr)] gap-5 px-6 pt-4 pb-4">
      <div>
        <h1 className="mb-3 text-[26px]">Drawers</h1>
        <Cabinet rows={inCabinet} ranks={ranks} chosen={place} onChoose={choose} />
      </div>
      <div className="flex min-w-0 flex-col">
        <div className="flex items-end gap-3">
          <input
            ref={filter}
            aria-label="Filter the drawers"
            autoFocus
            placeholder="Type to filter: spacer 2.5, C12, a number …"
            value={text}
            onKeyDown={keys}
            onChange={(e) => {
              setText(e.target.value)
              setAt(0)
            }}
            className="h-10 w-[330px] border border-soft/60 bg-paper px-3 text-[15px]"
          />
          <label className="flex h-10 cursor-pointer items-center gap-2 text-[13.5px]">
            <input type="checkbox" className="size-4 accent-petrol" checked={low} onChange={(e) => setLow(e.target.checked)} />
            runs low <span className="figure text-soft">{lowOnes}</span>
          </label>
          <span className="ml-auto flex gap-2">
            {may('KEEP_DRAWERS') && (
              <Button look="quiet" hotkey="Alt C" className="min-h-10 py-1" disabled={shown.length === 0} onClick={countHere}>
                Count {place || shown[here]?.place || 'a drawer'}
              </Button>
            )}
            {may('KEEP_DRAWERS') && (
              <Button look="quiet" className="min-h-10 py-1" onClick={() => setOpen('+')}>
                New part
              </Button>
            )}
            {place !== '' && (
              <a
                href={`/api/drawers/places/${encodeURIComponent(place)}/labels.pdf`}
                target="_blank"
                rel="noreferrer"
                className="inline-flex min-h-10 items-center border border-ink/70 px-4 text-[14px] font-semibold hover:bg-ink/5"
              >
                Labels
              </a>
            )}
            <Button look="quiet" className="min-h-10 py-1" onClick={() => setList(true)}>
              Lists
            </Button>
          </span>
        </div>
        <div className={cx(COLUMNS, 'label mt-3 border-b-2 border-ink bg-paper py-1.5 pr-6 text-[13px]')}>
          <span>Drawer</span>
          <span>Part</span>
          <span>Number</span>
          <span className="flex items-center gap-1.5 font-normal [font-stretch:90%]">
            <i className="inline-block size-2.5 bg-ink" /> free <i className="ml-1 inline-block size-2.5 bg-paint" /> held{' '}
            <i className="ml-1 inline-block size-2.5 border border-dashed border-petrol" /> coming{' '}
            <i className="ml-1 inline-block h-3 w-[2px] bg-pencil" /> wanted
          </span>
          <span className="text-right">On hand</span>
          <span className="text-right">Held</span>
          <span className="text-right">Free</span>
        </div>
        <PartsTable rows={shown} here={here} coming={coming} onKeys={keys} onPick={pick} none={none} />
        <p className="mt-1.5 flex gap-4 text-[12.5px] text-soft">
          <span className="figure">
            {shown.length} of {rows.length} parts
          </span>
          <span>
            <kbd className="figure">↑ ↓</kbd> choose · <kbd className="figure">Enter</kbd> open · <kbd className="figure">F</kbd> filter
          </span>
        </p>
      </div>
      {open !== '' && <PartDialog key={open} number={open === '+' ? '' : open} onClose={() => setOpen('')} onOpen={setOpen} />}
      {counting !== undefined && (
        <CountDialog place={counting} rows={rows.filter((r) => r.place === counting)} onClose={() => setCounting(undefined)} />
      )}
      {list && <ListDialog onClose={() => setList(false)} />}
    </div>
  )
}
