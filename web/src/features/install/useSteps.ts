import { useQuery } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'

export type StepView = Schemas['StepView']

const stepPath = (job: number, key: string) => ({ params: { path: { number: job, key } } })

export function useSteps(job: number) {
  return useQuery({ queryKey: ['steps', job], queryFn: () => answered(api.GET('/api/jobs/{number}/steps', { params: { path: { number: job } } })) })
}

/** What hands do with a step. */
export function useStepCommands(job: number) {
  const answers = () => ['steps', job]
  return {
    start: useCommand((key: string) => answered(api.POST('/api/jobs/{number}/steps/{key}/start', stepPath(job, key))), { answers }),
    tick: useCommand((t: { key: string; figures: Record<string, number> }) => answered(api.POST('/api/jobs/{number}/steps/{key}/tick', { ...stepPath(job, t.key), body: { figures: t.figures } })), { answers }),
    stuck: useCommand((s: { key: string; reason: string }) => answered(api.POST('/api/jobs/{number}/steps/{key}/stuck', { ...stepPath(job, s.key), body: { reason: s.reason } })), { answers }),
    pause: useCommand((s: { key: string; note: string }) => answered(api.POST('/api/jobs/{number}/steps/{key}/pause', { ...stepPath(job, s.key), body: { note: s.note } })), { answers }),
    undo: useCommand((s: { key: string; reason: string }) => answered(api.POST('/api/jobs/{number}/steps/{key}/undo', { ...stepPath(job, s.key), body: { reason: s.reason } })), { answers }),
    inspect: useCommand((key: string) => answered(api.POST('/api/jobs/{number}/steps/{key}/inspect', stepPath(job, key))), { answers }),
  }
}

/** Finished, so that the next may build on it. */
export function finished(step: StepView): boolean {
  return step.state === 'INSPECTED' || (step.state === 'DONE' && !step.hold)
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
