import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useSyncExternalStore } from 'react'
import { answered, api, type ProblemError } from '../../api/client'
import { useToast } from '../../ui/toastContext'
import { useSession } from '../session/useSession'
import { orKept } from '../../api/kept'
import { REACHED } from '../../api/live'
import { putNow, type StandAnswer, type StandNow } from '../../api/standing'
import { flush, setHands, taps, tapped, wantsSecond, withTaps, type StepView, type Tap } from './queue'

export type { StepView } from './queue'

export function useTaps() {
  return useSyncExternalStore(taps.subscribe, taps.now)
}

/** A job's steps, each with where it stands; what was tapped while the network was away is laid over them. */
export function useSteps(job: number) {
  const { waiting } = useTaps()
  const queries = useQueryClient()
  const laid = useCallback(
    ({ now, steps, ...list }: StandAnswer) => {
      const stands = new Map(now.steps.map((s) => [s.key, s]))
      const views = steps.flatMap((s): StepView[] => {
        const at = stands.get(s.key)
        return at ? [{ ...s, ...at }] : []
      })
      return {
        ...list,
        job: now.job,
        spent: now.spent,
        batteryHeldOut: now.batteryHeldOut,
        batteryMayBeIn: now.batteryMayBeIn,
        steps: withTaps(views, job, waiting),
      }
    },
    [job, waiting],
  )
  return useQuery({
    queryKey: ['steps', job],
    queryFn: () =>
      orKept(
        `steps.${job}`,
        () => answered(api.GET('/api/jobs/{number}/steps', { params: { path: { number: job } } })),
        (late) => queries.setQueryData(['steps', job], late),
      ),
    networkMode: 'always',
    select: laid,
  })
}

/** Everything that happened at a job's steps, read when it is looked at. */
export function useHistory(job: number) {
  return useQuery({
    queryKey: ['history', job],
    queryFn: () => answered(api.GET('/api/jobs/{number}/steps/history', { params: { path: { number: job } } })),
  })
}

/** Sends what waits as soon as there is a network again. */
export function useFlush() {
  const queries = useQueryClient()
  const who = useSession().data?.who
  const took = useCallback((now: StandNow) => putNow(queries, now), [queries])
  useEffect(() => {
    setHands(who)
    const go = () => void flush(took)
    go()
    window.addEventListener('online', go)
    window.addEventListener(REACHED, go)
    return () => {
      window.removeEventListener('online', go)
      window.removeEventListener(REACHED, go)
    }
  }, [took, who])
  return took
}

type Given = Pick<Tap, 'what' | 'body'> & { step: StepView }

/** What hands do with a step. A tap is never lost: without a network it waits in this browser. */
export function useStepCommands(job: number) {
  const toast = useToast()
  const who = useSession().data?.who
  const took = useFlush()
  const queries = useQueryClient()
  const tap = useMutation<StandNow | undefined, ProblemError, Given>({
    networkMode: 'always',
    mutationFn: (given) =>
      tapped(
        {
          id: crypto.randomUUID(),
          job,
          step: given.step.key,
          title: given.step.title,
          what: given.what,
          body: given.body,
          by: who?.displayName ?? '',
          who: who?.username,
          at: new Date().toISOString(),
        },
        took,
      ),
    onSuccess: (now) => {
      if (now) took(now)
    },
    onError: (error) => toast.refused(error.message),
  })
  const command = { networkMode: 'online', onSuccess: took, onError: (error: ProblemError) => toast.refused(error.message) } as const
  const at = { params: { path: { number: job } } }
  return {
    tap,
    // The list itself changes: everybody reads it anew, this screen too.
    move: useMutation({
      ...command,
      mutationFn: ({ step, to }: { step: string; to: number }) =>
        answered(
          api.POST('/api/jobs/{number}/steps/{key}/move', {
            params: { path: { number: job, key: step }, header: { 'Idempotency-Key': crypto.randomUUID() } },
            body: { to },
          }),
        ),
      onSuccess: () => queries.invalidateQueries({ queryKey: ['steps', job] }),
    }),
    holdBattery: useMutation({ ...command, mutationFn: () => answered(api.POST('/api/jobs/{number}/steps/battery-out', at)) }),
    letBatteryGo: useMutation({ ...command, mutationFn: () => answered(api.DELETE('/api/jobs/{number}/steps/battery-out', at)) }),
  }
}

/** Finished, so that the next may build on it. */
export function finished(step: StepView): boolean {
  return step.state === 'INSPECTED' || step.state === 'SKIPPED' || (step.state === 'DONE' && !wantsSecond(step))
}

/** The step the hands are at: running, then stuck, then left half done, then waiting for inspection, then the first that may start. */
export function current(steps: StepView[]): StepView | undefined {
  return (
    steps.find((s) => s.state === 'RUNNING') ??
    steps.find((s) => s.state === 'STUCK') ??
    steps.find((s) => s.state === 'PAUSED') ??
    steps.find((s) => s.state === 'DONE' && !finished(s)) ??
    steps.find((s) => s.state === 'OPEN' && s.start.allowed) ??
    steps.find((s) => !finished(s)) ??
    steps[steps.length - 1]
  )
}
