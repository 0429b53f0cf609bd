import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useSyncExternalStore } from 'react'
import { answered, api, type ProblemError, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { useToast } from '../../ui/toastContext'
import { useSession } from '../session/useSession'
import { flush, taps, tapped, withTaps, type Tap } from './queue'

export type StepView = Schemas['StepView']

export function useTaps() {
  return useSyncExternalStore(taps.subscribe, taps.now)
}

/** A job's steps, with what was tapped while the network was away laid over them. */
export function useSteps(job: number) {
  const { waiting } = useTaps()
  const laid = useCallback((answer: Schemas['StepsAnswer']) => withTaps(answer, waiting), [waiting])
  return useQuery({ queryKey: ['steps', job], queryFn: () => answered(api.GET('/api/jobs/{number}/steps', { params: { path: { number: job } } })), networkMode: 'always', select: laid })
}

/** Sends what waits as soon as there is a network again. */
export function useFlush() {
  const queries = useQueryClient()
  const took = useCallback((answer: Schemas['StepsAnswer']) => queries.setQueryData(['steps', answer.job.number], answer), [queries])
  useEffect(() => {
    const go = () => void flush(took)
    go()
    window.addEventListener('online', go)
    return () => window.removeEventListener('online', go)
  }, [took])
  return took
}

type Given = Pick<Tap, 'what' | 'body'> & { step: StepView }

/** What hands do with a step. A tap is never lost: without a network it waits in this browser. */
export function useStepCommands(job: number) {
  const queries = useQueryClient()
  const toast = useToast()
  const who = useSession().data?.who
  const took = useFlush()
  const tap = useMutation<Schemas['StepsAnswer'] | undefined, ProblemError, Given>({
    networkMode: 'always',
    mutationFn: (given) =>
      tapped({ id: crypto.randomUUID(), job, step: given.step.key, title: given.step.title, what: given.what, body: given.body, by: who?.displayName ?? '', at: new Date().toISOString() }, took),
    onSuccess: (answer) => {
      if (answer) queries.setQueryData(['steps', job], answer)
    },
    onError: (error) => toast.refused(error.message),
  })
  const answers = () => ['steps', job]
  const at = { params: { path: { number: job } } }
  return {
    tap,
    holdBattery: useCommand(() => answered(api.POST('/api/jobs/{number}/steps/battery-out', at)), { answers }),
    letBatteryGo: useCommand(() => answered(api.DELETE('/api/jobs/{number}/steps/battery-out', at)), { answers }),
    move: useCommand((m: { key: string; to: number }) => answered(api.POST('/api/jobs/{number}/steps/{key}/move', { params: { path: { number: job, key: m.key } }, body: { to: m.to } })), { answers }),
  }
}

/** Finished, so that the next may build on it. */
export function finished(step: StepView): boolean {
  return step.state === 'INSPECTED' || step.state === 'SKIPPED' || (step.state === 'DONE' && !step.hold)
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
