import { createContext, useContext } from 'react'

export interface ToastAction {
  label: string
  run: () => void
}

export interface Toasts {
  /** Something was done; the action takes it back or goes on from it. */
  done(text: string, action?: ToastAction): void
  /** Something was refused; says why. */
  refused(text: string): void
}

export const ToastContext = createContext<Toasts>({ done: () => {}, refused: () => {} })

export const useToast = () => useContext(ToastContext)
