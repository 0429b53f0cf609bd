import type { Schemas } from '../../api/client'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { useSeen } from './useBill'

/** What happened to this job behind its back: another got what it was promised. */
export function Notices({ job, notices }: { job: number; notices: Schemas['Notice'][] }) {
  const seen = useSeen(job)
  return notices.map((n) => (
    <div
      key={n.id}
      role="status"
      className="mx-6 mt-3 flex items-center gap-4 border-l-[6px] border-vermilion bg-paper px-4 py-2 print:hidden"
    >
      <p className="flex-1">
        <b>{n.said}</b>{' '}
        <span className="text-[13px] text-soft">
          {n.by}, {clock(n.at)}
        </span>
      </p>
      <Button look="quiet" className="min-h-9" disabled={seen.isPending} onClick={() => seen.mutate(n.id)}>
        Read
      </Button>
    </div>
  ))
}
