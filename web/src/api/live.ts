import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'

/** Keeps what is shown current: refetches what changed as soon as anybody changes it. */
export function useLive() {
  const queries = useQueryClient()
  useEffect(() => {
    let source: EventSource | undefined
    let again: ReturnType<typeof setTimeout> | undefined
    const listen = () => {
      source = new EventSource('/api/live')
      // Whatever was missed while nobody listened is read again.
      source.addEventListener('hello', () => void queries.invalidateQueries())
      source.addEventListener('changed', (event) => {
        const { topic, job } = JSON.parse((event as MessageEvent<string>).data) as { topic: string; job: number | null }
        void queries.invalidateQueries({ queryKey: ['yard'] })
        if (topic === 'stock') {
          void queries.invalidateQueries({ queryKey: ['drawers'] })
          void queries.invalidateQueries({ queryKey: ['orders'] })
          for (const view of ['match', 'shortlist', 'rules', 'kits']) void queries.invalidateQueries({ queryKey: [view] })
        } else if (job !== null) {
          void queries.invalidateQueries({ queryKey: ['days'] })
          void queries.invalidateQueries({ queryKey: ['orders'] })
          void queries.invalidateQueries({ queryKey: ['blockers'] })
          for (const view of ['sheet', 'arrival', 'match', 'shortlist', 'bill', 'steps', 'kit-check', 'commission']) void queries.invalidateQueries({ queryKey: [view, job] })
        }
      })
      source.onerror = () => {
        if (source?.readyState === EventSource.CLOSED) again = setTimeout(listen, 2000)
      }
    }
    listen()
    return () => {
      source?.close()
      clearTimeout(again)
    }
  }, [queries])
}
