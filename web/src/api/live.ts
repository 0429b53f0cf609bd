import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { stepsMoved } from './standing'
import { bikesMoved } from './onFloor'
import { stale as reread } from './stale'

/** What somebody changed: a job as such, where the steps of a job stand, what is free in the drawers, only what lies in them, or people, stands and days. */
interface Change {
  topic: 'job' | 'step' | 'stock' | 'taken' | 'shop'
  job: number | null
}

/** Told to the window when the server is there again. */
export const REACHED = 'yard:reached'
/** The server says something at least every 15 s: whoever hears nothing for so long listens to a line that is cut, ms. */
const SILENT_MS = 40_000

const OF_STOCK = ['drawers', 'orders', 'match', 'shortlist', 'rules', 'kits']
const OF_JOBS = ['yard', 'days', 'orders', 'blockers', 'customer', 'bike', 'open-money', 'money-papers']
const OF_JOB = [
  'sheet',
  'arrival',
  'match',
  'shortlist',
  'bill',
  'steps',
  'history',
  'kit-check',
  'commission',
  'call-off',
  'bench-of',
  'money',
]
const OF_SHOP = ['shop', 'people', 'accounts', 'hands', 'session', 'yard', 'days', 'steps']
/** A plan is worked out anew at most this often, however many hands are at bikes. */
const PLAN_AFTER_MS = 3_000
const OF_STEPS = ['bill', 'history', 'money', 'kit-check', 'commission', 'call-off']

/** Keeps what is shown current: reads again what changed as soon as anybody changes it. */
export function useLive() {
  const queries = useQueryClient()
  useEffect(() => {
    let source: EventSource | undefined
    let again: ReturnType<typeof setTimeout> | undefined
    let planLater: ReturnType<typeof setTimeout> | undefined
    const stale = (...queryKey: unknown[]) => reread(queries, queryKey)
    const planMoved = () => {
      planLater ??= setTimeout(() => {
        planLater = undefined
        stale('plan')
      }, PLAN_AFTER_MS)
    }
    let silent: ReturnType<typeof setTimeout> | undefined
    const heard = () => {
      clearTimeout(silent)
      silent = setTimeout(() => {
        source?.close()
        listen()
      }, SILENT_MS)
    }
    const listen = () => {
      clearTimeout(again)
      heard()
      source = new EventSource('/api/live')
      // Whatever was missed while nobody listened is read again.
      source.addEventListener('hello', () => {
        heard()
        reread(queries)
        window.dispatchEvent(new Event(REACHED))
      })
      source.addEventListener('beat', heard)
      source.addEventListener('changed', (event) => {
        heard()
        const changes = JSON.parse((event as MessageEvent<string>).data) as Change[]
        planMoved()
        const of = (topic: Change['topic']) =>
          new Set(changes.filter((c) => c.topic === topic).flatMap((c) => (c.job === null ? [] : [c.job])))
        const jobs = of('job')
        const stepped = of('step')
        const stock = changes.some((c) => c.topic === 'stock')
        if (changes.some((c) => c.topic === 'shop')) OF_SHOP.forEach((view) => stale(view))
        if (stock) OF_STOCK.forEach((view) => stale(view))
        else if (changes.some((c) => c.topic === 'taken')) stale('drawers')
        if (jobs.size > 0) OF_JOBS.forEach((view) => stale(view))
        else if (stock) stale('yard')
        for (const job of jobs) OF_JOB.forEach((view) => stale(view, job))
        if (stepped.size > 0) {
          stale('blockers')
          bikesMoved(queries, stepped)
          for (const job of stepped) {
            OF_STEPS.forEach((view) => stale(view, job))
            void stepsMoved(queries, job)
          }
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
      clearTimeout(silent)
      clearTimeout(planLater)
    }
  }, [queries])
}
