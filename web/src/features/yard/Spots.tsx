import { useDroppable } from '@dnd-kit/core'
import type { ReactNode } from 'react'
import { Scroller } from '../../ui/Scroller'
import { cx } from '../../ui/cx'
import type { Spot } from './useYard'

/** A place on the floor a bike can be put. @param scrolls whether it may hold more than it has room for */
export function DropSpot({
  spot,
  className,
  scrolls = false,
  children,
  ...rest
}: { spot: Spot; className?: string; scrolls?: boolean; children: ReactNode } & { 'aria-label': string }) {
  const { setNodeRef, isOver } = useDroppable({ id: `${spot.to}-${spot.stand ?? ''}`, data: { spot } })
  const look = cx(className, isOver && 'bg-paint-pale!', scrolls && 'overflow-y-auto')
  return scrolls ? (
    <Scroller as="section" hold={setNodeRef} {...rest} className={look}>
      {children}
    </Scroller>
  ) : (
    <section ref={setNodeRef} {...rest} className={look}>
      {children}
    </section>
  )
}

export function PlaceName({ children, className }: { children: ReactNode; className?: string }) {
  return <h2 className={cx('text-[13px] font-bold tracking-[0.08em] text-soft uppercase [font-stretch:74%]', className)}>{children}</h2>
}
