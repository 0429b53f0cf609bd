import { Link } from 'react-router'
import { date } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { MadeFiles } from '../bench/MadeFiles'
import { cx } from '../../ui/cx'
import { useMade, useStandIn, type Line } from './useBill'

const GROUPS: [Line['source'][], string][] = [
  [['TO_ORDER'], 'Waited for'],
  [['TO_MAKE', 'MADE'], 'Made here'],
  [['KIT_BOX', 'FROM_DRAWER'], 'Held for this job'],
  [['NOT_TAKEN'], 'Not taken: brought or done already'],
  [['FROM_KIT'], 'Out of the kit’s box'],
  [['BACK_IN_DRAWER'], 'Back in the drawer'],
  [['CONSENTED'], 'Consented to by the customer'],
  [['WITH_JOB'], 'Done with the job'],
  [['CONSUMABLE'], 'Used up, not counted'],
  [['MOVED_OVER'], 'The customer’s own, moved over'],
  [['HANDED_BACK'], 'Parts handed back'],
]

/** Whose reason is the same for each: they stand in two columns without one. */
const PLAIN: Line['source'][] = ['MOVED_OVER', 'HANDED_BACK']

/**
 * @param heldTitle over what is held, where it is not held yet
 * @param held      whether the bill is in force: what is made can be said to lie there
 * @param onChange  changes a line by hand; absent where nobody may
 */
export function BillLines({
  job,
  lines,
  heldTitle = 'Held for this job',
  held = false,
  onChange,
}: {
  job: number
  lines: Line[]
  heldTitle?: string
  held?: boolean
  onChange?: (line: Line) => void
}) {
  return GROUPS.map(([sources, title]) => {
    const own = lines.filter((l) => sources.includes(l.source))
    if (own.length === 0) return null
    const plain = own.filter((l) => PLAIN.includes(l.source) || (l.source === 'FROM_KIT' && !l.checkId))
    return (
      <Group
        key={title}
        title={sources.includes('KIT_BOX') ? heldTitle : title}
        lines={own.filter((l) => !plain.includes(l))}
        plain={plain}
        job={job}
        held={held}
        onChange={onChange}
      />
    )
  })
}

function Group({
  title,
  lines,
  plain,
  job,
  held,
  onChange,
}: {
  title: string
  lines: Line[]
  plain: Line[]
  job: number
  held: boolean
  onChange?: (line: Line) => void
}) {
  return (
    <section className="mt-3">
      <h3 className="border-b-2 border-ink pb-0.5 text-[14.5px]">{title}</h3>
      <table className="w-full text-[13.5px]">
        <tbody>
          {lines.map((l) => (
            <tr key={l.ordinal} className="border-b border-line align-baseline" data-source={l.source}>
              <td className="figure w-10 py-1 pr-3 text-right font-semibold">{l.source === 'CONSENTED' ? '' : l.count}</td>
              <td className="w-[32%] py-1 pr-3 font-semibold">
                {l.name}
                {l.partNumber && <span className="figure ml-1.5 text-[12px] font-normal text-soft">{l.partNumber}</span>}
              </td>
              <td className="figure w-[104px] py-1 pr-3 text-[12.5px]">
                {l.source === 'TO_ORDER' ? <Due line={l} /> : l.source === 'TO_MAKE' ? <b>to make</b> : l.place}
              </td>
              <td className="py-1 pr-3 text-soft">
                {l.checkId ? (
                  <Link className="underline decoration-line underline-offset-2 hover:text-ink" to={`/jobs/${job}/hinge`} title={l.reason}>
                    <span className={l.source === 'CONSENTED' ? '' : 'line-clamp-2 print:line-clamp-none'}>{l.reason}</span>
                  </Link>
                ) : (
                  l.reason
                )}
                {l.made && (
                  <span className="block text-[12.5px] text-ink">
                    {l.made.said} <MadeFiles kind={l.made.kind} measures={l.made.measures} job={job} />
                  </span>
                )}
                {l.agreed && <span className="block text-[12.5px] text-ink">Consented: {l.agreed}</span>}
                <StandIns job={job} line={l} />
              </td>
              <td className="w-[76px] py-1 text-right text-[12.5px]">
                {l.usedAt ? '✓ used' : l.onTray ? 'on the tray' : ''}
                {held && <Made job={job} line={l} />}
              </td>
              <td className="figure w-[66px] py-1 pl-2 text-right">{l.sum}</td>
              {onChange && (
                <td className="w-[34px] py-0 text-right print:hidden">
                  <Change line={l} onChange={onChange} />
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {plain.length > 0 && (
        <ul className="grid grid-cols-2 gap-x-8 text-[13.5px]">
          {plain.map((l) => (
            <li key={l.ordinal} className="flex border-b border-line py-1" data-source={l.source}>
              <span className="figure w-10 pr-3 text-right font-semibold">{l.count}</span>
              <span className="flex-1">{l.name}</span>
              <span className="text-[12.5px]">{l.usedAt ? '✓ used' : ''}</span>
              {onChange && (
                <span className="w-[34px] text-right print:hidden">
                  <Change line={l} onChange={onChange} />
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

/** The manager's hand on a line. */
function Change({ line, onChange }: { line: Line; onChange: (line: Line) => void }) {
  if (line.changes.length === 0) return null
  return (
    <button
      type="button"
      aria-label={`Change ${line.name}`}
      title="Change it by hand"
      onClick={() => onChange(line)}
      className="min-h-6 min-w-6 px-1 text-[15px] leading-none text-soft hover:bg-ink/10 hover:text-ink"
    >
      ✎
    </button>
  )
}

/** When a line that is waited for is there, and by what. */
function Due({ line }: { line: Line }) {
  if (line.unnumbered) return <b className="text-vermilion">no part named</b>
  if (!line.due) return 'to order'
  return (
    <>
      <b>{date(line.due.on)}</b>
      <span className="block text-[11.5px] text-soft">{line.due.ground === 'ON_ORDER' ? `order ${line.due.order}` : 'if ordered now'}</span>
    </>
  )
}

/** Whether a part that is made here lies there, and by whose word. */
function Made({ job, line }: { job: number; line: Line }) {
  const may = useMay()
  const toast = useToast()
  const made = useMade(job)
  if (!line.made || line.usedAt) return null
  const there = line.source === 'MADE'
  return (
    <>
      {there && <span className="block">made, {line.madeBy}</span>}
      {may('PICK') && (
        <button
          type="button"
          aria-label={there ? `Not made yet: ${line.name}` : `Made and measured: ${line.name}`}
          disabled={made.isPending}
          onClick={() =>
            made.mutate(
              { ordinal: line.ordinal, there: !there },
              { onSuccess: () => toast.done(there ? `${line.name} is still to be made.` : `${line.name} lies there.`) },
            )
          }
          className={cx('min-h-8 underline underline-offset-2 print:hidden', !there && 'font-semibold')}
        >
          {there ? 'Not made yet' : 'Made and measured'}
        </button>
      )}
    </>
  )
}

/** What may go on instead of a short part, by its sheet. */
function StandIns({ job, line }: { job: number; line: Line }) {
  const may = useMay()
  const toast = useToast()
  const take = useStandIn(job)
  if (line.standIns.length === 0 || line.usedAt) return null
  return line.standIns.map((s) => (
    <span key={s.number} className="mt-1 flex items-center gap-2 text-[13px] text-ink">
      <b>Instead:</b> {s.name}, {s.when} <span className="figure text-soft">{s.free} free</span>
      {may('MAKE_BILL') && (
        <Button
          look="quiet"
          className="min-h-7 px-2 py-0 text-[12.5px]"
          disabled={take.isPending}
          onClick={() =>
            take.mutate(
              { ordinal: line.ordinal, part: s.number },
              { onSuccess: () => toast.done(`${s.name} goes on instead: the bill has a new revision.`) },
            )
          }
        >
          Take it
        </Button>
      )}
    </span>
  ))
}
