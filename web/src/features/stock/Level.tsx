import { cx } from '../../ui/cx'
import type { Row } from './useStock'

/** What lies in a drawer, each on its own scale, as ties come by the hundred and motors by the piece: free in ink, held in floor paint, what is coming in outline, and a tick where the shop wants at least so many. */
export function Level({ row, coming }: { row: Row; coming: number }) {
  const most = Math.max(row.onHand + coming, 2.5 * row.minimum, 8)
  const share = (n: number) => `${Math.min(100, (Math.max(0, n) / most) * 100)}%`
  return (
    <span
      className="relative flex h-3.5 bg-floor"
      role="img"
      aria-label={`${row.free} free, ${row.reserved} held${coming > 0 ? `, ${coming} coming` : ''}${row.minimum > 0 ? `, at least ${row.minimum} wanted` : ''}`}
    >
      <span className="bg-ink" style={{ width: share(row.free) }} />
      <span className="bg-paint" style={{ width: share(row.reserved) }} />
      {coming > 0 && <span className="border border-dashed border-petrol bg-petrol/10" style={{ width: share(coming) }} />}
      {row.minimum > 0 && (
        <span
          className={cx('absolute -top-0.5 -bottom-0.5 w-[2px]', row.low ? 'bg-vermilion' : 'bg-pencil')}
          style={{ left: share(row.minimum) }}
        />
      )}
    </span>
  )
}
