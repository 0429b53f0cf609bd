import { useCallback, useLayoutEffect, useRef } from 'react'

/** A function that is always the same one and does what the last drawing said: what is handed it need not be drawn again. */
export function useSteady<A>(act: (argument: A) => void): (argument: A) => void {
  const last = useRef(act)
  useLayoutEffect(() => {
    last.current = act
  })
  return useCallback((argument: A) => last.current(argument), [])
}
