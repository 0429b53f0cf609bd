import { useEffect, useRef, useState } from 'react'
import { clock, minutes } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { PhotoStrip } from '../photo/PhotoStrip'
import { useArrivalCommands, type Grade, type PointView } from './useArrival'

const GRADES: [Grade, string, string][] = [
  ['GOOD', 'good', 'G'],
  ['WITH_JOB', 'with the job', 'W'],
  ['STOPS', 'stops the job', 'X'],
]

const LOOK: Record<Grade, string> = {
  GOOD: 'border-ink bg-ink text-paper',
  WITH_JOB: 'border-petrol bg-petrol text-paper',
  STOPS: 'border-vermilion bg-vermilion text-paper',
}

/** One point of the check. Good is one tap; anything else wants a word of what was seen. */
export function ConditionRow({
  job,
  point,
  open,
  mayWork,
  onOpen,
  onDone,
}: {
  job: number
  point: PointView
  open: boolean
  mayWork: boolean
  onOpen: () => void
  onDone: () => void
}) {
  const { grade } = useArrivalCommands(job)
  const [asked, setAsked] = useState<Grade>()
  const [note, setNote] = useState('')
  const row = useRef<HTMLDivElement>(null)
  const now = point.now
  useEffect(() => {
    if (open) row.current?.scrollIntoView({ block: 'nearest' })
  }, [open])
  const send = (g: Grade, words: string) =>
    grade.mutate(
      { point: point.key, grade: g, note: words, seen: now?.id ?? 0 },
      {
        onSuccess: () => {
          setAsked(undefined)
          setNote('')
          onDone()
        },
      },
    )
  const choose = (g: Grade) => {
    if (g !== 'STOPS' && !point.otherwise.allowed) return
    onOpen()
    if (g === 'GOOD') send(g, '')
    else {
      setAsked(g)
      setNote(now?.grade === g ? now.note : '')
    }
  }
  const stops = now?.grade === 'STOPS' && !now.lift
  const pictures = point.photos.filter((p) => !p.struck).length
  return (
    <div
      ref={row}
      data-point={point.key}
      data-grade={now?.grade}
      className={cx('border-b border-line last:border-0', open && 'bg-paint-pale')}
    >
      <div className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-3 py-[3px] pr-2 pl-4">
        <button type="button" aria-expanded={open} onClick={onOpen} className="min-h-9 min-w-0 text-left">
          <span className={cx('block text-[14px]', now ? '' : 'font-semibold', stops && 'font-bold text-vermilion')}>
            {point.title}
            {point.grave && <span className="ml-2 text-[12px] font-normal text-soft">somebody may be hurt</span>}
          </span>
          {now && (now.note || now.lift) && (
            <span className="block truncate text-[12.5px] text-soft">
              {now.note}
              {now.lift && <b className="text-ink"> · lifted: {now.liftReason}</b>}
            </span>
          )}
        </button>
        <span className="flex items-center gap-1" role="group" aria-label={point.title}>
          {pictures > 0 && <span className="figure mr-1 text-[12px] text-soft">{pictures === 1 ? '1 photo' : `${pictures} photos`}</span>}
          {GRADES.map(([g, label]) => (
            <button
              key={g}
              type="button"
              disabled={!mayWork || (g !== 'STOPS' && !point.otherwise.allowed)}
              title={g !== 'STOPS' && !point.otherwise.allowed ? point.otherwise.reason : undefined}
              aria-pressed={now?.grade === g}
              onClick={() => choose(g)}
              className={cx(
                'min-h-9 border px-2.5 text-[13px] disabled:cursor-default disabled:text-soft/60',
                now?.grade === g ? LOOK[g] : asked === g ? 'border-2 border-ink font-semibold' : 'border-ink/35 bg-paper hover:border-ink',
                now?.lift && g === 'STOPS' && 'line-through',
              )}
            >
              {label}
            </button>
          ))}
        </span>
      </div>
      {open && (
        <div className="px-4 pt-0.5 pb-3">
          <p className="max-w-[64ch] text-[13.5px]">{point.look}</p>
          {(asked ?? now?.grade) === 'WITH_JOB' && (
            <p className="mt-0.5 text-[13px] text-petrol">
              Adds: {point.work}
              {point.minutes > 0 && `, about ${minutes(point.minutes)}`}
              {point.parts && `; takes ${point.parts}`}.
            </p>
          )}
          {asked && (
            <form
              className="mt-2 flex gap-2"
              onSubmit={(e) => {
                e.preventDefault()
                send(asked, note)
              }}
            >
              <input
                autoFocus
                aria-label={`What was seen: ${point.title}`}
                value={note}
                onChange={(e) => setNote(e.target.value)}
                placeholder="What did you see?"
                className="h-10 min-w-0 flex-1 border border-ink/60 bg-paper px-2.5 text-[15px]"
              />
              <Button type="submit" look={asked === 'STOPS' ? 'danger' : 'act'} hotkey="↵" disabled={grade.isPending}>
                {asked === 'STOPS' ? 'Stop the job' : 'With the job'}
              </Button>
              <Button look="quiet" onClick={() => setAsked(undefined)}>
                No
              </Button>
            </form>
          )}
          {grade.isError && (
            <p role="alert" className="mt-1.5 text-[13.5px] font-semibold text-vermilion">
              {grade.error.message}
            </p>
          )}
          <PhotoStrip
            job={job}
            photos={point.photos}
            subject={`condition.${point.key}`}
            what="photo of it"
            mayAdd={mayWork}
            height={46}
            className="mt-2"
          />
          {point.earlier.length > 0 && (
            <p className="mt-2 text-[12.5px] text-soft">
              Before:{' '}
              {point.earlier
                .map((g) => `${GRADES.find(([k]) => k === g.grade)?.[1] ?? ''}${g.note && `, ${g.note}`} (${g.by}, ${clock(g.at)})`)
                .join(' · ')}
            </p>
          )}
        </div>
      )}
    </div>
  )
}
