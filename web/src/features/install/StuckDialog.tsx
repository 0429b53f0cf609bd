import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api, type Schemas } from '../../api/client'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { TakePicture } from '../photo/TakePicture'

type Kind = Schemas['KindView']['kind']

/** Offline the usual kinds are still there; who must act is the server's to say. */
const KINDS: [Kind, string][] = [
  ['DOES_NOT_FIT', 'Does not fit'],
  ['PART_MISSING', 'A part is missing'],
  ['PART_DAMAGED', 'A part is damaged'],
  ['WRONG_PART', 'Wrong part'],
  ['TOOL_MISSING', 'A tool is missing'],
  ['TEST_FAILED', 'A test failed'],
  ['CUSTOMER_DECIDES', 'The customer must decide'],
  ['UNSAFE', 'Unsafe'],
  ['OTHER', 'Something else'],
]

export interface StuckWords {
  reason: string
  kind: Kind
  part?: string
  checkId?: string
  photo?: number
}

/** What stops it? A kind at a touch, what it is about, a picture, the rest in words. */
export function StuckDialog({
  job,
  open,
  onClose,
  onStuck,
}: {
  job: number
  open: boolean
  onClose: () => void
  onStuck: (words: StuckWords) => void
}) {
  const [kind, setKind] = useState<Kind>()
  const [reason, setReason] = useState('')
  const [about, setAbout] = useState('')
  const [photo, setPhoto] = useState<number>()
  const choices = useQuery({
    queryKey: ['stop-choices', job],
    queryFn: () => answered(api.GET('/api/jobs/{number}/blockers/choices', { params: { path: { number: job } } })),
    enabled: open,
    networkMode: 'always',
    retry: false,
  }).data
  const mustAct = choices?.kinds.find((k) => k.kind === kind)?.mustAct
  const send = () => {
    if (!kind) return
    const [what, id] = [about.slice(0, 2), about.slice(2)]
    onStuck({ reason, kind, photo, ...(what === 'p:' && { part: id }), ...(what === 'f:' && { checkId: id }) })
  }
  return (
    <Dialog open={open} onClose={onClose} title="What stops it?" hint="The manager sees it at once. What is done stays done.">
      <div className="grid grid-cols-2 gap-2">
        {KINDS.map(([k, label]) => (
          <button
            key={k}
            type="button"
            aria-pressed={k === kind}
            onClick={() => setKind(k)}
            className={cx(
              'min-h-12 border border-ink/60 px-3 text-left font-semibold',
              k === kind ? 'bg-ink text-paper' : k === 'UNSAFE' ? 'bg-paper text-vermilion' : 'bg-paper',
            )}
          >
            {label}
          </button>
        ))}
      </div>
      <form
        className="mt-3 grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          send()
        }}
      >
        <Field label="In words" value={reason} onChange={(e) => setReason(e.target.value)} maxLength={400} />
        {choices && (
          <label className="block text-[14px]">
            About a part or a finding
            <select
              value={about}
              onChange={(e) => setAbout(e.target.value)}
              className="mt-0.5 h-11 w-full border border-soft/60 bg-paper px-2 text-[15px]"
            >
              <option value="">nothing of the list</option>
              <optgroup label="parts of the bill">
                {choices.parts.map((p) => (
                  <option key={p} value={`p:${p}`}>
                    {p}
                  </option>
                ))}
              </optgroup>
              <optgroup label="findings of the match">
                {choices.findings.map((f) => (
                  <option key={f.checkId} value={`f:${f.checkId}`}>
                    {f.title}
                  </option>
                ))}
              </optgroup>
            </select>
          </label>
        )}
        <div className="flex items-center gap-3 text-[14px]">
          <TakePicture job={job} subject="stuck" caption={reason} taken={photo !== undefined} onTaken={setPhoto} />
          {mustAct && (
            <span className="text-soft">
              Waits for <b className="text-ink">{mustAct}</b>.
            </span>
          )}
        </div>
        <div className="flex gap-2">
          <Button type="submit" look="danger" disabled={!kind || reason.trim() === ''} className="min-h-12">
            Mark it stuck
          </Button>
          <Button look="quiet" onClick={onClose} className="min-h-12">
            Not stuck
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
