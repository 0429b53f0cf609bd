import { useState } from 'react'

const KEPT = 'yard.wrench'

/** The torque wrench that is in hand at this tablet. */
export function useWrench(): [string, (code: string) => void] {
  const [code, setCode] = useState(() => localStorage.getItem(KEPT) ?? '')
  return [
    code,
    (next) => {
      localStorage.setItem(KEPT, next)
      setCode(next)
    },
  ]
}
