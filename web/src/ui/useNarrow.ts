import { useSyncExternalStore } from 'react'

const NARROW = '(max-width: 1150px)'

/** Whether the screen is a tablet's rather than a desk's. */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    (tell) => {
      const query = window.matchMedia(NARROW)
      query.addEventListener('change', tell)
      return () => query.removeEventListener('change', tell)
    },
    () => window.matchMedia(NARROW).matches,
  )
}
