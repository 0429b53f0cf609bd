import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { minutes } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { useResolve, useStopChoices, type StopView } from './useBlockers'

type How = Schemas['Resolve']['how']
type Box = Extract<Schemas['BoxView']['state'], 'AS_NEW' | 'OPENED' | 'DAMAGED'>

const WAYS: [How, string, string][] = [
  ['CLEARED', 'Go on', 'It is cleared: the step may start again.'],
  ['SWAPPED_PARTS', 'Other parts', 'The bill’s next revision names them; the step goes on with those.'],
  ['ADDED_WORK', 'Add work', 'A piece of work of the step library joins this job’s steps.'],
  ['ASKED_CUSTOMER', 'Ask the customer', 'It goes on waiting, for the customer.'],
  ['BACK_TO_RACK', 'Back to the rack', 'The stand is free; the stop waits on.'],
  ['ANOTHER_KIT', 'Another kit', 'This kit is removed and returned; the bike then needs a new match.'],
]

const BOX: Record<Box, string> = {
  AS_NEW: 'it lies in its drawer again, free for the next job.',
  OPENED: 'it lies under a number of its own and is promised to nobody.',
  DAMAGED: 'it leaves the stock, with your words as the reason.',
}

/** What the manager decides about a stop, and what the shop learns from it. */
export function ResolveDialog({ stop, onClose }: { stop: StopView; onClose: () => void }) {
  const resolve = useResolve()
  const choices = useStopChoices(stop.job.number).data
  const ways = WAYS.filter(([h]) => stop.ways.includes(h))
  const [how, setHow] = useState<How>(ways[0]![0])
  const [words, setWords] = useState('')
  const [work, setWork] = useState('')
  const [box, setBox] = useState<Box | ''>('')
  const [learn, setLearn] = useState(false)
  const [check, setCheck] = useState(stop.stop.checkId)
  const [found, setFound] = useState(stop.stop.what)
  const comesOff = (choices?.comeOff.steps ?? 0) > 0
  const hint = WAYS.find(([h]) => h === how)![2]
  const ready =
    words.trim() !== '' &&
    (how !== 'ADDED_WORK' || work !== '') &&
    (how !== 'ANOTHER_KIT' || comesOff || box !== '') &&
    (!learn || check !== '')
  const send = () =>
    resolve.mutate(
      {
        job: stop.job.number,
        id: stop.stop.id,
        body: {
          how,
          words,
          ...(how === 'ADDED_WORK' && { work }),
          ...(how === 'ANOTHER_KIT' && !comesOff && box && { box }),
          ...(learn && { lesson: { checkId: check, found, done: words, minutes: Math.min(9999, stop.minutes) } }),
        },
      },
      { onSuccess: onClose },
    )
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title={`Job ${stop.job.number}: ${stop.stop.what}`}
      hint={`${stop.stop.kindLabel}, at ‘${stop.stop.stepTitle}’. It waits for ${stop.stop.mustActLabel}.`}
    >
      <div role="radiogroup" aria-label="How it ends" className="grid grid-cols-3 gap-2">
        {ways.map(([h, label]) => (
          <button
            key={h}
            type="button"
            role="radio"
            aria-checked={h === how}
            onClick={() => setHow(h)}
            className={cx('min-h-12 border border-ink/60 px-3 font-semibold', h === how ? 'bg-ink text-paper' : 'bg-paper')}
          >
            {label}
          </button>
        ))}
      </div>
      <p className="mt-2 text-[14px] text-soft">
        {hint}{' '}
        {how === 'SWAPPED_PARTS' && (
          <Link to={`/jobs/${stop.job.number}/bill`} className="text-ink underline underline-offset-2">
            To the bill
          </Link>
        )}
      </p>
      <form
        className="mt-3 grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          send()
        }}
      >
        {how === 'ADDED_WORK' && (
          <label className="block text-[14px]">
            Which work
            <select
              value={work}
              onChange={(e) => setWork(e.target.value)}
              className="mt-0.5 h-11 w-full border border-soft/60 bg-paper px-2 text-[15px]"
            >
              <option value="">choose…</option>
              {choices?.work.map((w) => (
                <option key={w.fragment} value={w.fragment} disabled={w.added}>
                  {w.title}
                  {w.added && ' (has it already)'}
                </option>
              ))}
            </select>
          </label>
        )}
        {how === 'ANOTHER_KIT' && comesOff && (
          <p className="border-l-[5px] border-petrol pl-3 text-[14px]">
            <b className="figure">{choices?.comeOff.steps}</b> steps to remove it first, about {minutes(choices?.comeOff.minutes ?? 0)} by
            the book. Then you record the condition of every part; the hours stay on a last bill. {choices?.comeOff.stays.join(' ')}
          </p>
        )}
        {how === 'ANOTHER_KIT' && !comesOff && (
          <fieldset className="text-[14px]">
            <legend>How the box goes back</legend>
            <div className="mt-0.5 grid gap-1">
              {choices?.box.map((b) => (
                <label key={b.state} className={cx('flex min-h-10 items-center gap-2.5', !b.may.allowed && 'text-soft')}>
                  <input
                    type="radio"
                    name="box"
                    checked={box === b.state}
                    disabled={!b.may.allowed}
                    onChange={() => setBox(b.state as Box)}
                    className="size-5 accent-petrol"
                  />
                  <span>
                    <b>{b.label}</b>: {b.may.reason || BOX[b.state as Box]}
                  </span>
                </label>
              ))}
            </div>
          </fieldset>
        )}
        <label className="block text-[14px]">
          {how === 'ASKED_CUSTOMER' ? 'What the customer is asked' : 'What was decided'}
          <textarea
            rows={2}
            maxLength={400}
            autoFocus
            value={words}
            onChange={(e) => setWords(e.target.value)}
            className="mt-0.5 w-full border border-soft/60 bg-paper px-2.5 py-1.5 text-[15px]"
          />
        </label>
        <label className="flex min-h-10 items-center gap-2.5 text-[14px]">
          <input type="checkbox" checked={learn} onChange={(e) => setLearn(e.target.checked)} className="size-5 accent-petrol" />
          Write it down for the next frame of this kind
        </label>
        {learn && (
          <div className="grid grid-cols-[240px_1fr] gap-3">
            <label className="block text-[14px]">
              Its knuckle
              <select
                value={check}
                onChange={(e) => setCheck(e.target.value)}
                className="mt-0.5 h-11 w-full border border-soft/60 bg-paper px-2 text-[15px]"
              >
                <option value="">choose…</option>
                {choices?.findings.map((f) => (
                  <option key={f.checkId} value={f.checkId}>
                    {f.title}
                  </option>
                ))}
              </select>
            </label>
            <label className="block text-[14px]">
              Found
              <input
                value={found}
                maxLength={600}
                onChange={(e) => setFound(e.target.value)}
                className="mt-0.5 h-11 w-full border border-soft/60 bg-paper px-2.5 text-[15px]"
              />
            </label>
          </div>
        )}
        <div className="flex gap-2">
          <Button type="submit" disabled={!ready || resolve.isPending} className="min-h-12">
            {WAYS.find(([h]) => h === how)![1]}
          </Button>
          <Button look="quiet" onClick={onClose} className="min-h-12">
            Not yet
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
