import { Toast as RadixToast } from 'radix-ui'
import { useCallback, useMemo, useState, type ReactNode } from 'react'
import { cx } from './cx'
import { ToastContext, type ToastAction, type Toasts } from './toastContext'

interface Shown {
  id: number
  text: string
  refused: boolean
  action?: ToastAction
}

let next = 1

export function ToastProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Shown[]>([])
  const add = useCallback((one: Omit<Shown, 'id'>) => setShown((all) => [...all.slice(-2), { ...one, id: next++ }]), [])
  const toasts = useMemo<Toasts>(
    () => ({ done: (text, action) => add({ text, action, refused: false }), refused: (text) => add({ text, refused: true }) }),
    [add],
  )
  return (
    <ToastContext.Provider value={toasts}>
      <RadixToast.Provider swipeDirection="down" duration={7000}>
        {children}
        {shown.map((t) => (
          <RadixToast.Root
            key={t.id}
            duration={t.refused ? 14000 : 7000}
            onOpenChange={(open) => !open && setShown((all) => all.filter((o) => o.id !== t.id))}
            className={cx(
              'flex items-center gap-4 border-l-[6px] bg-ink px-4 py-3 text-[14px] text-paper',
              t.refused ? 'border-vermilion' : 'border-paint',
            )}
            data-toast={t.refused ? 'refused' : 'done'}
          >
            <RadixToast.Description className="flex-1">{t.text}</RadixToast.Description>
            {t.action && (
              <RadixToast.Action altText={t.action.label} asChild>
                <button
                  type="button"
                  onClick={t.action.run}
                  className="min-h-8 border border-paper/60 px-3 font-semibold hover:bg-paper/10"
                >
                  {t.action.label}
                </button>
              </RadixToast.Action>
            )}
            <RadixToast.Close aria-label="Close" className="px-1 text-lg leading-none">
              ×
            </RadixToast.Close>
          </RadixToast.Root>
        ))}
        <RadixToast.Viewport className="no-print fixed bottom-4 left-1/2 z-50 flex w-[560px] max-w-[94vw] -translate-x-1/2 flex-col gap-2" />
      </RadixToast.Provider>
    </ToastContext.Provider>
  )
}
