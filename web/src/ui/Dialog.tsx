import { Dialog as RadixDialog } from 'radix-ui'
import type { ReactNode } from 'react'

/** A question on a sheet of paper in front of the view. */
export function Dialog({ open, onClose, title, hint, children }: { open: boolean; onClose: () => void; title: string; hint?: string; children: ReactNode }) {
  return (
    <RadixDialog.Root open={open} onOpenChange={(now) => !now && onClose()}>
      <RadixDialog.Portal>
        <RadixDialog.Overlay className="fixed inset-0 z-40 bg-ink/45" />
        <RadixDialog.Content className="sheet fixed top-[18vh] left-1/2 z-40 w-[460px] max-w-[94vw] -translate-x-1/2 p-6 pt-5 text-ink">
          <RadixDialog.Title className="text-[20px]">{title}</RadixDialog.Title>
          <RadixDialog.Description className="mt-1 mb-3 text-soft">{hint ?? ''}</RadixDialog.Description>
          {children}
        </RadixDialog.Content>
      </RadixDialog.Portal>
    </RadixDialog.Root>
  )
}
