import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { useToast } from '../../ui/toastContext'
import { AgreementFields, given, nobodyYet } from './Agreement'
import { useMay } from '../session/useSession'
import { useRevise } from './useBill'

/** What would be other if the bill were made now: the agreed one stays until the manager makes the next. */
export function Proposal({
  job,
  proposal,
  total,
}: {
  job: Schemas['JobCard']
  proposal: Schemas['ProposalView']
  total: string | undefined
}) {
  const may = useMay()
  const [asking, setAsking] = useState(false)
  if (proposal.impossible) {
    return (
      <p role="status" className="mt-3 border-l-[6px] border-vermilion bg-vermilion-pale px-4 py-2">
        <b>Since this was agreed on, something changed: {proposal.impossible.replace(/\.$/, '')}.</b> The bill stays as it is; look at the
        hinge before anybody goes on.
      </p>
    )
  }
  return (
    <section
      aria-label={`Revision ${proposal.revision}, proposed`}
      className="mt-3 border-l-[6px] border-paint bg-paint-pale px-4 pt-2 pb-3 print:hidden"
    >
      <h3 className="text-[15px]">Since this was agreed on, something changed. Revision {proposal.revision} would say:</h3>
      <Changes changes={proposal.changes} />
      {may('MAKE_BILL') && (
        <Button className="mt-2" onClick={() => setAsking(true)}>
          Make revision {proposal.revision}
        </Button>
      )}
      {asking && <Make job={job} proposal={proposal} total={total} onClose={() => setAsking(false)} />}
    </section>
  )
}

export function Changes({ changes }: { changes: Schemas['ChangeView'][] }) {
  return (
    <ul className="mt-1 text-[13.5px]">
      {changes.map((c, i) => (
        <li key={i} title={c.reason} className="flex gap-2">
          <span aria-hidden="true" className="figure w-4 shrink-0 text-center font-bold">
            {{ ADDED: '+', DROPPED: '−', INSTEAD: '⇄', COUNT: '±', CONSENT: '!' }[c.kind]}
          </span>
          {c.text}
        </li>
      ))}
    </ul>
  )
}

function Make({
  job,
  proposal,
  total,
  onClose,
}: {
  job: Schemas['JobCard']
  proposal: Schemas['ProposalView']
  total: string | undefined
  onClose: () => void
}) {
  const toast = useToast()
  const [reason, setReason] = useState('')
  const [agreement, setAgreement] = useState(nobodyYet(job.customer))
  const [agreed, setAgreed] = useState<Record<string, boolean>>({})
  const revise = useRevise(job.number)
  const consents = proposal.changes.filter((c) => c.kind === 'CONSENT')
  const open = consents.some((c) => !agreed[c.checkId])
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title={`Revision ${proposal.revision}`}
      hint={`What is mounted and unchanged stays; parts and steps follow. It costs ${proposal.total}${total ? ` instead of ${total}` : ''}.`}
    >
      <Changes changes={proposal.changes} />
      {consents.map((c) => (
        <label
          key={c.checkId}
          className="mt-2 flex min-h-10 cursor-pointer items-center gap-2.5 border border-ink/60 bg-paper/60 px-3 py-1.5 text-[13.5px]"
        >
          <input
            type="checkbox"
            className="size-4 accent-petrol"
            checked={agreed[c.checkId] ?? false}
            onChange={(e) => setAgreed({ ...agreed, [c.checkId]: e.target.checked })}
          />
          <span>
            {c.reason} <b>Agreed, I sign off.</b>
          </span>
        </label>
      ))}
      {consents.length > 0 && <AgreementFields value={agreement} onChange={setAgreement} />}
      <form
        className="mt-3 flex items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          revise.mutate(
            {
              stamp: proposal.stamp,
              consented: consents.map((c) => c.checkId),
              waits: true,
              agreement: consents.length > 0 ? given(agreement) : undefined,
              reason,
            },
            {
              onSuccess: () => {
                onClose()
                toast.done(`Revision ${proposal.revision} is made; parts and steps follow it.`)
              },
            },
          )
        }}
      >
        <Field
          label="Why"
          hint="stands on the paper"
          maxLength={300}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
          className="flex-1"
          autoFocus
        />
        <Button type="submit" disabled={reason.trim() === '' || open || (consents.length > 0 && !given(agreement)) || revise.isPending}>
          Make revision {proposal.revision}
        </Button>
      </form>
    </Dialog>
  )
}
