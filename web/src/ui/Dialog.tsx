import { Dialog as RadixDialog } from 'radix-ui'
import type { ReactNode } from 'react'
import { cx } from './cx'

/** A question on a sheet of paper in front of the view. */
export function Dialog({
  open,
  onClose,
  title,
  hint,
  wide,
  children,
}: {
  open: boolean
  onClose: () => void
  title: string
  hint?: string
  wide?: boolean
  children: ReactNode
}) {
  return (
    <RadixDialog.Root open={open} onOpenChange={(now) => !now && onClose()}>
      <RadixDialog.Portal>
        <RadixDialog.Overlay className="fixed inset-0 z-40 bg-ink/45" />
        {/* A message that is still up would take the Escape for itself. */}
        <RadixDialog.Content
          onKeyDown={(e) => e.key === 'Escape' && onClose()}
          className={cx(
            'sheet fixed left-1/2 z-40 max-w-[94vw] -translate-x-1/2 overflow-y-auto p-6 pt-5 text-ink',
            // Never below the window's edge, where nothing can be reached.
            wide ? 'top-[5vh] max-h-[92vh] w-[860px]' : 'top-[18vh] max-h-[80vh] w-[460px]',
          )}
        >
          <RadixDialog.Title className="text-[20px]">{title}</RadixDialog.Title>
          <RadixDialog.Description className="mt-1 mb-3 text-soft">{hint ?? ''}</RadixDialog.Description>
          {children}
        </RadixDialog.Content>
      </RadixDialog.Portal>
    </RadixDialog.Root>
  )
}
