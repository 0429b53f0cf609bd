import { useEffect, useMemo, useRef, useState } from 'react'
import { clock, type Units } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { MeasureEditor } from './MeasureEditor'
import type { Catalogue, MeasureField } from './useSheet'
import { Scroller } from '../../ui/Scroller'
import { useKeys } from '../../ui/useKeys'

const isOpen = (f: MeasureField) => !f.taken || f.taken.confirm

/** Measures in walking order: what kits wait for, what is drawn and what is taken; the rest on demand or by filter. */
export function MeasureList({
  job,
  fields,
  catalogue,
  drawn,
  clashing,
  selected,
  units,
  mayWork,
  onSelect,
}: {
  job: number
  fields: MeasureField[]
  catalogue: Catalogue
  drawn: string[]
  clashing: Set<string>
  selected: string | undefined
  units: Units
  mayWork: boolean
  onSelect: (key: string | undefined) => void
}) {
  const [all, setAll] = useState(false)
  const [filter, setFilter] = useState('')
  const search = useRef<HTMLInputElement>(null)
  useKeys('f', () => search.current?.focus())
  const words = filter.toLowerCase().split(/\s+/).filter(Boolean)
  const shown = useMemo(
    () =>
      fields.filter((f) =>
        words.length > 0
          ? words.every((w) =>
              `${f.card.title} ${f.key} ${f.card.how} ${f.card.tools.find((t) => t.tool === f.card.tool)?.label ?? ''}`
                .toLowerCase()
                .includes(w),
            )
          : all || f.taken || f.holdsUp.length > 0 || drawn.includes(f.key) || f.key === selected,
      ),
    [fields, words, all, drawn, selected],
  )
  useEffect(() => {
    if (selected) document.querySelector(`[data-measure='${selected}']`)?.scrollIntoView({ block: 'nearest' })
  }, [selected])
  // Walking on: the next that a kit waits for; when everything is shown, the next open one at all.
  const next = (after: string) => {
    const here = fields.findIndex((f) => f.key === after)
    const round = [...fields.slice(here + 1), ...fields.slice(0, here)]
    onSelect(round.find((f) => isOpen(f) && (f.holdsUp.length > 0 || all || words.length > 0))?.key)
  }
  const hidden = fields.length - shown.length
  return (
    <div className="flex max-h-[calc(100vh-175px)] min-h-0 flex-col bg-paper">
      <div className="flex items-center gap-2 border-b border-line px-4 py-1.5">
        <input
          ref={search}
          aria-label="Filter the measures"
          placeholder={`Filter ${fields.length} measures`}
          value={filter}
          onChange={(e) => setFilter(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Escape') {
              setFilter('')
              search.current?.blur()
            } else if (e.key === 'Enter') onSelect(shown[0]?.key)
          }}
          className="h-8 min-w-0 flex-1 border border-soft/50 bg-paper px-2.5 text-[14px]"
        />
        <kbd className="figure border border-ink/40 px-1.5 text-[11px] text-soft">F</kbd>
        <button
          type="button"
          aria-pressed={all}
          onClick={() => setAll(!all)}
          className={cx('min-h-8 border px-3 text-[13px]', all ? 'border-ink bg-ink text-paper' : 'border-ink/50')}
        >
          {all ? 'All shown' : `All ${fields.length}`}
        </button>
      </div>
      <Scroller className="min-h-0 flex-1 overflow-y-auto">
        {catalogue.stops.map((stop) => {
          const here = shown.filter((f) => f.card.stop === stop.stop)
          const every = fields.filter((f) => f.card.stop === stop.stop)
          if (every.length === 0 || (here.length === 0 && words.length > 0)) return null
          return (
            <section key={stop.stop} aria-label={stop.label}>
              <h2 className="flex items-baseline bg-ink/8 px-4 py-1 text-[13.5px]">
                {stop.label}
                <span className="figure ml-auto text-[12px] font-normal text-soft">
                  {every.filter((f) => !isOpen(f)).length} of {every.length}
                </span>
              </h2>
              {here.map((f) => (
                <div key={f.key} data-measure={f.key} className="border-b border-line last:border-0">
                  <Row
                    field={f}
                    on={selected === f.key}
                    clashing={clashing.has(f.key)}
                    onClick={() => onSelect(selected === f.key ? undefined : f.key)}
                  />
                  {selected === f.key && mayWork && (
                    <MeasureEditor key={f.key} job={job} field={f} catalogue={catalogue} units={units} onSaved={() => next(f.key)} />
                  )}
                </div>
              ))}
            </section>
          )
        })}
        {shown.length === 0 && (
          <p className="px-4 py-6 text-soft">Nothing is called that. Try a part or a tool: axle, rotor, tube, bars, caliper.</p>
        )}
        {words.length === 0 && !all && hidden > 0 && (
          <button type="button" onClick={() => setAll(true)} className="w-full px-4 py-2 text-left text-[13px] text-petrol underline">
            {hidden} more that no kit asks for now
          </button>
        )}
      </Scroller>
    </div>
  )
}

function Row({ field, on, clashing, onClick }: { field: MeasureField; on: boolean; clashing: boolean; onClick: () => void }) {
  const { taken, holdsUp, card } = field
  return (
    <button
      type="button"
      aria-expanded={on}
      onClick={onClick}
      className={cx(
        'grid w-full grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3 px-4 py-[7px] text-left hover:bg-paint-pale/60',
        on && 'bg-paint-pale',
      )}
    >
      <span
        className={cx(
          clashing ? 'font-semibold text-vermilion' : taken ? '' : holdsUp.length > 0 ? 'font-semibold text-petrol' : 'text-soft',
        )}
      >
        {card.title}
      </span>
      <span className="text-right">
        {taken ? (
          <>
            <b className={cx('figure', taken.confirm && 'font-normal text-soft italic')}>{taken.text}</b>
            <span
              className={cx('ml-2 text-[12.5px]', taken.confirm ? 'font-semibold text-petrol' : 'text-soft')}
              title={`${taken.by}, ${clock(taken.at)}`}
            >
              {taken.quality}
            </span>
          </>
        ) : holdsUp.length > 0 ? (
          <span className="text-[12.5px] text-petrol" title={holdsUp.join(', ')}>
            holds up {holdsUp.length === 1 ? holdsUp[0] : `${holdsUp.length} kits`}
          </span>
        ) : null}
      </span>
    </button>
  )
}
