import { useDroppable } from '@dnd-kit/core'
import type { ReactNode } from 'react'
import { cx } from '../../ui/cx'
import type { Spot } from './useYard'

/** A place on the floor a bike can be put. */
export function DropSpot({
  spot,
  className,
  children,
  ...rest
}: { spot: Spot; className?: string; children: ReactNode } & { 'aria-label': string }) {
  const { setNodeRef, isOver } = useDroppable({ id: `${spot.to}-${spot.stand ?? ''}`, data: { spot } })
  return (
    <section ref={setNodeRef} {...rest} className={cx(className, isOver && 'bg-paint-pale!')}>
      {children}
    </section>
  )
}

export function PlaceName({ children, className }: { children: ReactNode; className?: string }) {
  return <h2 className={cx('text-[13px] font-bold tracking-[0.08em] text-soft uppercase [font-stretch:74%]', className)}>{children}</h2>
}
