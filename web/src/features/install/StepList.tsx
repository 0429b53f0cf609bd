import { useEffect, useRef } from 'react'
import { cx } from '../../ui/cx'
import { wantsSecond } from './queue'
import { finished, type StepView } from './useSteps'

function Mark({ step, on }: { step: StepView; on: boolean }) {
  const line = { fill: 'none', stroke: 'currentColor', strokeWidth: 2.4 } as const
  return (
    <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true" className="shrink-0">
      {step.state === 'INSPECTED' ? (
        <path d="M2 11l4 4 6-9M9 14l2 1 7-9" {...line} />
      ) : step.state === 'DONE' ? (
        wantsSecond(step) ? (
          <path d="M4 3v14M16 3v14M4 10h12" {...line} stroke={on ? '#14211D' : '#E2B437'} />
        ) : (
          <path d="M3 11l5 5 9-12" {...line} />
        )
      ) : step.state === 'RUNNING' ? (
        <path d="M5 3l11 7-11 7z" fill="currentColor" />
      ) : step.state === 'PAUSED' ? (
        <path d="M6 4v12M14 4v12" {...line} strokeWidth={3.4} />
      ) : step.state === 'STUCK' ? (
        <path d="M4 4l12 12M16 4L4 16" {...line} stroke={on ? '#8F2D14' : '#F08A6C'} strokeWidth={3} />
      ) : step.state === 'SKIPPED' ? (
        <path d="M4 10h12" {...line} opacity={0.6} />
      ) : wantsSecond(step) ? (
        <path d="M4 3v14M16 3v14M4 10h12" {...line} stroke={on ? '#14211D' : '#E2B437'} />
      ) : (
        <circle cx="10" cy="10" r="4.5" {...line} opacity={step.start.allowed ? 1 : 0.5} />
      )}
    </svg>
  )
}

/** Every step of the job, the one in hand in floor paint. @param onMove puts a step to another place of the list, from 1; absent for whoever may not */
export function StepList({
  steps,
  selected,
  onSelect,
  onMove,
}: {
  steps: StepView[]
  selected: string | undefined
  onSelect: (key: string) => void
  onMove?: ((key: string, to: number) => void) | undefined
}) {
  const here = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    // Newer browsers answer a promise here, which is no clean-up.
    void here.current?.scrollIntoView({ block: 'center' })
  }, [selected])
  return (
    <ol className="min-h-0 flex-1 overflow-y-auto">
      {steps.map((s, i) => {
        const on = s.key === selected
        return (
          <li key={s.key}>
            {s.phase && s.phase !== steps[i - 1]?.phase && <p className="px-5 pt-2.5 pb-0.5 text-[12px] text-paint">{s.phase}</p>}
            <button
              ref={on ? here : undefined}
              type="button"
              data-step={s.key}
              data-state={s.state}
              aria-current={on ? 'step' : undefined}
              onClick={() => onSelect(s.key)}
              className={cx(
                'flex min-h-11 w-full items-center gap-3 px-5 py-1.5 text-left text-[14.5px] leading-tight',
                on
                  ? 'bg-paint font-bold text-ink'
                  : finished(s)
                    ? 'text-night-soft'
                    : s.state === 'STUCK'
                      ? 'text-[#F5A58C]'
                      : 'text-night-text hover:bg-night-panel',
              )}
            >
              <Mark step={s} on={on} />
              <span className="min-w-0 flex-1">
                <span className={cx(s.state === 'SKIPPED' && 'line-through')}>{s.title}</span>
                {s.state === 'RUNNING' && s.doer && (
                  <span className={cx('block text-[12.5px] font-normal', on ? 'text-ink' : 'text-night-soft')}>{s.doer}</span>
                )}
                {s.state === 'PAUSED' && (
                  <span className={cx('block text-[12.5px] font-normal', on ? 'text-ink' : 'text-paint')}>left half done by {s.doer}</span>
                )}
                {s.state === 'DONE' && wantsSecond(s) && (
                  <span className={cx('block text-[12.5px] font-normal', on ? 'text-ink' : 'text-paint')}>waits for a second person</span>
                )}
              </span>
            </button>
            {on && onMove && s.state === 'OPEN' && (
              <div role="group" aria-label={`Place of ${s.title}`} className="flex gap-px bg-paint pb-1.5 pl-[52px] text-[13px] text-ink">
                <button
                  type="button"
                  disabled={i === 0}
                  onClick={() => onMove(s.key, i)}
                  className="min-h-9 px-2 underline underline-offset-2 disabled:opacity-40"
                >
                  earlier
                </button>
                <button
                  type="button"
                  disabled={i === steps.length - 1}
                  onClick={() => onMove(s.key, i + 2)}
                  className="min-h-9 px-2 underline underline-offset-2 disabled:opacity-40"
                >
                  later
                </button>
                <span className="self-center pl-1">
                  place <span className="figure">{i + 1}</span> of <span className="figure">{steps.length}</span>
                </span>
              </div>
            )}
          </li>
        )
      })}
    </ol>
  )
}
