import { createContext, useContext } from 'react'

export interface Toasts {
  /** Something was done; `undo` takes it back. */
  done(text: string, undo?: () => void): void
  /** Something was refused; says why. */
  refused(text: string): void
}

export const ToastContext = createContext<Toasts>({ done: () => {}, refused: () => {} })

export const useToast = () => useContext(ToastContext)
