import { useState } from 'react'
import { Link } from 'react-router'
import { MadeFiles } from '../bench/MadeFiles'
import { PhotoStrip } from '../photo/PhotoStrip'
import type { PhotoCard } from '../photo/usePhotos'
import { useMay } from '../session/useSession'
import { useSheet } from '../survey/useSheet'
import { asSentence, clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useOverride, useRemoveNote, useTakeBack, useWriteNote, type Check, type Match } from './useMatch'

/** What people add to a check: fit notes of frames like this, a maker's approval, a manager's word. */
export function InTheKnuckle({ match, check }: { match: Match; check: Check }) {
  const may = useMay()
  const sheet = useSheet(match.job.number)
  const notes = match.notes.filter((n) => n.checkId === check.checkId)
  const word = match.words.find((w) => w.checkId === check.checkId)
  const [writing, setWriting] = useState<'note' | 'word'>()
  const remove = useRemoveNote(match.job.number, match.kitCode)
  const takeBack = useTakeBack(match.job.number, match.kitCode)
  const open = match.job.kitCode === undefined
  return (
    <div className="col-span-2 border-t border-paint/60 pt-2 text-[13.5px]">
      {notes.map((n) => (
        <p key={n.id} className="mb-1.5 flex items-baseline gap-3">
          <b className="tag px-2.5 py-0.5 text-[12.5px]">fit note</b>
          <span className="flex-1">
            {asSentence(n.found)}
            {n.done && <> Done: {n.done}</>}
            {n.minutes > 0 && <span className="figure"> +{n.minutes} min</span>}
            <span className="text-[12.5px] text-soft">
              {' '}
              {n.by}, {clock(n.at)}, {n.here ? 'on this job' : `on job ${n.job}`}; about {n.about}
            </span>
          </span>
          {may('FIT_NOTE') && (
            <button type="button" onClick={() => remove.mutate(n.id)} className="min-h-8 px-2 text-[12.5px] underline underline-offset-2">
              Strike out
            </button>
          )}
        </p>
      ))}
      {word && (
        <p className="mb-1.5 flex items-baseline gap-3">
          <b className="bg-ink px-2 py-0.5 text-[12.5px] text-paper">overridden</b>
          <span className="flex-1">
            {word.by}: {word.reason}
          </span>
          {may('OVERRIDE') && open && (
            <button
              type="button"
              onClick={() => takeBack.mutate(check.checkId)}
              className="min-h-8 px-2 text-[12.5px] underline underline-offset-2"
            >
              Take it back
            </button>
          )}
        </p>
      )}
      <AtTheBench job={match.job.number} check={check} />
      {check.approvable && (
        <Approval
          match={match}
          check={check}
          photos={(sheet.data?.photos ?? []).filter((p) => p.subject === `approval.${check.checkId}`)}
          mayFile={may('FILE_APPROVAL')}
        />
      )}
      {writing === undefined && (
        <div className="no-print flex gap-2">
          {may('FIT_NOTE') && (
            <Button look="quiet" className="min-h-9 py-1" onClick={() => setWriting('note')}>
              Write a fit note
            </Button>
          )}
          {may('OVERRIDE') && open && check.verdict === 'NO_FIT' && check.overridable && (
            <Button look="quiet" className="min-h-9 py-1" onClick={() => setWriting('word')}>
              Override this
            </Button>
          )}
        </div>
      )}
      {writing === 'note' && <NoteForm match={match} check={check} onDone={() => setWriting(undefined)} />}
      {writing === 'word' && <WordForm match={match} check={check} onDone={() => setWriting(undefined)} />}
    </div>
  )
}

/** What is made for it, and the sheet that helps to hold it up, to drill or to bend. */
function AtTheBench({ job, check }: { job: number; check: Check }) {
  const made = check.remedies.filter((r) => r.part?.making)
  if (made.length === 0 && !check.sheet) return null
  return (
    <div className="no-print mb-1.5">
      {made.map((r) => (
        <p key={r.place} className="flex flex-wrap items-baseline gap-x-3">
          {r.text} <MadeFiles kind={r.part!.making!.kind} measures={r.part!.making!.measures} job={job} />
        </p>
      ))}
      {check.sheet && (
        <Link
          className="inline-flex min-h-8 items-center underline underline-offset-2"
          to={`/bench?tool=sheet&kind=${check.sheet.kind}&job=${job}`}
        >
          Sheet at true size: {check.sheet.label}
        </Link>
      )}
    </div>
  )
}

/** A maker's leave for what their part is not made for: named, dated and bounded before its picture counts. */
function Approval({ match, check, photos, mayFile }: { match: Match; check: Check; photos: PhotoCard[]; mayFile: boolean }) {
  const [paper, setPaper] = useState('')
  const [dated, setDated] = useState('')
  const [limit, setLimit] = useState('')
  const whole = paper.trim() !== '' && dated !== '' && limit.trim() !== ''
  return (
    <div className="mb-2">
      {mayFile && photos.every((p) => p.struck) && (
        <div className="no-print mb-2 grid grid-cols-[1fr_150px_1fr] gap-3">
          <Field label="Maker’s paper" hint="name or number" maxLength={80} value={paper} onChange={(e) => setPaper(e.target.value)} />
          <Field label="Dated" type="date" value={dated} onChange={(e) => setDated(e.target.value)} />
          <Field label="It allows" hint="and up to what" maxLength={90} value={limit} onChange={(e) => setLimit(e.target.value)} />
        </div>
      )}
      <PhotoStrip
        job={match.job.number}
        photos={photos}
        subject={`approval.${check.checkId}`}
        what="the maker’s written approval"
        mayAdd={mayFile && whole}
        said={{ paper, dated, limit }}
        height={40}
      />
      {mayFile && !whole && photos.every((p) => p.struck) && (
        <p className="text-[12.5px] text-soft">Name the paper, its date and its limit, then add its picture.</p>
      )}
    </div>
  )
}

function NoteForm({ match, check, onDone }: { match: Match; check: Check; onDone: () => void }) {
  const [found, setFound] = useState('')
  const [done, setDone] = useState('')
  const [took, setTook] = useState('')
  const [scope, setScope] = useState<'KIT' | 'FAMILY' | 'FRAME'>('KIT')
  const write = useWriteNote(match.job.number, match.kitCode)
  return (
    <form
      className="grid grid-cols-[1fr_1fr_92px_150px_auto] items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        write.mutate({ checkId: check.checkId, found, done, minutes: Number(took || 0), scope }, { onSuccess: onDone })
      }}
    >
      <Field
        label="Found"
        hint={`on ${match.job.bike}`}
        value={found}
        maxLength={600}
        onChange={(e) => setFound(e.target.value)}
        autoFocus
      />
      <Field label="Done about it" value={done} maxLength={600} onChange={(e) => setDone(e.target.value)} />
      <Field label="Took, min" inputMode="numeric" value={took} onChange={(e) => setTook(e.target.value.replace(/\D/g, '').slice(0, 3))} />
      <label className="label block text-[14px]">
        About such frames and
        <select
          value={scope}
          onChange={(e) => setScope(e.target.value as typeof scope)}
          className="mt-0.5 h-10 w-full border border-soft/60 bg-paper px-2 text-[15px] font-normal"
        >
          <option value="KIT">this kit</option>
          <option value="FAMILY">kits of its kind</option>
          <option value="FRAME">any kit</option>
        </select>
      </label>
      <span className="flex gap-2">
        <Button type="submit" disabled={found.trim() === '' || write.isPending}>
          Keep
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave
        </Button>
      </span>
    </form>
  )
}

function WordForm({ match, check, onDone }: { match: Match; check: Check; onDone: () => void }) {
  const [reason, setReason] = useState('')
  const say = useOverride(match.job.number, match.kitCode)
  return (
    <form
      className="grid grid-cols-[1fr_auto] items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        say.mutate({ checkId: check.checkId, reason }, { onSuccess: onDone })
      }}
    >
      <Field
        label="Why it is fitted all the same"
        hint="prints on every paper, with your name; the customer consents to it"
        value={reason}
        maxLength={400}
        onChange={(e) => setReason(e.target.value)}
        autoFocus
      />
      <span className="flex gap-2">
        <Button look="danger" type="submit" disabled={reason.trim() === '' || say.isPending}>
          Override
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave
        </Button>
      </span>
    </form>
  )
}
