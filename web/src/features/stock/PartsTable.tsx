import { useVirtualizer } from '@tanstack/react-virtual'
import { memo, useEffect, useRef, type KeyboardEvent, type ReactNode } from 'react'
import { cx } from '../../ui/cx'
import { Level } from './Level'
import type { Row } from './useStock'

export const COLUMNS = 'grid grid-cols-[74px_minmax(0,1fr)_112px_170px_62px_54px_54px] items-center gap-x-3 px-3'
const LINE = 38

interface Props {
  rows: Row[]
  /** Index of the line the keys are at. */
  here: number
  coming: Record<string, number>
  onKeys: (e: KeyboardEvent) => void
  onPick: (at: number) => void
  none: ReactNode
}

/** The table of thousands of parts: only the lines in sight are kept, and a key that changes none of them draws none again. */
export const PartsTable = memo(function PartsTable({ rows, here, coming, onKeys, onPick, none }: Props) {
  const scroller = useRef<HTMLDivElement>(null)
  const lines = useVirtualizer({ count: rows.length, getScrollElement: () => scroller.current, estimateSize: () => LINE, overscan: 8 })
  const first = useRef(true)
  useEffect(() => {
    // Whoever opens the drawers sees them from the top.
    if (!first.current) lines.scrollToIndex(Math.max(0, here))
    first.current = false
  }, [here, lines])
  return (
    <div
      ref={scroller}
      role="listbox"
      aria-label="Parts"
      aria-activedescendant={rows[here] ? `part-${rows[here].number}` : undefined}
      tabIndex={0}
      onKeyDown={onKeys}
      className="h-[calc(100vh-196px)] min-h-[260px] overflow-y-scroll bg-paper"
    >
      <div className="relative" style={{ height: lines.getTotalSize() }}>
        {lines.getVirtualItems().map((line) => (
          <Line
            key={rows[line.index]!.number}
            row={rows[line.index]!}
            at={line.index}
            start={line.start}
            chosen={line.index === here}
            coming={coming[rows[line.index]!.number] ?? 0}
            onPick={onPick}
          />
        ))}
      </div>
      {rows.length === 0 && none}
    </div>
  )
})

const Line = memo(function Line({
  row: r,
  at,
  start,
  chosen,
  coming,
  onPick,
}: {
  row: Row
  at: number
  start: number
  chosen: boolean
  coming: number
  onPick: (at: number) => void
}) {
  return (
    <button
      id={`part-${r.number}`}
      type="button"
      role="option"
      tabIndex={-1}
      aria-selected={chosen}
      data-part={r.number}
      onClick={() => onPick(at)}
      style={{ transform: `translateY(${start}px)`, height: LINE }}
      className={cx(
        COLUMNS,
        'absolute top-0 left-0 w-full border-b border-line text-left text-[14px]',
        chosen ? 'bg-paint-pale outline-[3px] -outline-offset-[3px] outline-paint' : 'hover:bg-paint-pale/60',
      )}
    >
      <span className="figure truncate font-semibold">{r.place}</span>
      <span className="truncate">
        {r.name} <span className="figure text-[12.5px] text-soft">{r.size}</span>
      </span>
      <span className="figure truncate text-[12.5px] text-soft">{r.number}</span>
      <Level row={r} coming={coming} />
      <span className={cx('figure text-right', r.low && 'font-bold text-vermilion')}>{r.onHand}</span>
      <span className="figure text-right">{r.reserved}</span>
      <span className={cx('figure text-right font-bold', r.free <= 0 && 'text-vermilion')}>{r.free}</span>
    </button>
  )
})
