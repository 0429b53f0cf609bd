import { useDraggable } from '@dnd-kit/core'
import type { ReactNode } from 'react'
import { useNavigate } from 'react-router'
import { Bike } from '../../drawing/Bike'
import { cx } from '../../ui/cx'
import type { FloorBike } from './useYard'

export function pathOf(bike: FloorBike): string {
  return bike.next === 'stand' ? `/stand/${bike.job.number}` : `/jobs/${bike.job.number}/${bike.next}`
}

/** A bike that stands somewhere on the floor: dragged with the pointer, or moved with M. */
export function FloorBikeCard({
  bike,
  scale,
  maxWidth,
  fine,
  className,
  onMove,
  children,
}: {
  bike: FloorBike
  scale: number
  maxWidth?: number
  fine?: boolean
  className?: string
  onMove: (bike: FloorBike) => void
  children?: ReactNode
}) {
  const navigate = useNavigate()
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id: bike.job.number, data: { bike } })
  return (
    <div
      ref={setNodeRef}
      {...listeners}
      role="button"
      tabIndex={0}
      data-bike={bike.job.number}
      aria-label={children ? undefined : `Job ${bike.job.number}, ${bike.job.bike} of ${bike.job.customer}: ${bike.line}`}
      aria-keyshortcuts="Enter M"
      onClick={() => void navigate(pathOf(bike))}
      onKeyDown={(e) => {
        if (e.key === 'Enter') void navigate(pathOf(bike))
        if (e.key.toLowerCase() === 'm') {
          e.preventDefault()
          onMove(bike)
        }
      }}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 30, position: 'relative' } : undefined}
      className={cx('cursor-pointer touch-none select-none', isDragging && 'opacity-80', className)}
    >
      {bike.drawn && (
        <Bike
          drawing={bike.drawn}
          paint={bike.job.paint}
          scale={scale}
          maxWidth={maxWidth}
          fine={fine ?? false}
          label={`${bike.job.kindLabel}, to scale`}
        />
      )}
      {children}
    </div>
  )
}

/** The manila tag that hangs under a bike. */
export function Tag({ bike, tight, className }: { bike: FloorBike; tight?: boolean; className?: string }) {
  const asks = bike.tone === 'ASKS'
  return (
    <div
      className={cx(
        'tag leading-[1.2]',
        tight ? 'px-2 pt-1.5 pb-1 text-[11.5px] [font-stretch:84%]' : 'px-3 py-1.5 text-[12.5px]',
        className,
      )}
      title={`${bike.job.bike}, ${bike.job.customer}: ${bike.line}`}
    >
      <div className="truncate">
        <b className={cx('figure', tight ? 'text-[11.5px]' : 'text-[12px]')}>{bike.job.number}</b>{' '}
        {bike.job.place === 'GATE' ? bike.job.customer : bike.job.bike}
      </div>
      <div className={cx('line-clamp-2', asks && 'font-semibold text-petrol', bike.tone === 'STUCK' && 'font-semibold text-vermilion')}>
        {bike.line}
      </div>
    </div>
  )
}
