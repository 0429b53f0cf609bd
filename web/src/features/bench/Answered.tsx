import { useNavigate } from 'react-router'
import type { ReactNode } from 'react'
import type { Schemas } from '../../api/client'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { useBenchOfJob, useKeep, useOnJob } from './useBench'

/** What a calculator found: what to do first, the numbers after it, by which rule; on a job it can be kept. */
export function Answered({
  sentence,
  warn,
  how,
  keep,
  children,
}: {
  sentence: string
  warn?: boolean
  /** Formula and limits. */
  how: string
  /** What is kept: the calculator's inputs, while they are whole. */
  keep: Omit<Schemas['BenchKeep'], 'step'> | undefined
  children?: ReactNode
}) {
  const { job } = useOnJob()
  return (
    <div aria-live="polite" className={cx('sheet mt-4 max-w-[760px] px-6 py-4', warn && 'border-l-[6px] border-vermilion')}>
      <p className="text-[18px] leading-snug font-semibold">{sentence}</p>
      {children}
      <p className="mt-2 text-[13px] text-soft">{how}</p>
      {job !== undefined && keep && <KeepOn job={job} keep={keep} />}
    </div>
  )
}

export function KeepOn({ job, keep }: { job: number; keep: Omit<Schemas['BenchKeep'], 'step'> }) {
  const { step } = useOnJob()
  const command = useKeep(job)
  const may = useMay()
  const toast = useToast()
  const navigate = useNavigate()
  if (!may('DO_STEPS')) return null
  return (
    <Button
      className="mt-3"
      disabled={command.isPending}
      onClick={() =>
        command.mutate(
          { ...keep, step },
          {
            onSuccess: () => {
              toast.done(`Kept on job ${job}.`)
              if (step) void navigate(`/stand/${job}`)
            },
          },
        )
      }
    >
      {step ? 'Take it to the step' : `Keep it on job ${job}`}
    </Button>
  )
}

/** What was kept of this tool on the job, the last one first. */
export function KeptBefore({ tool }: { tool: string }) {
  const { job } = useOnJob()
  const kept = useBenchOfJob(job).data?.kept.filter((k) => k.tool === tool) ?? []
  if (kept.length === 0) return null
  return (
    <section className="mt-5 max-w-[760px]">
      <h3 className="text-[16px]">Kept on job {job}</h3>
      <ul className="mt-1 border-t border-ink/40">
        {kept.map((k, i) => (
          <li
            key={k.id}
            data-kept={k.id}
            className="grid grid-cols-[88px_minmax(0,1fr)_auto] gap-3 border-b border-line py-1.5 text-[14.5px]"
          >
            <span className="text-soft">round {kept.length - i}</span>
            <span>{k.sentence}</span>
            <span className="text-[13px] text-soft">
              {k.by}, {clock(k.at)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
