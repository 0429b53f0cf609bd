import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { cx } from '../../ui/cx'
import { clock, useUnits } from '../../quantity/units'
import { fromController, fromDevice } from '../commission/useCommission'
import { Keypad } from './Keypad'
import { Turn } from './Turn'
import type { StepView } from './useSteps'
import { Scroller } from '../../ui/Scroller'

/** The right side of the stand: torque as the largest thing, direction, and the figures to record. */
export function Readings({
  step,
  read,
  onRead,
  editable,
  wrenches,
  wrench,
  onWrench,
  job,
  found,
  onRefused,
}: {
  step: StepView
  read: Record<string, string>
  onRead: (key: string, value: string) => void
  /** What the bench found of a figure for this step. */
  found: (figure: StepView['figures'][number]) => { value: number; by: string; at: string } | undefined
  editable: boolean
  wrenches: Schemas['Wrench'][]
  wrench: string
  onWrench: (code: string) => void
  job: number
  onRefused: (why: string) => void
}) {
  const [at, setAt] = useState(step.figures[0]?.key)
  const imperial = useUnits() === 'imperial'
  const active = step.figures.find((f) => f.key === at)
  return (
    <Scroller className="flex min-h-0 flex-col gap-3 overflow-y-auto">
      {step.fastenings.map((f) => (
        <section key={f.what} data-fastening={f.what} className="flex items-start justify-between gap-2">
          <div>
            <p className="text-[14px] text-night-soft">
              {f.what}
              {f.leftHand && <b className="text-[#F5A58C]">, left-hand thread</b>}
            </p>
            <p className={cx('leading-none font-extrabold [font-stretch:84%]', step.fastenings.length > 1 ? 'text-[36px]' : 'text-[58px]')}>
              {imperial ? f.torque.footPounds : f.torque.newtonMetres}
            </p>
            <p className="mt-1 text-[16px]">
              {imperial ? 'ft·lb' : 'N·m'}{' '}
              <span className="text-night-soft">{imperial ? `${f.torque.newtonMetres} N·m` : `${f.torque.footPounds} ft·lb`}</span>
            </p>
            <p className="text-[13px] text-night-soft">
              {f.thread && <>{f.thread} · </>}
              {f.locker} · {f.source}
              {f.pattern && <span className="block text-night-text">{f.pattern}</span>}
            </p>
          </div>
          <Turn leftHand={f.leftHand} />
        </section>
      ))}
      {step.figures.map((f) => {
        const last = [...step.readings].reverse().find((r) => r.key === f.key)
        const shown = editable ? (read[f.key] ?? '') : last ? String(last.reading) : ''
        return (
          <button
            key={f.key}
            type="button"
            data-figure={f.key}
            disabled={!editable}
            onClick={() => setAt(f.key)}
            className={cx(
              'block w-full border-2 bg-paper px-3.5 py-2 text-left text-ink',
              editable && at === f.key ? 'border-paint' : 'border-transparent',
            )}
          >
            <span className="block text-[13px] text-soft">
              {f.name}, {f.tool}
            </span>
            <span className="flex items-baseline justify-between gap-2">
              <b className="figure min-h-[34px] text-[28px] leading-tight">{shown || '–'}</b>
              <span className="figure text-[13.5px] whitespace-nowrap text-soft">{f.window}</span>
            </span>
            {last?.wrench && (
              <span className={cx('block text-[12.5px]', last.overdue ? 'font-semibold text-vermilion' : 'text-soft')}>
                wrench {last.wrench}
                {last.overdue && ', calibration was overdue'}
              </span>
            )}
            {last && !last.passed && (
              <span className="block text-[13px] font-semibold text-vermilion">last reading {last.reading} did not pass</span>
            )}
          </button>
        )
      })}
      {editable && active?.tool === 'torque wrench' && wrenches.length > 0 && (
        <div role="group" aria-label="Wrench in hand" className="flex gap-1.5">
          {wrenches.map((w) => (
            <button
              key={w.code}
              type="button"
              aria-pressed={w.code === wrench}
              title={`${w.name}, ${w.leastNm}–${w.mostNm} N·m, due ${w.dueOn}`}
              onClick={() => onWrench(w.code === wrench ? '' : w.code)}
              className={cx(
                'min-h-11 flex-1 border px-1 text-[15px] font-bold',
                w.code === wrench ? 'border-paint bg-paint text-ink' : 'border-night-soft',
                w.overdue && 'text-[#F5A58C] line-through',
                w.overdue && w.code === wrench && 'bg-[#8f2d14] text-paper',
              )}
            >
              {w.code}
            </button>
          ))}
        </div>
      )}
      {editable && active?.bench && (
        <Link
          to={`/bench?tool=${active.bench.split(' ')[0]}&job=${job}&step=${step.key}`}
          className="flex min-h-12 items-center justify-center bg-paint px-2 text-center text-[16px] font-bold text-ink"
        >
          {found(active) ? 'Another round at the bench' : 'Work it out at the bench'}
        </Link>
      )}
      {editable && active?.bench && found(active) && (
        <p className="text-[13px] text-night-soft">
          From the bench: {found(active)!.by}, {clock(found(active)!.at)}
        </p>
      )}
      {editable && active && <Sources step={step} figure={active} job={job} onRead={onRead} onRefused={onRefused} />}
      {editable && active && <Keypad value={read[active.key] ?? ''} onChange={(v) => onRead(active.key, v)} />}
      {step.figures.length === 0 && step.fastenings.length === 0 && (
        <p className="text-[15px] text-night-soft">Nothing to torque or record in this step.</p>
      )}
    </Scroller>
  )
}

/** Readings that come by themselves: the wrench or meter on the bench, or the stand-in for the bike's controller. */
function Sources({
  step,
  figure,
  job,
  onRead,
  onRefused,
}: {
  step: StepView
  figure: StepView['figures'][number]
  job: number
  onRead: (key: string, value: string) => void
  onRefused: (why: string) => void
}) {
  const device = figure.tool === 'torque wrench' ? 'wrench' : figure.tool === 'meter' ? 'meter' : undefined
  const tested = ['first power', 'functions', 'ride', 'bench run', 'drive train'].includes(step.phase ?? '')
  const take = (what: () => Promise<[string, number][]>) =>
    void what()
      .then((read) =>
        read.length > 0
          ? read.forEach(([key, value]) => onRead(key, String(value)))
          : onRefused('Nothing was sent for this figure in the last three minutes.'),
      )
      .catch((e: Error) => onRefused(e.message))
  if (!device && !tested) return null
  return (
    <div className="flex gap-1.5">
      {device && (
        <button
          type="button"
          onClick={() =>
            take(async () => {
              const r = await fromDevice(device)
              return r ? [[figure.key, r.value]] : []
            })
          }
          className="min-h-11 flex-1 border border-night-soft text-[14px] font-semibold"
        >
          from the {device}
        </button>
      )}
      {tested && (
        <button
          type="button"
          onClick={() => take(async () => Object.entries(await fromController(job, step.key)))}
          className="min-h-11 flex-1 border border-night-soft text-[14px] font-semibold"
        >
          from the stand-in
        </button>
      )}
    </div>
  )
}
