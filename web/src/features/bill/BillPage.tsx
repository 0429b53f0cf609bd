import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { JobHead } from '../../app/JobHead'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { useJobNumber } from '../survey/useSheet'

type Line = Schemas['Line']

const GROUPS: [Line['source'][], string][] = [
  [['KIT_BOX', 'FROM_DRAWER'], 'Held for this job'],
  [['TO_ORDER'], 'To order or make'],
  [['NOT_TAKEN'], 'Not taken: brought or done already'],
  [['FROM_KIT'], 'Out of the kit’s box'],
  [['BACK_IN_DRAWER'], 'Back in the drawer'],
  [['CONSENTED'], 'Consented to by the customer'],
  [['WITH_JOB'], 'Done with the job'],
  [['HANDED_BACK'], 'Parts handed back'],
]

export function BillPage() {
  const job = useJobNumber()
  const query = useQuery({ queryKey: ['bill', job], queryFn: () => answered(api.GET('/api/jobs/{number}/bill', { params: { path: { number: job } } })) })
  return (
    <Loaded query={query} what={`The bill of job ${job}`}>
      {(answer) => (
        <>
          <JobHead job={answer.job}>
            <span />
          </JobHead>
          {answer.bill ? <Sheet job={answer.job} bill={answer.bill} /> : <NoBill job={answer.job.number} />}
        </>
      )}
    </Loaded>
  )
}

function NoBill({ job }: { job: number }) {
  return (
    <div className="m-6 max-w-xl bg-paper p-6">
      <h2 className="text-[20px]">There is no bill yet</h2>
      <p className="mt-1 mb-4 text-soft">A bill is made from a match: it lists what the chosen kit brings, what the bike asks for beside it, and holds the parts for this job.</p>
      <Link to={`/jobs/${job}/hinge`}>
        <Button tabIndex={-1} hotkey="2">
          Match a kit
        </Button>
      </Link>
    </div>
  )
}

function Sheet({ job, bill }: { job: Schemas['JobCard']; bill: Schemas['BillView'] }) {
  const may = useMay()
  const toast = useToast()
  const navigate = useNavigate()
  const [asking, setAsking] = useState(false)
  const [reason, setReason] = useState('')
  const withdraw = useCommand(() => answered(api.DELETE('/api/jobs/{number}/bill', { params: { path: { number: job.number } }, body: { reason } })), {
    answers: () => ['bill', job.number],
  })
  const short = bill.lines.filter((l) => l.source === 'TO_ORDER')
  const inDrawers = bill.lines.filter((l) => (l.source === 'KIT_BOX' || l.source === 'FROM_DRAWER') && !l.onTray && !l.usedAt)
  const pick = useCommand(() => answered(api.POST('/api/jobs/{number}/bill/picks', { params: { path: { number: job.number } }, body: { parts: [] } })), { answers: () => ['bill', job.number] })
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_290px] gap-5 px-6 pt-3 pb-6 print:block">
      <div className="bg-paper px-5 pt-3 pb-4">
        <h2 className="flex items-baseline gap-3 text-[19px]">
          Bill of materials, revision {bill.revision}
          <span className="text-[13px] font-normal text-soft [font-stretch:100%]">
            {bill.kitName} · {bill.madeBy}, {clock(bill.madeAt)}
          </span>
        </h2>
        {GROUPS.map(([sources, title]) => {
          const lines = bill.lines.filter((l) => sources.includes(l.source))
          if (lines.length === 0) return null
          const [plain, asked] = [lines.filter((l) => l.source === 'FROM_KIT' && !l.checkId), lines.filter((l) => l.source !== 'FROM_KIT' || l.checkId)]
          return <Group key={title} title={title} lines={asked} plain={plain} job={job.number} />
        })}
      </div>
      <aside className="sheet self-start px-6 pt-4 pb-5 print:hidden" aria-label="Next">
        <h2 className="text-[18px]">Next</h2>
        {short.length > 0 && (
          <p className="mt-2 border-l-[5px] border-petrol pl-3 text-[13.5px] font-semibold text-petrol">
            {short.length === 1 ? 'One part is' : `${short.length} parts are`} still to order: the step that mounts it waits.
          </p>
        )}
        <p className="mt-2 text-[14px]">
          <span className="figure font-semibold">{bill.stepsPlanned}</span> steps are planned from this bill. {job.place === 'STAND' || job.place === 'STRIP' ? '' : 'Put the bike on a stand to begin.'}
        </p>
        <Button className="mt-3 w-full" onClick={() => void navigate(`/stand/${job.number}`)}>
          Open the steps
        </Button>
        {(may.work || may.keepStock) && inDrawers.length > 0 && (
          <Button look="quiet" className="mt-2 w-full" disabled={pick.isPending} onClick={() => pick.mutate(undefined, { onSuccess: () => toast.done(`${inDrawers.length} lines lie on the tray of job ${job.number}.`) })}>
            Lay {inDrawers.length} {inDrawers.length === 1 ? 'line' : 'lines'} on the tray
          </Button>
        )}
        <Button look="quiet" className="mt-2 w-full" onClick={() => window.print()}>
          Print
        </Button>
        {may.manage && !bill.begun && (
          <Button look="quiet" className="mt-2 w-full" onClick={() => setAsking(true)}>
            Take the bill back
          </Button>
        )}
        <p className="mt-4 text-[12.5px] text-[#5f5535]">Lithium battery: out and off for all work unless a step says in. Structural changes only where the frame maker allows.</p>
      </aside>
      <Dialog open={asking} onClose={() => setAsking(false)} title="Take the bill back" hint="Its parts are free again and its steps are dropped. The reason is kept.">
        <form
          onSubmit={(e) => {
            e.preventDefault()
            withdraw.mutate(undefined, {
              onSuccess: () => {
                setAsking(false)
                toast.done('The bill is taken back, its parts are free.')
              },
            })
          }}
        >
          <Field label="Reason" value={reason} onChange={(e) => setReason(e.target.value)} autoFocus />
          <div className="mt-4 flex gap-2">
            <Button type="submit" disabled={reason.trim() === ''}>
              Take it back
            </Button>
            <Button look="quiet" onClick={() => setAsking(false)}>
              Leave it
            </Button>
          </div>
        </form>
      </Dialog>
    </div>
  )
}

/** Lines with their reasons; what merely lies in the box stands in two columns without one. */
function Group({ title, lines, plain, job }: { title: string; lines: Line[]; plain: Line[]; job: number }) {
  return (
    <section className="mt-3">
      <h3 className="border-b-2 border-ink pb-0.5 text-[14.5px]">{title}</h3>
      <table className="w-full text-[13.5px]">
        <tbody>
          {lines.map((l, i) => (
            <tr key={i} className="border-b border-line align-baseline" data-source={l.source}>
              <td className="figure w-10 py-1 pr-3 text-right font-semibold">{l.source === 'CONSENTED' ? '' : l.count}</td>
              <td className="w-[34%] py-1 pr-3 font-semibold">{l.name}</td>
              <td className="figure w-[90px] py-1 pr-3 text-[12.5px]">{l.source === 'TO_ORDER' ? 'to order' : l.place}</td>
              <td className="py-1 pr-3 text-soft">
                {l.checkId ? (
                  <Link className="underline decoration-line underline-offset-2 hover:text-ink" to={`/jobs/${job}/hinge`} title={l.reason}>
                    <span className={l.source === 'CONSENTED' ? '' : 'line-clamp-2 print:line-clamp-none'}>{l.reason}</span>
                  </Link>
                ) : (
                  l.reason
                )}
              </td>
              <td className="w-[84px] py-1 text-right text-[12.5px]">{l.usedAt ? '✓ used' : l.onTray ? 'on the tray' : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {plain.length > 0 && (
        <ul className="grid grid-cols-2 gap-x-8 text-[13.5px]">
          {plain.map((l, i) => (
            <li key={i} className="flex border-b border-line py-1" data-source={l.source}>
              <span className="figure w-10 pr-3 text-right font-semibold">{l.count}</span>
              <span className="flex-1">{l.name}</span>
              <span className="text-[12.5px]">{l.usedAt ? '✓ used' : ''}</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
